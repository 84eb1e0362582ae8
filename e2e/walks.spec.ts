import { expect, test, type Locator, type Page } from '@playwright/test';
import { MESSAGES as SPANISH } from '../src/core/words/es';
import { ENGLISH } from '../src/core/words/english';
import { Words } from '../src/core/words/words';
import { openBench } from './bench';
import { keepHabits } from './habits';

/** So many presses reach anything on a station by the keyboard. */
const MOST_TABS = 160;

/** Goes on by the key alone until the thing has the focus. */
async function tabTo(page: Page, wanted: Locator, key: 'Tab' | 'Shift+Tab' = 'Tab'): Promise<void> {
  await expect(wanted).toBeVisible();
  const there = () => wanted.evaluate((e) => e === document.activeElement || e.contains(document.activeElement));
  for (let n = 0; n < MOST_TABS; n++) {
    if (await there()) return;
    await page.keyboard.press(key);
  }
  throw new Error(`not reached by ${MOST_TABS} presses of ${key}: ${wanted.toString()}`);
}

for (const [language, words] of [
  ['en', ENGLISH],
  ['es', new Words(SPANISH)],
] as const) {
  test(`the whole job by the keyboard alone, found by roles and names, ${language}`, async ({ page }) => {
    test.setTimeout(240_000);
    const label: typeof ENGLISH.label = (key, ...args) => words.label(key, ...args);
    await openBench(page, '/brief');
    if (language !== 'en') {
      await keepHabits(page, { language });
      await page.reload();
      await expect(page.locator('html')).toHaveAttribute('lang', /^es/);
    }
    const main = page.getByRole('main');
    const stations = page.getByRole('navigation', { name: label('shell.stations') });
    const goTo = async (key: Parameters<typeof label>[0], url: RegExp) => {
      // the first of the page is reached from anywhere by going on past the end, or back from the station
      await tabTo(page, stations.getByRole('link', { name: new RegExp(`^${label(key as 'shell.brief')}`) }), 'Shift+Tab');
      await page.keyboard.press('Enter');
      await expect(page).toHaveURL(url);
      await expect(main.getByRole('heading').first()).toBeVisible();
    };
    const saved = () => expect(page.getByRole('status', { name: label('shell.saving-2') })).toHaveText(label('shell.saved'));

    // how many are at the table
    await page.keyboard.press('Tab');
    await expect(page.getByRole('link', { name: label('shell.skip-to-station') })).toBeFocused();
    await page.keyboard.press('Enter');
    const guests = page.getByRole('textbox', { name: label('brief.at-the-table') });
    await tabTo(page, guests);
    await page.keyboard.press('Control+a');
    await page.keyboard.type('64');
    await page.keyboard.press('Tab');
    await saved();
    // composed, and one proposal taken
    await tabTo(page, main.getByRole('button', { name: new RegExp(`^${label('brief.compose-these', { total: '' }).trim()}`) }));
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/\/compose$/);
    const proposals = page.getByRole('group', { name: label('compose.proposals') }).getByRole('button');
    await expect(proposals).toHaveCount(3, { timeout: 90_000 });
    await tabTo(page, proposals.nth(1));
    await page.keyboard.press('Enter');
    await expect(proposals.nth(1)).toHaveAttribute('aria-pressed', 'true');
    await saved();
    // a piece of the list is moved; where it is now and what the readings did is told once
    await tabTo(page, page.getByRole('button', { name: label('shell.list') }), 'Shift+Tab');
    await page.keyboard.press('Enter');
    const pieces = page.getByRole('listbox', { name: label('compose.pieces-along-the-line') });
    await tabTo(page, pieces);
    // the first by the key that reaches it, the next by the next
    await expect(pieces.getByRole('option').first()).toHaveAttribute('aria-selected', 'true');
    await page.keyboard.press('ArrowDown');
    await expect(pieces.getByRole('option').nth(1)).toHaveAttribute('aria-selected', 'true');
    const chosen = pieces.getByRole('option', { selected: true });
    await expect(chosen).toHaveCount(1);
    await expect(
      page.getByRole('group', { name: /./ }).filter({ has: page.getByRole('button', { name: label('compose.let-go') }) }),
    ).toBeVisible();
    await page.keyboard.press('Shift+ArrowRight');
    await expect(page.getByRole('status', { name: label('compose.what-a-move-did') })).toContainText(
      (await chosen.locator('span').nth(1).innerText()).slice(0, 12),
    );
    await saved();
    // made, wired, placed, laid over the days
    await goTo('shell.make', /\/make/);
    await goTo('shell.wire-tape', /\/wire/);
    await tabTo(page, main.getByRole('button', { name: label('shared.at-bench-step-by-step') }));
    await page.keyboard.press('Enter');
    const bench = page.getByRole('dialog');
    await expect(bench).toBeVisible();
    const on = bench.getByRole('button', { name: label('shared.done-on-next') });
    await tabTo(page, on);
    const title = bench.getByRole('heading', { level: 1 });
    const first = await title.innerText();
    await page.keyboard.press('Enter');
    await expect(title).not.toHaveText(first);
    await page.keyboard.press('Escape');
    await expect(bench).toHaveCount(0);
    await goTo('shell.place', /\/place/);
    await goTo('shell.days', /\/days/);
    await goTo('shell.hand-over', /\/hand-over/);
    await expect(page.getByRole('article', { name: label('handover.hand-over-sheet') })).toContainText(/take \d+ out/);
    await tabTo(page, main.getByRole('button', { name: label('handover.print-it') }));
    // and the last step taken back
    await page.keyboard.press('Control+z');
    await saved();
  });
}

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  /** A tap that a thumb could make: on something at least a finger wide, within the window. */
  const tap = async (page: Page, wanted: Locator) => {
    await wanted.scrollIntoViewIfNeeded();
    const box = (await wanted.boundingBox())!;
    expect(Math.min(box.width, box.height), wanted.toString()).toBeGreaterThanOrEqual(43.9);
    expect(box.x, wanted.toString()).toBeGreaterThanOrEqual(0);
    expect(box.x + box.width, wanted.toString()).toBeLessThanOrEqual(390.5);
    await wanted.tap();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  };

  test('the main job with a thumb: brief, composed, made, wired step by step, placed, handed over', async ({ page }) => {
    test.setTimeout(240_000);
    const label: typeof ENGLISH.label = (key, ...args) => ENGLISH.label(key, ...args);
    await openBench(page, '/brief');
    const main = page.getByRole('main');
    const stations = page.getByRole('navigation', { name: label('shell.stations') });
    const goTo = async (name: string, url: RegExp) => {
      if (!(await stations.getByRole('link').first().isVisible())) await tap(page, stations.getByRole('button').first());
      await tap(page, stations.getByRole('link', { name: new RegExp(`^${name}`) }));
      await expect(page).toHaveURL(url);
      await expect(main.getByRole('heading').first()).toBeVisible();
    };
    await tap(page, main.getByRole('button', { name: /^Compose these/ }));
    await expect(page).toHaveURL(/\/compose$/);
    const proposals = page.getByRole('group', { name: label('compose.proposals') }).getByRole('button');
    await expect(proposals).toHaveCount(3, { timeout: 90_000 });
    await tap(page, proposals.nth(1));
    await expect(proposals.nth(1)).toHaveAttribute('aria-pressed', 'true');
    await goTo('Make', /\/make/);
    await goTo('Wire & tape', /\/wire/);
    await tap(page, main.getByRole('button', { name: label('shared.at-bench-step-by-step') }));
    const bench = page.getByRole('dialog');
    const title = bench.getByRole('heading', { level: 1 });
    const first = await title.innerText();
    await tap(page, bench.getByRole('button', { name: label('shared.done-on-next') }));
    await expect(title).not.toHaveText(first);
    await tap(page, bench.getByRole('button', { name: label('shared.close') }));
    await goTo('Place', /\/place/);
    await tap(page, main.getByRole('button', { name: label('place.place-step-by-step') }));
    await tap(page, bench.getByRole('button', { name: label('shared.close') }));
    await goTo('Log', /\/log/);
    await tap(page, main.getByRole('button', { name: /^One made, 1 of/ }));
    await expect(main.getByRole('list', { name: '1 made, 0 broken' })).toBeVisible();
    await goTo('Hand over', /\/hand-over/);
    await expect(page.getByRole('article', { name: label('handover.hand-over-sheet') })).toBeVisible();
  });
});
