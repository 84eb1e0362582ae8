import { asLabel } from '@/core/words/asLabel';
import { type ComposeRequest, type Proposal } from '@/core/compose/proposal';
import { composeAll } from '@/core/compose/composer';
import { freshId } from './editActions';
import { opened, step } from './testing/studioForTest';

describe('composing', () => {
  const proposalFrom = (request: ComposeRequest): Proposal[] => composeAll({ ...request, effort: 0.05, proposals: 1 });

  test('asks for what is open, shows progress, offers proposals; keeping one is one step', async () => {
    const { studio, bench } = await opened();
    studio().compose(3);
    expect(studio().search.running).toBe(true);
    expect(bench.compose!.request).toMatchObject({ proposals: 3, seed: 1 });
    const found = proposalFrom(bench.compose!.request);
    bench.compose!.handlers.progress({ proposal: 0, proposals: 3, share: 0.4, cost: 9, pieces: found[0]!.arrangement.pieces });
    expect(studio().search.progress?.share).toBe(0.4);
    bench.compose!.handlers.done(found);
    expect(studio().search).toMatchObject({ running: false, progress: null });
    studio().keep(found[0]!);
    expect(studio().project!.arrangements[0]!.pieces).toBe(found[0]!.arrangement.pieces);
    expect(studio().past.map((s) => s.label)).toEqual([asLabel('studio.do-keep-proposal')]);
    studio().compose(3);
    expect(bench.compose!.request.seed).toBe(2);
  });

  test('a proposal kept while others are still looked for stays marked as the kept one when all have come', async () => {
    const { studio, bench } = await opened();
    studio().compose(3);
    const found = proposalFrom(bench.compose!.request);
    const { pieces } = found[0]!.arrangement;
    bench.compose!.handlers.progress({ proposal: 0, proposals: 3, share: 1, cost: 9, pieces, found: found[0]! });
    studio().keep(studio().search.proposals[0]!);
    // what comes out of a worker at the end is a copy
    bench.compose!.handlers.done(structuredClone(found));
    expect(studio().search.proposals[0]!.arrangement.pieces).toBe(studio().project!.arrangements[0]!.pieces);
  });

  test('other pieces under the same ids: joints, barriers, what is taped and counted out go with the old ones', async () => {
    const { studio, bench } = await opened();
    studio().edit(step('by hand'), (d) => {
      const [a] = d.arrangements;
      a!.joints = [{ pieceId: 'p1', shiftMm: 4, later: 0, onto: null, spray: null }];
      a!.pieces[0]!.underlaid = true;
      d.barrierFor = [{ entryId: `${a!.id}-p1`, barrier: 'pick-small' }];
      d.taped = [`stem:${a!.id}-p1`, `place:${a!.id}-p1`, 'made up:rose|open|blush:0'];
      d.countedOut = [`${a!.id}-p1`];
    });
    studio().compose(1);
    const found = proposalFrom(bench.compose!.request);
    bench.compose!.handlers.done(found);
    studio().keep(found[0]!);
    const { arrangements, barrierFor, taped, countedOut } = studio().project!;
    expect(arrangements[0]!.joints).toEqual([]);
    expect(arrangements[0]!.pieces.some((p) => p.underlaid)).toBe(false);
    expect([barrierFor, countedOut]).toEqual([[], []]);
    expect(taped).toEqual(['made up:rose|open|blush:0']);
    studio().undo();
    expect(studio().project!.barrierFor).toHaveLength(1);
  });

  test('stopping cancels at once and keeps the best so far as one step', async () => {
    const { studio, bench } = await opened();
    studio().compose(3);
    const pieces = proposalFrom(bench.compose!.request)[0]!.arrangement.pieces;
    bench.compose!.handlers.progress({ proposal: 0, proposals: 3, share: 0.2, cost: 3, pieces });
    studio().stopComposing();
    expect(bench.cancelled).toBeGreaterThan(0);
    expect(studio().search.running).toBe(false);
    expect(studio().project!.arrangements[0]!.pieces).toEqual(pieces);
    studio().undo();
    expect(studio().project!.arrangements[0]!.pieces).not.toEqual(pieces);
  });

  test('a fault is said at its place', async () => {
    const { studio, bench } = await opened();
    studio().compose(1);
    bench.compose!.handlers.fault({ code: 'fault.no-tier', values: {} });
    expect(studio().search).toMatchObject({ running: false, fault: { code: 'fault.no-tier', values: {} } });
  });

  test('a remedy changes, adds and removes in one step', async () => {
    const { studio } = await opened();
    const pieces = studio().project!.arrangements[0]!.pieces;
    const { id: _id, ...copy } = pieces[0]!;
    studio().applyRemedy(
      {
        label: { code: 'remedy.swap-places', values: {} },
        change: [{ id: pieces[1]!.id, to: { lift: 0.9 } }],
        add: [copy],
        remove: [pieces[2]!.id],
      },
      step('mend'),
    );
    const now = studio().project!.arrangements[0]!.pieces;
    expect(now).toHaveLength(pieces.length);
    expect(now.find((p) => p.id === pieces[1]!.id)!.lift).toBe(0.9);
    expect(now.some((p) => p.id === pieces[2]!.id)).toBe(false);
    expect(new Set(now.map((p) => p.id)).size).toBe(now.length);
    studio().undo();
    expect(studio().project!.arrangements[0]!.pieces).toBe(pieces);
  });
});

