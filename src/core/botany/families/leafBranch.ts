import { IDENTITY } from '../../geometry/affine';
import { addScaled, normalize } from '../../geometry/vec3';
import type { Counts } from '../../piece/construction';
import { countOf } from '../../piece/many';
import { ofLength } from '../../piece/long';
import type { Part as MadePart } from '../../piece/part';
import { bendMesh, type Bend } from '../shape/bent';
import { hexToLinear, shade } from '../shape/paint';
import type { PetalShape } from '../shape/petal';
import type { Part, Shape } from '../shape/recipe';
import { addBall, addTube, three } from '../shape/solids';
import { carrierAt, laidOut, type Growth } from './laidOut';
import { addOther } from './others';
import type { Sprig } from './sprig';
import { addLeaf, addStalk, leafBlade, leafPaint } from './stalks';

/** Leaves on a carrier: how the tree of so many leaves is made, and how they look. */
export interface LeafBranch {
  /** pairs, with one at the tip; single leaves; or arms, each a small branch of its own */
  counted: 'pairs' | 'leaves' | 'arms';
  /** pairs, leaves or arms of one as it is usually made */
  usual: number;
  build: (count: number, scale: number, counts: Counts) => MadePart;
  blade: Partial<PetalShape>;
  growth: Growth;
  berryHue?: string;
  twoFaced?: boolean;
}

const MOST_NODES = 24;
/** Leaves of so many nodes. */
const LEAVES: Readonly<Record<LeafBranch['counted'], (nodes: number) => number>> = {
  pairs: (nodes) => 2 * nodes + 1,
  leaves: (nodes) => nodes,
  arms: (nodes) => nodes,
};
/** A branch that nobody counts has so many at the least: fewer are no branch. */
const LEAST: Readonly<Record<LeafBranch['counted'], number>> = { pairs: 1, leaves: 3, arms: 2 };
const nodesFrom = (least: number): number[] => Array.from({ length: MOST_NODES - least + 1 }, (_, i) => i + least);

/** How many are on a tree's carrier, berries left out. */
const onCarrier = (tree: MadePart): number =>
  tree.parts.reduce((a, p) => a + (p.kind === 'leaf' || p.kind === 'arm' ? countOf(p.many) : 0), 0);

export function leafBranch(r: LeafBranch): Sprig {
  const leavesOf = LEAVES[r.counted];
  return {
    tree: ({ sizeMm, counts }) =>
      ofLength((count, scale) => r.build(count, scale, counts), {
        sizeMm,
        counts: (counts.nodes === undefined ? nodesFrom(LEAST[r.counted]) : [counts.nodes]).map(leavesOf),
        usual: leavesOf(counts.nodes ?? r.usual),
      }),
    drawn: (tree) => drawn(r, tree),
    counted: (tree) => {
      const leaves = onCarrier(tree);
      const count = r.counted === 'pairs' ? (leaves - 1) / 2 : leaves;
      return [{ id: 'nodes', called: r.counted, count, least: 1, most: MOST_NODES }];
    },
  };
}

/** A single leaf, on its own wire or on none: nothing of it is counted, and it is as long as it is asked for. */
export interface OneLeaf {
  build: (scale: number) => MadePart;
  longMm: number;
  blade: Partial<PetalShape>;
  /** lobes that spread from its foot beside the middle one, on either side: turned so far, so long and so wide for it */
  lobes?: readonly { asideRad: number; longShare: number; wideShare?: number }[];
  /** how it has dried at a stage, where it lies on no wire */
  staged?: (open: number) => DriedSo;
}

/** Flat, cupped, or bent over an edge; the bend in shares of its length. */
export interface DriedSo {
  blade: Partial<PetalShape>;
  bend?: Bend;
}

const IN_ITS_OWN_WAY: Part = {
  name: 'leaf',
  level: 0,
  joins: [0, 0, 0],
  at: [0, 0, 0],
  along: normalize([0, -0.17, 0.98]),
  size: 1,
  open: 1,
};

/** What has no wire lies on its back; on a wire a leaf leans to its face. */
const LYING: Part = { ...IN_ITS_OWN_WAY, along: [0, 0, 1] };
const OPEN_DEG = { lying: 90, onWire: 80 } as const;

/** The lobes of a leaf, the middle one last, so that its vein lies on the others. */
function lobesOf(lobes: NonNullable<OneLeaf['lobes']>, own: Part): { part: Part; wide: number }[] {
  const [, lean, up] = own.along;
  const beside = lobes.flatMap(({ asideRad, longShare, wideShare = 1 }) =>
    [-asideRad, asideRad].map((rad) => ({
      part: {
        ...own,
        along: normalize([Math.sin(rad), lean * Math.cos(rad), up * Math.cos(rad)]),
        size: longShare,
      },
      wide: wideShare,
    })),
  );
  return [...beside, { part: own, wide: 1 }];
}

