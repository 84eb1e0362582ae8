import { compose, composeFault, MOST_PROPOSALS, type ComposeRequest, type Proposal } from '@/core/compose/composer';
import { MOST_FILE_CHARACTERS, readProjectFile } from '@/core/formats/projectFile';
import { composeRequestOf } from '@/core/plan/composeRequest';
import { derivePlan } from '@/core/plan/derivePlan';
import type { Issue, Project } from '@/core/plan/project';
import { ENGLISH } from '@/core/words/english';
import { acceptedLanguage, LANGUAGES } from '@/core/words/languages';
import { namingOf } from '@/core/words/naming';
import { told } from '@/core/words/told';
import { Words } from '@/core/words/words';

/** At most this many pieces are composed or planned in one request, so that an answer comes in time. */
export const MOST_PIECES = 400;

/** A search that takes longer than this is given up with a clear answer. */
export const MOST_COMPOSE_MS = 30_000;

const bad = (issues: readonly Issue[], status = 400) => Response.json({ issues }, { status });

const refuse = (path: string, expected: string, received: string, message: string, status = 400) =>
  bad([{ path, expected, received, message }], status);

/** Reads a project from a request's body within the size limit, or answers why not. */
async function projectFrom(request: Request): Promise<Project | Response> {
  const announced = Number(request.headers.get('content-length') ?? 0);
  if (announced > MOST_FILE_CHARACTERS)
    return refuse('', `at most ${MOST_FILE_CHARACTERS} bytes`, `${announced}`, 'The request is larger than any job.', 413);
  const read = readProjectFile(await request.text());
  if ('sentence' in read) return bad(read.issues);
  const pieces = read.project.arrangements.reduce((a, b) => a + b.pieces.length, 0);
  return pieces > MOST_PIECES
    ? refuse('arrangements', `at most ${MOST_PIECES} pieces`, `${pieces}`, 'Too many pieces for one request.', 413)
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
  if (!Number.isInteger(seed)) return refuse('seed', 'a whole number', String(query.get('seed')), 'The seed is a whole number.');
  if (!Number.isInteger(proposals) || proposals < 1 || proposals > MOST_PROPOSALS)
    return refuse(
      'proposals',
      `1 to ${MOST_PROPOSALS}`,
      String(query.get('proposals')),
      `Ask for 1 to ${MOST_PROPOSALS} proposals.`,
    );
  const work = composeRequestOf(project, 0, seed, proposals);
  if (!work) return refuse('arrangements', 'at least one', '0', 'The job has no arrangement to fill.');
  const fault = composeFault(work);
  if (fault) return refuse('arrangements.0', 'something that can be composed', work.arrangement.line.form, ENGLISH.say(fault));
  const found = composeInTime(work);
  return found
    ? answered(request, { proposals: found }, project)
    : refuse(
        'proposals',
        'fewer proposals or a shorter line',
        String(proposals),
        'The search took too long and was given up.',
        503,
      );
}
