import { bodyOf, MOST_TILT_RAD, speciesById, type Catalogue } from '../botany/catalogue';
import type { Role } from '../botany/species';
import { clamp, GOLDEN_ANGLE_RAD } from '../geometry/numbers';
import type { Random } from '../geometry/random';
import type { Piece } from './arrangement';
import type { Line } from './line';
import type { KindCount } from './shareOut';

/** Faces fan away from the focal point and from the middle of the line. */
export const fanHeading = (s: number, side: number, focal: number): number => Math.atan2(side || 0.15, (s - focal) * 2.2 || 0.15);

/** The pieces of a count, largest first within each role. */
function unroll(kinds: readonly KindCount[]): KindCount[] {
  return kinds.flatMap((k) => Array.from({ length: k.count }, () => k)).sort((a, b) => b.sizeMm - a.sizeMm);
}

function onArm(line: Line, x: number, first: boolean): number {
  if (line.closed) {
    const s = line.focal + (first ? 0.5 : -0.5) * x;
    return s - Math.floor(s);
  }
  return first ? clamp(line.focal + (1 - line.focal) * x) : clamp(line.focal - line.focal * x);
}

/**
 * A first layout that a decorator would begin with: the largest focal at the point, the others half a diameter to either
 * side; the rest at quantiles of the arms, sides alternating, shrinking outward; a bud at each tip; a sprig for each tip,
 * the rest fanned out between. `ids` gives each new piece its id.
 */
export function startLayout(
  line: Line,
  kinds: readonly KindCount[],
  { random, nextId, catalogue }: { random: Random; nextId: () => string; catalogue: Catalogue },
): Piece[] {
  const pieces: Piece[] = [];
  const of = (...roles: string[]) => unroll(kinds.filter((k) => roles.includes(k.role)));
  const glued = line.plate !== null;
  const add: Add = (k, { s, side, tilt, heading, lift = 0 }) => {
    const sprig = speciesById(k.species, catalogue).habit === 'sprig';
    pieces.push({
      id: nextId(),
      species: k.species,
      stage: k.stage,
      sizeMm: k.sizeMm,
      colourway: k.colourway,
      s: clamp(s),
      side: clamp(side, -1.1, 1.1),
      lift,
      tiltRad: glued ? clamp(tilt, ...leanOf(k.role, sprig, true)) : clamp(tilt, 0, MOST_TILT_RAD[k.role]),
      headingRad: heading,
      rollRad: (random() - 0.5) * (sprig ? 0.5 : 2.4),
      pinned: false,
    });
  };
  placeFocals(line, of('focal'), add, catalogue);
  placeAlongArms({ line, list: [...of('secondary'), ...of('spray'), ...of('filler', 'berry')], random, add, catalogue });
  of('bud').forEach((k, i) => {
    const x = i < 2 ? 0.95 : 0.78 - 0.1 * (i - 2);
    const s = onArm(line, x, i % 2 === 0);
    const side = (i % 3) - 1 ? 0.4 * ((i % 3) - 1) : 0.1;
    add(k, { s, side, tilt: 0.7, heading: fanHeading(s, side, line.focal), lift: 0.1 });
  });
  placeLeaves(line, of('foliage'), random, add);
  return pieces;
}

/** What is glued to a plaque lies: heads look off it, leaves are flat on it. */
const GLUED_LEAN = { head: 0.38, leaf: 1.36 } as const;

/** Least and most lean of a piece from the skin's normal, radians. */
export function leanOf(role: Role, sprig: boolean, glued: boolean): readonly [least: number, most: number] {
  const most = MOST_TILT_RAD[role];
  if (glued) return sprig ? [Math.min(GLUED_LEAN.leaf, most), most] : [0.02, Math.min(GLUED_LEAN.head, most)];
  return [role === 'foliage' ? 1.1 : sprig ? 0.5 : 0.05, most];
}

/** Where a new piece lies: along the line and beside it, its lean and the way it looks, radians. */
interface Laid {
  s: number;
  side: number;
  tilt: number;
  heading: number;
  lift?: number;
}

type Add = (k: KindCount, at: Laid) => void;

function placeFocals(line: Line, focals: readonly KindCount[], add: Add, catalogue: Catalogue): void {
  focals.forEach((k, i) => {
    if (line.closed) {
      const s = (line.focal + i / focals.length) % 1;
      add(k, { s, side: 0, tilt: 0.25, heading: i * GOLDEN_ANGLE_RAD });
      return;
    }
    const step = Math.ceil(i / 2) * (i % 2 ? 1 : -1);
    const away = (step * bodyOf(k, catalogue).radialMm * 1.7) / line.lengthMm;
    const s = line.focal + away;
    const side = i === 0 ? 0 : i % 2 ? 0.35 : -0.35;
    add(k, { s, side, tilt: i === 0 ? 0.15 : 0.42, heading: fanHeading(s, side, line.focal) });
  });
}

interface PlaceAlongArmsOptions {
  line: Line;
  list: readonly KindCount[];
  random: Random;
  add: Add;
  catalogue: Catalogue;
}

function placeAlongArms({ line, list, random, add, catalogue }: PlaceAlongArmsOptions): void {
  const n = list.length;
  list.forEach((k, i) => {
    const x = line.closed ? (i + 0.5) / n : Math.pow((i + 0.9) / (n + 0.5), 0.8) * 0.94;
    const s = onArm(line, x, i % 2 === 0);
    const side = (Math.floor(i / 2) % 2 ? 1 : -1) * (0.35 + 0.5 * ((i * 0.618) % 1));
    const sprig = speciesById(k.species, catalogue).habit === 'sprig';
    const tilt = sprig ? 0.75 + 0.2 * random() : 0.3 + 0.4 * random();
    add(k, { s, side, tilt, heading: fanHeading(s, side, line.focal), lift: sprig ? 0 : 0.1 * random() });
  });
}

function placeLeaves(line: Line, leaves: readonly KindCount[], random: Random, add: Add): void {
  leaves.forEach((k, i) => {
    const tip = !line.closed && i < 2;
    const x = tip ? 0.86 : line.closed ? (i + 0.5) / leaves.length : 0.12 + 0.7 * ((i * 0.618) % 1);
    const first = i % 2 === 0;
    const s = onArm(line, x, first);
    const side = tip ? 0 : (Math.floor(i / 2) % 2 ? 1 : -1) * (0.35 + 0.35 * random());
    const outward = first || line.closed ? 0 : Math.PI;
    const heading = tip ? outward : outward + (first ? 1 : -1) * Math.sign(side || 1) * (0.5 + 0.5 * random());
    add(k, { s, side, tilt: 1.22 + 0.16 * random(), heading });
  });
}
