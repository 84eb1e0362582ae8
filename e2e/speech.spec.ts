import { expect, test, type Page } from '@playwright/test';
import { goTo, openBench, saved, stationLink, STATIONS, undo, withoutOwn, written } from './bench';
import { pick } from './fields';

async function read(page: Page, choice: string): Promise<void> {
  await page.getByRole('button', { name: /Language and units|Idioma y unidades/ }).click();
  const sheet = page.getByRole('dialog');
  const languages = ['English', 'Español', 'Français'];
  if (languages.includes(choice)) await pick(sheet, /^(\S+) (Language|Idioma|Langue)$/, choice);
  else await sheet.getByRole('radio', { name: choice }).click();
  // the sheet itself is said anew at that moment: closed is what stays closed
  await expect(async () => {
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0, { timeout: 700 });
  }).toPass();
}

/** What the page shows, without what a person has written and without sheets, which have a language of their own. */
const shown = (page: Page) =>
  page.evaluate(() => {
    const out: string[] = [];
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walk.nextNode()) {
      const parent = walk.currentNode.parentElement;
      if (parent && !parent.closest('script, style, article, [translate="no"]')) out.push(walk.currentNode.nodeValue!.trim());
    }
    return out.filter((t) => /\p{L}{2}/u.test(t));
  });

/** Words that English has and Spanish has not. */
const ENGLISH = /\b(the|of|and|with|for|from|this|that|piece|pieces|wire|stem|take|which|where|what|when|your|you|each)\b/i;

test('the whole interface in Spanish: every station says next to nothing in English, and it stays so', async ({ page }) => {
  test.setTimeout(180_000);
  await openBench(page);
  await read(page, 'Español');
  await expect(page.locator('html')).toHaveAttribute('lang', 'es');
  const paths = [
    'brief',
    'compose',
    'make',
    'make#price',
    'make#tin',
    'wire',
    'place',
    'days',
    'log',
    'hand-over',
    'jobs',
    'helper',
  ];
  const own = written();
  const left: string[] = [];
  let all = 0;
  for (const path of paths) {
    await page.goto('about:blank');
    await page.goto(`/${path}`);
    await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
    await expect(page.getByRole('navigation', { name: 'Estaciones' }).getByText('Alambre y cinta')).toBeVisible();
    await expect(page.getByText(/por hacer/).first()).toBeVisible();
    const texts = await shown(page);
    all += texts.length;
    left.push(...texts.filter((t) => ENGLISH.test(withoutOwn(t, own))).map((t) => `${path}: ${t}`));
  }
  expect(all).toBeGreaterThan(500);
  expect(left.length / all, left.join('\n')).toBeLessThan(0.01);
  await page.goto('/compose');
  await read(page, 'English');
  await expect(stationLink(page, 'Wire & tape')).toBeVisible();
});

test('inches and a twelve-hour clock: read so, typed so, kept in millimetres', async ({ page }) => {
  await openBench(page, '/brief');
  await read(page, 'Inches');
  await read(page, '12 hours');
  await expect(page.locator('header')).toContainText('leaves at 9:30 am');
  const board = page.getByRole('textbox', { name: 'Board diameter' });
  await board.fill('14');
  await board.press('Tab');
  await saved(page);
  await read(page, 'Millimetres');
  await read(page, '24 hours');
  await expect(page.getByRole('textbox', { name: 'Board diameter' })).toHaveValue('355.6');
  await expect(page.locator('header')).toContainText('leaves at 09:30');
  await undo(page).click();
  await expect(undo(page)).toBeDisabled();
});

test('the first day of the week is the one that is chosen', async ({ page }) => {
  await openBench(page, '/days');
  await page.getByText('Who works when, and where it dries').click();
  const first = page
    .getByRole('list', { name: /^Hours of/ })
    .first()
    .getByRole('listitem')
    .first();
  await expect(first).toContainText('Mon');
  await read(page, 'Sunday');
  await expect(first).toContainText('Sun');
});

/** The list of commands, once it stands there and the fingers are in its field. */
async function commands(page: Page): Promise<void> {
  await page.keyboard.press('Control+k');
  await expect(page.getByPlaceholder('A few letters of it')).toBeFocused();
}

test('everything by its name on Ctrl K: a few letters, Enter', async ({ page }) => {
  await openBench(page);
  await commands(page);
  await page.keyboard.type('go to day');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/days$/);
  await commands(page);
  await page.keyboard.type('dark');
  await page.keyboard.press('Enter');
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'evening');
  await commands(page);
  await page.keyboard.type('nothing like this');
  await expect(page.getByText('No command has that name.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('why a station works as it does, on F1, for each of them', async ({ page }) => {
  await openBench(page, '/brief');
  const heard = new Set<string>();
  for (const name of STATIONS) {
    await goTo(page, name);
    await page.keyboard.press('F1');
    const help = page.getByRole('dialog', { name });
    await expect(help.getByRole('listitem').first()).toBeVisible();
    heard.add(await help.innerText());
    await page.keyboard.press('Escape');
    await expect(help).toHaveCount(0);
  }
  expect(heard.size).toBe(STATIONS.length);
});

test('a look round is offered on a first visit, walks the demo job, and is not offered again', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: 'Guided tour' }).click();
  const card = page.getByRole('complementary', { name: 'Guided tour' });
  for (const path of ['brief', 'compose', 'make', 'wire', 'place', 'days', 'hand-over']) {
    await expect(page).toHaveURL(new RegExp(`/${path}$`));
    if (path !== 'hand-over') await card.getByRole('button', { name: 'Go on' }).click();
  }
  await card.getByRole('button', { name: 'Stay here' }).click();
  await expect(card).toHaveCount(0);
  await page.reload();
  await openBench(page, '/compose');
  await expect(page.getByRole('button', { name: 'Guided tour' })).toHaveCount(0);
});

test('figures are typed with the decimal sign of one’s language, and kept the same', async ({ page }) => {
  await openBench(page, '/brief');
  await read(page, 'Español');
  const field = page.getByRole('textbox', { name: 'Diámetro de la base' });
  await field.fill('335,5');
  await field.press('Tab');
  await expect(field).toHaveValue('335,5');
  await read(page, 'English');
  await saved(page);
  await expect(page.getByRole('textbox', { name: 'Board diameter' })).toHaveValue('335.5');
});
