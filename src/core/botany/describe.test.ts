import * as v from 'valibot';
import { pulled, pulledLine, withCount } from '../piece/edited';
import { lineIn, linesIn } from '../piece/treeLines';
import { expand } from '../piece/expand';
import { longOf } from '../piece/long';
import type { Part } from '../piece/part';
import { builtOf, largestOf } from './built';
import { bodyOf, catalogueWith, kindMesh, SPECIES, speciesById, type Catalogue } from './catalogue';
import { describedAs } from './describe';
import { ownCopyOf, ownSpeciesSchema, type OwnSpecies } from './ownSpecies';

const speciesOf = (id: string) => SPECIES.find((s) => s.id === id)!;
const copyOf = (id: string): OwnSpecies =>
  ownCopyOf({ base: speciesOf(id), id: 'own-x', basedOn: id, called: { name: 'X', plural: 'xs', colour: (c) => c } });
const withTree = (own: OwnSpecies, stage: string, tree: Part): OwnSpecies => {
  const { trees, sizesMm } = describedAs(own, speciesOf(own.basedOn), { stage, tree });
  return { ...own, trees, sizesMm };
};
const catalogueOf = (own: OwnSpecies): Catalogue => catalogueWith({ species: [own], methods: [], cutters: [], madeBy: [] });
const lastOf = (id: string): string => speciesOf(id).stages.at(-1)!.id;

