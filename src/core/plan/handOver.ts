import { bodyOf, speciesById, type Catalogue } from '../botany/catalogue';
import { holdsWire, METHODS } from '../botany/methods';
import type { Part } from '../botany/shape/recipe';
import { stageOf, type Role } from '../botany/species';
import { tierRef, type Tier } from '../cake/cake';
import type { TierRef } from '../facts/fact';
import { foodOf } from '../make/paints';
import type { TrayKind } from '../make/tray';
import { barrierById } from '../place/barrier';
import type { Entry } from '../place/entry';
import { catalogueOf } from './catalogueOf';
import type { Project } from './project';

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

/** The cylinder by which small parts are told: 1.25 in across, its slanted floor 1 to 2.25 in deep (16 CFR 1501.4; from memory), mm. */
const SMALL_PARTS_CYLINDER = { acrossMm: 31.7, deepMm: 57.1 } as const;

/** Whether a thing of these three measures goes into the cylinder where it is deepest, its longest side along it. */
export function fitsCylinder(measuresMm: readonly [number, number, number]): boolean {
  const [, across, long] = [...measuresMm].sort((a, b) => a - b) as [number, number, number];
  return across <= SMALL_PARTS_CYLINDER.acrossMm && long <= SMALL_PARTS_CYLINDER.deepMm;
}

export interface TakenOut {
  number: number;
  entryId: string;
  /** id of its barrier, null for what stands in foam */
  barrier: string | null;
  tier: TierRef;
  azimuthRad: number;
}

/** What may come off and be swallowed: whole, or in parts. */
interface SmallPart {
  species: string;
  role: Role;
  whole: boolean;
}

/** What the client and the person who cuts need to know, without words: the sheets are written from it in any language. */
export interface HandOver {
  goesIn: number;
  comesOut: number;
  out: TakenOut[];
  tiers: { place: TierRef; kind: Tier['kind']; coveringEaten: boolean }[];
  /** pieces on wire; glued ones alone are toppers */
  wired: boolean;
  toppers: boolean;
  /** something of the toppers holds wire or stamens: they are no food, whatever is on them */
  toppersHoldWire: boolean;
  dust: 'edible' | 'not edible' | 'unknown';
  keepsake: boolean;
  smallChildren: boolean;
  realPlants: boolean;
  mustChill: boolean;
  allergens: { allergen: Allergen; from: ('cake' | 'glue' | 'barrier')[] }[];
  /** said in the person's own words */
  otherAllergens: string[];
  smallParts: SmallPart[];
}

/** Whether a species as this job makes it holds what nobody may eat. */
export function kindHoldsWire(id: string, project: Project): boolean {
  const catalogue = catalogueOf(project);
  const species = speciesById(id, catalogue);
  const method = project.madeBy.find((m) => m.species === id)?.method ?? species.method;
  return holdsWire(Object.hasOwn(METHODS, method) ? METHODS[method] : undefined, Boolean(species.wiring.stamens));
}

/** Facts only; nothing claims that a rule is met. */
export function handOverOf(project: Project, entries: readonly Entry[], tray: readonly TrayKind[], wired: boolean): HandOver {
  const { cake, brief } = project;
  const out = entries
    .filter((e) => e.countsOut)
    .map((e): TakenOut => ({
      number: e.number,
      entryId: e.id,
      barrier: e.barrier,
      tier: tierRef(cake, e.tierIndex),
      azimuthRad: e.azimuthRad,
    }));
  return {
    goesIn: entries.length,
    comesOut: out.length,
    out,
    tiers: cake.tiers.map((t, i) => ({
      place: tierRef(cake, i),
      kind: t.kind,
      coveringEaten: t.covering.eaten,
    })),
    wired: tray.length > 0 && wired,
    toppers: tray.length > 0 && !wired,
    toppersHoldWire: !wired && tray.some((kind) => kindHoldsWire(kind.species, project)),
    dust: foodOf(brief.dust, project.paints),
    keepsake: brief.keepsake,
    smallChildren: brief.smallChildren,
    realPlants: brief.realPlants,
    mustChill: brief.mustChill,
    ...allergensOf(project, entries, tray),
    smallParts: smallPartsOf(tray, catalogueOf(project)),
  };
}

function allergensOf(
  project: Project,
  entries: readonly Entry[],
  tray: readonly TrayKind[],
): Pick<HandOver, 'allergens' | 'otherAllergens'> {
  const { brief } = project;
  const { barriers } = catalogueOf(project);
  const found = new Map<Allergen, Set<'cake' | 'glue' | 'barrier'>>();
  const add = (word: string, from: 'cake' | 'glue' | 'barrier') => {
    if (isAllergen(word)) found.set(word, (found.get(word) ?? new Set()).add(from));
  };
  for (const word of brief.allergensInCake) add(word, 'cake');
  if (brief.glue === 'egg white' && tray.length) add('egg', 'glue');
  for (const e of entries) for (const word of barrierById(e.barrier ?? '', barriers)?.allergens ?? []) add(word, 'barrier');
  return {
    allergens: ALLERGENS.flatMap((allergen) => {
      const from = found.get(allergen);
      return from ? [{ allergen, from: [...from] }] : [];
    }),
    otherAllergens: brief.allergensInCake.filter((word) => !isAllergen(word)),
  };
}

/** What of a kind goes into the cylinder in its smallest size: the head whole, or the berries, buds and florets that come off it. */
function smallPartsOf(tray: readonly TrayKind[], catalogue: Catalogue): SmallPart[] {
  const parts = new Map<string, SmallPart>();
  for (const { species: id, stage, colourway, sizes, sizeMm, role } of tray) {
    const species = speciesById(id, catalogue);
    const smallest = Math.min(sizeMm, ...sizes.map((s) => s.sizeMm));
    const { radialMm, axialMm } = bodyOf({ species: id, stage, sizeMm: smallest, colourway }, catalogue);
    const whole = fitsCylinder([2 * radialMm, 2 * radialMm, 2 * axialMm]);
    // sizes of parts are radii in lengths of the whole
    const lengthMm = 2 * axialMm;
    const inParts = (species.shape.parts?.(stageOf(species, stage).open) ?? []).some((p) => {
      const acrossMm = 2 * p.size * lengthMm;
      return COMES_OFF.includes(p.name) && fitsCylinder([acrossMm, acrossMm, acrossMm]);
    });
    if (!whole && !inParts) continue;
    parts.set(`${id}|${role}`, { species: id, role, whole });
  }
  return [...parts.values()];
}

const COMES_OFF: readonly Part['name'][] = ['berry', 'floret', 'bud'];
