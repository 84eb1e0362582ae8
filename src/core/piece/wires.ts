import type { Instance } from './expand';
import { spanMm } from './expand';
import { isCarrier, type Cut, type Own, type Part, type Tip } from './part';

type Wired = Extract<Own, { by: 'wire' }>;

/** What a wire is long for, mm. `free` is the bare stem of a carrier, or of a piece below its foot. */
export interface WireNeed {
  hookMm: number;
  insideMm: number;
  stalkMm: number;
  spanMm: number;
  runMm: number;
  trimMm: number;
}

export interface PieceWire {
  instanceId: string;
  partId: string;
  swg: number;
  /** alike, each cut so */
  count: number;
  need: WireNeed;
  needMm: number;
  /** as it is cut: up to a whole millimetre, or an exact part of a length */
  cutMm: number;
  /** by how much the cut is too short when nothing is left to trim; 0 where it will do */
  shortMm: number;
}

/** Cut long and shortened, never the other way. Common practice, no source. */
const TRIM_MM = 5;
/** Wires run on past their joint and are then cut in steps. Own study (docs/trade.md T14). */
const RUN_ON_MM = { stem: 25, branch: 15 } as const;
/** The neck of a pulled flower takes so much wire at most. */
const NECK_MM = 8;

/** Wire that the bent end takes (docs/trade.md W7): the finest is hardly bent at all, thick wire takes more. */
export function hookMm(swg: number, tip: Tip): number {
  if (tip === 'straight') return 0;
  if (tip === 'twisted double') return 12;
  if (tip === 'hook' && swg >= 28) return 4;
  return swg >= 26 ? 5 : swg >= 24 ? 6 : 8;
}

/** How far a wire goes up into the paste of a part (docs/trade.md W7). */
function insideMm({ kind }: Pick<Part, 'kind'>, sizeMm: number): number {
  if (kind === 'leaf' || kind === 'petal') return (sizeMm * 2) / 3;
  if (kind === 'bud' || kind === 'berry' || kind === 'cone' || kind === 'centre') return sizeMm * 0.75;
  if (kind === 'floret') return Math.min(NECK_MM, sizeMm * 0.3);
  return kind === 'head' ? sizeMm * 0.3 : 0;
}

/** What is left of its carrier below a joint: nothing runs on farther than its foot. */
function belowMm({ within, atMm }: Instance, footMm: number): number {
  if (!within) return 0;
  const bare = within.within === null ? footMm : within.part.on.by === 'wire' ? within.part.on.stalkMm : 0;
  return spanMm(within) - atMm + bare;
}

function runMm(at: Instance, { run }: Wired, footMm: number): number {
  if (!at.within) return 0;
  const below = belowMm(at, footMm);
  if (run === 'to foot') return below;
  const wish = typeof run === 'number' ? run : at.within.within === null ? RUN_ON_MM.stem : RUN_ON_MM.branch;
  return Math.min(wish, below);
}

/** What the wire of one part is long for; `footMm` is bare stem below the piece. */
function needOf(at: Instance, own: Wired, footMm: number): WireNeed {
  const carrier = isCarrier(at.part);
  return {
    hookMm: hookMm(own.swg, own.tip),
    insideMm: carrier ? 0 : insideMm(at.part, at.sizeMm),
    stalkMm: at.within ? own.stalkMm : footMm,
    spanMm: carrier ? spanMm(at) : 0,
    runMm: runMm(at, own, footMm),
    trimMm: TRIM_MM,
  };
}

/** Stamens are cut to a length: what is not above the flower's foot is taped to its stem. */
function fineNeed(lengthMm: number, footMm: number): WireNeed {
  const runMm = Math.min(RUN_ON_MM.stem, footMm, Math.max(0, lengthMm - TRIM_MM));
  return { hookMm: 0, insideMm: lengthMm - runMm - TRIM_MM, stalkMm: 0, spanMm: 0, runMm, trimMm: TRIM_MM };
}

export const sumOf = (need: WireNeed): number => Object.values(need).reduce((a, mm) => a + mm, 0);

/** How long a wire is cut: rounded up once, at the end; an equal part of a length stays exact. What is left to trim is a wish. */
export function cutTo(needMm: number, cut: Cut, stockMm: number): { cutMm: number; shortMm: number } {
  if (cut === 'to length') return { cutMm: Math.ceil(needMm - 0.05), shortMm: 0 };
  const cutMm = stockMm / cut;
  return { cutMm, shortMm: Math.max(0, needMm - TRIM_MM - cutMm) };
}

/** The most equal parts of a length that are each long enough; null where not even half a length is. */
export const fractionFor = (needMm: number, stockMm: number): Cut | null =>
  ([6, 5, 4, 3, 2] as const).find((parts) => cutTo(needMm, parts, stockMm).shortMm === 0) ?? null;

/** All wires of a piece, each after those that it joins. A part on nothing has none. */
export const wiresOf = (instances: readonly Instance[], { footMm, stockMm }: { footMm: number; stockMm: number }): PieceWire[] =>
  instances.flatMap((at) => {
    const { on } = at.part;
    const id = { instanceId: at.id, partId: at.part.id };
    if (on.by === 'nothing') return [];
    if (on.by === 'fine wires') {
      const need = fineNeed(on.lengthMm, footMm);
      const mm = { needMm: on.lengthMm, ...cutTo(on.lengthMm, 'to length', stockMm) };
      return [{ ...id, swg: on.swg, count: on.count, need, ...mm }];
    }
    const need = needOf(at, on, footMm);
    const needMm = sumOf(need);
    return [{ ...id, swg: on.swg, count: 1, need, needMm, ...cutTo(needMm, on.cut, stockMm) }];
  });
