import { IntlMessageFormat } from 'intl-messageformat';
import type { Allergen, HandOver, TakenOut, TierPlace } from '../plan/handOver';
import { ALLERGENS_EU_MORE, ALLERGENS_US } from '../plan/handOver';
import en from './words/en.json';
import es from './words/es.json';
import flowersEs from './words/flowers.es.json';
import { speciesById } from '../botany/catalogue';

/** Languages that the sheets are written in. Another one is one more file of the same messages, and one of the flowers' names. */
export const LANGUAGES = {
  en: { name: 'English', words: en, flowers: {} },
  es: { name: 'Español', words: es, flowers: flowersEs },
} as const;
export type Language = keyof typeof LANGUAGES;
type MessageId = keyof typeof en;

export interface Section {
  id: 'count' | 'not food' | 'food' | 'allergens' | 'children' | 'keep' | 'move' | 'after' | 'usual';
  title: string;
  lines: string[];
}

/** One page: what stands above, and its parts in order. `rows` are what comes out, by number. */
export interface HandOverSheet {
  id: 'cutter' | 'client';
  title: string;
  lead: string[];
  rows: { number: number; entryId: string; words: string }[];
  sections: Section[];
}

type Say = (id: MessageId, values?: Record<string, string | number>) => string;

const formats = new Map<string, IntlMessageFormat>();

/** Messages of one language, in ICU syntax. */
function sayIn(language: Language): Say {
  return (id, values) => {
    const key = `${language}|${id}`;
    const format = formats.get(key) ?? new IntlMessageFormat(LANGUAGES[language].words[id], language);
    formats.set(key, format);
    return String(format.format(values));
  };
}

const titled = (words: string): string => (words[0] ?? '').toUpperCase() + words.slice(1);

/** The sheet for the person who cuts and the one for the table, in a language. Cautions only; nothing claims that a rule is met. */
export function handOverSheets(
  facts: HandOver,
  job: { name: string; when: string; copies: number },
  language: Language,
): { cutter: HandOverSheet; client: HandOverSheet } {
  const say = sayIn(language);
  const named: Readonly<Record<string, string>> = LANGUAGES[language].flowers;
  const parts = sectionsOf(facts, say, (species) => named[species] ?? speciesById(species).plural);
  const section = (id: Section['id'], title: MessageId, lines: string[]): Section[] =>
    lines.length ? [{ id, title: say(title), lines }] : [];
  const copies = job.copies > 1 ? [say('cutter.copies', { n: job.copies })] : [];
  const usual: Section = { id: 'usual', title: '', lines: [say('usual')] };
  return {
    cutter: {
      id: 'cutter',
      title: say('cutter.title', { n: facts.comesOut }),
      lead: [`${say('cutter.for')} ${job.name}, ${job.when}.`, ...copies],
      rows: facts.out.map((o) => ({ number: o.number, entryId: o.entryId, words: titled(rowWords(o, say)) })),
      sections: [
        ...section('count', 'count.title', facts.comesOut ? [say('count.line', { n: facts.comesOut })] : []),
        ...section('not food', 'notfood.title', parts.notFood),
        ...section('food', 'food.title', parts.food),
        ...section('allergens', 'allergens.title', parts.allergens),
        ...section('children', 'children.title', parts.children),
        usual,
      ],
    },
    client: {
      id: 'client',
      title: say('client.title'),
      lead: [`${say('client.for')} ${job.name}, ${job.when}.`, say('client.out', { n: facts.comesOut })],
      rows: [],
      sections: [
        ...section('food', 'food.title', parts.food),
        ...section('not food', 'client.look', parts.notFood),
        ...section('allergens', 'allergens.title', parts.allergens),
        ...section('children', 'children.title', parts.children),
        ...section('keep', 'keep.title', [say('keep.dry'), say(facts.mustChill ? 'keep.chill' : 'keep.room')]),
        ...section('move', 'move.title', [say('move.flat')]),
        ...section('after', 'after.title', parts.after),
        usual,
      ],
    },
  };
}

