import type { PlacedPiece } from '../compose/placement';
import { pieceRef } from '../compose/names';
import { hermite, nearestPoint, polylineLengthMm } from '../geometry/curve';
import { addScaled, distance, equal, scale, type Vec3 } from '../geometry/vec3';
import type { Entry } from '../place/entry';
import { AT_RIM_MM } from '../place/contact';
import { RIM_PROUD_MM } from '../place/seating';
import { keepStemClear, type CakeSolid } from '../cake/solid';
import type { Joint, Spray } from '../tape/tree';
import {
  bundleMomentNmm,
  chooseCarrier,
  chooseGauge,
  GRAVITY_N_PER_GRAM,
  HANDLING_FACTOR,
  type GaugeChoice,
} from '../wire/mechanics';
import { cutOf, SPRUNG_FOLD_MM, sumTerms, TO_TRIM, type LengthTerm, type WireCut } from '../wire/wireLength';
import { isCarrier } from '../piece/part';
import { spanMm, type Instance } from '../piece/expand';
import { gramsOf } from '../piece/paste';
import { BARE_FOOT_MM } from '../piece/long';
import { footWires, inSystem, ownNeed, partWires, reaching, type WireContext } from './partWires';
import { must } from '../geometry/must';

/** A visible stem: from the back of a head to where it joins or enters. */
export interface Stem {
  pieceId: string;
  curve: Vec3[];
  lengthMm: number;
  gauge: GaugeChoice;
  /** wires of the piece that run down it */
  wires: number;
  /** those of its parts are cut off so far below its foot, so that none goes into a barrier; null where that would be too near */
  trimmedMm: number | null;
}

/** Wires of petals and leaves are trimmed so far above the mouth of a barrier, and nowhere nearer than this to their piece. Own study. */
const TRIM_PARTS = { aboveMm: 2, leastMm: 12 } as const;

/** Where the wires of a piece's parts are trimmed on a stem that is free for so long; null where they have to run on. */
export function trimmedAtMm(p: PlacedPiece, freeMm: number, context: WireContext): number | null {
  const mm = Math.floor(freeMm - TRIM_PARTS.aboveMm);
  return mm >= TRIM_PARTS.leastMm && reaching(footWires(p, context), mm).length > 0 ? mm : null;
}

/** Stems are bent to run at least this far above the skin. */
export const STEM_LIFT_MM = 1.6;

/** The wire of a piece's own stem: its mass at the end of its free length; of a branch what bears it where it is held. */
export function gaugeFor(p: PlacedPiece, freeMm: number, context: WireContext): GaugeChoice {
  const { root } = p.body.built;
  const { massGrams, axialMm } = p.body;
  const { on } = root.part;
  const own = {
    floorSwg: on.by === 'wire' ? on.swg : THINNEST_SWG,
    system: context.system,
    chosen: context.gauges.find((g) => g.species === p.piece.species && g.stage === p.piece.stage)?.gauge ?? null,
  };
  if (isCarrier(root.part))
    return chooseCarrier({
      ...own,
      massGrams,
      leverMm: HOLD_MM + middleMm(root),
      besideMm: reaching(footWires(p, context), HOLD_MM),
    });
  const strands = on.by === 'wire' ? (on.strands ?? 1) : 1;
  return { ...chooseGauge({ ...own, massGrams: massGrams / strands, leverMm: freeMm + axialMm }), strands };
}
/** Of a piece without a wire. */
const THINNEST_SWG = 33;

/** A branch is held so far below its lowest joint when it is bent, mm. Own study. */
const HOLD_MM = 15;
/** What a part of a branch reaches beyond its joint counts so: a quarter of a leaf, else so many mm. Own study. */
const REACH = { leafShare: 0.25, otherMm: 4 } as const;

/** Paste of a part and of all that it carries, g. */
const carriedGrams = (at: Instance): number =>
  (at.part.form ? gramsOf(at.part.form, at.sizeMm) : 0) + at.carries.reduce((a, c) => a + carriedGrams(c), 0);

/** How far above its lowest joint the weight of a branch is, mm: that of each part at its joint and its reach beyond. */
function middleMm(root: Instance): number {
  const span = spanMm(root);
  let [grams, moment] = [0, 0];
  for (const c of root.carries) {
    const own = carriedGrams(c);
    grams += own;
    moment += own * (span - c.atMm + (c.part.kind === 'leaf' ? c.sizeMm * REACH.leafShare : REACH.otherMm));
  }
  return grams > 0 ? moment / grams : 0;
}

