import { outsideCost, type Shop } from './schedule';

// a thousand for an hour is the project's own figure, no source
const shop = (begin: number | null): Shop => ({ begin, end: 6000 }) as Shop;

test.each([
  ['within its time', shop(600), [600, 6000, 0], 0],
  ['an hour too soon', shop(600), [540, 6000, 0], 1000],
  ['two hours late', shop(600), [700, 6120, 0], 2000],
  ['half an hour before a thing may be done', shop(600), [700, 5000, 30], 500],
  ['all three at once', shop(600), [540, 6060, 60], 3000],
  ['soon, where nobody says when it may begin', shop(null), [-9000, 6000, 0], 0],
] as const)('%s', (_name, of, [first, last, tooSoon], cost) => {
  expect(outsideCost(first, last, tooSoon, of)).toBeCloseTo(cost, 9);
});
