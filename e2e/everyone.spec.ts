import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { label } from './label';
import { goTo, openBench, stationLink, STATIONS } from './bench';

for (const light of ['day', 'evening'] as const) {
  test(`no serious finding on any view, ${light} light (${light === 'day' ? 'WCAG 2.2 AA' : 'contrast'}, by axe)`, async ({
    page,
  }) => {
    test.setTimeout(180_000);
    await openBench(page);
    if (light === 'evening') await page.getByRole('button', { name: label('shell.evening-light') }).click();
    const scan = async (name: string) => {
      const axe = new AxeBuilder({ page });
      // the other light changes colours and nothing else
      const rules =
        light === 'day' ? axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']) : axe.withRules(['color-contrast']);
      const { violations } = await rules.analyze();
      const serious = violations
        .filter((v) => v.impact === 'serious' || v.impact === 'critical')
        .map((v) => `${name}: ${v.id} ${v.nodes[0]?.target.join(' ')} ${v.nodes[0]?.failureSummary}`);
      expect(serious).toEqual([]);
    };
    for (const name of [...STATIONS, 'Jobs'] as const) {
      if (name === 'Jobs') await page.getByRole('link', { name: label('shared.jobs') }).click();
      else await goTo(page, name);
      await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
      await scan(name);
    }
    for (const [key, name] of [
      ['Control+k', 'Find a command'],
      ['F1', 'Jobs'],
      ['?', 'Keys'],
    ] as const) {
      await page.keyboard.press(key);
      await expect(page.getByRole('dialog', { name })).toBeVisible();
      await scan(`the sheet on ${key}`);
      await page.keyboard.press('Escape');
      await expect(page.getByRole('dialog')).toHaveCount(0);
    }
    await page.getByRole('button', { name: label('shell.language-and-units') }).click();
    await expect(page.getByRole('dialog', { name: label('shell.language-and-units') })).toBeVisible();
    await scan('Language and units');
    await page.goto('/helper');
    await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
    await scan('Helper');
  });
}

test.describe('on the bench tablet', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  test('stations are reached by touch', async ({ page }) => {
    await openBench(page);
    for (const name of STATIONS) {
      await stationLink(page, name).tap();
      await expect(stationLink(page, name)).toHaveAttribute('aria-current', 'page');
      await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
    }
  });

  test('a piece is composed, pinned and taken away with a finger', async ({ page }) => {
    await openBench(page);
    await page.getByRole('button', { name: /^olive sprig, .* choose all/ }).tap();
    const card = page.getByRole('group', { name: /^Chosen:/ });
    await card.getByRole('button', { name: label('compose.pin'), exact: true }).tap();
    await expect(card.getByRole('button', { name: label('compose.unpin') })).toBeVisible();
    await card.getByRole('button', { name: 'Lift higher' }).tap();
    await expect(page.getByRole('button', { name: 'Undo lift' })).toBeEnabled();
  });
});

test('the main job by keyboard alone: brief, line, compose, stations', async ({ page }) => {
  await openBench(page, '/brief');
  await page.getByRole('button', { name: /^Compose these/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/compose$/);
  const full = page.getByRole('group', { name: label('compose.proposals') }).getByRole('button', { name: /Full/ });
  await expect(full).toBeVisible({ timeout: 60_000 });
  await full.focus();
  await page.keyboard.press('Space');
  await expect(full).toHaveAttribute('aria-pressed', 'true');
  await stationLink(page, 'Hand over').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('article', { name: label('handover.hand-over-sheet') })).toBeVisible();
});

test('the keys are listed on a question mark, and not while one types', async ({ page }) => {
  await openBench(page, '/brief');
  await page.getByLabel(label('brief.at-the-table')).focus();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: label('shell.keys') })).toHaveCount(0);
  await page.getByLabel(label('brief.at-the-table')).blur();
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: label('shell.keys') });
  await expect(keys).toContainText('take the last step back');
  await keys.getByRole('button', { name: label('shared.close') }).click();
  await expect(keys).toHaveCount(0);
});

test.describe('with motion reduced', () => {
  test.use({ contextOptions: { reducedMotion: 'reduce' } });

  test('nothing moves by itself: no animation and no transition runs, on any station', async ({ page }) => {
    await openBench(page);
    for (const name of STATIONS) {
      await goTo(page, name);
      await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
      const moving = await page.evaluate(
        () =>
          document.getAnimations().filter((a) => a.playState === 'running' && Number(a.effect?.getComputedTiming().duration) > 20)
            .length,
      );
      expect(moving, name).toBe(0);
    }
  });
});

