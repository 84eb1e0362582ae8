import { bodyOf, speciesById, type Kind } from './catalogue';
import { inSeason, type Hemisphere, seasonOf } from './season';
import { pieceName, roleAt, type Species } from './species';

/** Something that nature does not do, and why. */
export interface Objection {
  what: string;
  why: string;
  species: string;
}

/** A leaf blade this much shorter or longer against its own flower than nature grows it is out of size. */
const LEAF_TO_FLOWER = { least: 0.7, most: 2.2 } as const;

export interface BotanicalInput {
  kinds: readonly Kind[];
  /** petals that a cutter gives, where it is said, by species */
  petalsCut: ReadonlyMap<string, number>;
  month: number;
  hemisphere: Hemisphere;
}

/**
 * What a botanist would object to: a fruit beside its own flower, flowers, fruit and leaves out of season, a leaf too large or
 * small for its flower, a wrong petal count (trade.md P10). Each once for a species. Common practice, no source.
 */
export function botanicalObjections(input: BotanicalInput): Objection[] {
  const used = [...new Set(input.kinds.map((k) => k.species))].map(speciesById);
  return [...fruitWithFlower(input, used), ...outOfSeason(input, used), ...leafSize(input, used), ...petalCount(input, used)];
}

function fruitWithFlower({ kinds }: BotanicalInput, used: readonly Species[]): Objection[] {
  const ripe = (id: string) => kinds.some((k) => k.species === id && k.stage === 'ripe');
  const inFlower = (id: string) => kinds.some((k) => k.species === id && k.stage !== 'bud');
  return used.flatMap((fruit) => {
    const flower = fruit.fruitOf?.find(inFlower);
    if (!flower || !ripe(fruit.id)) return [];
    return [
      {
        what: `Ripe ${fruit.plural} beside open ${speciesById(flower).plural}`,
        why: 'A fruit ripens when its own flower is long over. Take unripe fruit, or another berry.',
        species: fruit.id,
      },
    ];
  });
}

const BLOOMS: Record<string, string> = { berry: 'is not in fruit', foliage: 'is not in leaf' };

function outOfSeason({ month, hemisphere }: BotanicalInput, used: readonly Species[]): Objection[] {
  const season = seasonOf(month, hemisphere);
  return used
    .filter((s) => !inSeason(s, month, hemisphere))
    .map((s) => ({
      what: `${s.name} ${BLOOMS[s.role] ?? 'does not flower'} in ${season}`,
      why: `Choose what ${season} has, or leave botanical mode.`,
      species: s.id,
    }));
}

function leafSize({ kinds }: BotanicalInput, used: readonly Species[]): Objection[] {
  return used.flatMap((leaf) => {
    const flower =
      leaf.leafOf && kinds.find((k) => k.species === leaf.leafOf && roleAt(speciesById(k.species), k.stage) !== 'bud');
    if (!flower) return [];
    const across = bodyOf(flower).radialMm * 2;
    const wrong = kinds.find((k) => {
      const ratio = k.sizeMm / across;
      return k.species === leaf.id && (ratio < LEAF_TO_FLOWER.least || ratio > LEAF_TO_FLOWER.most);
    });
    if (!wrong) return [];
    const large = wrong.sizeMm / across > LEAF_TO_FLOWER.most;
    return [
      {
        what: `${leaf.name} of ${wrong.sizeMm} mm is ${large ? 'large' : 'small'} for a ${pieceName(speciesById(flower.species), flower.stage)} of ${Math.round(across)} mm`,
        why: `Take a ${large ? 'smaller' : 'larger'} leaf, as it grows under such a flower.`,
        species: leaf.id,
      },
    ];
  });
}

function petalCount({ petalsCut }: BotanicalInput, used: readonly Species[]): Objection[] {
  return used.flatMap((s) => {
    const cut = petalsCut.get(s.id);
    if (s.petals === undefined || cut === undefined || cut === s.petals) return [];
    return [
      {
        what: `${s.name} has ${s.petals} petals, the cutter gives ${cut}`,
        why: `Take a cutter of ${s.petals}, or cut a petal ${cut > s.petals ? 'away' : 'in'} by hand.`,
        species: s.id,
      },
    ];
  });
}
