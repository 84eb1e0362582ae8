import { bodyOf, speciesById, type Kind } from '../botany/catalogue';
import { methodById } from '../botany/methods';
import { PLAQUE_LOSS_SHARE, type PlaqueToMake } from './plaque';
import { colourwayOf, roleAt, type Role } from '../botany/species';
import type { Arrangement } from '../compose/arrangement';
import { breakageOf, SPARES_RULE, sparesFor, type SparesRule } from './spares';
import { inHand, type Taken } from './takings';

/** Everything of one kind to make. */
export interface TrayKind extends Kind {
  key: string;
  role: Role;
  method: string;
  placed: number;
  /** of those placed, so many are taken from the tin */
  fromTin: number;
  spares: number;
  spareReason: string;
  toMake: number;
  /** sizes used, largest first, with how many of each */
  sizes: { sizeMm: number; count: number }[];
  pasteGramsEach: number;
}

/** What the tray is worked out with beside the arrangements: the person's rule, what was taken from the tin, and the log. */
export interface TrayNotes {
  rule: SparesRule;
  taken: readonly Taken[];
  log: readonly { kind: string; made: number; broken: number }[];
}

const NO_NOTES: TrayNotes = { rule: SPARES_RULE, taken: [], log: [] };

/** All pieces to make, by species, stage and colour, quantities of whole arrangements counted in, what the tin gives taken off. */
export function trayOf(arrangements: readonly Arrangement[], notes: TrayNotes = NO_NOTES): TrayKind[] {
  const kinds = new Map<string, TrayKind>();
  for (const arrangement of arrangements) {
    for (const piece of arrangement.pieces) {
      const key = `${piece.species}|${piece.stage}|${piece.colourway}`;
      const species = speciesById(piece.species);
      const kind = kinds.get(key) ?? {
        species: piece.species,
        stage: piece.stage,
        sizeMm: piece.sizeMm,
        colourway: piece.colourway,
        key,
        role: roleAt(species, piece.stage),
        method: species.method,
        placed: 0,
        fromTin: 0,
        spares: 0,
        spareReason: '',
        toMake: 0,
        sizes: [],
        pasteGramsEach: 0,
      };
      kind.placed += arrangement.quantity;
      kind.sizeMm = Math.max(kind.sizeMm, piece.sizeMm);
      const size = kind.sizes.find((s) => s.sizeMm === piece.sizeMm);
      if (size) size.count += arrangement.quantity;
      else kind.sizes.push({ sizeMm: piece.sizeMm, count: arrangement.quantity });
      kinds.set(key, kind);
    }
  }
  return [...kinds.values()]
    .map((kind) => finishKind(kind, notes))
    .sort((a, b) => ORDER.indexOf(a.role) - ORDER.indexOf(b.role) || b.sizeMm - a.sizeMm);
}

const ORDER: readonly Role[] = ['focal', 'secondary', 'spray', 'filler', 'berry', 'bud', 'foliage'];

function finishKind(kind: TrayKind, { rule, taken, log }: TrayNotes): TrayKind {
  const logged = log.filter((e) => e.kind === kind.key);
  const breakage = breakageOf(
    speciesById(kind.species).breakageShare,
    logged.reduce((a, e) => a + e.made, 0),
    logged.reduce((a, e) => a + e.broken, 0),
  );
  kind.sizes.sort((a, b) => b.sizeMm - a.sizeMm);
  const own = taken.filter((t) => `${t.species}|${t.stage}|${t.colourway}` === kind.key);
  const fromTin = inHand(kind.sizes, own);
  const wanted = kind.placed - fromTin;
  const spares = sparesFor(wanted, breakage.share, rule);
  const grams = kind.sizes.reduce((a, s) => a + bodyOf({ ...kind, sizeMm: s.sizeMm }).massGrams * s.count, 0);
  const perHundred = Math.round(breakage.share * 100);
  return {
    ...kind,
    fromTin,
    spares,
    spareReason:
      wanted === 0
        ? 'All of them are in the tin.'
        : `About ${perHundred} in 100 break (${breakage.own ? 'your log' : 'starting value'}): with ${spares} spare, enough survive in ${Math.round(rule.surviveShare * 100)} of 100.`,
    toMake: wanted + spares,
    pasteGramsEach: grams / Math.max(1, kind.placed),
  };
}

export interface PasteBall {
  name: string;
  colour: string;
  grams: number;
  /** before rounding and without what is lost */
  netGrams: number;
  kinds: string[];
}

/** Paste is weighed in steps of 5 g. */
export const PASTE_STEP_GRAMS = 5;

/** Mass of paste per colour, what the method loses counted in, rounded up. */
export function pasteByColour(tray: readonly TrayKind[], plaques: readonly PlaqueToMake[] = []): PasteBall[] {
  const balls = new Map<string, PasteBall>();
  for (const plaque of plaques) {
    const ball = balls.get(plaque.colour) ?? { name: 'plaque', colour: plaque.colour, grams: 0, netGrams: 0, kinds: ['Plaque'] };
    ball.netGrams += plaque.gramsEach * plaque.count;
    ball.grams += (plaque.gramsEach * plaque.count) / (1 - PLAQUE_LOSS_SHARE);
    balls.set(plaque.colour, ball);
  }
  for (const kind of tray) {
    const species = speciesById(kind.species);
    const way = colourwayOf(species, kind.colourway);
    const ball = balls.get(way.hue) ?? { name: way.name, colour: way.hue, grams: 0, netGrams: 0, kinds: [] };
    const net = kind.pasteGramsEach * kind.toMake;
    ball.netGrams += net;
    ball.grams += net / (1 - methodById(kind.method).lossShare);
    if (!ball.kinds.includes(species.name)) ball.kinds.push(species.name);
    balls.set(way.hue, ball);
  }
  return [...balls.values()]
    .map((b) => ({ ...b, grams: Math.ceil(b.grams / PASTE_STEP_GRAMS - 1e-9) * PASTE_STEP_GRAMS }))
    .sort((a, b) => b.grams - a.grams);
}
