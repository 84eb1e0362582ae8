import { dryHours } from './drying';
import { MATERIAL, MATERIALS, type Material } from './materials';
import { mayBeOf, withMaterial } from './ofMaterial';
import { gramsOf } from './paste';
import { lineIn, linesIn } from './treeLines';
import { expand } from './expand';
import { builtOf } from '../botany/built';
import { SPECIES } from '../botany/catalogue';
import type { Form, Part } from './part';

const sheetOf = (material: Material, thicknessMm: number): Form => ({
  as: 'sheet',
  outline: 'obovate',
  widthShare: 0.7,
  thicknessMm,
  material,
  colour: 'main',
});

describe('drying is each material’s own (common practice and own study, no source)', () => {
  test('flower paste: overnight at 1.2 mm, 8 h under half a millimetre', () => {
    expect(dryHours({ kind: 'petal', form: sheetOf('flower paste', 1.2) }, 40)).toBe(12);
    expect(dryHours({ kind: 'petal', form: sheetOf('flower paste', 0.4) }, 40)).toBe(8);
  });
  test('fondant left to dry: 24 to 48 h by how thick it is; kept soft it waits for nothing', () => {
    const hours = [1.6, 2.4, 3.2, 5].map((mm) => dryHours({ kind: 'leaf', form: sheetOf('fondant', mm) }, 40));
    expect(hours).toEqual([...hours].sort((a, b) => a - b));
    expect(Math.min(...hours)).toBeGreaterThanOrEqual(24);
    expect(Math.max(...hours)).toBeLessThanOrEqual(48);
    expect(dryHours({ kind: 'leaf', form: sheetOf('soft fondant', 2.4) }, 40)).toBe(0);
  });
  test('a solid ball of fondant takes longer than one of flower paste', () => {
    const ball = (material: Material): Form => ({ as: 'ball', kept: 1, material, colour: 'main' });
    expect(dryHours({ kind: 'bud', form: ball('fondant') }, 12)).toBeGreaterThan(
      dryHours({ kind: 'bud', form: ball('flower paste') }, 12),
    );
  });
});

describe('a line of another material', () => {
  const trees = SPECIES.flatMap((s) => s.stages.map(({ id }) => builtOf(s, id, s.sizesMm[0]!).tree));
  test.each(MATERIALS)('%s: each line that can be made of it is as thick as it is rolled, and stays a piece', (material) => {
    for (const tree of trees)
      for (const line of linesIn(tree).filter((p) => mayBeOf(p, material))) {
        const { form } = lineIn(withMaterial(tree, line.id, material), line.id)!;
        expect(form!.material).toBe(material);
        if (form!.as === 'sheet' && line.form!.material !== material) {
          expect(form!.thicknessMm).toBeGreaterThanOrEqual(MATERIAL[material].sheetMm.least);
          expect(form!.thicknessMm).toBeLessThanOrEqual(MATERIAL[material].sheetMm.most);
        }
      }
  });
  test('there and back again is what it was', () => {
    for (const tree of trees)
      for (const line of linesIn(tree).filter((p) => p.form?.material === 'flower paste' && mayBeOf(p, 'wafer paper')))
        for (const material of MATERIALS)
          expect(withMaterial(withMaterial(tree, line.id, material, tree), line.id, 'flower paste', tree)).toEqual(tree);
  });
  test('nothing that is rolled between the palms is of paper', () => {
    for (const tree of trees)
      for (const line of linesIn(tree).filter((p) => p.form?.as === 'ball'))
        expect(withMaterial(tree, line.id, 'wafer paper')).toEqual(tree);
  });
  test('paper weighs a small part of the paste; fondant, rolled thicker, more', () => {
    const weight = (tree: Part) => expand(tree).reduce((a, i) => a + (i.part.form ? gramsOf(i.part.form, i.sizeMm) : 0), 0);
    for (const tree of trees) {
      const leaf = linesIn(tree).find((p) => p.kind === 'leaf' && p.form?.as === 'sheet' && p.form.material === 'flower paste');
      if (!leaf) continue;
      expect(weight(withMaterial(tree, leaf.id, 'wafer paper'))).toBeLessThan(weight(tree));
      expect(weight(withMaterial(tree, leaf.id, 'fondant'))).toBeGreaterThan(weight(tree));
    }
  });
});
