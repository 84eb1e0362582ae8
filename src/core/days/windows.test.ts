import { dayText, wallFromText, wallToText } from './clock';
import { SKILLS, windowsOf, type Maker, type Window, type WindowOptions } from './windows';

/** Saturday 12 June 2027, half past nine. */
const LEAVES = wallFromText('2027-06-12T09:30');
const OPTIONS: WindowOptions = { leavesAt: LEAVES, bufferMinutes: 30, fillShare: 1, lastMorningFrom: 6 * 60 };
const WEEKDAYS = [null, ...Array.from({ length: 5 }, () => ({ fromMinute: 18 * 60, toMinute: 21 * 60 })), null];
const maker = (change: Partial<Maker> = {}): Maker => ({ name: 'you', hours: WEEKDAYS, can: SKILLS, away: [], ...change });
const told = (w: Window): string => `${wallToText(w.from).slice(5)}–${wallToText(w.to).slice(11)}`;
const lastWeek = (windows: readonly Window[]): string[] => windows.filter((w) => w.from >= LEAVES - 6 * 1440).map(told);

test('evenings of a week, none on days off, the last morning until it is to be done', () => {
  expect(lastWeek(windowsOf([maker()], OPTIONS))).toEqual([
    '06-07T18:00–21:00',
    '06-08T18:00–21:00',
    '06-09T18:00–21:00',
    '06-10T18:00–21:00',
    '06-11T18:00–21:00',
    '06-12T06:00–09:00',
  ]);
});

test('filled to a share only, in whole five minutes; the last morning is not', () => {
  expect(lastWeek(windowsOf([maker()], { ...OPTIONS, fillShare: 0.75 })).slice(-2)).toEqual([
    '06-11T18:00–20:15',
    '06-12T06:00–09:00',
  ]);
  // 0.7 of 180 minutes are 126: 125
  expect(lastWeek(windowsOf([maker()], { ...OPTIONS, fillShare: 0.7 })).at(-2)).toBe('06-11T18:00–20:05');
});

test('busy times part an evening; the margin is taken from its end, and what is too short is no sitting', () => {
  const busy = (from: string, to: string) => ({ from: wallFromText(`2027-06-11T${from}`), to: wallFromText(`2027-06-11T${to}`) });
  const friday = (away: Maker['away'], fillShare = 1) =>
    windowsOf([maker({ away })], { ...OPTIONS, fillShare }).filter((w) => dayText(w.day) === '2027-06-11').map(told); // prettier-ignore
  expect(friday([busy('19:00', '19:30')])).toEqual(['06-11T18:00–19:00', '06-11T19:30–21:00']);
  expect(friday([busy('19:00', '19:30')], 0.5)).toEqual(['06-11T18:00–19:00', '06-11T19:30–20:00']);
  expect(friday([busy('18:10', '20:50')])).toEqual([]);
  expect(friday([busy('18:15', '21:30')])).toEqual(['06-11T18:00–18:15']);
  expect(friday([busy('12:00', '18:00'), busy('21:00', '23:00')])).toEqual(['06-11T18:00–21:00']);
  expect(friday([busy('17:00', '22:00')])).toEqual([]);
});

test('two makers each have their own, told apart and in order of time', () => {
  const early = WEEKDAYS.map((h) => h && { fromMinute: 9 * 60, toMinute: 12 * 60 });
  const windows = windowsOf([maker(), maker({ name: 'helper', hours: early })], OPTIONS);
  expect(windows.map((w) => w.from)).toEqual([...windows.map((w) => w.from)].sort((a, b) => a - b));
  const friday = windows.filter((w) => dayText(w.day) === '2027-06-11');
  expect(friday.map((w) => [w.maker, told(w)])).toEqual([
    [1, '06-11T09:00–12:00'],
    [0, '06-11T18:00–21:00'],
  ]);
});

test('looked for a hundred and twenty days back, no farther', () => {
  const [first] = windowsOf([maker({ hours: WEEKDAYS.map(() => ({ fromMinute: 0, toMinute: 1440 })) })], OPTIONS);
  expect(dayText(first!.day)).toBe('2027-02-13');
});

test('where it leaves before the last morning begins there is none', () => {
  const windows = windowsOf([maker()], { ...OPTIONS, lastMorningFrom: 9 * 60 + 10 });
  expect(told(windows.at(-1)!)).toBe('06-11T18:00–21:00');
});
