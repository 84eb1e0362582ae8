import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { pick, typeMoment } from './fields';
import { label } from './label';
import { goTo, openBench, saved, undo } from './bench';

const DAYS = '/days';
const list = 'Day by day';

test('a sitting opens, its work is ticked and stays ticked; not done after all', async ({ page }) => {
  await openBench(page, DAYS);
  await page.getByRole('list', { name: list }).getByRole('button').first().click();
  const card = page.getByRole('region', { name: label('days.one-sitting') });
  await expect(card).toContainText(/May begin|No room|Decides when/);
  await card.getByRole('checkbox').first().check();
  await card.getByRole('button', { name: label('days.all-done') }).click();
  await expect(page.getByRole('list', { name: list })).toContainText('done:');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('list', { name: list })).toContainText('done:');
  await page.getByRole('list', { name: list }).getByRole('button').first().click();
  await card.getByRole('button', { name: label('days.not-done-after-all') }).click();
  await expect(page.getByRole('list', { name: list })).not.toContainText('done:');
});

test('a task goes to another day by its list, by arrow key and by hand; where it cannot be it says why', async ({ page }) => {
  await openBench(page, DAYS);
  const title = page.getByRole('heading', { name: /of work, beginning/ });
  const before = await title.innerText();
  await page.getByRole('list', { name: list }).getByRole('button').first().click();
  const card = page.getByRole('region', { name: label('days.one-sitting') });
  const day = /Day for/;
  await pick(card, day, 1);
  await expect(title).not.toHaveText(before);
  await page.getByRole('button', { name: /^Free \d+ tasks?/ }).click();
  await expect(title).toHaveText(before);
  await pick(card, day, 'Saturday 12 June');
  await expect(card).toContainText(/Not on Saturday 12 June:/);
  await undo(page).click();
  const block = page.getByRole('group', { name: /^Work and drying/ }).getByRole('button', { name: /^Mix the pastes/ });
  await block.focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('button', { name: label('days.let-go-tasks-set-by', { pins: 1 }) })).toBeVisible();
  await undo(page).click();
  const box = (await block.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 - 40, { steps: 4 });
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 - 80, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: /^Free \d+ tasks?/ })).toBeVisible();
});

test('the plan one goes by: a change says what it moves', async ({ page }) => {
  await openBench(page, DAYS);
  const goBy = page.getByRole('region', { name: label('days.the-plan-you-go-by') });
  await goBy.getByRole('button', { name: label('days.go-by-this-plan') }).click();
  await expect(goBy).toContainText('nothing has moved');
  await page.getByRole('radio', { name: '2 h evenings' }).click();
  await expect(goBy).toContainText(/\d+ tasks? moved/);
  await goBy.getByRole('button', { name: label('days.plan-from-scratch') }).click();
  await expect(goBy.getByRole('button', { name: label('days.go-by-this-plan') })).toBeVisible();
});

test('begun too late: what would make it fit is tried, offered and taken', async ({ page }) => {
  await openBench(page, DAYS);
  await page.clock.setFixedTime(new Date('2027-06-03T19:00:00'));
  await page.reload();
  const fits = page.getByRole('region', { name: label('days.what-would-make-fit') });
  await expect(fits).toContainText('too few');
  await fits.getByRole('button', { name: label('days.what-would-make-fit') }).click();
  const way = fits.getByRole('button', { name: /tried: begins/ }).first();
  await way.click({ timeout: 30_000 });
  await expect(fits).toHaveCount(0);
});

test('by the hour: a chart with drying, that says what it shows; the week on paper', async ({ page }) => {
  await openBench(page, DAYS);
  await page.getByRole('radio', { name: label('days.by-hour') }).click();
  await expect(
    page
      .getByRole('img', { name: /^Work and drying of every step/ })
      .locator('svg path')
      .nth(20),
  ).toBeAttached();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: label('days.print-the-week') }).click();
  const file = await waiting;
  expect(file.suggestedFilename()).toBe('days.pdf');
  expect(
    readFileSync((await file.path())!)
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
});

test('who works when: a day off, hours that end before they begin, racks, a cake that is firm too late', async ({ page }) => {
  await openBench(page, DAYS);
  const title = page.getByRole('heading', { name: /of work, beginning/ });
  const before = await title.innerText();
  await page.getByText(label('days.who-works-when-where-dries')).click();
  await typeMoment(page, label('days.a-day-off'), '29052027');
  await page.getByRole('button', { name: label('days.nobody-works-then') }).click();
  await expect(title).not.toHaveText(before);
  await typeMoment(page, 'You, Monday, to', '1700');
  await expect(page.getByText(label('days.ends-before-begins-no-work'))).toBeVisible();
  await page.getByRole('button', { name: 'Places on the rack: not counted' }).click();
  await page.getByRole('textbox', { name: label('days.places-on-the-rack') }).fill('0');
  await expect(page.getByText(/Places on the rack is at least 1/)).toBeVisible();
  await typeMoment(page, label('days.cake-baked-covered-firm'), '12062027 0920');
  await expect(page.getByRole('alert').filter({ hasText: 'before the cake is ready' })).toBeVisible();
  await page.getByRole('radio', { name: label('days.as-early-as-possible') }).click();
  await typeMoment(page, label('days.begin-no-sooner-than'), '01052027 0000');
  await expect(title).toContainText('1 May');
});

