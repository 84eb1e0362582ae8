import type { Built } from '../botany/built';
import type { Catalogue, Kind } from '../botany/catalogue';
import { placePiece } from '../compose/placement';
import { drawLine } from '../compose/line';
import { isCarrier, type Part } from '../piece/part';
import { windingsOf } from '../piece/tape';
import { woundMm } from './usedUp';
import { byInstance, thickestMm } from '../piece/thickness';
import { cutLongestFirst, type CutPlan } from '../wire/cutList';
import type { WireCut } from '../wire/wireLength';
import { defaultCake, defaultLine } from './newProject';
import { branchSteps, countParts, type PartCount } from './branchSteps';
import { makeUpSteps } from './makeUp';
import type { StepTitle } from './stepFacts';
import { FOOT_MM, isWired, partWires, wiresOfPiece, type WireContext } from './partWires';
import { heldStem } from './stems';
import { must } from '../geometry/must';

/** A branch, spike or sprig that is made for itself, without a cake. */
export interface OneBranch {
  /** of a sprig from foot to end; of a head across */
  longMm: number;
  head: boolean;
  massGrams: number;
  /** how many it is built of, by name */
  counts: PartCount[];
  wires: WireCut[];
  cuts: { gauge: number; colour: string; plan: CutPlan }[];
  tapeMm: number;
  steps: OneStep[];
  /** where most of its wires run side by side, taped */
  thickMm: number;
}

/** Its wires, how they are cut, its tape and its joints in order: the finest level first, then from the tip down. */
export function oneBranch(kind: Kind, context: WireContext, catalogue: Catalogue): OneBranch {
  const cake = defaultCake();
  const line = must(drawLine(defaultLine('posy', cake), cake));
  const piece = { ...kind, id: 'one', s: 0.5, side: 0, lift: 0, tiltRad: 0, headingRad: 0, rollRad: 0, pinned: false };
  const placed = placePiece(piece, line, catalogue);
  const { built, axialMm, radialMm, massGrams, species } = placed.body;
  const head = species.habit === 'head';
  const wires = [...(isWired(placed) ? [heldStem(placed, FOOT_MM, context)] : []), ...partWires(placed, context)];
  const own = byInstance(wiresOfPiece(built.instances, context.stockMm));
  const carriers = built.instances.filter((i) => isCarrier(i.part) || i === built.root);
  return {
    longMm: head ? radialMm * 2 : axialMm * 2,
    head,
    massGrams,
    counts: countParts(built.instances.filter((i) => COUNTED.includes(i.part.kind))),
    wires,
    cuts: cutsOf(wires, context.stockMm),
    tapeMm: windingsOf(built.instances, own, { footMm: FOOT_MM, fine: false }).reduce((a, w) => a + woundMm(w), 0),
    steps: stepsOf(kind, wires, { built, catalogue }),
    thickMm: Math.max(0, ...carriers.map((c) => thickestMm(c, own))),
  };
}

interface OneStep {
  does: StepTitle;
  /** what is joined, where it is a joint */
  parts: readonly PartCount[];
  belowMm: number | null;
  turnRad: number | null;
}

/** Joints of a branch in order; what is no branch is made up ring by ring or pushed into its base. */
function stepsOf(kind: Kind, wires: readonly WireCut[], { built, catalogue }: { built: Built; catalogue: Catalogue }): OneStep[] {
  const joints = branchSteps(built.instances);
  if (joints.length > 0) return joints;
  return makeUpSteps(kind, wires, { finish: 'everyday', catalogue }).map(({ title, figures }) => {
    const turned = figures.find((f) => f.code === 'figure.turned');
    return { does: title, parts: [], belowMm: null, turnRad: turned?.code === 'figure.turned' ? turned.values.rad : null };
  });
}

const COUNTED: readonly Part['kind'][] = ['leaf', 'berry', 'floret', 'bud', 'arm', 'cluster'];

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
