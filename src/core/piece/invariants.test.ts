import { SPECIES } from '../botany/catalogue';
import { builtOf } from '../botany/built';
import { stepsOf, minutesForOne } from '../make/kindWork';
import { METHODS } from '../botany/methods';
import { seededRandom, type Random } from '../geometry/random';
import { bundleMm } from '../wire/bundle';
import { line, onWire, sheet, ball, so } from './constructions/build';
import { expand, spanMm, type Instance } from './expand';
import { linesOf } from './lines';
import { longMm, longOf } from './long';
import { minutesOf } from './minutes';
import type { Part } from './part';
import { pasteOf } from './paste';
import { windingsOf } from './tape';
import { byInstance, passingAt } from './thickness';
import { unwired } from './testing/trees';
import { sumOf, wiresOf } from './wires';

/** Every species in every stage and size. */
const CATALOGUE = SPECIES.flatMap((s) =>
  s.stages.flatMap(({ id }) => s.sizesMm.map((mm) => [`${s.id} ${id} ${mm}`, builtOf(s, id, mm).tree] as const)),
);

const anyOf = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
const between = (random: Random, least: number, most: number): number => least + random() * (most - least);
const wholeOf = (random: Random, least: number, most: number): number => Math.floor(between(random, least, most + 1));

/** A branch as somebody might write it down: one or two levels, wired or glued parts, any habit. */
function randomTree(seed: number): Part {
  const random = seededRandom(seed);
  const leaf = (id: string): Part => {
    const count = wholeOf(random, 1, 9);
    const glued = random() < 0.2;
    return line({
      id,
      kind: anyOf(random, ['leaf', 'berry', 'bud', 'floret'] as const),
      many: random() < 0.5 ? so(count, between(random, 3, 40)) : { by: 'run', count, fromMm: between(random, 4, 12), toMm: between(random, 12, 45) },
      form: random() < 0.5 ? ball() : sheet({ outline: 'ovate', widthShare: 0.5, thicknessMm: between(random, 0.4, 1.2) }),
      on: glued ? { by: 'nothing' } : onWire(anyOf(random, [24, 26, 28, 30]), { stalkMm: between(random, 0, 25), cut: anyOf(random, ['what fits', 'to length', 4, 5, 6] as const) }),
      join: glued ? 'glued' : 'taped',
      work: glued ? ['leaf-fine-glued'] : ['leaf-cut', 'dust-leaf'],
      habit: anyOf(random, [
        { by: 'pairs', gapMm: [4, 16], tip: true, turnRad: 1.57 },
        { by: 'singly', gapMm: [3, 12], turnRad: 2.4 },
        { by: 'loose', gapMm: [5, 14], uneven: 0.4, oppositeEvery: 3, seed },
        { by: 'whorl', each: 3, gapMm: 6, turnRad: 0.5 },
        { by: 'together' },
      ] as const),
    });
  }; // prettier-ignore
  const arm = line({ id: 'arm', kind: 'arm', many: so(wholeOf(random, 1, 4), 0), on: onWire(24, { stalkMm: 15 }), habit: { by: 'singly', gapMm: [14, 22], turnRad: 2.4 }, parts: [leaf('on-arm')] }); // prettier-ignore
  const parts = [leaf('leaf'), ...(random() < 0.5 ? [arm] : []), ...(random() < 0.3 ? [leaf('more')] : [])];
  return line({ id: 'branch', kind: 'branch', on: onWire(anyOf(random, [20, 22])), join: 'itself', parts });
}
const RANDOM = Array.from({ length: 200 }, (_, i) => [`random ${i}`, randomTree(i + 1)] as const);
const ALL = [...CATALOGUE, ...RANDOM];

const STOCK_MM = 360;
const of = (tree: Part) => {
  const instances = expand(tree);
  const wires = wiresOf(instances, { footMm: 60, stockMm: STOCK_MM });
  const grams = pasteOf(instances).reduce((a, p) => a + p.grams, 0);
  return { instances, root: instances[0]!, wires, grams, minutes: minutesOf(instances)[1] };
};
const each = (check: (tree: Part, name: string) => void) => () => ALL.forEach(([name, tree]) => check(tree, name));

test(
  'a wire is the sum of its terms; a part of a length is exact, and what is cut is long enough or says by how much it is not',
  each((tree, name) => {
    for (const w of of(tree).wires) {
      expect(sumOf(w.need)).toBeCloseTo(w.needMm, 9);
      if (w.parts) expect(w.cutMm * w.parts).toBeCloseTo(STOCK_MM, 9);
      expect([name, w.partId, w.cutMm + w.shortMm >= w.needMm - w.need.trimMm - 1e-9]).toEqual([name, w.partId, true]);
    }
  }),
);

