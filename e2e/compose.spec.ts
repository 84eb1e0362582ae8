import { expect, test, type Page } from '@playwright/test';
import { list, pick } from './fields';
import { label } from './label';
import { goTo, openBench, redo, saved, stationLink, undo } from './bench';
import { countRenders } from './renders';

const turntable = (page: Page) => page.getByRole('application', { name: /^Turntable/ });

const PLACES = [
  [0.55, 0.45],
  [0.5, 0.6],
  [0.5, 0.48],
  [0.46, 0.52],
  [0.42, 0.6],
  [0.58, 0.38],
] as const;

/** Presses about the middle of the cake until a piece is chosen, once pieces are drawn there; says where. */
async function chooseInPicture(page: Page): Promise<{ x: number; y: number }> {
  const box = (await page.locator('canvas').boundingBox())!;
  let found: { x: number; y: number } | null = null;
  await expect(async () => {
    for (const [fx, fy] of PLACES) {
      const at = { x: box.x + box.width * fx, y: box.y + box.height * fy };
      await page.mouse.click(at.x, at.y);
      if (!(await page.getByRole('group', { name: /^Chosen:/ }).isVisible())) continue;
      found = at;
      return;
    }
    throw new Error('no piece under any of these places');
  }).toPass({ timeout: 30_000 });
  return found!;
}

/** The key that opens the list of lines says which it is, and then what it is for. */
const LINE = /^(crescent|lazy S|cascade|side spray|corner spray|wreath|garland|posy|cluster|plaque|pick|scatter) Line$/;

test('propose three, keep one, undo and redo by name', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: label('compose.propose-three') }).click();
  await expect(page.getByRole('status', { name: label('compose.composing') })).toContainText(/Arrangement \d of 3/);
  await expect(page.getByRole('progressbar', { name: label('compose.composing') })).toHaveAttribute('value', /^0?\.?\d+/);
  const shelf = page.getByRole('group', { name: label('compose.proposals') });
  await expect(shelf.getByRole('button')).toHaveCount(3, { timeout: 60_000 });
  const leafy = shelf.getByRole('button', { name: /Leafy/ });
  await leafy.click();
  await expect(leafy).toHaveAttribute('aria-pressed', 'true');
  await expect(undo(page)).toHaveAccessibleName('Undo keep “Leafy”');
  await undo(page).click();
  await expect(leafy).toHaveAttribute('aria-pressed', 'false');
  await page.keyboard.press('Control+y');
  await expect(leafy).toHaveAttribute('aria-pressed', 'true');
  await saved(page);
});

test('a search is stopped at once and keeps the best so far', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: label('compose.propose-three') }).click();
  await expect(page.getByRole('status', { name: label('compose.composing') })).toContainText(/pieces/);
  await page.getByRole('button', { name: label('compose.stop-keep-the-best') }).click();
  await expect(page.getByRole('button', { name: label('compose.propose-three') })).toBeVisible();
  await expect(undo(page)).toHaveAccessibleName('Undo keep the best so far');
});

test('a piece is chosen and dragged in the picture; the drag is one step', async ({ page }) => {
  await openBench(page);
  await expect(page.locator('canvas')).toBeVisible();
  const at = await chooseInPicture(page);
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  for (let i = 1; i <= 6; i++) await page.mouse.move(at.x + i * 5, at.y + i * 3);
  await page.mouse.up();
  await expect(undo(page)).toHaveAccessibleName(/^Undo move/);
  await undo(page).click();
  await expect(undo(page)).toBeDisabled();
  await expect(redo(page)).toBeEnabled();
});

