import { produce } from 'immer';
import { cakeOf, proposalFor } from '../testing/samples';
import type { Arrangement, Piece } from './arrangement';
import { overallScore, READING_IDS, readBalance, type Reading, type ReadingId, type Remedy } from './reading';
import { buildScene } from './scene';

const CAKE = cakeOf([220, 110]);
const CLEAN = { stops: 0, looks: 0, first: null };
const SEEDS = [1, 2, 3];

const read = (arrangement: Arrangement): Record<ReadingId, Reading> => {
  const list = readBalance(buildScene(CAKE, arrangement)!, CLEAN);
  return Object.fromEntries(list.map((r) => [r.id, r])) as Record<ReadingId, Reading>;
};

const good = SEEDS.map((seed) => proposalFor('crescent', CAKE, seed, 1).arrangement);
const spoil = (arrangement: Arrangement, change: (pieces: Piece[]) => void): Arrangement =>
  produce(arrangement, (d) => {
    change(d.pieces);
  });

/** Mean fall of a reading over the seeds when one fault is put in on purpose. */
function meanFall(id: ReadingId, change: (pieces: Piece[]) => void): number {
  return good.reduce((a, g) => a + read(g)[id].score - read(spoil(g, change))[id].score, 0) / good.length;
}

const flowers = (pieces: Piece[]) => pieces.filter((p) => !['froth', 'roundleaf'].includes(p.species));

describe('good arrangements read well', () => {
  test.each(SEEDS.map((s, i) => [s, i] as const))('seed %i', (_seed, i) => {
    const r = read(good[i]!);
    for (const id of READING_IDS) expect({ id, score: r[id].score }).toEqual({ id, score: expect.any(Number) });
    expect(overallScore(Object.values(r))).toBeGreaterThan(80);
    expect(r.crowding.score).toBeGreaterThan(90);
  });
});

describe('spoilers: one deliberate fault, and the right reading falls by at least 20 points', () => {
  test('all focal flowers at one tip: focal', () => {
    expect(
      meanFall('focal', (ps) => ps.filter((p) => p.species === 'rose').forEach((p, i) => (p.s = 0.02 + 0.02 * i))),
    ).toBeGreaterThan(20);
  });

  test('sizes reversed: grading', () => {
    expect(
      meanFall('grading', (ps) => {
        const own = flowers(ps).sort((a, b) => Math.abs(a.s - 0.5) - Math.abs(b.s - 0.5));
        const places = own.map(({ s, side }) => ({ s, side })).reverse();
        const bySize = [...own].sort((a, b) => b.sizeMm - a.sizeMm);
        bySize.forEach((p, i) => Object.assign(p, places[i]));
      }),
    ).toBeGreaterThan(20);
  });

  test('everything on one side: weight', () => {
    expect(meanFall('weight', (ps) => ps.forEach((p) => (p.side = 0.9)))).toBeGreaterThan(20);
  });

  test('a hole cut: cover', () => {
    expect(meanFall('cover', (ps) => ps.splice(0, ps.length, ...ps.filter((p) => p.s < 0.3 || p.s > 0.62)))).toBeGreaterThan(20);
  });

  test('heads pushed together: crowding, and crowding alone says so', () => {
    const push = (ps: Piece[]) => ps.forEach((p) => Object.assign(p, { s: 0.5 + (p.s - 0.5) * 0.55, side: p.side * 0.6 }));
    expect(meanFall('crowding', push)).toBeGreaterThan(20);
    expect(meanFall('counts', push)).toBe(0);
  });

  test('all heads facing one way: facing, and nothing else by more than 10 but what is hidden or touched by it', () => {
    const same = (ps: Piece[]) => flowers(ps).forEach((p) => Object.assign(p, { tiltRad: 0.05, headingRad: 0 }));
    expect(meanFall('facing', same)).toBeGreaterThan(20);
    for (const id of ['focal', 'grading', 'counts'] as const) expect(Math.abs(meanFall(id, same))).toBeLessThan(10);
  });

  test('even counts: counts', () => {
    const even = (ps: Piece[]) => {
      for (const species of ['rose', 'ranunculus', 'blossom'])
        ps.push({ ...ps.find((p) => p.species === species)!, id: `extra-${species}`, s: 0.9, side: 1 });
    };
    expect(meanFall('counts', even)).toBeGreaterThan(20);
  });

  test('stops at the bench: buildable', () => {
    const scene = buildScene(CAKE, good[0]!)!;
    const score = (stops: number) =>
      readBalance(scene, { stops, looks: 0, first: null }).find((r) => r.id === 'buildable')!.score;
    expect(score(0)).toBe(100);
    expect(score(1)).toBeLessThan(70);
    expect(score(9)).toBe(0);
  });
});

