import { expect, test, type Page } from '@playwright/test';
import { pick } from './fields';
import { label } from './label';
import { goTo, numberIn, openBench, saved, stationLink, undo } from './bench';

const side = (page: Page, name: string) => page.getByRole('radio', { name, exact: true }).click();

const PRICES = 'id,name,unit,pack,pack_price,shop,on_hand\npaste,Flower paste,g,1000,15.5,sugarcraft shop,2000\n';

const readFile = (page: Page, label: string, name: string, text: string) =>
  page.getByLabel(label).setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });

test('tin: what it gives is drawn in it and need not be made; a chipped piece is not free; left-overs go in', async ({
  page,
}) => {
  await openBench(page, '/make');
  const before = await numberIn(page, /(\d+) pieces to make/);
  await expect(page.getByRole('button', { name: /^rosehip sprig: .*5 in the tin/ })).toBeVisible();
  await side(page, 'Tin');
  await pick(page, 'State of rosehip sprig of 38 mm', label('tin.chipped'));
  await side(page, 'Tray');
  await page.getByRole('button', { name: label('make.take-what-fits') }).click();
  await expect(page.getByRole('button', { name: /^rosehip sprig: \d+ to make, \d+; spare \d+ berries$/ })).toBeVisible();
  expect(await numberIn(page, /(\d+) pieces to make/)).toBeGreaterThan(before);
  await undo(page).click();
  await expect(page.getByRole('button', { name: /^rosehip sprig: .*5 in the tin/ })).toBeVisible();
  await side(page, 'Tin');
  await page.getByRole('textbox', { name: 'dahlia left over' }).fill('2');
  await page.getByLabel(label('shared.where')).fill('hat box');
  await page.getByRole('button', { name: /^Put \d+ pieces in the tin/ }).click();
  const tin = page.getByRole('region', { name: label('make.in-the-tin-2') });
  await expect(tin.getByRole('listitem').filter({ hasText: 'dahlia' })).toContainText('hat box');
  await page.reload();
  await side(page, 'Tin');
  await expect(tin.getByRole('listitem').filter({ hasText: 'dahlia' })).toContainText('hat box');
});

test('spares by a rule that can be changed', async ({ page }) => {
  await openBench(page, '/make');
  const before = await numberIn(page, /(\d+) pieces to make/);
  await page.getByRole('textbox', { name: label('make.spares-at-the-least') }).fill('6');
  await expect.poll(() => numberIn(page, /(\d+) pieces to make/)).toBeGreaterThan(before);
  await expect(stationLink(page, 'Make')).toContainText(`${await numberIn(page, /(\d+) pieces to make/)} to make`);
});

test('colours: each paste has a recipe that says how near it comes, and one label more makes the sheet safer', async ({
  page,
}) => {
  await openBench(page, '/brief');
  await page
    .getByRole('radiogroup', { name: label('brief.dust-on-the-pieces') })
    .getByRole('radio', { name: label('brief.unknown') })
    .click();
  await goTo(page, 'Make');
  await side(page, 'Colours');
  const guide = page.getByRole('region', { name: label('make.mixing-guide') });
  await expect(guide.getByRole('listitem').first()).toContainText(/g .+, \d+%/);
  await expect(guide.getByRole('listitem').first()).toContainText(/differs by \d/);
  const shelf = page.getByRole('region', { name: label('make.colours-dusts-glazes-glues') });
  await expect(shelf.getByRole('status')).toContainText('is not edible');
  await pick(page, 'What the label of plum dust says', label('food.edible'));
  await expect(shelf.getByRole('status')).toContainText('not known to be edible: it counts as not edible');
  await pick(page, 'What the label of leaf glaze says', label('food.edible'));
  await expect(shelf.getByRole('status')).toContainText('is edible');
  await goTo(page, 'Hand over');
  await expect(page.getByRole('article', { name: label('handover.hand-over-sheet') })).not.toContainText(/dust that is/);
  await goTo(page, 'Make');
  await side(page, 'Colours');
  for (const name of ['lemon', 'orange', 'claret', 'rose pink', 'violet', 'leaf green', 'brown'])
    await page.getByRole('button', { name: `Take ${name} off the shelf` }).click();
  await expect(guide.getByRole('listitem').first()).toContainText('No paste colour is on the shelf.');
});

test('price: what the client sees is one price; for oneself every line; the hour moves both', async ({ page }) => {
  await openBench(page, '/make');
  await page.getByRole('button', { name: /^Price €/ }).click();
  const quote = page.getByRole('region', { name: label('make.quote') });
  await expect(quote).not.toContainText('Margin');
  await page.getByRole('radio', { name: label('make.for-you') }).click();
  const lines = page.getByRole('list', { name: label('make.breakdown') });
  await expect(lines).toContainText(/Work.*min at € 24 an hour/);
  const total = () => lines.getByRole('listitem').last().innerText();
  const before = await total();
  await page.getByRole('textbox', { name: label('make.an-hour') }).fill('30');
  await expect(lines).toContainText('at € 30 an hour');
  expect(await total()).not.toBe(before);
  await page.getByRole('textbox', { name: label('shared.margin') }).fill('95');
  await expect(page.locator('main').getByRole('alert')).toContainText(/Margin/);
  await expect(lines).toContainText('18% of the price');
});

