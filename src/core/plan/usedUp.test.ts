import { largestOf } from '../botany/built';
import { SHIPPED, speciesById } from '../botany/catalogue';
import { expand } from '../piece/expand';
import { windingsOf } from '../piece/tape';
import { byInstance } from '../piece/thickness';
import { wiresOfPiece } from './partWires';
import { cakeOf } from '../testing/samples';
import { bundleMm } from '../wire/bundle';
import type { WireCut } from '../wire/wireLength';
import type { Built } from './built';
import { defaultLine, newArrangement, newProject } from './newProject';
import {
  barriersNeeded,
  cutLists,
  offcutsThatServe,
  offTheRollMm,
  STRIP_MM,
  tapeNeeded,
  tooLongWarnings,
  woundMm,
} from './usedUp';

const wire = ({ lengthMm = 100, count = 1, ...over }: Partial<WireCut> & { times?: number }): WireCut & { times: number } => ({
  id: 'w',
  pieceId: 'p1',
  use: 'stem',
  piece: { species: 'rose', stage: 'open' },
  part: null,
  gauge: 24,
  diameterMm: 0.56,
  colour: 'green',
  terms: [],
  lengthMm,
  count,
  ways: { fractions: [{ lengthMm, count }], length: [{ lengthMm, count }], sizes: [{ lengthMm, count }] },
  times: 1,
  ...over,
});
const STOCK = { stockMm: 360, offcuts: [] };
const cutTotal = (cuts: ReturnType<typeof cutLists>) =>
  cuts.flatMap((c) => [...c.fromOffcuts, ...c.least.bars].flatMap((b) => b.cutsMm)).sort((a, b) => a - b);

describe('cut lists', () => {
  test('one for each gauge and colour; equal lengths are counted together, as often as the arrangement is made', () => {
    const cuts = cutLists(
      [
        wire({ lengthMm: 120, count: 2, times: 3 }),
        wire({ lengthMm: 120, count: 1 }),
        wire({ lengthMm: 80 }),
        wire({ lengthMm: 80, colour: 'white' }),
        wire({ gauge: 20, diameterMm: 0.91, lengthMm: 80 }),
      ],
      STOCK,
    );
    expect(cuts.map((c) => [c.gauge, c.colour, c.demands])).toEqual([
      [20, 'green', [{ lengthMm: 80, count: 1 }]],
      [
        24,
        'green',
        [
          { lengthMm: 120, count: 7 },
          { lengthMm: 80, count: 1 },
        ],
      ],
      [24, 'white', [{ lengthMm: 80, count: 1 }]],
    ]);
    expect(cutTotal(cuts)).toEqual([80, 80, 80, ...Array<number>(7).fill(120)]);
    // seven of 120 and one of 80 from lengths of 360: 920 mm are three lengths, and two would not do
    expect(cuts[1]!.least.bars).toHaveLength(3);
  });

  test('ends that are there come first, of their own gauge and colour only', () => {
    const ends = [
      { gauge: 24, colour: 'green' as const, lengthMm: 150, count: 1 },
      { gauge: 24, colour: 'white' as const, lengthMm: 150, count: 5 },
      { gauge: 26, colour: 'green' as const, lengthMm: 150, count: 5 },
    ];
    const [cut] = cutLists([wire({ lengthMm: 140, count: 2 })], { stockMm: 360, offcuts: ends });
    expect(cut!.fromOffcuts).toEqual([{ lengthMm: 150, cutsMm: [140], leftMm: 10 }]);
    expect(cut!.demands).toEqual([{ lengthMm: 140, count: 1 }]);
    expect(cutTotal([cut!])).toEqual([140, 140]);
  });

  test('ends that would serve are told, as many as something would be cut from', () => {
    const cuts = cutLists([wire({ lengthMm: 100, count: 3 })], STOCK);
    const kept = [
      { gauge: 24, colour: 'green' as const, lengthMm: 110, count: 2 },
      { gauge: 24, colour: 'green' as const, lengthMm: 90, count: 9 },
      { gauge: 22, colour: 'green' as const, lengthMm: 300, count: 9 },
    ];
    expect(offcutsThatServe(cuts, kept)).toEqual([{ gauge: 24, colour: 'green', lengthMm: 110, count: 2 }]);
  });

  test('what is cut from an end already still counts as wanted', () => {
    const [end] = [{ gauge: 24, colour: 'green' as const, lengthMm: 110, count: 1 }];
    const cuts = cutLists([wire({ lengthMm: 100, count: 2 })], { stockMm: 360, offcuts: [end!] });
    expect(cuts[0]!.demands).toEqual([{ lengthMm: 100, count: 1 }]);
    expect(offcutsThatServe(cuts, [{ ...end!, count: 5 }])).toEqual([{ ...end!, count: 2 }]);
  });

  test('a wire longer than a length is a stop that says which; one as long is not', () => {
    const cuts = cutLists([wire({ lengthMm: 361 }), wire({ lengthMm: 360 }), wire({ lengthMm: 40 })], STOCK);
    expect(tooLongWarnings(cuts, 360)).toEqual([
      {
        code: 'wire.longer-than-stock',
        values: { lengthMm: 361, stockMm: 360, gauge: 24 },
        level: 'stop',
        station: 'wire',
      },
    ]);
  });
});

