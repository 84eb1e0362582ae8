import { stackTiers, tierRef, type Cake, type StackedTier } from '../cake/cake';
import { unrollSide } from '../cake/unroll';
import { clockHoursToAzimuth } from '../geometry/units';
import { degToRad } from '../geometry/numbers';
import { ABILITIES } from '../place/barrier';
import type { Entry } from '../place/entry';
import { capital } from '../words/capital';
import type { Words } from '../words/words';
import { circle, INK, line, text, type At, type Drawing, type Mark } from './drawing';
import { must } from '../geometry/must';

/** White round the drawing, mm. */
const MARGIN_MM = 12;
const NUMBER_MM = 4.2;
const SMALL_MM = 2.6;
/** A label and the room round it: across and down. */
const LABEL_MM = [27, 8.4] as const;
const FAINT = '#8c7a87';
const CUT = '#746370';
/** A name in the legend takes so much. */
const LEGEND_MM = 38;
/** Beyond the outline labels stand so far out. */
const RING_MM = 10;

type Point = Pick<
  Entry,
  'id' | 'number' | 'tierIndex' | 'pointMm' | 'direction' | 'downDeg' | 'outsideMm' | 'insideMm' | 'cutMm' | 'barrier' | 'kind'
>;

const onTop = (e: Point, tier: StackedTier): boolean => e.pointMm[2] > tier.topMm - Math.max(1, tier.edgeMm * 0.6);

/** A template says which tier it is for, and whether it is its top or its side laid flat. */
export interface Template extends Drawing {
  tierIndex: number;
  face: 'top' | 'side';
}

/** What a template is drawn with beside the entries: words, title, and every barrier of the job in a fixed order. */
interface Told {
  words: Words;
  title: string;
  barriers: readonly (string | null)[];
}

/** What is cut to a length says so; the rest only goes so deep. */
function depthAt(e: Point, at: At, anchor: 'start' | 'end' | 'middle', { words }: Told): Mark {
  const angle = words.units.degrees(degToRad(e.downDeg));
  const cut = e.kind !== null && ABILITIES[e.kind].cutToLength && !ABILITIES[e.kind].bare;
  const told = cut
    ? words.label('template.cut', { length: words.units.figure(e.cutMm), angle })
    : words.label('template.deep', { length: words.units.figure(e.insideMm), angle });
  return text(at, told, SMALL_MM, anchor);
}

/** Each kind of barrier has a colour of its own on the paper, named below it. */
const TONES = ['#2b6cb0', '#b83280', '#2f7d4f', '#b7791f', '#6b46c1', '#9b2c2c', '#2c7a7b', '#4a5568'];
const toneOf = (barrier: string | null, { barriers }: Told): string => TONES[barriers.indexOf(barrier) % TONES.length] ?? INK;
const barriersOf = (entries: readonly Point[]): (string | null)[] =>
  [...new Set(entries.map((e) => e.barrier))].sort((a, b) => (a ?? '').localeCompare(b ?? ''));

function legend(entries: readonly Point[], told: Told, at: At): Mark[] {
  return barriersOf(entries).flatMap((barrier, i): Mark[] => {
    const [x, y] = [at[0] + i * LEGEND_MM, at[1]];
    const count = entries.filter((e) => e.barrier === barrier).length;
    const line = told.words.label('template.legend', { count, barrier: told.words.barrier(barrier)[0] });
    return [
      circle({ at: [x + 2, y - 1], radiusMm: 1.8, widthMm: 0.9, colour: toneOf(barrier, told) }),
      text([x + 6, y], line, 3),
    ];
  });
}

interface TemplatesOptions {
  cake: Cake;
  entries: readonly Point[];
  title: string;
  words: Words;
  wrapMm?: readonly { tierId: string; mm: number }[];
}

/**
 * Paper templates at true size to prick through: for each tier that something goes into from above its outline, and for each
 * whose side is pierced the side laid flat. `wrapMm` is what was measured round a tier, by its id: the strip is stretched to it.
 */
export function templates({ cake, entries, title, words, wrapMm = [] }: TemplatesOptions): Template[] {
  const tiers = stackTiers(cake);
  const told: Told = { words, title, barriers: barriersOf(entries) };
  return tiers.flatMap((tier) => {
    const own = entries.filter((e) => e.tierIndex === tier.index);
    const top = own.filter((e) => onTop(e, tier));
    const side = own.filter((e) => !onTop(e, tier));
    const measured = wrapMm.find((w) => w.tierId === tier.tier.id)?.mm ?? null;
    return [
      ...(top.length ? [topTemplate({ cake, tier, above: tiers[tier.index + 1] ?? null, entries: top, told })] : []),
      ...(side.length ? [sideTemplate({ cake, tier, entries: side, measuredMm: measured, told })] : []),
    ];
  });
}

interface TopTemplateOptions {
  cake: Cake;
  tier: StackedTier;
  above: StackedTier | null;
  entries: readonly Point[];
  told: Told;
}