/** How many have come out so far. */
export const countedWords = (done: number, of: number, language: Language): string =>
  sayIn(language)('count.done', { done, n: of });

const hourWords = (hour: number, say: Say): string =>
  say('hour', { hour: String(Math.floor(hour) || 12), half: hour % 1 ? 'yes' : 'no' });

function rowWords(out: TakenOut, say: Say): string {
  const id = `barrier.${out.barrier ?? 'foam'}`;
  const what = id in en ? say(id as MessageId) : out.barrierName;
  return say('count.row', { what, tier: say('tier', { place: out.tier }), hour: hourWords(out.hour, say) });
}

function listed(words: readonly string[], say: Say): string {
  const last = words.at(-1) ?? '';
  return words.length < 2 ? last : say('list.and', { before: words.slice(0, -1).join(', '), last });
}

function sectionsOf(
  facts: HandOver,
  say: Say,
  flowers: (species: string) => string,
): Record<'notFood' | 'food' | 'allergens' | 'children' | 'after', string[]> {
  const tier = (place: TierPlace) => titled(say('tier', { place }));
  const yes = (is: boolean) => (is ? 'yes' : 'no');
  const food = facts.tiers
    .filter((t) => t.kind === 'edible')
    .map((t) => say('food.tier', { tier: tier(t.place), covering: yes(t.coveringEaten) }));
  const toppersEaten = facts.toppers && !facts.keepsake && facts.dust === 'edible' && !facts.realPlants;
  return {
    food: [...(food.length ? food : [say('food.none')]), ...(toppersEaten ? [say('food.toppers')] : [])],
    notFood: [
      ...(facts.wired ? [say('notfood.wired')] : []),
      ...(facts.toppers && facts.keepsake ? [say('notfood.toppers')] : []),
      ...(facts.dust !== 'edible' && (facts.wired || facts.toppers) ? [say('notfood.dust', { dust: facts.dust })] : []),
      ...(facts.realPlants ? [say('notfood.real')] : []),
      ...facts.tiers.flatMap((t) =>
        t.kind === 'dummy'
          ? [say('notfood.dummy', { tier: tier(t.place), covering: yes(t.coveringEaten) })]
          : t.kind === 'separator'
            ? [say('notfood.separator', { tier: tier(t.place) })]
            : [],
      ),
    ],
    allergens: allergenLines(facts, say),
    children: facts.smallChildren
      ? [
          ...(facts.smallParts.length
            ? [
                say('children.parts', {
                  list: listed(
                    facts.smallParts.map((p) =>
                      p.role === 'bud' ? say('children.buds', { flowers: flowers(p.species) }) : flowers(p.species),
                    ),
                    say,
                  ),
                }),
              ]
            : []),
          say('children.keep'),
        ]
      : [],
    after: [...(facts.wired ? [say('after.wired')] : []), ...(facts.keepsake ? [say('after.keepsake')] : [])],
  };
}

/** What is in it and where, and which of it the US nine and the EU fourteen name. */
function allergenLines({ allergens, otherAllergens }: HandOver, say: Say): string[] {
  if (allergens.length + otherAllergens.length === 0) return [say('allergens.none')];
  const name = (a: Allergen) => say(`allergen.${a}`);
  const among = (names: readonly string[]) => allergens.filter((a) => names.includes(a.allergen)).map((a) => name(a.allergen));
  const us = among(ALLERGENS_US);
  const eu = among([...ALLERGENS_US, ...ALLERGENS_EU_MORE]);
  return [
    ...allergens.map((a) =>
      titled(
        say('allergens.row', {
          allergen: name(a.allergen),
          from: listed(
            a.from.map((f) => say(`from.${f}`)),
            say,
          ),
        }),
      ),
    ),
    ...otherAllergens.map((w) => titled(say('allergens.row', { allergen: w, from: say('from.cake') }))),
    ...(us.length ? [say('allergens.us', { list: listed(us, say) })] : []),
    ...(eu.length ? [say('allergens.eu', { list: listed(eu, say) })] : []),
    say('allergens.rest'),
  ];
}
