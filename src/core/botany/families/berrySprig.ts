import { chain, rotationX, rotationZ, translation, type Affine } from '../../geometry/affine';
import { GOLDEN_ANGLE_RAD, lerp, TAU } from '../../geometry/numbers';
import type { Random } from '../../geometry/random';
import { normalize, type Vec3 } from '../../geometry/vec3';
import type { MeshBuilder } from '../shape/mesh';
import { hexToLinear, petalPaint, shade } from '../shape/paint';
import { petal, petalArea } from '../shape/petal';
import type { Part, Shape } from '../shape/recipe';
import { addSheet } from '../shape/sheet';
import { addBall, three } from '../shape/solids';
import { addLeaf, addStalk, leafBlade, leafPaint, leaving, seatOf } from './stalks';

/** Berries of one sprig, lengths in lengths of the sprig. */
export interface BerrySprig {
  count: number;
  radius: number;
  stretch: number;
  crown: boolean;
  drupelets?: number;
  leaves: number;
}

const STALKS_MEET: Vec3 = [0, 0, 0.3];
const LEAF_SIZE = 0.36;
/** Within one sprig the last berry is behind the first by this much of ripeness. */
const RIPENESS_SPREAD = 0.35;

/** Ripeness of berry i of n in a sprig that is at `stage`: they do not ripen all at once. */
const ripeness = (i: number, n: number, stage: number): number =>
  Math.max(0, Math.min(1, stage - (n > 1 ? (RIPENESS_SPREAD * i) / (n - 1) : 0) * (1 - Math.abs(2 * stage - 1) * 0.6)));

/** Unripe green, turning, ripe. */
const ripeHue = (hue: string, ripe: number): string =>
  ripe < 0.3 ? '#9db06a' : ripe < 0.62 ? shade(hue, 0.1, 0.8, 18) : shade(hue, lerp(0.08, 0, (ripe - 0.62) / 0.38));

/** A sprig of berries, each on its own stalk, unripe ones smaller. Size is the whole sprig's length. */
export function berrySprig(r: BerrySprig): Shape {
  const parts = (stage: number): Part[] => [
    ...Array.from({ length: r.count }, (_, i): Part => {
      const a = i * GOLDEN_ANGLE_RAD;
      const spread = r.count === 1 ? 0 : 0.2 + 0.05 * (i % 2);
      const at: Vec3 = [Math.cos(a) * spread, Math.sin(a) * spread, 0.72 + 0.1 * ((i * 0.618) % 1)];
      const open = ripeness(i, r.count, stage);
      return {
        name: 'berry',
        level: 0,
        joins: STALKS_MEET,
        at,
        along: normalize([at[0] * 0.9, at[1] * 0.9, 0.7]),
        size: r.radius * lerp(0.86, 1, open),
        open,
      };
    }),
    ...Array.from({ length: r.leaves }, (_, i): Part => {
      const joins: Vec3 = [0, 0, 0.3 + 0.06 * i];
      const along = leaving([0, 0, 1], i * Math.PI + 0.3 * i, 0.95, 0.5);
      return { name: 'leaf', level: 0, joins, at: joins, along, size: LEAF_SIZE, open: 1 };
    }),
  ];
  const blade = leafBlade({ halfWidth: 0.24, open: 80, cup: -16, tipPower: 1.4, fullest: 0.4 });
  return {
    parts,
    counts: () => [
      { id: 'count', count: r.count, least: 1, most: 20 },
      { id: 'leaves', count: r.leaves, least: 0, most: 8 },
    ],
    recounted: (counts) => berrySprig({ ...r, ...counts }),
    build(b, stage, hues, random) {
      const green = hexToLinear('#7f9660');
      const wood = hexToLinear('#8c7a52');
      addStalk(b, { name: 'arm', level: 0, joins: [0, 0, 0], at: STALKS_MEET, along: [0, 0, 1], size: 0, open: 1 }, 0.017, [
        green,
        wood,
      ]);
      const paint = leafPaint({ hue: '#6f8a55' });
      for (const part of parts(stage)) {
        if (part.name === 'leaf') addLeaf({ b, part, blade, paint, random });
        else {
          addStalk(b, part, 0.015, [green, wood]);
          addBerry({ b, map: seatOf(part), r, hue: ripeHue(hues.hue, part.open), random });
        }
      }
    },
    sheetArea: () => r.leaves * LEAF_SIZE ** 2 * petalArea(blade),
    solidVolume: (stage) =>
      parts(stage).reduce((a, p) => a + (p.name === 'berry' ? (4 / 3) * Math.PI * p.size ** 3 * r.stretch : 0), 0),
  };
}

function addBerry({ b, map, r, hue, random }: { b: MeshBuilder; map: Affine; r: BerrySprig; hue: string; random: Random }): void {
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
      addBall({
        b,
        map: seat,
        radius: (b.coarse ? 0.46 : 0.3) * (0.92 + random() * 0.16),
        detail: b.coarse ? [5, 2] : [9, 5],
        colours,
      });
    }
  } else addBall({ b, map, radius: 1, detail: b.coarse ? [7, 4] : [16, 10], colours, squash: r.stretch, whole: true });
  if (r.crown) addCrown(b, chain(map, translation(0, 0, r.stretch * 0.93)));
}

/** What is left of the flower: a small star at the tip. */
function addCrown(b: MeshBuilder, map: Affine): void {
  const point = petal({
    length: 0.6,
    halfWidth: 0.14,
    open: 52,
    curl: 40,
    tipWidth: 0,
    tipPower: 1.3,
    tipDrop: 0,
    fullest: 0.3,
    baseWidth: 0.7,
  });
  const paint = petalPaint('#6b5a35', { inner: undefined, outer: undefined });
  for (let k = 0; k < 5; k++)
    addSheet({
      builder: b,
      map,
      azimuthRad: (k * TAU) / 5,
      shape: point,
      grid: [2, 2],
      look: { paint, ring: 1, phase: 0, jitter: 0 },
    });
}
