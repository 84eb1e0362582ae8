import type { Line } from '../compose/line';
import type { PlacedPiece } from '../compose/placement';
import type { Edits } from './turn';
import { must } from '../geometry/must';

export const MOST_SPRAY_MM = 260;
const MOST_SPRAY_PIECES = 30;
/** Light pieces so near a seam are taped to either spray. Assumed. */
const SEAM_MM = 26;
const SEAM_MOST_GRAMS = 6;

/** Divides a line's pieces into sprays that a hand can hold: at most 260 mm and about 30 pieces, cut where little mass lies. */
export function divide(heads: readonly PlacedPiece[], line: Line, edits: Edits): PlacedPiece[][] {
  const groups = lapSeams(dividedByRule(heads, line), line);
  const wish = (p: PlacedPiece) => edits.get(p.piece.id)?.spray ?? null;
  if (!heads.some((p) => wish(p) !== null)) return groups;
  // one past the last begins a new spray
  const asked: PlacedPiece[][] = Array.from({ length: groups.length + 1 }, () => []);
  groups.forEach((group, g) => {
    for (const p of group) must(asked[Math.min(groups.length, (wish(p) ?? g + 1) - 1)]).push(p);
  });
  return asked.filter((g) => g.length > 0);
}

function dividedByRule(heads: readonly PlacedPiece[], line: Line): PlacedPiece[][] {
  const count = Math.max(1, Math.ceil(line.lengthMm / MOST_SPRAY_MM), Math.ceil(heads.length / MOST_SPRAY_PIECES));
  const sorted = [...heads].sort((a, b) => a.piece.s - b.piece.s || a.piece.id.localeCompare(b.piece.id));
  if (count === 1) return [sorted];
  const mass = sorted.map((p) => Math.sqrt(p.body.massGrams));
  const total = mass.reduce((a, b) => a + b, 0);
  const groups: PlacedPiece[][] = Array.from({ length: count }, () => []);
  let sum = 0;
  sorted.forEach((p, i) => {
    const byMass = (sum + must(mass[i]) / 2) / total;
    must(groups[Math.min(count - 1, Math.floor(((byMass + p.piece.s) / 2) * count))]).push(p);
    sum += must(mass[i]);
  });
  return groups.filter((g) => g.length > 0);
}

/**
 * Two sprays that meet grip into each other: near the seam light pieces on the left are taped to the one, on the right to the
 * other, so that neither tip ends in a straight edge. A closed ring has such a seam at its beginning too.
 */
function lapSeams(groups: readonly PlacedPiece[][], line: Line): PlacedPiece[][] {
  if (groups.length < 2) return [...groups];
  const to = new Map(groups.flatMap((group, g) => group.map((p) => [p, g] as const)));
  groups.forEach((group, g) => {
    const next = (g + 1) % groups.length;
    if (next === 0 && !(line.closed && groups.length > 2)) return;
    const end = Math.max(...group.map((p) => p.piece.s));
    const begin = Math.min(...must(groups[next]).map((p) => p.piece.s)) + (next === 0 ? 1 : 0);
    const seam = (end + begin) / 2;
    for (const p of [...group, ...must(groups[next])]) {
      const off = Math.min(...[0, 1].map((turn) => Math.abs(p.piece.s + turn - seam))) * line.lengthMm;
      if (off <= SEAM_MM && p.body.massGrams < SEAM_MOST_GRAMS) to.set(p, p.sideMm >= 0 ? g : next);
    }
  });
  const lapped: PlacedPiece[][] = groups.map(() => []);
  for (const [p, g] of to) must(lapped[g]).push(p);
  return lapped.map((group) => unrolled(group, line)).filter((g) => g.length > 0);
}

/** Across the beginning of a closed line places are counted on past its end. */
function unrolled(group: readonly PlacedPiece[], line: Line): PlacedPiece[] {
  const places = group.map((p) => p.piece.s);
  const across = line.closed && Math.max(...places) - Math.min(...places) > 0.5;
  return group
    .map((p) => (across && p.piece.s < 0.5 ? { ...p, piece: { ...p.piece, s: p.piece.s + 1 } } : p))
    .sort((a, b) => a.piece.s - b.piece.s || a.piece.id.localeCompare(b.piece.id));
}
