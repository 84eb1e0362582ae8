import { bodyOf, methodById, SHIPPED, speciesById, type Catalogue, type Kind } from '../botany/catalogue';
import { clamp } from '../geometry/numbers';
import { daysOfKind, looksOf, lossesOf, type LogEntry, type Note } from '../log/entries';
import { ownBreakage, ownDrying, ownFactor, ownLoss, type Own } from '../log/own';
import { roleAt, type Role } from '../botany/species';
import type { Arrangement } from '../compose/arrangement';
import type { SpareReason } from './facts';
import { minutesForOne, sharingBoards, stepsOf, type KindStep } from './kindWork';
import { isAssembled, sparePartsOf, type SpareParts } from './spareParts';
import { SPARES_RULE, sparesFor, type SparesRule } from './spares';
import { inHand, type Taken } from './takings';
import { must } from '../geometry/must';
import type { Work } from '../piece/work';

/** Everything of one kind to make. */
export interface TrayKind extends Kind {
  key: string;
  role: Role;
  method: string;
  placed: number;
  /** of those placed, so many are taken from the tin */
  fromTin: number;
  /** whole pieces; none of what is put together of parts, whose parts are made again */
  spares: number;
  spareParts: SpareParts[];
  spareReason: SpareReason;
  toMake: number;
  /** what is done, step by step */
  steps: KindStep[];
  /** sizes used, largest first, with how many of each */
  sizes: { sizeMm: number; count: number }[];
  pasteGramsEach: number;
  /** how long this person takes against the starting minutes; with no entries of the kind as at other kinds, else the starting value */
  pace: Pace;
  /** shares that break and that are lost of the paste, and of how many entries of the log they are the person's own */
  breakage: { share: number; entries: number };
  /** hours of drying against what the room makes of the practice's; as at other kinds where none of this was looked at */
  drying: Own;
  loss: { share: number; entries: number };
}

/** What the tray is worked out with beside the arrangements: the person's rule, what was taken from the tin, and the log. */
export interface TrayNotes {
  catalogue: Catalogue;
  rule: SparesRule;
  taken: readonly Taken[];
  log: readonly LogEntry[];
  notes: readonly Note[];
  /** how much longer than everyday work this job takes at every step: 1, or more for a showpiece */
  care: number;
}

const NO_NOTES: TrayNotes = { catalogue: SHIPPED, rule: SPARES_RULE, taken: [], log: [], notes: [], care: 1 };

/** All pieces to make, by species, stage and colour, quantities of whole arrangements counted in, what the tin gives taken off. */
export function trayOf(arrangements: readonly Arrangement[], given: Partial<TrayNotes> = NO_NOTES): TrayKind[] {
  const notes = { ...NO_NOTES, ...given };
  const kinds = new Map<string, TrayKind>();
  for (const arrangement of arrangements) {
    for (const piece of arrangement.pieces) {
      const key = `${piece.species}|${piece.stage}|${piece.colourway}`;
      const species = speciesById(piece.species, notes.catalogue);
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
        spareParts: [],
        spareReason: IN_TIN,
        toMake: 0,
        steps: [],
        sizes: [],
        pasteGramsEach: 0,
        pace: START_PACE,
        breakage: { share: species.breakageShare, entries: 0 },
        drying: START_PACE,
        loss: { share: 0, entries: 0 },
      };
      kind.placed += arrangement.quantity;
      kind.sizeMm = Math.max(kind.sizeMm, piece.sizeMm);
      const size = kind.sizes.find((s) => s.sizeMm === piece.sizeMm);
      if (size) size.count += arrangement.quantity;
      else kind.sizes.push({ sizeMm: piece.sizeMm, count: arrangement.quantity });
      kinds.set(key, kind);
    }
  }
  const made = sharingBoards([...kinds.values()].map((kind) => withCounts(kind, notes)));
  const person = personOf(made, notes);
  const worked = pacesByWork(made, notes, person);
  return made
    .map((kind) => withPerson(kind, notes, { person, worked }))
    .sort((a, b) => ORDER.indexOf(a.role) - ORDER.indexOf(b.role) || b.sizeMm - a.sizeMm);
}

const IN_TIN: SpareReason = { code: 'spares.in-tin', values: {} };
const ORDER: readonly Role[] = ['focal', 'secondary', 'spray', 'filler', 'berry', 'bud', 'foliage'];

/** How many to make of a kind, whole and of its parts, and what that takes. */
function withCounts(kind: TrayKind, { catalogue, rule, taken, log }: TrayNotes): TrayKind {
  const species = speciesById(kind.species, catalogue);
  const breakage = ownBreakage(species.breakageShare, daysOfKind(log, kind.key));
  kind.sizes.sort((a, b) => b.sizeMm - a.sizeMm);
  const own = taken.filter((t) => `${t.species}|${t.stage}|${t.colourway}` === kind.key);
  const fromTin = inHand(kind.sizes, own);
  const wanted = kind.placed - fromTin;
  const bodies = kind.sizes.map((s) => ({ body: bodyOf({ ...kind, sizeMm: s.sizeMm }, catalogue), count: s.count }));
  const built = bodies.map(({ body, count }) => ({
    instances: body.built.instances,
    times: (count * wanted) / Math.max(1, kind.placed),
  }));
  const assembled = built.some(isAssembled);
  const spares = assembled ? 0 : sparesFor(wanted, breakage.share, rule);
  const against = species.breakageShare > 0 ? breakage.share / species.breakageShare : 1;
  const spareParts = assembled && wanted > 0 ? sparePartsOf(built, against, rule) : [];
  const toMake = wanted + spares;
  const grams = bodies.reduce((a, { body, count }) => a + body.pasteGrams * count, 0) / Math.max(1, kind.placed);
  const share = wanted > 0 ? toMake / wanted : 0;
  return {
    ...kind,
    fromTin,
    spares,
    spareParts,
    spareReason: spareReason({ wanted, spares, spareParts, breakage, rule }),
    toMake,
    steps: stepsOf(
      methodById(kind.method, catalogue),
      built.map((b) => ({ ...b, times: b.times * share })),
      new Map(spareParts.map((s) => [s.part, s.count])),
    ),
    pasteGramsEach: grams,
    breakage: { share: breakage.share, entries: breakage.entries },
  };
}

