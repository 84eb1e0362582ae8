import { readFileSync } from 'node:fs';
import { derivePlan } from '@/core/plan/derivePlan';
import { MOST_FILE_CHARACTERS } from '@/core/formats/projectFile';
import { checkProject, type Project } from '@/core/plan/project';
import { answerCompose, answerPlan, MOST_PIECES } from './answers';

const DEMO = readFileSync('src/core/demo/demo-astronomy-toppers.ofrenda.json', 'utf8');
const { project } = checkProject(JSON.parse(DEMO)) as { project: Project };

const post = (body: string, query = '', headers: Record<string, string> = {}) =>
  new Request(`http://localhost/api${query}`, { method: 'POST', body, headers });

const issuesOf = async (answer: Response) =>
  ((await answer.json()) as { issues: { path: string; expected: string; received: string }[] }).issues;

const untold = (text: string): unknown =>
  JSON.parse(text, (_key, value: unknown) => {
    if (!value || typeof value !== 'object' || Array.isArray(value)) return value;
    const { told: _told, ...rest } = value as { told?: unknown };
    return rest;
  });

test('a plan is the core’s own plan, with its words beside it', async () => {
  const answer = await answerPlan(post(DEMO));
  expect(answer.status).toBe(200);
  expect(answer.headers.get('content-language')).toBe('en');
  const text = await answer.text();
  expect(untold(text)).toEqual(JSON.parse(JSON.stringify(derivePlan(project))));
  const [task] = (JSON.parse(text) as { tasks: { name: { code: string; told: string } }[] }).tasks;
  expect(task!.name).toMatchObject({ code: 'task.mix', told: 'Mix the pastes' });
});

test.each([
  ['es', 'es', 'Mezclar las pastas'],
  ['fi;q=0.9, es-MX;q=0.8, en;q=0.3', 'es-MX', 'Mezclar las pastas'],
  ['es-PE;q=0.8, en;q=0.3', 'es', 'Mezclar las pastas'],
  ['es;q=0, *', 'en', 'Mix the pastes'],
  ['tlh', 'en', 'Mix the pastes'],
])('in the language of Accept-Language “%s” (RFC 9110, 12.5.4)', async (header, language, said) => {
  const answer = await answerPlan(post(DEMO, '', { 'accept-language': header }));
  expect(answer.headers.get('content-language')).toBe(language);
  const { tasks } = (await answer.json()) as { tasks: { name: { told: string } }[] };
  expect(tasks[0]!.name.told).toBe(said);
});

test('proposals by seed and number', async () => {
  const answer = await answerCompose(post(DEMO, '?seed=2&proposals=2'));
  const { proposals } = (await answer.json()) as { proposals: { name: string; score: number }[] };
  expect(proposals).toHaveLength(2);
  expect(proposals[0]!.score).toBeGreaterThanOrEqual(proposals[1]!.score);
});

test.each([
  ['text that is not JSON', 'dear diary', '', 400, ''],
  ['another kind of file', '{"kind":"recipe"}', '', 400, 'kind'],
  ['a newer version', '{"kind":"ofrenda.project","version":5}', '', 400, 'version'],
  ['a seed that is none', DEMO, '?seed=x', 400, 'seed'],
  ['no proposal', DEMO, '?proposals=0', 400, 'proposals'],
  ['a job without an arrangement', JSON.stringify({ ...project, arrangements: [] }), '', 400, 'arrangements'],
  ['a cake without a tier', JSON.stringify({ ...project, cake: { ...project.cake, tiers: [] } }), '', 400, 'arrangements.0'],
])('%s is refused with its place', async (_name, body, query, status, path) => {
  const answer = await answerCompose(post(body, query));
  expect(answer.status).toBe(status);
  expect((await issuesOf(answer))[0]!.path).toBe(path);
});

test('too many pieces, and a body that announces itself too large, are 413', async () => {
  const one = project.arrangements[0]!.pieces[0]!;
  const pieces = Array.from({ length: MOST_PIECES + 1 }, (_, i) => ({ ...one, id: `p${i}` }));
  const many = await answerPlan(post(JSON.stringify({ ...project, arrangements: [{ ...project.arrangements[0]!, pieces }] })));
  expect(many.status).toBe(413);
  const large = await answerPlan(post('{}', '', { 'content-length': String(MOST_FILE_CHARACTERS + 1) }));
  expect(large.status).toBe(413);
  expect((await issuesOf(large))[0]!.expected).toMatch(/^<= /);
});
