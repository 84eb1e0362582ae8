import { chromium as playwright } from '@playwright/test';
import { build, chromium, install, NEXT, start } from './shared.mjs';

/** One current picture of each station from the demo job, 1280×800, into docs/screenshots. */
const PORT = 3290;
const STATIONS = ['brief', 'compose', 'make', 'wire', 'place', 'days', 'log', 'hand-over'];

const executablePath = chromium();
if (!executablePath || !install() || !(await build())) process.exit(1);
const server = start(process.execPath, [NEXT, 'start', '-p', String(PORT)]);
const address = `http://127.0.0.1:${PORT}`;

async function answering() {
  for (let i = 0; i < 100; i++) {
    try {
      if ((await fetch(`${address}/icon.svg`)).ok) return;
    } catch {
      // not yet
    }
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  throw new Error('The server does not answer.');
}

/** Waits until the plan is there, every picture is made, and the turntable rests. */
async function settled(page) {
  await page.getByRole('link', { name: /^Make/ }).filter({ hasText: 'to make' }).waitFor();
  await page.waitForFunction(() => [...document.images].every((i) => i.complete && i.naturalWidth > 0));
  await page.waitForLoadState('networkidle');
  await page.waitForFunction(
    () =>
      new Promise((resolve) => {
        let last = document.querySelectorAll('img, image').length;
        setTimeout(() => resolve(document.querySelectorAll('img, image').length === last), 2500);
      }),
  );
}

try {
  await answering();
  const browser = await playwright.launch({
    executablePath,
    args: ['--no-sandbox', '--disable-background-networking', '--disable-sync'],
  });
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}/compose`);
  await settled(page);
  const shot = async (name) => {
    await settled(page);
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
    console.log(`docs/screenshots/${name}.png`);
  };
  for (const station of STATIONS) {
    await page.goto(`${address}/${station}`);
    await shot(station);
  }
  await page.goto(`${address}/make`);
  for (const [side, name] of [
    ['Colours', 'make-colours'],
    ['Price', 'make-price'],
    ['Own species', 'make-species'],
  ]) {
    await page.getByRole('radio', { name: side, exact: true }).click();
    if (side === 'Own species') {
      await page
        .getByRole('button', { name: /Begin from/ })
        .first()
        .click();
      await page.getByRole('option', { name: 'Round-leaf sprig' }).click();
      await page.getByRole('button', { name: 'Copy it' }).click();
      const line = page.getByRole('textbox', { name: 'Said in a line, sizes in mm' });
      await line.fill('6 pairs 18 to 43, 30 ga, fifths, on 20 ga');
      await line.press('Enter');
      await page.getByRole('region', { name: 'How it is built' }).evaluate((e) => e.scrollIntoView());
    }
    await shot(name);
  }
  await page.goto(`${address}/compose`);
  await page.getByRole('button', { name: 'Take the line in hand' }).click();
  await shot('compose-line');
  await page.getByRole('button', { name: 'Let the line go' }).click();
  await page.getByRole('button', { name: 'All sides' }).click();
  await shot('compose-sides');
  await page.getByRole('button', { name: 'One view' }).click();
  await page.getByRole('button', { name: 'Propose three' }).click();
  await page.getByRole('group', { name: 'Proposals' }).getByRole('button').nth(2).waitFor({ timeout: 120_000 });
  await shot('compose-proposals');
  await page.goto(`${address}/jobs`);
  await page.getByRole('button', { name: /^Open Astronomy/ }).click();
  await page.getByRole('heading', { name: 'Astronomy club, two dozen' }).waitFor();
  await shot('compose-plaque');
  await page.goto(`${address}/jobs`);
  await page.getByRole('button', { name: /^Open Midwinter/ }).click();
  await page.getByRole('heading', { name: 'Midwinter wreath' }).waitFor();
  await shot('compose-wreath');
  await page.goto(`${address}/wire`);
  await shot('wire-sprays');
  await page.getByRole('button', { name: 'At the bench, step by step' }).click();
  await page.getByRole('radio', { name: 'Tape' }).click();
  for (let joint = 0; joint < 9; joint++) await page.keyboard.press('ArrowRight');
  await shot('bench');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Evening light' }).click();
  await page.goto(`${address}/compose`);
  await shot('compose-evening');
  await browser.close();
} finally {
  server.kill('SIGTERM');
}
