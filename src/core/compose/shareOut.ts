import * as v from 'valibot';
import { bodyOf, speciesById, type Kind, type Catalogue } from '../botany/catalogue';
import { ROLES, type Role, type Species } from '../botany/species';
import { clamp } from '../geometry/numbers';
import { effectiveAreaMm2, envelopeAreaMm2 } from './envelope';
import type { Line } from './line';
import { focalZoneMm } from './readings/focal';
import { strewnCounts } from './strewn';
import { must } from '../geometry/must';

export const STYLES = ['focal-led', 'meadow', 'foliage-led', 'lush'] as const;
export type Style = (typeof STYLES)[number];

const bound = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(300));

export const choiceSchema = v.strictObject({
  /** in the job's catalogue: the whole project is checked for it */
  species: v.pipe(v.string(), v.minLength(1)),
  colourway: v.string(),
  /** how many there are to be at the least and at the most on a line; null leaves it to the line */
  least: v.optional(v.nullable(bound)),
  most: v.optional(v.nullable(bound)),
  /** petals that the cutter at hand gives, where a botanist would count them */
  petalsCut: v.optional(v.nullable(bound)),
});
/** A species that the person has chosen to use, in a colour. */
export type Choice = v.InferOutput<typeof choiceSchema>;

/**
 * Share of the effective area that each role's outlines take together; foliage is a share of the plain area. Fitted to
 * the practice of docs/trade.md C3 (3 large, 1–2 medium, 4–5 spray, about 5 fillers on a 20 cm tier) in the project's study.
 */
const SHARES: Record<Style, Record<Exclude<Role, 'berry'>, number>> = {
  'focal-led': { focal: 0.5, secondary: 0.13, spray: 0.24, filler: 0.2, bud: 0.022, foliage: 0.48 },
  meadow: { focal: 0.2, secondary: 0.22, spray: 0.33, filler: 0.19, bud: 0.035, foliage: 0.34 },
  'foliage-led': { focal: 0.36, secondary: 0.1, spray: 0.13, filler: 0.12, bud: 0.03, foliage: 0.75 },
  lush: { focal: 0.44, secondary: 0.2, spray: 0.19, filler: 0.18, bud: 0.02, foliage: 0.4 },
};

/**
 * On a plaque pieces lie flat and are glued: no buds, small florets in every gap, leaves coming out from under the flowers.
 * Fitted to docs/trade.md P9 (four mini rosettes, about eight leaves and six tiny florets on a plaque of 50 mm).
 */
const GLUED_SHARES: (typeof SHARES)[Style] = { focal: 0.5, secondary: 0.2, spray: 0.42, filler: 0.2, bud: 0, foliage: 0.4 };

/** A kind and how many of it. */
export interface KindCount extends Kind {
  role: Role;
  count: number;
}

/** The nearest odd number, at least 1. */
export const nearestOdd = (x: number): number => Math.max(1, 2 * Math.round((x - 1) / 2) + 1);

/** The two or three of a species' sizes that a line of this half-width carries, largest first. */
export function fittingSizes(species: Species, halfWidthMm: number): number[] {
  const most = species.habit === 'sprig' ? halfWidthMm * 2.6 : halfWidthMm * 1.9;
  const fit = species.sizesMm.filter((mm) => mm <= most);
  return fit.length ? fit : [must(species.sizesMm[species.sizesMm.length - 1])];
}

const outlineMm2 = (kind: Kind, catalogue: Catalogue): number => {
  const body = bodyOf(kind, catalogue);
  return body.species.habit === 'sprig' ? Math.PI * body.radialMm * body.axialMm * 0.62 : Math.PI * body.radialMm ** 2;
};

interface Candidate {
  species: Species;
  colourway: string;
  stage: string;
}

/** Which chosen species can play a role. Buds come from the first chosen flower that is small enough; where no focal flower is chosen, the secondary ones lead. */
function candidatesFor(role: Role, choices: readonly Choice[], catalogue: Catalogue): Candidate[] {
  const list: Candidate[] = [];
  for (const choice of choices) {
    const species = speciesById(choice.species, catalogue);
    const last = must(species.stages[species.stages.length - 1]);
    if (role === 'bud') {
      const bud = species.stages.find((stage) => stage.role === 'bud');
      if (bud && species.role !== 'focal' && species.role !== 'filler' && list.length === 0)
        list.push({ species, colourway: choice.colourway, stage: bud.id });
    } else if (
      species.role === role ||
      (role === 'focal' &&
        species.role === 'secondary' &&
        !choices.some((c) => speciesById(c.species, catalogue).role === 'focal'))
    )
      list.push({ species, colourway: choice.colourway, stage: last.id });
  }
  return list;
}

/** Splits `count` of a role over its species and sizes; each kind of flower gets an odd number where it can. */
function splitRole(role: Role, count: number, candidates: readonly Candidate[], halfWidthMm: number): KindCount[] {
  const result: KindCount[] = [];
  let left = count;
  candidates.forEach((candidate, k) => {
    const rest = candidates.length - k - 1;
    const own = role === 'foliage' ? (rest === 0 ? left : Math.round(left / (rest + 1))) : nearestOdd(left / (rest + 1));
    left = Math.max(1, left - own);
    const sizes = fittingSizes(candidate.species, halfWidthMm);
    for (let i = 0; i < own; i++) {
      const size =
        role === 'focal' ? must(sizes[i === 0 ? 0 : Math.min(1, sizes.length - 1)]) : must(sizes[i % Math.min(3, sizes.length)]);
      const kind = { species: candidate.species.id, stage: candidate.stage, sizeMm: size, colourway: candidate.colourway };
      const known = result.find((r) => r.species === kind.species && r.sizeMm === size && r.stage === kind.stage);
      if (known) known.count += 1;
      else result.push({ ...kind, role, count: 1 });
    }
  });
  return result;
}

