import { bodyOf, speciesById, type Kind } from '../botany/catalogue';
import { methodById, minutesForOne, type Method } from '../botany/methods';
import { clamp } from '../geometry/numbers';
import { ownMinutes } from '../log/own';
import { roleAt, type Role } from '../botany/species';
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
  /** how long this person takes against the starting minutes, and from how many entries of the log; 1 and 0 where there are none */
  pace: { share: number; entries: number };
}

/** What the tray is worked out with beside the arrangements: the person's rule, what was taken from the tin, and the log. */
export interface TrayNotes {
  rule: SparesRule;
  taken: readonly Taken[];
  log: readonly { kind: string; made: number; broken: number; minutes: number | null }[];
  /** species that are made another way than the catalogue says */
  madeBy: readonly { species: string; method: string }[];
  /** how much longer than everyday work this job takes at every step: 1, or more for a showpiece */
  care: number;
}

const NO_NOTES: TrayNotes = { rule: SPARES_RULE, taken: [], log: [], madeBy: [], care: 1 };

/** All pieces to make, by species, stage and colour, quantities of whole arrangements counted in, what the tin gives taken off. */
export function trayOf(arrangements: readonly Arrangement[], given: Partial<TrayNotes> = NO_NOTES): TrayKind[] {
  const notes = { ...NO_NOTES, ...given };
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
        method: notes.madeBy.find((m) => m.species === species.id)?.method ?? species.method,
        placed: 0,
        fromTin: 0,
        spares: 0,
        spareReason: '',
        toMake: 0,
        sizes: [],
        pasteGramsEach: 0,
        pace: { share: 1, entries: 0 },
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

function finishKind(kind: TrayKind, { rule, taken, log, care }: TrayNotes): TrayKind {
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
    pace: paceOf(methodById(kind.method), logged, care),
  };
}

/** Farther from the starting minutes than so many times is a slip of the timer, not a pace. */
const MOST_PACE = 4;

/** The person's own pace at a kind: logged minutes against what its method starts from for as many pieces. */
function paceOf(method: Method, logged: TrayNotes['log'], care: number): TrayKind['pace'] {
  const started = logged
    .filter((e) => e.minutes !== null && e.minutes > 0 && e.made + e.broken > 0)
    .map((e) => e.minutes! / (care * minutesForOne(method) * (e.made + e.broken)));
  const own = ownMinutes(1, started);
  return { share: clamp(own.minutes, 1 / MOST_PACE, MOST_PACE), entries: own.entries };
}
