import { chain, frame, IDENTITY, rotationX, rotationZ, scaling, translation, type Affine } from '../../geometry/affine';
import { degToRad, GOLDEN_ANGLE_RAD, lerp, TAU } from '../../geometry/numbers';
import type { Random } from '../../geometry/random';
import { addScaled, cross, dot, normalize, scale, type Vec3 } from '../../geometry/vec3';
import type { MeshBuilder } from '../shape/mesh';
import { hexToLinear, petalPaint, shade, type PetalPaint } from '../shape/paint';
import { petal, petalArea, type PetalShape } from '../shape/petal';
import type { Hues, Shape } from '../shape/recipe';
import { addSheet } from '../shape/sheet';
import { addBall, addTube, three } from '../shape/solids';

/** A leaf blade on a branch, lengths in lengths of the branch, foot at the origin, tip at z = 1. */
export interface LeafBranch {
  /** pairs or single leaves up the carrier, and one at the tip */
  nodes: number;
  perNode: 1 | 2;
  leafLength: readonly [low: number, high: number];
  blade: Partial<PetalShape>;
  /** angle of leaf to carrier, degrees */
  angle: number;
  /** each pair turned by this much against the one before: a right angle where nature does, 0 for a flat frond */
  turnDeg: number;
  carrierSway: number;
  berries?: { hue: string; size: number; count: number };
  twoFaced?: boolean;
}

const LEAF_GRID = { near: [4, 5], far: [2, 2] } as const;

const leafPaint = (h: Hues): PetalPaint =>
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

/** A point and direction of a gently swaying carrier at t 0 foot … 1 tip. */
function carrierAt(t: number, sway: number): { point: Vec3; direction: Vec3 } {
  const point: Vec3 = [sway * Math.sin(t * Math.PI * 0.9), sway * 0.6 * t * t, t];
  const direction = normalize([sway * Math.PI * 0.9 * Math.cos(t * Math.PI * 0.9), sway * 1.2 * t, 1]);
  return { point, direction };
}

/** Local y runs along the leaf, local z is its face: turned mostly to the branch's own face (local −y), a little up the carrier. */
function leafMap(at: { point: Vec3; direction: Vec3 }, along: Vec3, size: number): Affine {
  const want: Vec3 = [at.direction[0] * 0.4, at.direction[1] * 0.4 - 0.75, at.direction[2] * 0.4];
  const z = normalize(addScaled(want, along, -dot(want, along)), at.direction);
  return chain(frame(cross(along, z), along, z, at.point), scaling(size));
}

/** A leaf leaves the carrier at an angle, to one side of it; branches are flattened, as they lie on a cake. */
function leafDirection(carrier: Vec3, azimuthRad: number, angleRad: number, flat: number): Vec3 {
  const side = normalize([Math.cos(azimuthRad), Math.sin(azimuthRad) * flat, 0], [1, 0, 0]);
  return normalize(addScaled(scale(carrier, Math.cos(angleRad)), side, Math.sin(angleRad)));
}

