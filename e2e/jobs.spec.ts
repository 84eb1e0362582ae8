import { readFileSync } from 'node:fs';
import { expect, test, type Dialog, type Page } from '@playwright/test';
import { label } from './label';
import { goTo, openBench, saved, stationLink, undo } from './bench';

test('an edit is on disk within a second, and a reload brings back the very same state', async ({ page }) => {
  await openBench(page, '/brief');
  await page.getByLabel(label('brief.at-the-table')).fill('47');
  await expect(page.getByRole('status', { name: label('shell.saving-2') })).toHaveText('saved', { timeout: 2000 });
  const before = await exported(page);
  await page.reload();
  await expect(page.getByLabel(label('brief.at-the-table'))).toHaveValue('47');
  expect(await exported(page)).toEqual(before);
});

/** The open job as its exported file. */
async function exported(page: Page): Promise<unknown> {
  const here = page.url();
  await page.getByRole('link', { name: label('shared.jobs') }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: label('shared.export-the-open-job') }).click(),
  ]);
  expect(file.suggestedFilename()).toMatch(/\.ofrenda\.json$/);
  const value: unknown = JSON.parse(readFileSync(await file.path(), 'utf8'));
  await page.goto(here);
  return value;
}

test('new job, copy, delete with undo', async ({ page }) => {
  await openBench(page, '/jobs');
  const shelf = page.getByRole('list', { name: label('shared.all-jobs') });
  await expect(shelf.getByRole('listitem')).toHaveCount(3);
  await page.getByRole('button', { name: label('shared.new-job') }).click();
  await expect(page.getByRole('heading', { name: label('shared.new-job') })).toBeVisible();
  await expect(page).toHaveURL(/\/brief$/);
  await page.getByLabel(label('brief.name-of-the-job')).fill('Lighthouse supper');
  await saved(page);
  await page.getByRole('link', { name: label('shared.jobs') }).click();
  await page.getByRole('button', { name: 'Copy Lighthouse supper' }).click();
  await expect(shelf).toContainText('Lighthouse supper, copy');
  await page.getByRole('button', { name: 'Delete Lighthouse supper, copy' }).click();
  await expect(shelf).not.toContainText('Lighthouse supper, copy');
  await page.getByRole('button', { name: label('shell.bring-it-back') }).click();
  await expect(shelf).toContainText('Lighthouse supper, copy');
});

test('each of the last deletions is taken back, or goes for good', async ({ page }) => {
  await openBench(page, '/jobs');
  const shelf = page.getByRole('list', { name: label('shared.all-jobs') });
  for (const job of ['Midwinter', 'Astronomy']) await page.getByRole('button', { name: new RegExp(`^Delete ${job}`) }).click();
  await expect(shelf.getByRole('listitem')).toHaveCount(1);
  await page.getByText(label('jobs.deleted-title')).click();
  const deleted = page.getByRole('list', { name: label('jobs.deleted-title') });
  await expect(deleted.getByRole('listitem')).toHaveText([/^Astronomy.*takes 0\.\d MB/, /^Midwinter/]);
  await deleted.getByRole('button', { name: /^Bring back Midwinter/ }).click();
  await expect(shelf).toContainText('Midwinter');
  await expect(deleted.getByRole('listitem')).toHaveCount(1);
  await deleted.getByRole('button', { name: /^Remove Astronomy.* for good/ }).click();
  await expect(deleted.getByRole('listitem')).toHaveCount(0);
  await page.reload();
  await expect(shelf.getByRole('listitem')).toHaveCount(2);
});

test('About says which version this is and has the terms of what others wrote', async ({ page, request }) => {
  await openBench(page, '/jobs');
  await page.getByRole('button', { name: label('shell.about') }).click();
  const about = page.getByRole('dialog', { name: label('shell.about') });
  const { version } = JSON.parse(readFileSync('package.json', 'utf8')) as { version: string };
  await expect(about).toContainText(`Version ${version}`);
  const terms = about.getByRole('link', { name: label('shell.terms-of-others') });
  const notices = await (await request.get((await terms.getAttribute('href'))!)).text();
  // a script, the reader of calendars, a typeface, what the framework copies in, and styles
  for (const name of ['three', 'ical.js', '@fontsource/noto-sans', 'react-dom', 'tailwindcss', 'highs'])
    expect(notices).toMatch(new RegExp(`^${name} \\S+ \\(`, 'm'));
  expect(notices).toMatch(/Mozilla Public License/);
});

