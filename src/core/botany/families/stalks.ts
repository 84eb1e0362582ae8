import { chain, frame, IDENTITY, scaling, type Affine } from '../../geometry/affine';
import type { Random } from '../../geometry/random';
import { TAU } from '../../geometry/numbers';
import { addScaled, cross, distance, dot, mix, normalize, scale, type Vec3 } from '../../geometry/vec3';
import type { LinearColour, MeshBuilder } from '../shape/mesh';
import { petalPaint, shade, type PetalPaint } from '../shape/paint';
import { petal, type PetalShape } from '../shape/petal';
import type { Hues, Part } from '../shape/recipe';
import { addSheet, type SheetGrid } from '../shape/sheet';
import { addTube } from '../shape/solids';

/** A leaf blade: pointed, a little cupped back, with a midrib. */
export const leafBlade = (blade: Partial<PetalShape>): PetalShape =>
  petal({
    length: 1,
    halfWidth: 0.2,
    open: 84,
    curl: 14,
    cup: -18,
    tipWidth: 0,
    tipPower: 1.5,
    tipDrop: 0,
    baseWidth: 0.2,
    crease: 0.02,
    creaseSpread: 0.1,
    fullest: 0.45,
    ...blade,
  });

/** Rows enough for the margin: two to a tooth, four to a lobe. */
function leafGrid(blade: PetalShape, coarse: boolean): SheetGrid {
  if (coarse) return blade.lobes ? [2, 2 * blade.lobes] : [2, 2];
  return [4, Math.max(blade.halfWidth > 0.35 ? 8 : 5, 2 * blade.serrationCount, 4 * blade.lobes)];
}

export const leafPaint = (h: Hues): PetalPaint =>
  petalPaint(h.hue, {
    base: shade(h.hue, -0.12, 1.05),
    tip: shade(h.hue, 0.16, 0.9),
    rim: shade(h.hue, 0.34, 0.7),
    rimShare: 0.35,
    inner: undefined,
    outer: undefined,
    stripe: shade(h.hue, 0.34, 0.7),
    stripeShare: 0.5,
    stripeSpread: 0.07,
  });

/** Local y runs along the leaf, local z is its face: turned mostly to the branch's own face (local −y), a little up the carrier; one that lies looks straight up. */
function leafMap({ at, along, size }: Part, lying: boolean): Affine {
  const want: Vec3 = lying ? [0, -1, 0] : [0, -0.75, 0.4];
  const z = normalize(addScaled(want, along, -dot(want, along)), [0, -1, 0]);
  return chain(frame(cross(along, z), along, z, at), scaling(size));
}

interface AddLeafOptions {
  b: MeshBuilder;
  part: Part;
  blade: PetalShape;
  paint: PetalPaint;
  random: Random;
  /** it has no wire, and lies on its back */
  lying?: boolean;
}

/** One leaf of a branch, each a little different from the next. */
export function addLeaf({ b, part, blade, paint, random, lying = false }: AddLeafOptions): void {
  const turned = (random() - 0.5) * 14;
  const one: PetalShape = { ...blade, open: blade.open + (lying ? 0 : turned), bend: (random() - 0.5) * 0.14 };
  addSheet({
    builder: b,
    map: leafMap({ ...part, size: part.size * (1 + (random() - 0.5) * 0.12) }, lying),
    azimuthRad: Math.PI / 2,
    shape: one,
    grid: leafGrid(blade, b.coarse),
    look: {
      paint,
      ring: 1,
      phase: random() * TAU,
      jitter: (random() - 0.5) * 0.08,
    },
  });
}

/** A direction that leaves a carrier at an angle, to one side of it; `flat` under 1 presses branches flat, as they lie on a cake. */
export function leaving(carrier: Vec3, azimuthRad: number, angleRad: number, flat = 1): Vec3 {
  const side = normalize([Math.cos(azimuthRad), Math.sin(azimuthRad) * flat, 0], [1, 0, 0]);
  return normalize(addScaled(scale(carrier, Math.cos(angleRad)), side, Math.sin(angleRad)));
}

/** The map of something round that sits at the end of its stalk and looks along it. */
export function seatOf({ at, along, size }: Part): Affine {
  const x = normalize(cross([0, 1, 0], along), [1, 0, 0]);
  return chain(frame(x, cross(along, x), along, at), scaling(size));
}

/** The stalk of a part, from where it joins to where the part sits: straight out of the joint, bending into the part's own way. */
export function addStalk(b: MeshBuilder, part: Part, radius: number, colours: readonly [LinearColour, LinearColour]): void {
  const long = distance(part.joins, part.at);
  if (long < 0.012) return;
  const knee = addScaled(part.at, part.along, -0.45 * long);
  const points = b.coarse ? [part.joins, part.at] : [part.joins, mix(part.joins, knee, 0.7), mix(knee, part.at, 0.5), part.at];
  addTube({ b, map: IDENTITY, points, radii: [radius, radius * 0.7], sides: 3, colours });
}
