import harbour from '../demo/demo-harbour-library.ofrenda.json';
import { dayText, wallFromText, wallToText } from '../days/clock';
import { Memo } from '../geometry/memo';
import { derivePlan } from './derivePlan';
import { movesFrom, whyNotOn } from './moves';
import { checkProject, type Project } from './project';
import { repairsFor, whatFits } from './whatFits';
import { boundsOf, repaired, shortMinutes } from './repairs';
import { ENGLISH } from '../words/english';

const checked = checkProject(harbour);
if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
const JOB: Project = checked.project;
const PLAN = derivePlan(JOB);
const begins = PLAN.schedule[0]!.from;

test('what fits needs nothing; what begins too soon is short by so much', () => {
  expect(shortMinutes(PLAN, begins - 60)).toBe(0);
  expect(shortMinutes(PLAN, begins + 300)).toBe(300);
  expect(whatFits(JOB, begins - 60, [])).toEqual([]);
});

test('every way out that is offered was built and fits, also when it is built afresh', () => {
  const now = begins + 2 * 1440;
  const ways = whatFits(JOB, now, []);
  expect(ways.length).toBeGreaterThan(0);
  for (const way of ways) {
    const changed = way.repairs.reduce((p, r) => repaired(p, r.id, []), JOB);
    expect('project' in checkProject(JSON.parse(JSON.stringify(changed)))).toBe(true);
    const built = derivePlan(changed);
    expect(shortMinutes(built, now)).toBe(0);
    expect(dayText(built.schedule[0]!.from)).toBe(way.begins);
  }
});

test('the hour before it leaves nothing helps, and nothing is claimed', () => {
  expect(whatFits(JOB, wallFromText(JOB.brief.leavesAt) - 60, [])).toEqual([]);
});

test('the longest chain is a bound: no plan begins later, whoever works', () => {
  const bounds = boundsOf(PLAN, begins)!;
  expect(bounds.leftMinutes).toBe(PLAN.doneBy - begins);
  expect(bounds.chainMinutes).toBeLessThanOrEqual(bounds.leftMinutes);
  // the waits of the plan alone: the longest strand dries at least as long as its longest step
  expect(bounds.chainMinutes).toBeGreaterThan(Math.max(...PLAN.tasks.map((t) => t.dryHours)) * 60);
  const all = PLAN.schedule.map((p) => ({ ...p, done: true }));
  expect(boundsOf({ ...PLAN, schedule: all }, begins)).toBeNull();
});

test('each repair changes what it says, and no project is changed under the hand', () => {
  const before = JSON.stringify(JOB);
  const tin = JOB.arrangements[0]!.pieces.slice(0, 3).map((p, i) => ({
    ...p,
    id: `t${i}`,
    count: 1,
    where: '',
    madeOn: '2027-01-01',
    state: 'good' as const,
  }));
  for (const r of repairsFor(JOB, PLAN, tin)) {
    expect(ENGLISH.say(r.does).length).toBeGreaterThan(5);
    expect(JSON.stringify(repaired(JOB, r.id, tin))).not.toBe(before);
  }
  expect(JSON.stringify(JOB)).toBe(before);
  expect(repaired(JOB, 'no such', tin)).toEqual(JOB);
});

describe('a late change', () => {
  const kept = PLAN.schedule.map((p) => ({ task: p.id, maker: p.maker, from: wallToText(p.from) }));
  const going: Project = { ...JOB, days: { ...JOB.days, kept } };

  test('the plan that is gone by stands as it is; one more piece moves few, from scratch many move', () => {
    expect(movesFrom(kept, derivePlan(going))).toEqual([]);
    const more = (p: Project): Project => ({
      ...p,
      arrangements: p.arrangements.map((a, i) =>
        i ? a : { ...a, pieces: [...a.pieces, { ...a.pieces[0]!, id: 'late', s: 0.93 }] },
      ),
    });
    const moved = movesFrom(kept, derivePlan(more(going))).length;
    expect(moved).toBeLessThan(PLAN.tasks.length / 2);
    const scratch = movesFrom(kept, derivePlan(more(JOB))).length;
    expect(moved).toBeLessThanOrEqual(scratch);
  });
  test('nothing is gone by, nothing has moved; a task that is gone is told', () => {
    expect(movesFrom([], PLAN)).toEqual([]);
    expect(movesFrom([...kept, { task: 'old|petals', maker: 0, from: '2027-06-01T18:00' }], PLAN)).toContainEqual({
      id: 'old|petals',
      name: null,
      from: '2027-06-01',
      to: null,
    });
  });
});

test('a task on a day on which it cannot be: why, in a sentence', () => {
  const pin = (task: string, day: string) => derivePlan({ ...JOB, days: { ...JOB.days, pins: [{ task, day }] } }, new Memo());
  const first = PLAN.schedule.find((p) => PLAN.tasks.find((t) => t.id === p.id)!.dryHours > 6)!;
  const plan = pin(first.id, JOB.brief.leavesAt.slice(0, 10));
  expect(plan.unpinned).toEqual([first.id]);
  expect(whyNotOn({ day: JOB.brief.leavesAt.slice(0, 10), id: first.id, plan, works: () => true })?.code).toMatch(
    /^day\.(waited-for|full)$/,
  );
  expect(whyNotOn({ day: '2027-06-01', id: first.id, plan, works: () => false })?.code).toBe('day.nobody');
  expect(whyNotOn({ day: '2027-06-01', id: 'tape', plan, works: () => true })).toBeNull();
});
