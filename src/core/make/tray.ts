import { bodyOf, speciesById, type Kind } from '../botany/catalogue';
import { methodById } from '../botany/methods';
import { PLAQUE_LOSS_SHARE, type PlaqueToMake } from './plaque';
import { colourwayOf, roleAt, type Role } from '../botany/species';
import type { Arrangement } from '../compose/arrangement';

/** Everything of one kind to make. */
export interface TrayKind extends Kind {
  key: string;
  role: Role;
  method: string;
  placed: number;
  spares: number;
  spareReason: string;
  toMake: number;
  /** sizes used, largest first, with how many of each */
  sizes: { sizeMm: number; count: number }[];
  pasteGramsEach: number;
}

/** Enough must survive in this share of cases. */
export const SURVIVE_SHARE = 0.9;

/** Chance that at least `need` of `made` survive when each breaks with `breakage`, independently. */
export function surviveChance(made: number, need: number, breakage: number): number {
  if (need <= 0) return 1;
  if (breakage <= 0) return made >= need ? 1 : 0;
  let term = Math.pow(breakage, made);
  let tooFew = term;
  for (let k = 1; k < need && k <= made; k++) {
    term *= ((made - k + 1) / k) * ((1 - breakage) / breakage);
    tooFew += term;
  }
  return Math.max(0, 1 - tooFew);
}

/**
 * Spares of a kind: the fewest with which enough survive in nine of ten, and one at least (trade.md P4). Breakage shares are
 * starting values until the person's own log replaces them. Zero or negative counts need no spare.
 */
export function sparesFor(count: number, breakageShare: number): number {
  if (!(count > 0)) return 0;
  let spares = 1;
  while (spares < count + 20 && surviveChance(count + spares, count, breakageShare) < SURVIVE_SHARE) spares++;
  return spares;
}

/** All pieces to make, by species, stage and colour, quantities of whole arrangements counted in. */
export function trayOf(arrangements: readonly Arrangement[]): TrayKind[] {
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
  return [...kinds.values()].map(finishKind).sort((a, b) => ORDER.indexOf(a.role) - ORDER.indexOf(b.role) || b.sizeMm - a.sizeMm);
}

const ORDER: readonly Role[] = ['focal', 'secondary', 'spray', 'filler', 'berry', 'bud', 'foliage'];

function finishKind(kind: TrayKind): TrayKind {
  const breakage = speciesById(kind.species).breakageShare;
  const spares = sparesFor(kind.placed, breakage);
  kind.sizes.sort((a, b) => b.sizeMm - a.sizeMm);
  const grams = kind.sizes.reduce((a, s) => a + bodyOf({ ...kind, sizeMm: s.sizeMm }).massGrams * s.count, 0);
  return {
    ...kind,
    spares,
    spareReason: `About ${Math.round(breakage * 100)} in 100 break (starting value): with ${spares} spare, enough survive in nine of ten.`,
    toMake: kind.placed + spares,
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
