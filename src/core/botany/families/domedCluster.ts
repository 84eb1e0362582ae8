import { IDENTITY } from '../../geometry/affine';
import { degToRad, GOLDEN_ANGLE_RAD, lerp } from '../../geometry/numbers';
import { scale, type Vec3 } from '../../geometry/vec3';
import { shade } from '../shape/paint';
import type { Part, Shape } from '../shape/recipe';
import { addBall, three } from '../shape/solids';
import { countOf } from '../../piece/many';
import type { Part as MadePart } from '../../piece/part';
import { addFloret } from './florets';
import type { Sprig } from './sprig';

/** The soft base under the florets, in radii of the cluster. */
const BASE_RADIUS = 0.62;
const BASE_SQUASH = 0.72;
/** Florets stand on the dome down to this angle from its top, degrees. */
const SKIRT_DEG = 104;
const BUD_SIZE_SHARE = 0.55;

/**
 * Buds in the middle, open florets round them, pushed into a soft base on a skewer (docs/trade.md T13: 10–15 buds, 20–25 open).
 * Lengths in radii of the cluster.
 */
export function domedCluster(r: { buds: number; open: number; petals: number; floretSize: number }): Shape {
  const count = r.buds + r.open;
  /** buds take less of the dome than florets, by the square of their sizes */
  const room = (i: number) => (i < r.buds ? BUD_SIZE_SHARE ** 2 : 1);
  const whole = r.buds * room(0) + r.open;
  const low = Math.cos(degToRad(SKIRT_DEG));
  const parts = (stage: number): Part[] => {
    let taken = 0;
    return Array.from({ length: count }, (_, i): Part => {
      const z = 1 - ((taken + room(i) / 2) / whole) * (1 - low);
      taken += room(i);
      const out = Math.sqrt(Math.max(0, 1 - z * z));
      const a = i * GOLDEN_ANGLE_RAD;
      const along: Vec3 = [Math.cos(a) * out, Math.sin(a) * out, z];
      const foot = scale(along, BASE_RADIUS * lerp(1, 1.04, i % 2));
      const bud = i < r.buds;
      return {
        name: bud || stage < 0.3 ? 'bud' : 'floret',
        level: 0,
        joins: scale(foot, 0.4),
        at: [foot[0], foot[1], foot[2] * lerp(BASE_SQUASH, 1, 0.5)],
        along,
        size: r.floretSize * (bud ? BUD_SIZE_SHARE : lerp(0.8, 1, stage)),
        open: bud ? 0 : stage,
      };
    });
  };
  return {
    parts,
    build(b, stage, hues, random) {
      const green = shade('#a9bd86', 0);
      addBall({
        b,
        map: IDENTITY,
        radius: BASE_RADIUS * 0.9,
        detail: b.coarse ? [8, 5] : [16, 10],
        colours: three(shade(green, -0.3), shade(green, -0.15), green),
        squash: BASE_SQUASH,
        whole: true,
      });
      for (const part of parts(stage)) {
        const closed = part.name === 'bud' ? { ...hues, hue: shade(hues.hue, 0.1, 0.7, -6) } : hues;
        addFloret({ b, part, petals: r.petals, hues: closed, random });
      }
    },
  };
}

const countIn = (tree: MadePart, kind: MadePart['kind']): number =>
  tree.parts.reduce((a, p) => a + (p.kind === kind ? countOf(p.many) : 0), 0);
const MOST = 80;

/** A domed cluster with as many buds and florets as its tree has. */
export const dome = (look: { petals: number; floretSize: number }): Pick<Sprig, 'drawn' | 'counted'> => ({
  drawn: (tree) => domedCluster({ ...look, buds: countIn(tree, 'bud'), open: countIn(tree, 'floret') }),
  counted: (tree) => [
    { id: 'buds', count: countIn(tree, 'bud'), least: 0, most: MOST },
    { id: 'open', count: countIn(tree, 'floret'), least: 1, most: MOST },
  ],
});
