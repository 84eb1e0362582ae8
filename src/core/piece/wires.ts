import { gaugeToMm } from '../wire/gauge';
import { cutAs, TRIM_MM, USUAL_CUTTING, type CutLength, type Cutting } from '../wire/cutting';
import { must } from '../geometry/must';
import type { Instance } from './expand';
import { spanMm } from './expand';
import { isCarrier, type Own, type Part, type Tip } from './part';

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
  /** of so many equal parts of a length it is one; null where it is cut to length */
  parts: CutLength['parts'];
  /** as it would be cut each way */
  ways: Readonly<Record<Cutting, CutLength>>;
  /** by how much the cut is too short when nothing is left to trim; 0 where it will do */
  shortMm: number;
}

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

/** How far a carrier’s wire goes up into the part that stands on it. */
function upInside({ part: { firstCarries }, carries }: Instance): number {
  const [first] = carries;
  return firstCarries && first ? insideMm(first.part, first.sizeMm) : 0;
}

/** What the wire of one part is long for; `footMm` is bare stem below the piece. */
function needOf(at: Instance, own: Wired, footMm: number): WireNeed {
  const carrier = isCarrier(at.part);
  return {
    hookMm: own.hookMm ?? hookMm(own.swg, own.tip),
    insideMm: carrier ? upInside(at) : insideMm(at.part, at.sizeMm),
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

/** Wires of a line are cut alike, to the longest of them, unless their sizes differ by more than this, mm. Common practice, no source. */
const ALIKE_MM = 15;

/** The longest and the shortest need of each line, by its id. */
function needsByLine(wires: readonly Needed[]): Map<string, { most: number; least: number }> {
  const lines = new Map<string, { most: number; least: number }>();
  for (const { id, needMm } of wires) {
    const { most, least } = lines.get(id.partId) ?? { most: needMm, least: needMm };
    lines.set(id.partId, { most: Math.max(most, needMm), least: Math.min(least, needMm) });
  }
  return lines;
}

interface Needed {
  id: { instanceId: string; partId: string };
  on: Wired | Extract<Own, { by: 'fine wires' }>;
  need: WireNeed;
  needMm: number;
}

function neededFor(at: Instance, footMm: number): Needed[] {
  const { on } = at.part;
  const id = { instanceId: at.id, partId: at.part.id };
  if (on.by === 'nothing') return [];
  if (on.by === 'fine wires') return [{ id, on, need: fineNeed(on.lengthMm, footMm), needMm: on.lengthMm }];
  const need = needOf(at, on, footMm);
  return [{ id, on, need, needMm: sumOf(need) }];
}

interface CutHow {
  footMm: number;
  stockMm: number;
  cutting?: Cutting;
}

/** All wires of a piece, each after those that it joins. A part on nothing has none; those of a line are cut alike. */
export function wiresOf(instances: readonly Instance[], { footMm, stockMm, cutting = USUAL_CUTTING }: CutHow): PieceWire[] {
  const needed = instances.flatMap((at) => neededFor(at, footMm));
  const lines = needsByLine(needed);
  return needed.map(({ id, on, need, needMm }) => {
    const { most, least } = must(lines.get(id.partId));
    const longMm = most - least <= ALIKE_MM ? most : needMm;
    // stamens are as long as they are
    const usual = on.by === 'wire' ? on.cut : 'to length';
    const as = (way: Cutting) => cutAs(way === 'sizes' ? needMm : longMm, stockMm, { cutting: way, usual });
    const ways = { fractions: as('fractions'), length: as('length'), sizes: as('sizes') };
    const count = on.by === 'wire' ? (on.strands ?? 1) : on.count;
    const { cutMm, parts } = ways[cutting];
    return { ...id, swg: on.swg, count, need, needMm, parts, cutMm, ways, shortMm: Math.max(0, needMm - need.trimMm - cutMm) };
  });
}

/** A usual length of wire as it is bought; what is weighed does not turn on it. */
const USUAL_STOCK_MM = 360;
const STEEL_GRAMS_PER_MM3 = 0.00785;

/** Wire in the parts of a piece, its own stem left out, g. */
export function wireGrams(instances: readonly Instance[]): number {
  const [root] = instances;
  return wiresOf(instances, { footMm: 0, stockMm: USUAL_STOCK_MM }).reduce((a, w) => {
    if (w.instanceId === root?.id) return a;
    return a + (Math.PI / 4) * gaugeToMm('SWG', w.swg) ** 2 * sumOf(w.need) * w.count * STEEL_GRAMS_PER_MM3;
  }, 0);
}
