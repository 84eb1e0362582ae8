import { IDENTITY } from '../../geometry/affine';
import { lerp } from '../../geometry/numbers';
import type { Vec3 } from '../../geometry/vec3';
import type { Counts } from '../../piece/construction';
import { countOf } from '../../piece/many';
import { ofLength } from '../../piece/long';
import type { Part as MadePart } from '../../piece/part';
import { hexToLinear } from '../shape/paint';
import type { PartCount, Shape } from '../shape/recipe';
import { addTube } from '../shape/solids';
import { addFloret } from './florets';
import { laidOut } from './laidOut';
import { addOther } from './others';
import type { Sprig } from './sprig';
import { addStalk } from './stalks';

/** Florets up a spike: how its tree is made, longer the more of them it has, and how many petals they have. */
export interface FloretSpike {
  /** `share` multiplies all counts that a person has not changed */
  build: (ask: { stage: string; share: number; scale: number; counts: Counts }) => MadePart;
  petals: number;
  /** what a person may count: buds, opening and open ones, or just how many */
  lines: readonly string[];
}

const MOST = 60;
/** A spike has so many hundredths of its usual florets, at the least and at the most. */
const SHARES = Array.from({ length: 37 }, (_, i) => 20 + i * 5);

export function floretSpike(r: FloretSpike): Sprig {
  return {
    tree: ({ stage, sizeMm, counts }) =>
      ofLength((hundredths, scale) => r.build({ stage, scale, counts, share: hundredths / 100 }), {
        sizeMm,
        counts: SHARES,
        usual: 100,
      }),
    drawn: (tree) => drawn(r, tree),
    counted: (tree) =>
      r.lines.map((id): PartCount => {
        const line = tree.parts.find((p) => p.id === LINES[id]);
        return { id, count: line ? countOf(line.many) : 0, least: 0, most: MOST };
      }),
  };
}

/** The lines of a tree by what a person calls them. */
const LINES: Readonly<Record<string, string>> = { buds: 'bud', opening: 'opening', open: 'open' };
const OPEN: Readonly<Record<string, number>> = { bud: 0, opening: 0.5, open: 1 };

function drawn(r: FloretSpike, tree: MadePart): Shape {
  const { parts, tipZ } = laidOut(tree, { angleDeg: [62, 30], openOf: ({ part }) => OPEN[part.id] ?? 1 });
  return {
    parts: () => parts,
    build(b, _stage, hues, random) {
      const green = hexToLinear('#86a06c');
      const stem: Vec3[] = [
        [0, 0, 0],
        [0.01, 0, tipZ * 0.5],
        [0, 0, tipZ],
      ];
      addTube({ b, map: IDENTITY, points: stem, radii: [0.014, 0.008], sides: b.coarse ? 3 : 5, colours: [green, green] });
      parts.forEach((part, i) => {
        // from afar three of five, a quarter larger
        if (b.coarse && parts.length > 20 && i % 5 > 2) return;
        if (part.name === 'leaf' || part.name === 'berry') return addOther(b, part, hues, random);
        if (!b.coarse) addStalk(b, part, 0.006, [green, green]);
        const size = part.size * lerp(1, 0.8, part.open === 0.5 ? 1 : 0);
        addFloret({ b, part: { ...part, size: b.coarse ? size * 1.25 : size }, petals: r.petals, hues, random });
      });
    },
  };
}
