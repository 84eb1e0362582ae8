import { gaussian, seededRandom, seedFromText } from './random';

/** Test vectors of the 32 bit FNV-1a hash, as its authors publish them (G. Fowler, L. C. Noll, K.-P. Vo; RFC 9923). */
test.each([
  ['', 0x811c9dc5],
  ['a', 0xe40c292c],
  ['b', 0xe70c2de5],
  ['foobar', 0xbf9cf968],
])('the seed of “%s” is its FNV-1a hash', (text, hash) => expect(seedFromText(text)).toBe(hash));

describe('seeded chance', () => {
  const draws = (seed: number, n: number) => {
    const random = seededRandom(seed);
    return Array.from({ length: n }, random);
  };

  test('the same seed draws the same, another seed something else', () => {
    expect(draws(5, 20)).toEqual(draws(5, 20));
    expect(draws(5, 20)).not.toEqual(draws(6, 20));
  });

  test.each([1, 2, 3])('evenly spread in 0…1: ten bins by chi-square, nine degrees of freedom, seed %i', (seed) => {
    const n = 20_000;
    const bins = new Array<number>(10).fill(0);
    const own = draws(seed, n);
    expect(Math.min(...own)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...own)).toBeLessThan(1);
    for (const x of own) bins[Math.floor(x * 10)]!++;
    const chi2 = bins.reduce((a, b) => a + (b - n / 10) ** 2 / (n / 10), 0);
    // 27.88 is exceeded once in a thousand (NIST/SEMATECH e-Handbook, table 1.3.6.7.4)
    expect(chi2).toBeLessThan(27.88);
  });

  test('one draw does not tell the next', () => {
    const own = draws(9, 20_001);
    const pairs = own.slice(0, -1).map((x, i) => (x - 0.5) * (own[i + 1]! - 0.5));
    expect(Math.abs(pairs.reduce((a, b) => a + b, 0) / pairs.length) * 12).toBeLessThan(0.03);
  });

  test('normal: mean 0, deviation 1, 68.3 and 95.4 in a hundred within one and two', () => {
    const random = seededRandom(4);
    const own = Array.from({ length: 40_000 }, () => gaussian(random));
    const mean = own.reduce((a, b) => a + b, 0) / own.length;
    const deviation = Math.sqrt(own.reduce((a, b) => a + (b - mean) ** 2, 0) / own.length);
    expect(Math.abs(mean)).toBeLessThan(0.02);
    expect(Math.abs(deviation - 1)).toBeLessThan(0.02);
    const within = (k: number) => own.filter((x) => Math.abs(x) < k).length / own.length;
    expect(within(1)).toBeCloseTo(0.683, 1.7);
    expect(within(2)).toBeCloseTo(0.954, 1.9);
  });
});