test('a fresh id is never one that is taken', () => {
  expect(freshId([])).toBe('p1');
  expect(freshId([{ id: 'p1' }, { id: 'p3' }])).toBe('p4');
  expect(freshId([{ id: 'p3' }, { id: 'x' }])).toBe('p4');
});

test('light is remembered', async () => {
  const { studio } = await opened();
  studio().setEvening(true);
  await studio().start();
  expect(studio().evening).toBe(true);
});

describe('what stands there is improved', () => {
  test('finish and re-balance ask for their own task; the result is one step with its name', async () => {
    const { studio, bench } = await opened();
    for (const [task, name] of [
      ['finish', 'studio.do-finish-it'],
      ['re-balance', 'studio.do-re-balance'],
    ] as const) {
      studio().improve(task);
      expect(studio().search.running).toBe(true);
      expect(bench.compose!.request.task).toBe(task);
      expect(bench.compose!.request.proposals).toBe(1);
      const own = bench.compose!.request.arrangement;
      const pieces = own.pieces.slice(0, 5);
      const proposal: Proposal = {
        name: 'finished',
        arrangement: { ...own, pieces },
        readings: [],
        score: 90,
        iterations: 1,
      };
      bench.compose!.handlers.done([proposal]);
      expect(studio().search.running).toBe(false);
      expect(studio().past[studio().past.length - 1]!.label).toEqual(asLabel(name));
      expect(studio().project!.arrangements[0]!.pieces).toEqual(pieces);
      studio().undo();
      expect(studio().project!.arrangements[0]!.pieces).toEqual(own.pieces);
    }
  });

  test('an answer for a job that is no longer open is let go, a fault is said', async () => {
    const { studio, bench } = await opened();
    studio().improve('finish');
    const { handlers, request } = bench.compose!;
    await studio().create();
    const before = studio().project;
    handlers.done([{ name: 'finished', arrangement: request.arrangement, readings: [], score: 1, iterations: 1 }]);
    expect(studio().project).toBe(before);
    studio().improve('re-balance');
    bench.compose!.handlers.fault({ code: 'fault.no-flower', values: {} });
    expect(studio().search.fault?.code).toBe('fault.no-flower');
  });
});

test('a step that could not be read again is refused with its sentence, and nothing is changed', async () => {
  const { studio } = await opened();
  const before = studio().project;
  studio().edit(step('no name'), (d) => void (d.name = ''));
  expect(studio().project).toBe(before);
  expect(studio().past).toEqual([]);
  expect(studio().message).toMatchObject({
    kind: 'fault',
    text: { code: 'file.not-taken', values: { why: { code: 'refusal.empty' } } },
  });
});

test('a new job begins with the bench of the last one, and nothing of its cake', async () => {
  const { studio } = await opened();
  const { prices, paints, spares, catalogue } = studio().project!;
  await studio().create();
  expect(studio().project).toMatchObject({ prices, paints, spares, catalogue, taken: [], log: [] });
  expect(studio().project!.arrangements.flatMap((a) => a.pieces)).toEqual([]);
});
