import { ciede2000 } from '../testing/ciede2000';
import { foodOf, type Paint } from './paints';
import { mixed, recipeFor, WHITE_PASTE } from './mixing';
import { lab65 } from 'culori';

const paint = (name: string, hue: string, change: Partial<Paint> = {}): Paint => ({
  id: name,
  name,
  use: 'paste colour',
  hue,
  food: 'edible',
  ...change,
});
const [YELLOW, BLUE, RED] = [paint('yellow', '#f2c200'), paint('blue', '#12479b'), paint('red', '#b3122c')];
const lab = (hue: string) => {
  const { l, a, b } = lab65(hue)!;
  return [l, a, b] as const;
};
const hueAngle = (hue: string) => (Math.atan2(lab(hue)[2], lab(hue)[1]) * 180) / Math.PI;

test('pigments: yellow and blue give a green, where light would give grey (Kubelka and Munk 1931)', () => {
  const green = mixed([
    { hue: YELLOW.hue, share: 0.5 },
    { hue: BLUE.hue, share: 0.5 },
  ]);
  expect(hueAngle(green)).toBeGreaterThan(105);
  expect(hueAngle(green)).toBeLessThan(190);
});

test('a colour with itself, and alone, is itself; more of a colour comes nearer to it', () => {
  expect(mixed([{ hue: RED.hue, share: 1 }])).toBe(RED.hue);
  const near = [0.1, 0.3, 0.6, 0.9].map((share) => {
    const out = mixed([
      { hue: RED.hue, share },
      { hue: WHITE_PASTE, share: 1 - share },
    ]);
    return ciede2000(out, RED.hue);
  });
  expect([...near].sort((a, b) => b - a)).toEqual(near);
});

test.each([
  ['a pale green', 0.04, 0.02],
  ['a mid green', 0.2, 0.06],
])('%s mixed from known shares is found again as good as the same', (_name, yellow, blue) => {
  const wanted = mixed([
    { hue: WHITE_PASTE, share: 1 - yellow - blue },
    { hue: YELLOW.hue, share: yellow },
    { hue: BLUE.hue, share: blue },
  ]);
  const recipe = recipeFor(wanted, [RED, YELLOW, BLUE])!;
  expect(recipe.said).toBe('as good as the same');
  expect(recipe.parts.reduce((a, p) => a + p.share, 0)).toBeCloseTo(1, 9);
  expect(ciede2000(recipe.hue, wanted)).toBeCloseTo(recipe.difference, 1);
});

test('what cannot be mixed is said so: a violet from yellow alone', () => {
  expect(recipeFor('#5b2a86', [YELLOW])!.said).toBe('cannot be mixed from these');
  expect(recipeFor('#5b2a86', [])).toBeNull();
  expect(recipeFor('#5b2a86', [paint('dust', '#5b2a86', { use: 'dust' })])).toBeNull();
});

test('as good as the worst that goes on: unknown is not edible, and one that is not edible spoils all', () => {
  expect(foodOf('unknown', [])).toBe('unknown');
  expect(foodOf('unknown', [paint('leaf dust', '#557744', { use: 'dust' })])).toBe('edible');
  expect(foodOf('edible', [paint('glaze', '#ffffff', { use: 'glaze', food: 'unknown' })])).toBe('unknown');
  expect(
    foodOf('edible', [paint('a', '#ffffff', { use: 'dust' }), paint('b', '#ffffff', { use: 'dust', food: 'not edible' })]),
  ).toBe('not edible');
  expect(foodOf('not edible', [paint('leaf dust', '#557744', { use: 'dust' })])).toBe('not edible');
  expect(foodOf('not edible', [paint('paste', '#ffffff', { food: 'unknown' })])).toBe('not edible');
});
