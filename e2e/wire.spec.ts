import { expect, test, type Page } from '@playwright/test';
import { pick } from './fields';
import { label } from './label';
import { openBench, saved, undo } from './bench';

/** The demo wreath, which is taped in sprays. */
async function openWreath(page: Page): Promise<void> {
  await openBench(page, '/jobs');
  await page
    .getByRole('button', { name: /Midwinter wreath/ })
    .first()
    .click();
  await page
    .getByRole('navigation', { name: label('shell.stations') })
    .getByRole('link', { name: /^Wire/ })
    .click();
  await expect(page.getByRole('region', { name: label('wire.branching-diagram') })).toBeVisible();
}

test('bench mode: one step at a time by key, tap and button; back; why; the step is there again after a reload', async ({
  page,
}) => {
  await openWreath(page);
  await page.getByRole('button', { name: label('shared.at-bench-step-by-step') }).click();
  const bench = page.getByRole('dialog', { name: label('shared.at-the-bench') });
  await bench.getByText(label('wire.tape'), { exact: true }).click();
  await expect(bench.getByRole('heading')).toHaveText(/^Begin with the/);
  await expect(bench).toContainText('Spray 1 of');
  await expect(bench).toContainText(/\d+ ga/);
  await bench.getByRole('button', { name: label('shared.why-so') }).click();
  await expect(bench).toContainText(/wire/);
  const first = await bench.getByRole('heading').innerText();
  await page.keyboard.press('ArrowRight');
  await expect(bench.getByRole('img', { name: /^1 of \d+ done/ })).toBeVisible();
  await page.keyboard.press(' ');
  await expect(bench.getByRole('img', { name: /^2 of \d+ done/ })).toBeVisible();
  await bench.getByRole('heading').click();
  await expect(bench.getByRole('img', { name: /^3 of \d+ done/ })).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(bench.getByRole('img', { name: /^2 of \d+ done/ })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(bench.getByRole('img', { name: /^2 of \d+ done/ })).toBeVisible();
  for (const left of [1, 0]) {
    await bench.getByRole('button', { name: label('shared.back') }).click();
    await expect(bench.getByRole('img', { name: new RegExp(`^${left} of \\d+ done`) })).toBeVisible();
  }
  await expect(bench.getByRole('heading')).toHaveText(first);
  await page.keyboard.press('Escape');
  await expect(bench).toBeHidden();
});

test('a timed sitting goes to the log when the bench is closed', async ({ page }) => {
  await openWreath(page);
  await page.getByRole('button', { name: label('shared.at-bench-step-by-step') }).click();
  const bench = page.getByRole('dialog', { name: label('shared.at-the-bench') });
  await bench.getByRole('radio', { name: label('wire.tape') }).click();
  await bench.getByRole('button', { name: label('shared.time-it') }).click();
  await bench.getByRole('button', { name: /^Done/ }).click();
  await bench.getByRole('button', { name: label('shared.close') }).click();
  await expect(page.getByRole('button', { name: label('shell.undo', { back: label('shared.do-min-of') }) })).toBeVisible();
});

test('a joint is sent to the heel, and split off into a spray of its own; both are undone', async ({ page }) => {
  await openWreath(page);
  const tabs = page.getByRole('tab', { name: /^Spray/ });
  const before = await tabs.count();
  await pick(page, label('wire.joint-to-change'), 2);
  const card = page.getByRole('group', { name: label('wire.change-a-joint') });
  await pick(card, label('wire.it-joins'), 'the heel, at the pick');
  await expect(page.getByRole('button', { name: /^Undo joint 2 elsewhere/ })).toBeVisible();
  await pick(card, label('wire.taped-into'), 'a new spray');
  await expect(tabs).toHaveCount(before + 1);
  await undo(page).click();
  await expect(tabs).toHaveCount(before);
  await card.getByRole('button', { name: /by the rule$/ }).click();
  await expect(card.getByRole('button', { name: /by the rule$/ })).toBeHidden();
});

test('a joint is pulled along its stem: its distance follows, one step, undone', async ({ page }) => {
  await openWreath(page);
  const joint = page.locator('g[style*="ew-resize"]').nth(2).locator('circle');
  await joint.scrollIntoViewIfNeeded();
  const box = (await joint.boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 40, y, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: /^Undo joint \d+ moved along/ })).toBeVisible();
  await expect(page.getByLabel(label('wire.moved-toward-the-tip'))).not.toHaveValue('0');
  await undo(page).click();
  await expect(page.getByLabel(label('wire.moved-toward-the-tip'))).toHaveValue('0');
});

