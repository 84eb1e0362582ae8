import type { Piece } from './arrangement';
import { alongLine } from './bounds';
import type { Line } from './line';
import { must } from '../geometry/must';

/** Changes to several pieces at once. Pure: pieces in, pieces out, in the same order; pinned ones stay. */

/** Over the line's own axis to its other side, faces turned with them. */
export const mirrorAcross = (pieces: readonly Piece[]): Piece[] =>
  pieces.map((p) => (p.pinned ? p : { ...p, side: -p.side, headingRad: -p.headingRad, rollRad: -p.rollRad }));

/** About the focal point to the other arm; on a disc to the other half. */
export function mirrorAlong(pieces: readonly Piece[], line: Line): Piece[] {
  const about = line.shape === 'disc' ? 0.5 : line.focal;
  return pieces.map((p) => {
    if (p.pinned) return p;
    // arms may differ in length: a place half-way out on one arm comes half-way out on the other
    const s = line.closed
      ? alongLine(line, 2 * about - p.s)
      : p.s < about
        ? about + ((about - p.s) / about) * (1 - about)
        : about - ((p.s - about) / (1 - about || 1)) * about;
    return { ...p, s: alongLine(line, s), headingRad: Math.PI - p.headingRad, rollRad: -p.rollRad };
  });
}

/** Even steps between the outermost two, in the order in which they lie. Two or fewer stay. */
export function distribute(pieces: readonly Piece[], line: Line): Piece[] {
  const order = [...pieces].sort((a, b) => a.s - b.s || a.id.localeCompare(b.id));
  if (order.length < 3) return [...pieces];
  const [from, to] = [must(order[0]).s, must(order[order.length - 1]).s];
  const place = new Map(order.map((p, i) => [p.id, from + ((to - from) * i) / (order.length - 1)]));
  return pieces.map((p) => (p.pinned ? p : { ...p, s: alongLine(line, must(place.get(p.id))) }));
}

/** The same pieces again farther along, as far apart as they reach, without ids. Past an open tip nothing is put. */
export function copyAlong(pieces: readonly Piece[], line: Line): Omit<Piece, 'id'>[] {
  if (pieces.length === 0) return [];
  const s = pieces.map((p) => p.s);
  const reach = Math.max(...s) - Math.min(...s) + 24 / line.lengthMm;
  return pieces
    .map(({ id: _id, ...p }) => ({ ...p, s: p.s + reach, pinned: false }))
    .filter((p) => line.closed || p.s <= 1)
    .map((p) => ({ ...p, s: alongLine(line, p.s) }));
}