test('while a piece is dragged only what the drag changes is rendered anew', async ({ page }) => {
  const { renders, reset } = await countRenders(page);
  await openBench(page);
  await expect(page.locator('canvas')).toBeVisible();
  const at = await chooseInPicture(page);
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  // the first move turns the place into one that is not saved: that may be told everywhere
  await page.mouse.move(at.x + 3, at.y + 2);
  await page.waitForFunction(() => new Promise((next) => requestAnimationFrame(() => requestAnimationFrame(() => next(true)))));
  await reset();
  for (let i = 2; i <= 9; i++) await page.mouse.move(at.x + i * 3, at.y + i * 2);
  await expect.poll(async () => Object.keys(await renders()).length).toBeGreaterThan(0);
  const during = await renders();
  await page.mouse.up();
  // the picture, its readings and the card of the piece follow the hand; the frame round them does not
  expect(Object.keys(during)).toEqual(expect.arrayContaining([expect.stringMatching(/^Chosen/), 'Balance']));
  // the stem itself follows its notes, which the plan may change; its ways are drawn anew each for itself
  const chosen = Object.entries(during).find(([label]) => label.startsWith('Chosen'))![1];
  expect(during.Stations ?? 0).toBeLessThan(chosen);
  for (const still of ['Turn the cake', 'Keys', 'Jobs', 'Take the line in hand', 'How it meets the cake'])
    expect(during[still] ?? 0, `${still} was rendered anew ${during[still]} times: ${JSON.stringify(during)}`).toBe(0);
});

test('the grips of a chosen piece lean, spin and lift it; each drag is one step named for what it did', async ({ page }) => {
  await openBench(page);
  await expect(page.locator('canvas')).toBeVisible();
  await chooseInPicture(page);
  for (const [grip, by] of [
    ['lean', { x: 60, y: -30 }],
    ['spin', { x: 40, y: 40 }],
    ['lift', { x: 0, y: -50 }],
  ] as const) {
    const figure = page.getByText(new RegExp(`^${grip} [−\\d]`));
    await expect(figure).toBeVisible();
    const before = await figure.innerText();
    const box = (await figure.boundingBox())!;
    const at = { x: box.x - 17, y: box.y + box.height / 2 };
    await page.mouse.move(at.x, at.y);
    await page.mouse.down();
    for (let i = 1; i <= 4; i++) await page.mouse.move(at.x + (by.x * i) / 4, at.y + (by.y * i) / 4);
    await page.mouse.up();
    await expect(undo(page)).toHaveAccessibleName(new RegExp(`^Undo ${grip}`));
    await expect(figure).not.toHaveText(before);
    await undo(page).click();
    await expect(figure).toHaveText(before);
  }
});

test('the chosen piece is lifted, turned, pinned, swapped, doubled and taken away, each undone by name', async ({ page }) => {
  await openBench(page);
  await expect(page.locator('canvas')).toBeVisible();
  await chooseInPicture(page);
  const card = page.getByRole('group', { name: /^Chosen:/ });
  await card.getByRole('button', { name: 'Lift higher' }).click();
  await expect(undo(page)).toHaveAccessibleName('Undo lift');
  await card.getByRole('button', { name: 'Turn left' }).click();
  await card.getByRole('button', { name: label('compose.pin'), exact: true }).click();
  await expect(card.getByRole('button', { name: label('compose.unpin') })).toBeVisible();
  await pick(card, label('compose.species'), 'Anemone');
  await expect(undo(page)).toHaveAccessibleName('Undo swap for anemone');
  await expect(card).toContainText('Anemone');
  await pick(card, label('compose.size'), '38 mm');
  await expect(card).toContainText('38 mm across (1.50 in)');
  await card.getByRole('button', { name: label('compose.another') }).click();
  await expect(undo(page)).toHaveAccessibleName('Undo add another');
  await card.getByRole('button', { name: label('shared.take-away') }).click();
  await expect(card).toBeHidden();
  for (let i = 0; i < 7; i++) await undo(page).click();
  await expect(undo(page)).toBeDisabled();
});

