import { cakeOf } from '../testing/samples';
import { cakeSolid } from '../cake/solid';
import { seededRandom } from '../geometry/random';
import { BARRIERS, barrierById } from './barrier';
import { RIM_PROUD_MM, seatAll, seatsOf, type SeatRequest } from './seating';

const CAKE = cakeOf([220, 110]);
const SOLID = cakeSolid(CAKE);

/** A stem that stands over the top of the tier, upright. */
const onTop = (id: string, xMm: number, yMm: number, over: Partial<SeatRequest> = {}): SeatRequest => ({
  id,
  pieceIds: [id],
  base: [xMm, yMm, 112],
  axis: [0, 0, 1],
  normal: [0, 0, 1],
  leafy: false,
  massGrams: 5,
  weightAt: [xMm, yMm, 130],
  bundleMm: 1.4,
  rank: 0,
  ...over,
});
const seat = (over: Partial<SeatRequest> = {}) => seatAll([onTop('a', 30, 20, over)], CAKE, SOLID);
const entry = (over: Partial<SeatRequest> = {}) => seat(over).entries[0]!;

describe('one stem over the top of a tier', () => {
  test('it goes in at the skin, downwards, and ends within the tier', () => {
    const { pointMm, direction, insideMm, cakeMm, clearMm, tierIndex } = entry();
    expect(Math.abs(SOLID.signedDistanceMm(pointMm))).toBeLessThan(0.1);
    expect(direction[2]).toBeLessThan(-Math.SQRT1_2 + 1e-6);
    expect(Math.hypot(...direction)).toBeCloseTo(1, 9);
    const end = [0, 1, 2].map((k) => pointMm[k]! + direction[k]! * insideMm);
    expect(SOLID.signedDistanceMm([end[0]!, end[1]!, end[2]!])).toBeLessThan(0);
    expect(end[2]!).toBeGreaterThan(8);
    expect(clearMm).toBeCloseTo(cakeMm - insideMm, 6);
    expect(tierIndex).toBe(0);
  });

  test('its barrier takes the stem with half a millimetre to spare, bears the weight and holds it', () => {
    for (const bundleMm of [0.8, 1.4, 2.4, 4])
      for (const massGrams of [1, 8, 20, 40]) {
        const found = entry({ bundleMm, massGrams });
        const barrier = barrierById(found.barrier!, BARRIERS)!;
        if (barrier.boreMm !== null) expect(barrier.boreMm - bundleMm).toBeGreaterThanOrEqual(0.5);
        expect(barrier.mostGrams).toBeGreaterThanOrEqual(massGrams);
        expect(found.insideMm).toBeGreaterThanOrEqual(found.holdMm - 0.5);
        expect(found.insideMm).toBeLessThanOrEqual(barrier.reachMm);
        // tubes stand proud by their rim, a stake by what the stem is taped to (place.test.ts)
        expect(found.cutMm).toBeCloseTo(found.insideMm + (barrier.kind === 'stake' ? 20 : RIM_PROUD_MM), 9);
      }
  });

  test('heavier needs deeper', () => {
    const hold = [1, 5, 10, 20].map((massGrams) => entry({ massGrams, only: 'straw' }).holdMm);
    hold.slice(1).forEach((mm, i) => expect(mm).toBeGreaterThan(hold[i]!));
  });
});

describe('how deep each kind of barrier goes', () => {
  test('a pick as deep as it is long, its rim left out', () => {
    const found = entry({ only: 'pick', massGrams: 20 });
    const pick = barrierById(found.barrier!, BARRIERS)!;
    expect(found.insideMm).toBeCloseTo(pick.stockMm - RIM_PROUD_MM, 9);
    expect(found.wireInsideMm).toBeCloseTo(found.insideMm - pick.tipMm(found.outsideMm), 9);
  });

  test('a straw as deep as holds and 20 mm of wire at the least, its slanted tip beside', () => {
    const found = entry({ only: 'straw', massGrams: 0.5 });
    const straw = barrierById(found.barrier!, BARRIERS)!;
    expect(found.wireInsideMm).toBeGreaterThanOrEqual(20);
    expect(found.insideMm).toBeCloseTo(found.wireInsideMm + straw.tipMm(found.outsideMm), 9);
  });

  test('no wire goes in with a skewer or a toothpick: 25 mm of it at the least', () => {
    const found = entry({ only: 'stake' });
    expect(found.wireInsideMm).toBe(0);
    expect(found.insideMm).toBeGreaterThanOrEqual(25);
  });

  test('a dipped stem 15 mm at the least', () => {
    const found = entry({ only: 'dip', massGrams: 0.5 });
    expect(found.wireInsideMm).toBeGreaterThanOrEqual(15);
  });
});

