import { add, angleBetween, distance, scale, type Vec3 } from '../geometry/vec3';
import type { PlacedPiece } from '../compose/placement';

/** Stems that go into the cake together. */
export interface Bunch {
  members: PlacedPiece[];
  base: Vec3;
  massGrams: number;
}

const MOST_STEMS = 5;
const FARTHEST_BASE_MM = 26;
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
  // no two feet are farther apart than twice the reach from their middle
  if (distance(a.members[0]!.base, b.members[0]!.base) > 2 * FARTHEST_BASE_MM) return Infinity;
  const all = [...a.members, ...b.members];
  const leaves = all.filter((p) => p.body.role === 'foliage').length;
  if (leaves !== 0 && leaves !== all.length) return Infinity;
  if (angleBetween(a.members[0]!.frame.normal, b.members[0]!.frame.normal) > WIDEST_NORMALS_RAD) return Infinity;
  const merged = bunchOf(all);
  const reach = Math.max(...all.map((p) => distance(p.base, merged.base)));
  return reach > FARTHEST_BASE_MM ? Infinity : reach;
}

/** Neighbouring light stems gathered into bunches with one barrier: the cheapest pair first, until none may merge. */
export function gatherBunches(heads: readonly PlacedPiece[]): Bunch[] {
  const alone = heads.filter((p) => !gathers(p)).map((p) => bunchOf([p]));
  let loose = heads.filter(gathers).map((p) => bunchOf([p]));
  /** what each would cost to merge with each before it; kept, since a merge changes only the costs of what it made */
  let costs = loose.map((b, i) => loose.slice(0, i).map((a) => mergeCost(a, b)));
  for (;;) {
    let best = { i: -1, j: -1, cost: Infinity };
    costs.forEach((row, j) => {
      for (let i = 0; i < row.length; i++) {
        const cost = row[i]!;
        if (cost < best.cost || (cost === best.cost && cost < Infinity && i < best.i)) best = { i, j, cost };
      }
    });
    const { i, j } = best;
    if (i < 0) return [...alone, ...loose];
    const merged = bunchOf([...loose[i]!.members, ...loose[j]!.members]);
    const stays = (_: unknown, k: number) => k !== i && k !== j;
    loose = loose.filter(stays);
    costs = costs.filter(stays).map((row) => row.filter(stays));
    costs.push(loose.map((a) => mergeCost(a, merged)));
    loose.push(merged);
  }
}
