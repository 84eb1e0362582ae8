import { IDENTITY } from '../../geometry/affine';
import { degToRad, lerp } from '../../geometry/numbers';
import { addScaled, normalize, type Vec3 } from '../../geometry/vec3';
import { hexToLinear, shade } from '../shape/paint';
import { petalArea, type PetalShape } from '../shape/petal';
import type { Part, Shape } from '../shape/recipe';
import { addBall, addTube, three } from '../shape/solids';
import { addLeaf, addStalk, leafBlade, leafPaint, leaving } from './stalks';
import { must } from '../../geometry/must';

/** Leaves on a carrier, lengths in lengths of the branch, foot at the origin, tip at z = 1. */
export interface LeafBranch {
  /**
   * paired: smallest at the tip, each pair turned against the one before. loose: single leaves, gaps all different, some
   * opposite. arms: small loose branches made first and joined to the carrier after. (docs/trade.md T8)
   */
  habit: 'paired' | 'loose' | 'arms';
  /** pairs, single leaves, or arms; a leaf at the tip comes on top */
  nodes: number;
  /** length of leaf at the foot and at the tip */
  leafLength: readonly [low: number, high: number];
  blade: Partial<PetalShape>;
  /** angle of leaf to carrier, degrees */
  angle: number;
  /** each pair turned by this much against the one before: a right angle where nature does, 0 for a flat frond */
  turnDeg: number;
  carrierSway: number;
  /** free stalk between carrier and leaf, as a share of the leaf: lets it hang */
  stalkShare?: number;
  berries?: { hue: string; size: number; count: number };
  twoFaced?: boolean;
}

/** Leaves on one arm: two along it and one at its tip. */
const ARM_LEAVES = 3;
/** The last arm leaves the carrier this far up, so that its leaves do not pass the tip. */
const HIGHEST_ARM = 0.8;
const LOWEST = 0.14;

/** A point and direction of a gently swaying carrier at t 0 foot … 1 tip. */
function carrierAt(t: number, sway: number): { point: Vec3; direction: Vec3 } {
  const point: Vec3 = [sway * Math.sin(t * Math.PI * 0.9), sway * 0.6 * t * t, t];
  const direction = normalize([sway * Math.PI * 0.9 * Math.cos(t * Math.PI * 0.9), sway * 1.2 * t, 1]);
  return { point, direction };
}

/** Where along the carrier: even steps for pairs; for loose leaves all steps differ, by up to half. */
function nodeAt({ habit, nodes, leafLength }: LeafBranch, i: number): number {
  const top = 1 - leafLength[1] - 0.03;
  if (nodes < 2) return lerp(LOWEST, top, 0.5);
  const uneven = habit === 'loose' ? 0.5 * (((i * i * 0.618) % 1) - 0.5) : 0;
  return lerp(LOWEST, top, Math.max(0, Math.min(1, (i + uneven) / (nodes - 1))));
}

const leafSize = ({ leafLength }: LeafBranch, t: number): number => lerp(leafLength[0], leafLength[1], Math.pow(t, 0.85));

function leafPart({ r, t, azimuthRad, size }: { r: LeafBranch; t: number; azimuthRad: number; size: number }): Part {
  const { point, direction } = carrierAt(t, r.carrierSway);
  const along = leaving(direction, azimuthRad, degToRad(r.angle), 0.5);
  return { name: 'leaf', level: 0, joins: point, at: addScaled(point, along, size * (r.stalkShare ?? 0)), along, size, open: 1 };
}

const tipLeaf = (r: LeafBranch): Part => {
  const t = 1 - r.leafLength[1];
  const { point, direction } = carrierAt(t, r.carrierSway);
  return {
    name: 'leaf',
    level: 0,
    joins: point,
    at: point,
    along: leaving(direction, 1, 0.1, 0.5),
    size: r.leafLength[1],
    open: 1,
  };
};

/** Pairs face each other; each pair is turned against the one before. */
const paired = (r: LeafBranch): Part[] =>
  Array.from({ length: r.nodes }, (_, i) => i).flatMap((i) => {
    const t = nodeAt(r, i);
    // half a turn aside, so that no pair points straight at the eye
    const first = degToRad(r.turnDeg) * (i + 0.5);
    return [0, Math.PI].map((half) => leafPart({ r, t, azimuthRad: first + half, size: leafSize(r, t) }));
  });