describe('several', () => {
  const random = seededRandom(6);
  const many = Array.from({ length: 14 }, (_, i) =>
    onTop(`s${String(i).padStart(2, '0')}`, random() * 120 - 60, random() * 120 - 60, {
      massGrams: 2 + random() * 14,
      rank: i % 3,
    }),
  );
  const { entries, warnings } = seatAll(many, CAKE, SOLID);

  test('every one has a seat or is named as having none', () => {
    const stops = warnings.filter((w) => w.code === 'place.not-held' || w.code === 'place.stem-thick');
    expect(entries.length + stops.length).toBe(many.length);
    expect(new Set(entries.map((e) => e.id)).size).toBe(entries.length);
  });

  test('numbered from one, by rank and then the heavier first', () => {
    expect(entries.map((e) => e.number)).toEqual(entries.map((_, i) => i + 1));
    const rankOf = new Map(many.map((m) => [m.id, m.rank]));
    entries.slice(1).forEach((e, i) => {
      const before = entries[i]!;
      const [a, b] = [rankOf.get(before.id)!, rankOf.get(e.id)!];
      expect(a).toBeLessThanOrEqual(b);
      if (a === b) expect(before.massGrams).toBeGreaterThanOrEqual(e.massGrams);
    });
  });

  test('the nearest wall that is told is the nearest there is, measured by many places along both', () => {
    const at = (e: (typeof entries)[0], k: number) => [0, 1, 2].map((i) => e.pointMm[i]! + e.direction[i]! * e.insideMm * k);
    for (const e of entries) {
      let nearest = Infinity;
      for (const q of entries) {
        if (q === e) continue;
        for (let i = 0; i <= 40; i++)
          for (let j = 0; j <= 40; j++) {
            const [a, b] = [at(e, i / 40), at(q, j / 40)];
            nearest = Math.min(
              nearest,
              Math.hypot(a[0]! - b[0]!, a[1]! - b[1]!, a[2]! - b[2]!) - (e.outsideMm + q.outsideMm) / 2,
            );
          }
      }
      expect(e.nearestEntryMm).toBeLessThanOrEqual(nearest + 1e-6);
      expect(e.nearestEntryMm).toBeGreaterThan(nearest - 1.2);
    }
  });

  test('where they are asked for alone they are the same', () => {
    const seats = new Map(seatsOf(many, CAKE, SOLID).map((s) => [s.id, s]));
    for (const e of entries) expect(seats.get(e.id)!.pointMm).toEqual(e.pointMm);
  });

  test('the order in which they are asked is none of it', () => {
    const again = seatAll([...many].reverse(), CAKE, SOLID).entries;
    expect(again.map((e) => [e.id, e.barrier, e.insideMm])).toEqual(entries.map((e) => [e.id, e.barrier, e.insideMm]));
  });
});

describe('what a person wants', () => {
  test('a chosen barrier is taken where it holds', () => {
    expect(entry({ wanted: 'wide-straw' }).barrier).toBe('wide-straw');
  });

  test('one that will not do is said, and the rule’s own is taken', () => {
    const found = seat({ wanted: 'stirring-straw', bundleMm: 4 });
    expect(found.warnings.length).toBeGreaterThan(0);
    expect(found.entries[0]!.barrier).not.toBe('stirring-straw');
  });

  test('all barriers are compared at its place: the one taken is marked, every other has its depth or why not', () => {
    const { compared, barrier } = entry({ bundleMm: 3 });
    expect(compared.map((c) => c.barrier)).toEqual(BARRIERS.map((b) => b.id));
    expect(compared.filter((c) => c.taken).map((c) => c.barrier)).toEqual([barrier]);
    for (const c of compared) expect((c.insideMm === null) !== (c.whyNot === null)).toBe(true);
    expect(compared.find((c) => c.barrier === 'stirring-straw')!.whyNot).not.toBeNull();
  });
});

test('a stem too thick for anything, and a head too heavy, have no seat and stop', () => {
  const thick = seat({ bundleMm: 14 });
  expect(thick.entries).toEqual([]);
  expect(thick.warnings.map((w) => [w.code, w.level])).toEqual([['place.stem-thick', 'stop']]);
  const heavy = seat({ massGrams: 900 });
  expect(heavy.entries).toEqual([]);
  expect(heavy.warnings.map((w) => [w.code, w.level])).toEqual([['place.not-held', 'stop']]);
});

test('a tier of 20 mm is too low for a straw: nothing goes through it', () => {
  const low = cakeOf([220, 20]);
  const request = onTop('a', 30, 20, { base: [30, 20, 22], weightAt: [30, 20, 40], massGrams: 10, only: 'straw' });
  const { entries } = seatAll([request], low, cakeSolid(low));
  for (const e of entries) expect(e.insideMm).toBeLessThanOrEqual(e.cakeMm);
});
