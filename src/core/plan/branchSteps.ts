import type { Part } from '../botany/shape/recipe';

/** One joint of a branch made by itself: how many of what, how far below the last, from the tip down. */
export interface BranchStep {
  text: string;
  belowMm: number | null;
}

/** Joints nearer than this share one winding, up to so many pieces (the project's own study). */
const TOGETHER_MM = 6;
const MOST_TOGETHER = 3;
export const PLURALS: Readonly<Record<Part['name'], string>> = {
  leaf: 'leaves',
  berry: 'berries',
  floret: 'florets',
  bud: 'buds',
  'side branch': 'side branches',
  twig: 'clusters',
  arm: 'arms',
};
export const SINGULARS: Readonly<Record<Part['name'], string>> = {
  leaf: 'leaf',
  berry: 'berry',
  floret: 'floret',
  bud: 'bud',
  'side branch': 'side branch',
  twig: 'cluster',
  arm: 'arm',
};

const words = (name: Part['name'], n: number): string => `${n} ${n === 1 ? SINGULARS[name] : PLURALS[name]}`;

/** What is taped to a twig or arm first, then those to what carries them, then along the carrier from the tip down. */
export function branchSteps(parts: readonly Part[], longMm: number): BranchStep[] {
  const fine: BranchStep[] = [];
  for (const level of [2, 1] as const) {
    const own = parts.filter((p) => p.level === level);
    if (own.length === 0) continue;
    const bundles = together(own.map((p) => ({ p, at: p.joins })));
    const alike = new Map<string, number>();
    for (const bundle of bundles) {
      const said = partsWords(bundle);
      alike.set(said, (alike.get(said) ?? 0) + 1);
    }
    for (const [said, times] of alike)
      fine.push({ text: `Tape ${said} together at one height${times > 1 ? `, ${times} times` : ''}`, belowMm: null });
  }
  const carried = parts.filter((p) => p.level === 0).sort((a, b) => b.joins[2] - a.joins[2]);
  const rows: { parts: Part[]; z: number }[] = [];
  // what joins at one place stays together: a pair of leaves is never parted
  for (const bundle of together(carried.map((p) => ({ p, at: p.joins })))) {
    const last = rows.at(-1);
    const z = bundle[0]!.joins[2];
    if (last && (last.z - z) * longMm < TOGETHER_MM && last.parts.length + bundle.length <= MOST_TOGETHER)
      last.parts.push(...bundle);
    else rows.push({ parts: [...bundle], z });
  }
  return fine.concat(
    rows.map((row, i): BranchStep => ({
      text: i === 0 ? `Begin with ${partsWords(row.parts)} at the tip` : `Join ${partsWords(row.parts)}`,
      belowMm: i === 0 ? null : (rows[i - 1]!.z - row.z) * longMm,
    })),
  );
}

/** Parts that join at the same place. */
function together(at: readonly { p: Part; at: Part['joins'] }[]): Part[][] {
  const groups: { at: Part['joins']; parts: Part[] }[] = [];
  for (const { p, at: where } of at) {
    const known = groups.find((g) => g.at.every((x, k) => Math.abs(x - where[k]!) < 1e-6));
    if (known) known.parts.push(p);
    else groups.push({ at: where, parts: [p] });
  }
  return groups.map((g) => g.parts);
}

function partsWords(parts: readonly Part[]): string {
  const counts = new Map<Part['name'], number>();
  for (const p of parts) counts.set(p.name, (counts.get(p.name) ?? 0) + 1);
  return [...counts].map(([name, n]) => words(name, n)).join(' and ');
}
