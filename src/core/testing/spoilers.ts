import { bodyOf, MOST_TILT_RAD, speciesById, SHIPPED } from '../botany/catalogue';
import { seededRandom } from '../geometry/random';
import { angleBetween, dot, normalize, type Vec3 } from '../geometry/vec3';
import type { Piece } from '../compose/arrangement';
import type { LineForm } from '../compose/lineKinds';
import type { Line } from '../compose/line';
import { placePiece } from '../compose/placement';
import type { ReadingId } from '../compose/reading';
import { outwardShare } from '../compose/readings/standing';
import { must } from '../geometry/must';

/** One deliberate fault put into an arrangement: which reading must see it, and which others may fall with right. */
export interface Spoiler {
  name: string;
  spoils: ReadingId;
  related: readonly ReadingId[];
  /** forms that the fault has no meaning on */
  notOn: readonly LineForm[];
  /** what a good arrangement is turned into before the fault is put in, where the fault needs it */
  prepare?(pieces: readonly Piece[]): Piece[];
  change(pieces: readonly Piece[], line: Line): Piece[];
}

const isFace = (p: Piece): boolean => speciesById(p.species, SHIPPED).habit === 'head';
/** Every face as the same flower in one of two colours, by its number along the line. */
function inTwoColours(pieces: readonly Piece[], first: (i: number, count: number) => boolean): Piece[] {
  const faces = pieces.filter(isFace).sort((a, b) => a.s - b.s);
  const number = new Map(faces.map((p, i) => [p.id, i]));
  return pieces.map((p) => {
    const i = number.get(p.id);
    if (i === undefined) return p;
    return { ...p, species: 'cosmos', stage: 'open', colourway: first(i, faces.length) ? 'magenta' : 'white' };
  });
}

/** Turns a piece's face as far toward a direction as its kind leans. */
function faceToward(p: Piece, line: Line, direction: Vec3): Piece {
  const { frame } = placePiece(p, line, SHIPPED);
  const tilt = Math.min(angleBetween(frame.normal, direction), MOST_TILT_RAD[bodyOf(p, SHIPPED).role]);
  return { ...p, tiltRad: tilt, headingRad: Math.atan2(dot(direction, frame.toSide), dot(direction, frame.along)) };
}

const CLOSED: readonly LineForm[] = ['ring', 'garland'];

