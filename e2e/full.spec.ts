import { execFileSync } from 'node:child_process';
import { appendFileSync, mkdtempSync, rmSync, statfsSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { chromium, expect, test } from '@playwright/test';
import { openBench, saved } from './bench';
import { label } from './label';

/** What the disk still has when the first edit is stored, bytes: a part of one write. */
const LEFT = 60_000;

/** Writes to `filler` until the disk it lies on has at most `left` bytes. */
function fill(filler: string, left: number): void {
  const { bavail, bsize } = statfsSync(path.dirname(filler));
  if (bavail * bsize > left) appendFileSync(filler, Buffer.alloc(bavail * bsize - left));
}

const tried = (...command: [string, ...string[]]): boolean => {
  try {
    execFileSync(command[0], command.slice(1), { stdio: 'ignore' });
    return true;
  } catch {
    return false;
  }
};

test('a disk that is really full is said, the job is there as a file, and with room again it is stored', async ({ baseURL }) => {
  test.setTimeout(240_000);
  const disk = mkdtempSync(path.join(tmpdir(), 'ofrenda-disk-'));
  // a file system of its own needs rights that not every machine gives
  test.skip(!tried('mount', '-t', 'tmpfs', '-o', 'size=160m', 'tmpfs', disk), 'no small file system can be made here');
  const open = () =>
    chromium.launchPersistentContext(path.join(disk, 'profile'), {
      executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disk-cache-size=1000000', '--disable-gpu'],
      baseURL: baseURL!,
      serviceWorkers: 'block',
      viewport: { width: 1280, height: 800 },
    });
  const filler = path.join(disk, 'filler');
  let context = await open();
  try {
    let page = context.pages()[0] ?? (await context.newPage());
    await openBench(page, '/brief');
    const guests = page.getByRole('textbox', { name: label('brief.at-the-table') });
    const edit = async (count: string) => {
      await guests.fill(count);
      await guests.press('Tab');
    };
    await edit('81');
    await saved(page);
    const sign = page.locator('main').getByRole('alert');
    let count = 100;
    await expect(async () => {
      // the browser gives room back now and then: what it writes of itself, spare files
      fill(filler, LEFT / 2 ** (count - 100));
      await edit(`${++count}`);
      await expect(sign.first()).toBeVisible({ timeout: 3000 });
    }).toPass({ timeout: 60_000 });
    await expect(page.getByRole('status', { name: label('shell.saving-2') })).toHaveText('not saved');
    rmSync(filler);
    await sign.getByRole('button', { name: label('shell.store-it-again') }).click();
    await saved(page);
    await page.reload();
    await expect(guests).toHaveValue(`${count}`);
    // nor does the browser find what is stored broken when it starts the next time
    await context.close();
    context = await open();
    page = context.pages()[0] ?? (await context.newPage());
    await openBench(page, '/brief');
    await expect(page.getByRole('textbox', { name: label('brief.at-the-table') })).toHaveValue(`${count}`);
  } finally {
    await context.close();
    tried('umount', disk);
    rmSync(disk, { recursive: true, force: true });
  }
});