test('pieces of many parts are made up first: ring by ring, a step each, then on to taping', async ({ page }) => {
  await openBench(page, '/wire');
  await page.getByRole('button', { name: label('shared.at-bench-step-by-step') }).click();
  const bench = page.getByRole('dialog', { name: label('shared.at-the-bench') });
  await expect(bench).toContainText(/to make up, 1 of/);
  await bench.getByRole('button', { name: /^Done/ }).click();
  await expect(bench.getByRole('img', { name: /^1 of \d+ done/ })).toBeVisible();
  // a branch as far as it has come: what comes now, and at the next step that it is there
  const picture = (name: RegExp) => bench.getByRole('img', { name });
  await expect(picture(/nothing is there yet, \d+ come$/)).toBeVisible();
  await bench.getByRole('button', { name: /^Done/ }).click();
  await expect(picture(/\d+ parts are there, \d+ comes?$/)).toBeVisible();
  await bench.getByRole('radio', { name: label('wire.tape') }).click();
  await expect(bench).toContainText(/Stem 1 of/);
});

test('diagrams are printed on sheets at true size, as a PDF', async ({ page }) => {
  await openWreath(page);
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: /at true size$/ }).click();
  const file = await waiting;
  expect(file.suggestedFilename()).toBe('branching-diagrams.pdf');
  const stream = await file.createReadStream();
  const [head] = (await stream.take(1).toArray()) as [Buffer];
  expect(head.subarray(0, 5).toString()).toBe('%PDF-');
});

test('which wire and why: a thinner wire by hand is taken, said to be thin, and left to the rule again', async ({ page }) => {
  await openBench(page, '/wire');
  const table = page.getByRole('region', { name: label('wire.which-wire-and-why') });
  const row = table.getByRole('listitem').filter({ hasText: 'Dahlia' });
  await expect(row).toContainText('by strength');
  await pick(row, 'Wire for Dahlia', '30 ga');
  await expect(row).toContainText('Chosen by hand');
  await pick(row, 'Wire for Dahlia', 'by the rule');
  await expect(row).not.toContainText('Chosen by hand');
});

test('one branch without a cake: counted as wanted, with its wires and joints, into the tin and onto the turntable', async ({
  page,
}) => {
  await openBench(page, '/wire');
  await page.getByRole('link', { name: label('wire.one-branch-without-cake') }).click();
  const own = page.getByRole('region', { name: label('shared.own-species') });
  await pick(own, label('make.begin-from'), 'Delphinium spike');
  await own.getByRole('button', { name: label('make.copy-it') }).click();
  await page.getByRole('textbox', { name: 'Buds: how many' }).fill('9');
  await page.getByRole('textbox', { name: 'Half-open florets: how many' }).fill('7');
  await page.getByRole('textbox', { name: 'Open florets: how many', exact: true }).fill('15');
  const one = page.getByRole('region', { name: 'One Delphinium spike, own' });
  await expect(one).toContainText('9 buds');
  await expect(one).toContainText('7 half-open florets');
  await expect(one).toContainText('15 open florets');
  await expect(one.getByRole('list', { name: label('make.wires-of-one') })).toContainText('15 ×');
  const joints = one.getByRole('list', { name: label('make.joints-of-one') }).getByRole('listitem');
  await expect(joints.first()).toContainText('Lay in the carrier');
  await expect(joints.nth(1)).toContainText('Begin with');
  await one.getByRole('button', { name: label('make.one-made-tin') }).click();
  await one.getByRole('button', { name: label('make.one-onto-the-turntable') }).click();
  await expect(page.getByRole('button', { name: 'Undo one onto the turntable' })).toBeVisible();
  await page.getByRole('radio', { name: label('make.tin'), exact: true }).click();
  await expect(
    page
      .getByRole('region', { name: label('make.in-the-tin-2') })
      .getByRole('listitem')
      .filter({ hasText: 'delphinium spike, own' }),
  ).toBeVisible();
});
