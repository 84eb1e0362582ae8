import { placeSteps } from '../plan/placeSteps';
import { produce } from 'immer';
import type { Piece } from '../compose/arrangement';
import { derivePlan } from '../plan/derivePlan';
import { defaultLine, newArrangement, newProject } from '../plan/newProject';
import type { Project } from '../plan/project';
import { cakeOf, pieceOf } from '../testing/samples';
import { ENGLISH } from '../words/english';

const piece = (id: string, over: Partial<Piece> = {}): Piece => pieceOf({ id, sizeMm: 40, ...over });

/** A foam tier so high on a cake that is eaten, with pieces pushed into its top. */
function onFoam(heightMm: number, pieces: readonly Piece[] = [piece('p1')]): Project {
  const cake = produce(cakeOf([240, 100], [180, heightMm]), (d) => {
    d.tiers[1]!.kind = 'dummy';
    d.tiers[1]!.covering.eaten = false;
  });
  const arrangement = { ...newArrangement('a1', defaultLine('crescent', cake)), method: 'dummy' as const, pieces: [...pieces] };
  return { ...newProject('foam', 'Foam', '2027-06-12T09:30'), cake, arrangements: [arrangement] };
}
const stops = (project: Project) => derivePlan(project).warnings.filter((w) => w.level === 'stop');

test('foam that is high enough takes the stem with room left before the cake under it', () => {
  const { entries, verdict } = derivePlan(onFoam(80));
  expect(verdict).toBe('go');
  const [e] = entries;
  // 30 mm is usual (common practice, no source)
  expect(e!.insideMm).toBeGreaterThanOrEqual(30);
  expect(e!.clearMm).toBeGreaterThanOrEqual(8);
  expect(e!.insideMm + e!.clearMm).toBeCloseTo(e!.cakeMm, 6);
});

test.each([10, 20, 25])('foam of %i mm is a stop that says what it takes, and no wire comes out of it', (heightMm) => {
  const project = onFoam(heightMm);
  const thin = stops(project).find((w) => w.code === 'place.foam-thin')!;
  expect(thin.values).toMatchObject({ foamMm: expect.closeTo(heightMm, 0) as number });
  expect(ENGLISH.warning(thin).what).toContain(`${heightMm} mm`);
  const plan = derivePlan(project);
  expect(plan.verdict).toBe('stop');
  for (const e of plan.entries) expect(e.insideMm).toBeLessThanOrEqual(Math.max(0, heightMm - 8));
});

test('what many stems have in common is said once a tier, and no rim is told where nothing has one', () => {
  const project = onFoam(20);
  const told = stops(project).filter((w) => w.code === 'place.foam-thin');
  expect(told).toHaveLength(1);
  const { pieces } = told[0]!.values as { pieces: readonly { count: number }[] };
  expect(pieces.reduce((a, p) => a + p.count, 0)).toBe(project.arrangements[0]!.pieces.length);
  const deep = onFoam(100);
  const plan = derivePlan(deep);
  expect(plan.entries.every((e) => e.barrier === null)).toBe(true);
  expect(plan.warnings.map((w) => w.code)).not.toContain('place.rims-seen');
  expect(placeSteps(plan, deep).map((s) => s.kind)).not.toContain('cover');
});

test('stems side by side in foam are told as barriers in cake are', () => {
  const near = [piece('p1'), piece('p2', { s: 0.502 })];
  const plan = derivePlan(onFoam(80, near));
  const entries = plan.entries.map((e) => e.nearestEntryMm);
  expect(Math.min(...entries)).toBeLessThan(3);
  expect(plan.warnings.map((w) => w.code)).toContain('place.foam-crowded');
});

test('a wire that is chosen too thin is told in foam as well', () => {
  const project = onFoam(80, [piece('p1', { sizeMm: 70 })]);
  const thin = { ...project, gauges: [{ species: 'rose', stage: 'open', gauge: 30 as const }] };
  expect(derivePlan(thin).warnings.map((w) => w.code)).toContain('wire.thin');
});
