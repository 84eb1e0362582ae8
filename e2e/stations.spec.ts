import { expect, test } from '@playwright/test';
import { pick } from './fields';
import { label } from './label';
import { goTo, numberIn, openBench, saved, stationLink, STATIONS, undo, watch } from './bench';

test('a first start shows the demo job, every station opens, nothing comes from outside and nothing is logged as an error', async ({
  page,
}) => {
  const seen = watch(page);
  await openBench(page, '/');
  await expect(page).toHaveURL(/\/compose$/);
  await expect(page.locator('canvas')).toBeVisible();
  for (const name of STATIONS) {
    await goTo(page, name);
    await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
  }
  expect(seen.outside).toEqual([]);
  expect(seen.errors).toEqual([]);
});

test('every station reads the one plan: pieces, entries and counts agree', async ({ page }) => {
  await openBench(page, '/make');
  const toMake = await numberIn(page, /(\d+) pieces to make/);
  await expect(stationLink(page, 'Make')).toContainText(`${toMake} to make`);
  await goTo(page, 'Wire & tape');
  const stems = await numberIn(page, /(\d+) stems into/);
  const barriers = await numberIn(page, /stems into (\d+) barriers/);
  expect(stems).toBeGreaterThan(barriers);
  await goTo(page, 'Place');
  expect(await numberIn(page, /(\d+) go in/)).toBe(barriers);
  expect(await numberIn(page, /(\d+) come out/)).toBe(barriers);
  await goTo(page, 'Hand over');
  await expect(page.getByRole('article', { name: label('handover.hand-over-sheet') })).toContainText(`take ${barriers} out`);
  await expect(page.getByRole('listitem').filter({ has: page.getByRole('button', { name: /,.*tier at/ }) })).toHaveCount(
    barriers,
  );
});

test('Make: opening a kind shows its steps, its sizes in mm and inches, and its spares with the reason', async ({ page }) => {
  await openBench(page, '/make');
  await page.getByRole('button', { name: /^cosmos: \d+ to make/ }).click();
  const card = page.getByRole('region', { name: label('make.how-to-make-it') });
  await expect(card.getByRole('heading', { name: 'Cosmos' })).toBeVisible();
  await expect(card).toContainText('Cut, soften, vein');
  // the same size in both: 25.4 mm to the inch
  const [, mm, inches] = /open (\d+)\smm\s*([\d.]+)\sin/.exec(await card.innerText())!;
  expect(Math.abs(Number(inches) * 25.4 - Number(mm))).toBeLessThan(0.7);
  await expect(card).toContainText(/enough survive in 90% of cases/);
  await expect(card.getByText(label('pack.paste'), { exact: true })).toBeVisible();
});

