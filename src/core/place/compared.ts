import type { Barrier } from './barrier';
import type { WhyNotFact } from './facts';

/** Why a barrier will not do at a place. */
export type WhyNot = 'bore' | 'weight' | 'depth' | 'reach' | 'length' | 'hold' | 'dowel';

/** One barrier as it would be for a stem at its place. */
export interface BarrierTrial {
  barrier: string;
  /** how deep it would go; null where it will not do */
  insideMm: number | null;
  whyNot: WhyNotFact | null;
  taken: boolean;
}

/** The reason with what was measured. */
export function trialFact(
  why: WhyNot,
  barrier: Barrier,
  { bundleMm, massGrams }: { bundleMm: number; massGrams: number },
): WhyNotFact {
  if (why === 'bore')
    return barrier.boreMm === null
      ? { code: 'unsuited.thick', values: { stemMm: bundleMm } }
      : { code: 'unsuited.bore', values: { stemMm: bundleMm, boreMm: barrier.boreMm } };
  if (why === 'weight') return { code: 'unsuited.weight', values: { mostGrams: barrier.mostGrams, massGrams } };
  if (why === 'reach') return { code: 'unsuited.reach', values: { reachMm: barrier.reachMm } };
  if (why === 'length') return { code: 'unsuited.length', values: { stockMm: barrier.stockMm } };
  if (why === 'dowel') return { code: 'unsuited.dowel', values: {} };
  return why === 'depth' ? { code: 'unsuited.depth', values: {} } : { code: 'unsuited.hold', values: {} };
}

/** A way to do without any barrier, and why it will not do for this stem; null where it will. */
export interface WayWithout {
  way: 'dummy' | 'unwired';
  whyNot: WhyNotFact | null;
}

/** Food glue holds about so much on an upright side, and so much lying on top. Assumed. */
const GLUED_MOST_GRAMS = { side: 5, top: 20 } as const;
/** Steeper than this into the cake is its top. */
const TOP_DOWN_DEG = 60;

/** The two ways with no barrier at all: the tier a dummy of foam, and the piece made without wire and glued. */
export function waysWithout(stem: { heads: number; massGrams: number; ownWires: boolean; downDeg: number }): WayWithout[] {
  const where = stem.downDeg > TOP_DOWN_DEG ? 'top' : 'side';
  const mostGrams = GLUED_MOST_GRAMS[where];
  const whyNot = ((): WhyNotFact | null => {
    if (stem.heads > 1) return { code: 'unwired.spray', values: {} };
    if (stem.ownWires) return { code: 'unwired.own-wires', values: {} };
    if (stem.massGrams > mostGrams) return { code: 'unwired.heavy', values: { massGrams: stem.massGrams, mostGrams, where } };
    return null;
  })();
  return [
    { way: 'dummy', whyNot: null },
    { way: 'unwired', whyNot },
  ];
}