export function oneLeaf({ build, longMm, blade, staged, lobes = [] }: OneLeaf): Sprig {
  const own = staged ? LYING : IN_ITS_OWN_WAY;
  const openDeg = staged ? OPEN_DEG.lying : OPEN_DEG.onWire;
  const drawn = lobesOf(lobes, own);
  return {
    tree: ({ sizeMm }) => build(sizeMm / longMm),
    drawn: () => ({
      parts: () => [own],
      build: (b, stage, hues, random) => {
        const dried = staged?.(stage);
        const cut = leafBlade({ ...blade, open: openDeg, ...dried?.blade });
        const first = b.vertexCount;
        for (const { part, wide } of drawn)
          addLeaf({
            b,
            part,
            blade: { ...cut, halfWidth: cut.halfWidth * wide },
            paint: leafPaint(hues),
            random,
            lying: staged !== undefined,
          });
        if (dried?.bend) bendMesh(b, first, dried.bend);
      },
    }),
    counted: () => [],
  };
}

/** Small leaves stand out from the large one by so much, radians, and begin so far down its length. */
const GROUP = { asideRad: 0.75, downShare: 0.1 } as const;

/** One large leaf with small ones against it, drawn as its tree has them. */
export function leafGroupOf(build: (scale: number) => MadePart, longMm: number, look: Partial<PetalShape>): Sprig {
  const blade = leafBlade({ ...look, open: 80 });
  return {
    tree: ({ sizeMm }) => build(sizeMm / longMm),
    drawn(tree) {
      const large = largestIn(tree);
      const small = tree.parts.flatMap((p) => Array.from({ length: countOf(p.many) }, () => largestIn(p)));
      const leaves = [
        IN_ITS_OWN_WAY,
        ...small.map((mm, i): Part => {
          const aside = (i % 2 === 0 ? 1 : -1) * GROUP.asideRad;
          const at: Part['at'] = [0, 0, -GROUP.downShare * i * 0.5];
          return { ...IN_ITS_OWN_WAY, at, along: normalize([Math.sin(aside), -0.12, Math.cos(aside)]), size: mm / large };
        }),
      ];
      return {
        parts: () => leaves,
        build: (b, _stage, hues, random) => {
          for (const part of leaves) addLeaf({ b, part, blade, paint: leafPaint(hues), random });
        },
      };
    },
    counted: () => [],
  };
}

const largestIn = ({ many }: MadePart): number => (many.by === 'sizes' ? Math.max(...many.of.map((s) => s.sizeMm)) : 1);

function drawn(r: LeafBranch, tree: MadePart): Shape {
  const { parts, tipZ } = laidOut(tree, r.growth);
  const blade = leafBlade(r.blade);
  const sway = r.growth.sway ?? 0;
  return {
    parts: () => parts,
    build(b, _stage, hues, random) {
      const green = hexToLinear(shade(hues.hue, -0.1));
      const wood = hexToLinear(shade(hues.second ?? hues.hue, -0.25, 0.8));
      const points = Array.from({ length: 9 }, (_, i) => carrierAt((i / 8) * tipZ, sway).point);
      addTube({ b, map: IDENTITY, points, radii: [0.012, 0.006], sides: b.coarse ? 3 : 5, colours: [wood, green] });
      const paint = leafPaint(hues);
      const pale = { ...paint, mid: shade(hues.hue, 0.3, 0.6), tip: shade(hues.hue, 0.42, 0.5) };
      for (const part of parts) {
        addStalk(b, part, part.name === 'arm' ? 0.009 : 0.006, [wood, green]);
        if (part.name === 'leaf') addLeaf({ b, part, blade, paint: r.twoFaced && random() < 0.3 ? pale : paint, random });
        if (part.name === 'berry') addBall({ ...berry(part, r.berryHue ?? hues.hue, b.coarse), b });
        if (part.name === 'floret' || part.name === 'bud') addOther(b, part, hues, random);
      }
    },
  };
}

/** A berry hangs from its stalk, a little longer than wide. */
const berry = ({ at, along, size }: Part, hue: string, coarse: boolean) => ({
  map: [1, 0, 0, 0, 1, 0, 0, 0, 1, ...addScaled(at, normalize(along), size)] as const,
  radius: size,
  detail: (coarse ? [5, 3] : [8, 6]) as [number, number],
  colours: three(shade(hue, -0.2), hue, shade(hue, 0.3)),
  squash: 1.25,
  whole: true,
});
