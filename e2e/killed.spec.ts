import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, expect, test, type Browser, type Page } from '@playwright/test';
import { label } from './label';

/** How often; the order of the moments is seeded, so that a run can be repeated. */
const KILLS = Number(process.env.KILLS ?? 200);
const SEED = 20261126;
/** Browsers at once, each on a profile of its own. */
const LANES = Number(process.env.KILL_LANES ?? 4);

const FLAGS = [
  '--headless=new',
  '--window-size=1280,900',
  '--no-sandbox',
  '--disable-gpu',
  '--no-first-run',
  '--disable-extensions',
  '--disable-sync',
];

/** A generator of numbers in 0…1 (mulberry32, by T. Ettinger, public domain; from memory). */
function seeded(seed: number): () => number {
  let a = seed;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A real Chromium on a profile of its own, in its own process group, so that all of it can be killed at once. */
async function started(profile: string): Promise<{ browser: Browser; process: ChildProcess }> {
  const process_ = spawn(
    process.env.CHROMIUM ?? '/usr/bin/chromium',
    [...FLAGS, '--remote-debugging-port=0', `--user-data-dir=${profile}`, 'about:blank'],
    { detached: true, stdio: ['ignore', 'ignore', 'pipe'] },
  );
  const address = await new Promise<string>((resolve, reject) => {
    let text = '';
    process_.stderr!.on('data', (part: Buffer) => {
      text += part.toString();
      const found = /DevTools listening on (ws:\S+)/.exec(text);
      if (found) resolve(found[1]!);
    });
    process_.on('exit', () => reject(new Error(`Chromium ended before it listened: ${text.slice(-400)}`)));
  });
  return { browser: await chromium.connectOverCDP(address), process: process_ };
}

/** Kills the browser with all its processes, without a chance to finish anything, and waits until it is gone. */
async function kill(process_: ChildProcess): Promise<void> {
  const gone = new Promise((resolve) => process_.once('exit', resolve));
  process.kill(-process_.pid!, 'SIGKILL');
  await gone;
}

/** Changes the number of guests again and again as a person with quick fingers would, and tells each value that the mark called saved. */
async function editing(page: Page, onSaved: (guests: number) => void): Promise<void> {
  await page.exposeFunction('tellSaved', onSaved);
  await page.evaluate(() => {
    const field = document.activeElement as HTMLInputElement;
    const mark = document.querySelector('[aria-label="Saving"]')!;
    new MutationObserver(() => {
      if (mark.textContent === 'saved') (window as unknown as { tellSaved(n: number): void }).tellSaved(Number(field.value));
    }).observe(mark, { childList: true, characterData: true, subtree: true });
  });
}

/** Starts, edits and kills one browser again and again on one profile; how often the mark said saved. */
async function lane(baseURL: string, kills: number, random: () => number): Promise<number> {
  const profile = mkdtempSync(path.join(tmpdir(), 'ofrenda-killed-'));
  let [acknowledged, pressed, seenSaved, saveMs] = [0, 0, 0, 0];
  try {
    for (let round = 0; round <= kills; round++) {
      const { browser, process: process_ } = await started(profile);
      try {
        const page = browser.contexts()[0]!.pages()[0]!;
        await page.goto(`${baseURL}/brief`);
        const field = page.getByRole('textbox', { name: label('brief.at-the-table') });
        await expect(page.getByRole('heading', { name: 'Harbour library, a hundred years' })).toBeVisible();
        const kept = Number(await field.inputValue());
        if (round > 0) {
          expect(kept, `round ${round}: kept of what was shown as saved`).toBeGreaterThanOrEqual(acknowledged);
          expect(kept, `round ${round}: never more than was typed`).toBeLessThanOrEqual(pressed);
        }
        acknowledged = pressed = kept;
        await field.focus();
        await editing(page, (guests) => {
          acknowledged = guests;
          seenSaved++;
        });
        if (!saveMs) {
          // how long a save takes on this machine; the moments to kill at are spread about it
          const before = Date.now();
          pressed++;
          await page.keyboard.press('ArrowUp');
          await expect.poll(() => acknowledged).toBe(pressed);
          saveMs = Date.now() - before;
        }
        const until = Date.now() + saveMs * (0.4 + 2 * random());
        while (Date.now() < until) {
          pressed++;
          await page.keyboard.press('ArrowUp');
          // fingers rest now and then, long enough for a save to begin or to end
          if (random() < 0.3) await page.waitForFunction((end) => Date.now() > end, Date.now() + random() * saveMs);
        }
      } finally {
        await kill(process_);
      }
    }
  } finally {
    rmSync(profile, { recursive: true, force: true, maxRetries: 5 });
  }
  return seenSaved;
}

test(`killed ${KILLS} times in the middle of edits: nothing that was shown as saved is lost, and the job opens (seed ${SEED})`, async ({
  baseURL,
}) => {
  test.setTimeout(KILLS * 12_000 + 60_000);
  const each = Math.ceil(KILLS / LANES);
  const seen = await Promise.all(Array.from({ length: LANES }, (_, i) => lane(baseURL!, each, seeded(SEED + i))));
  // the mark really said saved in between, many times
  expect(seen.reduce((a, b) => a + b, 0)).toBeGreaterThan(KILLS / 2);
});