type StemEnd = Pick<Entry, 'pointMm' | 'direction'>;

/** The last stem of each head, for as long as head, cake and entry are where they were. */
const lastStems = new WeakMap<PlacedPiece, { entry: StemEnd; solid: CakeSolid; curve: Vec3[] }>();

/** A stem from a head into its entry: leaves along the axis, comes in along the entry's direction. */
export function stemToEntry(p: PlacedPiece, entry: StemEnd, solid: CakeSolid): Vec3[] {
  const last = lastStems.get(p);
  const { pointMm, direction } = entry;
  if (last?.solid === solid && equal(last.entry.pointMm, pointMm) && equal(last.entry.direction, direction)) return last.curve;
  const curve = drawStem(p, entry, solid);
  lastStems.set(p, { entry: { pointMm, direction }, solid, curve });
  return curve;
}

function drawStem(p: PlacedPiece, entry: StemEnd, solid: CakeSolid): Vec3[] {
  const rim = addScaled(entry.pointMm, entry.direction, -RIM_PROUD_MM);
  const reach = Math.max(4, distance(p.base, rim));
  return keepStemClear({
    curve: hermite(p.base, scale(p.axis, -reach), rim, scale(entry.direction, reach), 12),
    solid,
    clearMm: STEM_LIFT_MM,
    leaveMm: AT_RIM_MM,
  });
}

/** The stretch of a piece's own wire above its foot: through a head, or past all that it carries. */
function headTerms(p: PlacedPiece, { stockMm }: WireContext): LengthTerm[] {
  const need = ownNeed(p, stockMm);
  if (!need) return [];
  const carrier = isCarrier(p.body.built.root.part);
  return [
    { term: 'hook', mm: need.hookMm, why: { code: 'term.holds', values: {} } },
    {
      term: 'inside',
      mm: need.insideMm + need.spanMm + (carrier ? BARE_FOOT_MM : 0),
      why: { code: p.spine.length ? 'term.up-sprig' : 'term.through-base', values: {} },
    },
  ];
}

/** The wire of one piece set stem by stem. */
export function entryWire(p: PlacedPiece, stem: Stem, entry: Entry, context: WireContext): WireCut {
  const inTube = entry.boreMm !== null && entry.barrier !== null;
  const heavy = p.body.massGrams > 12;
  const { terms, lengthMm } = sumTerms([
    ...headTerms(p, context),
    { term: 'free', mm: stem.lengthMm, why: { code: 'term.to-rim', values: {} } },
    {
      term: 'in-barrier',
      mm: entry.wireInsideMm + (inTube ? RIM_PROUD_MM : 0),
      why: entry.barrier
        ? { code: 'term.down-barrier', values: { barrier: entry.barrier } }
        : { code: 'term.into-foam', values: {} },
    },
    {
      term: 'fold',
      mm: inTube ? (heavy ? SPRUNG_FOLD_MM / 2 : SPRUNG_FOLD_MM) : 0,
      why: { code: heavy ? 'term.small-fold' : 'term.springs', values: {} },
    },
    TO_TRIM,
  ]);
  return stemCut({ p, gauge: stem.gauge, context, terms, lengthMm });
}

/** The wire of a piece that is made by itself, with so much stem to hold it by. */
export function heldStem(p: PlacedPiece, footMm: number, context: WireContext): WireCut {
  const { terms, lengthMm } = sumTerms([
    ...headTerms(p, context),
    { term: 'free', mm: footMm, why: { code: 'term.to-hold', values: {} } },
    TO_TRIM,
  ]);
  return stemCut({ p, gauge: gaugeFor(p, HOLD_MM, context), context, terms, lengthMm });
}

interface StemCutOptions {
  p: PlacedPiece;
  gauge: GaugeChoice;
  context: WireContext;
  terms: LengthTerm[];
  lengthMm: number;
}

const stemCut = ({ p, gauge, context, terms, lengthMm }: StemCutOptions): WireCut => ({
  id: `${p.piece.id}-stem`,
  pieceId: p.piece.id,
  use: 'stem',
  piece: pieceRef(p),
  part: null,
  gauge: gauge.gauge,
  diameterMm: gauge.diameterMm,
  colour: context.colour === 'white' || p.body.species.white ? 'white' : 'green',
  count: gauge.strands,
  ...cutOf({ terms, lengthMm }, gauge.strands, context),
});

/** Each wire runs on past its joint by this much, then is trimmed so that the stem tapers (docs/trade.md T14; figures from the own study). */
export const RUN_PAST_JOINT_MM = { arm: 25, branch: 15 } as const;

