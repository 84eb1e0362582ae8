import { opened, step } from './testing/studioForTest';

describe('the tin', () => {
  test('is there from the first start, kept over the next, and what cannot be read is left out', async () => {
    const { studio, bench } = await opened();
    expect(studio().tin.length).toBeGreaterThan(0);
    await studio().setTin(studio().tin.slice(0, 1));
    await studio().start();
    expect(studio().tin).toHaveLength(1);
    const [good] = studio().tin;
    await bench.shelf.setSetting('tin', [{ id: 'x', count: 'many' }, good]);
    await studio().start();
    expect(studio().tin).toEqual([good]);
  });

  test('what is taken out of it by hand can be put back in, once', async () => {
    const { studio, bench } = await opened();
    const before = studio().tin;
    await studio().setTin(before.slice(1));
    expect(studio().tin).toHaveLength(before.length - 1);
    await studio().bringBackStock();
    expect(studio().tin).toEqual(before);
    expect(await bench.shelf.getSetting('tin')).toEqual(before);
    expect(studio().takenOut).toBeNull();
    // what goes in is no loss
    await studio().setTin([...before, { ...before[0]!, id: 'more' }]);
    expect(studio().takenOut).toBeNull();
  });

  test('what one job has set aside is not free for another; taking is a step that is undone', async () => {
    const { studio } = await opened();
    const taken = studio().project!.taken;
    expect(taken.length).toBeGreaterThan(0);
    await studio().copy(studio().project!.id);
    studio().takeFromTin();
    const free = (id: string) => {
      const has = studio().tin.find((t) => t.id === id)!.count;
      return has - taken.find((t) => t.id === id)!.count;
    };
    for (const t of studio().project!.taken) expect(t.count).toBeLessThanOrEqual(free(t.id));
    studio().undo();
    expect(studio().project!.taken).toEqual(taken);
  });

  test('put away: what was taken is gone, what is left over is in, also after the next start', async () => {
    const { studio } = await opened();
    const count = () => studio().tin.reduce((a, t) => a + t.count, 0);
    const [before, taken] = [count(), studio().project!.taken.reduce((a, t) => a + t.count, 0)];
    const left = { ...studio().tin[0]!, id: 'left', count: 7, where: 'hat box' };
    await studio().putAway([left]);
    expect(count()).toBe(before - taken + 7);
    expect(studio().project!.taken).toEqual([]);
    await studio().start();
    expect(studio().tin.find((t) => t.where === 'hat box')?.count).toBe(7);
  });

  test('put away is undone with the tin: what the job took is there again, what others did since stays', async () => {
    const { studio } = await opened();
    const before = studio().tin;
    const { taken } = studio().project!;
    await studio().putAway([{ ...before[0]!, id: 'left', count: 7, where: 'hat box' }]);
    await studio().setTin([...studio().tin, { ...before[0]!, id: 'since', count: 2, where: 'drawer' }]);
    studio().undo();
    expect(studio().project!.taken).toEqual(taken);
    expect(studio().tin.filter((t) => t.id !== 'since')).toEqual(expect.arrayContaining([...before]));
    expect(studio().tin.map((t) => t.where)).not.toContain('hat box');
    expect(studio().tin.find((t) => t.id === 'since')?.count).toBe(2);
    studio().redo();
    expect(studio().tin.find((t) => t.where === 'hat box')?.count).toBe(7);
    expect(studio().project!.taken).toEqual([]);
  });

  test('ends of wire: moved into the job and back, kept once, kept over the next start; a copy has none of them', async () => {
    const { studio } = await opened();
    const end = { gauge: 24, colour: 'green' as const, lengthMm: 140, count: 3 };
    await studio().setOffcuts([end]);
    studio().useOffcuts([{ ...end, count: 2 }]);
    expect(studio().offcuts).toEqual([{ ...end, count: 1 }]);
    expect(studio().project!.offcuts).toEqual([{ ...end, count: 2 }]);
    await studio().copy(studio().project!.id);
    expect(studio().project!.offcuts).toEqual([]);
    studio().keepOffcuts([{ ...end, lengthMm: 80, count: 1 }]);
    studio().keepOffcuts([{ ...end, lengthMm: 80, count: 1 }]);
    expect(studio().offcuts).toEqual([
      { ...end, count: 1 },
      { ...end, lengthMm: 80, count: 1 },
    ]);
    studio().undo();
    expect(studio().project!.wiresCut).toBe(false);
    expect(studio().offcuts).toEqual([{ ...end, count: 1 }]);
    await studio().start();
    expect(studio().offcuts).toEqual([{ ...end, count: 1 }]);
  });

  test('a job that is deleted gives back the ends it had set aside; brought back it has none of them', async () => {
    const { studio } = await opened();
    const end = { gauge: 24, colour: 'green' as const, lengthMm: 140, count: 3 };
    await studio().setOffcuts([end]);
    studio().useOffcuts([end]);
    expect(studio().offcuts).toEqual([]);
    await studio().remove(studio().project!.id);
    expect(studio().offcuts).toEqual([end]);
    await studio().bringBack();
    expect(studio().project!.offcuts).toEqual([]);
    expect(studio().offcuts).toEqual([end]);
  });

  test('the composer is given what is free, unless the tin is to be left; keeping a proposal takes what it uses', async () => {
    const { studio, bench } = await opened();
    studio().compose(2);
    expect(bench.compose!.request.tin).toEqual(studio().tin);
    bench.compose!.handlers.done([]);
    studio().edit(step('leave the tin'), (d) => void (d.brief.useTin = false));
    studio().compose(2);
    expect(bench.compose!.request.tin).toEqual([]);
  });
});

test('undoing a second arrangement leads back to one that is there', async () => {
  const { studio } = await opened();
  const { line } = studio().project!.arrangements[0]!;
  studio().edit(
    step('another arrangement'),
    (d) => void d.arrangements.push({ id: 'a2', line, method: 'stem by stem', pieces: [], joints: [], quantity: 1 }),
  );
  studio().set({ arrangementIndex: 1 });
  studio().undo();
  expect(studio().arrangementIndex).toBe(0);
  expect(studio().project!.arrangements).toHaveLength(1);
  studio().redo();
  expect(studio().project!.arrangements).toHaveLength(2);
});