export function leafBranch(r: LeafBranch): Shape {
  const blade = petal({
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
    ...r.blade,
  });
  const leafSize = (t: number) => lerp(r.leafLength[0], r.leafLength[1], Math.pow(1 - t, 0.85));
  const carrierTip = 1 - r.leafLength[1];
  const nodeAt = (i: number) => lerp(0.14, carrierTip - 0.03, r.nodes > 1 ? i / (r.nodes - 1) : 0.5);
  return {
    build(b, _stage, hues, random) {
      const wood = hexToLinear(shade(hues.second ?? hues.hue, -0.25, 0.8));
      const points = Array.from({ length: 9 }, (_, i) => carrierAt((i / 8) * carrierTip, r.carrierSway).point);
      addTube(b, IDENTITY, points, [0.012, 0.006], b.coarse ? 3 : 5, [wood, hexToLinear(shade(hues.hue, -0.1))]);
      const paint = leafPaint(hues);
      const put = (t: number, azimuth: number, size: number, angle: number) => {
        const at = carrierAt(t, r.carrierSway);
        const along = leafDirection(at.direction, azimuth, degToRad(angle + (random() - 0.5) * 12), 0.5);
        const map = leafMap(at, along, size * (1 + (random() - 0.5) * 0.12));
        addSheet(
          b,
          map,
          Math.PI / 2,
          { ...blade, open: blade.open + (random() - 0.5) * 14, bend: (random() - 0.5) * 0.14 },
          b.coarse ? LEAF_GRID.far : LEAF_GRID.near,
          {
            paint:
              r.twoFaced && random() < 0.3
                ? { ...paint, mid: shade(hues.hue, 0.3, 0.6), tip: shade(hues.hue, 0.42, 0.5) }
                : paint,
            ring: 1,
            phase: random() * TAU,
            jitter: (random() - 0.5) * 0.08,
          },
        );
      };
      for (let i = 0; i < r.nodes; i++) {
        const t = nodeAt(i) + (r.perNode === 1 ? (random() - 0.5) * 0.03 : 0);
        const first = degToRad(r.turnDeg) * i + (r.perNode === 1 ? Math.PI * i : 0);
        for (let k = 0; k < r.perNode; k++) put(t, first + k * Math.PI + (random() - 0.5) * 0.2, leafSize(t), r.angle);
      }
      put(carrierTip, random() * TAU, r.leafLength[1], 6);
      if (r.berries) addBerries(b, r, random);
    },
    sheetArea: () => {
      let area = 0;
      for (let i = 0; i < r.nodes; i++) area += r.perNode * petalArea(blade) * leafSize(nodeAt(i)) ** 2;
      return area + petalArea(blade) * leafSize(1) ** 2;
    },
    solidVolume: () => (r.berries ? (r.berries.count * 4 * Math.PI * r.berries.size ** 3) / 3 : 0),
  };
}

function addBerries(b: MeshBuilder, r: LeafBranch, random: Random): void {
  const berries = r.berries!;
  for (let i = 0; i < berries.count; i++) {
    const at = carrierAt(0.3 + (0.5 * i) / Math.max(1, berries.count), r.carrierSway);
    const side = i % 2 ? 1 : -1;
    const turned = translation(at.point[0] + side * 0.07, at.point[1] - 0.04, at.point[2] + random() * 0.03);
    addBall(
      b,
      turned,
      berries.size,
      b.coarse ? [5, 3] : [8, 6],
      three(shade(berries.hue, -0.2), berries.hue, shade(berries.hue, 0.3)),
      1.25,
      true,
    );
  }
}

/** A sprig of berries, each on its own stalk, with a small star of sepals. Size is the whole sprig's length. */
export function berrySprig(r: {
  count: number;
  radius: number;
  stretch: number;
  crown: boolean;
  drupelets?: number;
  leaves: number;
}): Shape {
  const headAt = (i: number): Vec3 => {
    const a = i * GOLDEN_ANGLE_RAD;
    const spread = r.count === 1 ? 0 : 0.2 + 0.05 * (i % 2);
    return [Math.cos(a) * spread, Math.sin(a) * spread, 0.72 + 0.1 * ((i * 0.618) % 1)];
  };
  return {
    build(b, stage, hues, random) {
      const green = '#7f9660';
      const hue = stage < 0.34 ? shade('#9db06a', 0) : stage < 0.7 ? shade(hues.hue, 0.1, 0.8, 18) : hues.hue;
      for (let i = 0; i < r.count; i++) {
        const head = headAt(i);
        const stalk: Vec3[] = [[0, 0, 0.02], [head[0] * 0.25, head[1] * 0.25, 0.34], [head[0] * 0.8, head[1] * 0.8, 0.6], head];
        addTube(b, IDENTITY, stalk, [0.016, 0.012], b.coarse ? 3 : 5, [hexToLinear(green), hexToLinear('#8c7a52')]);
        const up = normalize([head[0] * 0.9, head[1] * 0.9, 0.7]);
        const x = normalize(cross([0, 1, 0], up), [1, 0, 0]);
        addBerry(b, chain(frame(x, cross(up, x), up, head), scaling(r.radius)), r, hue, random);
      }
      const paint = leafPaint({ hue: '#6f8a55' });
      for (let i = 0; i < r.leaves; i++) {
        const along = leafDirection([0, 0, 1], i * Math.PI + 0.3 * i, 0.95, 0.5);
        const map = leafMap({ point: [0, 0, 0.3 + 0.06 * i], direction: [0, 0, 1] }, along, 0.36);
        addSheet(
          b,
          map,
          Math.PI / 2,
          petal({
            length: 1,
            halfWidth: 0.24,
            open: 80,
            curl: 14,
            cup: -16,
            tipWidth: 0,
            tipPower: 1.4,
            tipDrop: 0,
            fullest: 0.4,
          }),
          b.coarse ? LEAF_GRID.far : LEAF_GRID.near,
          { paint, ring: 1, phase: 0, jitter: 0 },
        );
      }
    },
    sheetArea: () => r.leaves * 0.34 ** 2 * 0.3,
    solidVolume: () => (r.count * 4 * Math.PI * r.radius ** 3 * r.stretch) / 3,
  };
}

