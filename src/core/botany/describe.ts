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

/** Sizes drawn longer or shorter, to a tenth, the first exactly so long; and what each was before. */
function drawnTo(sizesMm: readonly number[], longMm: number): Pick<Described, 'sizesMm' | 'moved'> {
  const share = longMm / must(sizesMm[0]);
  const next = sizesMm.map((mm, i) => (i === 0 ? longMm : Math.max(LONG_MM.least, tenth(mm * share))));
  return { sizesMm: next, moved: new Map(sizesMm.map((mm, i) => [mm, must(next[i])])) };
}

const unmoved = (own: OwnSpecies): Pick<Described, 'sizesMm' | 'moved'> => ({ sizesMm: [...own.sizesMm], moved: new Map() });

type Based = Pick<Species, 'habit' | 'stages' | 'sizesMm'>;
const setsLength = ({ habit, stages }: Based, stage: string): boolean => habit === 'sprig' && stage === must(stages.at(-1)).id;

/**
 * An own species with the tree of one of its stages. A sprig is as long as its last stage is built: the other sizes keep their share of
 * it. A head keeps its sizes, which are those of the open flower.
 */
export const describedAs = (own: OwnSpecies, base: Based, { stage, tree }: { stage: string; tree: Part }): Described => ({
  trees: { ...own.trees, [stage]: tree },
  ...(setsLength(base, stage) ? drawnTo(own.sizesMm, tenth(longOf(tree))) : unmoved(own)),
});

/** A stage of an own species as it is in the species it is based on, as long as that is. */
export function shippedAgain(own: OwnSpecies, base: Based, stage: string): Described {
  const { [stage]: _, ...trees } = own.trees;
  return { trees, ...(setsLength(base, stage) ? drawnTo(own.sizesMm, must(base.sizesMm[0])) : unmoved(own)) };
}
