import type { Cake } from '../cake/cake';
import { cakeSolid, type CakeSolid } from '../cake/solid';
import { colourwayOf } from '../botany/species';
import { FRONT_AZIMUTH_RAD } from '../geometry/units';
import type { Vec3 } from '../geometry/vec3';
import type { Arrangement } from './arrangement';
import { colourDifference } from './colourDifference';
import { envelopeGrid, type EnvelopeGrid } from './envelope';
import { drawLine, type Line } from './line';
import { intoCakeMm, intoLetteringMm, overlapMm, placeAll, type PlacedPiece } from './placement';
import type { Catalogue } from '../botany/catalogue';
import { must } from '../geometry/must';

/** Two pieces, a before b in the list, and by how many mm they run into each other; negative when apart. */
export interface NearPair {
  a: number;
  b: number;
  mm: number;
}

/** A piece whose nearest neighbour is farther than this stands alone, mm. */
const NEAR_MM = 8;

/** All that a reading may look at: the cake, one arrangement's line and its pieces in the world. */
export interface Scene {
  catalogue: Catalogue;
  cake: Cake;
  solid: CakeSolid;
  arrangement: Arrangement;
  line: Line;
  heads: readonly PlacedPiece[];
  /** azimuth of the front */
  frontRad: number;
  grid: EnvelopeGrid;
  /** visual weight of each head */
  weights: readonly number[];
  /** pieces that press, touch or nearly touch (`NEAR_MM`), in no stated order */
  pairs: readonly NearPair[];
  /** those that press by more than petals give */
  clashes: readonly NearPair[];
  intoCake: readonly number[];
  /** how far each piece hides a plaque's lettering */
  intoLettering: readonly number[];
}

/** A look from a little above, and from straight above: 22° over the horizon. */
const LOOK_DOWN = [0.927, 0.375] as const;

/** How a person looks: the four sides a little from above, and straight down. Directions toward the eye; the front is an azimuth. */
export function viewsFrom(frontRad: number): readonly { name: ViewName; toEye: Vec3 }[] {
  const side = (name: ViewName, turn: number) => {
    const a = frontRad + turn;
    return { name, toEye: [Math.cos(a) * LOOK_DOWN[0], Math.sin(a) * LOOK_DOWN[0], LOOK_DOWN[1]] as const };
  };
  return [
    side('front', 0),
    side('left', -Math.PI / 2),
    side('back', Math.PI),
    side('right', Math.PI / 2),
    { name: 'above', toEye: [0, 0, 1] },
  ];
}
export type ViewName = 'front' | 'left' | 'back' | 'right' | 'above';

/** The front of a cake, toward −y. */
export const FRONT_RAD = FRONT_AZIMUTH_RAD;

/** Heads may press this far into each other before petals break. */
export const PETAL_GIVE_MM = 1.5;

/** Visual weight: area^0.75 · (0.6 + 0.4·ΔE00/50 against the covering), less for filler and foliage. The project's own study. */
export function visualWeight(p: PlacedPiece, covering: string): number {
  const way = colourwayOf(p.body.species, p.piece.colourway);
  const area = Math.PI * p.body.radialMm * (p.spine.length ? p.body.axialMm : p.body.radialMm);
  const contrast = Math.min(1, colourDifference(way.hue, covering) / 50);
  const share = p.body.role === 'filler' ? 0.7 : p.body.role === 'foliage' ? 0.45 : 1;
  return Math.pow(area, 0.75) * (0.6 + 0.4 * contrast) * share;
}

export function coveringAt(cake: Cake, solid: CakeSolid, point: Vec3): string {
  const tier = solid.tiers.find((t) => point[2] <= t.topMm + 1) ?? solid.tiers[solid.tiers.length - 1];
  return tier?.tier.covering.colour ?? cake.tiers[0]?.covering.colour ?? '#ffffff';
}

/** The pair, when it is near enough to be spoken of. */
export function nearPair(heads: readonly PlacedPiece[], a: number, b: number): NearPair | null {
  const [p, q] = [must(heads[a]), must(heads[b])];
  const reach = p.body.radialMm + p.body.axialMm + q.body.radialMm + q.body.axialMm + NEAR_MM;
  const [x, y, z] = [p.centre[0] - q.centre[0], p.centre[1] - q.centre[1], p.centre[2] - q.centre[2]];
  if (x * x + y * y + z * z > reach * reach) return null;
  const mm = overlapMm(p, q);
  return mm > -NEAR_MM ? { a, b, mm } : null;
}

/** Of near pairs those that press, by what they press past what petals give. */
export const clashesOf = (pairs: readonly NearPair[]): NearPair[] =>
  pairs.filter((p) => p.mm > PETAL_GIVE_MM).map((p) => ({ ...p, mm: p.mm - PETAL_GIVE_MM }));

/** Places everything once. Null when the line cannot be drawn (no tier, or a tier that is not there). */
export function buildScene(cake: Cake, arrangement: Arrangement, catalogue: Catalogue, frontRad = FRONT_RAD): Scene | null {
  const line = drawLine(arrangement.line, cake);
  if (!line) return null;
  const solid = cakeSolid(cake);
  const heads = placeAll(arrangement.pieces, line, catalogue);
  const pairs: NearPair[] = [];
  for (let a = 0; a < heads.length; a++) {
    for (let b = a + 1; b < heads.length; b++) {
      const pair = nearPair(heads, a, b);
      if (pair) pairs.push(pair);
    }
  }
  return {
    cake,
    catalogue,
    solid,
    arrangement,
    line,
    heads,
    frontRad,
    grid: envelopeGrid(line),
    weights: heads.map((p) => visualWeight(p, coveringAt(cake, solid, p.frame.pointMm))),
    pairs,
    clashes: clashesOf(pairs),
    intoCake: heads.map((p) => intoCakeMm(p, solid)),
    intoLettering: heads.map((p) => intoLetteringMm(p, line.plate)),
  };
}