function addBerry(
  b: MeshBuilder,
  map: Affine,
  r: { stretch: number; crown: boolean; drupelets?: number },
  hue: string,
  random: Random,
): void {
  const colours = three(shade(hue, -0.16, 1.05), hue, shade(hue, 0.16, 0.95));
  if (r.drupelets) {
    const count = b.coarse ? Math.round(r.drupelets * 0.4) : r.drupelets;
    for (let i = 0; i < count; i++) {
      const polar = Math.acos(1 - (2 * (i + 0.5)) / count);
      const seat = chain(
        map,
        rotationZ(i * GOLDEN_ANGLE_RAD),
        translation(0, Math.sin(polar) * 0.8, Math.cos(polar) * 0.8 * r.stretch),
        rotationX(-polar),
      );
      addBall(b, seat, (b.coarse ? 0.46 : 0.3) * (0.92 + random() * 0.16), b.coarse ? [5, 2] : [7, 4], colours);
    }
  } else addBall(b, map, 1, b.coarse ? [7, 4] : [14, 9], colours, r.stretch, true);
  if (!r.crown) return;
  for (let k = 0; k < 5; k++) {
    addSheet(
      b,
      chain(map, translation(0, 0, r.stretch * 0.93)),
      (k * TAU) / 5,
      petal({
        length: 0.6,
        halfWidth: 0.14,
        open: 52,
        curl: 40,
        tipWidth: 0,
        tipPower: 1.3,
        tipDrop: 0,
        fullest: 0.3,
        baseWidth: 0.7,
      }),
      [2, 2],
      { paint: petalPaint('#6b5a35', { inner: undefined, outer: undefined }), ring: 1, phase: 0, jitter: 0 },
    );
  }
}

/** Florets up a tapering spike, closed at the tip, open below. */
export function floretSpike(r: { count: number; petals: number; floretSize: number; spread: number }): Shape {
  const floret = petal({
    length: 1,
    halfWidth: 0.5,
    offset: 0.05,
    open: 78,
    curl: 4,
    cup: 16,
    fullest: 0.58,
    baseWidth: 0.3,
    tipWidth: 0.58,
    tipDrop: 0.2,
    skew: 0.15,
  });
  return {
    build(b, stage, hues, random) {
      const green = hexToLinear('#86a06c');
      addTube(
        b,
        IDENTITY,
        [
          [0, 0, 0],
          [0.01, 0, 0.5],
          [0, 0, 0.97],
        ],
        [0.014, 0.008],
        b.coarse ? 3 : 5,
        [green, green],
      );
      const paint = petalPaint(hues.hue, { inner: undefined, outer: undefined });
      const count = b.coarse ? Math.round(r.count * 0.6) : r.count;
      for (let i = 0; i < count; i++) {
        const t = i / (count - 1);
        const width = r.spread * Math.pow(1 - t, 0.7) + 0.015;
        const a = i * GOLDEN_ANGLE_RAD;
        const out: Vec3 = normalize([Math.cos(a), Math.sin(a), lerp(0.25, 1.2, t)]);
        const x = normalize(cross([0, 0, 1], out), [1, 0, 0]);
        const at: Vec3 = [Math.cos(a) * width, Math.sin(a) * width, lerp(0.24, 0.97, t)];
        const size = r.floretSize * lerp(1, 0.42, t) * (b.coarse ? 1.25 : 1);
        const open = Math.max(0, Math.min(1, (stage * 1.5 - t) * 3));
        const map = chain(frame(x, cross(out, x), out, at), scaling(size));
        if (open < 0.25)
          addBall(b, map, 0.5, b.coarse ? [4, 2] : [6, 4], three(shade(hues.hue, -0.1), hues.hue, shade(hues.hue, 0.25)), 1.3);
        else
          for (let k = 0; k < r.petals; k++)
            addSheet(
              b,
              map,
              (k * TAU) / r.petals + random() * 0.2,
              { ...floret, open: lerp(28, 80, open) },
              b.coarse ? [1, 1] : [2, 3],
              { paint, ring: 1, phase: 0, jitter: (random() - 0.5) * 0.1 },
            );
      }
    },
    sheetArea: (stage) => r.count * Math.min(1, stage * 1.2) * r.petals * petalArea(floret) * (r.floretSize * 0.75) ** 2,
    solidVolume: (stage) => r.count * (1 - stage * 0.7) * 0.5 * (r.floretSize * 0.6) ** 3,
  };
}