export interface SprayWiring {
  /** the spray with its stalks bent clear of the skin, and wires and thickness at its joints */
  spray: Spray;
  stems: Stem[];
  wires: WireCut[];
  /** bare diameters that reach the pick's end */
  atPickMm: number[];
}

interface RunningWire {
  joint: Joint;
  diameterMm: number;
  runMm: number;
  toEnd: boolean;
}

interface WireSprayOptions {
  bare: Spray;
  heads: ReadonlyMap<string, PlacedPiece>;
  context: WireContext;
  solid: CakeSolid;
  insideMm: number;
  thickness: (bare: readonly number[]) => number;
}

/** Gauges, run-past lengths, carriers and thickness of one spray; the spray that is handed in stays as it is. */
export function wireSpray({ bare, heads, context, solid, insideMm, thickness }: WireSprayOptions): SprayWiring {
  const stems: Stem[] = [];
  const running: RunningWire[] = [];
  /** of the pieces' parts */
  const beside: RunningWire[] = [];
  const bent = ({ curve, arm }: Joint) =>
    keepStemClear({ curve, solid, clearMm: STEM_LIFT_MM, leaveMm: arm === 'heel' ? AT_RIM_MM : 0 });
  const leads = new Map(bare.joints.filter((j) => j.onto === null).map((j) => [j.pieceId, bent(j)]));
  const joints = bare.joints.map((joint): Joint => {
    const lead = joint.onto === null ? undefined : leads.get(joint.onto);
    if (!lead) {
      const curve = leads.get(joint.pieceId) ?? bent(joint);
      return { ...joint, curve, stalkMm: polylineLengthMm(curve) };
    }
    // the stem that it joins was bent clear of the skin: the joint goes along
    const at = nearestPoint(lead, joint.at);
    const curve = bent({ ...joint, curve: [...joint.curve.slice(0, -1), at] });
    return { ...joint, at, curve, stalkMm: polylineLengthMm(curve) };
  });
  const spray: Spray = { ...bare, joints };
  for (const joint of joints) {
    const p = must(heads.get(joint.pieceId));
    const gauge = gaugeFor(p, joint.stalkMm, context);
    stems.push({
      pieceId: joint.pieceId,
      curve: joint.curve,
      lengthMm: joint.stalkMm,
      gauge,
      wires: gauge.strands + footWires(p, context).length,
      trimmedMm: null,
    });
    const main = joint.tip || joint.arm === 'heel' || p.body.role === 'focal' || p.body.role === 'secondary';
    const runMm = joint.onto ? RUN_PAST_JOINT_MM.branch : RUN_PAST_JOINT_MM.arm;
    for (const { diameterMm, belowMm } of footWires(p, context)) {
      const pastMm = belowMm - joint.stalkMm;
      if (pastMm > 0) beside.push({ joint, diameterMm, runMm: pastMm, toEnd: !joint.onto && pastMm > joint.toPickMm });
    }
    const own = {
      joint,
      diameterMm: gauge.diameterMm,
      runMm,
      toEnd: !joint.onto && (main || joint.toPickMm <= RUN_PAST_JOINT_MM.arm),
    };
    running.push(own);
    for (let strand = 1; strand < gauge.strands; strand++) beside.push(own);
  }
  const carriers = (['first', 'second'] as const).flatMap((arm) => carriersFor(arm, heads, running, context));
  fillThickness(joints, [...running, ...beside], carriers, thickness);
  const wires = joints.flatMap((joint, i) => {
    const p = must(heads.get(joint.pieceId));
    const run = must(running[i]);
    const toEnd = run.toEnd ? joint.toPickMm + insideMm : Math.min(run.runMm, joint.onto ? run.runMm : joint.toPickMm);
    const { terms, lengthMm } = sumTerms([
      ...headTerms(p, context),
      { term: 'free', mm: joint.stalkMm, why: { code: 'term.to-joint', values: { joint: joint.order } } },
      {
        term: 'along-stem',
        mm: run.toEnd ? joint.toPickMm : toEnd,
        why: { code: run.toEnd ? 'term.carries-arm' : 'term.past-joint', values: {} },
      },
      { term: 'in-barrier', mm: run.toEnd ? insideMm : 0, why: { code: 'term.to-pick-end', values: {} } },
      TO_TRIM,
    ]);
    return [stemCut({ p, gauge: must(stems[i]).gauge, context, terms, lengthMm }), ...partWires(p, context)];
  });
  carriers.forEach((c, i) => wires.push(carrierCut({ spray, carrier: c, index: i, insideMm, context })));
  const atPickMm = [
    ...[...running, ...beside].filter((r) => r.toEnd).map((r) => r.diameterMm),
    ...carriers.map((c) => c.diameterMm),
  ];
  return { spray, stems, wires, atPickMm };
}

