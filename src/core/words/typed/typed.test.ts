import { largestOf } from '../../botany/built';
import { SPECIES } from '../../botany/catalogue';
import { pulled, pulledLine, withCount } from '../../piece/edited';
import { countIn, lineIn, linesIn } from '../../piece/treeLines';
import { expand } from '../../piece/expand';
import { MATERIALS } from '../../piece/materials';
import { SPOKEN } from '../../piece/mention';
import { mentionsOf, said, spokenMm } from '../../piece/said';
import type { Part } from '../../piece/part';
import { LANGUAGE_IDS, PSEUDO, typingOf, type Language } from '../languages';
import { readTyped } from './read';
import { takenOut } from './takenOut';
import { writeTyped } from './write';

const figure = (mm: number): string => String(spokenMm(mm));
const treeOf = (id: string, stage?: string): Part => {
  const species = SPECIES.find((s) => s.id === id)!;
  return largestOf(species, stage ?? species.stages.at(-1)!.id).tree;
};
const typed = async (text: string, tree: Part, language: Language = 'en') => {
  const { mentions, strange } = readTyped(text, await typingOf(language));
  const { tree: after, untaken } = said(tree, mentions.map((m) => m.mention)); // prettier-ignore
  return { tree: after, strange, untaken };
};
const many = (tree: Part, kind: Part['kind']) => expand(tree).filter((i) => i.part.kind === kind).length;

