import { compose, rotationZ, type Affine } from '../../geometry/affine';
import { clamp, lerp } from '../../geometry/numbers';
import { cross, normalize, sub, type Vec3 } from '../../geometry/vec3';
import type { MeshBuilder } from './mesh';
import { paintAt, type PetalPaint } from './paint';
import { petalPoint, type PetalShape } from './petal';

/** Segments across and along; across is even so that the midrib lies on a column. */
export type SheetGrid = readonly [across: number, along: number];

interface SheetLook {
  paint: PetalPaint;
  ring: number;
  phase: number;
  jitter: number;
}

/** Petal frame [across, outward, axial] turned to an azimuth about the head's axis (local z). */
const petalFrame = (map: Affine, azimuthRad: number): Affine => compose(map, rotationZ(azimuthRad - Math.PI / 2));

const FINITE_STEP = 0.012;
const NOWHERE: Vec3 = [0, 0, 1];

function sheetNormal(p: PetalShape, u: number, v: number, phase: number): Vec3 {
  const un = clamp(u, -0.97, 0.97);
  const vn = clamp(v, 0.03, p.tipWidth < 0.05 ? 0.93 : 0.985);
  const du = sub(petalPoint(p, un + FINITE_STEP, vn, phase), petalPoint(p, un - FINITE_STEP, vn, phase));
  const dv = sub(petalPoint(p, un, vn + FINITE_STEP, phase), petalPoint(p, un, vn - FINITE_STEP, phase));
  return normalize(cross(du, dv));
}

interface AddSheetOptions {
  builder: MeshBuilder;
  map: Affine;
  azimuthRad: number;
  shape: PetalShape;
  grid: SheetGrid;
  look: SheetLook;
}

/** Adds one petal: local z of `map` is the head's axis, the petal leaves it at `azimuthRad`. */
export function addSheet({ builder, map, azimuthRad, shape, grid, look }: AddSheetOptions): void {
  const frame = petalFrame(map, azimuthRad);
  const put = (u: number, v: number) =>
    builder.vertex(
      frame,
      petalPoint(shape, u, v, look.phase),
      builder.bare ? NOWHERE : sheetNormal(shape, u, v, look.phase),
      builder.bare ? NOWHERE : paintAt(look.paint, u, v, look.ring, look.jitter),
      1,
    );
  const [across, along] = grid;
  if (across === 1) {
    addDiamond(builder, shape, put);
    return;
  }
  const first = builder.vertexCount;
  for (let j = 0; j <= along; j++) {
    const even = j / along;
    const v = shape.serrationCount ? even : lerp(even, 1 - (1 - even) * (1 - even), 0.55);
    for (let i = 0; i <= across; i++) put(-1 + (2 * i) / across, v);
  }
  builder.sheet({ first, across, along });
}

/** The far level of a narrow petal: base, two shoulders, tip. */
function addDiamond(builder: MeshBuilder, shape: PetalShape, put: (u: number, v: number) => number): void {
  const shoulder = Math.min(0.72, shape.fullest + 0.06);
  const base = put(0, 0.02);
  const left = put(-1, shoulder);
  const right = put(1, shoulder);
  const tip = put(0, 1);
  builder.triangle(base, left, right);
  builder.triangle(left, tip, right);
}