interface Carrier {
  arm: 'first' | 'second';
  fromPickMm: number;
  gauge: number;
  diameterMm: number;
}

/** Walks an arm from its tip; where the bundle's own wires would yield, a further wire is laid in from 20 mm before. */
function carriersFor(
  arm: 'first' | 'second',
  heads: ReadonlyMap<string, PlacedPiece>,
  running: readonly RunningWire[],
  context: WireContext,
): Carrier[] {
  const own = running.filter((r) => r.joint.arm === arm).sort((a, b) => b.joint.toPickMm - a.joint.toPickMm);
  const carriers: Carrier[] = [];
  for (const at of own) {
    const x = at.joint.toPickMm;
    const momentNmm = own.reduce((a, r) => {
      const beyond = r.joint.toPickMm - x;
      return beyond >= 0
        ? a + must(heads.get(r.joint.pieceId)).body.massGrams * GRAVITY_N_PER_GRAM * HANDLING_FACTOR * (beyond + 8)
        : a;
    }, 0);
    const passing = own
      .filter((r) => r.joint.toPickMm >= x && (r.toEnd || r.joint.toPickMm - r.runMm < x))
      .map((r) => r.diameterMm);
    const here = [...passing, ...carriers.map((c) => c.diameterMm)];
    while (momentNmm > bundleMomentNmm(here) && carriers.length < 6) {
      const { gauge, diameterMm } = inSystem(context.system, carriers.length < 2 ? 22 : 20);
      carriers.push({ arm, fromPickMm: x + 20, gauge, diameterMm });
      here.push(diameterMm);
    }
  }
  return carriers;
}

function fillThickness(
  joints: readonly Joint[],
  running: readonly RunningWire[],
  carriers: readonly Carrier[],
  thickness: (bare: readonly number[]) => number,
): void {
  for (const joint of joints) {
    const passing = running.filter((r) => {
      if (joint.onto || r.joint.onto)
        return r.joint === joint || (joint.onto !== null && r.joint.onto === joint.onto && r.joint.order <= joint.order);
      if (joint.arm === 'heel') return r.joint.order <= joint.order && (r.toEnd || r.joint.arm === 'heel');
      return (
        r.joint.arm === joint.arm &&
        r.joint.toPickMm >= joint.toPickMm &&
        (r.toEnd || r.joint.toPickMm - r.runMm < joint.toPickMm)
      );
    });
    const stiff = carriers.filter(
      (c) => joint.arm === 'heel' || (c.arm === joint.arm && c.fromPickMm >= joint.toPickMm && !joint.onto),
    );
    const bare = [...passing.map((r) => r.diameterMm), ...stiff.map((c) => c.diameterMm)];
    joint.wires = bare.length;
    joint.thicknessMm = thickness(bare);
  }
}

interface CarrierCutOptions {
  spray: Spray;
  carrier: Carrier;
  index: number;
  insideMm: number;
  context: WireContext;
}

function carrierCut({ spray, carrier, index, insideMm, context }: CarrierCutOptions): WireCut {
  const { terms, lengthMm } = sumTerms([
    { term: 'along-stem', mm: carrier.fromPickMm, why: { code: 'term.stiffens', values: {} } },
    { term: 'in-barrier', mm: insideMm, why: { code: 'term.to-pick-end', values: {} } },
    TO_TRIM,
  ]);
  return {
    id: `${spray.id}-carrier-${index + 1}`,
    pieceId: must(spray.pieceIds[0]),
    use: 'carrier',
    arm: carrier.arm,
    piece: null,
    part: null,
    gauge: carrier.gauge,
    diameterMm: carrier.diameterMm,
    colour: context.colour,
    count: 1,
    ...cutOf({ terms, lengthMm }, 1, context),
  };
}

export function makeStem(p: PlacedPiece, curve: Vec3[], context: WireContext): Stem {
  const lengthMm = polylineLengthMm(curve);
  const gauge = gaugeFor(p, lengthMm, context);
  return {
    pieceId: p.piece.id,
    curve,
    lengthMm,
    gauge,
    wires: gauge.strands + footWires(p, context).length,
    trimmedMm: trimmedAtMm(p, lengthMm, context),
  };
}
