import type { Vec3 } from '../geometry/vec3';
import { defaultLine, newArrangement, newProject } from './newProject';
import { cakeOf } from '../testing/samples';
import { movedApart } from './apart';
import { derivePlan, type DerivedPlan } from './derivePlan';
import type { Project } from './project';

/** Two single stems side by side on a posy, `gap` of the line between them, and one far off. */
function twoStems(gap: number, pinned: readonly string[] = [], heavy = 60): Project {
  const cake = cakeOf([200, 100]);
  const blank = newProject('close', 'Close', '2027-06-12T09:30');
  const stem = (id: string, species: string, sizeMm: number, s: number) => ({
    ...{ id, species, stage: 'open', sizeMm, colourway: 'blush', s, side: 0 },
    ...{ lift: 0.3, tiltRad: 0, headingRad: 0, rollRad: 0, pinned: pinned.includes(id) },
  });
  return {
    ...blank,
    cake,
    arrangements: [
      {
        ...newArrangement('a1', defaultLine('crescent', cake)),
        method: 'stem by stem' as const,
        pieces: [stem('heavy', 'rose', heavy, 0.45), stem('light', 'rose', 30, 0.45 + gap), stem('far', 'rose', 30, 0.95)],
      },
    ],
  };
}

/** Least distance of two stretches by trying many places of both: shares no code with what is measured. */
function gapMm(plan: DerivedPlan, a: string, b: string): number {
  const [p, q] = [a, b].map((id) => plan.entries.find((e) => e.pieceIds.includes(id))!);
  let least = Infinity;
  const at = (e: typeof p, k: number): Vec3 =>
    [0, 1, 2].map((i) => e!.pointMm[i]! + (e!.direction[i]! * e!.insideMm * k) / 60) as unknown as Vec3;
  for (let i = 0; i <= 60; i++)
    for (let j = 0; j <= 60; j++) {
      const [u, v] = [at(p, i), at(q, j)];
      least = Math.min(least, Math.hypot(u[0] - v[0], u[1] - v[1], u[2] - v[2]));
    }
  return least - (p!.outsideMm + q!.outsideMm) / 2;
}

const tooNear = (plan: DerivedPlan) => plan.warnings.filter((w) => w.mends?.some((m) => m.do === 'move apart')).length;
const stops = (plan: DerivedPlan) => plan.warnings.filter((w) => w.level === 'stop').length;
const withMoves = (project: Project, moves: ReturnType<typeof movedApart>['moves']): Project => ({
  ...project,
  arrangements: project.arrangements.map((a) => ({
    ...a,
    pieces: a.pieces.map((p) => ({ ...p, ...moves.find((m) => m.pieceId === p.id && m.arrangementId === a.id) })),
  })),
});

const CLOSE = twoStems(0.006);
const FOUND = movedApart(CLOSE);

test('two that stand too near are parted: the lighter moves, the heavier and those far off stay', () => {
  expect(tooNear(derivePlan(CLOSE))).toBeGreaterThan(0);
  expect(FOUND.moves.map((m) => m.pieceId)).toEqual(['light']);
  expect(FOUND.left).toBe(0);
});

test('afterwards the wall is there, measured by trying many places of both, and no stop is new', () => {
  const [before, after] = [derivePlan(CLOSE), derivePlan(withMoves(CLOSE, FOUND.moves))];
  const wall = gapMm(after, 'heavy', 'light');
  const [a, b] = ['heavy', 'light'].map((id) => after.entries.find((e) => e.pieceIds.includes(id))!);
  // cake as thick beside a barrier as it is itself, and 3 mm at the least (assumed, no source)
  const wanted = Math.max(3, a!.outsideMm, b!.outsideMm);
  expect(gapMm(before, 'heavy', 'light')).toBeLessThan(wanted);
  expect(wall).toBeGreaterThanOrEqual(wanted);
  // as little as parts them, and not a finger more
  expect(wall).toBeLessThan(wanted + 10);
  expect(tooNear(after)).toBe(0);
  expect(stops(after)).toBeLessThanOrEqual(stops(before));
});

test('the project that was handed in is as it was', () => {
  const project = twoStems(0.006);
  const before = JSON.stringify(project);
  movedApart(project);
  expect(JSON.stringify(project)).toBe(before);
});

test('what is pinned never moves, and what stays too near is counted', () => {
  const held = twoStems(0.006, ['heavy', 'light']);
  const { moves, left } = movedApart(held);
  expect(moves).toEqual([]);
  expect(left).toBe(tooNear(derivePlan(held)));
  expect(left).toBeGreaterThan(0);
});

test('where nothing is too near nothing moves', () => {
  expect(movedApart(twoStems(0.3))).toEqual({ moves: [], left: 0 });
});

test('places on the line stay within it, whatever was drawn', () => {
  for (const s of [0.001, 0.999]) {
    const edge = twoStems(0.01);
    edge.arrangements[0]!.pieces = edge.arrangements[0]!.pieces.map((p, i) => ({ ...p, s: Math.abs(s - i * 0.004) }));
    for (const m of movedApart(edge).moves) {
      expect(m.s).toBeGreaterThanOrEqual(0);
      expect(m.s).toBeLessThanOrEqual(1);
      expect(Math.abs(m.side)).toBeLessThanOrEqual(1.4);
    }
  }
});
