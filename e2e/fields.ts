import { expect, type Locator, type Page } from '@playwright/test';

const pageOf = (within: Page | Locator): Page => ('page' in within ? within.page() : within);

/** The key that opens a list, by the label of its field. */
export const list = (within: Page | Locator, label: string | RegExp) => within.getByRole('button', { name: label });

/** Opens a list by its label and takes what is called so, or the one at a place in it. */
export async function pick(within: Page | Locator, label: string | RegExp, option: string | number): Promise<void> {
  await list(within, label).first().click();
  const open = pageOf(within).getByRole('listbox');
  const wanted =
    typeof option === 'number' ? open.getByRole('option').nth(option) : open.getByRole('option', { name: option, exact: true });
  await wanted.click();
  await expect(open).toHaveCount(0);
}

/** Types a day, and an hour where the field has one, part by part as it is written: "12062027 0930". */
export async function typeMoment(within: Page | Locator, label: string, digits: string): Promise<void> {
  await within.getByRole('group', { name: label }).getByRole('spinbutton').first().click();
  await pageOf(within).keyboard.type(digits.replace(' ', ''));
}
