import { clockOf, dayStart, knowsZone, PLAIN_CLOCK, wallFromText, wallToText, weekdayOf } from './clock';

const at = wallFromText;

test('wall time there and back; a day that is none is NaN', () => {
  expect(wallToText(at('2027-02-28T23:59'))).toBe('2027-02-28T23:59');
  expect(at('soon')).toBeNaN();
  expect(weekdayOf(at('2027-06-12T09:30'))).toBe(6);
  expect(wallToText(dayStart(at('2027-06-12T09:30')))).toBe('2027-06-12T00:00');
});

// rules of the IANA time zone database: central Europe changes at 01:00 UTC on the last Sundays of March and October
describe('the night on which clocks change', () => {
  const clock = clockOf('Europe/Berlin', at('2027-01-01T00:00'), at('2027-12-31T00:00'));
  test.each([
    ['an ordinary night', '2027-06-11T20:00', '2027-06-12T06:00', 10],
    ['autumn, 31 October 2027', '2027-10-30T20:00', '2027-10-31T06:00', 11],
    ['spring, 28 March 2027', '2027-03-27T20:00', '2027-03-28T06:00', 9],
  ])('%s: from %s to %s pass %i hours', (_, from, to, hours) => {
    expect(clock.between(at(from), at(to))).toBe(hours * 60);
    expect(wallToText(clock.after(at(from), hours * 60))).toBe(to);
    expect(wallToText(clock.before(at(to), hours * 60))).toBe(from);
  });
  test('universal time in winter and in summer', () => {
    expect(wallToText(clock.toUtc(at('2027-01-15T12:00')))).toBe('2027-01-15T11:00');
    expect(wallToText(clock.toUtc(at('2027-07-15T12:00')))).toBe('2027-07-15T10:00');
  });
  test('the hour that comes twice is read as the first, the one left out by the clock before', () => {
    expect(wallToText(clock.toUtc(at('2027-10-31T02:30')))).toBe('2027-10-31T00:30');
    expect(wallToText(clock.toUtc(at('2027-03-28T02:30')))).toBe('2027-03-28T01:30');
  });
});

test('a southern kitchen and one whose clock is never changed', () => {
  const south = clockOf('Australia/Sydney', at('2027-01-01T00:00'), at('2027-12-31T00:00'));
  // first Sunday of April: 3 o'clock becomes 2
  expect(south.between(at('2027-04-03T20:00'), at('2027-04-04T06:00'))).toBe(11 * 60);
  const plain = clockOf('Asia/Kolkata', at('2027-01-01T00:00'), at('2027-12-31T00:00'));
  expect(plain.between(at('2027-03-27T20:00'), at('2027-03-28T06:00'))).toBe(10 * 60);
  expect(wallToText(plain.toUtc(at('2027-03-28T06:00')))).toBe('2027-03-28T00:30');
});

test('a zone nobody knows has a clock that is never changed', () => {
  expect(knowsZone('Nowhere/At all')).toBe(false);
  expect(clockOf('Nowhere/At all', 0, 1000)).toBe(PLAIN_CLOCK);
  expect(clockOf(null, 0, 1000)).toBe(PLAIN_CLOCK);
});

test('every quarter hour of a year: universal time never runs backward, and goes there and back where it is not in the lost hour', () => {
  const clock = clockOf('America/New_York', at('2027-01-01T00:00'), at('2027-12-31T00:00'));
  let before = -Infinity;
  for (let wall = at('2027-01-01T00:00'); wall < at('2027-12-31T00:00'); wall += 15) {
    const lost = wall >= at('2027-03-14T02:00') && wall < at('2027-03-14T03:00');
    if (!lost) {
      expect(clock.after(wall, 0)).toBe(wall);
      expect(clock.toUtc(wall)).toBeGreaterThan(before - 1e-9);
      before = clock.toUtc(wall);
    }
  }
});