test(
  'as many wires as parts on wire, strands and fine wires counted; nothing on nothing, anywhere',
  each((tree) => {
    const { instances, wires } = of(tree);
    const wired = instances.filter((i) => i.part.on.by !== 'nothing');
    expect(wires.map((w) => w.instanceId)).toEqual(wired.map((i) => i.id));
    const bare = of(unwired(tree));
    expect(bare.wires).toEqual([]);
    expect(windingsOf(bare.instances, byInstance(bare.wires), { footMm: 0, fine: true })).toEqual([]);
    expect(linesOf(bare.instances, bare.wires).every((l) => l.wire === null)).toBe(true);
  }),
);

test('one more of a line is more minutes, grams, wires where it has one, and never less length', () => {
  for (const [, tree] of RANDOM) {
    const own = of(tree);
    tree.parts.forEach((part, k) => {
      if (part.many.by === 'share' || part.kind === 'arm') return;
      const more = part.many.by === 'run' ? { ...part.many, count: part.many.count + 1 } : so(part.many.of[0]!.count + 1, part.many.of[0]!.sizeMm);
      const now = of({ ...tree, parts: tree.parts.map((p, i) => (i === k ? { ...p, many: more } : p)) });
      expect(now.minutes).toBeGreaterThan(own.minutes);
      expect(now.wires.length - own.wires.length).toBe(part.on.by === 'nothing' ? 0 : 1);
      expect(longMm(now.root)).toBeGreaterThan(0.6 * longMm(own.root));
      if (part.many.by === 'sizes') expect(now.grams).toBeGreaterThan(own.grams);
    });
  }
}); // prettier-ignore

test('where all wires run to the foot a carrier never grows thinner toward it, and trimmed it is never thicker', () => {
  const through = (part: Part): Part => ({
    ...part,
    on: part.on.by === 'wire' ? { ...part.on, run: 'to foot' } : part.on,
    parts: part.parts.map(through),
  });
  for (const [, tree] of RANDOM) {
    const thick = (t: Part) => {
      const { root, wires } = of(t);
      const own = byInstance(wires);
      return [0, 0.25, 0.5, 0.75, 1].map((share) => bundleMm(passingAt(root, share * spanMm(root), own), true));
    };
    const [whole, cut] = [thick(through(tree)), thick(tree)];
    whole.forEach((mm, i) => {
      if (i > 0) expect(mm).toBeGreaterThanOrEqual(whole[i - 1]! - 0.02);
      expect(cut[i]!).toBeLessThanOrEqual(mm + 0.02);
    });
  }
});

test('carriers of branches are 20 or one step off, of fillers’ stems and berries 22 or one step off (docs/trade.md W4, W6; common practice, no source)', () => {
  for (const s of SPECIES.filter((x) => x.sprig)) {
    const { root } = builtOf(s, s.stages.at(-1)!.id, s.sizesMm[0]!);
    if (root.part.kind !== 'branch' || root.part.on.by !== 'wire' || root.part.firstCarries) continue;
    expect([s.id, root.part.on.swg >= 20 && root.part.on.swg <= 26]).toEqual([s.id, true]);
  }
});

test('equal trees take equal minutes, whatever the species is called; steps of a method are all that is done, and its boards', () => {
  for (const s of SPECIES)
    for (const stage of s.stages) {
      const { instances } = builtOf(s, stage.id, s.sizesMm[0]!);
      const steps = stepsOf(METHODS[s.method]!, [{ instances, times: 1 }], new Map());
      const steam = steps.filter((x) => x.step.id === 'steam').reduce((a, x) => a + x.eachMinutes, 0);
      const hands = steps.reduce((a, x) => a + x.eachMinutes, 0) - steam;
      expect([s.id, stage.id, hands]).toEqual([s.id, stage.id, expect.closeTo(minutesOf(instances)[1], 6)]);
      expect(minutesForOne(steps)).toBeGreaterThan(hands);
      // a step or task with nothing to do does not exist
      for (const x of steps) expect(x.eachMinutes).toBeGreaterThan(0);
    }
});

test('a tree survives being written down and read again', () => {
  for (const [, tree] of ALL) {
    const again = JSON.parse(JSON.stringify(tree)) as Part;
    expect(of(again).wires).toEqual(of(tree).wires);
  }
});

test('places on a carrier: none above its tip, all within its span, gaps of a loose line all different', () => {
  const loose = (at: Instance) => at.carries.filter((c) => c.part.habit.by === 'loose' && c.part.many.by !== 'share');
  for (const [, tree] of ALL)
    for (const at of expand(tree)) {
      for (const c of at.carries) expect(c.atMm).toBeGreaterThanOrEqual(0);
      const nodes = [...new Set(loose(at).map((c) => c.atMm))];
      const gaps = nodes.slice(1).map((x, i) => x - nodes[i]!);
      gaps.slice(1).forEach((g, i) => expect(Math.abs(g - gaps[i]!)).toBeGreaterThan(1e-6));
    }
});

test(
  'the length that a tree is fitted by is that of its parts',
  each((tree, name) => expect([name, longOf(tree)]).toEqual([name, expect.closeTo(longMm(of(tree).root), 6)])),
);
