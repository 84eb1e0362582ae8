import { pompon } from '../piece/constructions/pompon';
import type { FlowerStage } from '../piece/constructions/headParts';
import { ballStop, cutFloret } from '../piece/constructions/small';
import { cupped, handWrapped, rosette } from '../piece/constructions/unwired';
import { must } from '../geometry/must';
import { mapParts, petalsGlued } from '../piece/changed';
import type { Construction } from '../piece/construction';
import type { Part } from '../piece/part';
import type { Work } from '../piece/work';
import { METHODS, type Fit, type Method } from './methods';
import type { Species } from './species';

const stageOf = (stage: string): FlowerStage => (stage === 'bud' || stage === 'half' ? stage : 'open');

/** Widths of the flowers below as they are usually made, mm. Own study. */
const WIDE_MM = { wrapped: 55, cupped: 34, rosette: 20, pompon: 20, floret: 30, ballStop: 18 } as const;

/** Flowers that are made quite otherwise, whatever species they stand for. */
const HEADS: Readonly<Record<string, Construction>> = {
  'hand-wrapped': ({ stage, sizeMm }) => handWrapped(stageOf(stage), sizeMm / WIDE_MM.wrapped),
  'cupped flower': ({ sizeMm }) => cupped(sizeMm / WIDE_MM.cupped),
  'rolled rosette': ({ sizeMm }) => rosette(sizeMm / WIDE_MM.rosette),
  'snipped pompon': ({ sizeMm }) => pompon(sizeMm / WIDE_MM.pompon),
  'cut floret': ({ stage, sizeMm }) => cutFloret(stageOf(stage), sizeMm / WIDE_MM.floret),
  'ball stop': ({ sizeMm }) => ballStop(sizeMm / WIDE_MM.ballStop),
};

/** What is done for a leaf, by how its wire is brought in (docs/trade.md M5, M14; common practice, no source). */
const LEAF_WORK: Readonly<Record<string, Work>> = {
  'wired leaf': 'leaf-cut',
  'strip leaf': 'leaf-strip',
  'vein leaf': 'leaf-vein',
  'two-faced leaf': 'leaf-two-faced',
};
/** Wire of a leaf that had none, and that it is taped by. Common practice, no source (docs/trade.md W2). */
const LEAF_WIRE: Part['on'] = { by: 'wire', swg: 28, tip: 'straight', stalkMm: 2, run: 'past joint', cut: 'what fits' };

/** Every leaf on a wire of its own, brought in so. */
const leavesWired = (root: Part, work: Work): Part =>
  mapParts(root, (part) => {
    if (part.kind !== 'leaf') return part;
    const wired = part.on.by === 'wire';
    return {
      ...part,
      on: wired ? part.on : LEAF_WIRE,
      join: wired || part.join === 'itself' ? part.join : 'taped',
      work: [work, 'dust-leaf'],
    };
  });

/** Leaves of painted paper, glued to a wire bent in small kinks. */
const leavesOfPaper = (root: Part): Part => ({
  ...mapParts(root, (part) =>
    part.kind === 'leaf' && part.form?.as === 'sheet'
      ? { ...part, form: { ...part.form, material: 'wafer paper', thicknessMm: PAPER_MM }, on: { by: 'nothing' }, join: 'glued', work: ['leaf-paper'] }
      : part,
  ),
  work: ['wire-kinked', 'dust-wire'],
}); // prettier-ignore
const PAPER_MM = 0.5;

/** Leaves glued to their carrier instead of taped to it. */
const leavesGlued = (root: Part): Part =>
  mapParts(root, (part) =>
    part.kind === 'leaf' && part !== root ? { ...part, on: { by: 'nothing' }, join: 'glued', work: ['leaf-fine-glued'] } : part,
  );

const UNWIRED_WORK: Readonly<Partial<Record<Work, Work>>> = {
  'leaf-cut': 'leaf-unwired',
  'leaf-pinched': 'leaf-unwired',
  'leaf-strip': 'leaf-unwired',
  'leaf-vein': 'leaf-unwired',
  'petal-wired': 'petal-glued',
};

/** Nothing of it is on wire. */
const unwired = (root: Part): Part =>
  mapParts(root, (part) => ({
    ...part,
    on: { by: 'nothing' },
    work: part.work.map((w) => UNWIRED_WORK[w] ?? w),
    join:
      part.join === 'taped' ||
      part.join === 'gathered' ||
      part.join === 'in hand' ||
      part.join === 'ring' ||
      part.join === 'pushed in'
        ? 'glued'
        : part.join,
  }));

function treeBy(species: Species, { id, unwired: bare }: Method): Construction {
  const { tree } = species;
  const head = species.habit === 'head' ? HEADS[id] : undefined;
  if (head) return head;
  const leafWork = species.role === 'foliage' ? LEAF_WORK[id] : undefined;
  if (leafWork) return (ask) => leavesWired(tree(ask), leafWork);
  if (id === 'paper leaf') return (ask) => leavesOfPaper(tree(ask));
  if (bare) return (ask) => unwired(tree(ask));
  if (id === 'layered') return (ask) => petalsGlued(tree(ask));
  if (id === 'glued leaf') return (ask) => leavesGlued(tree(ask));
  return tree;
}

/** What ways of making are offered for a species; nothing where it has one way alone. */
function fitOf(species: Species): Fit | null {
  if (species.habit === 'head') return species.sprig ? null : species.role === 'spray' ? 'small flower' : 'flower';
  if (species.role !== 'foliage') return null;
  const root = species.tree({ stage: must(species.stages[0]).id, sizeMm: must(species.sizesMm[0]), counts: {} });
  return root.kind === 'leaf' ? 'single leaf' : 'leaf branch';
}

/** Whether a species may be made so: its usual way, a way of a person’s own, and those that make what it is. */
export function canBeMadeAs(species: Species, method: Method): boolean {
  if (method.id === (species.usualMethod ?? species.method) || method.id === species.method) return true;
  const fit = fitOf(species);
  return METHODS[method.id] !== method || (fit !== null && (method.fits?.includes(fit) ?? false));
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
