import { must } from '../geometry/must';
import { longOf } from '../piece/long';
import type { Part } from '../piece/part';
import type { OwnSpecies } from './ownSpecies';
import type { Species } from './species';

/** The shortest and longest that a piece may be, mm. */
export const LONG_MM = { least: 3, most: 250 } as const;

const tenth = (mm: number): number => Math.round(mm * 10) / 10;

export interface Described {
  trees: Record<string, Part>;
  sizesMm: number[];
  /** what was so long is so long now: pieces that are there follow */
  moved: ReadonlyMap<number, number>;
}

/**
 * An own species with the tree of one of its stages. A sprig is as long as its last stage is built: the other sizes keep their share of
 * it. A head keeps its sizes, which are those of the open flower.
 */
export function describedAs(
  own: OwnSpecies,
  species: Pick<Species, 'habit' | 'stages'>,
  { stage, tree }: { stage: string; tree: Part },
): Described {
  const trees = { ...own.trees, [stage]: tree };
  const last = must(species.stages.at(-1)).id;
  if (species.habit !== 'sprig' || stage !== last) return { trees, sizesMm: [...own.sizesMm], moved: new Map() };
  const [was, is] = [must(own.sizesMm[0]), tenth(longOf(tree))];
  const sizesMm = own.sizesMm.map((mm, i) => (i === 0 ? is : Math.max(LONG_MM.least, tenth((mm * is) / was))));
  return { trees, sizesMm, moved: new Map(own.sizesMm.map((mm, i) => [mm, must(sizesMm[i])])) };
}