describe('a species that a person describes', () => {
  test.each(SPECIES.map((s) => s.id))('%s: its tree is taken by the schema as it is, at every stage', (id) => {
    const species = speciesOf(id);
    const trees = Object.fromEntries(species.stages.map((s) => [s.id, largestOf(species, s.id).tree]));
    const own = v.parse(ownSpeciesSchema, JSON.parse(JSON.stringify({ ...copyOf(id), trees })));
    expect(own.trees).toEqual(trees);
  });

  test.each(SPECIES.map((s) => s.id))('%s: described as it is, it stays the same piece', (id) => {
    const before = copyOf(id);
    const stage = lastOf(id);
    const tree = largestOf(speciesOf(id), stage).tree;
    const own = withTree(before, stage, tree);
    const sizeMm = own.sizesMm[0]!;
    const kind = { species: 'own-x', stage, sizeMm, colourway: own.colourways[0]!.id };
    const [a, b] = [bodyOf(kind, catalogueOf(before)), bodyOf({ ...kind, sizeMm: before.sizesMm[0]! }, catalogueOf(own))];
    // a length is kept to a tenth of a millimetre: where stalks are most of it, florets follow within 2 % of their mass
    expect(Math.abs(b.massGrams / a.massGrams - 1)).toBeLessThan(0.02);
    expect(b.radialMm / a.radialMm).toBeCloseTo(1, 2);
    expect(builtOf(speciesById('own-x', catalogueOf(own)), stage, sizeMm).tree).toEqual(tree);
  });

  test('a branch pulled longer is a longer species: its sizes keep their shares, its picture has the leaves', () => {
    const own = copyOf('roundleaf');
    const tree = largestOf(speciesOf('roundleaf'), 'grown').tree;
    const longer = pulled(tree, pulledLine(tree)!.id, 2);
    const described = withTree(own, 'grown', longer);
    expect(described.sizesMm[0]).toBeCloseTo(longOf(longer), 1);
    expect(described.sizesMm[1]! / described.sizesMm[0]!).toBeCloseTo(own.sizesMm[1]! / own.sizesMm[0]!, 2);
    const kind = { species: 'own-x', stage: 'grown', sizeMm: described.sizesMm[0]!, colourway: 'sea' };
    const { built, axialMm } = bodyOf(kind, catalogueOf(described));
    expect(built.instances.filter((i) => i.part.kind === 'leaf')).toHaveLength(13);
    expect(axialMm * 2).toBeCloseTo(longOf(longer), 0);
    const triangles = (c: Catalogue, sizeMm: number) => kindMesh({ ...kind, sizeMm }, 'near', c).positions.length;
    expect(triangles(catalogueOf(described), kind.sizeMm)).toBeGreaterThan(triangles(catalogueOf(own), own.sizesMm[0]!));
  });

  test('a smaller size of it has smaller leaves and gaps, as many of them, on the same stalks', () => {
    const tree = largestOf(speciesOf('willow'), 'grown').tree;
    const own = withTree(copyOf('willow'), 'grown', tree);
    const species = speciesById('own-x', catalogueOf(own));
    const half = builtOf(species, 'grown', own.sizesMm[0]! / 2).tree;
    const [a, b] = [tree, half].map((t) => lineIn(t, 'leaf')!);
    expect(expand(half)).toHaveLength(expand(tree).length);
    expect(b!.on).toEqual(a!.on);
    expect(b!.form).toEqual(a!.form);
    expect(expand(half).at(-1)!.sizeMm / expand(tree).at(-1)!.sizeMm).toBeCloseTo(0.5, 2);
  });

  test('pieces that are there follow the new length', () => {
    const own = copyOf('laurel');
    const tree = largestOf(speciesOf('laurel'), 'grown').tree;
    const { moved, sizesMm } = describedAs(own, speciesOf('laurel'), { stage: 'grown', tree: pulled(tree, 'leaf', 1) });
    expect(own.sizesMm.map((mm) => moved.get(mm))).toEqual(sizesMm);
  });

  test('a mop-head with fewer florets is drawn, weighed and wired so', () => {
    const tree = largestOf(speciesOf('mophead'), 'open').tree;
    const own = withTree(copyOf('mophead'), 'open', withCount(tree, 'floret', 12));
    const kind = { species: 'own-x', stage: 'open', sizeMm: 62, colourway: 'blue' };
    const [few, many] = [bodyOf(kind, catalogueOf(own)), bodyOf({ ...kind, species: 'mophead' }, catalogueOf(own))];
    expect(few.built.instances.filter((i) => i.part.kind === 'floret')).toHaveLength(12);
    expect(few.built.shape.parts!(1).filter((p) => p.name === 'floret')).toHaveLength(12);
    expect(few.massGrams).toBeLessThan(many.massGrams);
  });

  test('petals of a described rose are those of its picture', () => {
    const tree = largestOf(speciesOf('rose'), 'open').tree;
    const own = withTree(copyOf('rose'), 'open', withCount(tree, 'ring-5', 12));
    const species = speciesById('own-x', catalogueOf(own));
    expect(species.shape!.petals!).toBeGreaterThan(speciesOf('rose').shape!.petals!);
  });

  test('too many parts, two lines of one id, deeper than four levels: refused', () => {
    const tree = largestOf(speciesOf('frothbranch'), 'grown').tree;
    const taken = (root: unknown): boolean => v.safeParse(ownSpeciesSchema, { ...copyOf('frothbranch'), trees: { grown: root } }).success; // prettier-ignore
    expect(taken(tree)).toBe(true);
    const side = tree.parts[0]!;
    expect(taken({ ...tree, parts: [{ ...side, many: { by: 'sizes', of: [{ count: 100, sizeMm: 0 }] } }] })).toBe(true);
    expect(taken({ ...tree, parts: [{ ...side, many: { by: 'sizes', of: [{ count: 301, sizeMm: 0 }] } }] })).toBe(false);
    expect(taken({ ...tree, parts: [side, side] })).toBe(false);
    const deep = (n: number): unknown => ({ ...side, id: `d${n}`, many: { by: 'sizes', of: [{ count: 1, sizeMm: 0 }] }, parts: n > 1 ? [deep(n - 1)] : [] }); // prettier-ignore
    expect(taken(deep(4))).toBe(true);
    expect(taken(deep(5))).toBe(false);
    expect(linesIn(tree).length).toBe(5);
  });
});