/** A branching filler: side branches from one stem, clusters of tiny scrunched florets at about one height. */
export function frothBranch(r: { clusters: number; perCluster: number; floretSize: number }): Shape {
  const clusterAt = (i: number): Vec3 => {
    const a = i * GOLDEN_ANGLE_RAD;
    const out = 0.3 * Math.sqrt((i + 0.3) / r.clusters);
    return [Math.cos(a) * out, Math.sin(a) * out, 0.84 - out * 0.35];
  };
  const scrap = petal({
    length: 1,
    halfWidth: 0.55,
    open: 40,
    curl: 18,
    cup: 50,
    tipWidth: 0.7,
    tipDrop: 0.1,
    ruffle: 0.16,
    ruffleFrom: 0.3,
    ruffleCycles: 2,
  });
  return {
    build(b, _stage, hues, random) {
      const green = hexToLinear('#8aa36c');
      addTube(
        b,
        IDENTITY,
        [
          [0, 0, 0],
          [0.008, 0, 0.3],
          [0, 0, 0.5],
        ],
        [0.012, 0.009],
        4,
        [green, green],
      );
      const paint = petalPaint(hues.hue, { base: shade(hues.hue, -0.16), inner: undefined, outer: undefined });
      for (let i = 0; i < r.clusters; i++) {
        const centre = clusterAt(i);
        addTube(
          b,
          IDENTITY,
          [[0, 0, 0.22 + 0.05 * (i % 4)], [centre[0] * 0.6, centre[1] * 0.6, 0.55], centre],
          [0.008, 0.005],
          3,
          [green, green],
        );
        const florets = b.coarse ? Math.ceil(r.perCluster * 0.6) : r.perCluster;
        for (let k = 0; k < florets; k++) {
          const a = k * GOLDEN_ANGLE_RAD + i;
          const out = 0.09 * Math.sqrt(k / florets);
          const head: Vec3 = [centre[0] + Math.cos(a) * out, centre[1] + Math.sin(a) * out, centre[2] + 0.09 + random() * 0.04];
          if (!b.coarse) addTube(b, IDENTITY, [centre, head], [0.004, 0.003], 3, [green, green]);
          const map = chain(
            translation(...head),
            rotationX((random() - 0.5) * 0.8),
            scaling(r.floretSize * (b.coarse ? 1.3 : 1)),
          );
          for (let q = 0; q < 3; q++)
            addSheet(b, map, (q * TAU) / 3 + random(), scrap, b.coarse ? [1, 1] : [2, 2], {
              paint,
              ring: 1,
              phase: random() * TAU,
              jitter: (random() - 0.5) * 0.08,
            });
        }
      }
    },
    sheetArea: () => r.clusters * r.perCluster * 3 * petalArea(scrap) * r.floretSize ** 2,
    solidVolume: () => 0,
  };
}
