import { compose, composeFault, proposalSoFar } from '@/core/compose/composer';
import { bestFirst, MOST_PROPOSALS, type ComposeProgress, type ComposeRequest, type Proposal } from '@/core/compose/proposal';
import type { Issue } from '@/core/boundary/refusal';
import type { FileRefusal } from '@/core/boundary/refusals';
import { readProjectFile } from '@/core/formats/projectFile';
import { textOf } from '@/core/formats/textOf';
import { composeRequestOf } from '@/core/plan/composeRequest';
import { derivePlan } from '@/core/plan/derivePlan';
import type { IntegerSolver } from '@/core/wire/cutOptimum';
import { loadSolver } from '@/core/wire/loadSolver';
import { provenRows } from '@/core/wire/provenCuts';
import type { Project } from '@/core/plan/project';
import { acceptedLanguage, LANGUAGES, type Language } from '@/core/words/languages';
import { namingOf } from '@/core/words/naming';
import { told } from '@/core/words/told';
import { Words } from '@/core/words/words';

/** At most this many pieces are composed or planned in one request, so that an answer comes in time. */
export const MOST_PIECES = 400;

/** A search is ended after this long, and what it has is given. */
export const MOST_COMPOSE_MS = 30_000;

export const ROUTES = ['plan', 'compose'] as const;
export type Route = (typeof ROUTES)[number];

/** A request as a thread gets it: the body in UTF-8, the query's text, the header Accept-Language. */
export interface Ask {
  route: Route;
  body: Uint8Array<ArrayBuffer>;
  query: string;
  accept: string | null;
}

/** An answer as a thread gives it: JSON in UTF-8. */
export interface Answer {
  status: number;
  language: Language;
  body: Uint8Array<ArrayBuffer>;
}

/** What an answer says before it has words. */
interface Said {
  status: number;
  value: unknown;
  naming?: ReturnType<typeof namingOf>;
}

interface Refused {
  path: string;
  expected: string;
  received: string;
  why: Issue['why'];
}

const bad = (issues: readonly Issue[], status = 400): Said => ({ status, value: { issues } });
const refused = (issue: Refused, status = 400): Said => bad([issue], status);

/** The job that a body holds, or why not. */
function projectOf(body: Uint8Array): { project: Project; repaired: readonly Issue[] } | Said {
  let text: string;
  try {
    text = textOf(body);
  } catch {
    return refused({ path: '', expected: 'UTF-8', received: '', why: { code: 'file.no-text', values: {} } });
  }
  const read = readProjectFile(text);
  if ('refused' in read) return bad(read.issues);
  const pieces = read.project.arrangements.reduce((a, b) => a + b.pieces.length, 0);
  if (pieces <= MOST_PIECES) return read;
  const why: FileRefusal = { code: 'request.many-pieces', values: { limit: MOST_PIECES } };
  return refused({ path: 'arrangements', expected: `<= ${MOST_PIECES}`, received: `${pieces}`, why }, 413);
}

let solver: Promise<IntegerSolver> | null = null;

async function plan(project: Project): Promise<Said> {
  const quick = derivePlan(project);
  const value = { ...quick, cuts: provenRows(quick.cuts, project.brief.stockMm, await (solver ??= loadSolver())) };
  return { status: 200, value, naming: namingOf(project, value.entries) };
}

/** What a search found, and why it was ended before its end. */
interface Found {
  proposals: Proposal[];
  stopped?: FileRefusal;
}

/** Runs the composer to its end, or for so long; then what it has is given, the proposal it is at as it stands. */
export function composeInTime(request: ComposeRequest, mostMs: number): Found {
  const until = Date.now() + mostMs;
  const search = compose(request);
  const proposals: Proposal[] = [];
  let at: ComposeProgress | null = null;
  for (let next = search.next(); ; next = search.next()) {
    if (next.done) return { proposals: next.value };
    at = next.value.found ? null : next.value;
    if (next.value.found) proposals.push(next.value.found);
    if (Date.now() <= until) continue;
    const stopped: FileRefusal = { code: 'request.best-so-far', values: { seconds: Math.round(mostMs / 1000) } };
    return { proposals: bestFirst(at ? [...proposals, proposalSoFar(request, at)] : proposals), stopped };
  }
}

/** Query: seed, proposals. The proposals, best first. */
function proposals(project: Project, query: URLSearchParams): Said {
  const seed = Number(query.get('seed') ?? 1);
  const wanted = Number(query.get('proposals') ?? 1);
  if (!Number.isSafeInteger(seed))
    return refused({
      path: 'seed',
      expected: '1, 2, 3 …',
      received: String(query.get('seed')),
      why: { code: 'request.seed', values: {} },
    });
  if (!Number.isInteger(wanted) || wanted < 1 || wanted > MOST_PROPOSALS)
    return refused({
      path: 'proposals',
      expected: `1 … ${MOST_PROPOSALS}`,
      received: String(query.get('proposals')),
      why: { code: 'request.proposals', values: { limit: MOST_PROPOSALS } },
    });
  const work = composeRequestOf({ project, index: 0, seed, proposals: wanted });
  if (!work) {
    const why: FileRefusal = { code: 'request.no-arrangement', values: {} };
    return refused({ path: 'arrangements', expected: '>= 1', received: '0', why });
  }
  const why = composeFault(work);
  if (why) return refused({ path: 'arrangements.0', expected: 'line', received: work.arrangement.line.form, why });
  return { status: 200, value: composeInTime(work, MOST_COMPOSE_MS), naming: namingOf(project, []) };
}

/** An answer with its words, in the language that is wanted most. */
async function spoken({ status, value, naming }: Said, accept: string | null): Promise<Answer> {
  const language = acceptedLanguage(accept);
  const words = new Words(await LANGUAGES[language].load(), undefined, naming);
  return { status, language, body: new TextEncoder().encode(JSON.stringify(told(value, words))) };
}

/** A request that was turned away without work. */
export const refusal = (why: FileRefusal, status: number, accept: string | null): Promise<Answer> =>
  spoken(refused({ path: '', expected: '', received: '', why }, status), accept);

/** What a thread does with a request. Rejects only where the program is at fault. */
export async function answerTo({ route, body, query, accept }: Ask): Promise<Answer> {
  const read = projectOf(body);
  if ('status' in read) return spoken(read, accept);
  const said = route === 'plan' ? await plan(read.project) : proposals(read.project, new URLSearchParams(query));
  // what was put right in the job is told beside what follows from it
  const value = read.repaired.length ? { ...(said.value as object), repaired: read.repaired } : said.value;
  return spoken({ ...said, value }, accept);
}