interface SpareReasonAsk extends Pick<TrayKind, 'spares' | 'spareParts'> {
  wanted: number;
  breakage: ReturnType<typeof ownBreakage>;
  rule: SparesRule;
}

function spareReason({ wanted, spares, spareParts, breakage, rule }: SpareReasonAsk): SpareReason {
  if (wanted === 0) return IN_TIN;
  if (spareParts.length > 0) return { code: 'spares.of-parts', values: { survive: rule.surviveShare } };
  const { share, own } = breakage;
  return { code: 'spares.enough', values: { breakage: share, own, spares, survive: rule.surviveShare } };
}

/** A kind as this person makes it: pace, drying and what is lost. */
function withPerson(kind: TrayKind, notes: TrayNotes, paces: Paces): TrayKind {
  const { catalogue, log, care } = notes;
  return {
    ...kind,
    pace: paceOf(ratiosOf(kind, log, care), { ...paces, shares: workShares(kind) }),
    drying: dryingOf(kind.key, notes.notes),
    loss: ownLoss(methodById(kind.method, catalogue).lossShare, lossesOf(notes.notes, kind.key)),
  };
}

/** A person's pace at a kind against its starting minutes. */
interface Pace extends Own {
  /** from this kind, from the same work at others, from others whatever is done, or nothing is known yet */
  from: 'this kind' | 'same work' | 'other kinds' | 'starting value';
}
const START_PACE: Pace = { ...ownFactor([]), from: 'starting value' };

/** How a kind dries for this person: its own looks draw it away from what the looks at other kinds say. */
function dryingOf(key: string, notes: readonly Note[]): Own {
  const own = looksOf(notes, key);
  const others = ownDrying(looksOf(notes).filter((l) => !own.includes(l)));
  return ownDrying(own, Math.log(others.share));
}

/** Farther from the starting minutes than so many times is a slip of the timer, not a pace. */
const MOST_PACE = 4;
/** A pace at other kinds is believed from so many entries on. */
const LEAST_OF_OTHERS = 3;

/** ln(logged / starting) of every timed entry of a kind. */
function ratiosOf({ key, steps }: TrayKind, log: readonly LogEntry[], care: number): number[] {
  const starting = care * minutesForOne(steps);
  if (!(starting > 0)) return [];
  return log
    .filter((e) => e.kind === key && e.minutes !== null && e.minutes > 0 && e.made + e.broken > 0)
    .map((e) => Math.log(must(e.minutes) / (starting * (e.made + e.broken))));
}

/** The person's factor over all kinds: where nothing is known of a kind it is expected to go as the others do. */
const personOf = (kinds: readonly TrayKind[], { log, care }: TrayNotes): Own =>
  ownFactor(kinds.flatMap((k) => ratiosOf(k, log, care)));

/** What is known of a person beside one kind: over all of them, and of each work. */
interface Paces {
  person: Own;
  worked: ReadonlyMap<Work, Own>;
}

/** Shares of the works in the minutes of a kind. */
function workShares({ steps }: TrayKind): { work: Work; share: number }[] {
  const works = steps.flatMap((s) => s.works);
  const all = works.reduce((a, w) => a + w.minutes, 0);
  return all > 0 ? works.map(({ work, minutes }) => ({ work, share: minutes / all })) : [];
}

/** A kind tells of a work that is so much of it. Assumed. */
const TELLS_SHARE = 0.3;

/** The person's factor at each work, from the kinds of which it is a good part: a pace learnt on florets serves every kind that has them. */
function pacesByWork(kinds: readonly TrayKind[], { log, care }: TrayNotes, person: Own): ReadonlyMap<Work, Own> {
  const ratios = new Map<Work, number[]>();
  for (const kind of kinds) {
    const own = ratiosOf(kind, log, care);
    if (own.length === 0) continue;
    for (const { work, share } of workShares(kind))
      if (share >= TELLS_SHARE) ratios.set(work, [...(ratios.get(work) ?? []), ...own]);
  }
  const prior = person.entries >= LEAST_OF_OTHERS ? Math.log(person.share) : 0;
  return new Map([...ratios].map(([work, own]) => [work, ownFactor(own, prior)]));
}

interface PaceFrom extends Paces {
  shares: readonly { work: Work; share: number }[];
}

/** A kind's own deviation from what its works and the person's factor say; the starting value where hardly anything was timed at all. */
function paceOf(ratios: readonly number[], { person, worked, shares }: PaceFrom): Pace {
  const known = person.entries >= LEAST_OF_OTHERS;
  const others = known && person.entries > ratios.length ? Math.log(person.share) : 0;
  const told = shares.filter(({ work }) => worked.has(work));
  const byWork = shares.reduce((a, { work, share }) => a + share * Math.log(worked.get(work)?.share ?? Math.exp(others)), 0);
  const own = ownFactor(ratios, ratios.length === 0 && told.length > 0 ? byWork : others);
  const share = clamp(own.share, 1 / MOST_PACE, MOST_PACE);
  if (ratios.length > 0) return { ...own, share, from: 'this kind' };
  return { ...own, share, from: told.length > 0 ? 'same work' : known ? 'other kinds' : 'starting value' };
}
