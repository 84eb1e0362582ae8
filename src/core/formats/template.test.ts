import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { stackTiers, type Cake, type Tier } from '../cake/cake';
import { unrollSide } from '../cake/unroll';
import type { LineForm } from '../compose/lineKinds';
import { seededRandom } from '../geometry/random';
import { derivePlan } from '../plan/derivePlan';
import { newProject } from '../plan/newProject';
import { cakeOf, proposalFor } from '../testing/samples';
import { drawingSvg, type Mark } from './drawing';
import { PAPER_FONTS } from './fontsForTests';
import { sheetsOf, sheetsPdf } from './sheets';
import { spread, templates } from './template';
import { ENGLISH } from '../words/english';

const shaped = (over: Partial<Tier>): Cake => {
  const cake = cakeOf([240, 110]);
  Object.assign(cake.tiers[0]!, over);
  return cake;
};

describe('a side laid flat', () => {
  test.each([
    ['a round', {}, Math.PI * 240],
    ['a square with corners of 12 mm', { shape: 'square', cornerMm: 12 }, 4 * (240 - 24) + 2 * Math.PI * 12],
    ['a rectangle 240 by 160', { shape: 'rectangle', depthMm: 160, cornerMm: 12 }, 2 * (216 + 136) + 2 * Math.PI * 12],
    ['a hexagon', { shape: 'hexagon', cornerMm: 12 }, 6 * ((240 - 24) / Math.sqrt(3)) + 2 * Math.PI * 12],
    ['a round off the middle', { offset: { xMm: 20, yMm: -15 } }, Math.PI * 240],
  ] as const)('%s is as long as it is round (school geometry)', (_what, over, roundMm) => {
    const [tier] = stackTiers(shaped(over as Partial<Tier>));
    expect(unrollSide(tier!.outline).lengthMm).toBeCloseTo(roundMm, 1);
  });

  test.each(['round', 'square', 'rectangle', 'hexagon'] as const)(
    'a %s: there and back within 0.1 mm; front in the middle, read from outside',
    (shape) => {
      const [tier] = stackTiers(shaped({ shape, depthMm: 180, cornerMm: 10 }));
      const side = unrollSide(tier!.outline);
      const random = seededRandom(4);
      for (let i = 0; i < 60; i++) {
        const mm = random() * side.lengthMm;
        const [x, y] = side.at(mm);
        const back = side.alongMm(x, y);
        expect(Math.min(Math.abs(back - mm), side.lengthMm - Math.abs(back - mm))).toBeLessThan(0.1);
        expect(Math.abs(tier!.outline.signedMm(x, y))).toBeLessThan(0.1);
      }
      expect(side.alongMm(0, -200)).toBeCloseTo(side.lengthMm / 2, 0);
      // left of the front for who looks at it
      expect(side.alongMm(-200, 0)).toBeCloseTo(side.lengthMm / 4, 0);
      expect(side.alongMm(200, 0)).toBeCloseTo((3 * side.lengthMm) / 4, 0);
    },
  );
});

test('places spread apart keep their order, their distance and their middle', () => {
  const at = [10, 11, 12, 50, 51];
  const to = spread(at, 8);
  to.slice(1).forEach((y, i) => expect(y - to[i]!).toBeGreaterThanOrEqual(8 - 1e-9));
  expect((to[0]! + to[1]! + to[2]!) / 3).toBeCloseTo(11, 9);
  expect(spread([], 8)).toEqual([]);
  expect(spread([0, 20], 8)).toEqual([0, 20]);
  // five at one edge stay within it, as far apart
  expect(spread([1, 1, 2, 2, 3], 8, 100)).toEqual([0, 8, 16, 24, 32]);
  expect(spread([97, 98, 99], 8, 100)).toEqual([84, 92, 100]);
  expect(spread([40, 60], 8, 100)).toEqual([40, 60]);
});

const jobOn = (form: LineForm, cake: Cake) => {
  const { arrangement } = proposalFor({ form, cake, seed: 3, effort: 0.05 });
  return derivePlan({ ...newProject('p', 'P', '2027-06-12T09:30'), cake, arrangements: [arrangement] });
};

/** Where the dots of a template are, by number. */
const dots = (marks: readonly Mark[]) =>
  new Map(
    marks.flatMap((m) =>
      m.kind === 'ellipse' && m.id?.startsWith('point-') ? [[Number(m.id.slice('point-'.length)), m.at] as const] : [],
    ),
  );
const rimOf = (marks: readonly Mark[]) => marks.flatMap((m) => (m.kind === 'path' && m.id === 'outline' ? m.points : []));

