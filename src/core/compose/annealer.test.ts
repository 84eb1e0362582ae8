import { SHIPPED } from '../botany/catalogue';
import { seededRandom } from '../geometry/random';
import { defaultLine } from '../plan/newProject';
import { cakeOf, CHOICES, FORMS } from '../testing/samples';
import { Annealer } from './annealer';
import { drawLine } from './line';
import { buildScene } from './scene';
import { shareOut } from './shareOut';
import { fanHeading, startLayout } from './startLayout';

const CAKE = cakeOf([220, 110]);

function begin(form: (typeof FORMS)[number], seed: number) {
  const spec = defaultLine(form, CAKE);
  const line = drawLine(spec, CAKE)!;
  let n = 0;
  const pieces = startLayout(line, shareOut(line, { style: 'focal-led', choices: CHOICES, density: 1 }, SHIPPED), {
    random: seededRandom(seed),
    nextId: () => `p${++n}`,
    catalogue: SHIPPED,
  });
  return { spec, line, pieces, annealer: new Annealer(CAKE, line, pieces, { random: seededRandom(seed), catalogue: SHIPPED }) };
}

describe.each(FORMS)('%s', (form) => {
  test('the first layout sets every piece that was asked for, on the line', () => {
    const { line, pieces } = begin(form, 1);
    expect(pieces).toHaveLength(
      shareOut(line, { style: 'focal-led', choices: CHOICES, density: 1 }, SHIPPED).reduce((a, k) => a + k.count, 0),
    );
    for (const p of pieces) {
      expect(p.s).toBeGreaterThanOrEqual(0);
      expect(p.s).toBeLessThanOrEqual(1);
      expect(Math.abs(p.side)).toBeLessThanOrEqual(1.1);
      expect(p.tiltRad).toBeGreaterThanOrEqual(0);
    }
    expect(new Set(pieces.map((p) => p.id)).size).toBe(pieces.length);
  });

  test('what it keeps while moving agrees with placing everything anew: cost, clashes, pieces', () => {
    const { line, annealer } = begin(form, 2);
    for (let i = 0; i < 400; i++) annealer.step(i / 400);
    const fresh = new Annealer(CAKE, line, annealer.pieces(), { random: seededRandom(9), catalogue: SHIPPED });
    expect(annealer.total()).toBeCloseTo(fresh.total(), 6);
    expect(annealer.clashes()).toEqual(fresh.clashes());
  });

  test('costs fall as it cools, and the same seed takes the same way', () => {
    const run = () => {
      const { annealer } = begin(form, 3);
      const first = annealer.total();
      for (let i = 0; i < 1500; i++) annealer.step(0.3 + (0.7 * i) / 1500);
      return { first, last: annealer.total(), pieces: annealer.pieces() };
    };
    const a = run();
    expect(a.last).toBeLessThan(a.first);
    expect(run()).toEqual(a);
  });
});

test('its clashes are those that the reading of crowding finds', () => {
  const { spec, annealer } = begin('crescent', 4);
  const scene = buildScene(
    CAKE,
    {
      id: 'a',
      line: spec,
      method: 'stem by stem',
      quantity: 1,
      joints: [],
      pieces: annealer.pieces(),
    },
    SHIPPED,
  )!;
  const worst = Math.max(0, ...scene.clashes.map((c) => c.mm));
  expect(Math.max(0, annealer.clashes().worstMm)).toBeCloseTo(worst, 9);
  expect(annealer.clashes().cakeMm).toBeCloseTo(Math.max(...scene.intoCake), 9);
});

test('pinned pieces never move; with all pinned nothing does', () => {
  const { line, pieces } = begin('crescent', 5);
  const held = pieces.map((p, i) => ({ ...p, pinned: i % 2 === 0 }));
  const annealer = new Annealer(CAKE, line, held, { random: seededRandom(5), catalogue: SHIPPED });
  for (let i = 0; i < 600; i++) annealer.step(i / 600);
  annealer.pieces().forEach((p, i) => held[i]!.pinned && expect(p).toBe(held[i]));
  const all = new Annealer(
    CAKE,
    line,
    pieces.map((p) => ({ ...p, pinned: true })),
    { random: seededRandom(6), catalogue: SHIPPED },
  );
  for (let i = 0; i < 100; i++) expect(all.step(0.5)).toBe(false);
});

test('no piece at all is an ordinary beginning', () => {
  const { line } = begin('posy', 1);
  const empty = new Annealer(CAKE, line, [], { random: seededRandom(1), catalogue: SHIPPED });
  expect(empty.step(0)).toBe(false);
  expect(Number.isFinite(empty.total())).toBe(true);
  expect(empty.clashes()).toEqual({ worstMm: 0, cakeMm: 0 });
});

test('faces fan away from the focal point and from the middle of the line', () => {
  expect(Math.cos(fanHeading(0.9, 0, 0.5))).toBeGreaterThan(0.9);
  expect(Math.cos(fanHeading(0.1, 0, 0.5))).toBeLessThan(-0.9);
  expect(Math.sin(fanHeading(0.5, 0.8, 0.5))).toBeGreaterThan(0.9);
  expect(Math.sin(fanHeading(0.5, -0.8, 0.5))).toBeLessThan(-0.9);
});

describe('what presses last of all', () => {
  test('is freed: heads thrown on one place come apart, the cost kept agrees with counting anew', () => {
    const { line, pieces } = begin('crescent', 5);
    const thrown = pieces.map((p, i) => (i < 6 ? { ...p, s: 0.5, side: 0, lift: 0 } : p));
    const annealer = new Annealer(CAKE, line, thrown, { random: seededRandom(5), catalogue: SHIPPED });
    const before = annealer.clashes().worstMm;
    expect(before).toBeGreaterThan(5);
    for (let i = 0; i < 200 && annealer.freeWorst(0.9); i++);
    expect(annealer.clashes().worstMm).toBeLessThanOrEqual(0.9);
    expect(annealer.total()).toBeCloseTo(
      new Annealer(CAKE, line, annealer.pieces(), { random: seededRandom(1), catalogue: SHIPPED }).total(),
      6,
    );
    expect(annealer.pieces()).toHaveLength(pieces.length);
  });

  test('is never a pinned piece, and a size is only ever made smaller', () => {
    const { line, pieces } = begin('posy', 6);
    const held = pieces.map((p, i) => ({ ...p, pinned: i % 2 === 0, s: 0.5, side: 0 }));
    const annealer = new Annealer(CAKE, line, held, { random: seededRandom(6), catalogue: SHIPPED });
    for (let i = 0; i < 60 && annealer.freeWorst(0.9); i++);
    annealer.pieces().forEach((p, i) => {
      if (held[i]!.pinned) expect(p).toEqual(held[i]);
      expect(p.sizeMm).toBeLessThanOrEqual(held[i]!.sizeMm);
    });
  });

  test('nothing pressing, nothing done', () => {
    const { line, pieces } = begin('ring', 7);
    const annealer = new Annealer(CAKE, line, pieces.slice(0, 1), { random: seededRandom(7), catalogue: SHIPPED });
    expect(annealer.freeWorst(0.9)).toBe(false);
  });
});