describe('what is typed', () => {
  test.each([...LANGUAGE_IDS, PSEUDO] as const)(
    'in %s a piece is written and read as itself, in every species and stage',
    async (language) => {
      const typing = await typingOf(language);
      for (const species of SPECIES)
        for (const stage of species.stages) {
          const { tree } = largestOf(species, stage.id);
          const text = writeTyped(mentionsOf(tree), typing, figure);
          const { mentions, strange } = readTyped(text, typing);
          expect([text, strange]).toEqual([text, []]);
          const again = said(tree, mentions.map((m) => m.mention)); // prettier-ignore
          expect([text, again.untaken]).toEqual([text, []]);
          expect([text, again.tree]).toEqual([text, tree]);
        }
    },
  );

  test.each([...LANGUAGE_IDS, PSEUDO] as const)(
    'in %s no word means two things, and each name is read as itself',
    async (language) => {
      const typing = await typingOf(language);
      for (const name of SPOKEN)
        for (const word of typing.names[name]) {
          const { mentions } = readTyped(`3 ${word}`, typing);
          expect([word, mentions.map((m) => m.mention)]).toEqual([word, [{ say: 'count', name, count: 3 }]]);
        }
    },
  );

  test.each([...LANGUAGE_IDS, PSEUDO] as const)(
    'in %s each material is read as itself, by every word for it',
    async (language) => {
      const typing = await typingOf(language);
      for (const material of MATERIALS)
        for (const word of typing.materials[material]) {
          const { mentions, strange } = readTyped(word, typing);
          expect([word, strange, mentions.map((m) => m.mention)]).toEqual([word, [], [{ say: 'material', material }]]);
        }
    },
  );

  test('said first, a material is that of all lines that can be made of it; said after a line, of that line', async () => {
    const rose = treeOf('rose');
    const sheets = linesIn(rose).filter((p) => p.form?.as === 'sheet');
    const paper = await typed('wafer paper', rose);
    expect(paper.untaken).toEqual([]);
    expect(linesIn(paper.tree).filter((p) => p.form?.material === 'wafer paper')).toHaveLength(sheets.length);
    const branch = await typed('3 buds, fondant; 7 open', treeOf('spike'));
    const materials = linesIn(branch.tree).flatMap((p) => (p.form ? [[p.id, p.form.material]] : []));
    expect(materials.filter(([, m]) => m === 'fondant').map(([id]) => id)).toEqual(['bud']);
    expect((await typed('3 berries, wafer paper', treeOf('hypericum'))).untaken).toEqual([1]);
  });

  test('counts of buds, half-open and open florets of a spike: the others move along', async () => {
    const before = treeOf('spike');
    const { tree, strange } = await typed('5 buds, 3 half, 7 open', before);
    expect(strange).toEqual([]);
    expect(['bud', 'opening', 'open'].map((id) => countIn(lineIn(tree, id)!))).toEqual([5, 3, 7]);
    const at = expand(tree).filter((i) => i.part.kind !== 'branch' && i.within?.within === null).map((i) => i.atMm); // prettier-ignore
    const gaps = at.slice(1).map((x, i) => x - at[i]!);
    expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(1e-9);
  });

  test('pairs, sizes, gauge of the leaves and of the carrier', async () => {
    const { tree, strange, untaken } = await typed('6 pairs 18 to 43, 28 ga, on 22', treeOf('roundleaf'));
    expect([strange, untaken]).toEqual([[], []]);
    const leaf = lineIn(tree, 'leaf')!;
    expect(leaf.many).toEqual({ by: 'run', count: 13, fromMm: 18, toMm: 43 });
    expect([leaf.on, tree.on]).toMatchObject([{ swg: 28, cut: 5 }, { swg: 22 }]);
  });

  test('a spray in the hand is given a carrier, and goes back into the hand', async () => {
    const hand = treeOf('spike');
    const laid = (await typed('on 22', hand)).tree;
    expect([laid.firstCarries, laid.on]).toMatchObject([undefined, { swg: 22, tip: 'straight' }]);
    expect((await typed('in the hand', laid)).tree).toEqual(hand);
    // what has no wire carries nothing
    expect((await typed('in the hand', treeOf('heather'))).untaken).toEqual([0]);
  });

  test('a line that a piece never had: berries on a laurel, a calyx on a cut flower; not a petal on a branch', async () => {
    const laurel = await typed('7 leaves; 3 berries 11, 24 ga', treeOf('laurel'));
    expect([laurel.strange, laurel.untaken]).toEqual([[], []]);
    const berries = lineIn(laurel.tree, 'berry')!;
    expect(berries).toMatchObject({ many: { by: 'sizes', of: [{ count: 3, sizeMm: 11 }] }, on: { swg: 24 }, join: 'taped' });
    // below the leaves, which stay as they were
    const at = expand(laurel.tree).filter((i) => i.part.kind === 'berry').map((i) => i.atMm); // prettier-ignore
    expect(Math.min(...at)).toBeGreaterThan(
      Math.max(...expand(treeOf('laurel')).map((i) => (i.part.kind === 'leaf' ? i.atMm : 0))),
    );
    const calyx = await typed('1 calyx 12', treeOf('daisy'));
    expect(calyx.untaken).toEqual([]);
    expect(many(calyx.tree, 'calyx')).toBe(1);
    expect((await typed('5 petals', treeOf('laurel'))).untaken).toEqual([0]);
    const gone = await typed('no berries', laurel.tree);
    expect(lineIn(gone.tree, 'berry')).toBeNull();
  });

  test('a clause that is taken out of the line takes its part away; a line that is otherwise is read as it is', async () => {
    const typing = await typingOf('en');
    const tree = treeOf('olive');
    const written = writeTyped(mentionsOf(tree), typing, figure);
    const clauses = written.split('; ');
    expect(clauses).toHaveLength(3);
    const without = (text: string) => said(tree, readTyped(takenOut(text, written, typing), typing).mentions.map((m) => m.mention)).tree; // prettier-ignore
    const bare = without([clauses[0], clauses[2]].join('; '));
    expect([lineIn(bare, 'berry'), lineIn(bare, 'leaf')]).toEqual([null, lineIn(tree, 'leaf')]);
    // the wire that carries all is no part that can go
    expect(without(clauses.slice(0, 2).join('; '))).toEqual(tree);
    expect(takenOut('6 pairs 18 to 43', written, typing)).toBe('6 pairs 18 to 43');
    // of two lines of a name the one that was taken out
    const anemone = treeOf('anemone');
    const all = writeTyped(mentionsOf(anemone), typing, figure).split('; ');
    const second = all.findLastIndex((c) => c.startsWith('5 petals'));
    const left = takenOut(all.filter((_, i) => i !== second).join('; '), all.join('; '), typing);
    const ringed = said(anemone, readTyped(left, typing).mentions.map((m) => m.mention)).tree; // prettier-ignore
    expect(linesIn(ringed).filter((p) => p.kind === 'petal').map((p) => p.id)).toEqual(['ring-1']); // prettier-ignore
  });

  test('sizes one by one', async () => {
    const { tree } = await typed('2 of 18, 4 of 26, 6 of 34', treeOf('laurel'));
    expect(lineIn(tree, 'leaf')!.many).toEqual({ by: 'sizes', of: [{ count: 2, sizeMm: 18 }, { count: 4, sizeMm: 26 }, { count: 6, sizeMm: 34 }] }); // prettier-ignore
  });

  test('a filler of three levels: florets over all, clusters over all, so many to a branch', async () => {
    const { tree, strange } = await typed('78 florets, 12 clusters, 3 to a branch', treeOf('frothbranch'));
    expect(strange).toEqual([]);
    expect([many(tree, 'floret'), many(tree, 'arm'), many(tree, 'cluster')]).toEqual([78, 4, 8]);
    const other = await typed('40 florets, 6 clusters, 2 to a branch', treeOf('frothbranch'));
    // the tip of each branch is a cluster of its own
    expect([many(other.tree, 'floret'), many(other.tree, 'arm'), many(other.tree, 'cluster')]).toEqual([40, 3, 3]);
  });

  test('berries by how ripe they are', async () => {
    const { tree } = await typed('2 green, 3 ripe', treeOf('rosehip'));
    const berries = expand(tree).filter((i) => i.part.kind === 'berry');
    expect(berries.map((b) => b.stage)).toEqual(['green', 'green', 'ripe', 'ripe', 'ripe']);
  });

  test('rounds of a hand-wrapped rose, without wire', async () => {
    const { tree, strange } = await typed('6 rounds 40, no wire', treeOf('wrappedrose'));
    expect(strange).toEqual([]);
    expect(lineIn(tree, 'round')!.many).toEqual({ by: 'sizes', of: [{ count: 6, sizeMm: 40 }] });
  });

  test('buds and flowers of a domed cluster', async () => {
    const { tree } = await typed('12 buds + 22 florets', treeOf('mophead'));
    expect([many(tree, 'bud'), many(tree, 'floret')]).toEqual([12, 22]);
  });

  test('none of something takes it out, wires and all; typed again it is there as it was', async () => {
    const before = treeOf('olive');
    const { tree } = await typed('no berries', before);
    expect(many(tree, 'berry')).toBe(0);
    expect(linesIn(tree).map((p) => p.id)).not.toContain('berry');
    const { mentions } = readTyped('2 berries', await typingOf('en'));
    expect(said(tree, mentions.map((m) => m.mention), before).tree).toEqual(before); // prettier-ignore
  });

  test('a word that is not understood is told where it stands; the rest applies', async () => {
    const text = '9 leaves, sparkly, on 18 ga';
    const { tree, strange } = await typed(text, treeOf('laurel'));
    expect(strange.map(({ from, to }) => text.slice(from, to))).toEqual(['sparkly']);
    expect([countIn(lineIn(tree, 'leaf')!), tree.on]).toMatchObject([9, { swg: 18 }]);
  });

  test('in Spanish and French the same is said', async () => {
    const plain = (await typed('5 buds, 3 half, 7 open, on 20', treeOf('spike'))).tree;
    expect((await typed('5 capullos, 3 entreabiertas, 7 abiertas, en 20', treeOf('spike'), 'es')).tree).toEqual(plain);
    expect((await typed('5 boutons, 3 entrouvertes, 7 ouvertes, sur 20', treeOf('spike'), 'fr')).tree).toEqual(plain);
  });

  test('what is not there is said of nothing', async () => {
    const { tree, untaken } = await typed('4 stamens', treeOf('roundleaf'));
    expect(untaken).toEqual([0]);
    expect(tree).toEqual(treeOf('roundleaf'));
  });
});

