import { oklch } from 'culori';
import { speciesById, SHIPPED } from '../botany/catalogue';
import { flowersFor, HARMONIES, nearestColourway, paletteFrom } from './palette';

const hueOf = (hex: string) => oklch(hex)!.h!;
const turn = (a: number, b: number) => Math.abs(((a - b + 540) % 360) - 180);

test.each(HARMONIES)('%s: the colour itself first, all of them colours, a pale one last', (harmony) => {
  const palette = paletteFrom('#c06a8a', harmony);
  expect(palette[0]).toBe('#c06a8a');
  for (const c of palette) expect(c).toMatch(/^#[0-9a-f]{6}$/);
  expect(oklch(palette[palette.length - 1]!)!.l).toBeGreaterThan(0.88);
});

test('hues stand where colour wheels put them: opposite 180°, three 120° apart, neighbours within a sixth', () => {
  const of = (harmony: (typeof HARMONIES)[number]) => paletteFrom('#b0707c', harmony).slice(0, -1).map(hueOf);
  const [a, b] = of('opposite');
  expect(turn(a!, b!)).toBeGreaterThan(170);
  const [x, y, z] = of('three');
  for (const [p, q] of [
    [x, y],
    [y, z],
    [x, z],
  ])
    expect(Math.abs(turn(p!, q!) - 120)).toBeLessThan(8);
  const [m, n, o] = of('neighbours');
  expect(turn(m!, n!)).toBeLessThan(40);
  expect(turn(m!, o!)).toBeLessThan(40);
});

test('a colourway that is in the palette is found, and flowers are ranked by it', () => {
  const { hue, id } = speciesById('cosmos', SHIPPED).colourways[2]!;
  expect(nearestColourway(speciesById('cosmos', SHIPPED), [hue])).toMatchObject({ id, off: 0 });
  const ranked = flowersFor([hue], SHIPPED);
  expect(ranked[0]!.off).toBeLessThan(6);
  expect(ranked.map((r) => r.off)).toEqual([...ranked.map((r) => r.off)].sort((a, b) => a - b));
  expect(ranked.some((r) => r.species.role === 'foliage')).toBe(false);
});

test('what is no colour gives no palette and no flowers', () => {
  expect(paletteFrom('mauve-ish', 'three')).toEqual([]);
  expect(flowersFor([], SHIPPED)).toEqual([]);
});