/** Roles whose faces cover a line, and what others of them make up for of a role that nothing chosen can play. */
const FACES = ['focal', 'secondary', 'spray', 'filler'] as const;
const MADE_UP_FOR = 0.8;

/** The shares when some roles are not chosen: the faces that there are take up their room. */
function sharesFor(shares: (typeof SHARES)[Style], choices: readonly Choice[], catalogue: Catalogue): (typeof SHARES)[Style] {
  const there = FACES.filter((role) => candidatesFor(role, choices, catalogue).length > 0);
  const sum = (roles: readonly (typeof FACES)[number][]) => roles.reduce((a, role) => a + shares[role], 0);
  if (there.length === 0) return shares;
  const grown = 1 + (MADE_UP_FOR * (sum(FACES) - sum(there))) / sum(there);
  return { ...shares, ...Object.fromEntries(there.map((role) => [role, shares[role] * grown])) };
}

/** Mean outline of what a role would use, mm². */
function meanOutline(candidates: readonly Candidate[], halfWidthMm: number, catalogue: Catalogue): number {
  const areas = candidates.flatMap((c) =>
    fittingSizes(c.species, halfWidthMm)
      .slice(0, 2)
      .map((sizeMm) => outlineMm2({ species: c.species.id, stage: c.stage, sizeMm, colourway: c.colourway }, catalogue)),
  );
  return areas.reduce((a, b) => a + b, 0) / Math.max(1, areas.length);
}

/**
 * How many of each kind a line wants: the role's share of the effective area over the mean outline of its pieces, odd.
 * On open lines focal flowers are capped by what the focal zone holds and most of the surplus goes to secondaries.
 * `density` thins or thickens everything (1 as computed). An empty list of choices gives an empty result.
 */
export function shareOut(
  line: Line,
  { style, choices, density = 1 }: { style: Style; choices: readonly Choice[]; density?: number },
  catalogue: Catalogue,
): KindCount[] {
  if (line.strewn) return strewnCounts(line, choices, { density, catalogue });
  const area = effectiveAreaMm2(line) * density;
  const plain = envelopeAreaMm2(line) * density;
  let widest = 0;
  for (let i = 0; i <= 20; i++) widest = Math.max(widest, line.halfWidthMm(i / 20));
  const shares = sharesFor(line.plate ? GLUED_SHARES : SHARES[style], choices, catalogue);
  const result: KindCount[] = [];
  let surplusMm2 = 0;
  for (const role of ROLES) {
    const candidates = candidatesFor(role, choices, catalogue);
    if (candidates.length === 0 || (role === 'bud' && line.plate)) continue;
    if (role === 'secondary' && result.some((r) => r.role === 'focal' && candidates.some((c) => c.species.id === r.species)))
      continue;
    const fillers = choices.some((c) => speciesById(c.species, catalogue).role === 'filler');
    const berries = choices.some((c) => speciesById(c.species, catalogue).role === 'berry');
    const shareOfRole =
      role === 'berry' ? shares.filler * (fillers ? 0.35 : 0.7) : shares[role] * (role === 'filler' && berries ? 0.65 : 1);
    const one = meanOutline(candidates, widest, catalogue) || 1;
    let want = ((role === 'foliage' ? plain : area) * shareOfRole + (role === 'secondary' ? surplusMm2 : 0)) / one;
    if (role === 'focal' && !line.closed && !line.plate) {
      const most = Math.max(1, nearestOdd((2 * focalZoneMm(line.lengthMm)) / (Math.sqrt(one / Math.PI) * 2 * 0.8)));
      if (want > most) {
        surplusMm2 = (want - most) * one * 0.7;
        want = most;
      }
    }
    const count =
      role === 'foliage' ? Math.max(2, Math.round(want)) : role === 'bud' ? clamp(nearestOdd(want), 3, 7) : nearestOdd(want);
    result.push(...splitRole(role, count, candidates, widest));
  }
  return withinBounds(result, choices);
}

/** The counts with every species' least and most kept, buds apart; what is taken off goes from its smallest size first. */
function withinBounds(kinds: readonly KindCount[], choices: readonly Choice[]): KindCount[] {
  const result = kinds.map((k) => ({ ...k }));
  for (const { species, least, most } of choices) {
    const own = result.filter((k) => k.species === species && k.role !== 'bud').sort((a, b) => b.sizeMm - a.sizeMm);
    let count = own.reduce((a, k) => a + k.count, 0);
    for (const kind of [...own].reverse()) {
      const off = Math.max(0, Math.min(kind.count, count - (most ?? Infinity)));
      kind.count -= off;
      count -= off;
    }
    if (own[0] && count < (least ?? 0)) own[0].count += (least ?? 0) - count;
  }
  return result.filter((k) => k.count > 0);
}
