import { add, angleBetween, distance, scale, type Vec3 } from '../geometry/vec3';
import { PointGrid } from '../geometry/pointGrid';
import type { PlacedPiece } from '../compose/placement';
import { must } from '../geometry/must';

/** Stems that go into the cake together. */
export interface Bunch {
  members: PlacedPiece[];
  base: Vec3;
  massGrams: number;
}

const MOST_STEMS = 5;
const FARTHEST_BASE_MM = 26;
/** No two feet of a bunch are farther apart than twice the reach from their middle. */
const NEAR_MM = 2 * FARTHEST_BASE_MM + 0.1;
const WIDEST_NORMALS_RAD = 0.72;

const gathers = (p: PlacedPiece): boolean => p.body.role !== 'focal' && p.body.role !== 'secondary' && p.body.massGrams < 6;

const bunchOf = (members: PlacedPiece[]): Bunch => ({
  members,
  base: scale(
    members.reduce<Vec3>((a, p) => add(a, p.base), [0, 0, 0]),
    1 / members.length,
  ),
  massGrams: members.reduce((a, p) => a + p.body.massGrams, 0),
});

/** How far a merge would make stems reach; Infinity when it may not be. Leaves go with leaves. */
function mergeCost(a: Bunch, b: Bunch): number {
  if (a.members.length + b.members.length > MOST_STEMS) return Infinity;
  const all = [...a.members, ...b.members];
  const leaves = all.filter((p) => p.body.role === 'foliage').length;
  if (leaves !== 0 && leaves !== all.length) return Infinity;
  if (angleBetween(must(a.members[0]).frame.normal, must(b.members[0]).frame.normal) > WIDEST_NORMALS_RAD) return Infinity;
  const merged = bunchOf(all);
  const reach = Math.max(...all.map((p) => distance(p.base, merged.base)));
  return reach > FARTHEST_BASE_MM ? Infinity : reach;
}

interface Merge {
  a: number;
  b: number;
  cost: number;
}

/** Neighbouring light stems gathered into bunches with one barrier: the cheapest pair first, until none may merge. */
export function gatherBunches(heads: readonly PlacedPiece[]): Bunch[] {
  const alone = heads.filter((p) => !gathers(p)).map((p) => bunchOf([p]));
  const light = heads.filter(gathers);
  const feet = new PointGrid(
    light.map((p) => p.base),
    NEAR_MM,
  );
  // a merged bunch goes to the end, and what it was made of leaves an empty place
  const loose: (Bunch | null)[] = light.map((p) => bunchOf([p]));
  /** the bunch whose first member each is, or nothing any more */
  const leads = new Map(light.map((p, i) => [p, i]));
  const mergesWith = (b: number): Merge[] => {
    const merges: Merge[] = [];
    feet.within(must(must(loose[b]).members[0]).base, NEAR_MM, (i) => {
      const a = leads.get(must(light[i]));
      if (a === undefined || a >= b) return;
      const cost = mergeCost(must(loose[a]), must(loose[b]));
      if (cost < Infinity) merges.push({ a, b, cost });
    });
    return merges;
  };
  let merges: Merge[] = loose.flatMap((_, b) => mergesWith(b));
  while (merges.length) {
    const { a, b } = merges.reduce((best, m) => (cheaper(m, best) ? m : best));
    const members = [...must(loose[a]).members, ...must(loose[b]).members];
    leads.delete(must(must(loose[b]).members[0]));
    leads.set(must(members[0]), loose.length);
    loose[a] = null;
    loose[b] = null;
    loose.push(bunchOf(members));
    merges = merges.filter((m) => loose[m.a] && loose[m.b]);
    merges.push(...mergesWith(loose.length - 1));
  }
  return [...alone, ...loose.filter((bunch) => bunch !== null)];
}

const cheaper = (m: Merge, best: Merge): boolean =>
  m.cost !== best.cost ? m.cost < best.cost : m.a !== best.a ? m.a < best.a : m.b < best.b;
