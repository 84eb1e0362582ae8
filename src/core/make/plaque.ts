import type { Plate } from '../compose/line';
import { must } from '../geometry/must';
import { MATERIAL } from '../piece/materials';

/** A plaque to roll and cut. */
export interface PlaqueToMake {
  count: number;
  gramsEach: number;
  colour: string;
}

/** Paste cut away round a plaque and kneaded in again is not lost; this much dries on the board. */
export const PLAQUE_LOSS_SHARE = 0.1;
/** Minutes to roll, cut and let down flat, a board of so many laid out and cleared away; hours to dry, turned once. Own study. */
export const PLAQUE_MINUTES = { each: 2, board: 4, onBoard: 20 } as const;
export const PLAQUE_DRY_HOURS = 36;

/** Mass of a plaque itself: its outline (shoelace formula) times its thickness, dry. */
export function plateGrams(plate: Plate): number {
  const ring = plate.outlineMm;
  let mm2 = 0;
  ring.forEach(([x, y], i) => {
    const [qx, qy] = must(ring[(i + 1) % ring.length]);
    mm2 += (x * qy - qx * y) / 2;
  });
  return ((Math.abs(mm2) * plate.thicknessMm) / 1000) * MATERIAL['flower paste'].gramsPerCm3;
}