export const SPOILERS: readonly Spoiler[] = [
  {
    name: 'all focal flowers to one tip',
    spoils: 'focal',
    related: ['grading', 'weight', 'cover', 'crowding', 'rhythm', 'hidden', 'flow', 'facing', 'colour'],
    notOn: CLOSED,
    change: (pieces) => {
      let n = 0;
      return pieces.map((p) => (bodyOf(p, SHIPPED).role === 'focal' ? { ...p, s: 0.02 + 0.02 * n++ } : p));
    },
  },
  {
    name: 'all heads facing one way',
    spoils: 'facing',
    related: ['crowding', 'cover', 'hidden'],
    notOn: [],
    change: (pieces, line) => {
      const way = normalize([0, -0.6, 0.8]);
      return pieces.map((p) =>
        isFace(p) ? (line.closed ? { ...p, tiltRad: 0.05, headingRad: 0 } : faceToward(p, line, way)) : p,
      );
    },
  },
  {
    name: 'sizes reversed',
    spoils: 'grading',
    related: ['focal', 'weight', 'cover', 'crowding', 'rhythm', 'flow', 'hidden', 'colour', 'facing'],
    notOn: CLOSED,
    change: (pieces, line) => {
      const x = (p: Piece) => outwardShare(line, p);
      const faces = pieces.filter(isFace);
      const places = [...faces].sort((a, b) => x(b) - x(a));
      const large = [...faces].sort((a, b) => bodyOf(b, SHIPPED).radialMm - bodyOf(a, SHIPPED).radialMm);
      const moved = new Map(large.map((p, i) => [p.id, { s: must(places[i]).s, side: must(places[i]).side }]));
      return pieces.map((p) => ({ ...p, ...moved.get(p.id) }));
    },
  },
  {
    name: 'one colour to each half',
    spoils: 'colour',
    related: [],
    notOn: [],
    prepare: (pieces) => inTwoColours(pieces, (i) => i % 2 === 0),
    change: (pieces) => inTwoColours(pieces, (i, count) => i < count / 2),
  },
  {
    name: 'a hole cut',
    spoils: 'cover',
    related: ['focal', 'grading', 'weight', 'counts', 'rhythm', 'colour', 'flow', 'hidden', 'scale'],
    notOn: [],
    change: (pieces) => pieces.filter((p) => p.s < 0.3 || p.s > 0.64),
  },
  {
    name: 'heads pushed together',
    spoils: 'crowding',
    related: ['cover', 'weight', 'rhythm', 'focal', 'grading', 'hidden', 'flow', 'colour', 'facing'],
    notOn: [],
    change: (pieces, line) =>
      pieces.map((p) => ({ ...p, s: line.closed ? p.s * 0.5 : 0.5 + (p.s - 0.5) * 0.55, side: p.side * 0.6 })),
  },
  {
    name: 'heads strewn',
    spoils: 'rhythm',
    related: ['cover', 'weight', 'focal', 'grading', 'hidden', 'flow', 'crowding', 'colour', 'facing'],
    notOn: [],
    change: (pieces, line) => {
      const random = seededRandom(11);
      const clamp = (x: number) => Math.max(0, Math.min(1, x));
      return pieces.map((p) =>
        isFace(p) ? { ...p, s: clamp(p.s + ((random() - 0.5) * 110) / line.lengthMm), side: (random() - 0.5) * 3 } : p,
      );
    },
  },
  {
    name: 'even counts',
    spoils: 'counts',
    related: ['crowding', 'rhythm', 'focal', 'grading', 'flow'],
    notOn: CLOSED,
    change: (pieces) => {
      const kinds = new Map<string, Piece[]>();
      for (const p of pieces)
        if (bodyOf(p, SHIPPED).role !== 'foliage')
          kinds.set(`${p.species}|${bodyOf(p, SHIPPED).role}`, [
            ...(kinds.get(`${p.species}|${bodyOf(p, SHIPPED).role}`) ?? []),
            p,
          ]);
      const more = [...kinds.values()]
        .filter((own) => own.length % 2 === 1)
        .map((own, i) => ({ ...must(own[0]), id: `even-${i}`, s: Math.min(1, must(own[0]).s + 0.03), side: -must(own[0]).side }));
      return [...pieces, ...more];
    },
  },
  {
    name: 'leaves against the line',
    spoils: 'flow',
    related: ['crowding', 'hidden', 'cover'],
    notOn: [],
    change: (pieces, line) => {
      let n = 0;
      return pieces.map((p) =>
        bodyOf(p, SHIPPED).role === 'foliage' ? { ...p, headingRad: p.headingRad + (line.closed && n++ % 2 ? 0 : Math.PI) } : p,
      );
    },
  },
  {
    name: 'sprigs drawn out of the flowers: stems bared',
    spoils: 'hidden',
    related: ['cover', 'flow', 'weight', 'crowding'],
    notOn: ['plaque'],
    change: (pieces, line) =>
      pieces.map((p) => {
        if (isFace(p)) return p;
        if (line.shape !== 'disc') return { ...p, side: p.side < 0 ? -1.5 : 1.5 };
        const far = Math.hypot(p.s * 2 - 1, p.side) || 1;
        return { ...p, s: Math.max(0, Math.min(1, 0.5 + ((p.s - 0.5) * 1.25) / far)), side: (p.side * 1.5) / far };
      }),
  },
  {
    name: 'one head too large',
    spoils: 'scale',
    related: ['crowding', 'rhythm', 'focal', 'cover', 'grading', 'weight', 'colour', 'facing', 'hidden'],
    notOn: [],
    change: (pieces) => {
      const large = pieces.filter(isFace).sort((a, b) => bodyOf(b, SHIPPED).radialMm - bodyOf(a, SHIPPED).radialMm)[0];
      return pieces.map((p) => (p === large ? { ...p, sizeMm: Math.min(250, p.sizeMm * 1.9) } : p));
    },
  },
];
