import { builtOf } from '../botany/built';
import { SPECIES } from '../botany/catalogue';
import { expand } from './expand';
import { nearestTool, sizesIn, veinerFor, withTools } from './cutters';
import type { OwnTool } from './tools';
import { lineIn, linesIn } from './treeLines';
import type { Form } from './part';

const tool = (over: Partial<OwnTool>): OwnTool => ({
  id: 't',
  kind: 'cutter',
  name: 'T',
  outline: 'ovate',
  longMm: 30,
  wideMm: 18,
  ...over,
});
const leaf: Form = { as: 'sheet', outline: 'ovate', widthShare: 0.5, thicknessMm: 0.8, material: 'flower paste', colour: 'main' };
const treeOf = (id: string) => {
  const s = SPECIES.find((x) => x.id === id)!;
  return builtOf(s, s.stages.at(-1)!.id, s.sizesMm[0]!).tree;
};

test('the nearest of an outline is offered, never one of another outline, never a veiner', () => {
  const tools = [tool({ id: 'a', longMm: 20 }), tool({ id: 'b', longMm: 32 }), tool({ id: 'v', kind: 'veiner', longMm: 27 }), tool({ id: 'h', outline: 'heart', longMm: 27 })]; // prettier-ignore
  expect(nearestTool(leaf, 27, tools)!.tool.id).toBe('b');
  expect(nearestTool(leaf, 21, tools)!.tool.id).toBe('a');
  expect(nearestTool({ ...leaf, outline: 'star' }, 27, tools)).toBeNull();
  expect(nearestTool({ as: 'ball', kept: 1, material: 'flower paste', colour: 'main' }, 27, tools)).toBeNull();
});

test('a round cutter yields a leaf by two cuts: measured between two circles, point by point', () => {
  for (const [diameterMm, widthShare] of [
    [40, 0.5],
    [30, 0.4],
    [52, 0.62],
  ] as const) {
    const found = nearestTool({ ...leaf, widthShare }, 20, [tool({ outline: 'disc', longMm: diameterMm, wideMm: diameterMm })])!; // prettier-ignore
    expect(found.cuts).toBe(2);
    // what lies in both circles, their middles so far apart that the lens is as wide as was said
    const apart = diameterMm - found.wideMm;
    let long = 0;
    for (let y = -diameterMm; y <= diameterMm; y += 0.005)
      if (Math.hypot(-apart / 2, y) <= diameterMm / 2) long = Math.max(long, 2 * Math.abs(y));
    expect(found.longMm).toBeCloseTo(long, 1);
    expect(found.wideMm / found.longMm).toBeCloseTo(widthShare, 6);
  }
  expect(nearestTool({ ...leaf, outline: 'lobed' }, 20, [tool({ outline: 'disc' })])).toBeNull();
});

test('a veiner is the smallest on which the whole part lies', () => {
  const veiners = [20, 30, 50].map((longMm) => tool({ id: `v${longMm}`, kind: 'veiner', longMm, wideMm: longMm * 0.6 }));
  expect(veinerFor(leaf, 28, veiners)!.id).toBe('v30');
  expect(veinerFor(leaf, 51, veiners)).toBeNull();
});

test('a line takes the sizes of its nearest tools, as many as before; nothing else of the piece changes', () => {
  const tree = treeOf('laurel');
  const line = linesIn(tree).find((p) => p.form?.as === 'sheet')!;
  const outline = (line.form as Extract<Form, { as: 'sheet' }>).outline as OwnTool['outline'];
  const tools = [22, 30, 38].map((longMm) => tool({ id: `c${longMm}`, outline, longMm, wideMm: longMm * 0.44 }));
  const fitted = withTools(tree, line.id, tools);
  expect(sizesIn(lineIn(fitted, line.id)!).every((mm) => [22, 30, 38].includes(mm))).toBe(true);
  expect((lineIn(fitted, line.id)!.form as Extract<Form, { as: 'sheet' }>).widthShare).toBeCloseTo(0.44, 9);
  expect(expand(fitted)).toHaveLength(expand(tree).length);
  expect(withTools(fitted, line.id, tools)).toEqual(fitted);
  expect(withTools(tree, line.id, [tool({ outline: 'star' })])).toBe(tree);
});
