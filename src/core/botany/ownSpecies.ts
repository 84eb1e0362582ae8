import * as v from 'valibot';
import { between, hue, named, refusedBy, wholeBetween } from '../boundary/parts';
import { PLAIN_TUNE } from './shape/tune';
import { ROLES, type Species } from './species';
import { must } from '../geometry/must';

/** Ids of a person's own species and methods begin with this, so that none hides one that ships with the product. */
export const OWN_ID = /^own-[a-z0-9-]{1,40}$/;

/** A species of the person's own: one of the catalogue's, changed. What is not said here is as in the one it is based on. */
export const ownSpeciesSchema = v.strictObject({
  id: v.pipe(v.string(), v.regex(OWN_ID, refusedBy('refusal.own-id'))),
  basedOn: v.string(),
  name: named(60),
  plural: named(60),
  role: v.picklist(ROLES),
  /** mm, largest first: diameter of the open flower, length of a sprig */
  sizesMm: v.pipe(v.array(between(3, 250)), v.minLength(1), v.maxLength(6)),
  pasteMm: between(0.2, 6),
  breakageShare: between(0, 0.9),
  method: v.string(),
  floorSwg: wholeBetween(14, 35),
  hookMm: between(0, 15),
  colourways: v.pipe(
    v.array(v.strictObject({ id: named(60), name: named(60), hue, second: v.optional(hue) })),
    v.minLength(1),
    v.maxLength(12),
  ),
  /** months of flower or fruit in the north */
  monthsNorth: v.pipe(v.array(wholeBetween(1, 12)), v.maxLength(12)),
  petals: v.optional(v.nullable(wholeBetween(2, 200)), null),
  lengthShare: v.optional(between(0.6, 1.5), PLAIN_TUNE.lengthShare),
  widthShare: v.optional(between(0.5, 1.8), PLAIN_TUNE.widthShare),
  cupDeg: v.optional(between(-40, 60), PLAIN_TUNE.cupDeg),
  curlDeg: v.optional(between(-60, 60), PLAIN_TUNE.curlDeg),
  /** of a composite: what it is built of otherwise, by the names its shape gives them */
  counts: v.optional(v.record(v.pipe(v.string(), v.maxLength(20)), wholeBetween(0, 80)), {}),
});

export type OwnSpecies = v.InferOutput<typeof ownSpeciesSchema>;

/** What a copy and its colours are called, in the language of whoever makes it. */
interface CopyNames {
  name: string;
  plural: string;
  colour(colourway: string): string;
}

interface OwnCopyOfOptions {
  base: Species;
  id: string;
  basedOn: string;
  called: CopyNames;
}

/** A copy of a species to change, under an id of its own; names are cut to 60 letters. */
export const ownCopyOf = ({ base, id, basedOn, called }: OwnCopyOfOptions): OwnSpecies => ({
  id,
  basedOn,
  name: called.name.slice(0, 60),
  plural: called.plural.slice(0, 60),
  role: base.role,
  sizesMm: [...base.sizesMm],
  pasteMm: base.pasteMm,
  breakageShare: base.breakageShare,
  method: base.method,
  floorSwg: base.wiring.floorSwg,
  hookMm: base.wiring.hookMm,
  colourways: base.colourways.map((c) => ({ ...c, name: called.colour(c.id) })),
  monthsNorth: [...base.monthsNorth],
  counts: {},
  ...PLAIN_TUNE,
});

/** Parts that are petals. */
const PETALS: ReadonlySet<string> = new Set(['petal', 'outer petal']);

/** The number of separately wired petals follows the number of petals. */
function petalsWired(base: Species, petals: number): Species['wiring']['parts'] {
  const before = base.petals ?? base.shape.petals;
  return base.wiring.parts?.map((part) =>
    before && part.count !== undefined && PETALS.has(part.name)
      ? { ...part, count: Math.max(1, Math.round((part.count * petals) / before)) }
      : part,
  );
}

/** A species with another number of petals, as a cutter gives them; itself where its petals are not counted or the number is the same. */
export function withPetals(base: Species, petals: number): Species {
  if (!base.shape.tuned || petals === base.shape.petals) return base;
  return {
    ...base,
    revision: `${base.revision ?? ''}p${petals}`,
    shape: base.shape.tuned({ ...PLAIN_TUNE, petals }),
    wiring: { ...base.wiring, parts: petalsWired(base, petals) },
  };
}

/** A composite built of other numbers, each within what its shape allows; a count that it does not know changes nothing. */
function recounted({ shape, stages }: Species, counts: OwnSpecies['counts']): Species['shape'] {
  const { open } = must(stages[stages.length - 1]);
  const known = (shape.counts?.(open) ?? []).flatMap(({ id, least, most }): [string, number][] => {
    const n = counts[id];
    return n === undefined ? [] : [[id, Math.min(most, Math.max(least, n))]];
  });
  return known.length ? (shape.recounted?.(Object.fromEntries(known), open) ?? shape) : shape;
}

/** The whole species of what a person has changed. `base` is the one it is based on. */
export function speciesOf(own: OwnSpecies, base: Species): Species {
  const { petals, lengthShare, widthShare, cupDeg, curlDeg } = own;
  const tune = { petals, lengthShare, widthShare, cupDeg, curlDeg };
  return {
    ...base,
    id: own.id,
    revision: JSON.stringify(own),
    role: own.role,
    sizesMm: [...own.sizesMm].sort((a, b) => b - a),
    pasteMm: own.pasteMm,
    practicePasteMm: base.practicePasteMm ?? base.pasteMm,
    breakageShare: own.breakageShare,
    method: own.method,
    colourways: own.colourways,
    monthsNorth: own.monthsNorth,
    shape: base.shape.tuned?.(tune) ?? recounted(base, own.counts),
    petals: petals === null ? base.petals : petals,
    wiring: {
      ...base.wiring,
      floorSwg: own.floorSwg,
      hookMm: own.hookMm,
      parts: petals === null ? base.wiring.parts : petalsWired(base, petals),
    },
  };
}
