import { sumTerms } from './wireLength';

describe('a wire’s length is the sum of its terms', () => {
  test('96 is 8 hook, 6 in the head, 42 free, 40 along the stem', () => {
    const { terms, lengthMm } = sumTerms([
      { name: 'hook', mm: 8, why: '' },
      { name: 'inside the head', mm: 6, why: '' },
      { name: 'free stem', mm: 42, why: '' },
      { name: 'along the stem', mm: 40, why: '' },
      { name: 'in the barrier', mm: 0, why: '' },
    ]);
    expect(lengthMm).toBe(96);
    expect(terms).toHaveLength(4);
  });

  test('goes up to the next millimetre, never down', () => {
    expect(
      sumTerms([
        { name: 'hook', mm: 7.2, why: '' },
        { name: 'to trim', mm: 5, why: '' },
      ]).lengthMm,
    ).toBe(13);
  });

  test('negative and NaN terms count as nothing', () => {
    expect(
      sumTerms([
        { name: 'hook', mm: -3, why: '' },
        { name: 'free stem', mm: NaN, why: '' },
      ]).lengthMm,
    ).toBe(0);
  });
});
