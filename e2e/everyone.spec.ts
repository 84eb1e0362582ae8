import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import { goTo, openBench, stationLink, STATIONS } from './bench';

for (const light of ['day', 'evening'] as const) {
  test(`no serious finding on any view, ${light} light (WCAG 2.2 AA, by axe)`, async ({ page }) => {
    test.setTimeout(180_000);
    await openBench(page);
    if (light === 'evening') await page.getByRole('button', { name: 'Evening light' }).click();
    for (const name of [...STATIONS, 'Jobs'] as const) {
      if (name === 'Jobs') await page.getByRole('link', { name: 'Jobs' }).click();
      else await goTo(page, name);
      await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
      const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
      const serious = violations
        .filter((v) => v.impact === 'serious' || v.impact === 'critical')
        .map((v) => `${name}: ${v.id} ${v.nodes[0]?.target.join(' ')} ${v.nodes[0]?.failureSummary}`);
      expect(serious).toEqual([]);
    }
  });
}

test.describe('on the bench tablet', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  test('stations are reached by touch, nothing scrolls sideways, keys are large enough for a finger', async ({ page }) => {
    await openBench(page);
    for (const name of STATIONS) {
      await stationLink(page, name).tap();
      await expect(stationLink(page, name)).toHaveAttribute('aria-current', 'page');
      await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
      const sideways = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
      expect(sideways, `${name} scrolls sideways`).toBeLessThanOrEqual(0);
      const small = await page
        .locator('main button:visible')
        .evaluateAll((buttons) =>
          buttons
            .map((b) => ({ name: b.getAttribute('aria-label') ?? b.textContent, h: b.getBoundingClientRect().height }))
            .filter((b) => b.h < 43.5),
        );
      expect(small, `${name} has small keys`).toEqual([]);
    }
  });

  test('a piece is composed, pinned and taken away with a finger', async ({ page }) => {
    await openBench(page);
    await page.getByRole('button', { name: /^olive, .* choose all/ }).tap();
    const card = page.getByRole('group', { name: /^Chosen:/ });
    await card.getByRole('button', { name: 'Pin', exact: true }).tap();
    await expect(card.getByRole('button', { name: 'Unpin' })).toBeVisible();
    await card.getByRole('button', { name: 'Lift higher' }).tap();
    await expect(page.getByRole('button', { name: 'Undo lift' })).toBeEnabled();
  });
});

test('the main job by keyboard alone: brief, line, compose, stations', async ({ page }) => {
  await openBench(page, '/brief');
  await page.getByRole('button', { name: /^Compose these/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/compose$/);
  await page.getByRole('button', { name: 'Propose three' }).focus();
  await page.keyboard.press('Enter');
  const full = page.getByRole('group', { name: 'Proposals' }).getByRole('button', { name: /Full/ });
  await expect(full).toBeVisible({ timeout: 60_000 });
  await full.focus();
  await page.keyboard.press('Space');
  await expect(full).toHaveAttribute('aria-pressed', 'true');
  await stationLink(page, 'Hand over').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('article', { name: 'Hand-over sheet' })).toBeVisible();
});

test('the keys are listed on a question mark, and not while one types', async ({ page }) => {
  await openBench(page, '/brief');
  await page.getByLabel('At the table').focus();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toHaveCount(0);
  await page.getByLabel('At the table').blur();
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await expect(keys).toContainText('take the last step back');
  await keys.getByRole('button', { name: 'Close' }).click();
  await expect(keys).toHaveCount(0);
});
