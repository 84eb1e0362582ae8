import { leafBranch } from '../piece/constructions/leafBranch';
import { pompon } from '../piece/constructions/pompon';
import type { FlowerStage } from '../piece/constructions/headParts';
import { cupped, handWrapped, rosette } from '../piece/constructions/unwired';
import { mapParts, petalsGlued } from '../piece/changed';
import type { Construction } from '../piece/construction';
import { ofLength } from '../piece/long';
import type { Part } from '../piece/part';
import type { Method } from './methods';
import type { Species } from './species';

const stageOf = (stage: string): FlowerStage => (stage === 'bud' || stage === 'half' ? stage : 'open');

/** Widths of the flowers below as they are usually made, mm. Own study. */
const WIDE_MM = { wrapped: 55, cupped: 34, rosette: 20, pompon: 20 } as const;

/** Flowers that are made quite otherwise, whatever species they stand for. */
const HEADS: Readonly<Record<string, Construction>> = {
  'hand-wrapped': ({ stage, sizeMm }) => handWrapped(stageOf(stage), sizeMm / WIDE_MM.wrapped),
  'cupped flower': ({ sizeMm }) => cupped(sizeMm / WIDE_MM.cupped),
  'rolled rosette': ({ sizeMm }) => rosette(sizeMm / WIDE_MM.rosette),
  'snipped pompon': ({ sizeMm }) => pompon(sizeMm / WIDE_MM.pompon),
};

const LEAVES = Array.from({ length: 24 }, (_, i) => i + 1);
const USUAL_LEAVES = 6;
const branchOf =
  (id: 'paper' | 'two-faced'): Construction =>
  ({ sizeMm, counts }) =>
    ofLength((count, scale) => leafBranch(id, { count, scale }), {
      sizeMm,
      counts: counts.nodes === undefined ? LEAVES : [counts.nodes],
      usual: counts.nodes ?? USUAL_LEAVES,
    });

const BRANCHES: Readonly<Record<string, Construction>> = {
  'paper leaf': branchOf('paper'),
  'two-faced leaf': branchOf('two-faced'),
};

/** Leaves glued to their carrier instead of taped to it. */
const leavesGlued = (root: Part): Part =>
  mapParts(root, (part) =>
    part.kind === 'leaf' && part !== root ? { ...part, on: { by: 'nothing' }, join: 'glued', work: ['leaf-fine-glued'] } : part,
  );

/** Nothing of it is on wire. */
const unwired = (root: Part): Part =>
  mapParts(root, (part) => ({
    ...part,
    on: { by: 'nothing' },
    join:
      part.join === 'taped' || part.join === 'gathered' || part.join === 'ring' || part.join === 'pushed in'
        ? 'glued'
        : part.join,
  }));

function treeBy(species: Species, { id, unwired: bare }: Method): Construction {
  const { tree } = species;
  const head = species.habit === 'head' ? HEADS[id] : BRANCHES[id];
  if (head) return head;
  if (bare) return (ask) => unwired(tree(ask));
  if (id === 'layered') return (ask) => petalsGlued(tree(ask));
  if (id === 'glued leaf') return (ask) => leavesGlued(tree(ask));
  return tree;
}

/** A species as it is made another way than usual; itself where that is its usual one. */
export const madeAs = (species: Species, method: Method): Species =>
  species.method === method.id
    ? species
    : {
        ...species,
        revision: `${species.revision ?? ''}m${method.id}`,
        method: method.id,
        usualMethod: species.usualMethod ?? species.method,
        tree: treeBy(species, method),
      };
