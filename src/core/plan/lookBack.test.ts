import { minutesForOne } from '../make/kindWork';
import { newArrangement, newProject, defaultLine } from './newProject';
import { trayOf } from '../make/tray';
import type { LogEntry } from '../log/entries';
import { lookBack, realMinutes } from './lookBack';

const { cake } = newProject('p', 'P', '2027-06-12T09:30');
const arrangement = newArrangement('a1', defaultLine('crescent', cake));
for (let i = 0; i < 6; i++)
  arrangement.pieces.push({
    id: `p${i}`,
    species: 'cosmos',
    stage: 'open',
    sizeMm: 36,
    colourway: 'shell',
    s: i / 6,
    side: 0,
    lift: 0,
    tiltRad: 0,
    headingRad: 0,
    rollRad: 0,
    pinned: false,
  });
const tray = trayOf([arrangement]);
const [kind] = tray;
const each = minutesForOne(kind!.steps);
const entry = (made: number, broken: number, minutes: number | null): LogEntry => ({
  id: `${made}${broken}${minutes}`,
  at: '2027-06-01T19:00',
  kind: kind!.key,
  made,
  broken,
  minutes,
});

test('planned minutes are the starting values for what was made and broken; untimed pieces count like the timed ones', () => {
  const [row] = lookBack(tray, [entry(2, 0, 20), entry(3, 1, null)], 1);
  expect(row).toMatchObject({ made: 5, broken: 1, timed: 2, realMinutes: 60 });
  expect(row!.plannedMinutes).toBeCloseTo(6 * each, 9);
});

test('nothing logged, nothing to look back on; nothing timed, no minutes', () => {
  expect(lookBack(tray, [], 1)).toEqual([]);
  expect(lookBack(tray, [entry(2, 0, null)], 1)[0]!.realMinutes).toBeNull();
});

test('the whole job as it went: real minutes take the place of the planned ones, and only of that kind', () => {
  const rows = lookBack(tray, [entry(2, 0, 20)], 1);
  const whole = each * kind!.toMake + 500;
  expect(realMinutes(rows, tray, whole, 1)).toBeCloseTo(500 + 10 * kind!.toMake, 9);
  expect(realMinutes([], tray, whole, 1)).toBe(whole);
});