describe('a branch that is pulled', () => {
  const sprigs = SPECIES.filter((s) => s.habit === 'sprig' && pulledLine(largestOf(s, s.stages.at(-1)!.id).tree));

  test.each(sprigs.map((s) => s.id))('%s: longer by two nodes, no part that was there changes', (id) => {
    const before = treeOf(id);
    const line = pulledLine(before)!;
    const after = pulled(before, line.id, 2);
    const of = (tree: Part) => expand(tree).filter((i) => i.part.id === line.id && i.within?.within === null).map((i) => [i.atMm, i.sizeMm, i.turnRad]); // prettier-ignore
    const [was, is] = [of(before), of(after)];
    expect(is.length).toBeGreaterThan(was.length);
    // what shares the last node with a new part is turned to make room for it
    const last = was.at(-1)![0]!;
    was.forEach((values, i) => values.slice(0, values[0] === last ? 2 : 3).forEach((x, k) => expect(is[i]![k]).toBeCloseTo(x, 6))); // prettier-ignore
    expect(is.at(-1)![0]!).toBeGreaterThan(last);
    const back = of(pulled(after, line.id, -2));
    was.forEach((values, i) => values.slice(0, 2).forEach((x, k) => expect(back[i]![k]).toBeCloseTo(x, 6)));
    expect(back.at(-1)![0]!).toBeCloseTo(last, 6);
  });

  test('a line below one that is taken out begins where that began', () => {
    const before = treeOf('spike');
    const after = withCount(before, 'bud', 0);
    expect(lineIn(after, 'opening')!.habit.startMm).toBe(0);
  });
});
