import { IDENTITY } from '../../geometry/affine';
import { clamp, GOLDEN_ANGLE_RAD, lerp } from '../../geometry/numbers';
import { normalize, type Vec3 } from '../../geometry/vec3';
import { hexToLinear } from '../shape/paint';
import type { Part, Shape } from '../shape/recipe';
import { addTube } from '../shape/solids';
import { addFloret, floretPaste } from './florets';
import { addStalk } from './stalks';

const LOWEST = 0.24;
/** Less open than this a floret is made as a closed one. */
const CLOSED = 0.25;

interface FloretSpike {
  count: number;
  petals: number;
  floretSize: number;
  spread: number;
  /** of them, from the tip down, so many closed and so many opening; by the stage of the whole when not said */
  buds?: number;
  opening?: number;
}

/** What a spike that is fully out has of each; where nothing is said, as its own law of opening has it. */
function stagesOf({ count, buds, opening }: FloretSpike): { buds: number; opening: number; open: number } {
  const opens = Array.from({ length: count }, (_, i) => clamp((OUT * 1.5 - i / (count - 1)) * 3));
  const closed = buds ?? opens.filter((o) => o < CLOSED).length;
  const half = opening ?? opens.filter((o) => o >= CLOSED && o < 1).length;
  return { buds: closed, opening: half, open: Math.max(0, count - closed - half) };
}
/** The stage at which it is counted. */
const OUT = 0.8;

/** Florets up a tapering spike: closed at the tip, half open, open below. Lengths in lengths of the spike. */
export function floretSpike(r: FloretSpike): Shape {
  const counted = stagesOf(r);
  const parts = (stage: number): Part[] =>
    Array.from({ length: r.count }, (_, i): Part => {
      const t = i / (r.count - 1);
      const width = r.spread * Math.pow(1 - t, 0.7) + 0.015;
      const a = i * GOLDEN_ANGLE_RAD;
      const high = lerp(LOWEST, 0.97, t);
      const at: Vec3 = [Math.cos(a) * width, Math.sin(a) * width, high];
      const fromTip = r.count - 1 - i;
      const said =
        r.buds === undefined || stage < 0.6
          ? null
          : fromTip < counted.buds
            ? 0
            : fromTip < counted.buds + counted.opening
              ? 0.5
              : 1;
      const open = said ?? clamp((stage * 1.5 - t) * 3);
      return {
        name: open < CLOSED ? 'bud' : 'floret',
        level: 0,
        joins: [0, 0, Math.max(0.02, high - width * 1.1)],
        at,
        along: normalize([Math.cos(a), Math.sin(a), lerp(0.25, 1.2, t)]),
        size: r.floretSize * lerp(1, 0.42, t),
        open,
      };
    });
  return {
    parts,
    counts: [
      { id: 'buds', name: 'Buds at the tip', count: counted.buds, least: 0, most: 40 },
      { id: 'opening', name: 'Opening', count: counted.opening, least: 0, most: 40 },
      { id: 'open', name: 'Open, below', count: counted.open, least: 0, most: 60 },
    ],
    recounted: (counts) => {
      const { buds, opening, open } = { ...counted, ...counts };
      return floretSpike({ ...r, count: Math.max(2, buds + opening + open), buds, opening });
    },
    build(b, stage, hues, random) {
      const green = hexToLinear('#86a06c');
      const stem: Vec3[] = [
        [0, 0, 0],
        [0.01, 0, 0.5],
        [0, 0, 0.97],
      ];
      addTube(b, IDENTITY, stem, [0.014, 0.008], b.coarse ? 3 : 5, [green, green]);
      parts(stage).forEach((part, i) => {
        // from afar three of five, a quarter larger
        if (b.coarse && i % 5 > 2) return;
        if (!b.coarse) addStalk(b, part, 0.006, [green, green]);
        addFloret(b, b.coarse ? { ...part, size: part.size * 1.25 } : part, r.petals, hues, random);
      });
    },
    sheetArea: (stage) => floretPaste(parts(stage), r.petals).sheets,
    solidVolume: (stage) => floretPaste(parts(stage), r.petals).solid,
  };
}
