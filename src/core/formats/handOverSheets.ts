import type { TierRef } from '../facts/fact';
import type { HandOver, TakenOut } from '../plan/handOver';
import {
  ALLERGEN_KEYS,
  ALLERGENS,
  ALLERGENS_US,
  type Allergen,
  type AllergenSource,
  type AllergensTold,
} from '../make/allergens';
import { capital } from '../words/capital';
import type { Warning } from '../plan/warnings';
import type { Words } from '../words/words';
import { notReady } from './notReady';

export interface Section {
  id: 'count' | 'not food' | 'food' | 'allergens' | 'eaters' | 'keep' | 'move' | 'after' | 'usual';
  title: string;
  lines: string[];
}

/** One page: what stands above, and its parts in order. `rows` are what comes out, by number. */
export interface HandOverSheet {
  id: 'cutter' | 'client';
  title: string;
  lead: string[];
  /** why it must not leave yet; nothing where it may */
  stopped: string[];
  rows: { number: number; entryId: string; words: string }[];
  sections: Section[];
}

const stopWords = (stop: Warning, words: Words): string => {
  const { what, where } = words.warning(stop);
  return `${where ? `${what}, ${where}` : what}.`;
};

/** So many stops are named at the head of a sheet. */
const MOST_STOPS_SAID = 4;

/** The sheet for the person who cuts and the one for the table, in a language. Cautions only; nothing claims that a rule is met. */
export function handOverSheets(
  facts: HandOver,
  job: { name: string; when: string; copies: number; stops: readonly Warning[] },
  words: Words,
): { cutter: HandOverSheet; client: HandOverSheet } {
  const parts = sectionsOf(facts, words);
  const section = (id: Section['id'], title: string, lines: string[]): Section[] => (lines.length ? [{ id, title, lines }] : []);
  const stopped = job.stops.length
    ? [notReady(job.stops, words), ...job.stops.slice(0, MOST_STOPS_SAID).map((w) => stopWords(w, words))]
    : [];
  const usual: Section = { id: 'usual', title: '', lines: [words.label('hand.usual')] };
  return {
    cutter: {
      id: 'cutter',
      stopped,
      title: words.label('hand.cutter.title', { n: facts.comesOut }),
      lead: [
        `${words.label('hand.cutter.for')} ${job.name}, ${job.when}.`,
        ...(job.copies > 1 ? [words.label('hand.cutter.copies', { n: job.copies })] : []),
      ],
      rows: facts.out.map((o) => ({ number: o.number, entryId: o.entryId, words: capital(rowWords(o, words)) })),
      sections: [
        ...section('count', words.label('hand.count.title'), [
          ...(facts.comesOut ? [words.label('hand.count.line', { n: facts.comesOut })] : []),
          ...(facts.dowels
            ? [words.label('hand.count.dowels', { n: facts.dowels, tiers: facts.tiers.length > 1 ? 'yes' : 'no' })]
            : []),
        ]),
        ...section('not food', words.label('hand.notfood.title'), parts.notFood),
        ...section('food', words.label('hand.food.title'), parts.food),
        ...section('allergens', words.label('hand.allergens.title'), parts.allergens),
        ...section('eaters', words.label('hand.eaters.title'), parts.eaters),
        usual,
      ],
    },
    client: {
      id: 'client',
      stopped,
      title: words.label('hand.client.title'),
      lead: [
        `${words.label('hand.client.for')} ${job.name}, ${job.when}.`,
        words.label('hand.client.out', { n: facts.comesOut }),
      ],
      rows: [],
      sections: [
        ...section('food', words.label('hand.food.title'), parts.food),
        ...section('not food', words.label('hand.client.look'), parts.notFood),
        ...section('allergens', words.label('hand.allergens.title'), parts.allergens),
        ...section('eaters', words.label('hand.eaters.title'), parts.eaters),
        ...section('keep', words.label('hand.keep.title'), [
          words.label('hand.keep.dry'),
          words.label(facts.mustChill ? 'hand.keep.chill' : 'hand.keep.room'),
          facts.standsHours === null
            ? words.label('hand.keep.ask')
            : words.label('hand.keep.stands', {
                hours: words.units.figure(facts.standsHours, Number.isInteger(facts.standsHours) ? 0 : 1),
              }),
        ]),
        ...section('move', words.label('hand.move.title'), [words.label('hand.move.flat')]),
        ...section('after', words.label('hand.after.title'), parts.after),
        usual,
      ],
    },
  };
}

/** More sheets for cutters than this are not printed: one for all of them then. */
const MOST_CUTTERS = 60;

/**
 * The sheets as they are printed: where something comes out, one for each of the equal cakes, so that each is counted by itself; and
 * the one for the table.
 */
export function printedSheets(
  { cutter, client }: { cutter: HandOverSheet; client: HandOverSheet },
  copies: number,
  words: Words,
): HandOverSheet[] {
  if (copies === 1 || copies > MOST_CUTTERS || cutter.rows.length === 0) return [cutter, client];
  const [first = ''] = cutter.lead;
  const cutters = Array.from({ length: copies }, (_, i) => ({
    ...cutter,
    lead: [first, words.label('hand.cutter.copy', { at: i + 1, n: copies })],
  }));
  return [...cutters, client];
}

