import { expect, test } from '@playwright/test';
import { label } from './label';
import { goTo, openBench, saved, undo } from './bench';
import { pick } from './fields';

test('barriers side by side: another one taken, undone, and left to the rule again', async ({ page }) => {
  await openBench(page, '/place');
  const compared = page.getByRole('region', { name: label('place.barriers-side-by-side-2') });
  const rows = compared.getByRole('list', { name: /^Barriers for/ }).getByRole('listitem');
  await expect(rows.first()).toContainText('recommended');
  await expect(rows.filter({ hasText: 'Not here' }).first()).toBeVisible();
  const other = rows.filter({ has: page.getByRole('button', { name: label('place.take-it') }) }).first();
  const name = await other.locator('b').first().innerText();
  await other.getByRole('button', { name: label('place.take-it') }).click();
  await expect(rows.first()).toContainText(name);
  await expect(rows.first()).toContainText('yours');
  await compared.getByRole('button', { name: label('place.leave-rule') }).click();
  await expect(rows.first()).toContainText('recommended');
  await undo(page).click();
  await expect(rows.first()).toContainText('yours');
});

test('a straw of one’s own is measured in, compared with the rest, and taken away', async ({ page }) => {
  await openBench(page, '/place');
  await page.getByText(/^Straws and picks of your own/).click();
  const form = page.getByRole('region', { name: label('place.barriers-side-by-side-2') });
  await expect(form.getByRole('button', { name: label('place.add-it') })).toBeDisabled();
  await form.getByRole('textbox', { name: label('shared.name') }).fill('my glass straw');
  await form.getByRole('textbox', { name: label('place.outside') }).fill('5');
  await expect(form).toContainText('wider outside than inside');
  await form.getByRole('textbox', { name: label('place.outside') }).fill('7.4');
  await form.getByRole('button', { name: label('place.add-it') }).click();
  await expect(form.getByRole('list', { name: /^Barriers for/ })).toContainText('My glass straw');
  await form.getByRole('button', { name: 'Take my glass straw away' }).click();
  await expect(form.getByRole('list', { name: /^Barriers for/ })).not.toContainText('My glass straw');
});

test('what stands too near is moved apart with one press, as one step', async ({ page }) => {
  await openBench(page, '/place');
  const messages = page.getByRole('region', { name: label('place.messages') });
  const near = messages.getByRole('button', { name: 'Move them apart' });
  const before = await near.count();
  expect(before).toBeGreaterThan(0);
  await near.first().click();
  await expect(page.getByRole('button', { name: /^Undo move entries apart/ })).toBeVisible();
  await expect.poll(() => near.count()).toBeLessThan(before);
  await undo(page).click();
  await expect(near).toHaveCount(before);
});

test('step by step beside the cake: by key and tap, there again after a reload', async ({ page }) => {
  await openBench(page, '/place');
  await page.getByRole('button', { name: label('place.place-step-by-step') }).click();
  const beside = page.getByRole('dialog', { name: label('place.beside-the-cake') });
  await expect(beside.getByRole('heading')).toHaveText('Lay everything out beside the cake');
  await page.keyboard.press('ArrowRight');
  await expect(beside).toContainText(/1 of \d+: /);
  await expect(beside).toContainText('Hold it up to its place and look.');
  await beside.getByRole('heading').click();
  await expect(beside).toContainText(/2 of \d+: /);
  await saved(page);
  await page.reload();
  await expect(beside).toContainText(/2 of \d+: /);
  await page.keyboard.press('Escape');
  await expect(beside).toBeHidden();
});

test('templates: a sheet for each, with the measured round, printed as PDF and written as SVG', async ({ page }) => {
  await openBench(page, '/place');
  const sheets = page.getByRole('region', { name: label('place.templates') });
  await sheets.getByRole('tab', { name: /side$/ }).first().click();
  await expect(sheets.getByRole('img', { name: /side, with every point/ })).toBeVisible();
  await sheets.getByRole('textbox', { name: 'Round the bottom tier' }).fill('812');
  await expect(sheets).toContainText('Round it is 812 mm as measured');
  for (const [key, name, start] of [
    ['Print', /\.pdf$/, '%PDF-'],
    ['SVG', /\.svg$/, '<svg '],
  ] as const) {
    const waiting = page.waitForEvent('download');
    await sheets.getByRole('button', { name: key }).click();
    const file = await waiting;
    expect(file.suggestedFilename()).toMatch(name);
    const [head] = (await (await file.createReadStream()).take(1).toArray()) as [Buffer];
    expect(head.toString('utf8').startsWith(start)).toBe(true);
  }
});

test('a push test sets how firm the cake is, and back to what is assumed', async ({ page }) => {
  await openBench(page, '/place');
  await page.getByText(/^How firm the cake is: 40\skPa, assumed/).click();
  await page.getByRole('textbox', { name: label('place.it-gave-way-at') }).fill('100');
  await expect(page.getByText(/29\skPa, tested/)).toBeVisible();
  await page.getByRole('button', { name: /^As assumed for/ }).click();
  await expect(page.getByText(/40\skPa, assumed/)).toBeVisible();
});

test('hand over: the sheet for the table, in Spanish, and both as a PDF', async ({ page }) => {
  await openBench(page, '/hand-over');
  const sheet = page.getByRole('article', { name: label('handover.hand-over-sheet') });
  await expect(sheet).toContainText('For the person with the knife');
  await page.getByRole('radio', { name: label('handover.the-table') }).click();
  await expect(sheet).toContainText('Only to look at');
  await pick(page, label('handover.language-of-the-sheets'), 'Español');
  await expect(sheet).toContainText('Solo para mirar');
  await expect(sheet).toHaveAttribute('lang', 'es');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: label('handover.both-as-pdf') }).click();
  expect((await waiting).suggestedFilename()).toBe('hand-over.pdf');
});

test('the list of entries is put in order by the head of a column, and as it was at the third press', async ({ page }) => {
  await openBench(page, '/place');
  await page.getByRole('button', { name: label('shell.list') }).click();
  const table = page.getByRole('table');
  const column = table.getByRole('columnheader', { name: /^cut/i });
  const cuts = async () => (await table.locator('tbody tr td:nth-child(4)').allInnerTexts()).map(Number);
  const first = await cuts();
  const rising = [...first].sort((a, b) => a - b);
  expect(first).not.toEqual(rising);
  await column.getByRole('button').click();
  await expect(column).toHaveAttribute('aria-sort', 'ascending');
  expect(await cuts()).toEqual(rising);
  await column.getByRole('button').click();
  await expect(column).toHaveAttribute('aria-sort', 'descending');
  expect(await cuts()).toEqual([...rising].reverse());
  await column.getByRole('button').click();
  await expect(column).toHaveAttribute('aria-sort', 'none');
  expect(await cuts()).toEqual(first);
});

test('a script that the sheets have no letters for is named where they are printed, and gone with it', async ({ page }) => {
  await openBench(page, '/brief');
  const name = page.getByLabel(label('brief.name-of-the-job'));
  await name.fill('शादी, June');
  await goTo(page, 'Hand over');
  const said = page.getByRole('note').filter({ hasText: 'Devanagari' });
  await expect(said).toBeVisible();
  await goTo(page, 'Brief');
  await name.fill('Žofie, Ωραία, Жук');
  await goTo(page, 'Hand over');
  await expect(page.getByRole('button', { name: label('handover.both-as-pdf') })).toBeVisible();
  await expect(said).toHaveCount(0);
});
