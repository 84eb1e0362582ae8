import type { FactOf, FactTable } from '../facts/fact';

const STANDING = ['posy', 'cluster', 'plaque', 'pick'] as const;

/** What a line asks for that its cake does not allow. It is drawn as far as it goes. */
export const COMPOSE_WARNINGS = {
  'compose.line-lost': { line: 'line' },
  'compose.trail-long': { trailMm: 'mm' },
  'compose.cascade-long': { lengthMm: 'mm', roomMm: 'mm' },
  'compose.spray-high': { spanMm: 'mm', sideMm: 'mm' },
  'compose.swags-low': { hangMm: 'mm' },
  'compose.strewn-low': { downMm: 'mm' },
  'compose.strewn-in': { inMm: 'mm', roomMm: 'mm' },
  'compose.ring-under-tier': {},
  'compose.half-width': { widthMm: 'mm' },
  'compose.under-next-tier': { form: STANDING },
  'compose.near-edge': { form: STANDING },
  'compose.head-wider-than-tier': { piece: 'piece', widthMm: 'mm', tierMm: 'mm' },
  'compose.overfull': { times: 'ratio' },
} as const satisfies FactTable;
export type LineLimit = FactOf<Omit<typeof COMPOSE_WARNINGS, 'compose.line-lost'>>;

/** Why a reading stands where it does. */
export const READING_FACTS = {
  'reading.nothing-placed': {},
  'reading.no-flower': {},
  'reading.buildable.stopped': { first: 'fact' },
  'reading.buildable.level': {},
  'reading.colour.one': {},
  'reading.colour.lumps': { share: 'share' },
  'reading.colour.leads': { colour: 'colour', share: 'share' },
  'reading.colour.level': {},
  'reading.counts.even': { pieces: 'pieces' },
  'reading.counts.level': {},
  'reading.counts.glued': {},
  'reading.cover.level': { share: 'share' },
  'reading.cover.open': { holeMm: 'mm', share: 'share' },
  'reading.crowding.lettering': { piece: 'piece', hidesMm: 'mm' },
  'reading.crowding.press': { first: 'piece', second: 'piece', overlapMm: 'mm' },
  'reading.crowding.in-cake': { piece: 'piece', deepMm: 'mm' },
  'reading.crowding.level': {},
  'reading.facing.alike': { count: 'count', piece: 'piece' },
  'reading.facing.level': {},
  'reading.flow.no-leaf': {},
  'reading.flow.against': { against: 'count', leaves: 'count' },
  'reading.flow.alone': { piece: 'piece' },
  'reading.flow.tip': {},
  'reading.flow.level': {},
  'reading.focal.none': {},
  'reading.focal.away': {},
  'reading.focal.hidden': { species: 'species', share: 'share' },
  'reading.focal.rival': {},
  'reading.focal.level': { count: 'count' },
  'reading.focal.even': {},
  'reading.grading.tip': { species: 'species', widthMm: 'mm' },
  'reading.grading.level': {},
  'reading.hidden.glued': {},
  'reading.hidden.seen': { piece: 'piece', more: 'count' },
  'reading.hidden.level': {},
  'reading.rhythm.huddled': {},
  'reading.rhythm.lone': { piece: 'piece', apartMm: 'mm' },
  'reading.rhythm.level': {},
  'reading.scale.of-role': { species: 'species', widthMm: 'mm', times: 'ratio' },
  'reading.scale.of-tier': { species: 'species', widthMm: 'mm', tierMm: 'mm', large: 'yes' },
  'reading.scale.level': {},
  'reading.weight.off-middle': { offMm: 'mm' },
  'reading.weight.one-side': {},
  'reading.weight.one-end': { offMm: 'mm' },
  'reading.weight.level': {},
} as const satisfies FactTable;
export type ReadingFact = FactOf<typeof READING_FACTS>;
export const NOTHING_PLACED: ReadingFact = { code: 'reading.nothing-placed', values: {} };
/** What is read off flowers, where there are none. */
export const noFlower = (pieces: number): ReadingFact =>
  pieces > 0 ? { code: 'reading.no-flower', values: {} } : NOTHING_PLACED;

/** What one press does about a reading. */
export const REMEDY_FACTS = {
  'remedy.swap-colours': { pairs: 'count' },
  'remedy.take-away': { piece: 'piece' },
  'remedy.fill': { count: 'count', species: 'species' },
  'remedy.move-apart': { count: 'count' },
  'remedy.turn': { count: 'count' },
  'remedy.turn-leaves': { count: 'count' },
  'remedy.clear': { count: 'count' },
  'remedy.gather': { count: 'count' },
  'remedy.swap-places': {},
  'remedy.tuck-in': { count: 'count' },
  'remedy.cover': { count: 'count', species: 'species' },
  'remedy.space': { count: 'count' },
  'remedy.size': { sizeMm: 'mm' },
  'remedy.move-across': { count: 'count' },
} as const satisfies FactTable;
export type RemedyFact = FactOf<typeof REMEDY_FACTS>;

/** What stands in the way of composing. */
export const COMPOSE_FAULTS = {
  'fault.unknown-species': { name: 'text' },
  'fault.no-tier': {},
  'fault.line-lost': {},
  'fault.no-flower': {},
  /** the worker that composes */
  'fault.unreadable': {},
  'fault.died': {},
} as const satisfies FactTable;
export type ComposeFault = FactOf<typeof COMPOSE_FAULTS>;

/** Ways to fill one line, as proposals are called. */
export type ProposalName = 'full' | 'airy' | 'leafy' | 'lush' | 'meadow' | 'single-heart' | 'finished' | 're-balanced';
