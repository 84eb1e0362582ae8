import { spawn } from 'node:child_process';
import { chromium, type Browser, type Page } from '@playwright/test';
import { FULL_DENSITY } from '../src/core/compose/proposal';
import { composeAll } from '../src/core/compose/composer';
import { writeProjectFile } from '../src/core/formats/projectFile';
import { newProject } from '../src/core/plan/newProject';
import { drawLine } from '../src/core/compose/line';
import { shareOut } from '../src/core/compose/shareOut';
import { benchCases } from './cases';
import { SHIPPED } from '../src/core/botany/catalogue';

/**
 * The turntable in a real browser without a graphics card: draw calls and triangles of one drawn frame (shadows included),
 * script time of a frame, and how long a frame takes with software rendering. Needs a built application.
 */
const PORT = 3295;
const SIZES = [45, 150, 300];
const say = (line: string) => process.stdout.write(`${line}\n`);

/** The wide wreath with about so many pieces. */
function projectOf(pieces: number): string {
  const { request } = benchCases().find((c) => c.name.startsWith('a wide wreath'))!;
  const line = drawLine(request.arrangement.line, request.cake)!;
  let density = 1;
  for (let round = 0; round < 12; round++) {
    const counts = shareOut(line, { ...request, density }, SHIPPED);
    density *= pieces / counts.reduce((a, k) => a + k.count, 0);
  }
  const counts = shareOut(line, { ...request, density }, SHIPPED);
  const { arrangement } = composeAll({ ...request, counts, effort: 0.05 })[0]!;
  const id = `wreath-${pieces}`;
  return writeProjectFile({ ...newProject(id, id, '2027-06-12T09:30'), cake: request.cake, arrangements: [arrangement] });
}

/** An empty crescent that asks for about so many pieces. */
function sprayOf(pieces: number): string {
  const { request } = benchCases().find((c) => c.name === 'crescent, one tier')!;
  const plan = newProject('spray', 'spray', '2027-06-12T09:30');
  const counted = (widthMm: number) => {
    const line = drawLine({ ...request.arrangement.line, widthMm } as typeof request.arrangement.line, request.cake)!;
    return shareOut(line, { ...request, density: FULL_DENSITY }, SHIPPED).reduce((a, k) => a + k.count, 0);
  };
  let widthMm = 20;
  while (counted(widthMm) < pieces && widthMm < 120) widthMm += 0.5;
  const line = { ...request.arrangement.line, widthMm } as typeof request.arrangement.line;
  return writeProjectFile({
    ...plan,
    brief: { ...plan.brief, style: request.style, choices: [...request.choices] },
    cake: request.cake,
    arrangements: [{ ...request.arrangement, line, pieces: [] }],
  });
}

interface Frame {
  calls: number;
  triangles: number;
  scriptMs: number;
  at: number;
}

/** Counts what is drawn between one animation frame and the next. Runs in the page before anything else. */
function watchFrames(): void {
  const frames: Frame[] = [];
  let now = { calls: 0, triangles: 0 };
  const context = WebGL2RenderingContext.prototype as unknown as Record<string, (...args: number[]) => void>;
  const count = (name: string, vertices: number, times: number | null) => {
    const plain = context[name]!;
    context[name] = function (this: unknown, ...args: number[]) {
      now.calls++;
      if (args[0] === 4) now.triangles += (args[vertices]! / 3) * (times === null ? 1 : args[times]!);
      return plain.apply(this, args);
    };
  };
  count('drawElements', 1, null);
  count('drawArrays', 2, null);
  count('drawElementsInstanced', 1, 4);
  count('drawArraysInstanced', 2, 3);
  const ask = window.requestAnimationFrame.bind(window);
  window.requestAnimationFrame = (work) =>
    ask((time) => {
      now = { calls: 0, triangles: 0 };
      const from = performance.now();
      work(time);
      if (now.calls > 0) frames.push({ ...now, scriptMs: performance.now() - from, at: time });
    });
  Object.assign(window, { drawnFrames: frames });
}

const median = (values: readonly number[]): number => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? NaN;
/** So many turns that draw the same say that nothing more is on its way. */
const STILL_FRAMES = 12;

/** Every kind's triangles are there when many turns in a row draw the same. */
async function settled(page: Page): Promise<void> {
  const table = page.getByRole('application', { name: /^Turntable/ });
  for (let last = -1, same = 0; same < STILL_FRAMES;) {
    await table.press('r');
    await table.press('f');
    await drawn(page);
    const { triangles } = (await framesOf(page)).pop()!;
    same = triangles === last ? same + 1 : 0;
    last = triangles;
  }
}

/** Waits until so many frames have been drawn since they were last taken. */
const drawn = (page: Page, count = 1) =>
  page.waitForFunction((n) => (window as unknown as { drawnFrames: Frame[] }).drawnFrames.length >= n, count);
const framesOf = (page: Page) => page.evaluate(() => (window as unknown as { drawnFrames: Frame[] }).drawnFrames.splice(0));

