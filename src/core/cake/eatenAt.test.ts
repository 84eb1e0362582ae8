import { cakeOf } from '../testing/samples';
import { eatenAt } from './eatenAt';
import { cakeSolid } from './solid';

/** A cake that is eaten on foam that nobody eats, or the other way round. */
const stacked = (below: boolean, above: boolean) => {
  const cake = cakeOf([240, 100], [160, 90]);
  cake.tiers[0]!.covering.eaten = below;
  cake.tiers[1]!.covering.eaten = above;
  return cakeSolid(cake);
};

test.each([
  ['the side of the lower tier', [121, 0, 50], 'below'],
  ['the free top of the lower tier', [110, 0, 101], 'below'],
  ['the foot of the upper tier, just above the lower one', [81, 0, 104], 'above'],
  ['inside the upper tier, just above the lower one', [70, 0, 103], 'above'],
  ['the side of the upper tier', [82, 0, 150], 'above'],
  ['the top of the upper tier', [0, 0, 191], 'above'],
] as const)('at %s that tier’s covering decides', (_, point, tier) => {
  expect(eatenAt(stacked(true, false), point)).toBe(tier === 'below');
  expect(eatenAt(stacked(false, true), point)).toBe(tier === 'above');
});

test('in the corner between two tiers the one that is eaten counts; far from all nothing is touched', () => {
  for (const solid of [stacked(true, false), stacked(false, true)]) {
    expect(eatenAt(solid, [83, 0, 103])).toBe(true);
    expect(eatenAt(solid, [200, 0, 50])).toBe(false);
  }
});
