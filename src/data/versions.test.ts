import { dueVersion, MOST_VERSIONS } from './versions';

const MINUTE = 60_000;
type Kept = { at: number; seenAt: number }[];

/** Saves one after the other by a clock, and what is kept of them in the end. */
function after(clock: readonly number[], wanted: readonly boolean[] = []): Kept {
  let kept: Kept = [];
  clock.forEach((now, i) => {
    const { at, drop } = dueVersion(kept, now, wanted[i]);
    if (at !== null) kept = [...kept.filter((v) => !drop.includes(v.at)), { at, seenAt: now }];
  });
  return kept;
}
const seen = (kept: Kept) => kept.map((v) => v.seenAt / MINUTE);
const minutes = (...list: number[]) => list.map((m) => m * MINUTE);

test('the first save is kept, then one in ten minutes', () => {
  expect(seen(after(minutes(0, 1, 9, 10, 15, 19, 20)))).toEqual([0, 10, 20]);
});

test('one that is wanted is kept whenever it comes', () => {
  expect(seen(after(minutes(0, 1, 2, 3), [false, true, false, true]))).toEqual([0, 1, 3]);
});

test('the latest thirty are kept, older ones go', () => {
  const kept = after(Array.from({ length: 45 }, (_, i) => i * 10 * MINUTE));
  expect(kept).toHaveLength(MOST_VERSIONS);
  expect(seen(kept)).toEqual(Array.from({ length: 30 }, (_, i) => (i + 15) * 10));
});

test('a clock that is set back drops nothing that is newer, and versions go on', () => {
  const before = Array.from({ length: 30 }, (_, i) => 10_000 * MINUTE + i * 10 * MINUTE);
  const kept = after([...before, ...minutes(5, 6, 15, 25)]);
  // the three of after it are there, the last; the three oldest went
  expect(seen(kept).slice(-3)).toEqual([5, 15, 25]);
  expect(seen(kept).slice(0, 27)).toEqual(before.slice(3).map((t) => t / MINUTE));
  // their order is the order in which they were made
  const at = kept.map((v) => v.at);
  expect(at).toEqual([...at].sort((a, b) => a - b));
  expect(new Set(at).size).toBe(at.length);
});

test('a clock that jumps about: order and count hold, the last wanted one is always there', () => {
  const clock = Array.from({ length: 200 }, (_, i) => ((i * 7919) % 541) * MINUTE);
  let kept: Kept = [];
  clock.forEach((now, i) => {
    const wanted = i % 5 === 0;
    const { at, drop } = dueVersion(kept, now, wanted);
    if (at !== null) {
      expect(kept.every((v) => v.at < at)).toBe(true);
      kept = [...kept.filter((v) => !drop.includes(v.at)), { at, seenAt: now }];
    }
    if (wanted) expect(kept.at(-1)!.seenAt).toBe(now);
    expect(kept.length).toBeLessThanOrEqual(MOST_VERSIONS);
  });
});
