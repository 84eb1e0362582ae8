import { readFileSync, writeFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { label } from './label';
import { goTo, openBench, saved, STATIONS, undo, watch } from './bench';

test.use({ serviceWorkers: 'allow' });

/** One visit, after which everything that the application needs is on the device. */
async function visitOnce(page: Page): Promise<void> {
  await openBench(page);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller?.state ?? null)).toBe('activated');
}

test('after one visit the main job is done with the network off: every station, composing, solving, fonts, saving', async ({
  page,
  context,
}) => {
  test.setTimeout(180_000);
  await visitOnce(page);
  await context.setOffline(true);
  const seen = watch(page);
  await page.reload();
  await openBench(page);
  expect(
    await page.evaluate(async () => {
      await document.fonts.ready;
      return [...document.fonts].filter((f) => f.status === 'loaded').length;
    }),
  ).toBeGreaterThan(0);
  for (const name of STATIONS) {
    await goTo(page, name);
    await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
  }
  const solver = await page.evaluate(async () => {
    const kept = await Promise.all((await caches.keys()).map(async (name) => (await caches.open(name)).keys()));
    const at = kept.flat().find((r) => /\.wasm/.test(r.url))!.url;
    return WebAssembly.Module.exports(await WebAssembly.compile(await (await fetch(at)).arrayBuffer())).length;
  });
  expect(solver).toBeGreaterThan(10);
  await goTo(page, 'Compose');
  await page.getByRole('button', { name: label('compose.propose-three') }).click();
  const full = page.getByRole('group', { name: label('compose.proposals') }).getByRole('button', { name: /Full/ });
  await full.click({ timeout: 60_000 });
  await expect(full).toHaveAttribute('aria-pressed', 'true');
  await expect(undo(page)).toBeEnabled();
  await saved(page);
  await page.reload();
  await openBench(page);
  expect(seen.errors.filter((e) => !/ERR_INTERNET_DISCONNECTED/.test(e))).toEqual([]);
});

test('a newer build waits until it is asked for, and nothing of the open job is lost by the change', async ({ page }) => {
  await visitOnce(page);
  const worker = readFileSync('public/offline.js', 'utf8');
  try {
    writeFileSync('public/offline.js', `${worker}\n// newer`);
    await page.evaluate(async () => (await navigator.serviceWorker.ready).update());
    const offer = page.getByRole('button', { name: label('shell.change-to-it-now') });
    await expect(offer).toBeVisible();
    // it waits: the page that is open is still served by the older one
    expect(await page.evaluate(async () => (await navigator.serviceWorker.ready).waiting?.state)).toBe('installed');
    await goTo(page, 'Brief');
    await page.getByLabel(label('brief.at-the-table')).fill('77');
    await Promise.all([page.waitForEvent('load'), offer.click()]);
    await openBench(page, '/brief');
    await expect(page.getByLabel(label('brief.at-the-table'))).toHaveValue('77');
    expect(await page.evaluate(async () => (await navigator.serviceWorker.ready).waiting)).toBeNull();
  } finally {
    writeFileSync('public/offline.js', worker);
  }
});

test('it can be installed: manifest with own icons that are the size they say', async ({ page, request }) => {
  await page.goto('/compose');
  const at = await page.locator('link[rel="manifest"]').getAttribute('href');
  const manifest = (await (await request.get(at!)).json()) as { start_url: string; icons: { src: string; sizes: string }[] };
  expect((await request.get(manifest.start_url)).ok()).toBe(true);
  for (const icon of manifest.icons) {
    const png = await (await request.get(icon.src)).body();
    // PNG (ISO/IEC 15948): width and height stand at bytes 16 to 23
    expect(`${png.readUInt32BE(16)}x${png.readUInt32BE(20)}`).toBe(icon.sizes);
  }
});