test('the main job once by roles and names alone, as one who does not see the picture is told it', async ({ page }) => {
  test.setTimeout(150_000);
  await openBench(page, '/brief');
  const main = page.getByRole('main');
  // the tree that a reader is given has a name for everything that can be pressed or typed in
  for (const name of STATIONS) {
    await goTo(page, name);
    await expect(main.getByRole('heading').first()).toBeVisible();
    const nameless = await main
      .locator('button:visible, a[href]:visible, input:visible, select:visible, [role="button"]:visible')
      .evaluateAll((all) =>
        all
          // what is hidden from readers stands for a form's own sake
          .filter((e) => !e.closest('[aria-hidden="true"]'))
          .filter((e) => {
            const labelled = e
              .getAttribute('aria-labelledby')
              ?.split(' ')
              .some((id) => document.getElementById(id)?.textContent?.trim());
            const label =
              e instanceof HTMLInputElement || e instanceof HTMLSelectElement ? e.labels?.[0]?.textContent?.trim() : '';
            const inside = e.textContent?.trim() || e.querySelector('img[alt]:not([alt=""])');
            return !e.getAttribute('aria-label') && !labelled && !label && !inside && !e.getAttribute('title');
          })
          .map((e) => e.outerHTML.slice(0, 120)),
      );
    expect(nameless, name).toEqual([]);
  }
  // measured, composed and heard: the pieces by the list, not by the picture
  await goTo(page, 'Compose');
  await page.getByRole('button', { name: label('shell.list') }).press('Enter');
  const pieces = main.getByRole('listbox', { name: label('compose.pieces-along-the-line') }).getByRole('option');
  await expect(pieces.first()).toBeVisible();
  await page.getByRole('button', { name: label('shell.list') }).press('Enter');
  await page.getByRole('button', { name: label('compose.propose-three') }).press('Enter');
  const proposals = page.getByRole('group', { name: label('compose.proposals') }).getByRole('button');
  await expect(proposals).toHaveCount(3, { timeout: 60_000 });
  await expect(proposals.first()).toHaveAccessibleName(/\d+ pieces/);
  await proposals.first().press('Enter');
  await expect(proposals.first()).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('status', { name: label('shell.saving-2') })).toHaveText('saved');
  await goTo(page, 'Place');
  await expect(main.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await expect(main.getByRole('button', { name: /^Entry 1,/ }).first()).toBeVisible();
  await goTo(page, 'Hand over');
  await expect(page.getByRole('article', { name: label('handover.hand-over-sheet') })).toContainText(/take \d+ out/i);
});

test('the focus goes on to the next sensible thing when what held it is gone, and back to its key when a sheet is closed', async ({
  page,
}) => {
  await openBench(page, '/jobs');
  const focused = () =>
    page.evaluate(() => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.tagName);
  const gone = page.getByRole('button', { name: /^Delete Midwinter/ });
  await gone.press('Enter');
  await expect(gone).toHaveCount(0);
  await expect.poll(focused).not.toBe('BODY');
  // undone, the key of the last step has nothing to do any more and is switched off
  await goTo(page, 'Brief');
  await page.getByRole('button', { name: label('brief.grand'), exact: true }).or(page.getByRole('radio', { name: label('brief.grand') })).first().press('Space'); // prettier-ignore
  const undo = page.getByRole('button', { name: /^Undo/ });
  await expect(undo).toBeEnabled();
  await undo.press('Enter');
  await expect(undo).toBeDisabled();
  await expect.poll(focused).not.toBe('BODY');
  for (const name of [label('shell.language-and-units'), label('shell.why-it-works-so')]) {
    const key = page.getByRole('button', { name });
    await key.press('Enter');
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await expect(key).toBeFocused();
  }
});

test('the first key of the page leads past header and stem to the station', async ({ page }) => {
  await openBench(page, '/make');
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('Tab');
  const skip = page.getByRole('link', { name: label('shell.skip-to-station') });
  await expect(skip).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main')).toBeFocused();
});

test.describe('with colours forced by the system', () => {
  test.use({ contextOptions: { forcedColors: 'active' } });

  test('what is chosen differs from what is not, keys have an edge, and the focus is seen', async ({ page }) => {
    await openBench(page);
    const list = page.getByRole('button', { name: label('shell.list') });
    const look = () =>
      list.evaluate((e) => {
        const { backgroundColor, borderTopWidth, borderTopStyle } = getComputedStyle(e);
        return { backgroundColor, edge: `${borderTopWidth} ${borderTopStyle}` };
      });
    const before = await look();
    expect(before.edge).toBe('1px solid');
    await list.press('Enter');
    await expect(list).toHaveAttribute('aria-pressed', 'true');
    expect((await look()).backgroundColor).not.toBe(before.backgroundColor);
    const outline = await list.evaluate((e) => getComputedStyle(e).outlineStyle);
    expect(outline).toBe('solid');
  });
});