/** Single leaves to alternate sides, none quite in line with another; every third has a smaller one opposite. */
const loose = (r: LeafBranch): Part[] =>
  Array.from({ length: r.nodes }, (_, i) => i).flatMap((i) => {
    const t = nodeAt(r, i);
    const azimuth = i * Math.PI + 0.9 * Math.sin(i * 2.4);
    const one = leafPart({ r, t, azimuthRad: azimuth, size: leafSize(r, t) * (0.88 + 0.24 * ((i * 0.382) % 1)) });
    return i % 3 === 2 ? [one, leafPart({ r, t, azimuthRad: azimuth + Math.PI, size: one.size * 0.85 })] : [one];
  });

/** Arms leave the carrier to alternate sides, shorter toward the tip; each carries a few loose leaves of its own. */
const arms = (r: LeafBranch): Part[] =>
  Array.from({ length: r.nodes }, (_, i) => i).flatMap((i) => {
    const t = nodeAt(r, i) * HIGHEST_ARM;
    const { point, direction } = carrierAt(t, r.carrierSway);
    const side = i % 2 ? Math.PI : 0;
    const along = leaving(direction, side + 0.5 * Math.sin(i * 2.4), degToRad(r.angle * 0.8), 0.5);
    const size = leafSize(r, t);
    const long = size * 1.5;
    const end = addScaled(point, along, long);
    const arm: Part = { name: 'arm', level: 0, joins: point, at: end, along, size: 0, open: 1 };
    const leaves = Array.from({ length: ARM_LEAVES }, (_, k): Part => {
      const last = k === ARM_LEAVES - 1;
      const joins = addScaled(point, along, long * (last ? 1 : (k + 1.2) / (ARM_LEAVES + 0.4)));
      const way = last ? along : leaving(along, side + (k % 2 ? 2.4 : 5.2), degToRad(r.angle), 0.5);
      return { name: 'leaf', level: 1, joins, at: joins, along: way, size: size * (last ? 0.8 : 1), open: 1 };
    });
    return [arm, ...leaves];
  });

const HABITS = { paired, loose, arms };

export function leafBranch(r: LeafBranch): Shape {
  const blade = leafBlade(r.blade);
  const parts = [...HABITS[r.habit](r), tipLeaf(r), ...berryParts(r)];
  const area = parts.reduce((a, p) => a + (p.name === 'leaf' ? petalArea(blade) * p.size ** 2 : 0), 0);
  return {
    parts: () => parts,
    counts: () => [
      {
        id: 'nodes',
        called: ({ paired: 'pairs', loose: 'leaves', arms: 'arms' } as const)[r.habit],
        count: r.nodes,
        least: 1,
        most: 24,
      },
    ],
    recounted: ({ nodes = r.nodes }) => leafBranch({ ...r, nodes }),
    build(b, _stage, hues, random) {
      const green = hexToLinear(shade(hues.hue, -0.1));
      const wood = hexToLinear(shade(hues.second ?? hues.hue, -0.25, 0.8));
      const top = 1 - r.leafLength[1];
      const points = Array.from({ length: 9 }, (_, i) => carrierAt((i / 8) * top, r.carrierSway).point);
      addTube({ b, map: IDENTITY, points, radii: [0.012, 0.006], sides: b.coarse ? 3 : 5, colours: [wood, green] });
      const paint = leafPaint(hues);
      const pale = { ...paint, mid: shade(hues.hue, 0.3, 0.6), tip: shade(hues.hue, 0.42, 0.5) };
      for (const part of parts) {
        addStalk(b, part, part.name === 'arm' ? 0.009 : 0.006, [wood, green]);
        if (part.name === 'leaf') addLeaf({ b, part, blade, paint: r.twoFaced && random() < 0.3 ? pale : paint, random });
        if (part.name === 'berry') {
          const { hue } = must(r.berries);
          const skin = three(shade(hue, -0.2), hue, shade(hue, 0.3));
          addBall({
            b,
            map: [1, 0, 0, 0, 1, 0, 0, 0, 1, ...part.at],
            radius: part.size,
            detail: b.coarse ? [5, 3] : [8, 6],
            colours: skin,
            squash: 1.25,
            whole: true,
          });
        }
      }
    },
    sheetArea: () => area,
    solidVolume: () => (r.berries ? (r.berries.count * 4 * Math.PI * r.berries.size ** 3 * 1.25) / 3 : 0),
  };
}

const berryParts = (r: LeafBranch): Part[] =>
  Array.from({ length: r.berries?.count ?? 0 }, (_, i): Part => {
    const { point } = carrierAt(0.3 + (0.5 * i) / Math.max(1, must(r.berries).count), r.carrierSway);
    const along = normalize([i % 2 ? 0.07 : -0.07, -0.04, 0.02]);
    return {
      name: 'berry',
      level: 0,
      joins: point,
      at: addScaled(point, along, 0.08),
      along,
      size: must(r.berries).size,
      open: 1,
    };
  });
