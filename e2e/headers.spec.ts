import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { label } from './label';
import { openBench, STATIONS, stationLink, watch } from './bench';

const PAGES = ['/compose', '/brief', '/make', '/wire', '/place', '/days', '/log', '/hand-over', '/jobs', '/helper', '/nowhere'];

test('every page is sent with a policy that allows no script but ours (names of headers: W3C CSP 3, WHATWG Fetch)', async ({
  request,
}) => {
  for (const page of PAGES) {
    const headers = (await request.get(page)).headers();
    const policy = Object.fromEntries(
      headers['content-security-policy']!.split('; ').map((part) => [part.split(' ')[0], part.split(' ').slice(1)]),
    ) as Record<string, string[]>;
    expect(policy['script-src'], page).not.toContain("'unsafe-inline'");
    expect(policy['script-src'], page).not.toContain("'unsafe-eval'");
    for (const source of policy['script-src']!) expect(source).toMatch(/^'(self|wasm-unsafe-eval|sha256-[A-Za-z0-9+/]{43}=)'$/);
    expect(policy['default-src']).toEqual(["'self'"]);
    for (const closed of ['object-src', 'base-uri', 'frame-ancestors']) expect(policy[closed], closed).toEqual(["'none'"]);
    expect(headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'no-referrer',
      'cross-origin-opener-policy': 'same-origin',
    });
    expect(headers['x-powered-by']).toBeUndefined();
  }
});

test('under that policy every station works and the browser refuses nothing', async ({ page }) => {
  const seen = watch(page);
  await openBench(page);
  for (const name of STATIONS) {
    await stationLink(page, name).click();
    await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
  }
  expect(seen.errors).toEqual([]);
  expect(seen.outside).toEqual([]);
});

test('markup in a name is shown as it is written and never runs; a script put into the page is refused', async ({ page }) => {
  await openBench(page, '/jobs');
  const job = JSON.parse(readFileSync('src/core/demo/demo-astronomy-toppers.ofrenda.json', 'utf8')) as Record<string, unknown>;
  const name = '<img src=x onerror="window.ran=1"><script>window.ran=1</script>';
  await page.getByLabel(label('jobs.job-file')).setInputFiles({
    name: 'job.ofrenda.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...job, name })),
  });
  await expect(page.getByRole('heading', { name })).toBeVisible();
  const ran = await page.evaluate(async () => {
    const script = document.createElement('script');
    script.textContent = 'window.ran = 2';
    document.body.append(script);
    const picture = document.createElement('div');
    picture.innerHTML = '<img src="x" onerror="window.ran = 3">';
    document.body.append(picture);
    await new Promise((done) => picture.firstElementChild!.addEventListener('error', done));
    return (window as unknown as { ran?: number }).ran ?? null;
  });
  expect(ran).toBeNull();
});