describe('remedies', () => {
  const apply = (arrangement: Arrangement, remedy: Remedy): Arrangement =>
    produce(arrangement, (d) => {
      for (const { id, to } of remedy.change)
        Object.assign(
          d.pieces.find((p) => p.id === id)!,
          to,
        );
      d.pieces = d.pieces.filter((p) => !remedy.remove.includes(p.id));
      remedy.add.forEach((p, i) => d.pieces.push({ ...p, id: `new-${i}` }));
    });

  /** Presses a reading's remedy until it is level or offers none; gives the score before and after. */
  function press(arrangement: Arrangement, id: ReadingId, times: number): [number, number] {
    let now = arrangement;
    const before = read(now)[id].score;
    for (let i = 0; i < times; i++) {
      const remedy = read(now)[id].remedy;
      if (!remedy) break;
      now = apply(now, remedy);
    }
    return [before, read(now)[id].score];
  }

  test('even counts: taking one away brings it back', () => {
    const spoiled = spoil(
      good[0]!,
      (ps) => void ps.push({ ...ps.find((p) => p.species === 'ranunculus' && p.stage === 'open')!, id: 'x', s: 0.97 }),
    );
    const [before, after] = press(spoiled, 'counts', 1);
    expect(after - before).toBeGreaterThan(8);
  });

  test('facing: turning fans the faces out', () => {
    const spoiled = spoil(good[1]!, (ps) => flowers(ps).forEach((p) => Object.assign(p, { tiltRad: 0.05, headingRad: 0 })));
    const [before, after] = press(spoiled, 'facing', 2);
    expect(after - before).toBeGreaterThan(15);
  });

  test('crowding: moving apart loosens', () => {
    const spoiled = spoil(good[2]!, (ps) => flowers(ps).forEach((p) => (p.s = 0.5 + (p.s - 0.5) * 0.85)));
    const [before, after] = press(spoiled, 'crowding', 4);
    expect(after).toBeGreaterThan(before);
  });

  test('cover: filling the hole covers more', () => {
    const spoiled = spoil(good[0]!, (ps) => ps.splice(0, ps.length, ...ps.filter((p) => p.s < 0.35 || p.s > 0.6)));
    const [before, after] = press(spoiled, 'cover', 3);
    expect(after).toBeGreaterThan(before);
  });

  test('focal: gathering brings the large flowers back to the focal point', () => {
    const spoiled = spoil(good[0]!, (ps) => ps.filter((p) => p.species === 'rose').forEach((p, i) => (p.s = 0.02 + 0.03 * i)));
    const [before, after] = press(spoiled, 'focal', 1);
    expect(after - before).toBeGreaterThan(15);
  });

  test('grading: two change places', () => {
    const spoiled = spoil(good[1]!, (ps) => {
      const rose = ps.find((p) => p.species === 'rose' && p.stage === 'open')!;
      const small = ps.filter((p) => p.species === 'blossom').sort((a, b) => a.s - b.s)[0]!;
      Object.assign(rose, { s: 0.03, side: 0 });
      Object.assign(small, { s: 0.5, side: 0 });
    });
    const [before, after] = press(spoiled, 'grading', 3);
    expect(after).toBeGreaterThan(before);
  });

  test('weight: some go over to the other side', () => {
    const [before, after] = press(
      spoil(good[2]!, (ps) => ps.forEach((p) => (p.side = Math.abs(p.side) + 0.2))),
      'weight',
      3,
    );
    expect(after - before).toBeGreaterThan(8);
  });

  test('pinned pieces are never touched', () => {
    const pinned = spoil(good[0]!, (ps) => ps.forEach((p) => Object.assign(p, { pinned: true, tiltRad: 0.05, headingRad: 0 })));
    for (const r of Object.values(read(pinned))) {
      expect(r.remedy?.change ?? []).toEqual([]);
      expect(r.remedy?.remove ?? []).toEqual([]);
    }
  });
});

describe('ordinary input', () => {
  test('no piece at all: every reading is a number with a sentence', () => {
    const r = read({ ...good[0]!, pieces: [] });
    for (const id of READING_IDS) {
      expect(Number.isFinite(r[id].score)).toBe(true);
      expect(r[id].why.length).toBeGreaterThan(10);
    }
  });

  test('one piece alone', () => {
    const r = read({ ...good[0]!, pieces: [good[0]!.pieces[0]!] });
    for (const id of READING_IDS) expect(Number.isFinite(r[id].score) && Number.isFinite(r[id].lean)).toBe(true);
  });

  test('readings are the same for the same arrangement', () => {
    expect(read(good[0]!)).toEqual(read(good[0]!));
  });
});

test('mirrored left to right only the left–right lean changes its sign', () => {
  const line = good[0]!.line;
  if (line.form !== 'crescent') throw new Error('a crescent was asked for');
  const mirrored: Arrangement = {
    ...good[0]!,
    line: { ...line, fromRad: Math.PI - line.fromRad, sweepRad: -line.sweepRad },
    pieces: good[0]!.pieces.map((p) => ({ ...p, side: -p.side, headingRad: -p.headingRad, rollRad: -p.rollRad })),
  };
  const a = read(good[0]!);
  const b = read(mirrored);
  for (const id of ['focal', 'grading', 'counts', 'crowding', 'weight', 'facing'] as const)
    expect(b[id].score).toBeCloseTo(a[id].score, 3);
  expect(b.weight.lean).toBeCloseTo(-a.weight.lean, 3);
});
