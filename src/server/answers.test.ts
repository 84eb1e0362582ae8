import { readFileSync } from 'node:fs';
import { derivePlan, type DerivedPlan } from '@/core/plan/derivePlan';
import { loadSolver } from '@/core/wire/loadSolver';
import { provenRows } from '@/core/wire/provenCuts';
import { checkProject, type Project } from '@/core/plan/project';
import { composeRequestOf } from '@/core/plan/composeRequest';
import { answerTo, composeInTime, MOST_PIECES, type Route } from './answers';

const DEMO = readFileSync('src/core/demo/demo-astronomy-toppers.ofrenda.json', 'utf8');
const { project } = checkProject(JSON.parse(DEMO)) as { project: Project };

const ask = async (route: Route, text: string, query = '', accept: string | null = null) => {
  const { status, language, body } = await answerTo({ route, body: new TextEncoder().encode(text), query, accept });
  return { status, language, value: JSON.parse(new TextDecoder().decode(body)) as unknown };
};

const issuesOf = (value: unknown) => (value as { issues: { path: string; expected: string; received: string }[] }).issues;

const untold = (value: unknown): unknown =>
  JSON.parse(JSON.stringify(value), (_key, part: unknown) => {
    if (!part || typeof part !== 'object' || Array.isArray(part)) return part;
    const { told: _told, ...rest } = part as { told?: unknown };
    return rest;
  });

test('a plan is the core’s own plan, with its words beside it', async () => {
  const { status, language, value } = await ask('plan', DEMO);
  expect(status).toBe(200);
  expect(language).toBe('en');
  expect(untold(value)).toEqual(JSON.parse(JSON.stringify(derivePlan(project))));
  const [task] = (value as { tasks: { name: { code: string; told: string } }[] }).tasks;
  expect(task!.name.code).toMatch(/^task\.mix/);
  expect(task!.name.told).toMatch(/^Mix the pastes/);
});

test.each([
  ['es', 'es', 'Mezclar las pastas'],
  ['fi;q=0.9, es-MX;q=0.8, en;q=0.3', 'es-MX', 'Mezclar las pastas'],
  ['es-PE;q=0.8, en;q=0.3', 'es', 'Mezclar las pastas'],
  ['es;q=0, *', 'en', 'Mix the pastes'],
  ['tlh', 'en', 'Mix the pastes'],
])('in the language of Accept-Language “%s” (RFC 9110, 12.5.4)', async (header, language, said) => {
  const answer = await ask('plan', DEMO, '', header);
  expect(answer.language).toBe(language);
  expect((answer.value as { tasks: { name: { told: string } }[] }).tasks[0]!.name.told).toContain(said);
});

test('proposals by seed and number', async () => {
  const { value } = await ask('compose', DEMO, '?seed=2&proposals=2');
  const { proposals, stopped } = value as { proposals: { name: string; score: number }[]; stopped?: unknown };
  expect(proposals).toHaveLength(2);
  expect(proposals[0]!.score).toBeGreaterThanOrEqual(proposals[1]!.score);
  expect(stopped).toBeUndefined();
});

test('a search whose time is over gives what it has, and says so', () => {
  const request = composeRequestOf({ project, index: 0, seed: 1, proposals: 3 })!;
  const { proposals, stopped } = composeInTime(request, -1);
  expect(stopped?.code).toBe('request.best-so-far');
  expect(proposals).toHaveLength(1);
  const { pieces } = proposals[0]!.arrangement;
  expect(pieces.length).toBeGreaterThan(3);
  expect(new Set(pieces.map((p) => p.id)).size).toBe(pieces.length);
  const with_ = { ...project, arrangements: [proposals[0]!.arrangement, ...project.arrangements.slice(1)] };
  expect(checkProject(JSON.parse(JSON.stringify(with_)))).toHaveProperty('project');
});

test.each([
  ['text that is not JSON', 'dear diary', '', 400, ''],
  ['another kind of file', '{"kind":"recipe"}', '', 400, 'kind'],
  ['a newer version', '{"kind":"ofrenda.project","version":5}', '', 400, 'version'],
  ['a seed that is none', DEMO, '?seed=x', 400, 'seed'],
  ['a seed that no number holds exactly', DEMO, '?seed=1e300', 400, 'seed'],
  ['no proposal', DEMO, '?proposals=0', 400, 'proposals'],
  ['a job without an arrangement', JSON.stringify({ ...project, arrangements: [] }), '', 400, 'arrangements'],
  ['a cake without a tier', JSON.stringify({ ...project, cake: { ...project.cake, tiers: [] } }), '', 400, 'arrangements.0'],
])('%s is refused with its place', async (_name, body, query, status, path) => {
  const answer = await ask('compose', body, query);
  expect(answer.status).toBe(status);
  expect(issuesOf(answer.value)[0]!.path).toBe(path);
});

test('a plan counts the fewest wires that a solver finds', async () => {
  const text = readFileSync('src/core/demo/demo-harbour-library.ofrenda.json', 'utf8');
  const quick = derivePlan((checkProject(JSON.parse(text)) as { project: Project }).project).cuts;
  const { cuts } = (await ask('plan', text)).value as Pick<DerivedPlan, 'cuts'>;
  const lists = provenRows(quick, project.brief.stockMm, await loadSolver());
  expect(quick.some((c) => !c.least.proven)).toBe(true);
  expect(cuts.every((c) => c.least.proven)).toBe(true);
  expect(cuts).toEqual(JSON.parse(JSON.stringify(lists)));
});

test('too many pieces are 413', async () => {
  const one = project.arrangements[0]!.pieces[0]!;
  const pieces = Array.from({ length: MOST_PIECES + 1 }, (_, i) => ({ ...one, id: `p${i}` }));
  const many = await ask('plan', JSON.stringify({ ...project, arrangements: [{ ...project.arrangements[0]!, pieces }] }));
  expect(many.status).toBe(413);
  expect(issuesOf(many.value)[0]!.expected).toBe(`<= ${MOST_PIECES}`);
});