test('a packet goes to a helper, is worked from and comes back: counted once, however often', async ({ page }) => {
  await openBench(page, DAYS);
  await page.getByText(label('days.who-works-when-where-dries')).click();
  await page.getByRole('button', { name: label('days.add-a-helper') }).click();
  const going = page.waitForEvent('download');
  await page
    .getByRole('region', { name: label('days.packets-for-helpers') })
    .getByRole('button', { name: /^Helper: \d+ tasks/ })
    .click();
  const out = await (await going).path();
  await saved(page);
  await page.goto('/jobs');
  await page
    .getByLabel(label('jobs.job-file'))
    .setInputFiles({ name: 'helper.json', mimeType: 'application/json', buffer: readFileSync(out) });
  await expect(page.getByRole('heading', { name: /^Helper, for/ })).toBeVisible();
  const first = page
    .getByRole('list', { name: label('helper.what-to-make') })
    .getByRole('listitem')
    .first();
  await first.getByRole('textbox', { name: label('shared.made') }).fill('3');
  await first.getByRole('button', { name: /^Write down/ }).click();
  await expect(first).toContainText(/^.*3 of \d+ made/);
  const coming = page.waitForEvent('download');
  await page.getByRole('button', { name: label('helper.send-it-back') }).click();
  const back = readFileSync((await (await coming).path())!);
  await goTo(page, 'Log');
  const packets = page.getByRole('region', { name: label('log.packets-from-helpers') });
  const bring = () =>
    packets.getByLabel(label('log.packet-file')).setInputFiles({ name: 'back.json', mimeType: 'application/json', buffer: back });
  await bring();
  await expect(packets).toContainText('Helper: 1 new entry');
  await packets.getByRole('button', { name: label('shared.take-it-in') }).click();
  await bring();
  await expect(packets).toContainText('Helper: 0 new entries');
  await packets.getByLabel(label('log.packet-file')).setInputFiles({
    name: 'other.json',
    mimeType: 'application/json',
    buffer: Buffer.from(back.toString().replace(/"projectId": "[^"]+"/, '"projectId": "another"')),
  });
  await expect(packets.getByRole('alert')).toContainText('belongs to another job');
});

test('a calendar with a rule that never ends is read beside the page and can be stopped; a sound one is told first', async ({
  page,
}) => {
  await openBench(page, '/days');
  const file = (rule: string) => ({
    name: 'busy.ics',
    mimeType: 'text/calendar',
    buffer: Buffer.from(
      ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//x//y//EN', 'BEGIN:VEVENT', 'UID:u', 'SUMMARY:choir', 'DTSTART:20270604T180000', 'DTEND:20270604T190000', ...(rule ? [rule] : []), 'END:VEVENT', 'END:VCALENDAR', ''].join('\r\n'), // prettier-ignore
    ),
  });
  const input = page.getByLabel(label('shared.file-of', { label: label('days.busy-times-from-calendar') }));
  // the thirtieth of February, looked for hour by hour
  await input.setInputFiles(file('RRULE:FREQ=HOURLY;BYMONTH=2;BYMONTHDAY=30'));
  const stop = page.getByRole('button', { name: label('shared.stop-reading') });
  await expect(stop).toBeVisible();
  await expect(page.getByRole('progressbar', { name: label('shared.reading') })).toBeVisible();
  await stop.click();
  await expect(stop).toHaveCount(0);
  await input.setInputFiles(file(''));
  await page.getByRole('button', { name: label('shared.take-it-in') }).click();
  await expect(page.getByText(/choir/)).toBeVisible();
});

test('where blocks lie closer than a finger a press lists them, and each of the list can be chosen', async ({ page }) => {
  await openBench(page, DAYS);
  const strands = page.getByRole('group', { name: label('days.work-drying-each-kind-over') });
  const near = page.getByRole('group', { name: label('shared.under-the-finger') });
  await strands.getByRole('button', { name: /^Dahlia: Steam/ }).click({ force: true });
  const listed = near.getByRole('button');
  await expect(listed).toHaveCount(2);
  await listed.filter({ hasText: /dust/i }).click();
  await expect(listed.filter({ hasText: /dust/i })).toHaveAttribute('aria-pressed', 'true');
});
