import { chain, rotationX, rotationZ, translation, type Affine } from '../../geometry/affine';
import { GOLDEN_ANGLE_RAD, lerp, TAU } from '../../geometry/numbers';
import type { Random } from '../../geometry/random';
import { addScaled } from '../../geometry/vec3';
import type { Instance } from '../../piece/expand';
import { ofLength } from '../../piece/long';
import { countOf } from '../../piece/many';
import type { Part as MadePart } from '../../piece/part';
import type { MeshBuilder } from '../shape/mesh';
import { hexToLinear, petalPaint, shade } from '../shape/paint';
import { petal } from '../shape/petal';
import type { Shape } from '../shape/recipe';
import { addSheet } from '../shape/sheet';
import { addBall, three } from '../shape/solids';
import { laidOut } from './laidOut';
import { addOther } from './others';
import type { Sprig } from './sprig';
import { addLeaf, addStalk, leafBlade, leafPaint, seatOf } from './stalks';

/** How the berries of a sprig look; how many there are and where is as its tree has it. */
export interface BerrySprig {
  build: (ask: {
    stage: string;
    share: number;
    scale: number;
    berries?: number | undefined;
    leaves?: number | undefined;
  }) => MadePart;
  stretch: number;
  crown: boolean;
  drupelets?: number;
}

/** Within one sprig the last berry is behind the first by this much of ripeness. */
const RIPENESS_SPREAD = 0.35;
/** How far a stage has come, unripe to ripe. */
export const RIPE: Readonly<Record<string, number>> = { green: 0, turning: 0.5, ripe: 1 };

/** Ripeness of berry i of n in a sprig that is at `stage`: they do not ripen all at once. */
const ripeness = (i: number, n: number, stage: number): number =>
  Math.max(0, Math.min(1, stage - (n > 1 ? (RIPENESS_SPREAD * i) / (n - 1) : 0) * (1 - Math.abs(2 * stage - 1) * 0.6)));

/** Unripe green, turning, ripe. */
export const ripeHue = (hue: string, ripe: number): string =>
  ripe < 0.3 ? '#9db06a' : ripe < 0.62 ? shade(hue, 0.1, 0.8, 18) : shade(hue, lerp(0.08, 0, (ripe - 0.62) / 0.38));

const countIn = (tree: MadePart, kind: MadePart['kind']): number =>
  tree.parts.reduce((a, p) => a + (p.kind === kind ? countOf(p.many) : 0), 0);

/** A sprig has so many tenths of its usual berries and leaves, at the least and at the most. */
const TENTHS = [4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15];

/** Leaves of a sprig, with those that go with a larger one. */
const leavesIn = (tree: MadePart): number =>
  tree.parts.reduce(
    (a, p) => a + (p.kind === 'leaf' ? countOf(p.many) * (1 + p.parts.reduce((b, q) => b + countOf(q.many), 0)) : 0),
    0,
  );

/** A sprig of berries, each on its own stalk. */
export function berrySprig(r: BerrySprig): Sprig {
  return {
    tree: ({ stage, sizeMm, counts }) =>
      ofLength((tenths, scale) => r.build({ stage, scale, share: tenths / 10, berries: counts.count, leaves: counts.leaves }), {
        sizeMm,
        counts: TENTHS,
        usual: 10,
      }),
    drawn: (tree) => drawn(r, tree),
    counted: (tree) => [
      { id: 'count', count: countIn(tree, 'berry'), least: 1, most: 20 },
      { id: 'leaves', count: leavesIn(tree), least: 0, most: 8 },
    ],
  };
}

/** The stage that a tree of berries is of: their paste is coloured by it. */
const stageOf = (tree: MadePart): number => RIPE[tree.parts.find((p) => p.kind === 'berry')?.form?.colour ?? ''] ?? 1;

function drawn(r: BerrySprig, tree: MadePart): Shape {
  const stage = stageOf(tree);
  const berries = countIn(tree, 'berry');
  let i = 0;
  const openOf = (at: Instance) =>
    at.part.kind === 'berry' ? (at.stage === null ? ripeness(i++, berries, stage) : (RIPE[at.stage] ?? 1)) : 1;
  const { parts, tipZ } = laidOut(tree, { angleDeg: 44, flat: 0.8, openOf });
  const blade = leafBlade({ halfWidth: 0.24, open: 80, cup: -16, tipPower: 1.4, fullest: 0.4 });
  return {
    parts: () => parts,
    build(b, _stage, hues, random) {
      const green = hexToLinear('#7f9660');
      const wood = hexToLinear('#8c7a52');
      const stem = { name: 'arm', level: 0, joins: [0, 0, 0], at: [0, 0, tipZ], along: [0, 0, 1], size: 0, open: 1 } as const;
      addStalk(b, stem, 0.017, [green, wood]);
      const paint = leafPaint({ hue: '#6f8a55' });
      for (const part of parts) {
        if (part.name === 'leaf') addLeaf({ b, part, blade, paint, random });
        else if (part.name !== 'berry') addOther(b, part, hues, random);
        else {
          addStalk(b, part, 0.015, [green, wood]);
          const size = part.size / Math.cbrt(r.stretch);
          addBerry({
            b,
            map: seatOf({ ...part, size, at: addScaled(part.at, part.along, size) }),
            r,
            hue: ripeHue(hues.hue, part.open),
            random,
          });
        }
      }
    },
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
