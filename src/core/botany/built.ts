import { expand, type Instance } from '../piece/expand';
import type { Part } from '../piece/part';
import { must } from '../geometry/must';
import type { Shape } from './shape/recipe';
import { stageOf, type Species } from './species';

/** A piece of a species in a stage and size: the tree that the hands make, its single parts, and what is drawn. */
export interface Built {
  tree: Part;
  instances: readonly Instance[];
  root: Instance;
  shape: Shape;
}

const kept = new WeakMap<Species, Map<string, Built>>();
/** Sizes of a species that are kept; more are built anew. */
const MOST_KEPT = 200;

/** Built once for all pieces of the same stage and size. */
export function builtOf(species: Species, stage: string, sizeMm: number): Built {
  const own = kept.get(species) ?? new Map<string, Built>();
  kept.set(species, own);
  const key = `${stage}|${sizeMm}`;
  const known = own.get(key);
  if (known) return known;
  if (own.size >= MOST_KEPT) own.clear();
  // a sprig’s size is its length: one that is not grown out is shorter by so much
  const share = species.habit === 'sprig' ? stageOf(species, stage).sizeShare : 1;
  const tree = species.tree({ stage, sizeMm: sizeMm * share, counts: species.counts ?? {} });
  const instances = expand(tree);
  const built = { tree, instances, root: must(instances[0]), shape: must(species.shape ?? species.sprig?.drawn(tree)) };
  own.set(key, built);
  return built;
}

/** A piece of a species as it is made at its largest. */
export const largestOf = (species: Species, stage: string): Built => builtOf(species, stage, must(species.sizesMm[0]));
