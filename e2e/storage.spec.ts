import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import { label } from './label';
import { goTo, openBench, saved, undo } from './bench';

const ASTRONOMY = readFileSync('src/core/demo/demo-astronomy-toppers.ofrenda.json', 'utf8');

const sign = (page: Page) => page.locator('main').getByRole('alert');
const guests = (page: Page) => page.getByRole('textbox', { name: label('brief.at-the-table') });

async function edit(page: Page, count: string): Promise<void> {
  const field = guests(page);
  await field.fill(count);
  await field.press('Tab');
}

test('storage that is full is said at once, with the job as a file beside it; with room again it is stored', async ({ page }) => {
  // a browser answers so when it has no room left; how much room this one has cannot be set from outside
  await page.addInitScript(() => {
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (...args) {
      if ('full' in window) throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
      return put.apply(this, args);
    };
  });
  await openBench(page, '/brief');
  await page.evaluate(() => void Object.assign(window, { full: true }));
  await edit(page, '71');
  await expect(sign(page)).toContainText('no room left');
  await expect(page.getByRole('status', { name: label('shell.saving-2') })).toHaveText('not saved');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    sign(page)
      .getByRole('button', { name: label('shell.save-job-as-file') })
      .click(),
  ]);
  const job = JSON.parse(readFileSync(await file.path(), 'utf8')) as { brief: { guests: number } };
  expect(job.brief.guests).toBe(71);
  await page.evaluate(() => void delete (window as { full?: true }).full);
  await sign(page)
    .getByRole('button', { name: label('shell.store-it-again') })
    .click();
  await expect(sign(page)).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(guests(page)).toHaveValue('71');
});

test('a browser that gives no storage still works, and says that jobs last only as long as the page', async ({ page }) => {
  await page.addInitScript(() => {
    // what browsers do in a private window or with storage switched off
    IDBFactory.prototype.open = () => {
      throw new DOMException('The operation is insecure.', 'SecurityError');
    };
  });
  await openBench(page, '/brief');
  await expect(sign(page)).toContainText('stores nothing here');
  await edit(page, '72');
  await saved(page);
  await goTo(page, 'Compose');
  await goTo(page, 'Brief');
  await expect(guests(page)).toHaveValue('72');
  // nothing was kept, so nothing was cleared
  await page.reload();
  await expect(sign(page)).toContainText('stores nothing here');
  await expect(sign(page)).toHaveCount(1);
});

test('storage that the browser clears is said, and the open job is stored again', async ({ page, context }) => {
  await openBench(page, '/brief');
  await edit(page, '73');
  await saved(page);
  const browser = await context.newCDPSession(page);
  await browser.send('Storage.clearDataForOrigin', { origin: new URL(page.url()).origin, storageTypes: 'indexeddb' });
  await expect(sign(page)).toContainText('cleared what was stored');
  await sign(page)
    .getByRole('button', { name: label('shell.store-it-again') })
    .click();
  await saved(page);
  await page.reload();
  await expect(guests(page)).toHaveValue('73');
});

test('storage that the browser cleared between two visits is said at the next', async ({ page, context }) => {
  await openBench(page, '/brief');
  await expect(sign(page)).toHaveCount(0);
  const { origin } = new URL(page.url());
  await page.goto('about:blank');
  const browser = await context.newCDPSession(page);
  await browser.send('Storage.clearDataForOrigin', { origin, storageTypes: 'indexeddb' });
  await openBench(page, '/brief');
  await expect(sign(page)).toContainText('restore them from a backup');
  // it is said once
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Harbour library, a hundred years' })).toBeVisible();
  await expect(sign(page)).toHaveCount(0);
});

