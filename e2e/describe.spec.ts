import { expect, test, type Locator, type Page } from '@playwright/test';
import { openBench, saved, undo } from './bench';
import { pick } from './fields';
import { label } from './label';

/** Describing begins from a copy; choosing what to copy and copying it are two acts. */
async function begin(page: Page, name: string): Promise<Locator> {
  await openBench(page, '/make#species');
  const own = page.getByRole('region', { name: label('shared.own-species') });
  await pick(own, label('make.begin-from'), name);
  await own.getByRole('button', { name: label('make.copy-it') }).click();
  const built = page.getByRole('region', { name: label('describe.head') });
  await expect(built.getByRole('textbox', { name: label('describe.typed') })).toBeVisible();
  return built;
}

const typedIn = (built: Locator) => built.getByRole('textbox', { name: label('describe.typed') });
const said = async (built: Locator, line: string): Promise<void> => {
  await typedIn(built).fill(line);
  await typedIn(built).press('Enter');
};
const count = (built: Locator, part: string) => built.getByRole('textbox', { name: `${part}: how many`, exact: true });

// choose, copy, type, Enter: four acts for any of them
for (const [from, line, parts] of [
  ['Lilac spike', '5 buds, 3 half, 7 open', { Buds: '5', 'Half-open florets': '3', 'Open florets': '7' }],
  ['Round-leaf sprig', '6 pairs 18 to 43, 30 ga, on 20', { Leaves: '13' }],
  ['Laurel sprig', '2 of 18, 4 of 26, 6 of 34', { Leaves: '12' }],
  ['Branch of froth', '48 florets, 9 clusters, 3 to a branch', { 'Side branches': '3' }],
  ['Rosehip sprig', '2 green, 3 ripe', { Berries: '5' }],
  ['Mop-head cluster', '10 buds + 22 florets', { Buds: '10', Florets: '22' }],
  ['Wrapped rose', '6 rounds 40', { Rounds: '6' }],
  ['Olive sprig', '9 leaves 16 to 30, no berries', { Leaves: '9' }],
  ['Leafy vine', '4 arms; 3 leaves each', { Arms: '4', Leaves: '3' }],
  ['Laurel sprig', '7 leaves; 3 berries 11, 24 ga', { Leaves: '7', Berries: '3' }],
  ['Delphinium spike', '4 buds, 5 half, 6 open, in the hand', { Buds: '4', 'Open florets': '6' }],
  ['Anemone', '4 petals 26, no stamens', { 'Petals 1': '2', 'Petals 2': '2' }],
] as const)
  test(`described in a line: ${from}, “${line}”`, async ({ page }) => {
    const built = await begin(page, from);
    await said(built, line);
    for (const [part, n] of Object.entries(parts)) await expect(count(built, part)).toHaveValue(n);
    await expect(built.getByRole('status')).toHaveCount(0);
    if (line.includes(', no ')) await expect(built.getByRole('row', { name: /^(Berr|Bunch)/ })).toHaveCount(0);
  });

