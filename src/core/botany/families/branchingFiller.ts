import { chain, IDENTITY, rotationX, scaling, translation } from '../../geometry/affine';
import { GOLDEN_ANGLE_RAD, TAU } from '../../geometry/numbers';
import type { Random } from '../../geometry/random';
import { addScaled, mix, normalize, type Vec3 } from '../../geometry/vec3';
import type { MeshBuilder } from '../shape/mesh';
import { hexToLinear, petalPaint, shade } from '../shape/paint';
import { petal, petalArea } from '../shape/petal';
import type { Hues, Part, Shape } from '../shape/recipe';
import { addSheet } from '../shape/sheet';
import { addTube } from '../shape/solids';
import { addStalk } from './stalks';

/**
 * Three levels: florets to a cluster, clusters to a side branch, side branches to the stem (docs/trade.md T7). Florets are counted
 * over the whole branch and shared out as evenly as can be: 78 over twelve clusters are 6, 7, 6, 7 …
 */
export interface BranchingFiller {
  sideBranches: number;
  clusters: number;
  florets: number;
  floretSize: number;
}

const SCRAPS = 3;
/** One of the frilled scraps that a floret is gathered from, in radii of the floret. */
const SCRAP = petal({
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
const STEM_TOP = 0.5;

function partsOf(r: BranchingFiller): Part[] {
  const parts: Part[] = [];
  for (let s = 0; s < r.sideBranches; s++) {
    const joins: Vec3 = [0, 0, STEM_TOP - 0.14 * (s % r.sideBranches) * (2 / Math.max(2, r.sideBranches))];
    const a = s * (TAU / r.sideBranches) + 0.4;
    const reach = r.sideBranches === 1 ? 0 : 0.13;
    const at: Vec3 = [Math.cos(a) * reach, Math.sin(a) * reach, 0.66];
    parts.push({ name: 'side branch', level: 0, joins, at, along: normalize([at[0], at[1], 0.3]), size: 0, open: 1 });
    for (let c = 0; c < r.clusters; c++)
      parts.push(...cluster({ r, from: at, azimuth: a + (c * TAU) / r.clusters, seed: s * r.clusters + c }));
  }
  return parts;
}

/** The florets of one cluster, all at about one height. */
function cluster({ r, from, azimuth, seed }: { r: BranchingFiller; from: Vec3; azimuth: number; seed: number }): Part[] {
  const reach = r.clusters === 1 ? 0 : 0.13;
  const middle: Vec3 = [from[0] * 1.25 + Math.cos(azimuth) * reach, from[1] * 1.25 + Math.sin(azimuth) * reach, 0.82];
  const all = r.sideBranches * r.clusters;
  const here = Math.floor(((seed + 1) * r.florets) / all) - Math.floor((seed * r.florets) / all);
  const forks = mix(from, middle, 0.45);
  const along = normalize([middle[0] - from[0], middle[1] - from[1], middle[2] - from[2]]);
  const twig: Part = { name: 'twig', level: 1, joins: from, at: forks, along, size: 0, open: 1 };
  const florets = Array.from({ length: here }, (_, k): Part => {
    const a = k * GOLDEN_ANGLE_RAD + seed;
    const out = 0.085 * Math.sqrt(k / here);
    const at: Vec3 = [middle[0] + Math.cos(a) * out, middle[1] + Math.sin(a) * out, 0.91 + 0.04 * ((k * 0.618) % 1)];
    return {
      name: 'floret',
      level: 2,
      joins: forks,
      at,
      along: normalize([at[0] - forks[0], at[1] - forks[1], 0.4]),
      size: r.floretSize,
      open: 1,
    };
  });
  return [twig, ...florets];
}

/** Files of earlier versions say how many florets a cluster has; where neither is said clusters stay as full as they were. */
function recount(r: BranchingFiller, counts: Readonly<Record<string, number>>): BranchingFiller {
  const { sideBranches = r.sideBranches, clusters = r.clusters, florets: each, floretsInAll } = counts;
  const full = each ?? r.florets / (r.sideBranches * r.clusters);
  return { ...r, sideBranches, clusters, florets: floretsInAll ?? Math.round(full * sideBranches * clusters) };
}

/** A branching filler of tiny scrunched florets. Lengths in lengths of the branch. */
export function branchingFiller(r: BranchingFiller): Shape {
  const parts = partsOf(r);
  const florets = parts.filter((p) => p.name === 'floret').length;
  const each = Math.round(r.florets / (r.sideBranches * r.clusters));
  return {
    parts: () => parts,
    counts: () => [
      { id: 'sideBranches', count: r.sideBranches, least: 1, most: 8 },
      { id: 'clusters', count: r.clusters, least: 1, most: 5 },
      { id: 'floretsInAll', count: r.florets, least: 2, most: 160 },
      { id: 'florets', count: each, least: 2, most: 12, retired: true },
    ],
    recounted: (counts) => branchingFiller(recount(r, counts)),
    build(b, _stage, hues, random) {
      const green = hexToLinear('#8aa36c');
      addTube({
        b,
        map: IDENTITY,
        points: [
          [0, 0, 0],
          [0.008, 0, 0.3],
          [0, 0, STEM_TOP],
        ],
        radii: [0.012, 0.009],
        sides: 4,
        colours: [green, green],
      });
      parts.forEach((part, i) => {
        if (part.name !== 'floret') return addStalk(b, part, part.level ? 0.006 : 0.008, [green, green]);
        // from afar three of five, a third larger
        if (b.coarse && i % 5 > 2) return;
        if (!b.coarse || i % 7 === 0) addStalk(b, part, 0.004, [green, green]);
        addScraps(b, part, hues, random);
      });
    },
    sheetArea: () => florets * SCRAPS * petalArea(SCRAP) * r.floretSize ** 2,
    solidVolume: () => 0,
  };
}

function addScraps(b: MeshBuilder, part: Part, hues: Hues, random: Random): void {
  const paint = petalPaint(hues.hue, { base: shade(hues.hue, -0.16), inner: undefined, outer: undefined });
  const foot = addScaled(part.at, part.along, -0.3 * part.size);
  const map = chain(translation(...foot), rotationX((random() - 0.5) * 0.8), scaling(part.size * (b.coarse ? 1.3 : 1)));
  for (let q = 0; q < SCRAPS; q++)
    addSheet({
      builder: b,
      map,
      azimuthRad: (q * TAU) / SCRAPS + random(),
      shape: SCRAP,
      grid: b.coarse ? [1, 1] : [2, 2],
      look: {
        paint,
        ring: 1,
        phase: random() * TAU,
        jitter: (random() - 0.5) * 0.08,
      },
    });
}
