import type { Answer, Ask } from './answers';
import { turnedAway } from './gate';
import { bodyOf } from './requestBody';
import { LIMITS, newServer, type LogLine } from './serve';
import type { Ended, TaskOptions } from './workerPool';

const HERE = 'http://bench.test';
const JSON_TYPE = { 'content-type': 'application/json', host: 'bench.test' };
const post = (at: string, body: BodyInit, headers: Record<string, string> = {}) =>
  new Request(`${HERE}${at}`, { method: 'POST', body, headers: { ...JSON_TYPE, ...headers }, duplex: 'half' } as RequestInit);

/** A server whose pool does what the test says. */
function served(ended: Ended<Answer> = { failed: 'died', cause: 'RangeError' }) {
  const asked: { ask: Ask; options: TaskOptions }[] = [];
  const lines: LogLine[] = [];
  const run = (ask: Ask, options: TaskOptions) => {
    asked.push({ ask, options });
    return Promise.resolve(ended);
  };
  return { serve: newServer({ pool: { run }, log: (line) => lines.push(line) }), asked, lines };
}
const said = async (answer: Response) =>
  ((await answer.json()) as { issues: { why: { code: string }; told: unknown }[] }).issues[0]!.why.code;

/** A body that comes in parts, and then stays away if it does not end. */
const inParts = (parts: readonly Uint8Array[], ends: boolean) => {
  const left = [...parts];
  let cancelled = false;
  const stream = new ReadableStream<Uint8Array>({
    pull(to) {
      const part = left.shift();
      if (part) to.enqueue(part);
      else if (ends) to.close();
      else return new Promise(() => {});
    },
    cancel: () => void (cancelled = true),
  });
  return { stream, wasCancelled: () => cancelled };
};

describe('turned away before the body is read', () => {
  test.each([
    ['another method', { method: 'GET' }, 405],
    ['a form, which any page may send', { headers: { 'content-type': 'text/plain' } }, 415],
    ['no type at all', { headers: { 'content-type': '' } }, 415],
    ['JSON by a longer name', { headers: { 'content-type': 'application/jsonp' } }, 415],
    ['a page of elsewhere', { headers: { origin: 'http://elsewhere.test' } }, 403],
    ['our name on another port', { headers: { origin: 'http://bench.test:81' } }, 403],
    ['a page without an origin', { headers: { origin: 'null' } }, 403],
    ['a browser that says it comes from elsewhere', { headers: { 'sec-fetch-site': 'cross-site' } }, 403],
    ['a page of ours', { headers: { origin: HERE, 'sec-fetch-site': 'same-origin' } }, null],
    ['no page', { headers: { 'content-type': 'Application/JSON; charset=utf-8' } }, null],
  ] as const)('%s', (_name, { method = 'POST', headers = {} }: { method?: string; headers?: object }, status) => {
    const request = new Request(`${HERE}/api/plan`, { method, headers: { ...JSON_TYPE, ...headers } });
    expect(turnedAway(request)?.status ?? null).toBe(status);
  });
});

describe('a body', () => {
  const limits = { mostBytes: 10, mostMs: 10_000 };
  test('in parts is put together', async () => {
    const { stream } = inParts([new Uint8Array([1, 2]), new Uint8Array([3])], true);
    expect(await bodyOf(post('/api/plan', stream), limits)).toEqual(new Uint8Array([1, 2, 3]));
  });
  test('that announces too much is not begun', async () => {
    const { stream } = inParts([], false);
    expect(await bodyOf(post('/api/plan', stream, { 'content-length': '11' }), limits)).toBe('too-large');
  });
  test('that turns out too large is cut off there', async () => {
    const { stream, wasCancelled } = inParts([new Uint8Array(6), new Uint8Array(5)], false);
    expect(await bodyOf(post('/api/plan', stream), limits)).toBe('too-large');
    expect(wasCancelled()).toBe(true);
  });
  test('that stays away is given up', async () => {
    const { stream, wasCancelled } = inParts([new Uint8Array(6)], false);
    expect(await bodyOf(post('/api/plan', stream), { ...limits, mostMs: 30 })).toBe('slow');
    expect(wasCancelled()).toBe(true);
  });
  test('whose sender breaks off is nobody’s', async () => {
    const stream = new ReadableStream<Uint8Array>({ pull: (to) => to.error(new Error('reset')) });
    expect(await bodyOf(post('/api/plan', stream), limits)).toBe('left');
  });
});

describe('answers', () => {
  test('of a thread go out as they are, kept by nobody', async () => {
    const body = new TextEncoder().encode('{"verdict":"go"}');
    const { serve, asked, lines } = served({ answer: { status: 200, language: 'fr', body } });
    const answer = await serve(post('/api/compose?seed=4', '{"kind":"a"}', { 'accept-language': 'fr' }));
    expect(await answer.json()).toEqual({ verdict: 'go' });
    expect(Object.fromEntries(answer.headers)).toMatchObject({
      'cache-control': 'no-store',
      'content-language': 'fr',
      vary: 'accept-language',
      'content-type': 'application/json; charset=utf-8',
    });
    expect(asked[0]!.ask).toMatchObject({ route: 'compose', query: '?seed=4', accept: 'fr' });
    expect(asked[0]!.options).toMatchObject({ limitMs: LIMITS.composeMs, rank: 1 });
    expect(lines).toEqual([expect.objectContaining({ route: 'compose', status: 200, bytes: 12 })]);
  });

  test.each([
    ['died', 500, 'request.failed'],
    ['busy', 503, 'request.busy'],
    ['late', 503, 'request.too-long'],
  ] as const)('work that ended as %s is %i', async (failed, status, code) => {
    const { serve, lines } = served({ failed, cause: 'RangeError' });
    const answer = await serve(post('/api/plan', '{"name":"secret"}'));
    expect(answer.status).toBe(status);
    expect(await said(answer)).toBe(code);
    expect(answer.headers.get('retry-after')).toBe(failed === 'busy' ? '5' : null);
    expect(JSON.stringify(lines)).not.toContain('secret');
    expect(lines).toHaveLength(1);
    expect(lines[0]!.cause).toBeDefined();
  });

  test('elsewhere under /api, and with another method, are JSON too', async () => {
    const { serve, asked } = served();
    for (const [at, status, code] of [
      ['/api', 404, 'request.address'],
      ['/api/', 404, 'request.address'],
      ['/api/plan/x', 404, 'request.address'],
      ['/api/constructor', 404, 'request.address'],
    ] as const) {
      const answer = await serve(post(at, '{}'));
      expect(answer.status).toBe(status);
      expect(await said(answer)).toBe(code);
    }
    const get = await serve(new Request(`${HERE}/api/plan`, { headers: { 'accept-language': 'es' } }));
    expect(get.status).toBe(405);
    expect(get.headers.get('allow')).toBe('POST');
    expect(get.headers.get('content-language')).toBe('es');
    expect(asked).toEqual([]);
  });

  test('too large a body ends the connection with its answer', async () => {
    const { serve, asked } = served();
    const answer = await serve(post('/api/plan', '{}', { 'content-length': String(LIMITS.bodyBytes + 1) }));
    expect(answer.status).toBe(413);
    expect(answer.headers.get('connection')).toBe('close');
    expect(await said(answer)).toBe('request.too-large');
    expect(asked).toEqual([]);
  });
});