test('a file goes out and comes in again as a second copy', async ({ page }, info) => {
  await openBench(page, '/jobs');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: label('shared.export-the-open-job') }).click(),
  ]);
  const place = info.outputPath('job.ofrenda.json');
  await file.saveAs(place);
  await page.getByLabel(label('jobs.job-file')).setInputFiles(place);
  await expect(page.getByRole('status').filter({ hasText: 'second copy' })).toBeVisible();
  await expect(page.getByRole('list', { name: label('shared.all-jobs') }).getByRole('listitem')).toHaveCount(4);
});

for (const [what, text, sentence] of [
  ['is not JSON', 'flour, sugar', /not JSON.*nothing was changed/],
  ['is of another kind', '{"kind":"recipe","version":1}', /something else than an Ofrenda job/],
  ['is from a newer version', '{"kind":"ofrenda.project","version":12}', /newer Ofrenda.*left untouched/],
] as const) {
  test(`a file that ${what} is refused in one sentence, nothing is half imported`, async ({ page }) => {
    await openBench(page, '/jobs');
    await page
      .getByLabel(label('jobs.job-file'))
      .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await expect(page.getByRole('alert').filter({ hasText: sentence })).toBeVisible();
    await expect(page.getByRole('list', { name: label('shared.all-jobs') }).getByRole('listitem')).toHaveCount(3);
  });
}

test('bad sizes are said at their place and change nothing', async ({ page }) => {
  await openBench(page, '/brief');
  const width = page.getByLabel('Bottom tier diameter');
  for (const [typed, sentence] of [
    ['0', 'Bottom tier diameter is at least 40 mm Ø; the old value stays.'],
    ['-20', 'Bottom tier diameter is at least 40 mm Ø; the old value stays.'],
    ['99999', 'Bottom tier diameter is at most 800 mm Ø; the old value stays.'],
    ['', 'Bottom tier diameter is a number.'],
  ] as const) {
    await width.fill(typed);
    await expect(page.getByText(sentence)).toBeVisible();
  }
  await expect(undo(page)).toBeDisabled();
  await width.fill('260');
  await expect(undo(page)).toHaveAccessibleName('Undo width of the bottom tier');
  await width.fill('100');
  await expect(page.getByRole('alert').filter({ hasText: 'is wider than the one it stands on' })).toBeVisible();
  await expect(stationLink(page, 'Brief')).toContainText('stop');
});

test('a cake without a tier: said everywhere, and undo brings all back', async ({ page }) => {
  await openBench(page, '/brief');
  const pieces = (await stationLink(page, 'Make').textContent())!;
  while ((await page.getByRole('button', { name: /^Take the/ }).count()) > 0)
    await page
      .getByRole('button', { name: /^Take the/ })
      .first()
      .click();
  await expect(page.getByRole('alert').filter({ hasText: 'The cake has no tier yet' })).toBeVisible();
  await goTo(page, 'Compose');
  await expect(page.getByRole('heading', { name: label('compose.an-empty-turntable') })).toBeVisible();
  await page.getByRole('button', { name: label('compose.propose-three') }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'There is no tier to compose on' })).toBeVisible();
  while (await undo(page).isEnabled()) await undo(page).click();
  await expect(stationLink(page, 'Make')).toHaveText(pieces);
});

test('evening light is remembered', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: label('shell.evening-light') }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'evening');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'evening');
});

