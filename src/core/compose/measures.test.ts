import { SHIPPED } from '../botany/catalogue';
import { seededRandom } from '../geometry/random';
import { FORMS, cakeOf, proposalFor } from '../testing/samples';
import type { Arrangement, Piece } from './arrangement';
import type { Cake } from '../cake/cake';
import { LiveBalance } from './liveBalance';
import { Measures } from './measures';
import { readBalance, readMeasured } from './readBalance';
import { type Reading } from './reading';
import { buildScene } from './scene';
import type { ReadingFigure } from './reading';
import { ENGLISH } from '../words/english';

const CAKE = cakeOf([230, 110], [150, 90]);
const CLEAN = { stops: 0, looks: 0, first: null };

/** Lists and texts are equal, figures to within what adding in another order may do. */
function expectAlike(live: readonly Reading[], fresh: readonly Reading[]): void {
  live.forEach((r, i) => {
    const f = fresh[i]!;
    expect(r.score).toBeCloseTo(f.score, 7);
    expect(r.lean).toBeCloseTo(f.lean, 7);
    for (const [name, value] of Object.entries(f.numbers)) expect(r.numbers[name as ReadingFigure]).toBeCloseTo(value, 7);
    expect({ id: r.id, why: ENGLISH.say(r.why), remedy: r.remedy?.label, at: r.place !== null }).toEqual({
      id: f.id,
      why: ENGLISH.say(f.why),
      remedy: f.remedy?.label,
      at: f.place !== null,
    });
  });
}

/** A piece slid, lifted, turned, lifted off the line altogether, or exchanged for another size. */
function disturbed(piece: Piece, random: () => number): Piece {
  const kind = random();
  if (kind < 0.5) return { ...piece, s: random(), side: (random() - 0.5) * 2.4 };
  if (kind < 0.7) return { ...piece, tiltRad: random(), headingRad: random() * 6 };
  if (kind < 0.85) return { ...piece, lift: random() * 1.4, rollRad: random() };
  return { ...piece, sizeMm: piece.sizeMm * (0.6 + random()) };
}

describe.each(FORMS.map((form, i) => [form, 40 + i] as const))('%s, seed %i', (form, seed) => {
  test('kept up to date through forty changes, the balance is what is read afresh', () => {
    const random = seededRandom(seed);
    let { arrangement } = proposalFor({ form, cake: CAKE, seed, effort: 0.05 });
    const measures = new Measures(buildScene(CAKE, arrangement, SHIPPED)!);
    for (let turn = 0; turn < 40; turn++) {
      const many = random() < 0.2 ? 2 : 1;
      const chosen = Array.from({ length: many }, () => Math.floor(random() * arrangement.pieces.length));
      const pieces = arrangement.pieces.map((p, i) => (chosen.includes(i) ? disturbed(p, random) : p));
      arrangement = { ...arrangement, pieces };
      expect(measures.follow(arrangement)).toBe(true);
      if (turn % 8 === 7) expectAlike(readMeasured(measures, CLEAN), readBalance(buildScene(CAKE, arrangement, SHIPPED)!, CLEAN));
    }
    // and back to where they stood, so that nothing is left behind in any count
    expect(measures.hits).toEqual(new Measures(buildScene(CAKE, arrangement, SHIPPED)!).hits);
  });
});

test('it says so when it cannot follow: a piece more, a piece less, another order, a sprig for a flower, too many moved', () => {
  const { arrangement } = proposalFor({ form: 'crescent', cake: CAKE, seed: 4, effort: 0.05 });
  const { pieces } = arrangement;
  const follow = (changed: readonly Piece[]) =>
    new Measures(buildScene(CAKE, arrangement, SHIPPED)!).follow({ ...arrangement, pieces: [...changed] } satisfies Arrangement);
  expect(follow(pieces)).toBe(true);
  expect(follow(pieces.slice(1))).toBe(false);
  expect(follow([...pieces, { ...pieces[0]!, id: 'new' }])).toBe(false);
  expect(follow([...pieces].reverse())).toBe(false);
  const leaf = pieces.find((p) => p.stage === 'grown')!;
  expect(follow(pieces.map((p, i) => (i === 0 ? { ...leaf, id: p.id } : p)))).toBe(false);
  expect(follow(pieces.map((p) => ({ ...p, s: p.s * 0.9 })))).toBe(false);
});

test('without remedies everything else is the same', () => {
  const scene = buildScene(CAKE, proposalFor({ form: 'cascade', cake: CAKE, seed: 6, effort: 0.05 }).arrangement, SHIPPED)!;
  const all = readBalance(scene, CLEAN);
  expect(readMeasured(new Measures(scene), CLEAN, false)).toEqual(all.map((r) => ({ ...r, remedy: null })));
});

test('the balance in hand follows moves, and starts afresh when the cake, the line or the number of pieces changes', () => {
  const live = new LiveBalance();
  const { arrangement } = proposalFor({ form: 'crescent', cake: CAKE, seed: 9, effort: 0.05 });
  const fresh = (cake: Cake, a: Arrangement) => readBalance(buildScene(cake, a, SHIPPED)!, CLEAN);
  const states: [Cake, Arrangement][] = [
    [CAKE, arrangement],
    [CAKE, { ...arrangement, pieces: arrangement.pieces.map((p, i) => (i === 2 ? { ...p, side: 1.2 } : p)) }],
    [CAKE, { ...arrangement, pieces: arrangement.pieces.slice(2) }],
    [CAKE, { ...arrangement, line: { ...arrangement.line, widthMm: 60 } }],
    [cakeOf([260, 110], [150, 90]), arrangement],
  ];
  for (const [cake, state] of states) expectAlike(live.read(cake, state, SHIPPED, true), fresh(cake, state));
  expect(live.read({ ...CAKE, tiers: [] }, arrangement, SHIPPED, true)).toEqual([]);
  expectAlike(live.read(CAKE, arrangement, SHIPPED, true), fresh(CAKE, arrangement));
});
