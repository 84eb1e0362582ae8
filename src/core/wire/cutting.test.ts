import { cutAs, type CUTTINGS, type Cut } from './cutting';

describe('how a wire is cut (docs/trade.md W1: halves to sixths of a length; common practice, no source)', () => {
  const as = (cutting: (typeof CUTTINGS)[number], needMm: number, usual: Cut = 'what fits') =>
    cutAs(needMm, 360, { cutting, usual });

  // what is left to trim, 5 mm, is a wish
  test.each([
    [60, 6],
    [65, 6],
    [66, 5],
    [77, 5],
    [78, 4],
    [95, 4],
    [96, 3],
    [126, 2],
    [185, 2],
  ] as const)('%i mm is a part of one in %i, exactly', (needMm, parts) => {
    expect(as('fractions', needMm)).toEqual({ cutMm: 360 / parts, parts });
  });

  test('what half a length does not give is cut to its own; nine short ones of 40 come out of a length', () => {
    expect(as('fractions', 186)).toEqual({ cutMm: 186, parts: null });
    expect(as('fractions', 38.2)).toEqual({ cutMm: 40, parts: null });
    expect(as('fractions', 45)).toEqual({ cutMm: 45, parts: null });
  });

  test('a line that is usually cut to a part is cut to it where it will do', () => {
    expect(as('fractions', 70, 4)).toEqual({ cutMm: 90, parts: 4 });
    expect(as('fractions', 70, 6)).toEqual({ cutMm: 72, parts: 5 });
  });

  test('a line that is cut to length is so whichever way the rest is cut', () => {
    expect(as('fractions', 60.7, 'to length')).toEqual({ cutMm: 61, parts: null });
  });

  test('to length is up to the next millimetre', () => {
    for (const way of ['length', 'sizes'] as const) expect(as(way, 60.7)).toEqual({ cutMm: 61, parts: null });
  });
});
