import { seededRandom } from '../geometry/random';
import { betaMean, normalShare, ownBreakage, ownDrying, ownFactor, ownLoss, ownMinutes } from './own';

/** A normal deviate from a seeded source (Box and Muller 1958). */
const normals = (seed: number) => {
  const random = seededRandom(seed);
  return () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
};

describe('own minutes', () => {
  test('worked by hand: ln-ratios .3, .1, .2 with a prior worth two entries give .6 / 5 = .12', () => {
    const logged = [0.3, 0.1, 0.2].map((r) => 10 * Math.exp(r));
    expect(Math.log(ownMinutes(10, logged).minutes / 10)).toBeCloseTo(0.12, 9);
  });
  test('the spread is the mean of the prior variance with six degrees and the squares (scaled inverse chi-square, by hand)', () => {
    // squares about .12: .0324 + .0004 + .0064; s² = (6 · .35² + .0392) / 9; error s / √5
    expect(ownFactor([0.3, 0.1, 0.2]).error).toBeCloseTo(Math.sqrt((6 * 0.1225 + 0.0392) / 9 / 5), 9);
  });
  test('no entry gives the starting value, and bad ones are left out', () => {
    expect(ownMinutes(12, [])).toMatchObject({ minutes: 12, entries: 0, sure: 'not yet' });
    expect(ownMinutes(12, [0, -4, NaN])).toMatchObject({ minutes: 12, entries: 0, sure: 'not yet' });
  });
  test('few entries pull a little, many pull all the way; sure only with many', () => {
    const pull = (n: number) => ownMinutes(10, Array<number>(n).fill(20));
    expect(pull(1).minutes).toBeLessThan(13);
    expect(pull(40).minutes).toBeGreaterThan(19);
    expect(pull(1).sure).toBe('unsure');
    expect(pull(5).sure).toBe('fairly sure');
    expect(pull(20).sure).toBe('sure');
  });
  test('a forgotten timer pulls little: 8 in 100 of six times as long bias thirty entries by less than .1, a plain mean by more', () => {
    let [robust, plain] = [0, 0];
    for (let seed = 1; seed <= 200; seed++) {
      const deviate = normals(seed);
      const random = seededRandom(seed + 9000);
      const ratios = Array.from({ length: 30 }, () => 0.2 + 0.25 * deviate() + (random() < 0.08 ? Math.log(6) : 0));
      robust += (Math.log(ownFactor(ratios).share) - 0.2) / 200;
      plain += (ratios.reduce((a, r) => a + r, 0) / 30 - 0.2) / 200;
    }
    expect(Math.abs(robust)).toBeLessThan(0.1);
    expect(plain).toBeGreaterThan(0.12);
  });
  test('nothing known of a kind: it goes as the others do, and its own entries pull away from there', () => {
    expect(ownFactor([], 0.4).share).toBeCloseTo(Math.exp(0.4), 9);
    expect(Math.log(ownFactor([0, 0], 0.4).share)).toBeCloseTo(0.2, 2);
  });
});

describe('breakage', () => {
  test('worked example: 437 of 980 with a flat prior has the posterior mean .446 (Gelman et al., "Bayesian Data Analysis", placenta previa)', () => {
    expect(betaMean({ hits: 437, misses: 980 - 437, alpha: 1, beta: 1 })).toBeCloseTo(0.446, 3);
  });
  test('ten in a hundred at the start count like ten pieces', () => {
    expect(ownBreakage(0.1, [])).toMatchObject({ share: 0.1, own: false });
    // ten pieces on ten days, none broken: (0 + 1) / 20
    const tenDays = Array.from({ length: 10 }, () => ({ made: 1, broken: 0 }));
    expect(ownBreakage(0.1, tenDays)).toMatchObject({ share: 0.05, own: true, entries: 10 });
  });
  test('the same on one day says less: breaks come in clusters', () => {
    const oneDay = ownBreakage(0.1, [{ made: 70, broken: 30 }]).share;
    const spread = ownBreakage(
      0.1,
      Array.from({ length: 100 }, (_, i) => ({ made: i % 10 < 7 ? 1 : 0, broken: i % 10 < 7 ? 0 : 1 })),
    ).share;
    expect(spread).toBeCloseTo((30 + 1) / 110, 9);
    expect(oneDay).toBeGreaterThan(0.1);
    expect(oneDay).toBeLessThan(spread);
  });
});