test('the list by keyboard alone: choose, nudge, take away', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: label('shell.list') }).focus();
  await page.keyboard.press('Enter');
  const list = page.getByRole('listbox', { name: label('compose.pieces-along-the-line') });
  await list.getByRole('option').first().focus();
  const count = await list.getByRole('option').count();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  const chosen = list.getByRole('option', { selected: true });
  await expect(chosen).toHaveCount(1);
  await page.keyboard.press('Shift+ArrowRight');
  await expect(undo(page)).toHaveAccessibleName('Undo nudge');
  await page.keyboard.press('Delete');
  await expect(list.getByRole('option')).toHaveCount(count - 1);
  await page.keyboard.press('Control+z');
  await expect(list.getByRole('option')).toHaveCount(count);
});

test('the cake is turned by dial and by key', async ({ page }) => {
  await openBench(page);
  const dial = page.getByRole('group', { name: label('compose.turn-the-cake') });
  await dial.getByRole('button', { name: 'Look from the back' }).click();
  await expect(dial.getByRole('button', { name: 'Look from the back' })).toHaveAttribute('aria-pressed', 'true');
  await turntable(page).focus();
  await page.keyboard.press('a');
  await expect(dial.getByRole('button', { name: 'Look from above' })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('f');
  await expect(dial.getByRole('button', { name: 'Look from the front' })).toHaveAttribute('aria-pressed', 'true');
});

test('another line keeps the pieces; each form is drawn and read', async ({ page }) => {
  await openBench(page);
  for (const form of ['wreath', 'lazy S', 'side spray', 'garland', 'cluster', 'plaque', 'scatter', 'crescent']) {
    await pick(page, LINE, form);
    await expect(list(page, LINE)).toContainText(form);
    await expect(undo(page)).toHaveAccessibleName(`Undo ${form} line`);
  }
  await expect(
    page
      .getByRole('region', { name: label('compose.balance') })
      .getByRole('heading')
      .first(),
  ).toContainText(/lean|level/);
});

test('a spoiled arrangement leans, and its remedy is one press that is itself undone', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: /^dahlia, .* choose all/ }).click();
  const card = page.getByRole('group', { name: /^Chosen: 3 pieces/ });
  await expect(card).toBeVisible();
  await card.getByRole('button', { name: label('compose.another') }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: label('compose.let-go') }).click();
  const remedy = page.getByRole('button', { name: /^(Take 1 dahlia away|Move \d+ apart)$/ }).first();
  await remedy.click();
  await expect(undo(page)).toHaveAccessibleName(/^Undo (Counts|Crowding):/);
});

test('a wish from Brief: other flowers, then compose them', async ({ page }) => {
  await openBench(page, '/brief');
  const catalogue = page.getByRole('list', { name: label('shared.catalogue') });
  await catalogue.getByRole('button', { name: 'Peony', exact: true }).click();
  // out of season in June, and said to be
  await catalogue.getByRole('button', { name: 'Dahlia, not in season' }).click();
  await expect(page.getByRole('list', { name: label('brief.suggested-counts') })).toContainText('peony');
  await expect(page.getByRole('list', { name: label('brief.suggested-counts') })).not.toContainText('dahlia');
  await page.getByRole('button', { name: /^Compose these/ }).click();
  await expect(page).toHaveURL(/\/compose$/);
  await page
    .getByRole('group', { name: label('compose.proposals') })
    .getByRole('button', { name: /Full/ })
    .click({ timeout: 60_000 });
  await goTo(page, 'Make');
  await expect(page.getByRole('button', { name: /^peony: \d+ to make/ })).toBeVisible();
  await expect(stationLink(page, 'Make')).toContainText('to make');
});