test('Wire & tape: parts of a length, to length, size by size, and pressing a length shows its sum', async ({ page }) => {
  await openBench(page, '/wire');
  const cut = page.getByRole('region', { name: label('pack.wire') });
  const count = async (way: RegExp) => Number(/(\d+)/.exec(await cut.getByRole('radio', { name: way }).innerText())![1]);
  const parts = await count(/^In parts of a length/);
  const length = await count(/^To length/);
  expect(await count(/^Size by size/)).toBeLessThanOrEqual(length);
  await expect(cut.getByRole('radio', { name: /^In parts of a length/ })).toHaveAttribute('aria-checked', 'true');
  // proven, or said how many at most could still be saved
  await expect(cut).toContainText(/No plan needs fewer lengths\.|At most \d+ lengths? could still be saved\./);
  await cut.getByRole('radio', { name: /^In parts/ }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(cut.getByRole('radio', { name: /^To length/ })).toHaveAttribute('aria-checked', 'true');
  // counted longest first while it is not chosen; once it is, what is proven may be fewer
  await expect
    .poll(async () => Number(/(\d+)/.exec(await cut.getByRole('heading', { name: /lengths of wire to cut/ }).innerText())![1]))
    .toBeLessThanOrEqual(length);
  expect(length).toBeLessThan(parts);
  const bar = cut.getByRole('button', { name: /mm of 20 gauge/ }).first();
  const mm = Number(/(\d+)\smm/.exec((await bar.getAttribute('aria-label'))!)![1]);
  await bar.click();
  await expect(cut).toContainText(new RegExp(`${mm}\\smm for .* is .*inside the piece.*to trim`));
});

test('taped in sprays: joints are numbered, taped one by one, and the count is kept over a reload', async ({ page }) => {
  await openBench(page);
  await pick(page, label('compose.how-meets-cake'), label('compose.taped-sprays-on-picks'));
  await expect(stationLink(page, 'Wire & tape')).toContainText(/joints/);
  await goTo(page, 'Wire & tape');
  await page.getByRole('button', { name: 'Tape joint 1' }).click();
  await page.getByRole('button', { name: 'Tape joint 2' }).click();
  await expect(page.getByRole('region', { name: label('wire.branching-diagram') })).toContainText(/2 of \d+ taped/);
  await saved(page);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Tape joint 3' })).toBeVisible();
});

test('Place: an entry chosen on the map is cut open beside it, and the list says the same', async ({ page }) => {
  await openBench(page, '/place');
  const map = page.getByRole('group', { name: /Map from above/ });
  await map.getByRole('button', { name: /^Entry 5,/ }).focus();
  await page.keyboard.press('Enter');
  await expect(map.getByRole('button', { name: /^Entry 5,/ })).toHaveAttribute('aria-pressed', 'true');
  const cut = page.getByRole('region', { name: label('place.cut-through-the-cake') });
  await expect(cut).toContainText(/5: cut through at/);
  await expect(cut).toContainText(/Cut to \d+\smm, \d+° down, stem \d/);
  const mm = /Cut to (\d+)\smm/.exec(await cut.innerText())![1]!;
  await page.getByRole('button', { name: label('shell.list') }).click();
  const row = page.getByRole('row').filter({ has: page.getByRole('button', { name: '5', exact: true }) });
  await expect(row).toContainText(mm);
});

test('a stop closes the way out: bare wire planned into cake is never a go', async ({ page }) => {
  await openBench(page);
  await pick(page, label('compose.how-meets-cake'), label('compose.into-a-dummy-tier'));
  await expect(stationLink(page, 'Place')).toContainText(/stop/);
  await expect(stationLink(page, 'Hand over')).toContainText('needs Place');
  await goTo(page, 'Place');
  await expect(page.getByRole('region', { name: label('place.messages') })).toContainText(/not made for food contact/);
  await saved(page);
  await page.goto('/hand-over');
  await expect(page.getByRole('heading', { name: /No sheet yet|Before you cut/ })).toBeVisible();
  await expect(page.getByText('no stop is left')).toHaveCount(0);
  // each stop with the way to where it is mended
  await page
    .getByRole('link', { name: label('handover.mend-it-at', { station: 'Place' }) })
    .first()
    .press('Enter');
  await expect(page.getByRole('region', { name: label('place.messages') })).toBeVisible();
});

test('Days: longer evenings begin later, damp air is said', async ({ page }) => {
  await openBench(page, '/days');
  const title = page.getByRole('heading', { name: /of work, beginning/ });
  const before = await title.innerText();
  await page.getByRole('radio', { name: '4 h evenings' }).click();
  await expect(title).not.toHaveText(before);
  const humidity = page.getByRole('textbox', { name: label('days.humidity') });
  await humidity.fill('82');
  await expect(page.getByRole('alert').filter({ hasText: 'paste may not dry' })).toBeVisible();
  await humidity.fill('500');
  await expect(page.getByText('Humidity is at most 100 %; the old value stays.')).toBeVisible();
});

test('Days: to a calendar, and busy times out of one, said first, then kept free of work', async ({ page }) => {
  await openBench(page, '/days');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: label('days.to-a-calendar') }).click();
  expect((await waiting).suggestedFilename()).toBe('days.ics');
  const event = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'BEGIN:VEVENT', 'UID:1', 'DTSTART:20270610T170000', 'DTEND:20270610T230000'];
  const file = [...event, 'SUMMARY:choir', 'END:VEVENT', 'END:VCALENDAR', ''].join('\r\n');
  await page
    .getByLabel('Busy times from a calendar: file')
    .setInputFiles({ name: 'choir.ics', mimeType: 'text/calendar', buffer: Buffer.from(file) });
  await expect(page.getByRole('status').filter({ hasText: '1 busy time new' })).toBeVisible();
  await page.getByRole('button', { name: label('shared.take-it-in') }).click();
  await expect(page.getByText(/1 busy time is kept free of work.*choir/)).toBeVisible();
  await page.getByRole('button', { name: label('days.forget-them') }).click();
  await page
    .getByLabel('Busy times from a calendar: file')
    .setInputFiles({ name: 'no.ics', mimeType: 'text/calendar', buffer: Buffer.from('hello') });
  await expect(page.getByRole('alert').filter({ hasText: 'not a calendar file' })).toBeVisible();
});