test('the bench’s own settings reach the plan: wire system, length of a wire, glue and allergens', async ({ page }) => {
  await openBench(page, '/brief');
  await page.getByText(label('brief.wire-paper-glue-allergens')).click();
  await page.getByRole('radio', { name: 'AWG' }).click();
  await page.getByRole('radio', { name: label('brief.egg-white') }).click();
  const inCake = page.getByRole('group', { name: label('brief.in-the-cake') });
  const inFlowers = page.getByRole('group', { name: label('brief.in-the-flowers') });
  await inCake.getByRole('checkbox', { name: label('hand.allergen.sesame') }).check();
  await inFlowers.getByRole('checkbox', { name: label('brief.none-of-these') }).uncheck();
  await expect(inFlowers).toContainText(label('brief.nothing-stated'));
  const whoEats = page.getByRole('group', { name: label('brief.who-eats') });
  await whoEats.getByRole('checkbox', { name: label('brief.allergic') }).check();
  await expect(whoEats).toContainText(label('brief.allergic-changes'));
  // said where it is put right
  await expect(page.getByRole('region', { name: label('place.messages') })).toContainText(
    /it is not stated what is in the flowers/,
  );
  await page.getByLabel(label('brief.length-of-a-wire')).fill('400');
  await goTo(page, 'Wire & tape');
  await expect(page.getByRole('region', { name: label('pack.wire') })).toContainText('One bar is one wire of 400 mm');
  await expect(page.getByRole('region', { name: label('pack.wire') })).toContainText(/\d+ ga AWG/);
  await goTo(page, 'Place');
  await expect(page.getByRole('region', { name: label('place.messages') })).toContainText(
    /allergies, and it is not stated what is in the flowers/,
  );
  await goTo(page, 'Hand over');
  const sheet = page.getByRole('article', { name: label('handover.hand-over-sheet') });
  await expect(sheet).toContainText(/sesame/i);
  await expect(sheet).toContainText(/For those with allergies/);
  await expect(sheet).toContainText(/Not stated what is in paste, colours, dust or glaze of the flowers/);
});

test('two tabs on one job: the second is told and can only look, follows, and takes over when the first is closed', async ({
  page,
  context,
}) => {
  await openBench(page, '/log');
  const second = await context.newPage();
  await openBench(second, '/log');
  await expect(second.getByText(/^This job is open in another tab/)).toBeVisible();
  await expect(second.getByRole('status', { name: label('shell.saving-2') })).toHaveText('open in another tab: only looking');
  await second.getByRole('button', { name: /^One made, 1 of/ }).click();
  await expect(second.getByRole('list', { name: '0 made, 0 broken' })).toBeVisible();
  await page.getByRole('button', { name: /^One made, 1 of/ }).click();
  await saved(page);
  await expect(second.getByRole('list', { name: '1 made, 0 broken' })).toBeVisible();
  await page.close();
  await expect(second.getByText(/let go of this job/)).toBeVisible();
  await second.getByRole('button', { name: /^One made, 2 of/ }).click();
  await expect(second.getByRole('list', { name: '2 made, 0 broken' })).toBeVisible();
});

test('a job that is deleted in another tab is said to be gone where it is open, and stored again by one press', async ({
  page,
  context,
}) => {
  await openBench(page, '/log');
  await page.getByRole('button', { name: /^One made, 1 of/ }).click();
  await saved(page);
  const second = await context.newPage();
  await openBench(second, '/jobs');
  await second.getByRole('button', { name: /^Delete Harbour/ }).click();
  await expect(page.getByText(label('studio.deleted-elsewhere'))).toBeVisible();
  await page.getByRole('button', { name: label('shell.store-it-again') }).click();
  await saved(page);
  await expect(second.getByRole('list', { name: label('shared.all-jobs') }).getByRole('listitem')).toHaveCount(3);
});

test('the whole studio backed up and restored, told first; a file that is none is refused', async ({ page }) => {
  await openBench(page, '/jobs');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: label('jobs.back-up-everything') }).click();
  const zip = readFileSync(await (await waiting).path());
  await page.getByRole('button', { name: /^Delete Harbour/ }).click();
  await expect(page.getByRole('list', { name: label('shared.all-jobs') }).getByRole('listitem')).toHaveCount(2);
  const file = page.getByLabel(label('jobs.backup-file'));
  await file.setInputFiles({ name: 'b.zip', mimeType: 'application/zip', buffer: zip });
  const backup = page.getByRole('region', { name: label('jobs.backup') });
  await expect(backup.getByRole('status')).toContainText('1 job is not here yet, 2 as here');
  await backup.getByRole('button', { name: label('jobs.restore'), exact: true }).click();
  await expect(page.getByRole('list', { name: label('shared.all-jobs') }).getByRole('listitem')).toHaveCount(3);
  await file.setInputFiles({ name: 'no.zip', mimeType: 'application/zip', buffer: Buffer.from('no') });
  await expect(page.getByText('not a ZIP that can be read')).toBeVisible();
});