test('the line in hand: a figure typed and a point pulled, each one step', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: label('compose.take-line-hand') }).click();
  const card = page.getByRole('group', { name: 'Line: cascade' });
  const run = card.getByLabel('Run');
  await run.fill('360');
  await expect(undo(page)).toHaveAccessibleName('Undo run of the line');
  const half = Number(await card.getByLabel('Half-width').inputValue());
  const point = page.getByText(/^half-width/);
  await expect(point).toBeVisible();
  const box = (await point.boundingBox())!;
  // the point stands at the left of its words
  const at = { x: box.x - 15, y: box.y + box.height / 2 };
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  await page.mouse.move(at.x - 12, at.y + 2);
  await page.mouse.move(at.x - 34, at.y + 4);
  await page.mouse.up();
  await expect(undo(page)).toHaveAccessibleName('Undo half-width of the line');
  expect(Number(await card.getByLabel('Half-width').inputValue())).not.toBe(half);
  await run.fill('5');
  await expect(card.getByRole('alert')).toContainText(/at least 40/);
});

test('a second arrangement on the same cake, composed apart, taken away again', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: label('compose.another-arrangement') }).click();
  const arrangements = page.getByRole('radiogroup', { name: label('compose.arrangements') });
  await expect(arrangements.getByRole('radio')).toHaveCount(2);
  await expect(arrangements.getByRole('radio', { name: /^Arrangement 2, side spray, 0 pieces/ })).toHaveAttribute(
    'aria-checked',
    'true',
  );
  await arrangements.getByRole('radio', { name: /^Arrangement 1, cascade/ }).click();
  await expect(page.getByRole('group', { name: 'Line: cascade' })).toBeVisible();
  await arrangements.getByRole('radio', { name: /^Arrangement 2/ }).click();
  await page.getByRole('button', { name: label('compose.take-it-away') }).click();
  await expect(arrangements.getByRole('radio')).toHaveCount(0);
  await expect(undo(page)).toHaveAccessibleName('Undo take the arrangement away');
});

test('all sides at once by a key, and back to one view', async ({ page }) => {
  await openBench(page);
  await turntable(page).focus();
  await page.keyboard.press('v');
  await expect(page.getByRole('button', { name: label('compose.one-view') })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('group', { name: label('compose.turn-the-cake') })).toBeHidden();
  await page.getByRole('button', { name: label('compose.one-view') }).click();
  await expect(page.getByRole('group', { name: label('compose.turn-the-cake') })).toBeVisible();
});

test('a spoiled arrangement is finished: what is missing is named, added, and undone as one step', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: /^cosmos, .* choose all/ }).click();
  await page.getByRole('button', { name: label('shared.take-away') }).click();
  await expect(page.getByText(/^Missing: .*cosmos/)).toBeVisible();
  await page.getByRole('button', { name: /^Finish it: 9 more/ }).click();
  await expect(undo(page)).toHaveAccessibleName('Undo finish it', { timeout: 60_000 });
  await expect(page.getByText(/^Missing:/)).toBeHidden();
  await undo(page).click();
  await expect(page.getByText(/^Missing: .*cosmos/)).toBeVisible();
});

test('what is chosen goes to the other side, again along, evened out; each named in undo', async ({ page }) => {
  await openBench(page);
  await page.getByRole('button', { name: /^dahlia, .* choose all/ }).click();
  const many = page.getByRole('group', { name: label('compose.with-all-chosen') });
  await many.getByRole('button', { name: label('compose.other-side') }).click();
  await expect(undo(page)).toHaveAccessibleName('Undo mirror across');
  await many.getByRole('button', { name: label('compose.even-out') }).click();
  await expect(undo(page)).toHaveAccessibleName('Undo even out');
  await many.getByRole('button', { name: label('compose.again-along') }).click();
  await expect(undo(page)).toHaveAccessibleName('Undo copy along');
});

test('Brief: a count asked for is kept, the season follows day and hemisphere, botanical mode objects', async ({ page }) => {
  await openBench(page, '/brief');
  const count = page.getByRole('textbox', { name: 'How many dahlias' });
  await count.fill('5');
  await expect(count).toHaveValue('5');
  await page.getByRole('button', { name: label('brief.let-the-line-decide', { species: 'Dahlia' }) }).click();
  await expect(count).toHaveValue('3');
  await expect(page.getByText(label('season.summer'), { exact: true })).toBeVisible();
  await page.getByRole('radio', { name: label('brief.south') }).click();
  await expect(page.getByText(label('season.winter'), { exact: true })).toBeVisible();
  await page.getByRole('checkbox', { name: label('brief.botanical') }).check();
  await goTo(page, 'Compose');
  await expect(page.getByRole('status', { name: label('compose.about-the-line') })).toContainText(
    /does not flower in winter|not in leaf/,
  );
});

