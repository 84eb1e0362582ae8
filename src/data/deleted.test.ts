import { memoryShelf, passTime, step, studioForTest, tabsTogether, tick } from './testing/studioForTest';

/** Two tabs on one shelf; the first has the demo job, the second looks on. */
async function twoTabs() {
  const shelf = memoryShelf();
  const newTab = tabsTogether();
  const open = async () => {
    const tab = studioForTest(shelf, newTab());
    await tab.studio().start();
    await tick();
    return tab;
  };
  const [one, two] = [await open(), await open()];
  return { shelf, one, two, id: one.studio().project!.id };
}
const settle = async () => {
  for (let i = 0; i < 5; i++) await tick();
};

/** The key beside the sentence. */
const storeAgain = async ({ studio }: Awaited<ReturnType<typeof twoTabs>>['one']) => {
  studio().set({ saved: 'saving', saveFault: null });
  await studio().flush();
  await settle();
};

test('a job that another tab deletes is said to be gone at once, where it is edited; what is shown stays', async () => {
  const { shelf, one, two, id } = await twoTabs();
  one.studio().edit(step('name'), (d) => void (d.name = 'worked on'));
  await passTime(one.bench);
  await two.studio().remove(id);
  await settle();
  expect(one.studio()).toMatchObject({ saved: 'failed', saveFault: { key: 'studio.deleted-elsewhere' } });
  expect(one.studio().project!.name).toBe('worked on');
  expect(await shelf.load(id)).toBeNull();
});

test('stored again it is back for both, with its steps', async () => {
  const { shelf, one, two, id } = await twoTabs();
  one.studio().edit(step('name'), (d) => void (d.name = 'worked on'));
  await passTime(one.bench);
  await two.studio().remove(id);
  await settle();
  await storeAgain(one);
  expect((await shelf.load(id))!.name).toBe('worked on');
  expect(one.studio().saved).toBe('saved');
  expect(two.studio().jobs.map((j) => j.id)).toContain(id);
  expect(await shelf.steps(id)).toHaveLength(1);
});

test('an edit after the word that it is gone stores it again: nothing that is shown as saved is lost', async () => {
  const { shelf, one, two, id } = await twoTabs();
  await two.studio().remove(id);
  await settle();
  one.studio().edit(step('name'), (d) => void (d.name = 'edited on'));
  await passTime(one.bench);
  await settle();
  expect(one.studio().saved).toBe('saved');
  expect((await shelf.load(id))!.name).toBe('edited on');
});

test('a change on its way to the shelf when the job is deleted does not bring it back unasked', async () => {
  const { shelf, one, two, id } = await twoTabs();
  one.studio().edit(step('name'), (d) => void (d.name = 'on its way'));
  await two.studio().remove(id);
  await settle();
  await passTime(one.bench);
  await settle();
  expect(await shelf.load(id)).toBeNull();
  expect(one.studio().saveFault!.key).toBe('studio.deleted-elsewhere');
});

test('a page that is hidden or closed then does not bring it back either', async () => {
  const { shelf, one, two, id } = await twoTabs();
  await two.studio().remove(id);
  await settle();
  await one.studio().flush();
  expect(await shelf.load(id)).toBeNull();
  expect(one.studio()).toMatchObject({ saved: 'failed', saveFault: { key: 'studio.deleted-elsewhere' } });
});

test('undone or redone it is a change of a hand, and is stored again', async () => {
  const { shelf, one, two, id } = await twoTabs();
  one.studio().edit(step('name'), (d) => void (d.name = 'worked on'));
  await passTime(one.bench);
  await two.studio().remove(id);
  await settle();
  one.studio().undo();
  await passTime(one.bench);
  await settle();
  expect(one.studio()).toMatchObject({ saved: 'saved', saveFault: null });
  expect(await shelf.load(id)).not.toBeNull();
});

test('it is said no longer once another job is open', async () => {
  const { one, two, id } = await twoTabs();
  await two.studio().remove(id);
  await settle();
  await one.studio().open('demo-midwinter-wreath');
  expect(one.studio()).toMatchObject({ saved: 'saved', saveFault: null });
});

test('who looks on is told as well, and may keep it once the other tab has let go', async () => {
  const { shelf, one, two, id } = await twoTabs();
  expect(two.studio().onlyLook).toBe(true);
  await one.studio().remove(id);
  await settle();
  expect(two.studio()).toMatchObject({ saved: 'failed', saveFault: { key: 'studio.deleted-elsewhere' }, onlyLook: false });
  await storeAgain(two);
  expect((await shelf.load(id))!.id).toBe(id);
});

test('another job that is deleted is nothing to the one that is open', async () => {
  const { one, two } = await twoTabs();
  await two.studio().remove('demo-midwinter-wreath');
  await settle();
  expect(one.studio()).toMatchObject({ saved: 'saved', saveFault: null });
  expect(one.studio().jobs.map((j) => j.id)).not.toContain('demo-midwinter-wreath');
});

describe('bringing back', () => {
  test('a job that nobody stored since is the very one', async () => {
    const { shelf, two, id } = await twoTabs();
    const before = await shelf.load(id);
    await two.studio().remove(id);
    await two.studio().bringBack();
    expect(await shelf.load(id)).toEqual(before);
    expect(two.studio().deleted).toBeNull();
  });

  test('never writes over what was stored and worked on since: both are kept, by names that tell them apart', async () => {
    const { shelf, one, two, id } = await twoTabs();
    await two.studio().remove(id);
    await settle();
    one.studio().edit(step('name'), (d) => void (d.name = 'newer work'));
    await passTime(one.bench);
    await settle();
    await two.studio().bringBack();
    await settle();
    expect((await shelf.load(id))!.name).toBe('newer work');
    const restored = two.studio().project!;
    expect(restored.id).not.toBe(id);
    expect(restored.name).toContain('(restored)');
    expect((await shelf.list()).map((j) => j.id)).toEqual(expect.arrayContaining([id, restored.id]));
  });
});