test('earlier versions of a job are looked at and brought back, and that can be undone', async ({ page }) => {
  await page.clock.install();
  await openBench(page, '/log');
  await page.getByRole('button', { name: /^One made, 1 of/ }).click();
  await saved(page);
  await page.clock.fastForward('00:20:00');
  await page.getByRole('button', { name: /^One made, 2 of/ }).click();
  await saved(page);
  await page.clock.fastForward('00:20:00');
  await page.getByRole('button', { name: /^One made, 3 of/ }).click();
  await saved(page);
  await page.goto('/jobs');
  await page.getByText('Earlier versions of').click();
  const versions = page.getByRole('list', { name: label('jobs.earlier-versions') });
  await expect(versions.getByRole('listitem').nth(1)).toContainText('2 made');
  await versions
    .getByRole('listitem')
    .nth(2)
    .getByRole('button', { name: /^Bring back/ })
    .click();
  await goTo(page, 'Log');
  await expect(page.getByRole('list', { name: '0 made, 0 broken' })).toBeVisible();
  await undo(page).click();
  await expect(page.getByRole('list', { name: '3 made, 0 broken' })).toBeVisible();
});

test('the cake goes out as a 3D model in binary glTF', async ({ page }) => {
  await openBench(page, '/jobs');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: label('jobs.the-cake-as-3d-model') }).click();
  const file = await waiting;
  expect(file.suggestedFilename()).toMatch(/\.glb$/);
  const bytes = readFileSync(await file.path());
  expect(bytes.subarray(0, 4).toString()).toBe('glTF');
  expect(bytes.readUInt32LE(8)).toBe(bytes.length);
});

test('the whole bench pack as one PDF, and the turntable as a picture of print size', async ({ page }) => {
  await openBench(page, '/hand-over');
  const [pack] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: label('handover.the-whole-bench-pack') }).click(),
  ]);
  expect(pack.suggestedFilename()).toMatch(/bench-pack\.pdf$/);
  expect(
    readFileSync(await pack.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  await page.goto('/compose');
  await expect(page.locator('canvas').first()).toBeVisible();
  const [picture] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: label('compose.picture-at-print-size') }).click(),
  ]);
  const png = readFileSync(await picture.path());
  // PNG (ISO/IEC 15948): width at byte 16, height at 20; A4's long side at 300 dots to the inch is 3508 dots
  expect(Math.max(png.readUInt32BE(16), png.readUInt32BE(20))).toBe(3508);
});

test('one tab alone is never told of another, however fast jobs are opened one after the other, and reloaded', async ({
  page,
}) => {
  await openBench(page, '/jobs');
  const jobs = page.getByRole('list', { name: label('shared.all-jobs') });
  const told = page.getByText(/open in another tab|let go of this job/);
  for (const name of ['Midwinter', 'Harbour', 'Harbour', 'Midwinter', 'Harbour']) {
    await page.goto('/jobs');
    await jobs
      .getByRole('button', { name: new RegExp(`^Open .*${name}`) })
      .first()
      .click();
    await expect(page.getByRole('heading', { name: new RegExp(name) }).first()).toBeVisible();
    await expect(told).toHaveCount(0);
  }
  await page.reload();
  await expect(page.getByRole('status', { name: label('shell.saving-2') })).toHaveText('saved');
  await expect(told).toHaveCount(0);
});

test('an edit on its way is asked about when the tab is closed, and is stored', async ({ page, context }) => {
  await openBench(page, '/brief');
  const guests = page.getByRole('textbox', { name: label('brief.at-the-table') });
  await guests.click();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('83');
  const asked = new Promise<Dialog>((answer) => page.once('dialog', answer));
  await page.close({ runBeforeUnload: true });
  const dialog = await asked;
  expect(dialog.type()).toBe('beforeunload');
  // stay: what was typed is there and stored
  await dialog.dismiss();
  await saved(page);
  await expect(guests).toHaveValue('83');
  // nothing on its way: the tab closes at once, and the next one has it
  await page.close({ runBeforeUnload: true });
  const next = await context.newPage();
  await openBench(next, '/brief');
  await expect(next.getByRole('textbox', { name: label('brief.at-the-table') })).toHaveValue('83');
});