test('Log: pieces made and broken are counted, undone, and pull the minutes', async ({ page }) => {
  await openBench(page, '/log');
  const bench = page.getByRole('region', { name: label('shared.at-the-bench') });
  await bench.getByRole('button', { name: /^One made, 1 of/ }).click();
  await bench.getByRole('button', { name: label('log.one-broke') }).click();
  await expect(bench.getByRole('list', { name: '1 made, 1 broken' })).toBeVisible();
  await undo(page).click();
  await expect(bench.getByRole('list', { name: '1 made, 0 broken' })).toBeVisible();
  await bench.getByRole('button', { name: label('log.start-the-timer') }).click();
  await bench.getByRole('button', { name: /^One made, 2 of/ }).click();
  await expect(page.getByRole('region', { name: label('log.your-values') })).toContainText('yours, from 1, unsure');
  await expect(stationLink(page, 'Log')).toContainText(/2 of \d+ made/);
});

test('Hand over: what comes out is ticked, and stays ticked', async ({ page }) => {
  await openBench(page, '/hand-over');
  const sheet = page.getByRole('article', { name: label('handover.hand-over-sheet') });
  await sheet.getByRole('button', { name: /^1,/ }).click();
  await sheet.getByRole('button', { name: /^2,/ }).click();
  await expect(sheet).toContainText(/2 of \d+ out/);
  await saved(page);
  await page.reload();
  await expect(sheet.getByRole('button', { name: /^1,/ })).toHaveAttribute('aria-pressed', 'true');
  await expect(sheet).toContainText('Not food');
  await expect(sheet).toContainText('Check your local food rules');
  await expect(page.getByText(label('handover.go'))).toBeVisible();
});

test('a station that fails says so in its own place: the job as a file, another try, the other stations', async ({ page }) => {
  await openBench(page, '/brief');
  // what Place draws with is broken behind its back
  await page.evaluate(() => {
    const { hypot } = Math;
    Math.hypot = () => {
      throw new Error('broken for the test');
    };
    Object.assign(globalThis, { mend: () => (Math.hypot = hypot) });
  });
  await stationLink(page, 'Place').click();
  const sign = page.getByRole('alert').filter({ hasText: label('shell.station-failed') });
  await expect(sign).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    sign.getByRole('button', { name: label('shell.save-job-as-file') }).click(),
  ]);
  expect(file.suggestedFilename()).toMatch(/\.ofrenda\.json$/);
  await goTo(page, 'Log');
  await expect(page.getByRole('main').getByRole('heading').first()).toBeVisible();
  await goTo(page, 'Place');
  await expect(sign).toBeVisible();
  await page.evaluate(() => (globalThis as unknown as { mend(): void }).mend());
  await sign.getByRole('button', { name: label('shell.try-again') }).click();
  await expect(page.getByRole('group', { name: label('place.map-from-above-front-at') })).toBeVisible();
});
