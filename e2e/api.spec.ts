import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';

const DEMO = readFileSync('src/core/demo/demo-astronomy-toppers.ofrenda.json', 'utf8');
const json = { headers: { 'content-type': 'application/json' } };

test('POST /api/plan answers as the command line does', async ({ request }) => {
  const answer = await request.post('/api/plan', { data: DEMO, ...json });
  expect(answer.status()).toBe(200);
  const plan = (await answer.json()) as { verdict: string; heads: unknown[]; handOver: { goesIn: number; comesOut: number } };
  expect(plan.verdict).toBe('go');
  expect(plan.heads.length).toBeGreaterThan(3);
  expect(plan.handOver.goesIn).toBe(plan.handOver.comesOut);
});

test('POST /api/compose proposes, the same for the same seed', async ({ request }) => {
  const ask = async () =>
    (await (await request.post('/api/compose?seed=3&proposals=2', { data: DEMO, ...json })).json()) as {
      proposals: { name: string; arrangement: unknown }[];
    };
  const [a, b] = [await ask(), await ask()];
  expect(a.proposals).toHaveLength(2);
  expect(b).toEqual(a);
});

test('bad input: 400 with the same issues as the command line, too much: 413', async ({ request }) => {
  const post = (data: string, path = '/api/plan') => request.post(path, { data, ...json });
  const refused = await post('{"kind":"recipe"}');
  expect(refused.status()).toBe(400);
  expect(await refused.json()).toMatchObject({ issues: [{ path: 'kind', expected: 'ofrenda.project', received: '"recipe"' }] });
  expect((await post('dear diary')).status()).toBe(400);
  const flat = JSON.parse(DEMO) as { cake: { tiers: { heightMm: number }[] } };
  flat.cake.tiers[0]!.heightMm = 0;
  const height = await post(JSON.stringify(flat));
  expect(await height.json()).toMatchObject({ issues: [{ path: 'cake.tiers.0.heightMm' }] });
  expect((await post(DEMO, '/api/compose?seed=luck')).status()).toBe(400);
  expect((await post(DEMO, '/api/compose?proposals=900')).status()).toBe(400);
  const many = JSON.parse(DEMO) as { arrangements: { pieces: { id: string }[] }[] };
  const one = many.arrangements[0]!.pieces[0]!;
  many.arrangements[0]!.pieces = Array.from({ length: 500 }, (_, i) => ({ ...one, id: `p${i}` }));
  expect((await post(JSON.stringify(many))).status()).toBe(413);
});
