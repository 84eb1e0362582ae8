import { CALLED } from '../testing/samples';
import { largestOf } from '../botany/built';
import { expand } from '../piece/expand';
import { catalogueWith, SHIPPED, SPECIES, speciesById, type Catalogue } from '../botany/catalogue';
import { ownCopyOf, type OwnSpecies } from '../botany/ownSpecies';
import { oneBranch } from './oneBranch';
import { ENGLISH } from '../words/english';

const GREEN = { system: 'SWG' as const, colour: 'green' as const, gauges: [], stockMm: 360, cutting: 'length' as const };

const ownIn = (base: string, over: Partial<OwnSpecies>): Catalogue => {
  const copy = { ...ownCopyOf({ base: speciesById(base, SHIPPED), id: 'own-one', basedOn: base, called: CALLED }), ...over };
  return catalogueWith({ ...SHIPPED.own, species: [copy] });
};

function own(base: string, over: Partial<OwnSpecies>): ReturnType<typeof oneBranch> {
  const catalogue = ownIn(base, over);
  const species = speciesById('own-one', catalogue);
  const branch = oneBranch(
    { species: 'own-one', stage: species.stages.at(-1)!.id, sizeMm: species.sizesMm[0]!, colourway: '' },
    GREEN,
    catalogue,
  );
  return branch;
}
const count = (b: ReturnType<typeof oneBranch>, part: string) => b.counts.find((c) => c.part === part)?.count ?? 0;

test('a branching filler of 4 side branches with 3 clusters of 6: 72 florets, one more to a cluster 12 more wires (docs/trade.md T7; common practice, no source)', () => {
  const branch = own('froth', { counts: { sideBranches: 4, clusters: 3, florets: 6 } });
  expect(count(branch, 'floret')).toBe(72);
  // the first cluster of a side branch is its tip
  expect(count(branch, 'twig')).toBe(8);
  expect(ENGLISH.say(branch.steps[0]!.does)).toBe('Tape 6 florets together at one height, 8 times');
  expect(ENGLISH.say(branch.steps[1]!.does)).toMatch(/^Tape 6 florets and 2 clusters to a side branch/);
  expect(ENGLISH.say(branch.steps.at(-1)!.does)).toMatch(/side branch/);
  const more = own('froth', { counts: { sideBranches: 4, clusters: 3, florets: 7 } });
  expect(more.wires.reduce((a, w) => a + w.count, 0) - branch.wires.reduce((a, w) => a + w.count, 0)).toBe(12);
  expect(more.massGrams).toBeGreaterThan(branch.massGrams);
});

test('a branching filler with 78 florets: clusters of 6 and 7 in turn, three to a side branch (docs/trade.md T7; common practice, no source)', () => {
  const counts = { sideBranches: 4, clusters: 3, floretsInAll: 78 };
  const branch = own('froth', { counts });
  expect(count(branch, 'floret')).toBe(78);
  expect(ENGLISH.say(branch.steps[0]!.does)).toBe('Tape 6 florets together at one height, 4 times');
  expect(ENGLISH.say(branch.steps[1]!.does)).toBe('Tape 7 florets together at one height, 4 times');
});

test('a paired leaf branch 18 cm long: as many pairs as asked, no pair parted, from the tip down', () => {
  const branch = own('olive', { counts: { nodes: 8 }, sizesMm: [180] });
  expect(branch.longMm).toBeGreaterThan(160);
  expect(branch.longMm).toBeLessThan(190);
  expect(count(branch, 'leaf')).toBe(17);
  // a pair close under the tip leaf is taped with it
  const pairs = branch.steps.filter((s) => s.parts.some((p) => p.part === 'leaf' && p.count > 1));
  expect(pairs).toHaveLength(8);
  const below = branch.steps.flatMap((s) => s.belowMm ?? []);
  expect(below.length).toBeGreaterThan(6);
  for (const mm of below) expect(mm).toBeGreaterThan(0);
});

test('pairs of leaves are turned a quarter against each other, a fern’s lie in one plane', () => {
  const turns = (id: string) => own(id, {}).steps.flatMap((s) => s.turnRad ?? []);
  for (const rad of turns('roundleaf').slice(1)) expect(rad).toBeCloseTo(Math.PI / 2, 6);
  expect(turns('roundleaf').length).toBeGreaterThan(2);
  expect(turns('fern')).toEqual([]);
  // by eye: a loose branch, a spike
  expect([...turns('willow'), ...turns('spike')]).toEqual([]);
});

