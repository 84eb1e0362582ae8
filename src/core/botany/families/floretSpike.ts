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

/** How many of each there are at a stage, from how far each floret is open. */
function countedAt(parts: readonly Part[]): { buds: number; opening: number; open: number } {
  const buds = parts.filter((p) => p.open < CLOSED).length;
  const open = parts.filter((p) => p.open >= 1).length;
  return { buds, opening: parts.length - buds - open, open };
}

/** From this stage on a spike whose stages are counted shows them so; before it everything is still on its way. */
const COUNTED_FROM = 0.6;

/** Of a spike counted by hand how far floret `i`, from the foot, is open; null where its own law has it. */
function openBy({ count, buds, opening = 0 }: FloretSpike, i: number, stage: number): number | null {
  if (buds === undefined || stage < COUNTED_FROM) return null;
  const fromTip = count - 1 - i;
  return fromTip < buds ? 0 : fromTip < buds + opening ? 0.5 : 1;
}

/** Florets up a tapering spike: closed at the tip, half open, open below. Lengths in lengths of the spike. */
export function floretSpike(r: FloretSpike): Shape {
  const parts = (stage: number): Part[] =>
    Array.from({ length: r.count }, (_, i): Part => {
      const t = i / (r.count - 1);
      const width = r.spread * Math.pow(1 - t, 0.7) + 0.015;
      const a = i * GOLDEN_ANGLE_RAD;
      const high = lerp(LOWEST, 0.97, t);
      const at: Vec3 = [Math.cos(a) * width, Math.sin(a) * width, high];
      const open = openBy(r, i, stage) ?? clamp((stage * 1.5 - t) * 3);
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
    counts: (stage) => {
      const { buds, opening, open } = countedAt(parts(stage));
      return [
        { id: 'buds', count: buds, least: 0, most: 40 },
        { id: 'opening', count: opening, least: 0, most: 40 },
        { id: 'open', count: open, least: 0, most: 60 },
      ];
    },
    recounted: (counts, stage) => {
      const { buds, opening, open } = { ...countedAt(parts(stage)), ...counts };
      return floretSpike({ ...r, count: Math.max(2, buds + opening + open), buds, opening });
    },
    build(b, stage, hues, random) {
      const green = hexToLinear('#86a06c');
      const stem: Vec3[] = [
        [0, 0, 0],
        [0.01, 0, 0.5],
        [0, 0, 0.97],
      ];
      addTube({ b, map: IDENTITY, points: stem, radii: [0.014, 0.008], sides: b.coarse ? 3 : 5, colours: [green, green] });
      parts(stage).forEach((part, i) => {
        // from afar three of five, a quarter larger
        if (b.coarse && i % 5 > 2) return;
        if (!b.coarse) addStalk(b, part, 0.006, [green, green]);
        addFloret({ b, part: b.coarse ? { ...part, size: part.size * 1.25 } : part, petals: r.petals, hues, random });
      });
    },
    sheetArea: (stage) => floretPaste(parts(stage), r.petals).sheets,
    solidVolume: (stage) => floretPaste(parts(stage), r.petals).solid,
  };
}
