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
