import { expand } from '../expand';
import { minutesOf } from '../minutes';
import { pasteOf } from '../paste';
import { wiresOf } from '../wires';
import { berrySprig, BERRY_SPRIG_IDS, type BerrySprigId, type Ripeness } from './berrySprig';

const made = (id: BerrySprigId, ripeness: Ripeness, how: Parameters<typeof berrySprig>[2] = {}) => {
  const instances = expand(berrySprig(id, ripeness, how));
  return {
    instances,
    wires: wiresOf(instances, { footMm: 60, stockMm: 360 }),
    grams: pasteOf(instances).reduce((a, p) => a + p.grams, 0),
    minutes: minutesOf(instances)[1],
  };
};

// worked out by the own study's own code
test.each([
  ['rosehip', 'green', 1.85, 4.7],
  ['rosehip', 'turning', 2.42, 4.7],
  ['rosehip', 'ripe', 3.01, 4.7],
  ['hypericum', 'green', 1.71, 14.8],
  ['hypericum', 'ripe', 2.37, 14.8],
  ['snowberry', 'turning', 3.14, 13.6],
  ['snowberry', 'ripe', 3.82, 13.6],
  ['hollyberry', 'ripe', 2.79, 16.4],
  ['blueberry', 'green', 2.33, 17.3],
  ['blueberry', 'ripe', 3.47, 17.3],
] as const)('%s, %s: %d g and %d min (own study)', (id, ripeness, grams, minutes) => {
  expect(Math.abs(made(id, ripeness).grams - grams)).toBeLessThan(0.06 * grams);
  expect(made(id, ripeness).minutes).toBeCloseTo(minutes, 0.9);
});

describe.each(BERRY_SPRIG_IDS)('%s', (id) => {
  test('ripening adds paste, never a wire or a minute', () => {
    const [green, turning, ripe] = (['green', 'turning', 'ripe'] as const).map((r) => made(id, r));
    expect(green!.grams).toBeLessThan(turning!.grams);
    expect(turning!.grams).toBeLessThan(ripe!.grams);
    expect(ripe!.wires).toHaveLength(green!.wires.length);
    expect(ripe!.minutes).toBe(green!.minutes);
  });

  test('a berry’s wire: its hook, three quarters of it, 9 of stalk, 25 past its joint, 5 to trim (own study)', () => {
    const [own] = made(id, 'ripe').wires.filter((w) => w.partId === 'berry');
    expect(own!.need).toMatchObject({ stalkMm: 9, runMm: 25, trimMm: 5 });
    expect(own!.needMm).toBeGreaterThan(44);
    expect(own!.needMm).toBeLessThan(58);
  });

  test('one berry more is one wire more', () => {
    const [own, more] = [made(id, 'ripe'), made(id, 'ripe', { berries: 9 })];
    expect(more.wires.length - own.wires.length).toBe(9 - own.instances.filter((i) => i.part.id === 'berry').length);
    expect(made(id, 'ripe', { scale: 1.2 }).grams).toBeGreaterThan(1.4 * own.grams);
  });
});
