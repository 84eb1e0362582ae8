import type { Barrier } from './barrier';

/** Why a barrier will not do at a place. */
export type WhyNot = 'bore' | 'weight' | 'depth' | 'reach' | 'hold';

/** One barrier as it would be for a stem at its place. */
export interface BarrierTrial {
  barrier: string;
  /** how deep it would go; null where it will not do */
  insideMm: number | null;
  whyNot: string | null;
  taken: boolean;
}

/** The reason in a few words, with what was measured. */
export function trialWords(
  why: WhyNot,
  barrier: Barrier,
  { bundleMm, massGrams }: { bundleMm: number; massGrams: number },
): string {
  return {
    bore:
      barrier.boreMm === null
        ? `a stem of ${bundleMm.toFixed(1)} mm is too thick for it`
        : `bore ${barrier.boreMm} mm, stem ${bundleMm.toFixed(1)} mm`,
    weight: `carries ${barrier.mostGrams} g, not ${Math.round(massGrams)} g`,
    depth: 'the cake is not deep enough there',
    reach: `would have to go deeper than its ${barrier.reachMm} mm`,
    hold: 'does not hold so much so far out',
  }[why];
}

/** A way to do without any barrier. */
export interface WayWithout {
  name: string;
  /** what it would mean; why not, where it will not do */
  words: string;
  will: boolean;
}

/** Food glue holds about so much on an upright side, and so much lying on top. Assumed. */
const GLUED_MOST_GRAMS = { side: 5, top: 20 } as const;
/** Steeper than this into the cake is its top. */
const TOP_DOWN_DEG = 60;

/** The two ways with no barrier at all: the tier a dummy of foam, and the piece made without wire and glued. */
export function waysWithout(stem: { heads: number; massGrams: number; ownWires: boolean; downDeg: number }): WayWithout[] {
  const where = stem.downDeg > TOP_DOWN_DEG ? 'top' : 'side';
  const mostGrams = GLUED_MOST_GRAMS[where];
  const why =
    stem.heads > 1
      ? 'a taped spray hangs on its stem'
      : stem.ownWires
        ? 'its parts stand on wires of their own'
        : stem.massGrams > mostGrams
          ? `${stem.massGrams.toFixed(0)} g; glue holds about ${mostGrams} g ${where === 'top' ? 'on a top' : 'on a side'}`
          : null;
  return [
    {
      name: 'a dummy tier',
      words: 'Foam that nobody eats: the stem goes in bare. Make the tier a dummy in Brief; the whole tier is taken away.',
      will: true,
    },
    {
      name: 'none, unwired',
      words:
        why ?? 'Make it without a wire and glue it on with food glue; nothing is taken out, and nothing sharp is in the cake.',
      will: why === null,
    },
  ];
}
