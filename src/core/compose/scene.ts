import type { Cake } from '../cake/cake';
import { cakeSolid, type CakeSolid } from '../cake/solid';
import { colourwayOf } from '../botany/species';
import type { Vec3 } from '../geometry/vec3';
import { differenceCiede2000 } from 'culori';
import type { Arrangement } from './arrangement';
import { envelopeGrid, type EnvelopeGrid } from './envelope';
import { drawLine, type Line } from './line';
import { intoCakeMm, intoLetteringMm, overlapMm, placeAll, type PlacedPiece } from './placement';

export interface Clash {
  a: number;
  b: number;
  mm: number;
}

/** All that a reading may look at: the cake, one arrangement's line and its pieces in the world. */
export interface Scene {
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
  clashes: readonly Clash[];
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
export const FRONT_RAD = -Math.PI / 2;

/** Heads may press this far into each other before petals break. */
export const PETAL_GIVE_MM = 1.5;

const deltaE = differenceCiede2000();

/** Visual weight: area^0.75 · (0.6 + 0.4·ΔE00/50 against the covering), less for filler and foliage. The project's own study. */
export function visualWeight(p: PlacedPiece, covering: string): number {
  const way = colourwayOf(p.body.species, p.piece.colourway);
  const area = Math.PI * p.body.radialMm * (p.spine.length ? p.body.axialMm : p.body.radialMm);
  const contrast = Math.min(1, deltaE(way.hue, covering) / 50);
  const share = p.body.role === 'filler' ? 0.7 : p.body.role === 'foliage' ? 0.45 : 1;
  return Math.pow(area, 0.75) * (0.6 + 0.4 * contrast) * share;
}

export function coveringAt(cake: Cake, solid: CakeSolid, point: Vec3): string {
  const tier = solid.tiers.find((t) => point[2] <= t.topMm + 1) ?? solid.tiers[solid.tiers.length - 1];
  return tier?.tier.covering.colour ?? cake.tiers[0]?.covering.colour ?? '#ffffff';
}

/** Places everything once. Null when the line cannot be drawn (no tier, or a tier that is not there). */
export function buildScene(cake: Cake, arrangement: Arrangement, frontRad = FRONT_RAD): Scene | null {
  const line = drawLine(arrangement.line, cake);
  if (!line) return null;
  const solid = cakeSolid(cake);
  const heads = placeAll(arrangement.pieces, line);
  const clashes: Clash[] = [];
  for (let a = 0; a < heads.length; a++) {
    for (let b = a + 1; b < heads.length; b++) {
      const mm = overlapMm(heads[a]!, heads[b]!) - PETAL_GIVE_MM;
      if (mm > 0) clashes.push({ a, b, mm });
    }
  }
  return {
    cake,
    solid,
    arrangement,
    line,
    heads,
    frontRad,
    grid: envelopeGrid(line),
    weights: heads.map((p) => visualWeight(p, coveringAt(cake, solid, p.frame.pointMm))),
    clashes,
    intoCake: heads.map((p) => intoCakeMm(p, solid)),
    intoLettering: heads.map((p) => intoLetteringMm(p, line.plate)),
  };
}