test('a head by itself is made up ring by ring, a dome is pushed in buds first', () => {
  const said = (id: string) => own(id, {}).steps.map((s) => ENGLISH.say(s.does));
  expect(said('magnolia')).toHaveLength(3);
  const dome = said('mophead');
  expect(dome.findIndex((t) => /bud/.test(t))).toBeLessThan(dome.findIndex((t) => /floret/.test(t)));
});

test('carriers made by themselves keep the gauge of practice (docs/trade.md W6; common practice, no source)', () => {
  const stem = (id: string) => own(id, {}).wires.find((w) => w.use === 'stem')!.gauge;
  expect(['roundleaf', 'willow', 'vine', 'olive'].map(stem)).toEqual([20, 20, 20, 20]);
  expect(['frothbranch', 'rosehip', 'mophead'].map(stem)).toEqual([22, 22, 22]);
  // in the hand the first floret’s own wire carries the next (W3)
  expect(stem('spike')).toBe(24);
});

test('a spike with 9 buds, 7 opening, 15 open', () => {
  const counts = { buds: 9, opening: 7, open: 15 };
  const branch = own('delphinium', { counts });
  expect(count(branch, 'bud')).toBe(9);
  expect(count(branch, 'opening')).toBe(7);
  expect(count(branch, 'open')).toBe(15);
  expect(branch.wires.filter((w) => w.use === 'part').reduce((a, w) => a + w.count, 0)).toBe(31);
  const own1 = speciesById('own-one', ownIn('delphinium', { counts }));
  const parts = largestOf(own1, 'open').shape.parts!(1);
  expect(parts.filter((p) => p.open === 0)).toHaveLength(9);
  expect(parts.filter((p) => p.open === 0.5)).toHaveLength(7);
  expect(parts.filter((p) => p.open === 1)).toHaveLength(15);
});

test.each(['froth', 'olive', 'delphinium', 'hypericum', 'rosemary', 'rose'])(
  '%s by itself: wires are the sum of their terms, all are cut, its tape is more than nothing',
  (id) => {
    const species = speciesById(id, SHIPPED);
    const branch = oneBranch(
      { species: id, stage: species.stages.at(-1)!.id, sizeMm: species.sizesMm[0]!, colourway: '' },
      GREEN,
      SHIPPED,
    );
    for (const w of branch.wires) expect(w.lengthMm).toBe(Math.ceil(w.terms.reduce((a, t) => a + t.mm, 0) - 1e-6));
    const cut = branch.cuts.reduce((a, c) => a + c.plan.bars.reduce((b, bar) => b + bar.cutsMm.length, 0), 0);
    expect(cut).toBe(branch.wires.reduce((a, w) => a + w.count, 0));
    // what is glued to its wire is wound below it alone
    expect(branch.tapeMm).toBeGreaterThan(50);
    expect(branch.thickMm).toBeGreaterThan(0.3);
  },
);

test('counts past what a shape allows are brought within it, unknown ones change nothing', () => {
  const branch = own('froth', { counts: { florets: 70, petals: 9 } });
  expect(count(branch, 'floret') % 12).toBe(0);
  const plain = own('froth', {});
  expect(own('froth', { counts: { nonsense: 4 } }).counts).toEqual(plain.counts);
});

test('what is shown to be changed is what is there: said again as it is, it stays so', () => {
  for (const base of SPECIES.filter((x) => x.sprig)) {
    const stage = base.stages.at(-1)!.id;
    const sizeMm = base.sizesMm[0]!;
    const tree = base.tree({ stage, sizeMm, counts: {} });
    const shown = Object.fromEntries(base.sprig!.counted(tree).map((c) => [c.id, c.count]));
    const again = base.tree({ stage, sizeMm, counts: shown });
    expect([base.id, ...expand(again).map((i) => i.part.id)]).toEqual([base.id, ...expand(tree).map((i) => i.part.id)]);
  }
});

test('a spike’s carrier is as thick as the wires that pass side by side, and a glued branch as its own wire', () => {
  const few = own('delphinium', { counts: { buds: 1, opening: 1, open: 4 } });
  const many = own('delphinium', { counts: { buds: 9, opening: 7, open: 15 } });
  expect(many.thickMm).toBeGreaterThan(few.thickMm);
  const glued = own('rosemary', {});
  expect(glued.wires).toHaveLength(1);
  // bare wire, 0.12 mm of paper and two layers of tape (assumed)
  expect(glued.thickMm).toBeCloseTo(glued.wires[0]!.diameterMm + 0.12 + 0.22, 6);
});