describe('drying', () => {
  test('shares of the normal (tables: .5, .8413, .9772, .025)', () => {
    expect(normalShare(0)).toBeCloseTo(0.5, 6);
    expect(normalShare(1)).toBeCloseTo(0.8413, 4);
    expect(normalShare(2)).toBeCloseTo(0.9772, 4);
    expect(normalShare(-1.96)).toBeCloseTo(0.025, 4);
  });
  test('no look, no change; always dry says only that one looked late, and is never planned shorter', () => {
    expect(ownDrying([])).toMatchObject({ share: 1, entries: 0, sure: 'not yet' });
    const always = Array.from({ length: 20 }, () => ({ hours: 8, reckonedHours: 10, dry: true }));
    expect(ownDrying(always).share).toBe(1);
  });
  test('looks scattered about the truth find it: factor 1.4 within a tenth, of forty looks', () => {
    const deviate = normals(5);
    const random = seededRandom(6);
    const looks = Array.from({ length: 40 }, () => {
      const hours = 10 * (0.7 + 1.4 * random());
      return { hours, reckonedHours: 10, dry: hours > 10 * 1.4 * Math.exp(0.25 * deviate()) };
    });
    expect(ownDrying(looks).share).toBeGreaterThan(1.25);
    expect(ownDrying(looks).share).toBeLessThan(1.55);
  });
  test('what is known of other kinds is where a kind begins; its own looks draw it away; always dry never below it', () => {
    expect(ownDrying([], Math.log(1.3)).share).toBeCloseTo(1.3, 2);
    const wet = Array.from({ length: 6 }, () => ({ hours: 18, reckonedHours: 10, dry: false }));
    expect(ownDrying(wet, Math.log(1.3)).share).toBeGreaterThan(1.5);
    expect(ownDrying([{ hours: 9, reckonedHours: 10, dry: true }], Math.log(1.3)).share).toBeGreaterThanOrEqual(1.3 - 1e-9);
  });
  test('not dry when it should have been draws it up; bad looks are left out', () => {
    expect(ownDrying([{ hours: 14, reckonedHours: 10, dry: false }]).share).toBeGreaterThan(1.05);
    expect(ownDrying([{ hours: 0, reckonedHours: 10, dry: false }]).entries).toBe(0);
  });
});

test('paste lost: the mean of weighings, the starting share counting like two', () => {
  expect(ownLoss(0.3, [])).toEqual({ share: 0.3, entries: 0 });
  expect(ownLoss(0.3, [0.1, 0.1]).share).toBeCloseTo(0.2, 9);
  expect(ownLoss(0.3, [NaN, -1, 2]).entries).toBe(0);
});

test('before anyone has looked, drying is as unsure as it was assumed: a spread of 0.3 round the starting value', () => {
  const own = ownDrying([]);
  expect(own.error).toBeCloseTo(0.3, 2);
  expect(own.share).toBeCloseTo(1, 6);
});

test('each look narrows it: to no more than before, and twelve of one mind to less than half', () => {
  const look = { hours: 12, reckonedHours: 10, dry: true };
  const errors = [0, 1, 4, 12].map((n) => ownDrying(Array.from({ length: n }, () => look)).error);
  for (let i = 1; i < errors.length; i++) expect(errors[i]!).toBeLessThan(errors[i - 1]! + 1e-9);
  const both = Array.from({ length: 12 }, (_, i) => ({ ...look, dry: i % 2 === 0 }));
  expect(ownDrying(both).error).toBeLessThan(0.15);
});

describe('a slip of the timer', () => {
  test('among three entries one sixty times as long is left out altogether; with one other it only pulls', () => {
    const slip = Math.log(60);
    const three = ownFactor([0, 0, slip]);
    expect(three.effective).toBe(2);
    expect(three.share).toBeCloseTo(1, 9);
    expect(three.entries).toBe(3);
    const two = ownFactor([0, slip]);
    expect(two.effective).toBeGreaterThan(1);
    expect(two.share).toBeGreaterThan(1);
  });

  test('how sure: by half the width of nine in ten and by how many entries count, at the edges', () => {
    // all alike: the spread is the prior's, shared by six degrees and n entries; error s / √(n + 2)
    const half = (n: number) => Math.exp((1.645 * Math.sqrt((6 * 0.35 ** 2) / (6 + n))) / Math.sqrt(n + 2)) - 1;
    for (let n = 1; n <= 30; n++) {
      const { sure } = ownFactor(Array<number>(n).fill(0));
      const wanted = half(n) <= 0.12 && n >= 8 ? 'sure' : half(n) <= 0.22 && n >= 3 ? 'fairly sure' : 'unsure';
      expect(sure).toBe(wanted);
    }
  });
});
