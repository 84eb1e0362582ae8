import { bodyOf, speciesById, type Kind } from '../botany/catalogue';
import { stageOf } from '../botany/species';
import type { Part } from '../botany/shape/recipe';
import { placePiece } from '../compose/placement';
import { drawLine } from '../compose/line';
import { bundleMm, tapeLengthMm } from '../tape/bundle';
import { cutLongestFirst, type CutPlan } from '../wire/cutList';
import { sumTerms, TRIM_ALLOWANCE_MM, type WireCut } from '../wire/wireLength';
import { defaultCake, defaultLine } from './newProject';
import { gaugeFor, partWires, type WireContext } from './stems';

/** One joint of a branch made by itself: how many of what, how far below the last, from the tip down. */
export interface BranchStep {
  text: string;
  belowMm: number | null;
}

/** A branch, spike or sprig that is made for itself, without a cake. */
export interface OneBranch {
  longMm: number;
  massGrams: number;
  /** how many it is built of, by name */
  counts: { name: string; count: number }[];
  wires: WireCut[];
  cuts: { gauge: number; colour: string; plan: CutPlan }[];
  tapeMm: number;
  steps: BranchStep[];
  /** where most of its wires run side by side, taped */
  thickMm: number;
}

/** A stem below the lowest joint: what a hand holds and a barrier takes. Assumed. */
const FOOT_MM = 60;
/** Tape on a part's own stalk, down to its joint. Assumed. */
const JOINT_TAPE_MM = 12;
/** Joints nearer than this share one winding, up to so many pieces (the project's own study). */
const TOGETHER_MM = 6;
const MOST_TOGETHER = 3;
const PLURALS: Readonly<Record<Part['name'], string>> = {
  leaf: 'leaves',
  berry: 'berries',
  floret: 'florets',
  bud: 'buds',
  'side branch': 'side branches',
  twig: 'clusters',
  arm: 'arms',
};
const SINGULARS: Readonly<Record<Part['name'], string>> = {
  leaf: 'leaf',
  berry: 'berry',
  floret: 'floret',
  bud: 'bud',
  'side branch': 'side branch',
  twig: 'cluster',
  arm: 'arm',
};

const words = (name: Part['name'], n: number): string => `${n} ${n === 1 ? SINGULARS[name] : PLURALS[name]}`;

/** Its wires, how they are cut, its tape and its joints in order: the finest level first, then from the tip down. */
export function oneBranch(kind: Kind, context: WireContext, stockMm: number): OneBranch {
  const species = speciesById(kind.species);
  const cake = defaultCake();
  const line = drawLine(defaultLine('posy', cake), cake)!;
  const piece = { ...kind, id: 'one', s: 0.5, side: 0, lift: 0, tiltRad: 0, headingRad: 0, rollRad: 0, pinned: false };
  const placed = placePiece(piece, line);
  const body = bodyOf(kind);
  const longMm = body.axialMm * 2;
  const gauge = gaugeFor(placed, FOOT_MM, context);
  const { terms, lengthMm } = sumTerms([
    { name: 'hook', mm: species.wiring.hookMm, why: 'bent in the paste so that it cannot pull off' },
    { name: 'inside the head', mm: longMm * species.wiring.insideShare, why: 'up the middle' },
    { name: 'free stem', mm: FOOT_MM, why: 'to hold it by, and to put it in' },
    { name: 'to trim', mm: TRIM_ALLOWANCE_MM, why: 'cut long, shorten after' },
  ]);
  const stem: WireCut = {
    id: 'one-stem',
    pieceId: 'one',
    use: 'stem',
    label: species.name,
    gauge: gauge.gauge,
    diameterMm: gauge.diameterMm,
    colour: species.wiring.white ? 'white' : context.colour,
    terms,
    lengthMm,
    count: 1,
  };
  const wires = [stem, ...partWires(placed, context)];
  const parts = species.shape.parts?.(stageOf(species, kind.stage).open) ?? [];
  const carried = parts.filter((p) => p.level === 0);
  const thickMm = thickestMm(stem, wires, carried, longMm);
  const highestMm = Math.max(0, ...carried.map((p) => p.joins[2])) * longMm;
  return {
    longMm,
    massGrams: body.massGrams,
    counts: countsOf(parts),
    wires,
    cuts: cutsOf(wires, stockMm),
    tapeMm: tapeLengthMm(thickMm, FOOT_MM + highestMm) + carried.length * tapeLengthMm(stem.diameterMm, JOINT_TAPE_MM),
    steps: stepsOf(parts, longMm),
    thickMm,
  };
}

