import { chain, IDENTITY, rotationX, scaling, translation } from '../../geometry/affine';
import { TAU } from '../../geometry/numbers';
import type { Random } from '../../geometry/random';
import { addScaled } from '../../geometry/vec3';
import { filler, type Filler } from '../../piece/constructions/filler';
import type { Counts } from '../../piece/construction';
import { countOf } from '../../piece/many';
import { ofLength } from '../../piece/long';
import type { Part as MadePart } from '../../piece/part';
import type { MeshBuilder } from '../shape/mesh';
import { hexToLinear, petalPaint, shade } from '../shape/paint';
import { petal } from '../shape/petal';
import type { Hues, Part, Shape } from '../shape/recipe';
import { addSheet } from '../shape/sheet';
import { addTube } from '../shape/solids';
import { laidOut } from './laidOut';
import { addOther, isMadeThing } from './others';
import type { Sprig } from './sprig';
import { addStalk } from './stalks';

const TENTHS = [4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15];

/** A smaller branch has fewer side branches, and a single one fewer clusters; each cluster is as full as they were. */
function lessOf({ sideBranches, clusters, florets, stalkMm }: Filler, share: number): Filler {
  const full = florets / (sideBranches * clusters);
  const sides = Math.max(1, Math.round(sideBranches * share));
  const each = sideBranches > 1 ? clusters : Math.max(1, Math.round(clusters * share));
  return { sideBranches: sides, clusters: each, florets: Math.round(full * sides * each), stalkMm };
}

/** Files of earlier versions say how many florets a cluster has; where neither is said clusters stay as full as they were. */
function recount(usual: Filler, counts: Counts): Filler {
  const { sideBranches = usual.sideBranches, clusters = usual.clusters, florets: each, floretsInAll } = counts;
  const full = each === undefined ? usual.florets / (usual.sideBranches * usual.clusters) : Math.min(MOST_TO_A_CLUSTER, each);
  return { ...usual, sideBranches, clusters, florets: floretsInAll ?? Math.round(full * sideBranches * clusters) };
}

/** A branching filler of tiny scrunched florets, usually of so many. */
export const branchingFiller = (usual: Filler): Sprig => ({
  tree: ({ sizeMm, counts }) =>
    ofLength((tenths, scale) => filler(recount(lessOf(usual, tenths / 10), counts), scale), {
      sizeMm,
      counts: TENTHS,
      usual: 10,
    }),
  drawn: (tree) => drawn(tree),
  counted: (tree) => {
    const { sideBranches, clusters, florets } = countedIn(tree);
    return [
      { id: 'sideBranches', count: sideBranches, least: 1, most: 8 },
      { id: 'clusters', count: clusters, least: 1, most: 5 },
      { id: 'floretsInAll', count: florets, least: 2, most: 160 },
    ];
  },
});

const MOST_TO_A_CLUSTER = 12;

const florets = (part: MadePart): number =>
  part.many.by === 'share' ? part.many.inAll : part.parts.reduce((a, p) => a + florets(p), 0);

function countedIn(tree: MadePart): Omit<Filler, 'stalkMm'> {
  const side = tree.parts.find((p) => p.kind === 'arm');
  const clusters = (side ?? tree).parts.find((p) => p.kind === 'cluster');
  const others = clusters ? countOf(clusters.many) : 0;
  return { sideBranches: side ? countOf(side.many) : 1, clusters: others + (side ? 1 : 0), florets: florets(tree) };
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

function drawn(tree: MadePart): Shape {
  const { parts, tipZ } = laidOut(tree, { angleDeg: [34, 20] });
  return {
    parts: () => parts,
    build(b, _stage, hues, random) {
      const green = hexToLinear('#8aa36c');
      addTube({
        b,
        map: IDENTITY,
        points: [
          [0, 0, 0],
          [0.008, 0, tipZ * 0.6],
          [0, 0, tipZ],
        ],
        radii: [0.012, 0.009],
        sides: 4,
        colours: [green, green],
      });
      const many = parts.length > MANY;
      parts.forEach((part, i) => {
        if (part.name !== 'floret' && isMadeThing(part)) return addOther(b, part, hues, random);
        if (part.name !== 'floret') return addStalk(b, part, part.level ? 0.006 : 0.008, [green, green]);
        // from afar three of five, a third larger
        if (b.coarse && many && i % 5 > 2) return;
        if (!b.coarse || i % 7 === 0) addStalk(b, part, 0.004, [green, green]);
        addScraps(b, part, hues, random);
      });
    },
  };
}

/** From so many parts on not all are drawn from afar. */
const MANY = 30;

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
