import { LEVEL_SCORE } from '../compose/reading';
import { checkProject } from '../plan/project';
import { derivePlan } from '../plan/derivePlan';
import { demoBriefs } from './briefs';
import astronomy from './demo-astronomy-toppers.ofrenda.json';
import harbour from './demo-harbour-library.ofrenda.json';
import wreath from './demo-midwinter-wreath.ofrenda.json';

const SHIPPED = [harbour, wreath, astronomy];

test.each(SHIPPED.map((d, i) => [d.name, d, i] as const))('%s: shipped from its brief, whole, and it goes', (_name, demo, i) => {
  const checked = checkProject(demo);
  if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
  const { project } = checked;
  const brief = demoBriefs()[i]!;
  expect(project.id).toBe(brief.id);
  expect(project.cake).toEqual(brief.cake);
  expect(project.brief).toEqual(brief.brief);
  expect(project.arrangements[0]!.pieces.length).toBeGreaterThan(9);
  const plan = derivePlan(project);
  expect(plan.warnings.filter((w) => w.level === 'stop')).toEqual([]);
  expect(plan.verdict).toBe('go');
  expect(plan.arrangements[0]!.score).toBeGreaterThan(88);
  const crowding = plan.arrangements[0]!.readings.find((r) => r.id === 'crowding')!;
  expect(crowding.score).toBeGreaterThan(LEVEL_SCORE);
});

test('the toppers are two dozen of one: glued, no wire, their plaques in the paste, nothing to count out', () => {
  const checked = checkProject(astronomy);
  if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
  const plan = derivePlan(checked.project);
  expect(checked.project.arrangements[0]!.quantity).toBe(24);
  expect(plan.wires).toEqual([]);
  expect(plan.handOver.comesOut).toBe(0);
  expect(plan.handOver.wired).toBe(false);
  expect(plan.paste.some((b) => b.kinds.some((k) => k.code === 'paste.plaque'))).toBe(true);
  for (const kind of plan.tray) expect(kind.placed % 24).toBe(0);
});