/** A tier's top from above, the front below; not mirrored: it is laid on the cake with the print up. */
function topTemplate({ cake, tier, above, entries, told }: TopTemplateOptions): Template {
  const { words, title } = told;
  const name = words.tier(tierRef(cake, tier.index))[0];
  const { outline } = tier;
  const rim = outline.round(0);
  const reach = Math.max(...rim.map((p) => Math.hypot(p.x - outline.xMm, p.y - outline.yMm)));
  const half = reach + RING_MM + LABEL_MM[0] + MARGIN_MM;
  const middleY = MARGIN_MM + 10 + reach;
  const place = (x: number, y: number): At => [half + x - outline.xMm, middleY - (y - outline.yMm)];
  const marks: Mark[] = [
    text([MARGIN_MM, MARGIN_MM - 2], words.label('template.top-head', { Tier: capital(name) }), 4.5),
    text([MARGIN_MM, MARGIN_MM + 4], words.label('template.top-how'), 3),
    { kind: 'path', points: rim.map((p) => place(p.x, p.y)), closed: true, widthMm: 0.4, colour: CUT, id: 'outline' },
  ];
  if (above)
    marks.push({
      kind: 'path',
      points: above.outline.round(0).map((p) => place(p.x, p.y)),
      closed: true,
      widthMm: 0.3,
      colour: FAINT,
      dashMm: [3, 2],
    });
  for (let hour = 1; hour <= 12; hour++) {
    const a = clockHoursToAzimuth(hour);
    const r = outline.reachMm(outline.xMm, outline.yMm, a, 0);
    const [c, s] = [Math.cos(a), Math.sin(a)];
    const spot = (mm: number) => place(outline.xMm + c * mm, outline.yMm + s * mm);
    marks.push(line({ from: spot(r - (hour === 6 ? 9 : 5)), to: spot(r), widthMm: hour === 6 ? 0.8 : 0.3, colour: FAINT }));
    const [x, y] = spot(r - 12);
    marks.push(text([x, y + 1.2], hour === 6 ? words.label('template.front') : `${hour}`, 3.2, 'middle'));
  }
  marks.push(...ringLabels({ entries, place, middleX: outline.xMm, middleY: outline.yMm, outMm: reach + RING_MM, told }));
  for (const e of entries) {
    const [x, y] = place(e.pointMm[0], e.pointMm[1]);
    const flat = Math.hypot(e.direction[0], e.direction[1]);
    if (flat > 0.05)
      marks.push(line({ from: [x, y], to: [x + e.direction[0] * 12, y - e.direction[1] * 12], widthMm: 0.4, colour: CUT }));
    marks.push(...pricked(e, [x, y], told));
  }
  marks.push(...legend(entries, told, [MARGIN_MM, middleY + reach + MARGIN_MM - 1]));
  return {
    title: `${title}: ${words.label('template.top', { tier: name })}`,
    tierIndex: tier.index,
    face: 'top',
    widthMm: 2 * half,
    heightMm: middleY + reach + MARGIN_MM + 4,
    marks,
  };
}

/** A ring as wide as the barrier, and the dot to prick. */
const pricked = (e: Point, at: At, told: Told): Mark[] => [
  circle({ at, radiusMm: Math.max(1, e.outsideMm / 2), widthMm: 0.6, colour: toneOf(e.barrier, told), id: `ring-${e.number}` }),
  circle({ at, radiusMm: 0.5, widthMm: 0.2, colour: INK, fill: INK, id: `point-${e.number}` }),
];

const labelled = (e: Point, [x, y]: At, anchor: 'start' | 'end' | 'middle', told: Told): Mark[] => [
  { kind: 'text', at: [x, y], words: `${e.number}`, sizeMm: NUMBER_MM, anchor, bold: true },
  depthAt(e, [x, y + 3.4], anchor, told),
];

interface RingLabelsOptions {
  entries: readonly Point[];
  place: (x: number, y: number) => At;
  middleX: number;
  middleY: number;
  outMm: number;
  told: Told;
}

/** Labels left and right of the outline in columns, in the order of their height, each with a line to its point. */
function ringLabels({ entries, place, middleX, middleY, outMm, told }: RingLabelsOptions): Mark[] {
  const marks: Mark[] = [];
  for (const side of [-1, 1] as const) {
    const own = entries
      .filter((e) => e.pointMm[0] - middleX < 0 === side < 0)
      .map((e) => ({ e, at: place(e.pointMm[0], e.pointMm[1]) }))
      .sort((a, b) => a.at[1] - b.at[1]);
    const ys = spread(
      own.map(({ at }) => at[1]),
      LABEL_MM[1],
    );
    own.forEach(({ e, at }, i) => {
      const x = place(middleX + side * outMm, middleY)[0];
      marks.push(line({ from: [x, must(ys[i]) - 1.2], to: at, widthMm: 0.2, colour: FAINT }));
      marks.push(...labelled(e, [x + side, must(ys[i])], side < 0 ? 'end' : 'start', told));
    });
  }
  return marks;
}