const CAKE = cakeOf([200, 100]);
const PROJECT = newProject('used', 'Used', '2027-06-12T09:30');
const arrangementOf = (quantity: number) => ({
  ...newArrangement('a1', defaultLine('crescent', CAKE)),
  quantity,
  pieces: [
    {
      ...{ id: 'p1', species: 'rose', stage: 'open', sizeMm: 60, colourway: 'blush', s: 0.5, side: 0 },
      ...{ lift: 0, tiltRad: 0, headingRad: 0, rollRad: 0, pinned: false },
    },
  ],
});
const builtOf = (over: Partial<Built>): Built => ({ stems: [], wires: [], sprays: [], entries: [], ...over }) as unknown as Built;

describe('tape', () => {
  const entry = { id: 'e1', bundleMm: bundleMm([2], true), wireInsideMm: 40, barrier: 'straw', pieceIds: ['p1'] };

  test('one bundle by hand: a helix half overlapped, stretched by a quarter, an eighth lost at the ends of strips', () => {
    const built = builtOf({ entries: [entry] as unknown as Built['entries'] });
    const [use] = tapeNeeded([{ arrangement: arrangementOf(1), built }], PROJECT);
    const d = entry.bundleMm;
    // half width at this thickness: 6.25 mm, half of it and a tenth less is the way in one turn across the tape
    const sine = (0.9 * 6.25 * 0.5) / (Math.PI * d);
    const pitch = Math.PI * d * Math.tan(Math.asin(sine));
    const wound = (40 * Math.hypot(1, (Math.PI * d) / pitch)) / 1.25;
    expect(use).toMatchObject({ colour: PROJECT.brief.wireColour, widthShare: 0.5 });
    expect(use!.mm).toBe(Math.round(wound * 1.12));
    expect(use!.strips).toBe(Math.ceil(use!.mm / STRIP_MM));
    // strips of half width: two from one
    expect(offTheRollMm([use!])).toBeCloseTo((use!.strips * STRIP_MM) / 2, 6);
  });

  test('an arrangement made three times takes three times as much', () => {
    const built = builtOf({ entries: [entry] as unknown as Built['entries'] });
    const mm = (quantity: number) => tapeNeeded([{ arrangement: arrangementOf(quantity), built }], PROJECT)[0]!.mm;
    expect(mm(3) / mm(1)).toBeCloseTo(3, 1);
  });

  test('everyday work paints the stems of florets and buds, a showpiece tapes them too (docs/trade.md T3; common practice, no source)', () => {
    const taped = (id: string, fine: boolean) => {
      const { instances } = largestOf(speciesById(id, SHIPPED), 'open');
      const wires = byInstance(wiresOfPiece(instances, 360));
      return windingsOf(instances, wires, { footMm: 60, fine }).reduce((a, w) => a + woundMm(w), 0);
    };
    expect(taped('froth', true)).toBeGreaterThan(taped('froth', false) + 20 * 15);
    expect(taped('roundleaf', true)).toBe(taped('roundleaf', false));
    expect(taped('magnolia', true)).toBe(taped('magnolia', false));
    // three turns for each of 78 florets’ twelve clusters, four side branches and the stem: some 1.8 m by the own study
    const rich = speciesById('froth', SHIPPED).tree({
      stage: 'grown',
      sizeMm: 160,
      counts: { sideBranches: 4, clusters: 3, floretsInAll: 78 },
    });
    const all = expand(rich);
    const mm = windingsOf(all, byInstance(wiresOfPiece(all, 360)), { footMm: 60, fine: false }).reduce(
      (a, w) => a + woundMm(w),
      0,
    );
    expect(mm).toBeGreaterThan(1000);
    expect(mm).toBeLessThan(2400);
  });

  test('nothing to tape, no tape', () => {
    expect(tapeNeeded([{ arrangement: arrangementOf(1), built: builtOf({}) }], PROJECT)).toEqual([]);
    expect(offTheRollMm([])).toBe(0);
  });
});

test('barriers are counted by kind over all arrangements, as often as each is made; a bare stem needs none', () => {
  const entries = (...barriers: (string | null)[]) =>
    builtOf({ entries: barriers.map((barrier, i) => ({ id: `e${i}`, barrier })) as unknown as Built['entries'] });
  expect(
    barriersNeeded([
      { arrangement: arrangementOf(2), built: entries('straw', 'straw', null, 'pick') },
      { arrangement: arrangementOf(1), built: entries('pick') },
    ]),
  ).toEqual([
    { id: 'straw', count: 4 },
    { id: 'pick', count: 3 },
  ]);
});
