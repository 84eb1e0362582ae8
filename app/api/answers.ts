import { MOST_PROPOSALS, type ComposeRequest, type Proposal } from '@/core/compose/proposal';
import { compose, composeFault } from '@/core/compose/composer';
import { MOST_FILE_CHARACTERS, readProjectFile } from '@/core/formats/projectFile';
import { composeRequestOf } from '@/core/plan/composeRequest';
import { derivePlan } from '@/core/plan/derivePlan';
import type { Issue } from '@/core/boundary/refusal';
import type { FileRefusal } from '@/core/boundary/refusals';
import type { Fact } from '@/core/facts/fact';
import type { Project } from '@/core/plan/project';
import { acceptedLanguage, LANGUAGES } from '@/core/words/languages';
import { namingOf } from '@/core/words/naming';
import { told } from '@/core/words/told';
import { Words } from '@/core/words/words';

/** At most this many pieces are composed or planned in one request, so that an answer comes in time. */
export const MOST_PIECES = 400;

/** A search that takes longer than this is given up with a clear answer. */
export const MOST_COMPOSE_MS = 30_000;

/** Faults with their words, in the language that the request wants most. */
async function bad(request: Request, issues: readonly Issue[], status = 400): Promise<Response> {
  const language = acceptedLanguage(request.headers.get('accept-language'));
  const words = new Words(await LANGUAGES[language].load());
  return Response.json(
    { issues: told(issues, words) },
    { status, headers: { 'content-language': language, vary: 'accept-language' } },
  );
}

interface Refused {
  path: string;
  expected: string;
  received: string;
  why: FileRefusal | Fact;
}

const refuse = (request: Request, refused: Refused, status = 400) => bad(request, [refused], status);

/** Reads a project from a request's body within the size limit, or answers why not. */
async function projectFrom(request: Request): Promise<Project | Response> {
  const announced = Number(request.headers.get('content-length') ?? 0);
  if (announced > MOST_FILE_CHARACTERS)
    return refuse(
      request,
      {
        path: '',
        expected: `<= ${MOST_FILE_CHARACTERS}`,
        received: `${announced}`,
        why: { code: 'file.too-large', values: { what: 'request' } },
      },
      413,
    );
  const read = readProjectFile(await request.text());
  if ('refused' in read) return bad(request, read.issues);
  const pieces = read.project.arrangements.reduce((a, b) => a + b.pieces.length, 0);
  return pieces > MOST_PIECES
    ? refuse(
        request,
        {
          path: 'arrangements',
          expected: `<= ${MOST_PIECES}`,
          received: `${pieces}`,
          why: { code: 'request.many-pieces', values: { limit: MOST_PIECES } },
        },
        413,
      )
    : read.project;
}

/** Facts with their words, in the language that the request wants most. */
async function answered(
  request: Request,
  value: unknown,
  project: Project,
  entries: readonly { id: string; number: number }[] = [],
): Promise<Response> {
  const language = acceptedLanguage(request.headers.get('accept-language'));
  const words = new Words(await LANGUAGES[language].load(), undefined, namingOf(project, entries));
  return Response.json(told(value, words), { headers: { 'content-language': language, vary: 'accept-language' } });
}

export async function answerPlan(request: Request): Promise<Response> {
  const project = await projectFrom(request);
  if (project instanceof Response) return project;
  const plan = derivePlan(project);
  return answered(request, plan, project, plan.entries);
}

/** Runs the composer to its end, or null when time runs out. */
function composeInTime(request: ComposeRequest): Proposal[] | null {
  const until = Date.now() + MOST_COMPOSE_MS;
  const search = compose(request);
  for (let next = search.next(); ; next = search.next()) {
    if (next.done) return next.value;
    if (Date.now() > until) return null;
  }
}

/** Query: seed, proposals. Answers with the proposals, best first. */
export async function answerCompose(request: Request): Promise<Response> {
  const project = await projectFrom(request);
  if (project instanceof Response) return project;
  const query = new URL(request.url).searchParams;
  const seed = Number(query.get('seed') ?? 1);
  const proposals = Number(query.get('proposals') ?? 1);
  if (!Number.isInteger(seed))
    return refuse(request, {
      path: 'seed',
      expected: '1, 2, 3 …',
      received: String(query.get('seed')),
      why: { code: 'request.seed', values: {} },
    });
  if (!Number.isInteger(proposals) || proposals < 1 || proposals > MOST_PROPOSALS)
    return refuse(request, {
      path: 'proposals',
      expected: `1 … ${MOST_PROPOSALS}`,
      received: String(query.get('proposals')),
      why: { code: 'request.proposals', values: { limit: MOST_PROPOSALS } },
    });
  const work = composeRequestOf({ project, index: 0, seed, proposals });
  if (!work) {
    const why: FileRefusal = { code: 'request.no-arrangement', values: {} };
    return refuse(request, { path: 'arrangements', expected: '>= 1', received: '0', why });
  }
  const fault = composeFault(work);
  if (fault) {
    const { form } = work.arrangement.line;
    return refuse(request, { path: 'arrangements.0', expected: 'line', received: form, why: fault });
  }
  const found = composeInTime(work);
  return found
    ? answered(request, { proposals: found }, project)
    : refuse(
        request,
        {
          path: 'proposals',
          expected: `< ${proposals}`,
          received: String(proposals),
          why: { code: 'request.too-long', values: {} },
        },
        503,
      );
}