/** Sorted places moved as little as keeps them apart, their middle where it was; all of them from nought to `within` where they fit. */
export function spread(sorted: readonly number[], apart: number, within = Infinity): number[] {
  const groups = sorted.map((at) => ({ sum: at, count: 1 }));
  const top = (g: { sum: number; count: number }) => g.sum / g.count - ((g.count - 1) / 2) * apart;
  for (let i = 1; i < groups.length;) {
    const [a, b] = [must(groups[i - 1]), must(groups[i])];
    if (top(a) + a.count * apart <= top(b) + 1e-9) {
      i++;
      continue;
    }
    groups.splice(i - 1, 2, { sum: a.sum + b.sum, count: a.count + b.count });
    i = Math.max(1, i - 1);
  }
  const free = groups.flatMap((g) => Array.from({ length: g.count }, (_, k) => top(g) + k * apart));
  if (!Number.isFinite(within)) return free;
  // before each there is room for those above it, after each for those below
  return free.map((at, i) => Math.max(i * apart, Math.min(at, within - (free.length - 1 - i) * apart)));
}

interface SideTemplateOptions {
  cake: Cake;
  tier: StackedTier;
  entries: readonly Point[];
  measuredMm: number | null;
  told: Told;
}

/** A tier's side laid flat, as it is read from outside: the back seam at both ends, the front in the middle. */
function sideTemplate({ cake, tier, entries, measuredMm, told }: SideTemplateOptions): Template {
  const { words, title } = told;
  const name = words.tier(tierRef(cake, tier.index))[0];
  const side = unrollSide(tier.outline);
  const stretch = measuredMm === null ? 1 : measuredMm / side.lengthMm;
  const long = side.lengthMm * stretch;
  const tall = tier.topMm - tier.footMm;
  const sorted = entries
    .map((e) => ({ e, along: side.alongMm(e.pointMm[0], e.pointMm[1]) * stretch }))
    .sort((a, b) => a.along - b.along);
  const rows = rowsFor(sorted.map((p) => p.along));
  const above = (Math.max(0, ...rows) + 1) * LABEL_MM[1] + 4;
  const top = MARGIN_MM + 10 + above;
  const place = (along: number, height: number): At => [MARGIN_MM + along, top + tall - height];
  const marks: Mark[] = [
    text([MARGIN_MM, MARGIN_MM - 2], words.label('template.side-head', { Tier: capital(name) }), 4.5),
    text(
      [MARGIN_MM, MARGIN_MM + 4],
      `${words.label(measuredMm === null ? 'template.side-round' : 'template.side-measured', { length: words.units.length(long) })} ${words.label('template.side-how')}`,
      3,
    ),
    {
      kind: 'path',
      points: [place(0, tall), place(long, tall), place(long, 0), place(0, 0)],
      closed: true,
      widthMm: 0.4,
      colour: CUT,
      id: 'outline',
    },
  ];
  for (let hour = 1; hour <= 12; hour++) {
    const a = clockHoursToAzimuth(hour);
    const { outline } = tier;
    const r = outline.reachMm(outline.xMm, outline.yMm, a, 0);
    const along = side.alongMm(outline.xMm + Math.cos(a) * r, outline.yMm + Math.sin(a) * r) * stretch;
    marks.push(
      line({ from: place(along, 0), to: place(along, hour === 6 ? 9 : 5), widthMm: hour === 6 ? 0.8 : 0.3, colour: FAINT }),
    );
    const [x, y] = place(along, 0);
    marks.push(text([x, y + 4.5], hour === 6 ? words.label('template.front') : `${hour}`, 3.2, 'middle'));
  }
  sorted.forEach(({ e, along }, i) => {
    const at = place(along, e.pointMm[2] - tier.footMm);
    const y = top - 4 - must(rows[i]) * LABEL_MM[1];
    marks.push(line({ from: [at[0], y - 0.5], to: at, widthMm: 0.2, colour: FAINT }));
    marks.push(...labelled(e, [at[0] + 1, y - 4], 'start', told), ...pricked(e, at, told));
  });
  marks.push(...legend(entries, told, [MARGIN_MM, top + tall + MARGIN_MM - 1]));
  return {
    title: `${title}: ${words.label('template.side', { tier: name })}`,
    tierIndex: tier.index,
    face: 'side',
    widthMm: long + 2 * MARGIN_MM,
    heightMm: top + tall + MARGIN_MM + 4,
    marks,
  };
}

/** The lowest row in which each label has room, from left to right. */
function rowsFor(sorted: readonly number[]): number[] {
  const ends: number[] = [];
  return sorted.map((at) => {
    const free = ends.findIndex((end) => end <= at);
    const row = free < 0 ? ends.length : free;
    ends[row] = at + LABEL_MM[0];
    return row;
  });
}
