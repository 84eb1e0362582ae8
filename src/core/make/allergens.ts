/** The US nine (FALCPA 2004 with FASTER 2021). Values from memory. */
export const ALLERGENS_US = ['milk', 'egg', 'fish', 'shellfish', 'tree nuts', 'peanuts', 'wheat', 'soybeans', 'sesame'] as const;
/** What the EU fourteen (Regulation 1169/2011, annex II) name beside those. Values from memory. */
export const ALLERGENS_EU_MORE = ['other gluten', 'celery', 'mustard', 'sulphites', 'lupin', 'molluscs'] as const;
export const ALLERGENS = [...ALLERGENS_US, ...ALLERGENS_EU_MORE] as const;
export type Allergen = (typeof ALLERGENS)[number];
/** By which key of the words each is named. */
export const ALLERGEN_KEYS = {
  milk: 'milk',
  egg: 'egg',
  fish: 'fish',
  shellfish: 'shellfish',
  'tree nuts': 'tree-nuts',
  peanuts: 'peanuts',
  wheat: 'wheat',
  soybeans: 'soybeans',
  sesame: 'sesame',
  'other gluten': 'other-gluten',
  celery: 'celery',
  mustard: 'mustard',
  sulphites: 'sulphites',
  lupin: 'lupin',
  molluscs: 'molluscs',
} as const satisfies Record<Allergen, string>;

const isAllergen = (word: string): word is Allergen => (ALLERGENS as readonly string[]).includes(word);

/** Where an allergen may be: the cake itself, the labels of paste, colours, dust and glaze, the glue at the joins, coats of stems. */
const ALLERGEN_SOURCES = ['cake', 'flowers', 'glue', 'barrier'] as const;
export type AllergenSource = (typeof ALLERGEN_SOURCES)[number];

/** What each source holds: words of the list or a person's own; null where nobody has said. Sources that the job has not got are left out. */
export type Stated = Partial<Record<AllergenSource, readonly string[] | null>>;

/** All that any sheet says of allergens. */
export interface AllergensTold {
  /** in the order of the list, each with where it is */
  found: { allergen: Allergen; from: AllergenSource[] }[];
  /** said in the person's own words */
  otherWords: { word: string; from: AllergenSource[] }[];
  /** sources of which a person has said that none of the list is in them */
  without: AllergenSource[];
  /** sources of which nothing is said: never taken for free of anything */
  notStated: AllergenSource[];
}

/** Nothing is assumed: what is not stated is told as such. */
export function allergensTold(stated: Stated): AllergensTold {
  const has = (source: AllergenSource, word: string) => stated[source]?.includes(word) ?? false;
  const from = (word: string) => ALLERGEN_SOURCES.filter((source) => has(source, word));
  const others = new Set(ALLERGEN_SOURCES.flatMap((s) => stated[s] ?? []).filter((word) => !isAllergen(word)));
  return {
    found: ALLERGENS.map((allergen) => ({ allergen, from: from(allergen) })).filter((a) => a.from.length > 0),
    otherWords: [...others].map((word) => ({ word, from: from(word) })),
    without: (['cake', 'flowers'] as const).filter((s) => stated[s]?.length === 0),
    notStated: ALLERGEN_SOURCES.filter((s) => stated[s] === null),
  };
}
