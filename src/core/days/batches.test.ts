import { seededRandom } from '../geometry/random';
import { cut, type Batch } from './batches';

const random = seededRandom(31);
const whole = (most: number) => 1 + Math.floor(random() * most);
/** Jobs drawn at random: minutes that each piece and each round takes, the longest sitting and the places there are. */
const JOBS = Array.from({ length: 400 }, () => {
  const [each, round] = [random() * 12, random() * 20];
  return {
    pieces: whole(120),
    batch: whole(24),
    minutesOf: (n: number) => round + each * n,
    mostMinutes: 15 + whole(160),
    places: random() < 0.3 ? Infinity : whole(60),
  };
});
const wholeOnes = (batches: readonly Batch[]) => batches.filter((b) => b.part === b.parts);

test('every piece is in one batch and no other, in order, in four hundred jobs', () => {
  for (const job of JOBS) {
    const own = wholeOnes(cut(job));
    expect(own[0]!.from).toBe(0);
    expect(own.at(-1)!.to).toBe(job.pieces);
    own.slice(1).forEach((b, i) => expect(b.from).toBe(own[i]!.to));
  }
});

test('no batch is longer than a sitting, holds more than 40, or more than there are places; what cannot be shorter is one piece', () => {
  for (const job of JOBS)
    for (const { from, to, parts } of cut(job)) {
      expect(to - from).toBeLessThanOrEqual(Math.min(40, job.places));
      if (to - from > 1) expect(job.minutesOf(to - from)).toBeLessThanOrEqual(job.mostMinutes);
      else expect(job.minutesOf(1) / parts).toBeLessThanOrEqual(Math.max(5, job.mostMinutes) + 1e-6);
    }
});

test('one piece is parted no more than it must be', () => {
  for (const job of JOBS)
    for (const { from, to, parts } of cut(job)) {
      if (parts === 1) continue;
      expect(to - from).toBe(1);
      expect(job.minutesOf(1) / (parts - 1)).toBeGreaterThan(Math.max(5, job.mostMinutes));
    }
});

test('no fewer sittings would do, where batches need not be whole working batches', () => {
  for (const job of JOBS.map((j) => ({ ...j, batch: 1 }))) {
    // the most that one sitting holds, by trying every size
    let most = 1;
    for (let n = 1; n <= Math.min(40, job.places, job.pieces); n++) if (job.minutesOf(n) <= job.mostMinutes) most = n;
    expect(wholeOnes(cut(job))).toHaveLength(Math.ceil(job.pieces / most));
  }
});

test('parts of one piece stand one after the other, counted from one', () => {
  for (const job of JOBS) {
    const batches = cut(job);
    batches.forEach((b, i) => {
      const before = batches[i - 1];
      expect(b.part).toBe(before && before.from === b.from ? before.part + 1 : 1);
    });
  }
});

test('nothing to make, nothing to cut', () => {
  expect(cut({ pieces: 0, batch: 8, minutesOf: (n) => n, mostMinutes: 60, places: 10 })).toEqual([]);
});