describe.each([
  ['crescent', shaped({})],
  ['crescent', shaped({ shape: 'rectangle', depthMm: 180, cornerMm: 8 })],
  ['cascade', cakeOf([260, 110], [180, 100])],
  ['side spray', shaped({ shape: 'hexagon' })],
] as const)('the templates of a %s, case %#', (form, cake) => {
  const plan = jobOn(form, cake);
  const drawn = templates({ cake, entries: plan.entries, title: 'Job', words: ENGLISH });
  const tiers = stackTiers(cake);

  test('every entry is pricked exactly once, within 0.2 mm of where it is', () => {
    const all = drawn.flatMap((d) => [...dots(d.marks).keys()]);
    expect([...all].sort((a, b) => a - b)).toEqual(plan.entries.map((e) => e.number));
    for (const d of drawn) {
      const rim = rimOf(d.marks);
      for (const [number, at] of dots(d.marks)) {
        const e = plan.entries.find((x) => x.number === number)!;
        const tier = tiers[e.tierIndex]!;
        if (d.title.endsWith('from above')) {
          const [x, y] = [
            (Math.min(...rim.map((p) => p[0])) + Math.max(...rim.map((p) => p[0]))) / 2,
            (Math.min(...rim.map((p) => p[1])) + Math.max(...rim.map((p) => p[1]))) / 2,
          ];
          expect(Math.abs(at[0] - x - (e.pointMm[0] - tier.outline.xMm))).toBeLessThan(0.2);
          expect(Math.abs(y - at[1] - (e.pointMm[1] - tier.outline.yMm))).toBeLessThan(0.2);
        } else {
          const foot = Math.max(...rim.map((p) => p[1]));
          const left = Math.min(...rim.map((p) => p[0]));
          expect(Math.abs(foot - at[1] - (e.pointMm[2] - tier.footMm))).toBeLessThan(0.2);
          const [bx, by] = unrollSide(tier.outline).at(at[0] - left);
          expect(Math.abs(Math.hypot(bx - e.pointMm[0], by - e.pointMm[1]))).toBeLessThan(tier.edgeMm + 0.3);
        }
      }
    }
  });

  test('a strip is as long as the tier is round, or as it was measured', () => {
    for (const d of drawn.filter((x) => x.title.endsWith('side'))) {
      const rim = rimOf(d.marks);
      const tier = tiers.find((t) =>
        templates({ cake, entries: plan.entries.filter((e) => e.tierIndex === t.index), title: 'Job', words: ENGLISH }).some(
          (x) => x.title === d.title,
        ),
      )!;
      const round = unrollSide(tier.outline).lengthMm;
      expect(Math.max(...rim.map((p) => p[0])) - Math.min(...rim.map((p) => p[0]))).toBeCloseTo(round, 6);
      const wrapped = templates({
        cake,
        entries: plan.entries,
        title: 'Job',
        words: ENGLISH,
        wrapMm: [{ tierId: tier.tier.id, mm: round + 8 }],
      }).find((x) => x.title === d.title)!;
      const to = rimOf(wrapped.marks);
      expect(Math.max(...to.map((p) => p[0])) - Math.min(...to.map((p) => p[0]))).toBeCloseTo(round + 8, 6);
    }
  });

  test('as a PDF, read back by another reader: every dot within 0.2 mm on some sheet, the bar 100.0 ± 0.1', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'template-')), 'template.pdf');
    writeFileSync(file, await sheetsPdf(drawn, 'A4', PAPER_FONTS));
    const { pages } = JSON.parse(
      execFileSync(process.execPath, [join(__dirname, '..', 'testing', 'readPdf.mjs'), file], {
        encoding: 'utf8',
        maxBuffer: 1 << 28,
      }),
    ) as { pages: { paths: { points: [number, number][]; curved: boolean; widthMm: number }[] }[] };
    const sheets = drawn.flatMap((d) => sheetsOf(d, 'A4'));
    expect(pages).toHaveLength(sheets.length);
    const found = new Set<string>();
    pages.forEach((page, i) => {
      const { drawing, fromMm, sizeMm } = sheets[i]!;
      const bars = page.paths.filter((p) => Math.abs(p.widthMm - 0.6) < 1e-6 && !p.curved);
      expect(
        bars.some(
          (b) => Math.abs(Math.hypot(b.points.at(-1)![0] - b.points[0]![0], b.points.at(-1)![1] - b.points[0]![1]) - 100) < 0.1,
        ),
      ).toBe(true);
      const middles = page.paths
        .filter((p) => p.curved && Math.abs(p.widthMm - 0.2) < 1e-6)
        .map(({ points }) =>
          [0, 1].map((k) => (Math.min(...points.map((p) => p[k]!)) + Math.max(...points.map((p) => p[k]!))) / 2),
        );
      for (const [number, [x, y]] of dots(drawing.marks)) {
        const [sx, sy] = [x - fromMm[0], y - fromMm[1]];
        if (sx < 0 || sy < 0 || sx > sizeMm[0] || sy > sizeMm[1]) continue;
        expect(Math.min(...middles.map(([mx, my]) => Math.hypot(mx! - sx - 10, my! - sy - 10)))).toBeLessThan(0.2);
        found.add(`${drawing.title}|${number}`);
      }
    });
    expect(found.size).toBe(plan.entries.length);
  });

  test('nothing of it is missing or markup', () => {
    for (const d of drawn) expect(drawingSvg(d)).not.toMatch(/NaN|Infinity|undefined/);
  });
});
