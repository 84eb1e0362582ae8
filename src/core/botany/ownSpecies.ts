import { OWN_ID } from './ownId';
import * as v from 'valibot';
import { between, hue, named, refusedBy, wholeBetween } from '../boundary/parts';
import { PLAIN_TUNE } from './shape/tune';
import { changed, type Change } from '../piece/changed';
import type { Counts } from '../piece/construction';
import { hookMm } from '../piece/wires';
import { longOf } from '../piece/long';
import { countIn, linesIn } from '../piece/treeLines';
import type { Part } from '../piece/part';
import { treeSchema } from './treeSchema';
import { resized } from '../piece/resized';
import { largestOf } from './built';
import type { Method } from './methods';
import { madeAs } from './otherWays';
import { ROLES, type Species } from './species';
import { must } from '../geometry/must';

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
  /** how it is built at a stage, at its largest, where the person has described that herself */
  trees: v.optional(v.record(v.pipe(v.string(), v.maxLength(20)), treeSchema), {}),
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
  floorSwg: floorSwgOf(base),
  hookMm: hookOf(base),
  colourways: base.colourways.map((c) => ({ ...c, name: called.colour(c.id) })),
  monthsNorth: [...base.monthsNorth],
  counts: {},
  trees: {},
  ...PLAIN_TUNE,
});

/** The wire that carries a piece at its last stage; what has none counts as the thinnest. */
const ownWire = (base: Species) => largestOf(base, must(base.stages[base.stages.length - 1]).id).tree.on;
const THINNEST_SWG = 33;
export function floorSwgOf(base: Species): number {
  const on = ownWire(base);
  return on.by === 'wire' ? on.swg : THINNEST_SWG;
}
export function hookOf(base: Species): number {
  const on = ownWire(base);
  return on.by === 'wire' ? (on.hookMm ?? hookMm(on.swg, on.tip)) : 0;
}

/** A species with another number of petals, as a cutter gives them; itself where its petals are not counted or the number is the same. */
export function withPetals(base: Species, petals: number): Species {
  const { shape, tree } = base;
  if (!shape?.tuned || petals === shape.petals) return base;
  const petalsShare = petals / (base.petals ?? shape.petals ?? petals);
  return {
    ...base,
    revision: `${base.revision ?? ''}p${petals}`,
    shape: shape.tuned({ ...PLAIN_TUNE, petals }),
    tree: (ask) => changed(tree(ask), { petalsShare }),
  };
}

/** Counts of a composite within what may be counted; one that it does not know changes nothing. */
function countsWithin({ sprig, stages, sizesMm, tree }: Species, counts: OwnSpecies['counts']): Counts {
  if (!sprig) return {};
  const stage = must(stages[stages.length - 1]).id;
  const known = new Map(sprig.counted(tree({ stage, sizeMm: must(sizesMm[0]), counts: {} })).map((c) => [c.id, c]));
  return Object.fromEntries(
    Object.entries(counts).map(([id, n]) => {
      const { least = 0, most = MOST_COUNTED } = known.get(id) ?? {};
      return [id, Math.min(most, Math.max(least, n))];
    }),
  );
}
const MOST_COUNTED = 80;

/** What a person has changed of a head: petals, wire and paste; of a sprig its counts, its stem and its paste. */
function changeOf(own: OwnSpecies, base: Species): Change {
  const { petals, lengthShare, widthShare, floorSwg, hookMm: hook } = own;
  const before = base.petals ?? base.shape?.petals;
  return {
    petalsShare: petals === null || !before ? 1 : petals / before,
    lengthShare,
    widthShare,
    thickShare: own.pasteMm / base.pasteMm,
    ...(floorSwg === floorSwgOf(base) ? {} : { swg: floorSwg }),
    ...(hook === Math.round(hookOf(base)) ? {} : { hookMm: hook }),
  };
}

/** A described length is met by so much, mm: sizes are kept to a tenth. */
const MET_MM = 0.06;

/** A described piece in the size that is asked for: a sprig by its length, a head against its largest. */
function sizedTo(tree: Part, { habit, sizesMm }: Pick<Species, 'habit' | 'sizesMm'>, sizeMm: number): Part {
  const largestMm = habit === 'sprig' ? longOf(tree) : must(sizesMm[0]);
  return Math.abs(largestMm - sizeMm) <= MET_MM || largestMm <= 0 ? tree : resized(tree, sizeMm / largestMm);
}

/** Petals of a tree, ring by ring or in one cut. */
const petalsIn = (tree: Part): number => linesIn(tree).reduce((a, p) => a + (p.kind === 'petal' ? countIn(p) : 0), 0);

/** How long a described piece is at a stage against its last one. */
function describedStages(base: Species, trees: OwnSpecies['trees'], largestMm: number): Species['stages'] {
  if (base.habit !== 'sprig') return base.stages;
  return base.stages.map((s) => {
    const tree = trees[s.id];
    return tree ? { ...s, sizeShare: longOf(tree) / largestMm } : s;
  });
}

/** A species as it was described: its trees where there are any; what is drawn of a head has as many petals. */
function described(species: Species, own: OwnSpecies, { shape, tree: usual }: Species): Species {
  const { trees, lengthShare, widthShare, cupDeg, curlDeg } = own;
  const last = must(species.stages.at(-1)).id;
  const open = trees[last];
  const before = petalsIn(usual({ stage: last, sizeMm: must(species.sizesMm[0]), counts: {} }));
  const petals = open && before > 0 && shape?.petals ? Math.max(1, Math.round((shape.petals * petalsIn(open)) / before)) : null;
  return {
    ...species,
    stages: describedStages(species, trees, must(species.sizesMm[0])),
    ...(petals && shape?.tuned ? { shape: shape.tuned({ petals, lengthShare, widthShare, cupDeg, curlDeg }) } : {}),
    tree: (ask) => {
      const tree = trees[ask.stage];
      return tree ? sizedTo(tree, species, ask.sizeMm) : species.tree(ask);
    },
  };
}

/** The whole species of what a person has changed. `usual` is the one it is based on, `method` the way it is made now. */
export function speciesOf(own: OwnSpecies, usual: Species, method?: Method): Species {
  const base = method ? madeAs(usual, method) : usual;
  const { petals, lengthShare, widthShare, cupDeg, curlDeg } = own;
  const change = changeOf(own, base);
  const species: Species = {
    ...base,
    id: own.id,
    revision: JSON.stringify(own),
    role: own.role,
    sizesMm: [...own.sizesMm].sort((a, b) => b - a),
    pasteMm: own.pasteMm,
    breakageShare: own.breakageShare,
    method: own.method,
    usualMethod: own.method,
    colourways: own.colourways,
    monthsNorth: own.monthsNorth,
    ...(base.shape?.tuned ? { shape: base.shape.tuned({ petals, lengthShare, widthShare, cupDeg, curlDeg }) } : {}),
    counts: countsWithin(base, own.counts),
    tree: (ask) => changed(base.tree(ask), change),
    petals: petals === null ? base.petals : petals,
  };
  return Object.keys(own.trees).length > 0 ? described(species, own, base) : species;
}