test('Brief: a square tier off the middle is drawn, and one pushed over the edge is said', async ({ page }) => {
  await openBench(page, '/brief');
  await page.getByRole('button', { name: 'Shape and place of the top tier' }).click();
  await pick(page, 'Shape of the top tier', label('shape.square'));
  await page.getByRole('textbox', { name: 'top tier to the right' }).fill('90');
  await expect(page.getByRole('alert').filter({ hasText: /top tier stands \d+\smm over the edge/ })).toBeVisible();
});

test('Brief: the form, its size against the cake and how it meets it; counts and drawing follow', async ({ page }) => {
  await openBench(page, '/brief');
  const pieces = page.getByRole('heading', { name: /^\d+ pieces/ });
  const before = await pieces.innerText();
  await page.getByRole('radio', { name: label('brief.grand') }).click();
  await expect(page.getByRole('radio', { name: label('brief.grand') })).toBeChecked();
  await expect(pieces).not.toHaveText(before);
  await expect(undo(page)).toHaveAccessibleName(label('shell.undo', { back: label('brief.do-against-the-cake') }));
  await pick(page, LINE, 'wreath');
  await expect(list(page, LINE)).toContainText('wreath');
  await expect(page.getByRole('radio', { name: label('brief.fitting') })).toBeChecked();
  await pick(page, label('compose.how-meets-cake'), label('compose.taped-sprays-on-picks'));
  await expect(undo(page)).toHaveAccessibleName(label('shell.undo', { back: label('compose.do-set-2') }));
});

test('Brief: a tier is pulled wider in one step; a pull the system breaks off leaves it as it was', async ({ page }) => {
  await openBench(page, '/brief');
  const width = page.getByRole('textbox', { name: 'Bottom tier diameter' });
  const before = await width.inputValue();
  const edge = page.locator('svg[role="img"] rect[style*="ew-resize"]').first();
  const pull = async (px: number) => {
    const box = (await edge.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + px, box.y + box.height / 2, { steps: 5 });
  };
  await pull(20);
  await expect(width).not.toHaveValue(before);
  await edge.dispatchEvent('pointercancel', { pointerId: 1, pointerType: 'mouse', bubbles: true });
  await expect(width).toHaveValue(before);
  await page.mouse.up();
  await expect(undo(page)).toBeDisabled();
  await pull(20);
  await page.mouse.up();
  await expect(undo(page)).toHaveAccessibleName(label('shell.undo', { back: label('brief.do-width-of-a-tier') }));
  await undo(page).click();
  await expect(width).toHaveValue(before);
});

test('workers that die are made anew: plan, balance and pictures go on with the next change', async ({ page }) => {
  await openBench(page);
  await expect(page.locator('canvas')).toBeVisible();
  const made = await stationLink(page, 'Make').innerText();
  const dying = page.workers();
  expect(dying.length).toBeGreaterThan(0);
  for (const worker of dying)
    await worker.evaluate(() => {
      setTimeout(() => {
        // it answers nothing from here on
        self.close();
        throw new Error('out of memory');
      });
    });
  await page.getByRole('button', { name: label('shell.list') }).click();
  const list = page.getByRole('listbox', { name: label('compose.pieces-along-the-line') });
  await list.getByRole('option').first().focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Delete');
  await expect(stationLink(page, 'Make')).not.toHaveText(made, { useInnerText: true });
  await expect(stationLink(page, 'Make')).toContainText(/to make/);
  await undo(page).click();
  await expect(stationLink(page, 'Make')).toHaveText(made, { useInnerText: true });
});
