import { allSpecies, bodyOf, speciesById, type Catalogue, type Kind } from './catalogue';
import { inSeason, type Hemisphere, seasonOf } from './season';
import type { BotanyFact } from './facts';
import { roleAt, type Species } from './species';

/** A leaf blade this much shorter or longer against its own flower than nature grows it is out of size. */
const LEAF_TO_FLOWER = { least: 0.7, most: 2.2 } as const;

export interface BotanicalInput {
  catalogue: Catalogue;
  kinds: readonly Kind[];
  /** petals that a cutter gives, where it is said, by species */
  petalsCut: ReadonlyMap<string, number>;
  month: number;
  hemisphere: Hemisphere;
}

/**
 * What a botanist would object to: a fruit beside its own flower, flowers, fruit and leaves out of season, a leaf too large or
 * small for its flower, a wrong petal count (docs/trade.md P10). Each once for a species. Common practice, no source.
 */
export function botanicalObjections(input: BotanicalInput): BotanyFact[] {
  const used = [...new Set(input.kinds.map((k) => k.species))].map((id) => speciesById(id, input.catalogue));
  return [...fruitWithFlower(input, used), ...outOfSeason(input, used), ...leafSize(input, used), ...petalCount(input, used)];
}

function fruitWithFlower({ kinds }: BotanicalInput, used: readonly Species[]): BotanyFact[] {
  const ripe = (id: string) => kinds.some((k) => k.species === id && k.stage === 'ripe');
  const inFlower = (id: string) => kinds.some((k) => k.species === id && k.stage !== 'bud');
  return used.flatMap((fruit) => {
    const flower = fruit.fruitOf?.find(inFlower);
    if (!flower || !ripe(fruit.id)) return [];
    return [{ code: 'botany.fruit-with-flower', values: { fruit: fruit.id, flower } }];
  });
}

const growsOf = ({ role }: Species) => (role === 'berry' ? 'fruit' : role === 'foliage' ? 'leaf' : 'flower');

function outOfSeason({ month, hemisphere }: BotanicalInput, used: readonly Species[]): BotanyFact[] {
  const season = seasonOf(month, hemisphere);
  return used
    .filter((s) => !inSeason(s, month, hemisphere))
    .map((s) => ({ code: 'botany.out-of-season', values: { species: s.id, grows: growsOf(s), season } }));
}

/** A branch of nothing but the leaves of a flower or fruit, where there is one that is in season; null where there is none. */
export function leavesInSeason(
  species: string,
  { catalogue, month, hemisphere }: Pick<BotanicalInput, 'catalogue' | 'month' | 'hemisphere'>,
): string | null {
  const own = speciesById(species, catalogue);
  const flowers = [own.id, ...(own.fruitOf ?? [])];
  const leaves = allSpecies(catalogue).find(
    (s) => s.leafOf !== undefined && flowers.includes(s.leafOf) && inSeason(s, month, hemisphere),
  );
  return leaves?.id ?? null;
}

function leafSize({ kinds, catalogue }: BotanicalInput, used: readonly Species[]): BotanyFact[] {
  return used.flatMap((leaf) => {
    const flower =
      leaf.leafOf && kinds.find((k) => k.species === leaf.leafOf && roleAt(speciesById(k.species, catalogue), k.stage) !== 'bud');
    if (!flower) return [];
    const across = bodyOf(flower, catalogue).radialMm * 2;
    const wrong = kinds.find((k) => {
      const ratio = k.sizeMm / across;
      return k.species === leaf.id && (ratio < LEAF_TO_FLOWER.least || ratio > LEAF_TO_FLOWER.most);
    });
    if (!wrong) return [];
    const large = wrong.sizeMm / across > LEAF_TO_FLOWER.most;
    const { species, stage } = flower;
    return [
      {
        code: 'botany.leaf-size',
        values: { leaf: leaf.id, leafMm: wrong.sizeMm, flower: { species, stage }, flowerMm: across, large },
      },
    ];
  });
}

function petalCount({ petalsCut }: BotanicalInput, used: readonly Species[]): BotanyFact[] {
  return used.flatMap((s) => {
    const cut = petalsCut.get(s.id);
    if (s.petals === undefined || cut === undefined || cut === s.petals) return [];
    return [{ code: 'botany.petal-count', values: { species: s.id, petals: s.petals, cut } }];
  });
}
