import type { FactOf, FactTable, Warned } from '../facts/fact';

const DUSTS = ['edible', 'not edible', 'unknown'] as const;

/** What Place says: where something not made for food would touch what is eaten, or a stem is not held. */
export const PLACE_WARNINGS = {
  'place.head-in-cake': { piece: 'piece', deepMm: 'mm' },
  'place.sprig-in-icing': { piece: 'piece', deepMm: 'mm' },
  'place.head-on-icing': {
    piece: 'piece',
    material: ['real-plant', 'stamens', 'paste', 'dust-unknown', 'dust-not-edible'],
    canLift: 'yes',
  },
  'place.no-room-for-both': { pieces: 'pieces', pressMm: 'mm' },
  'place.stem-through-head': { piece: 'piece', head: 'piece', deepMm: 'mm' },
  'place.underlaid': { piece: 'piece' },
  'place.wire-glued': { pieces: 'pieces' },
  'place.stem-on-icing': { piece: 'piece' },
  'place.barrier-unsuited': { barrier: 'barrier' },
  'place.separator': {},
  'place.stem-thick': { bundleMm: 'mmTenths' },
  'place.not-held': { massGrams: 'grams' },
  'place.foam-thin': { pieces: 'pieces', foamMm: 'mm', wantMm: 'mm' },
  'place.foam-crowded': { entry: 'entry', wallMm: 'mm' },
  'place.neighbours-close': { barrier: 'barrier', entry: 'entry', wallMm: 'mm' },
  'place.many-holes': { entry: 'entry', barriers: 'count', share: 'share' },
  'place.eaten-with-dust': { line: 'line', dust: DUSTS },
  'place.rims-seen': { entries: 'entries', count: 'count', sides: 'sides' },
  'place.in-together': { entries: 'entries' },
  'place.tubes-to-plug': { count: 'count' },
  'place.no-barrier': { pieces: 'pieces' },
  'place.through-icing': { pieces: 'pieces' },
  'place.allergens-not-stated': { cake: 'yes', flowers: 'yes' },
  'place.toothpicks': { count: 'count', entry: 'entry' },
} as const satisfies FactTable;

/** Why an entry is as it is. */
export const ENTRY_FACTS = {
  'entry.in-bore': { barrier: 'barrier', stemMm: 'mmTenths', boreMm: 'mmTenths', insideMm: 'mm', cakeMm: 'mm' },
  'entry.coated': { barrier: 'barrier', stemMm: 'mmTenths', insideMm: 'mm', cakeMm: 'mm' },
  'entry.foam': {},
} as const satisfies FactTable;
export type EntryReason = FactOf<typeof ENTRY_FACTS>;

/** Why a barrier, or doing without one, will not do for a stem. */
export const UNSUITED_FACTS = {
  'unsuited.thick': { stemMm: 'mmTenths' },
  'unsuited.bore': { stemMm: 'mmTenths', boreMm: 'mmTenths' },
  'unsuited.weight': { mostGrams: 'grams', massGrams: 'grams' },
  'unsuited.depth': {},
  'unsuited.reach': { reachMm: 'mm' },
  'unsuited.length': { stockMm: 'mm' },
  'unsuited.hold': {},
  'unsuited.dowel': {},
  'unwired.spray': {},
  'unwired.own-wires': {},
  'unwired.heavy': { massGrams: 'grams', mostGrams: 'grams', where: ['top', 'side'] },
} as const satisfies FactTable;
export type WhyNotFact = FactOf<typeof UNSUITED_FACTS>;

export type PlaceWarning = Warned<typeof PLACE_WARNINGS>;
