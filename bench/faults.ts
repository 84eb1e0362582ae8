import { SHIPPED } from '../src/core/botany/catalogue';
import type { Cake } from '../src/core/cake/cake';
import type { Arrangement } from '../src/core/compose/arrangement';
import { buildScene } from '../src/core/compose/scene';
import { radToDeg } from '../src/core/geometry/numbers';
import { angleBetween, distance } from '../src/core/geometry/vec3';

const LARGE_RADIUS_MM = 18;
const BESIDE_MM = 6;

export interface Faults {
  /** How deep any head stands in another, and in the cake. */
  pressMm: number;
  intoCakeMm: number;
  focals: number;
  /** The smallest angle between two large heads that stand beside each other. */
  alikeDeg: number;
}

/** What a decorator would send back at once, measured on the finished arrangement. */
export function faultsOf(cake: Cake, arrangement: Arrangement): Faults {
  const scene = buildScene(cake, arrangement, SHIPPED)!;
  const large = scene.heads.filter((p) => !p.spine.length && p.body.radialMm > LARGE_RADIUS_MM);
  let alikeRad = Math.PI;
  for (const p of large)
    for (const q of large)
      if (p !== q && distance(p.centre, q.centre) < p.body.radialMm + q.body.radialMm + BESIDE_MM)
        alikeRad = Math.min(alikeRad, angleBetween(p.axis, q.axis));
  return {
    pressMm: Math.max(0, ...scene.clashes.map((c) => c.mm)),
    intoCakeMm: Math.max(0, ...scene.heads.map((p, i) => (p.spine.length ? 0 : scene.intoCake[i]!))),
    focals: scene.heads.filter((p) => p.body.role === 'focal').length,
    alikeDeg: radToDeg(alikeRad),
  };
}

export const clean = ({ pressMm, intoCakeMm, focals, alikeDeg }: Faults): boolean =>
  pressMm <= 1 && intoCakeMm <= 1 && (focals === 0 || focals % 2 === 1) && alikeDeg > 12;
