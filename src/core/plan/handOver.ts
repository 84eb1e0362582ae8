import { bodyOf, speciesById, type Catalogue } from '../botany/catalogue';
import { largestOf } from '../botany/built';
import { METHODS, type Method } from '../botany/methods';
import type { Part } from '../piece/part';
import { type Role } from '../botany/species';
import { tierRef, type Tier } from '../cake/cake';
import type { TierRef } from '../facts/fact';
import { allergensTold, type AllergensTold, type Stated } from '../make/allergens';
import { foodOf } from '../make/paints';
import type { TrayKind } from '../make/tray';
import { barrierById } from '../place/barrier';
import type { Entry } from '../place/entry';
import { catalogueOf } from './catalogueOf';
import type { Project } from './project';

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
  /** dowels and rods under the icing, and where the stack is to be taken apart */
  dowels: number;
  /** pieces on wire; glued ones alone are toppers */
  wired: boolean;
  toppers: boolean;
  /** something of the toppers holds wire or stamens: they are no food, whatever is on them */
  toppersHoldWire: boolean;
  /** a plaque of paste carries pieces */
  plaque: boolean;
  /** skewers or toothpicks stand in the cake */
  stakes: boolean;
  dust: 'edible' | 'not edible' | 'unknown';
  keepsake: boolean;
  smallChildren: boolean;
  eaters: Project['brief']['eaters'];
  /** the glue at some join is raw egg white */
  eggGlued: boolean;
  /** hours it may stand out of the cold, as its baker says */
  standsHours: number | null;
  /** something that may be eaten was never dried hard */
  soft: boolean;
  /** every paste and paper of the pieces is made for food */
  ofFood: boolean;
  realPlants: boolean;
  mustChill: boolean;
  allergens: AllergensTold;
  smallParts: SmallPart[];
}

/** The shipped method by which this job makes a species; undefined for one of the person's own. */
function methodOf(id: string, project: Project): Method | undefined {
  const { method } = speciesById(id, catalogueOf(project));
  return Object.hasOwn(METHODS, method) ? METHODS[method] : undefined;
}

/** Whether a species as this job makes it holds what nobody may eat. */
export function kindHoldsWire(id: string, project: Project): boolean {
  const species = speciesById(id, catalogueOf(project));
  if (species.threaded) return true;
  return species.stages.some((stage) => largestOf(species, stage.id).instances.some((i) => i.part.on.by !== 'nothing'));
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
    dowels: cake.dowels.length,
    wired: tray.length > 0 && wired,
    toppers: tray.length > 0 && !wired,
    toppersHoldWire: !wired && tray.some((kind) => kindHoldsWire(kind.species, project)),
    plaque: project.arrangements.some((a) => a.line.form === 'plaque' && a.pieces.length > 0),
    stakes: entries.some((e) => e.kind === 'stake'),
    dust: foodOf(brief.dust, project.paints),
    keepsake: brief.keepsake,
    smallChildren: brief.smallChildren,
    eaters: brief.eaters,
    eggGlued: eggAtJoins(project, tray),
    standsHours: brief.standsHours,
    soft: tray.some(staysSoft),
    ofFood: tray.every((kind) => isOfFood(kind, project)),
    realPlants: brief.realPlants,
    mustChill: brief.mustChill,
    allergens: allergensTold(allergensIn(project, entries, tray)),
    smallParts: smallPartsOf(tray, catalogueOf(project)),
  };
}

/** Whether some join is glued with egg white, by the job or by the way a piece is made. */
const eggAtJoins = (project: Project, tray: readonly TrayKind[]): boolean =>
  tray.length > 0 &&
  (project.brief.glue === 'egg white' || tray.some((kind) => methodOf(kind.species, project)?.eggGlued === true));

/** Left to dry for less than this, a piece was never meant to harden, hours. Assumed, no source. */
const HARD_HOURS = 1;

/** Whether pieces of a kind are never dried hard. */
const staysSoft = ({ steps }: TrayKind): boolean => steps.every((s) => s.dryHours < HARD_HOURS);

/** Whether all that pieces of a kind are made of is made for food. */
const isOfFood = (kind: TrayKind, project: Project): boolean => bodyOf(kind, catalogueOf(project)).ofFood;

/** What the job holds, source by source: what a person has stated, and what the glue of a join and the coat of a stem bring with them. */
function allergensIn(project: Project, entries: readonly Entry[], tray: readonly TrayKind[]): Stated {
  const { brief } = project;
  const { barriers } = catalogueOf(project);
  return {
    cake: brief.allergensInCake,
    ...(tray.length ? { flowers: brief.allergensInFlowers, glue: eggAtJoins(project, tray) ? ['egg'] : [] } : {}),
    barrier: [...new Set(entries.flatMap((e) => barrierById(e.barrier ?? '', barriers)?.allergens ?? []))],
  };
}

/** What of a kind goes into the cylinder in its smallest size: the head whole, or the berries, buds and florets that come off it. */
function smallPartsOf(tray: readonly TrayKind[], catalogue: Catalogue): SmallPart[] {
  const parts = new Map<string, SmallPart>();
  for (const { species: id, stage, colourway, sizes, sizeMm, role } of tray) {
    const smallest = Math.min(sizeMm, ...sizes.map((s) => s.sizeMm));
    const { radialMm, axialMm, built } = bodyOf({ species: id, stage, sizeMm: smallest, colourway }, catalogue);
    const whole = fitsCylinder([2 * radialMm, 2 * radialMm, 2 * axialMm]);
    const inParts = built.instances.some(
      ({ part, sizeMm: mm, within }) => within !== null && COMES_OFF.includes(part.kind) && fitsCylinder([mm, mm, mm]),
    );
    if (!whole && !inParts) continue;
    parts.set(`${id}|${role}`, { species: id, role, whole });
  }
  return [...parts.values()];
}

const COMES_OFF: readonly Part['kind'][] = ['berry', 'floret', 'bud'];