/** Thickness of the carrier where the most wires pass: each part's wire runs down from its joint as far as it is cut for. */
function thickestMm(stem: WireCut, wires: readonly WireCut[], carried: readonly Part[], longMm: number): number {
  const runs = carried.flatMap((p) => {
    // a floret that is still closed is wired as the others
    const wire = wires.find((w) => w.use === 'part' && w.label.endsWith(`: ${p.name === 'bud' ? 'floret' : p.name}`));
    const down = wire?.terms.find((t) => t.name === 'along the stem')?.mm ?? 0;
    const from = p.joins[2] * longMm;
    return wire && down > 0 ? [{ from, to: from - down, diameterMm: wire.diameterMm }] : [];
  });
  const bundles = runs.map((at) =>
    bundleMm([stem.diameterMm, ...runs.filter((r) => r.from >= at.from && r.to < at.from).map((r) => r.diameterMm)], false),
  );
  return Math.max(bundleMm([stem.diameterMm], false), ...bundles);
}

function countsOf(parts: readonly Part[]): { name: string; count: number }[] {
  const counts = new Map<Part['name'], number>();
  for (const p of parts) counts.set(p.name, (counts.get(p.name) ?? 0) + 1);
  return [...counts].map(([name, count]) => ({ name: count === 1 ? SINGULARS[name] : PLURALS[name], count }));
}

function cutsOf(wires: readonly WireCut[], stockMm: number): OneBranch['cuts'] {
  const groups = new Map<string, { gauge: number; colour: string; demands: { lengthMm: number; count: number }[] }>();
  for (const { gauge, colour, lengthMm, count } of wires) {
    const key = `${gauge}|${colour}`;
    const group = groups.get(key) ?? { gauge, colour, demands: [] };
    group.demands.push({ lengthMm, count });
    groups.set(key, group);
  }
  return [...groups.values()]
    .map(({ gauge, colour, demands }) => ({ gauge, colour, plan: cutLongestFirst(demands, stockMm) }))
    .sort((a, b) => b.gauge - a.gauge);
}

/** What is taped to a twig or arm first, then those to what carries them, then along the carrier from the tip down. */
function stepsOf(parts: readonly Part[], longMm: number): BranchStep[] {
  const fine: BranchStep[] = [];
  for (const level of [2, 1] as const) {
    const own = parts.filter((p) => p.level === level);
    if (own.length === 0) continue;
    const bundles = together(own.map((p) => ({ p, at: p.joins })));
    const alike = new Map<string, number>();
    for (const bundle of bundles) {
      const said = partsWords(bundle);
      alike.set(said, (alike.get(said) ?? 0) + 1);
    }
    for (const [said, times] of alike)
      fine.push({ text: `Tape ${said} together at one height${times > 1 ? `, ${times} times` : ''}`, belowMm: null });
  }
  const carried = parts.filter((p) => p.level === 0).sort((a, b) => b.joins[2] - a.joins[2]);
  const rows: { parts: Part[]; z: number }[] = [];
  // what joins at one place stays together: a pair of leaves is never parted
  for (const bundle of together(carried.map((p) => ({ p, at: p.joins })))) {
    const last = rows.at(-1);
    const z = bundle[0]!.joins[2];
    if (last && (last.z - z) * longMm < TOGETHER_MM && last.parts.length + bundle.length <= MOST_TOGETHER)
      last.parts.push(...bundle);
    else rows.push({ parts: [...bundle], z });
  }
  return fine.concat(
    rows.map((row, i): BranchStep => ({
      text: i === 0 ? `Begin with ${partsWords(row.parts)} at the tip` : `Join ${partsWords(row.parts)}`,
      belowMm: i === 0 ? null : (rows[i - 1]!.z - row.z) * longMm,
    })),
  );
}

/** Parts that join at the same place. */
function together(at: readonly { p: Part; at: Part['joins'] }[]): Part[][] {
  const groups: { at: Part['joins']; parts: Part[] }[] = [];
  for (const { p, at: where } of at) {
    const known = groups.find((g) => g.at.every((x, k) => Math.abs(x - where[k]!) < 1e-6));
    if (known) known.parts.push(p);
    else groups.push({ at: where, parts: [p] });
  }
  return groups.map((g) => g.parts);
}

function partsWords(parts: readonly Part[]): string {
  const counts = new Map<Part['name'], number>();
  for (const p of parts) counts.set(p.name, (counts.get(p.name) ?? 0) + 1);
  return [...counts].map(([name, n]) => words(name, n)).join(' and ');
}
