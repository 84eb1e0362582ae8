import { GOLDEN_ANGLE_RAD } from '../../geometry/numbers';
import type { Cut } from '../../wire/cutting';
import type { Habit, Part } from '../part';
import { ball, line, onWire, so } from './build';

/** How many of each, from the tip down. */
export interface SpikeCounts {
  buds: number;
  opening: number;
  open: number;
}

interface Floret {
  ballMm: number;
  stalkMm: number;
  gapMm: number;
}

interface Spike {
  /** of the stem that is laid in, and of each floret */
  swg: number;
  floretSwg: number;
  bud: Floret;
  opening: Floret;
  open: Floret;
  turnRad: number;
  dots: boolean;
  /** slotted together in the hand: no wire is laid in */
  inHand?: true;
  /** of a length, each of its wires */
  cut: Cut;
}

/**
 * Florets on wires of their own up a stem, closed at its tip and open below. Balls of the lilac-like spray are common practice, no source;
 * the rest is of the own study. The small one needs no carrier: each floret on 24 (docs/trade.md W3), the first stem carries the next (W6).
 */
const SPIKES = {
  spike: {
    ...{ swg: 24, floretSwg: 24, turnRad: GOLDEN_ANGLE_RAD, dots: true, inHand: true, cut: 6 },
    bud: { ballMm: 4.5, stalkMm: 8, gapMm: 2.5 },
    opening: { ballMm: 6, stalkMm: 10, gapMm: 2.5 },
    open: { ballMm: 7, stalkMm: 12, gapMm: 2.5 },
  },
  // three or five buds, then three, five or seven flowers, larger lower; common practice, no source
  five: {
    ...{ swg: 28, floretSwg: 28, turnRad: GOLDEN_ANGLE_RAD, dots: true, inHand: true, cut: 4 },
    bud: { ballMm: 6, stalkMm: 12, gapMm: 4 },
    opening: { ballMm: 8, stalkMm: 14, gapMm: 4 },
    open: { ballMm: 10, stalkMm: 16, gapMm: 5 },
  },
  delphinium: {
    ...{ swg: 22, floretSwg: 26, turnRad: GOLDEN_ANGLE_RAD, dots: false, cut: 6 },
    bud: { ballMm: 5, stalkMm: 8, gapMm: 3.5 },
    opening: { ballMm: 7, stalkMm: 10, gapMm: 5 },
    open: { ballMm: 8, stalkMm: 12, gapMm: 6 },
  },
} as const satisfies Readonly<Record<string, Spike>>;

export type SpikeId = keyof typeof SPIKES;

/** How many of each a stage has. Own study; buds, opening and open flowers are three constructions. */
export const SPIKE_STAGES = {
  spike: {
    bud: { buds: 9, opening: 4, open: 0 },
    half: { buds: 5, opening: 6, open: 2 },
    open: { buds: 3, opening: 5, open: 7 },
  },
  five: {
    bud: { buds: 5, opening: 0, open: 3 },
    half: { buds: 5, opening: 2, open: 3 },
    open: { buds: 3, opening: 0, open: 5 },
  },
  delphinium: {
    bud: { buds: 10, opening: 8, open: 4 },
    half: { buds: 6, opening: 7, open: 9 },
    open: { buds: 4, opening: 6, open: 12 },
  },
} as const satisfies Readonly<Record<SpikeId, Readonly<Record<string, SpikeCounts>>>>;

const WORKS = { bud: 'bud-tiny', opening: 'floret-half', open: 'floret-pulled' } as const;

/** The tree of a spike of so many buds, opening and open florets. A count of none takes the line away. */
export function spike(id: SpikeId, counts: SpikeCounts, scale = 1): Part {
  const spec: Spike = SPIKES[id];
  const lines: Part[] = [];
  let startMm = 0;
  for (const [stage, count] of [
    ['bud', counts.buds],
    ['opening', counts.opening],
    ['open', counts.open],
  ] as const) {
    const { ballMm, stalkMm, gapMm } = spec[stage];
    const habit: Habit = { by: 'singly', gapMm: gapMm * scale, turnRad: spec.turnRad, startMm: startMm * scale };
    if (count > 0)
      lines.push(
        line({
          id: stage,
          kind: stage === 'bud' ? 'bud' : 'floret',
          many: so(count, ballMm * scale),
          form: ball('main', stage === 'bud' ? 1 : KEPT),
          on: onWire(spec.floretSwg, { stalkMm, cut: spec.cut }),
          join: spec.inHand ? 'in hand' : 'taped',
          work: [WORKS[stage], 'dust-tiny'],
          habit,
          parts: spec.dots && stage === 'open' ? [dot] : [],
        }),
      );
    startMm += gapMm * count;
  }
  const root = { id: 'branch', kind: 'branch', join: 'itself', parts: lines } as const;
  return spec.inHand ? line({ ...root, on: onWire(spec.swg), firstCarries: true }) : line({ ...root, on: onWire(spec.swg) });
}

/** What is left of a ball that a flower is opened from. */
const KEPT = 0.85;
const dot = line({ id: 'dot', kind: 'centre', many: so(1, 1.5), form: ball('second'), join: 'glued', work: ['dot'] });

/** Tiny buds or bells glued to the carrier in whorls: forty wires would make a stem of 5 mm. Own study. */
const GLUED = {
  lavender: { swg: 24, count: 34, each: 5, gapMm: [5, 7], turnRad: Math.PI / 5, tipMm: 2.5 },
  heather: { swg: 22, count: 40, each: 4, gapMm: [3.5, 4.5], turnRad: Math.PI / 4, tipMm: 2.2 },
} as const;
export type GluedSpikeId = keyof typeof GLUED;

/** Largest at the foot, by stage. Own study. */
export const GLUED_STAGES = {
  lavender: { bud: 3, half: 3.4, open: 3.8 },
  heather: { bud: 2.8, grown: 3.6 },
} as const satisfies Readonly<Record<GluedSpikeId, Readonly<Record<string, number>>>>;

/** The tree of a spike of buds glued on, smallest at its tip. */
export function gluedSpike(
  id: GluedSpikeId,
  { footMm, count, share = 1 }: { footMm: number; count?: number | undefined; share?: number },
  scale = 1,
): Part {
  const { swg, each, gapMm, turnRad, tipMm, count: usual } = GLUED[id];
  const bud = line({
    id: 'bud',
    kind: 'bud',
    many: { by: 'run', count: count ?? Math.round(usual * share), fromMm: tipMm * scale, toMm: footMm * scale },
    form: ball(),
    join: 'glued',
    work: ['leaf-fine-glued'],
    habit: { by: 'whorl', each, gapMm: [gapMm[0] * scale, gapMm[1] * scale], turnRad },
  });
  return line({ id: 'branch', kind: 'branch', on: onWire(swg), join: 'itself', work: ['dust-head'], parts: [bud] });
}
