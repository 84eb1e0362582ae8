import { composeAll } from '../src/core/compose/composer';
import { buildScene } from '../src/core/compose/scene';
import { seededRandom } from '../src/core/geometry/random';
import { angleBetween, distance } from '../src/core/geometry/vec3';
import { greedyPieces, randomPieces, scoreOf } from '../src/core/testing/baselines';
import { benchCases } from './cases';

/** The smaller of the eighteen jobs; `npm run bench` measures them all. */
const MOST_PIECES = 24;
const cases = benchCases().filter((c) => c.request.counts!.reduce((a, k) => a + k.count, 0) <= MOST_PIECES);
const SAME_WAY_RAD = (12 * Math.PI) / 180;

test('all eighteen jobs can be read, every form is among them, from a handful of pieces to about 300', () => {
  const all = benchCases();
  expect(all).toHaveLength(18);
  expect(new Set(all.map((c) => c.request.arrangement.line.form)).size).toBe(11);
  const counts = all.map((c) => c.request.counts!.reduce((a, k) => a + k.count, 0));
  expect(Math.min(...counts)).toBeLessThan(12);
  expect(Math.max(...counts)).toBeGreaterThan(240);
  expect(cases.length).toBeGreaterThan(6);
});

describe.each(cases.map((c) => [c.name, c.request] as const))('%s', (_name, request) => {
  const found = composeAll(request)[0]!.arrangement;
  const { cake } = request;
  const scene = buildScene(cake, found)!;

  test('scores above a greedy largest-first placement and above the best of 200 random ones', () => {
    const own = scoreOf(cake, found);
    const kinds = request.counts!;
    expect(own).toBeGreaterThan(scoreOf(cake, { ...found, pieces: greedyPieces(cake, request.arrangement, kinds) }));
    let best = 0;
    for (let i = 0; i < 200; i++)
      best = Math.max(best, scoreOf(cake, { ...found, pieces: randomPieces(kinds, seededRandom(i + 1)) }));
    expect(own).toBeGreaterThan(best);
  });

  test('no head runs into another or the cake by more than 1 mm, the leading flowers are odd, neighbours look apart', () => {
    expect(Math.max(0, ...scene.clashes.map((c) => c.mm))).toBeLessThanOrEqual(1);
    expect(Math.max(0, ...scene.heads.map((p, i) => (p.spine.length ? 0 : scene.intoCake[i]!)))).toBeLessThanOrEqual(1);
    const focals = scene.heads.filter((p) => p.body.role === 'focal');
    if (focals.length) expect(focals.length % 2).toBe(1);
    const large = scene.heads.filter((p) => !p.spine.length && p.body.radialMm > 18);
    for (const p of large)
      for (const q of large)
        if (p !== q && distance(p.centre, q.centre) < p.body.radialMm + q.body.radialMm + 6)
          expect(angleBetween(p.axis, q.axis)).toBeGreaterThan(SAME_WAY_RAD);
  });
});
