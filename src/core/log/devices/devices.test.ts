import { readBetween, READ_EVERY_MINUTES, simulatedRoomSensor } from './roomSensor';
import { simulatedScale } from './scale';

const DAY = 1440;

describe('the simulated room sensor', () => {
  const sensor = simulatedRoomSensor(3);
  const fortnight = readBetween(sensor, 0, 14 * DAY);
  test('says that it is simulated; the same seed gives the same air', () => {
    expect(sensor.name).toMatch(/simulated/);
    expect(readBetween(simulatedRoomSensor(3), 0, 14 * DAY)).toEqual(fortnight);
    expect(readBetween(simulatedRoomSensor(4), 0, DAY)).not.toEqual(readBetween(sensor, 0, DAY));
  });
  test('air of a kitchen, warmer in the afternoon than before dawn', () => {
    for (const a of fortnight) {
      expect(a.celsius).toBeGreaterThan(15);
      expect(a.celsius).toBeLessThan(28);
      expect(a.humidityShare).toBeGreaterThan(0.3);
      expect(a.humidityShare).toBeLessThan(0.95);
    }
    const mean = (hour: number) => {
      const own = fortnight.filter((a) => Math.floor((a.at % DAY) / 60) === hour);
      return own.reduce((n, a) => n + a.celsius, 0) / own.length;
    };
    expect(mean(15)).toBeGreaterThan(mean(4) + 1);
  });
  test('drops out now and then, never for more than three hours', () => {
    const gaps = fortnight.slice(1).map((a, i) => a.at - fortnight[i]!.at);
    expect(Math.max(...gaps)).toBeGreaterThan(READ_EVERY_MINUTES);
    expect(Math.max(...gaps)).toBeLessThanOrEqual(180 + 2 * READ_EVERY_MINUTES);
  });
});

describe('the simulated scale', () => {
  test('swings, settles within three seconds to the grams laid on it, in steps of a tenth', () => {
    const scale = simulatedScale();
    scale.lay(84.26, 1000);
    expect(scale.read(1050).steady).toBe(false);
    const at = scale.read(4000);
    expect(at.steady).toBe(true);
    expect(at.grams).toBeCloseTo(84.3, 1);
  });
  test('tare takes the bowl away; what is lifted shows as less than nothing', () => {
    const scale = simulatedScale();
    scale.lay(310, 0);
    scale.tare(4000);
    expect(scale.read(4100).grams).toBeCloseTo(0, 1);
    scale.lay(395, 5000);
    expect(scale.read(9000).grams).toBeCloseTo(85, 0);
    scale.lay(0, 9000);
    expect(scale.read(13000).grams).toBeLessThan(-300);
  });
  test('wanders while something lies on it, and holds two kilos at the most', () => {
    const scale = simulatedScale();
    scale.lay(100, 0);
    expect(scale.read(20 * 60_000).grams).toBeCloseTo(101, 0);
    scale.lay(9000, 0);
    expect(scale.read(5000).grams).toBe(2000);
  });
});

test('the simulated room is warmest at three in the afternoon and dampest at three at night, as made up', () => {
  const at = (hour: number) =>
    Array.from({ length: 200 }, (_, day) => simulatedRoomSensor(5).read((day * 24 + hour) * 60)).filter((a) => a !== null);
  const mean = (values: readonly number[]) => values.reduce((a, b) => a + b, 0) / values.length;
  const [day, night] = [at(15), at(3)];
  expect(mean(day.map((a) => a.celsius)) - mean(night.map((a) => a.celsius))).toBeCloseTo(3.2, 1);
  expect(mean(night.map((a) => a.humidityShare)) - mean(day.map((a) => a.humidityShare))).toBeCloseTo(0.12, 1);
  // a kitchen cooks in the evening: about nineteen it is damper than the turn of the day alone makes it
  expect(mean(at(18).map((a) => a.humidityShare)) - mean(at(12).map((a) => a.humidityShare))).toBeGreaterThan(0.03);
});