/** How many have come out so far. */
export const countedWords = (done: number, of: number, words: Words): string => words.label('hand.count.done', { done, n: of });

const rowWords = (out: TakenOut, words: Words): string =>
  words.label('hand.count.row', {
    what: out.barrier === null ? words.label('hand.in-foam') : words.barrier(out.barrier)[0],
    tier: words.tier(out.tier)[0],
    hour: words.clock(out.azimuthRad),
  });

function sectionsOf(facts: HandOver, words: Words): Record<'notFood' | 'food' | 'allergens' | 'eaters' | 'after', string[]> {
  const tier = (place: TierRef) => capital(words.tier(place)[0]);
  const yes = (is: boolean) => (is ? 'yes' : 'no');
  const food = facts.tiers
    .filter((t) => t.kind === 'edible')
    .map((t) => words.label('hand.food.tier', { tier: tier(t.place), covering: yes(t.coveringEaten) }));
  const toppersEaten =
    facts.toppers && facts.ofFood && !facts.toppersHoldWire && !facts.keepsake && facts.dust === 'edible' && !facts.realPlants;
  return {
    food: [
      ...(food.length ? food : [words.label('hand.food.none')]),
      ...(toppersEaten && facts.plaque ? [words.label('hand.food.plaque')] : []),
      ...(toppersEaten ? [words.label('hand.food.toppers', { soft: yes(facts.soft) })] : []),
    ],
    notFood: [
      ...(facts.wired ? [words.label('hand.notfood.wired')] : []),
      ...(facts.toppersHoldWire ? [words.label('hand.notfood.toppers-wired')] : []),
      ...(facts.toppers && !facts.ofFood ? [words.label('hand.notfood.paste')] : []),
      ...(facts.plaque && !toppersEaten ? [words.label('hand.notfood.plaque')] : []),
      ...(facts.stakes ? [words.label('hand.notfood.stakes')] : []),
      ...(facts.toppers && facts.keepsake ? [words.label('hand.notfood.toppers')] : []),
      ...(facts.dust !== 'edible' && (facts.wired || facts.toppers)
        ? [words.label('hand.notfood.dust', { dust: facts.dust === 'unknown' ? 'unknown' : 'other' })]
        : []),
      ...(facts.realPlants ? [words.label('hand.notfood.real')] : []),
      ...facts.tiers.flatMap((t) =>
        t.kind === 'dummy'
          ? [words.label('hand.notfood.dummy', { tier: tier(t.place), covering: yes(t.coveringEaten) })]
          : t.kind === 'separator'
            ? [words.label('hand.notfood.separator', { tier: tier(t.place) })]
            : [],
      ),
    ],
    allergens: allergenLines(facts.allergens, words),
    eaters: eaterLines(facts, words),
    after: [
      ...(facts.wired ? [words.label('hand.after.wired')] : []),
      ...(facts.keepsake ? [words.label('hand.after.keepsake')] : []),
    ],
  };
}

/** What is said for those at the table who have to be careful, each only where they were named. */
function eaterLines({ smallChildren, smallParts, eaters, eggGlued, allergens }: HandOver, words: Words): string[] {
  const named = smallParts.map(({ role, species }) => {
    const flowers = words.species(species)[1];
    return role === 'bud' ? words.label('hand.children.buds', { flowers }) : flowers;
  });
  const parts = named.length ? [words.label('hand.children.parts', { list: words.list(named) })] : [];
  const yes = (is: boolean) => (is ? 'yes' : 'no');
  return [
    ...(smallChildren ? [...parts, words.label('hand.children.keep')] : []),
    ...(eaters.includes('swallow badly') ? [words.label('hand.eaters.swallow')] : []),
    ...(eaters.includes('pregnant') ? [words.label('hand.eaters.pregnant', { egg: yes(eggGlued) })] : []),
    ...(eaters.includes('allergic') ? [words.label('hand.eaters.allergic', { open: yes(allergens.notStated.length > 0) })] : []),
  ];
}

/** What is in it and where, which of it the US nine and the EU fourteen name, and of what nobody has said anything. */
function allergenLines({ found, otherWords, without, notStated }: AllergensTold, words: Words): string[] {
  const name = (a: Allergen) => words.label(`hand.allergen.${ALLERGEN_KEYS[a]}`);
  const among = (names: readonly string[]) => found.filter((a) => names.includes(a.allergen)).map((a) => name(a.allergen));
  const us = among(ALLERGENS_US);
  const eu = among(ALLERGENS);
  const places = (from: readonly AllergenSource[]) => words.list(from.map((f) => words.label(`hand.from.${f}`)));
  const row = (allergen: string, from: readonly AllergenSource[]) =>
    capital(words.label('hand.allergens.row', { allergen, from: places(from) }));
  return [
    ...found.map((a) => row(name(a.allergen), a.from)),
    ...otherWords.map((o) => row(o.word, o.from)),
    ...(us.length ? [words.label('hand.allergens.us', { list: words.list(us) })] : []),
    ...(eu.length ? [words.label('hand.allergens.eu', { list: words.list(eu) })] : []),
    ...(without.length ? [words.label('hand.allergens.without', { from: places(without) })] : []),
    ...(notStated.length ? [words.label('hand.allergens.not-stated', { from: places(notStated) })] : []),
    ...(notStated.includes('cake') ? [] : [words.label('hand.allergens.rest')]),
  ];
}
