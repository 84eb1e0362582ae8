import { seededRandom } from '../geometry/random';
import { cents, NO_PRICES, quoteOf, type Material, type Need, type Prices } from './price';
import { shoppingList } from './shopping';

const material = (id: string, change: Partial<Material> = {}): Material => ({
  id,
  name: id,
  unit: 'g',
  pack: 500,
  packPrice: 10,
  shop: 'cake shop',
  onHand: 0,
  ...change,
});
const prices = (change: Partial<Prices> = {}): Prices => ({ ...NO_PRICES, ...change });
const need = (id: string, amount: number): Need => ({
  id,
  name: { code: 'need.supply', values: { supply: id } },
  unit: 'g',
  amount,
});

test('a quote worked by hand', () => {
  // 250 g of 500 g for 10 → 5.00; 90 min at 20 → 30.00; overhead a tenth → 3.50; margin a fifth of the price: 38.50 / 0.8 → 9.63
  const q = quoteOf(
    [need('paste', 250)],
    90,
    prices({ hourlyRate: 20, overheadShare: 0.1, marginShare: 0.2, taxShare: 0.19, roundTo: 1, materials: [material('paste')] }),
  );
  expect(q.materials[0]!.amount).toBe(5);
  expect(q.labour.amount).toBe(30);
  expect(q.overhead).toBe(3.5);
  expect(q.margin).toBe(9.63);
  expect(q.beforeTax).toBe(49);
  expect(q.tax).toBe(9.31);
  expect(q.total).toBe(58.31);
});

test.each([1, 2, 3, 4])('lines add up to what is written under them, seed %i', (seed) => {
  const random = seededRandom(seed);
  const needs = Array.from({ length: 9 }, (_, i) => need(`m${i}`, random() * 900));
  const materials = needs.map((n) => material(n.id, { pack: 1 + random() * 700, packPrice: random() * 40 }));
  const q = quoteOf(
    needs,
    random() * 2000,
    prices({ hourlyRate: 23.7, marginShare: random() * 0.6, taxShare: 0.2, roundTo: 5, materials }),
  );
  const lines = q.materials.reduce((a, m) => a + m.amount, 0) + q.labour.amount + q.overhead + q.margin + q.rounding;
  expect(cents(lines)).toBe(q.beforeTax);
  expect(cents(q.beforeTax + q.tax)).toBe(q.total);
  expect(q.beforeTax % 5).toBeCloseTo(0, 9);
  expect(q.rounding).toBeGreaterThanOrEqual(0);
  expect(q.rounding).toBeLessThan(5);
});

test('what has no price is named, not counted as free', () => {
  expect(quoteOf([need('paste', 100), need('gold leaf', 1)], 0, prices({ materials: [material('paste')] })).unpriced).toEqual([
    need('gold leaf', 1).name,
  ]);
});

test('shopping: whole packs of what is missing, by shop; enough at hand, nothing to buy', () => {
  const list = shoppingList(
    [need('paste', 620), need('dust', 3), need('tape', 40)],
    [material('paste', { onHand: 100 }), material('dust', { onHand: 5 }), material('tape', { pack: 27, shop: 'a florist' })],
  );
  expect(list.map((b) => [b.id, b.packs, b.price])).toEqual([
    ['tape', 2, 20],
    ['paste', 2, 20],
  ]);
  expect(shoppingList([need('paste', 500)], [material('paste')])[0]!.packs).toBe(1);
  expect(shoppingList([need('gold', 2)], [])[0]).toMatchObject({ packs: 2, price: null, shop: '' });
});
