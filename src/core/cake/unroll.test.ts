import { newTier } from '../plan/newProject';
import type { Tier } from './cake';
import { outlineOf } from './outline';
import { unrollSide } from './unroll';

const side = (over: Partial<Tier>) =>
  unrollSide(
    outlineOf({ ...newTier({ id: 't', diameterMm: 200, heightMm: 100, colour: '#ffffff', name: 'white' }), ...over }, 6),
  );

// lengths by hand: a circle is π d; a square with rounded corners four straights and one whole circle of the corner
test.each([
  ['a round tier of 200 mm', side({}), Math.PI * 200],
  ['a round one of 152 mm, off the middle', side({ diameterMm: 152, offset: { xMm: 30, yMm: -12 } }), Math.PI * 152],
  ['a square of 200 mm with corners of 20', side({ shape: 'square', cornerMm: 20 }), 4 * (200 - 40) + 2 * Math.PI * 20],
])('the strip that goes round %s', (_name, strip, long) => {
  expect(strip.lengthMm).toBeCloseTo(long, 0);
});

describe('a round tier of 200 mm laid flat', () => {
  const strip = side({});
  const quarter = strip.lengthMm / 4;

  test('the seam is behind, the front in the middle, the sides at the quarters', () => {
    expect(Math.min(strip.alongMm(0, 100), strip.lengthMm - strip.alongMm(0, 100))).toBeLessThan(0.5);
    expect(strip.alongMm(0, -100)).toBeCloseTo(2 * quarter, 0);
    // counter-clockwise seen from above, as the outline is: from behind the left side comes first
    expect(strip.alongMm(-100, 0)).toBeCloseTo(quarter, 0);
    expect(strip.alongMm(100, 0)).toBeCloseTo(3 * quarter, 0);
  });

  test('a place on the strip is a place on the tier and back, at every 25 mm and beyond both ends', () => {
    for (let mm = -100; mm < strip.lengthMm + 100; mm += 25) {
      const [x, y] = strip.at(mm);
      expect(Math.hypot(x, y)).toBeCloseTo(100, 0);
      const round = ((mm % strip.lengthMm) + strip.lengthMm) % strip.lengthMm;
      expect(strip.alongMm(x, y)).toBeCloseTo(round, 3);
    }
  });

  test('what stands off the side counts where it is nearest', () => {
    expect(strip.alongMm(0, -140)).toBeCloseTo(2 * quarter, 0);
    expect(strip.alongMm(60, 60)).toBeCloseTo(strip.alongMm(100 * Math.SQRT1_2, 100 * Math.SQRT1_2), 0);
  });
});

test('along a straight side a millimetre is a millimetre', () => {
  const strip = side({ shape: 'square', cornerMm: 20 });
  expect(strip.alongMm(40, -100) - strip.alongMm(-40, -100)).toBeCloseTo(80, 6);
});
