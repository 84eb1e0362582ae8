import { availableParallelism } from 'node:os';
import path from 'node:path';
import type { FileRefusal } from '@/core/boundary/refusals';
import { MOST_COMPOSE_MS, refusal, ROUTES, type Answer, type Ask, type Route } from './answers';
import { turnedAway } from './gate';
import { bodyOf, type BodyFault } from './requestBody';
import { WorkerPool, type Ended } from './workerPool';

/** What a request may take; docs/plan-format.md says so too. */
export const LIMITS = {
  bodyBytes: 5_000_000,
  bodyMs: 20_000,
  planMs: 10_000,
  /** the search ends itself before; this is for one that does not */
  composeMs: MOST_COMPOSE_MS + 5_000,
  waiting: 16,
  waitMs: 60_000,
  heapMb: 512,
} as const;

/** Seconds after which one that was turned away may ask again. */
const RETRY_SECONDS = 5;

type Work = Pick<WorkerPool<Ask, Answer>, 'run'>;

/** One core is left to the pages and files. */
const newPool = (): Work =>
  new WorkerPool<Ask, Answer>({
    script: path.join(process.cwd(), '.next', 'work.cjs'),
    most: Math.max(1, availableParallelism() - 1),
    mostWaiting: LIMITS.waiting,
    mostWaitMs: LIMITS.waitMs,
    heapMb: LIMITS.heapMb,
  });

const BODY_REFUSALS: Record<Exclude<BodyFault, 'left'>, { status: number; why: FileRefusal }> = {
  'too-large': { status: 413, why: { code: 'request.too-large', values: { limit: LIMITS.bodyBytes } } },
  slow: { status: 408, why: { code: 'request.slow', values: { seconds: LIMITS.bodyMs / 1000 } } },
};

const WORK_REFUSALS: Record<'busy' | 'late' | 'died', { status: number; why: FileRefusal }> = {
  busy: { status: 503, why: { code: 'request.busy', values: { seconds: RETRY_SECONDS } } },
  late: { status: 503, why: { code: 'request.too-long', values: {} } },
  died: { status: 500, why: { code: 'request.failed', values: {} } },
};

/** The client has gone: nobody reads this. 499 is what logs commonly call it. */
const LEFT = 499;

/** One line of the log: what was asked and how it ended, nothing of what people wrote. */
export interface LogLine {
  at: string;
  route: string;
  status: number;
  ms: number;
  bytes: number;
  cause?: string;
}

const toStdout = (line: LogLine) => void process.stdout.write(`${JSON.stringify(line)}\n`);

function response({ status, language, body }: Answer, more: Record<string, string> = {}): Response {
  return new Response(body, {
    status,
    headers: {
      'content-type': 'application/json; charset=utf-8',
      'content-language': language,
      vary: 'accept-language',
      'cache-control': 'no-store',
      ...more,
    },
  });
}

const isRoute = (name: string): name is Route => (ROUTES as readonly string[]).includes(name);

interface ServerOptions {
  pool?: Work;
  log?: (line: LogLine) => void;
}

/** The answerer of everything under /api. Every answer is JSON, is not kept by anyone, and is one line of the log. */
export function newServer({ pool = newPool(), log = toStdout }: ServerOptions = {}): (request: Request) => Promise<Response> {
  return async (request) => {
    const began = Date.now();
    const { pathname, search } = new URL(request.url);
    const accept = request.headers.get('accept-language');
    const route = pathname.replace(/^\/api\/?/, '');
    let bytes = 0;

    const ends = (answer: Response, cause?: string) => {
      const line = { at: new Date(began).toISOString(), route: isRoute(route) ? route : '', status: answer.status };
      log({ ...line, ms: Date.now() - began, bytes, ...(cause ? { cause } : {}) });
      return answer;
    };
    const refuses = async (
      { status, why }: { status: number; why: FileRefusal },
      more: Record<string, string> = {},
      cause?: string,
    ) => ends(response(await refusal(why, status, accept), more), cause);

    if (!isRoute(route))
      return refuses({ status: 404, why: { code: 'request.address', values: { met: pathname.slice(0, 200) } } });
    const away = turnedAway(request);
    if (away) return refuses(away, away.status === 405 ? { allow: 'POST' } : {});

    const body = await bodyOf(request, { mostBytes: LIMITS.bodyBytes, mostMs: LIMITS.bodyMs });
    if (body === 'left') return ends(new Response(null, { status: LEFT }));
    // what still comes is not read: the connection ends with the answer
    if (typeof body === 'string') return refuses(BODY_REFUSALS[body], { connection: 'close' });
    bytes = body.length;

    const isPlan = route === 'plan';
    const ended: Ended<Answer> = await pool.run(
      { route, body, query: search, accept },
      {
        limitMs: isPlan ? LIMITS.planMs : LIMITS.composeMs,
        rank: isPlan ? 0 : 1,
        signal: request.signal,
        transfer: [body.buffer],
      },
    );
    if ('answer' in ended) return ends(response(ended.answer));
    if (ended.failed === 'left') return ends(new Response(null, { status: LEFT }));
    const more: Record<string, string> = ended.failed === 'busy' ? { 'retry-after': String(RETRY_SECONDS) } : {};
    return refuses(WORK_REFUSALS[ended.failed], more, ended.cause ?? ended.failed);
  };
}