test('price list: bad cells are said with their line and change nothing; a good list says first what it would change', async ({
  page,
}) => {
  await openBench(page, '/make');
  await side(page, 'Price');
  await readFile(page, 'Read prices: file', 'prices.csv', PRICES.replace('15.5', '"15,5"'));
  await expect(page.locator('main').getByRole('alert')).toContainText(
    'Nothing was changed. Line 2, pack_price: “15,5” has a comma',
  );
  await readFile(page, 'Read prices: file', 'prices.csv', PRICES.replace(',shop,', ',where,'));
  await expect(page.locator('main').getByRole('alert')).toContainText('The column shop is missing.');
  await readFile(page, 'Read prices: file', 'prices.csv', PRICES);
  const told = page.getByRole('status').filter({ hasText: 'changed' });
  await expect(told).toContainText(/0 rows new, 1 changed, \d+ gone/);
  await expect(page.getByRole('list', { name: /^To buy: sugarcraft shop/ })).toContainText('Flower paste');
  await told.getByRole('button', { name: label('shared.take-it-in') }).click();
  await expect(page.getByRole('list', { name: 'To buy: sugarcraft shop' })).toHaveCount(0);
  await expect(page.getByRole('list', { name: 'To buy: Shop not said' })).toContainText('no price');
  await undo(page).click();
  await expect(page.getByRole('list', { name: /^To buy: sugarcraft shop/ })).toContainText('Flower paste');
});

test('own species: a copy with six petals looks otherwise, can be chosen in Brief, and is kept', async ({ page }) => {
  await openBench(page, '/make');
  await side(page, 'Own species');
  await page.getByRole('button', { name: label('make.copy-it') }).click();
  const editor = page.getByRole('region', { name: /^Change / });
  const picture = editor.getByRole('img', { name: /, open$/ });
  await expect(picture).toBeVisible();
  const five = await picture.getAttribute('src');
  await editor.getByRole('textbox', { name: label('shared.how-many') }).fill('6');
  await expect.poll(() => picture.getAttribute('src')).not.toBe(five);
  await editor.getByLabel(label('shared.name'), { exact: true }).fill('Dogwood');
  await editor.getByLabel(label('shared.name'), { exact: true }).press('Tab');
  await expect(page.getByRole('region', { name: 'Change Dogwood' })).toBeVisible();
  await editor.getByLabel(label('make.sizes-mm')).fill('none');
  await expect(editor).toContainText('One to six sizes of 3 to 250 mm');
  await saved(page);
  await page.reload();
  await side(page, 'Own species');
  await expect(
    page.getByRole('region', { name: 'Change Dogwood' }).getByRole('textbox', { name: label('shared.how-many') }),
  ).toHaveValue('6');
  await goTo(page, 'Brief');
  await page
    .getByRole('radiogroup', { name: label('brief.shelf-of-the-catalogue') })
    .getByRole('radio', { name: label('brief.small') })
    .click();
  const dogwood = page.getByRole('list', { name: label('shared.catalogue') }).getByRole('button', { name: /^Dogwood/ });
  await dogwood.click();
  await expect(dogwood).toHaveAttribute('aria-pressed', 'true');
});

test('another way of making a species: its steps, tools and checks on the card, undone with one press', async ({ page }) => {
  await openBench(page, '/make');
  const card = page.getByRole('region', { name: label('make.how-to-make-it') });
  await expect(card).toContainText('Look for');
  await pick(page, 'How dahlias are made', 'Snipped pompon');
  await expect(card).toContainText('Scissors at 45°, row after row from base to tip');
  await expect(page.getByText('Snipped pompon').first()).toBeVisible();
  await undo(page).click();
  await expect(card).toContainText('Cut rings, thin each edge, wrap ring by ring');
});

test('ends of wire: what cutting leaves goes in the tin with one press, and serves the next job first', async ({ page }) => {
  await openBench(page, '/wire');
  const cut = page.getByRole('region', { name: label('pack.wire') });
  await cut.getByRole('button', { name: /^All cut: put \d+ ends? of 60 mm and more in the tin/ }).click();
  await expect(cut).toContainText('the ends worth keeping are in the tin');
  await goTo(page, 'Make');
  await side(page, 'Tin');
  const ends = page.getByRole('region', { name: label('make.ends-of-wire') });
  await expect(ends.getByRole('listitem').first()).toContainText('gauge');
  await page.getByRole('textbox', { name: label('make.long') }).fill('300');
  await pick(ends, label('make.wire'), '22 ga');
  await ends.getByRole('button', { name: label('make.an-end') }).click();
  await expect(ends.getByRole('listitem').filter({ hasText: '22 gauge green, 300 mm' })).toBeVisible();
  await goTo(page, 'Wire & tape');
  await undo(page).click();
  await cut.getByRole('button', { name: /^Cut from \d+ ends? that (is|are) in the tin/ }).click();
  await expect(cut).toContainText('end of 300 mm');
  await expect(cut).toContainText('out of the tin');
});
