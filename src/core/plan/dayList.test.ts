import { dayStart, wallFromText } from '../days/clock';
import harbour from '../demo/demo-harbour-library.ofrenda.json';
import { dayList, sittingFact } from './dayList';
import { derivePlan } from './derivePlan';
import { checkProject } from './project';
import { ENGLISH } from '../words/english';

const checked = checkProject(harbour);
if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
const { project } = checked;
const plan = derivePlan(project);
const rows = dayList(plan, project.brief.leavesAt);

test('days run from the first sitting to the day it leaves, none left out', () => {
  expect(rows.length).toBeGreaterThan(3);
  rows.forEach((r, i) => i && expect(r.day - rows[i - 1]!.day).toBe(1440));
  expect(rows.at(-1)!.day).toBe(dayStart(wallFromText(project.brief.leavesAt)));
});

test('they hold every minute of the schedule exactly once, in order', () => {
  const scheduled = plan.schedule.reduce((a, p) => a + p.to - p.from, 0);
  expect(rows.reduce((a, r) => a + r.minutes, 0)).toBe(scheduled);
  for (const { sittings } of rows)
    for (const s of sittings) {
      expect(s.minutes).toBeLessThanOrEqual(s.to - s.from);
      s.items.forEach(({ planned }, i) => i && expect(planned.from).toBeGreaterThanOrEqual(s.items[i - 1]!.planned.to));
    }
});

test('a sitting is told in at most three things, the last is the placing', () => {
  for (const { sittings } of rows)
    for (const s of sittings) {
      expect(ENGLISH.say(s.words).length).toBeGreaterThan(5);
      expect(ENGLISH.say(s.words).split(';')[0]!.split(',').length).toBeLessThanOrEqual(4);
    }
  expect(ENGLISH.say(rows.at(-1)!.sittings.at(-1)!.words)).toContain('lace on the cake');
});

test('batches of one step are told as one', () => {
  const base = plan.tasks.find((t) => t.step === 'petals' && t.dryNote)!;
  const two = [
    { ...base, pieces: 8 },
    { ...base, pieces: 4 },
  ];
  expect(ENGLISH.say(sittingFact(two))).toMatch(/^petals for 12 [a-z -]+; (hang|in formers|in cups)/i);
  expect(ENGLISH.say(sittingFact([]))).toBe('Nothing to do');
});

test('no schedule or no day, no row', () => {
  expect(dayList({ tasks: [], schedule: [] }, project.brief.leavesAt)).toEqual([]);
  expect(dayList(plan, 'soon')).toEqual([]);
});
