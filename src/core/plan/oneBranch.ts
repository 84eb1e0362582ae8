import { bodyOf, speciesById, type Catalogue, type Kind } from '../botany/catalogue';
import { stageOf } from '../botany/species';
import type { Part } from '../botany/shape/recipe';
import { placePiece } from '../compose/placement';
import { drawLine } from '../compose/line';
import { bundleMm, tapeLengthMm } from '../wire/bundle';
import { cutLongestFirst, type CutPlan } from '../wire/cutList';
import { sumTerms, TO_TRIM, type WireCut } from '../wire/wireLength';
import { defaultCake, defaultLine } from './newProject';
import { branchSteps, countParts, type BranchStep, type PartCount } from './branchSteps';
import { partWires, type WireContext } from './partWires';
import { gaugeFor } from './stems';
import { must } from '../geometry/must';

/** A branch, spike or sprig that is made for itself, without a cake. */
export interface OneBranch {
  longMm: number;
  massGrams: number;
  /** how many it is built of, by name */
  counts: PartCount[];
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
/** Its wires, how they are cut, its tape and its joints in order: the finest level first, then from the tip down. */
export function oneBranch(kind: Kind, context: WireContext, stockMm: number, catalogue: Catalogue): OneBranch {
  const species = speciesById(kind.species, catalogue);
  const cake = defaultCake();
  const line = must(drawLine(defaultLine('posy', cake), cake));
  const piece = { ...kind, id: 'one', s: 0.5, side: 0, lift: 0, tiltRad: 0, headingRad: 0, rollRad: 0, pinned: false };
  const placed = placePiece(piece, line, catalogue);
  const body = bodyOf(kind, catalogue);
  const longMm = body.axialMm * 2;
  const gauge = gaugeFor(placed, FOOT_MM, context);
  const { terms, lengthMm } = sumTerms([
    { term: 'hook', mm: species.wiring.hookMm, why: { code: 'term.holds', values: {} } },
    { term: 'inside', mm: longMm * species.wiring.insideShare, why: { code: 'term.up-sprig', values: {} } },
    { term: 'free', mm: FOOT_MM, why: { code: 'term.to-hold', values: {} } },
    TO_TRIM,
  ]);
  const stem: WireCut = {
    id: 'one-stem',
    pieceId: 'one',
    use: 'stem',
    piece: { species: kind.species, stage: kind.stage },
    part: null,
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
    counts: countParts(parts),
    wires,
    cuts: cutsOf(wires, stockMm),
    tapeMm:
      tapeLengthMm({ stemMm: thickMm, stretchMm: FOOT_MM + highestMm }) +
      carried.length * tapeLengthMm({ stemMm: stem.diameterMm, stretchMm: JOINT_TAPE_MM }),
    steps: branchSteps(parts, longMm),
    thickMm,
  };
}

/** Thickness of the carrier where the most wires pass: each part's wire runs down from its joint as far as it is cut for. */
function thickestMm(stem: WireCut, wires: readonly WireCut[], carried: readonly Part[], longMm: number): number {
  const runs = carried.flatMap((p) => {
    // a floret that is still closed is wired as the others
    const wire = wires.find((w) => w.use === 'part' && w.part === (p.name === 'bud' ? 'floret' : p.name));
    const down = wire?.terms.find((t) => t.term === 'along-stem')?.mm ?? 0;
    const from = p.joins[2] * longMm;
    return wire && down > 0 ? [{ from, to: from - down, diameterMm: wire.diameterMm }] : [];
  });
  const bundles = runs.map((at) =>
    bundleMm([stem.diameterMm, ...runs.filter((r) => r.from >= at.from && r.to < at.from).map((r) => r.diameterMm)], false),
  );
  return Math.max(bundleMm([stem.diameterMm], false), ...bundles);
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
