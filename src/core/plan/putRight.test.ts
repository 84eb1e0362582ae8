import { newProject } from './newProject';
import { checkProject, type Project } from './project';
import { putRight } from './putRight';
import { derivePlan } from './derivePlan';

const JOB = newProject('job', 'Job', '2027-06-12T09:30');
const with_ = (change: (job: Project) => void): Project => {
  const job = structuredClone(JOB);
  change(job);
  return job;
};
const week = (fromMinute: number, toMinute: number) => Array.from({ length: 7 }, () => ({ fromMinute, toMinute }));

test('a job in which all can be so stays the very same', () => {
  expect(putRight(JOB)).toEqual({ project: JOB, repaired: [] });
  expect(putRight(JOB).project).toBe(JOB);
});

test.each<[string, (job: Project) => void, string, string, (job: Project) => unknown, unknown]>([
  [
    'hours',
    (j) => (j.brief.hours[2] = { fromMinute: 1200, toMinute: 1080 }),
    'brief.hours.2',
    'refusal.backwards',
    (j) => j.brief.hours[2],
    { fromMinute: 1080, toMinute: 1200 },
  ],
  [
    'hours of a helper',
    (j) =>
      (j.days.makers = [
        { id: 'h', name: 'Helper', can: ['making'], hours: [{ fromMinute: 2, toMinute: 1 }, ...week(1, 2).slice(1)] },
      ]),
    'days.makers.0.hours.0',
    'refusal.backwards',
    (j) => j.days.makers[0]!.hours,
    week(1, 2),
  ],
  [
    'a busy time',
    (j) => (j.brief.busy = [{ from: '2027-06-11T20:00', to: '2027-06-11T18:00', name: '' }]),
    'brief.busy.0',
    'refusal.backwards',
    (j) => j.brief.busy,
    [{ from: '2027-06-11T18:00', to: '2027-06-11T20:00', name: '' }],
  ],
  [
    'something done',
    (j) => (j.days.done = [{ task: 't', from: '2027-06-11T20:00', to: '2027-06-11T18:00' }]),
    'days.done.0',
    'refusal.backwards',
    (j) => j.days.done[0]!.from,
    '2027-06-11T18:00',
  ],
  [
    'wet air',
    (j) => (j.brief.room.humidityShare = 1),
    'brief.room.humidityShare',
    'refusal.more',
    (j) => j.brief.room.humidityShare,
    0.99,
  ],
  [
    'a name of spaces and signs of no width',
    (j) => (j.name = ' \u200b\u2060\u00a0'),
    'name',
    'refusal.empty',
    (j) => j.name,
    'job',
  ],
])('%s that cannot be so is put right and told with its place', (_, change, path, code, of, right) => {
  const hurt = with_(change);
  expect(checkProject(hurt)).toHaveProperty('project');
  const { project, repaired } = putRight(hurt);
  expect(repaired.map((r) => [r.path, r.why.code])).toEqual([[path, code]]);
  expect(of(project)).toEqual(right);
  // once is enough, and it can be planned
  expect(putRight(project).repaired).toEqual([]);
  expect(derivePlan(project).projectId).toBe('job');
});
