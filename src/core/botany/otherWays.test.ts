import { expand } from '../piece/expand';
import { linesOf } from '../piece/lines';
import { minutesOf } from '../piece/minutes';
import { linesIn } from '../piece/treeLines';
import { wiresOf } from '../piece/wires';
import { largestOf } from './built';
import { METHODS, type Method } from './methods';
import { SHIPPED, SPECIES, speciesById } from './catalogue';
import { canBeMadeAs, madeAs } from './otherWays';

const method = (id: string): Method => METHODS[id]!;
const treeBy = (id: string, way: string) => {
  const species = madeAs(speciesById(id, SHIPPED), method(way));
  return largestOf(species, species.stages.at(-1)!.id).tree;
};
const wiresIn = (id: string, way: string) => wiresOf(expand(treeBy(id, way)), { footMm: 60, stockMm: 360 });

test('every kind may be made in its usual way, and in one of a person’s own', () => {
  const own: Method = { ...method('berry'), id: 'own-berry' };
  for (const s of SPECIES) expect([s.id, canBeMadeAs(s, method(s.method)), canBeMadeAs(s, own)]).toEqual([s.id, true, true]);
});

test.each([
  [
    'laurel',
    ['wired leaf', 'strip leaf', 'vein leaf', 'two-faced leaf', 'glued leaf', 'paper leaf'],
    ['unwired leaf', 'pulled', 'berry'],
  ],
  ['singleleaf', ['wired leaf', 'strip leaf', 'unwired leaf'], ['paper leaf', 'layered', 'pressed leaf']],
  ['dahlia', ['layered', 'hand-wrapped', 'laid flower'], ['pulled', 'cut floret', 'wired leaf']],
  ['jasmine', ['pulled', 'cut floret', 'ball stop', 'rolled rosette'], ['wired leaf', 'scrunched']],
  ['mophead', ['domed cluster'], ['layered', 'pulled']],
] as const)('%s is offered what makes such a thing, and nothing else', (id, offered, not) => {
  const species = speciesById(id, SHIPPED);
  expect(offered.filter((way) => !canBeMadeAs(species, method(way)))).toEqual([]);
  expect(not.filter((way) => canBeMadeAs(species, method(way)))).toEqual([]);
});

describe('a leaf’s wire is brought in so or so (docs/trade.md M5, M14; common practice, no source)', () => {
  test('the leaves stay the species’ own: sizes, wires and places are the same', () => {
    const plain = wiresIn('laurel', 'wired leaf');
    for (const way of ['strip leaf', 'vein leaf', 'two-faced leaf']) expect(wiresIn('laurel', way)).toEqual(plain);
  });

  test('minutes differ by how: 1.2 cut and wired, 1.4 in the vein, 1.6 two-faced, 2 under a strip (starting values of the own study)', () => {
    const each = (way: string) => minutesOf(expand(treeBy('laurel', way)))[1];
    const leaves = expand(treeBy('laurel', 'wired leaf')).filter((i) => i.part.kind === 'leaf').length;
    const more = ['vein leaf', 'two-faced leaf', 'strip leaf'].map((way) => (each(way) - each('wired leaf')) / leaves);
    [0.2, 0.4, 0.8].forEach((minutes, i) => expect(more[i]).toBeCloseTo(minutes, 9));
  });

  test('leaves that are glued by themselves get wires of 28; leaves of paper have none', () => {
    const box = wiresIn('box', 'wired leaf').filter((w) => w.partId === 'leaf');
    expect([...new Set(box.map((w) => w.swg))]).toEqual([28]);
    expect(wiresIn('laurel', 'paper leaf').filter((w) => w.partId === 'leaf')).toEqual([]);
    expect(linesIn(treeBy('laurel', 'paper leaf')).every((p) => p.kind !== 'leaf' || p.form?.material === 'wafer paper')).toBe(
      true,
    );
  });
});

test.each(Object.values(METHODS).flatMap((m) => (m.unwired ? [[m.id] as const] : [])))(
  '“%s”: nothing of it is on wire, whatever is made so',
  (way) => {
    const made = SPECIES.filter((s) => canBeMadeAs(s, method(way)));
    expect(made.length).toBeGreaterThan(0);
    for (const s of made) expect([s.id, wiresIn(s.id, way).length]).toEqual([s.id, 0]);
  },
);

test('a small flower cut with a thick middle, or on a ball, is one cut piece on one wire as wide as it was asked for', () => {
  for (const [way, swg] of [['cut floret', 26], ['ball stop', 28]] as const) {
    const tree = treeBy('jasmine', way);
    const instances = expand(tree);
    expect(wiresIn('jasmine', way).map((w) => w.swg)).toEqual([swg]);
    expect(instances[0]!.sizeMm).toBeCloseTo(24, 9);
    expect(linesOf(instances, []).some((l) => l.kind === 'floret' || l.kind === 'petal')).toBe(true);
  }
}); // prettier-ignore