test('a branch is pulled at its foot: longer by what grows there, in one step that is undone; kept over a reload', async ({
  page,
}) => {
  const built = await begin(page, 'Round-leaf sprig');
  const before = Number(await count(built, 'Leaves').inputValue());
  const foot = built.getByText(label('describe.foot-pull')).locator('..').locator('circle').first();
  const box = (await foot.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 60, box.y + box.height / 2, { steps: 4 });
  await page.mouse.move(box.x + box.width / 2 + 95, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  const after = Number(await count(built, 'Leaves').inputValue());
  expect(after).toBeGreaterThan(before);
  expect(after % 2).toBe(1);
  await undo(page).click();
  await expect(count(built, 'Leaves')).toHaveValue(`${before}`);
  await built.getByRole('button', { name: label('describe.node-more') }).click();
  await expect(count(built, 'Leaves')).toHaveValue(`${before + 2}`);
  await saved(page);
  await page.reload();
  await expect(count(built, 'Leaves')).toHaveValue(`${before + 2}`);
  await built.getByRole('button', { name: label('describe.as-shipped') }).click();
  await expect(count(built, 'Leaves')).toHaveValue(`${before}`);
});

test('a word that is not known is told, the rest is taken; what is too much is refused at its place', async ({ page }) => {
  const built = await begin(page, 'Laurel sprig');
  await said(built, '5 leaves, glittering, on 18 ga');
  await expect(built.getByRole('status')).toContainText('glittering');
  await expect(count(built, 'Leaves')).toHaveValue('5');
  await said(built, '280 leaves');
  await expect(built.getByRole('alert')).toBeVisible();
  await expect(count(built, 'Leaves')).toHaveValue('5');
});

test('sizes, wire and cut are changed by keyboard in the table, and what comes of it follows', async ({ page }) => {
  const built = await begin(page, 'Laurel sprig');
  const comes = built.getByRole('region', { name: label('describe.what-comes') });
  const figures = await comes.innerText();
  const largest = built.getByRole('textbox', { name: 'Leaves: largest, at the foot' });
  await largest.fill('50');
  await largest.press('Tab');
  await expect.poll(() => comes.innerText()).not.toBe(figures);
  await pick(built, 'Leaves: wire', '28 ga');
  await pick(built, 'Leaves: how its wire is cut', 'quarters');
  await expect(built.getByRole('row', { name: /^Leaves/ })).toContainText('90 mm');
  await pick(built, 'Leaves: wire', label('describe.no-wire'));
  await expect(built.getByRole('row', { name: /^Leaves/ })).not.toContainText('90 mm');
});

test('sizes are taken from one’s own cutters, which stay for the next piece; a round one gives leaves by two cuts', async ({
  page,
}) => {
  const built = await begin(page, 'Laurel sprig');
  await built.getByText('Cutters, moulds and veiners of my own').click();
  await built.getByRole('textbox', { name: 'Name' }).fill('Round 40');
  await pick(built, 'Outline', 'round');
  for (const measure of ['Long', 'Wide']) {
    await built.getByRole('textbox', { name: measure, exact: true }).fill('40');
    await built.getByRole('textbox', { name: measure, exact: true }).press('Tab');
  }
  await built.getByRole('button', { name: 'One more', exact: true }).click();
  await expect(built.getByRole('listitem').filter({ hasText: 'in two cuts' }).first()).toBeVisible();
  await built.getByRole('button', { name: 'Take the sizes of my cutters' }).click();
  await expect(built.getByRole('button', { name: 'Take the sizes of my cutters' })).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('Cutters, moulds and veiners of my own: 1')).toBeVisible();
});

test('what a line is made of is chosen in the table or typed: its weight and its thickness follow, undo brings it back', async ({
  page,
}) => {
  const built = await begin(page, 'Laurel sprig');
  const comes = built.getByRole('region', { name: label('describe.what-comes') });
  const gramsOf = async () => Number(/([\d.]+) g/.exec(await comes.innerText())![1]);
  const ofPaste = await gramsOf();
  await pick(built, 'Leaves: made of', 'wafer paper');
  await expect(typedIn(built)).toHaveValue(/wafer paper/);
  await expect.poll(gramsOf).toBeLessThan(ofPaste);
  await said(built, 'fondant');
  await expect.poll(gramsOf).toBeGreaterThan(ofPaste);
  await undo(page).click();
  await undo(page).click();
  await expect.poll(gramsOf).toBe(ofPaste);
});

test('a clause that is taken out of the line takes its part away, and undo brings it back', async ({ page }) => {
  const built = await begin(page, 'Olive sprig');
  const line = await typedIn(built).inputValue();
  const clauses = line.split('; ');
  expect(clauses).toHaveLength(3);
  await said(built, [clauses[0], clauses[2]].join('; '));
  await expect(built.getByRole('row', { name: /^Berries/ })).toHaveCount(0);
  await expect(built.getByRole('row', { name: /^Leaves/ })).toHaveCount(1);
  await undo(page).click();
  await expect(built.getByRole('row', { name: /^Berries/ })).toHaveCount(1);
  await expect(typedIn(built)).toHaveValue(line);
});
