import { expect, test, type Page } from '@playwright/test';
import { openBench, withoutOwn, written } from './bench';
import { list, pick } from './fields';
import { keepHabits } from './habits';

/** Signs of units and systems, dates as the browser writes them, and names of formats are no words of ours. */
/** “and” is how CLDR joins a list in English, of which the pseudo-locale is one. */
const SIGNS =
  /\b(and|in|mm|cm|min|ml|kg|kPa|SWG|AWG|SVG|CSV|PDF|JSON|CMC|Ctrl|Esc|Tab|F1|English|Español|México|Colombia|Argentina|Français|Ofrenda|ofrenda|json|zip|am|pm|Mon|Tue|Wed|Thu|Fri|Sat|Sun|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday|Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Sept|Oct|Nov|Dec|January|February|March|April|June|July|August|September|October|November|December)\b/g;

/** What the family of fields says of itself, in the person's language: the parts of a date and hour. */
const OF_THE_FIELDS = /^(dd|yyyy|Selected (Time|Date): .*|(hour|minute|day|month|year),|Calendar)$/;

/** Texts and spoken attributes that are shown, as they stand on the page. */
const said = (page: Page) =>
  page.evaluate(() => {
    const out: string[] = [];
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walk.nextNode()) {
      const parent = walk.currentNode.parentElement;
      if (parent && !parent.closest('script, style, article, option, [translate="no"]')) out.push(walk.currentNode.nodeValue!);
    }
    for (const node of document.querySelectorAll('*'))
      for (const name of ['aria-label', 'title', 'placeholder', 'alt'])
        if (node.hasAttribute(name) && !node.closest('article, [translate="no"]')) out.push(node.getAttribute(name)!);
    for (const option of document.querySelectorAll('option'))
      if (!option.closest('label')?.textContent?.includes('/')) out.push(option.textContent ?? '');
    return out.map((t) => t.trim()).filter(Boolean);
  });

/** Words that are cut off: what is drawn is narrower than what it says. */
const cut = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('main button, main h1, main h2, main p, main th, header button')]
      .filter((e) => e.offsetParent !== null && !e.closest('svg') && e.scrollWidth > e.clientWidth + 2)
      .filter((e) => getComputedStyle(e).overflowX !== 'visible' && !e.classList.contains('sr-only'))
      .map((e) => e.innerText.slice(0, 80)),
  );

const PATHS = [
  'brief',
  'compose',
  'make',
  'make#tin',
  'make#colours',
  'make#price',
  'make#species',
  'wire',
  'place',
  'days',
  'log',
  'hand-over',
  'jobs',
  'helper',
];

test('in the pseudo-locale every visible text comes through the words, and nothing is cut at 40 % more length', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await openBench(page);
  await keepHabits(page, { language: 'en-XA', lengths: 'mm', clock: 24, weekBegins: 1 });
  const own = written();
  const left: string[] = [];
  const short: string[] = [];
  let all = 0;
  for (const path of PATHS) {
    await page.goto('about:blank');
    await page.goto(`/${path}`);
    await expect(page.locator('html')).toHaveAttribute('lang', 'en-XA');
    await expect(
      page
        .locator('main')
        .getByText(/\[.*~\]/)
        .first(),
    ).toBeVisible();
    await expect(page.getByRole('navigation').getByText(/ɱáķé/).first()).toBeVisible();
    const texts = await said(page);
    all += texts.length;
    for (const text of texts.filter((t) => !OF_THE_FIELDS.test(t)))
      if (/[A-Za-z]{2,}/.test(withoutOwn(text, own).replace(SIGNS, ''))) left.push(`${path}: ${text}`);
    short.push(...(await cut(page)).map((t) => `${path}: ${t}`));
  }
  expect(all).toBeGreaterThan(800);
  expect([...new Set(left)], [...new Set(left)].join('\n')).toEqual([]);
  expect([...new Set(short)], [...new Set(short)].join('\n')).toEqual([]);
});

test('another language takes over where one is: what was typed and where one stands stay', async ({ page }) => {
  await openBench(page, '/log');
  await page.getByText('A tray by hand, a note, a photograph').click();
  const note = page.getByLabel('Note');
  await note.fill('edges too thick');
  await page.getByRole('button', { name: 'Language and units' }).click();
  await pick(page.getByRole('dialog'), 'Language', 'Español');
  const sheet = page.getByRole('dialog', { name: 'Idioma y unidades' });
  await expect(sheet).toBeVisible();
  await expect(list(sheet, 'Idioma')).toContainText('Español');
  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);
  await expect(page.getByLabel('Nota', { exact: true })).toHaveValue('edges too thick');
  await expect(page.locator('html')).toHaveAttribute('lang', 'es');
});
