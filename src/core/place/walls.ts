import { segmentDistance } from '../geometry/curve';
import { addScaled, type Vec3 } from '../geometry/vec3';
import { must } from '../geometry/must';
import type { Entry } from './entry';

/** A barrier where it stands in the cake: its mouth, the unit vector down it, its length and width. */
export interface Standing {
  point: Vec3;
  direction: Vec3;
  insideMm: number;
  od: number;
}

/** What of an entry takes room in the cake. */
export type InCake = Pick<Entry, 'tierIndex' | 'pointMm' | 'direction' | 'insideMm' | 'outsideMm'>;

export const inCakeOf = ({ tierIndex, pointMm, direction, insideMm, outsideMm }: Entry): InCake => ({
  tierIndex,
  pointMm,
  direction,
  insideMm,
  outsideMm,
});

/** What goes into the cake, as it stands there. */
export const asStanding = ({ pointMm, direction, insideMm, outsideMm }: InCake): Standing => ({
  point: pointMm,
  direction,
  insideMm,
  od: outsideMm,
});

/** The wall of cake between two barriers, mm; negative when they would meet. */
export function wallBetweenMm(a: Standing, b: Standing): number {
  const d = segmentDistance(
    a.point,
    addScaled(a.point, a.direction, a.insideMm),
    b.point,
    addScaled(b.point, b.direction, b.insideMm),
  );
  return d.mm - (a.od + b.od) / 2;
}

/** The wall that two barriers want between them: as thick as they are, and 3 mm at the least (assumed, no source). */
export const wantedWallMm = (a: Pick<Standing, 'od'>, b: Pick<Standing, 'od'>): number => Math.max(3, (a.od + b.od) / 2);

/** The walls between all barriers of a cake. Most pairs are far apart: that is told by their middles, which stand in one array. */
export class Walls {
  private readonly standing: Standing[] = [];
  private readonly balls: Float64Array;

  constructor(standing: readonly Standing[]) {
    this.balls = new Float64Array(standing.length * 4);
    standing.forEach((s, i) => this.set(i, s));
  }

  /** Another barrier in the place of one. */
  set(i: number, s: Standing): void {
    this.standing[i] = s;
    for (let k = 0; k < 3; k++) this.balls[i * 4 + k] = must(s.point[k]) + (must(s.direction[k]) * s.insideMm) / 2;
    this.balls[i * 4 + 3] = (s.insideMm + s.od) / 2;
  }

  /** Whether two stand surely farther apart than that. */
  private apart(i: number, j: number, mm: number): boolean {
    const { balls } = this;
    const reach = must(balls[i * 4 + 3]) + must(balls[j * 4 + 3]) + mm;
    const [x, y, z] = [
      must(balls[i * 4]) - must(balls[j * 4]),
      must(balls[i * 4 + 1]) - must(balls[j * 4 + 1]),
      must(balls[i * 4 + 2]) - must(balls[j * 4 + 2]),
    ];
    return reach < 0 || x * x + y * y + z * z > reach * reach;
  }

  /** Those that may be nearer to one than the wall that both want. */
  near(i: number): number[] {
    const own = must(this.standing[i]);
    const found: number[] = [];
    for (let j = 0; j < this.standing.length; j++)
      if (j !== i && !this.apart(i, j, wantedWallMm(own, must(this.standing[j])))) found.push(j);
    return found;
  }

  /** How much wall is missing round one barrier, summed over its neighbours, mm. */
  missingMm(i: number): number {
    const own = must(this.standing[i]);
    return this.near(i).reduce((a, j) => {
      const other = must(this.standing[j]);
      return a + Math.max(0, wantedWallMm(own, other) - wallBetweenMm(own, other));
    }, 0);
  }

  /** The thinnest wall round one barrier, mm; infinite when it stands alone. */
  thinnestMm(i: number): number {
    let thinnest = Infinity;
    for (let j = 0; j < this.standing.length; j++)
      if (j !== i && !this.apart(i, j, thinnest))
        thinnest = Math.min(thinnest, wallBetweenMm(must(this.standing[i]), must(this.standing[j])));
    return thinnest;
  }
}