test.describe('with file access', () => {
  test('a job is opened from a file of the device and saved into the same one', async ({ page }) => {
    // the dialogs are answered by the test; the files behind them are real ones of the browser's own file system
    await page.addInitScript(
      (text) => {
        const handle = async () => {
          const folder = await navigator.storage.getDirectory();
          return folder.getFileHandle('toppers.ofrenda.json', { create: true });
        };
        Object.assign(window, {
          showOpenFilePicker: async () => {
            const file = await handle();
            const out = await file.createWritable();
            await out.write(text);
            await out.close();
            return [file];
          },
          showSaveFilePicker: () => Promise.reject(new DOMException('closed', 'AbortError')),
        });
      },
      ASTRONOMY.replace('"guests": ', '"guests": 1'),
    );
    await openBench(page, '/jobs');
    const before = JSON.parse(ASTRONOMY) as { name: string };
    await page.getByRole('button', { name: label('jobs.open-a-file') }).click();
    await expect(page.getByRole('status').filter({ hasText: 'is open' })).toContainText(before.name);
    await page.getByRole('link', { name: label('shell.brief') }).click();
    await edit(page, '74');
    await saved(page);
    await page.getByRole('link', { name: label('shared.jobs') }).click();
    await page.getByRole('button', { name: label('shared.export-the-open-job') }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Saved into toppers.ofrenda.json' })).toBeVisible();
    const written = await page.evaluate(async () => {
      const folder = await navigator.storage.getDirectory();
      return (await (await folder.getFileHandle('toppers.ofrenda.json')).getFile()).text();
    });
    expect((JSON.parse(written) as { brief: { guests: number } }).brief.guests).toBe(74);
  });
});

async function drop(page: Page, name: string, text: string): Promise<void> {
  const data = await page.evaluateHandle(
    ([n, t]) => {
      const transfer = new DataTransfer();
      transfer.items.add(new File([t!], n!));
      return transfer;
    },
    [name, text],
  );
  await page.dispatchEvent('main', 'dragenter', { dataTransfer: data });
  await expect(page.getByText(label('shell.let-go-job-packet-or'))).toBeVisible();
  await page.dispatchEvent('main', 'drop', { dataTransfer: data });
}

test('a file that is dragged in is opened; one that is none of ours is said, and nothing changes', async ({ page }) => {
  await openBench(page, '/brief');
  await drop(page, 'notes.txt', 'flour, sugar');
  await expect(sign(page)).toContainText('is no job, packet or backup');
  await expect(page.getByRole('heading', { name: 'Harbour library, a hundred years' })).toBeVisible();
  await drop(page, 'mine.ofrenda.json', ASTRONOMY.replace(/"name": "[^"]*"/, '"name": "Dragged in"'));
  await expect(page.getByRole('heading', { name: 'Dragged in' })).toBeVisible();
  await expect(page).toHaveURL(/\/compose$/);
});

/** Dexie stores its version times ten. */
const SCHEMAS = [
  { version: 1, stores: { jobs: ['id', ['updatedAt']], settings: ['key', []] } },
  { version: 2, stores: { jobs: ['id', ['updatedAt']], settings: ['key', []], photos: ['id', ['jobId']] } },
] as const;

for (const { version, stores } of SCHEMAS)
  test(`a browser that still has the tables of version ${version} opens its jobs, and keeps them`, async ({ page }) => {
    await page.goto('/icon.svg');
    await page.evaluate(
      ([job, n, tables]) =>
        new Promise<void>((done, fail) => {
          const asked = indexedDB.open('ofrenda', n * 10);
          asked.onerror = () => fail(asked.error ?? new Error('no database'));
          asked.onupgradeneeded = () => {
            for (const [name, [key, indexes]] of Object.entries(tables)) {
              const table = asked.result.createObjectStore(name, { keyPath: key as string });
              for (const index of indexes) table.createIndex(index, index);
            }
          };
          asked.onsuccess = () => {
            const project = JSON.parse(job) as { id: string; name: string };
            const writing = asked.result.transaction(['jobs', 'settings'], 'readwrite');
            writing.objectStore('jobs').put({ id: project.id, name: project.name, updatedAt: 1, project });
            writing.objectStore('settings').put({ key: 'seeded', value: true });
            writing.oncomplete = () => (asked.result.close(), done());
          };
        }),
      [readFileSync('src/core/formats/earlier/1-seasons.ofrenda.json', 'utf8'), version, stores] as const,
    );
    await page.goto('/brief');
    const { name } = JSON.parse(readFileSync('src/core/formats/earlier/1-seasons.ofrenda.json', 'utf8')) as { name: string };
    await expect(page.getByRole('heading', { name })).toBeVisible();
    await edit(page, '75');
    await saved(page);
    await page.reload();
    await expect(guests(page)).toHaveValue('75');
    await page.goto('/jobs');
    await expect(page.getByRole('list', { name: label('shared.all-jobs') }).getByRole('listitem')).toHaveCount(1);
  });

test('what was done before the page was closed can be undone after it, step by step and by its name', async ({ page }) => {
  await openBench(page, '/log');
  const made = page.getByRole('button', { name: /^One made, \d of/ }).first();
  await made.click();
  await expect(page.getByRole('list', { name: '1 made, 0 broken' })).toBeVisible();
  await made.click();
  await expect(page.getByRole('list', { name: '2 made, 0 broken' })).toBeVisible();
  await saved(page);
  const name = await undo(page).getAttribute('aria-label');
  await page.reload();
  await expect(page.getByRole('list', { name: '2 made, 0 broken' })).toBeVisible();
  await expect(undo(page)).toHaveAccessibleName(name!);
  await undo(page).click();
  await expect(page.getByRole('list', { name: '1 made, 0 broken' })).toBeVisible();
  await undo(page).click();
  await expect(page.getByRole('list', { name: '0 made, 0 broken' })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByRole('list', { name: '0 made, 0 broken' })).toBeVisible();
  await expect(undo(page)).toBeDisabled();
});
