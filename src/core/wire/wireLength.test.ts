import { sumTerms } from './wireLength';

const why = { code: 'term.spare', values: {} } as const;

describe('a wire’s length is the sum of its terms', () => {
  test('96 is 8 hook, 6 in the head, 42 free, 40 along the stem', () => {
    const { terms, lengthMm } = sumTerms([
      { term: 'hook', mm: 8, why },
      { term: 'inside', mm: 6, why },
      { term: 'free', mm: 42, why },
      { term: 'along-stem', mm: 40, why },
      { term: 'in-barrier', mm: 0, why },
    ]);
    expect(lengthMm).toBe(96);
    expect(terms).toHaveLength(4);
  });

  test('goes up to the next millimetre, never down', () => {
    expect(
      sumTerms([
        { term: 'hook', mm: 7.2, why },
        { term: 'trim', mm: 5, why },
      ]).lengthMm,
    ).toBe(13);
  });

  test('negative and NaN terms count as nothing', () => {
    expect(
      sumTerms([
        { term: 'hook', mm: -3, why },
        { term: 'free', mm: NaN, why },
      ]).lengthMm,
    ).toBe(0);
  });
});
