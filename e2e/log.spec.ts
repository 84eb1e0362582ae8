import { expect, test } from '@playwright/test';
import { label } from './label';
import { openBench, saved } from './bench';

const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  'base64',
);

test('a tray by hand with a note and a photograph; corrected, not changed; looked back on', async ({ page }) => {
  await openBench(page, '/log');
  const bench = page.getByRole('region', { name: label('shared.at-the-bench') });
  await bench.getByText(label('log.a-tray-by-hand-note')).click();
  await bench.getByRole('textbox', { name: label('shared.made') }).fill('2');
  await bench.getByRole('textbox', { name: label('log.minutes-0-if-not-timed') }).fill('50');
  await bench.getByLabel(label('log.note')).fill('edges thinner next time');
  await bench.getByLabel(label('log.photograph-file')).setInputFiles({ name: 'tray.png', mimeType: 'image/png', buffer: PIXEL });
  await expect(bench.getByRole('img', { name: label('log.the-photograph') })).toBeVisible();
  await bench
    .getByLabel(label('log.photograph-file'))
    .setInputFiles({ name: 'no.png', mimeType: 'image/png', buffer: Buffer.from('no') });
  await expect(bench.getByRole('alert')).toContainText('no picture');
  await bench
    .getByRole('button', { name: label('shared.write-it-down') })
    .first()
    .click();
  const written = page.getByRole('region', { name: label('log.written-down') });
  await expect(written).toContainText('2 made, 50 min, “edges thinner next time”');
  await expect(written.getByRole('img', { name: label('log.a-photograph-of-it') })).toBeVisible();
  await written.getByRole('button', { name: /^Correct 2 made/ }).click();
  await written.getByRole('textbox', { name: 'Made, corrected' }).fill('1');
  await written.getByRole('button', { name: label('log.put-it-right') }).click();
  await expect(bench.getByRole('list', { name: '1 made, 0 broken' })).toBeVisible();
  await expect(written.getByRole('listitem')).toHaveCount(1);
  const back = page.getByRole('region', { name: label('log.looking-back') });
  await expect(back).toContainText(/1 of \d+/);
  await expect(back).toContainText('Next time charge');
  await saved(page);
  await page.reload();
  await expect(written.getByRole('img', { name: label('log.a-photograph-of-it') })).toBeVisible();
});

test('a forgotten timer is asked about, and its minutes left out', async ({ page }) => {
  await page.clock.install({ time: new Date('2027-06-03T18:00:00') });
  await openBench(page, '/log');
  const bench = page.getByRole('region', { name: label('shared.at-the-bench') });
  await bench.getByRole('button', { name: label('log.start-the-timer') }).click();
  await page.clock.fastForward('03:00:00');
  await bench.getByRole('button', { name: /^One made/ }).click();
  await expect(bench.getByRole('alert')).toContainText('was the timer forgotten?');
  await bench.getByRole('button', { name: label('log.leave-the-minutes-out') }).click();
  await expect(bench.getByRole('list', { name: '1 made, 0 broken' })).toBeVisible();
  await expect(page.getByRole('region', { name: label('log.your-values') })).not.toContainText('yours, from');
});

test('found not dry, a batch weighed on the simulated scale: both are learnt from', async ({ page }) => {
  await openBench(page, '/log');
  await page.getByRole('checkbox', { name: 'Kitchen scale (simulated)' }).check();
  const looked = page.getByRole('region', { name: label('log.found-dry-or-not') });
  await looked.getByRole('textbox', { name: label('log.looked-at-after') }).fill('20');
  await looked.getByRole('button', { name: label('log.not-dry-yet') }).click();
  await expect(looked).toContainText(/Yours dries in 1\.\d\d times the expected hours, from 1/);
  await page.getByText(label('log.weigh-a-batch')).click();
  await page.getByRole('textbox', { name: label('log.what-lies-on-it') }).fill('100');
  await page.getByRole('button', { name: label('log.lay-it-on') }).click();
  await expect(page.getByText('settling, simulated scale')).toBeVisible();
  await page.getByRole('button', { name: 'as paste taken' }).click();
  await page.getByRole('textbox', { name: 'The pieces' }).fill('60');
  await expect(page.getByText(/40% lost/)).toBeVisible();
  await page
    .getByRole('region', { name: label('shared.at-the-bench') })
    .getByRole('button', { name: label('shared.write-it-down') })
    .last()
    .click();
  await page.getByRole('radio', { name: label('log.loss') }).click();
  await expect(page.getByRole('region', { name: label('log.your-values') })).toContainText('yours, from 1 weighing, unsure');
});

test('the simulated sensor tells the air, its readings are written down and put into Days; labels are printed', async ({
  page,
}) => {
  await openBench(page, '/log');
  const air = page.getByRole('region', { name: label('log.the-air-room') });
  await expect(air).toContainText('No reading yet');
  await page.getByRole('checkbox', { name: 'Room sensor (simulated)' }).check();
  await expect(air).toContainText('simulated sensor');
  await expect(air.getByRole('img', { name: /^Humidity over 3 days/ })).toBeVisible();
  await air.getByRole('button', { name: /^Write down \d+ readings/ }).click();
  await expect(air.getByRole('button', { name: /^Write down \d+ readings/ })).toHaveCount(0);
  await page.getByRole('checkbox', { name: 'Label printer (simulated)' }).check();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: label('log.labels-for-the-boxes') }).click();
  expect((await waiting).suggestedFilename()).toBe('labels.pdf');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'Room sensor (simulated)' })).toBeChecked();
});
