import { IDENTITY } from '../geometry/affine';
import { add, addScaled, anyPerpendicular, cross, normalize, scale, sub, type Vec3 } from '../geometry/vec3';
import { TAU } from '../geometry/numbers';
import { MeshBuilder, type LinearColour, type Mesh } from '../botany/shape/mesh';
import { hexToLinear, shade } from '../botany/shape/paint';
import type { StackedTier } from '../cake/cake';
import { type Plate, type Stand } from '../compose/line';
import { SKEWER_SHARE } from '../compose/lines/plaque';
import { must } from '../geometry/must';

const EDGE_STEPS = 6;

interface RimPoint {
  at: Vec3;
  normal: Vec3;
}

/** Closed rings of points, each as many as the next, joined into a skin. */
function addRings(b: MeshBuilder, rings: readonly (readonly RimPoint[])[], colour: (ring: number) => LinearColour): void {
  const n = must(rings[0]).length;
  const first = b.vertexCount;
  rings.forEach((ring, k) => {
    for (let i = 0; i <= n; i++) b.vertex(IDENTITY, must(ring[i % n]).at, must(ring[i % n]).normal, colour(k), 2);
  });
  for (let k = 0; k + 1 < rings.length; k++) {
    for (let i = 0; i < n; i++) {
      const a = first + k * (n + 1) + i;
      const d = a + n + 1;
      b.triangle(a, a + 1, d + 1);
      b.triangle(a, d + 1, d);
    }
  }
}

/** A tier's side, softened edge and top; its foot is closed by what it stands on. mm in the cake's frame. */
export function addTier(b: MeshBuilder, tier: StackedTier): void {
  const { outline, edgeMm: e, topMm, footMm } = tier;
  const ring = (insetMm: number, z: number, up: number): RimPoint[] =>
    outline.round(insetMm).map((p) => {
      const flat = Math.sqrt(1 - up * up);
      return { at: [p.x, p.y, z], normal: [p.nx * flat, p.ny * flat, up] };
    });
  const rings = [ring(0, footMm, 0), ring(0, topMm - e, 0)];
  for (let i = 1; i <= EDGE_STEPS; i++) {
    const a = (i / EDGE_STEPS) * (Math.PI / 2);
    rings.push(ring(e * (1 - Math.cos(a)), topMm - e + e * Math.sin(a), Math.sin(a)));
  }
  const rim = must(rings[rings.length - 1]);
  rings.push(rim.map((p) => ({ at: p.at, normal: [0, 0, 1] })));
  rings.push(rim.map(() => ({ at: [outline.xMm, outline.yMm, topMm], normal: [0, 0, 1] })));
  const full = hexToLinear(tier.tier.covering.colour);
  const foot = hexToLinear(shade(tier.tier.covering.colour, -0.04));
  addRings(b, rings, (k) => (k === 0 ? foot : full));
}

export function tierMesh(tier: StackedTier): Mesh {
  const b = new MeshBuilder(false);
  addTier(b, tier);
  return b.finish();
}

interface AddStickOptions {
  b: MeshBuilder;
  from: Vec3;
  to: Vec3;
  radiusMm: number;
  colour: LinearColour;
}

/** A round stick between two points. */
function addStick({ b, from, to, radiusMm, colour }: AddStickOptions): void {
  const axis = normalize(sub(to, from), [0, 0, 1]);
  const x = anyPerpendicular(axis);
  const y = cross(axis, x);
  const ring = (at: Vec3): RimPoint[] =>
    Array.from({ length: 10 }, (_, i) => {
      const a = (i / 10) * TAU;
      const normal = add(scale(x, Math.cos(a)), scale(y, Math.sin(a)));
      return { at: addScaled(at, normal, radiusMm), normal };
    });
  addRings(b, [ring(from), ring(to)], () => colour);
}

const SKEWER_MM = 3.5;
const BINDING_MM = 5;

/** A plaque of paste with a bevelled rim, and what holds it or a cluster up. */
function addHolder(b: MeshBuilder, stand: Stand | null, plate: Plate | null): void {
  if (plate) {
    const half = plate.thicknessMm;
    const on = (x: number, y: number, back: number): Vec3 =>
      addScaled(addScaled(addScaled(plate.centreMm, plate.across, x), plate.up, y), plate.normal, -back);
    const ring = (share: number, back: number, out: number): RimPoint[] =>
      plate.outlineMm.map(([x, y]) => {
        const size = Math.hypot(x, y) || 1;
        const flat = add(scale(plate.across, x / size), scale(plate.up, y / size));
        const side = back > half / 2 ? -1 : 1;
        return {
          at: on(x * share, y * share, back),
          normal: normalize(add(scale(flat, out), scale(plate.normal, side * Math.sqrt(1 - out * out)))),
        };
      });
    const paper = hexToLinear(plate.colour);
    const rim = hexToLinear(shade(plate.colour, -0.06));
    const rings = [ring(0, half, 0), ring(0.98, half, 0), ring(1, half * 0.6, 1), ring(1, half * 0.4, 1), ring(0.98, 0, 0.5)];
    addRings(b, [...rings, ring(0.97, 0, 0), ring(0, 0, 0)], (k) => (k > 1 && k < 5 ? rim : paper));
  }
  if (!stand) return;
  const wood = hexToLinear('#cfae7c');
  if (plate?.upright) {
    const away = Math.max(...plate.outlineMm.map(([x]) => x)) * SKEWER_SHARE;
    for (const side of [-away, away]) {
      const foot = addScaled(addScaled(stand.footMm, plate.across, side), plate.normal, -plate.thicknessMm - SKEWER_MM / 2);
      const high = plate.centreMm[2] - stand.footMm[2];
      addStick({
        b,
        from: addScaled(foot, [0, 0, 1], -4),
        to: addScaled(foot, [0, 0, 1], high),
        radiusMm: SKEWER_MM / 2,
        colour: wood,
      });
    }
  } else if (!plate && stand.topMm[2] > stand.footMm[2] + 1) {
    addStick({
      b,
      from: addScaled(stand.footMm, [0, 0, 1], -4),
      to: stand.topMm,
      radiusMm: BINDING_MM / 2,
      colour: hexToLinear('#6f8a5c'),
    });
  }
}

export function holderMesh(stand: Stand | null, plate: Plate | null): Mesh | null {
  const b = new MeshBuilder(false);
  addHolder(b, stand, plate);
  return b.vertexCount > 0 ? b.finish() : null;
}
