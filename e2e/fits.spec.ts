import { expect, test, type Page } from '@playwright/test';
import { goTo, openBench, STATIONS } from './bench';
import { fitOf } from './fits';
import { label } from './label';

/** Sizes of windows: a laptop at four times its size (WCAG 2.2, 1.4.10), phones, the bench tablet upright, an old screen. */
const WINDOWS = [
  { width: 320, height: 256, lights: ['day', 'evening'] },
  { width: 390, height: 844, lights: ['day'] },
  { width: 820, height: 1180, lights: ['day'] },
  { width: 1024, height: 768, lights: ['day'] },
  { width: 1280, height: 800, lights: ['day', 'evening'] },
] as const;
const QUARTER = 0.25;

const isCompact = ({ width, height }: { width: number; height: number }) => width <= 640 || height <= 480;

for (const window of WINDOWS) {
  test.describe(`in ${window.width} × ${window.height}`, () => {
    test.use({ viewport: { width: window.width, height: window.height }, contextOptions: { reducedMotion: 'reduce' } });

    const holds = async (page: Page, where: string) => {
      for (const light of window.lights) {
        await page.evaluate((l) => (document.documentElement.dataset.theme = l), light);
        const { shell, ...fit } = await fitOf(page);
        expect.soft(fit, `${where}, ${light}`).toEqual({ sideways: 0, small: [], tiny: [], covered: [] });
        if (isCompact(window)) expect.soft(shell, `${where}: header and bar`).toBeLessThanOrEqual(QUARTER);
      }
    };

    test('no page scrolls sideways, hides a key under another, or has keys or words too small', async ({ page }) => {
      test.setTimeout(240_000);
      await openBench(page, '/brief');
      for (const name of STATIONS) {
        await goTo(page, name);
        await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
        await holds(page, name);
      }
      // a banner takes room above the station
      await page.goto('/jobs');
      await page.getByRole('button', { name: /^Delete Midwinter/ }).click();
      await expect(page.getByRole('button', { name: label('shell.bring-it-back') })).toBeVisible();
      await holds(page, 'Jobs with a banner');
      await goTo(page, 'Compose');
      await holds(page, 'Compose with a banner');
      for (const [key, sheet] of [
        ['Control+k', 'Find a command'],
        ['F1', 'Compose'],
        ['?', 'Keys'],
      ] as const) {
        await page.keyboard.press(key);
        await expect(page.getByRole('dialog', { name: sheet })).toBeVisible();
        await holds(page, `the sheet ${sheet}`);
        await page.keyboard.press('Escape');
        await expect(page.getByRole('dialog')).toHaveCount(0);
      }
      await page.goto('/helper');
      await expect(page.locator('main').getByRole('heading').first()).toBeVisible();
      // the bar comes with the page's own script
      await expect(page.getByRole('navigation', { name: label('shell.stations') })).toBeVisible();
      await holds(page, 'Helper');
    });
  });
}