async function turn(page: Page, pieces: number): Promise<void> {
  await page.goto(`http://127.0.0.1:${PORT}/jobs`);
  await page
    .getByLabel('Job file')
    .setInputFiles({ name: 'wreath.json', mimeType: 'application/json', buffer: Buffer.from(projectOf(pieces)) });
  await page.getByRole('heading', { name: `wreath-${pieces}` }).waitFor();
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: /^Compose/ })
    .click();
  const box = (await page.locator('canvas').boundingBox())!;
  await page.getByRole('link', { name: /^Make/ }).filter({ hasText: 'to make' }).waitFor();
  await settled(page);
  // dragging beside the cake turns the table
  const from = { x: box.x + box.width * 0.86, y: box.y + box.height * 0.2 };
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  for (let i = 1; i <= 40; i++) {
    await page.mouse.move(from.x - i * 4, from.y);
    await drawn(page, i);
  }
  await page.mouse.up();
  const frames = await framesOf(page);
  const steps = frames.slice(1).map((f, i) => f.at - frames[i]!.at);
  const last = frames[frames.length - 1]!;
  say(
    `turntable, ${pieces} pieces: ${last.calls} draw calls, ${Math.round(last.triangles / 1000)} thousand triangles, ` +
      `script ${median(frames.map((f) => f.scriptMs)).toFixed(1)} ms a frame, software frame ${median(steps).toFixed(0)} ms (${frames.length} frames)`,
  );
}

async function measure(page: Page): Promise<void> {
  // the compiler marks functions with their names; the page does not know how
  await page.addInitScript('globalThis.__name = (f) => f');
  await page.addInitScript(watchFrames);
  for (const pieces of SIZES) await turn(page, pieces);
  await propose(page, 'the demo cascade', () =>
    page
      .getByRole('button', { name: /Harbour library/ })
      .first()
      .click(),
  );
  await propose(page, 'an empty crescent', async () => {
    const buffer = Buffer.from(sprayOf(45));
    await page.getByLabel('Job file').setInputFiles({ name: 'spray.json', mimeType: 'application/json', buffer });
    await page.getByRole('heading', { name: 'spray' }).waitFor();
  });
}

/** How long proposals take to be seen and to be polished, both cores at work. */
async function propose(page: Page, name: string, open: () => Promise<void>): Promise<void> {
  await page.goto(`http://127.0.0.1:${PORT}/jobs`);
  await open();
  await page
    .getByRole('navigation', { name: 'Stations' })
    .getByRole('link', { name: /^Compose/ })
    .click();
  await page.getByRole('link', { name: /^Make/ }).waitFor();
  await settled(page);
  const asked = performance.now();
  const since = () => `${((performance.now() - asked) / 1000).toFixed(1)} s`;
  await page.getByRole('button', { name: 'Propose three' }).click();
  await page.getByRole('progressbar', { name: 'Composing' }).locator('xpath=..').locator('img').first().waitFor();
  const seen = since();
  const proposals = page.getByRole('group', { name: 'Proposals' }).getByRole('button');
  await proposals.first().waitFor();
  const first = since();
  await proposals.nth(2).waitFor();
  say(
    `proposals for ${name}: the first seen after ${seen}; polished, the first on the shelf after ${first}, three after ${since()} ` +
      `(${(await proposals.allInnerTexts()).map((t) => t.replace(/\s+/g, ' ')).join('; ')})`,
  );
}

const STATIONS = ['brief', 'compose', 'make', 'wire', 'place', 'days', 'log', 'hand-over'];

/** Notes in the page when the first heading of its station stands: waiting from outside adds up to a quarter of a second. */
const NOTE_HEADING = () => {
  new MutationObserver((_, watch) => {
    if (!document.querySelector('main :is(h1, h2, h3)')) return;
    document.documentElement.dataset.headingMs = String(performance.now());
    watch.disconnect();
  }).observe(document, { subtree: true, childList: true });
};

/** Whether the plan of the open job lies in the browser's store. */
const PLAN_IS_KEPT = () =>
  new Promise<boolean>((resolve) => {
    const opened = indexedDB.open('ofrenda');
    opened.onerror = () => resolve(false);
    opened.onsuccess = () => {
      const asked = opened.result.transaction('settings').objectStore('settings').count('lastPlan');
      asked.onsuccess = () => {
        opened.result.close();
        resolve(asked.result > 0);
      };
    };
  });

/** How long each station takes from a cold start to its first heading (target: 1 s), in a browser that has the jobs and nothing loaded. */
async function openings(browser: Browser, planKept: boolean): Promise<void> {
  const took: string[] = [];
  for (const station of STATIONS) {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' });
    const page = await context.newPage();
    await page.addInitScript(NOTE_HEADING);
    await page.goto(`http://127.0.0.1:${PORT}/jobs`);
    await page.getByRole('button', { name: /^Open Harbour/ }).waitFor();
    // a promise counts as true for waitForFunction
    while (planKept && !(await page.evaluate(PLAN_IS_KEPT))) await page.waitForTimeout(100);
    await page.goto('about:blank');
    await page.goto(`http://127.0.0.1:${PORT}/${station}`);
    await page.locator('main').getByRole('heading').first().waitFor();
    const ms = await page.evaluate(() => Number(document.documentElement.dataset.headingMs));
    took.push(`${station} ${(ms / 1000).toFixed(2)} s`);
    await context.close();
  }
  say(`stations from a cold start, ${planKept ? 'the plan kept' : 'no plan kept'}: ${took.join(', ')}`);
}

async function main(): Promise<void> {
  const server = spawn(process.execPath, ['node_modules/next/dist/bin/next', 'start', '-p', String(PORT)], { stdio: 'ignore' });
  const browser = await chromium.launch({ executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium', args: ['--no-sandbox'] });
  try {
    for (let tries = 0; tries < 100; tries++) {
      const answers = await fetch(`http://127.0.0.1:${PORT}/icon.svg`).catch(() => null);
      if (answers?.ok) break;
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
    await openings(browser, false);
    await openings(browser, true);
    await measure(await browser.newPage({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' }));
  } finally {
    await browser.close();
    server.kill();
  }
}

void main();
