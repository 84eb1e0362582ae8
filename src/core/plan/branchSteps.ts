import type { Part } from '../botany/shape/recipe';
import type { StepTitle } from './stepFacts';
import { must } from '../geometry/must';

/** One joint of a branch made by itself: how many of what, how far below the last, from the tip down. */
export interface BranchStep {
  does: Extract<StepTitle, { code: 'do.tape-together' | 'do.branch-tip' | 'do.branch-join' }>;
  belowMm: number | null;
}

/** Joints nearer than this share one winding, up to so many pieces (the project's own study). */
const TOGETHER_MM = 6;
const MOST_TOGETHER = 3;

/** What is taped to a twig or arm first, then those to what carries them, then along the carrier from the tip down. */
export function branchSteps(parts: readonly Part[], longMm: number): BranchStep[] {
  const fine: BranchStep[] = [];
  for (const level of [2, 1] as const) {
    const own = parts.filter((p) => p.level === level);
    if (own.length === 0) continue;
    const bundles = together(own.map((p) => ({ p, at: p.joins })));
    const alike = new Map<string, { parts: PartCount[]; times: number }>();
    for (const bundle of bundles) {
      const parts = countParts(bundle);
      const key = JSON.stringify(parts);
      const known = alike.get(key);
      if (known) known.times++;
      else alike.set(key, { parts, times: 1 });
    }
    for (const values of alike.values()) fine.push({ does: { code: 'do.tape-together', values }, belowMm: null });
  }
  const carried = parts.filter((p) => p.level === 0).sort((a, b) => b.joins[2] - a.joins[2]);
  const rows: { parts: Part[]; z: number }[] = [];
  // what joins at one place stays together: a pair of leaves is never parted
  for (const bundle of together(carried.map((p) => ({ p, at: p.joins })))) {
    const last = rows.at(-1);
    const z = must(bundle[0]).joins[2];
    if (last && (last.z - z) * longMm < TOGETHER_MM && last.parts.length + bundle.length <= MOST_TOGETHER)
      last.parts.push(...bundle);
    else rows.push({ parts: [...bundle], z });
  }
  return fine.concat(
    rows.map((row, i): BranchStep => ({
      does: { code: i === 0 ? 'do.branch-tip' : 'do.branch-join', values: { parts: countParts(row.parts) } },
      belowMm: i === 0 ? null : (must(rows[i - 1]).z - row.z) * longMm,
    })),
  );
}

/** Parts that join at the same place. */
function together(at: readonly { p: Part; at: Part['joins'] }[]): Part[][] {
  const groups: { at: Part['joins']; parts: Part[] }[] = [];
  for (const { p, at: where } of at) {
    const known = groups.find((g) => g.at.every((x, k) => Math.abs(x - must(where[k])) < 1e-6));
    if (known) known.parts.push(p);
    else groups.push({ at: where, parts: [p] });
  }
  return groups.map((g) => g.parts);
}

export interface PartCount {
  part: Part['name'];
  count: number;
}

/** Parts by kind, each with how many. */
export function countParts(parts: readonly Part[]): PartCount[] {
  const counts = new Map<Part['name'], number>();
  for (const p of parts) counts.set(p.name, (counts.get(p.name) ?? 0) + 1);
  return [...counts].map(([part, count]) => ({ part, count }));
}
