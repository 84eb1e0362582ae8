import { IDENTITY, chain, translation, type Affine } from '../../geometry/affine';
import type { Random } from '../../geometry/random';
import type { Vec3 } from '../../geometry/vec3';
import type { MeshBuilder } from './mesh';
import { petalPaint, shade, type PetalPaint } from './paint';
import { addBall, addCentre, addLathe, three, type FlowerCentre } from './solids';
import { petalsOf, tuneWhorls, type PetalTune } from './tune';
import { addWhorl, petalAreas, type Whorl } from './whorl';
import { must } from '../../geometry/must';

/** Main colour and, where a flower has one, a second (heart, back, other petals). sRGB hex. */
export interface Hues {
  hue: string;
  second?: string;
}

/** A made thing within a composite, or the wire that carries some of them. Lengths in lengths of the composite, its foot at 0. */
export interface Part {
  name: 'leaf' | 'berry' | 'floret' | 'bud' | 'side branch' | 'twig' | 'arm';
  /** on the carrier itself, on a side branch or arm, on a twig of one */
  level: 0 | 1 | 2;
  /** where its stalk joins what carries it, where it sits, and the unit direction it points in */
  joins: Vec3;
  at: Vec3;
  along: Vec3;
  /** length of a leaf, radius of a berry or floret; a carrier has none */
  size: number;
  /** 0 bud or unripe … 1 open or ripe */
  open: number;
}

/** A number that a person may change about a composite. */
export interface PartCount {
  id: string;
  /** what is counted, where its id does not tell */
  called?: 'pairs' | 'leaves' | 'arms';
  count: number;
  least: number;
  most: number;
}

type Tones = readonly [centre: number, middle: number, edge: number];

/**
 * One shape behind one signature: picture and silhouette come from it. Lengths in head radii
 * (for sprigs: in lengths of the sprig), local z is the axis, the origin the middle of the head (or the foot of a sprig).
 */
export interface Shape {
  build(b: MeshBuilder, stage: number, hues: Hues, random: Random): void;
  /** Shares of the sheets' paste from the innermost third of the petals over the middle to the outermost; flowers with layers alone. */
  tones?(stage: number): Tones;
  /** What a composite is built of, at a stage: the picture, the wires and the counts are made from it. */
  parts?(stage: number): readonly Part[];
  /** Flowers alone: how many petals it has, and the same flower with its petals changed. */
  petals?: number;
  /** petals of each ring from the middle outward, where they lie in rings */
  rings?: readonly number[];
  tuned?(tune: PetalTune): Shape;
}

/** A flower as data: rings of petals round a middle, on a calyx. */
export interface FlowerRecipe {
  whorls: readonly Whorl[];
  paint?: (hues: Hues) => Partial<PetalPaint>;
  core?: { radius: number; rise: number; squash: number; shade: number };
  centre?: (hues: Hues) => FlowerCentre;
  /** green cup under the head: radius and depth */
  cup?: readonly [number, number];
  sepals?: Whorl;
}

const GREEN: PetalPaint = { base: '#7f9a62', mid: '#93ad78', tip: '#a9bf8e', rim: '#c3cfab', rimShare: 0.35 };

export const sepals = (count: number, inner: Whorl['inner'], bud: Whorl['bud']): Whorl => ({
  count,
  layout: 'ring',
  phase: 0.5,
  near: [4, 5],
  far: [2, 1],
  lag: 0,
  inner: {
    length: 0.42,
    halfWidth: 0.11,
    offset: 0.06,
    rise: -0.06,
    open: 110,
    curl: 25,
    cup: 30,
    fullest: 0.35,
    baseWidth: 0.6,
    tipWidth: 0,
    tipPower: 1.3,
    tipDrop: 0,
    ...inner,
  },
  bud: { open: 30, curl: -24, ...bud },
});

/** Makes a Shape of a flower recipe. */
export function flower(r: FlowerRecipe): Shape {
  return {
    petals: petalsOf(r.whorls),
    ...(r.whorls.every((w) => w.layout === 'ring') ? { rings: r.whorls.map((w) => w.count) } : {}),
    tuned: (tune) => flower({ ...r, whorls: tuneWhorls(r.whorls, tune) }),
    build(b, stage, hues, random) {
      const paint = petalPaint(hues.hue, r.paint?.(hues));
      if (r.cup) addCup(b, IDENTITY, r.cup);
      if (r.core && stage > 0.3) {
        const deep = shade(hues.hue, -r.core.shade, 1.1);
        addBall({
          b,
          map: chain(IDENTITY, translation(0, 0, r.core.rise)),
          radius: r.core.radius * (b.coarse ? 1.16 : 1),
          detail: b.coarse ? [6, 2] : [10, 5],
          colours: three(deep),
          squash: r.core.squash,
        });
      }
      for (const w of r.whorls) addWhorl({ b, map: IDENTITY, w, stage, paint, random });
      if (r.centre) addCentre({ b, map: IDENTITY, centre: r.centre(hues), stage, random });
      if (r.sepals) addWhorl({ b, map: IDENTITY, w: r.sepals, stage, paint: GREEN, random });
    },
    tones: (stage) => tonesOf(r.whorls, stage),
  };
}

/** A flower has layers when its petals lie at three depths or more: a spiral, or rings behind one another. */
function tonesOf(whorls: readonly Whorl[], stage: number): Tones {
  const areas = whorls.flatMap((w, k) =>
    petalAreas(w, stage).map(({ area, ring }) => ({ area, depth: (k + ring) / whorls.length })),
  );
  const depths = [...new Set(areas.map((a) => a.depth))].sort((a, b) => a - b);
  const whole = areas.reduce((a, p) => a + p.area, 0);
  if (depths.length < 3 || !(whole > 0)) return [0, 1, 0];
  const third = (depth: number) => Math.min(2, Math.floor((depths.indexOf(depth) / depths.length) * 3));
  const shares: [number, number, number] = [0, 0, 0];
  for (const { area, depth } of areas) {
    const k = third(depth);
    shares[k] = must(shares[k]) + area / whole;
  }
  return shares;
}

function addCup(b: MeshBuilder, map: Affine, [radius, depth]: readonly [number, number]): void {
  const profile: [number, number][] = [
    [0, -depth * 1.1],
    [radius * 0.35, -depth * 1.05],
    [radius * 0.85, -depth * 0.7],
    [radius, -depth * 0.3],
    [radius * 0.75, -0.05],
  ];
  addLathe({ b, map, profile, segments: b.coarse ? 5 : 9, colours: three('#7d9862', '#8fa875', '#9bb283') });
}
