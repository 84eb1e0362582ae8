import { seededRandom } from '../geometry/random';
import { TAU } from '../geometry/numbers';
import { expand, spanMm, tooMuch } from './expand';
import { placesOf } from './habit';
import { countOf } from './many';
import { dryHours } from './drying';
import { minutesOf, setUpMinutes } from './minutes';
import type { Part } from './part';
import { gramsOf, pasteOf } from './paste';
import { byInstance, passingAt, stemMm } from './thickness';
import { filler, leafBranch, ringed, unwired } from './testing/trees';
import { cutAs, fractionFor, type Cut } from '../wire/cutting';
import { hookMm, sumOf, wiresOf } from './wires';

const FOOT = { footMm: 60, stockMm: 360 };
const wiresIn = (part: Part, id: string) => wiresOf(expand(part), FOOT).filter((w) => w.partId === id);

describe('places along a carrier', () => {
  test('pairs: one at the tip, then two and two, each pair turned by a quarter, gaps growing to the foot', () => {
    const places = placesOf({ by: 'pairs', gapMm: [12, 22], tip: true, turnRad: Math.PI / 2 }, [13]);
    expect([...new Set(places.map((p) => p.atMm))]).toEqual([0, 12, 26, 42, 60, 80, 102]);
    expect(places.filter((p) => p.node === 0)).toHaveLength(1);
    const [first, second] = places.filter((p) => p.node === 1);
    expect(second!.turnRad - first!.turnRad).toBeCloseTo(Math.PI, 9);
    const [below] = places.filter((p) => p.node === 2);
    expect((below!.turnRad - first!.turnRad + TAU) % Math.PI).toBeCloseTo(Math.PI / 2, 9);
  });

  test.each([1, 5, 12])('loose: no two neighbouring gaps are alike, every third node has an opposite, seed %i', (seed) => {
    const places = placesOf({ by: 'loose', gapMm: 16, uneven: 0.45, oppositeEvery: 3, seed }, [20]);
    const nodes = [...new Set(places.map((p) => p.atMm))];
    const gaps = nodes.slice(1).map((at, i) => at - nodes[i]!);
    gaps.slice(1).forEach((gap, i) => expect(Math.abs(gap - gaps[i]!)).toBeGreaterThanOrEqual(1 - 1e-9));
    expect(places.filter((p) => p.node === 2)).toHaveLength(2);
    expect(placesOf({ by: 'loose', gapMm: 16, uneven: 0.45, oppositeEvery: 3, seed }, [20])).toEqual(places);
  });

  test('rings: even round, each into the gaps of the one before and a step lower', () => {
    const places = placesOf({ by: 'rings', stepMm: 2 }, [5, 5]);
    expect(places.map((p) => p.atMm)).toEqual([...Array(5).fill(0), ...Array(5).fill(2)]);
    expect(places[1]!.turnRad).toBeCloseTo(TAU / 5, 9);
    expect(places[5]!.turnRad - places[0]!.turnRad).toBeCloseTo(TAU / 10, 9);
  });

  test('a dome leans out from its middle to a level rim, as many in the inner half of its area as outside', () => {
    const leans = placesOf({ by: 'dome' }, [40]).map((p) => p.leanRad);
    expect([...leans].sort((a, b) => a - b)).toEqual(leans);
    expect(leans.filter((l) => l <= Math.PI / 3)).toHaveLength(20);
    expect(leans[39]!).toBeLessThan(Math.PI / 2);
  });
});

describe('how many, of which size', () => {
  test('78 florets over 12 clusters: six or seven in each, all of them placed', () => {
    const each = Array.from({ length: 12 }, (_, k) => countOf({ by: 'share', inAll: 78, sizeMm: 12 }, k, 12));
    expect(each.reduce((a, n) => a + n, 0)).toBe(78);
    expect(new Set(each)).toEqual(new Set([6, 7]));
    expect(expand(filler()).filter((i) => i.part.id === 'floret')).toHaveLength(78);
  });

  test('a run grows from the tip; both of a pair are of one size', () => {
    const leaves = expand(leafBranch()).filter((i) => i.part.id === 'leaf');
    expect([leaves[0]!.sizeMm, leaves[12]!.sizeMm]).toEqual([18, 43]);
    leaves.slice(1).forEach((leaf, i) => expect(leaf.sizeMm).toBeGreaterThanOrEqual(leaves[i]!.sizeMm));
    for (const leaf of leaves) expect(new Set(leaves.filter((l) => l.node === leaf.node).map((l) => l.sizeMm)).size).toBe(1);
  });

  test('ids say where a part is; what is too much is told before anything is made', () => {
    const ids = expand(filler()).map((i) => i.id);
    expect(new Set(ids).size).toBe(ids.length);
    expect(ids).toContain('main-1/cluster-12/floret-6');
    expect(tooMuch(leafBranch())).toBeNull();
    expect(tooMuch(leafBranch(301))).toEqual({ of: 'inALine', partId: 'leaf', count: 301 });
    expect(tooMuch(filler(300, 300))).toEqual({ of: 'instances', partId: 'main', count: 601 });
    const deep = (n: number): Part => ({ ...leafBranch(1), id: `d${n}`, parts: n > 1 ? [deep(n - 1)] : [] });
    expect(tooMuch(deep(4))).toBeNull();
    expect(tooMuch(deep(5))).toMatchObject({ of: 'deep' });
    expect(() => expand(leafBranch(301))).toThrow(RangeError);
  });
});

describe('wires', () => {
  test('the hook takes 5 mm when closed at 26 and finer, 8 from 22 (docs/trade.md W7; common practice, no source)', () => {
    expect([30, 26, 24, 22, 18].map((swg) => hookMm(swg, 'closed hook'))).toEqual([5, 5, 6, 8, 8]);
    expect(hookMm(28, 'hook')).toBe(4);
    expect(hookMm(24, 'twisted double')).toBe(12);
    expect(hookMm(20, 'straight')).toBe(0);
  });

  test('a leaf of 43 mm: two thirds of it, 2 of stalk, 25 past its joint, 5 to trim; cut a fifth', () => {
    const leaf = wiresIn(leafBranch(), 'leaf').at(-1)!;
    expect(leaf.needMm).toBeCloseTo((43 * 2) / 3 + 2 + 25 + 5, 9);
    expect(leaf).toMatchObject({ cutMm: 72, shortMm: 0 });
  });

  test('a filler floret of 12 mm on 28: 4 + 3.6 + 27 + 15 + 5, a sixth of a length', () => {
    const [floret] = wiresIn(filler(), 'floret');
    expect(floret!.needMm).toBeCloseTo(54.6, 9);
    expect(floret!.cutMm).toBe(60);
  });

  test('a petal of 58 mm: 38.7 + 25 + 5; no petal runs on below the stem that there is', () => {
    expect(wiresIn(ringed(), 'petal')[0]!.needMm).toBeCloseTo(68.67, 2);
    const short = wiresOf(expand(ringed()), { footMm: 12, stockMm: 360 }).find((w) => w.partId === 'petal')!;
    expect(short.need.runMm).toBe(12);
  });

  test('a carrier: what it spans, its foot, 5 to trim', () => {
    const [branch] = wiresIn(leafBranch(), 'branch');
    expect(branch!.needMm).toBe(102 + 60 + 5);
    // to length, or in half a length as it is usually worked with
    expect(branch!.ways.length).toEqual({ cutMm: 167, parts: null });
    expect(branch).toMatchObject({ cutMm: 180, parts: 2 });
  });

  test('equal parts of a length stay exact; up to a whole millimetre once, at the end; what is left to trim is a wish', () => {
    const cut = (mm: number, usual: Cut, stockMm = 360) => cutAs(mm, stockMm, { cutting: 'fractions', usual }).cutMm;
    expect(cut(50, 6)).toBe(60);
    expect(cut(50, 6, 355)).toBeCloseTo(59.1667, 4);
    expect([cut(60.04, 'to length'), cut(60.06, 'to length')]).toEqual([60, 61]);
    expect([cut(64, 6), cut(72, 6)]).toEqual([60, 72]);
    expect(fractionFor(72, 360)).toBe(5);
    expect(fractionFor(400, 360)).toBeNull();
  });

  test('a wire is as long as what it is long for', () => {
    for (const part of [leafBranch(), filler(), ringed([5, 7])])
      for (const w of wiresOf(expand(part), FOOT)) {
        expect(sumOf(w.need)).toBeCloseTo(w.needMm, 9);
        expect(w.cutMm).toBeGreaterThanOrEqual(w.needMm - 5 - 0.05 - w.shortMm);
      }
  });

  test('on nothing there is no wire, however deep', () => {
    for (const part of [leafBranch(), filler(), ringed()]) expect(wiresOf(expand(unwired(part)), FOOT)).toEqual([]);
  });

  test('a longer branch keeps the sizes and the wires of what it has', () => {
    const cuts = (part: Part) => new Set(wiresIn(part, 'leaf').map((w) => Math.round(w.needMm * 10) / 10));
    const equal = (count: number) => leafBranch(count, 30, 30);
    expect(cuts(equal(25))).toEqual(cuts(equal(7)));
    expect(wiresIn(equal(25), 'branch')[0]!.needMm).toBeGreaterThan(wiresIn(equal(7), 'branch')[0]!.needMm);
  });
});

describe('paste', () => {
  test('a ball of 18 mm is 4.12 g, small petals 0.04 and 0.07 g, by hand', () => {
    const ball = { as: 'ball', kept: 1, material: 'flower paste', colour: 'main' } as const;
    expect(gramsOf(ball, 18)).toBeCloseTo((Math.PI / 6) * 1.8 ** 3 * 1.35, 6);
    const petal = (widthShare: number) =>
      ({ as: 'sheet', outline: 'obovate', widthShare, thicknessMm: 0.6, material: 'flower paste', colour: 'main' }) as const;
    expect(gramsOf(petal(0.5), 13)).toBeCloseTo(0.7 * 1.3 * 0.65 * 0.06 * 0.85 * 1.35, 6);
    expect(gramsOf(petal(0.45), 18)).toBeCloseTo(0.07, 2);
  });

  test('grows with every count; twice the size is four times a sheet and eight times a ball; paper weighs next to nothing', () => {
    const grams = (part: Part) => pasteOf(expand(part)).reduce((a, p) => a + p.grams, 0);
    expect(grams(leafBranch(25))).toBeGreaterThan(grams(leafBranch(13)));
    expect(grams(leafBranch(13, 36, 86))).toBeCloseTo(4 * grams(leafBranch(13)), 6);
    const ball = { as: 'ball', kept: 0.85, material: 'sugar paste', colour: 'c' } as const;
    expect(gramsOf(ball, 20)).toBeCloseTo(8 * gramsOf(ball, 10), 9);
    const leaf = leafBranch().parts[0]!.form!;
    expect(gramsOf({ ...leaf, material: 'wafer paper' }, 40)).toBeLessThan(gramsOf(leaf, 40) / 10);
  });
});

describe('thickness', () => {
  const stem = (part: Part, freeMm: number) => {
    const instances = expand(part);
    return stemMm(instances[0]!, freeMm, byInstance(wiresOf(instances, FOOT)));
  };

  test('nine petals of 26 round an 18: 2.7 to 2.8 mm as far as they run, then the stem alone (own study)', () => {
    expect(stem(ringed(), 20)).toBeGreaterThan(2.65);
    expect(stem(ringed(), 20)).toBeLessThan(2.85);
    expect(stem(ringed(), 30)).toBeCloseTo(1.219 + 0.12 + 0.22, 2);
  });

  test('the neck of a cluster: seven 28 and a 24, 1.9 to 2.0 mm (own study)', () => {
    const instances = expand(filler(7, 1));
    const wires = byInstance(wiresOf(instances, FOOT));
    const cluster = instances.find((i) => i.part.id === 'cluster')!;
    expect(passingAt(cluster, spanMm(cluster) + 1, wires)).toHaveLength(8);
    expect(stemMm({ ...cluster, within: null }, 1, wires)).toBeGreaterThan(1.85);
    expect(stemMm({ ...cluster, within: null }, 1, wires)).toBeLessThan(2.05);
  });

  test('never falls toward the foot where every wire runs through', () => {
    const through: Part = {
      ...leafBranch(),
      parts: leafBranch().parts.map((p) => ({ ...p, on: { ...p.on, run: 'to foot' } as Part['on'] })),
    };
    const instances = expand(through);
    const wires = byInstance(wiresOf(instances, FOOT));
    const counts = Array.from({ length: 16 }, (_, i) => passingAt(instances[0]!, i * 10, wires).length);
    expect([...counts].sort((a, b) => a - b)).toEqual(counts);
    expect(counts.at(-1)).toBe(14);
    expect(stemMm(instances[0]!, 40, wires)).toBeGreaterThanOrEqual(stem(leafBranch(), 40));
  });
});

describe('minutes', () => {
  const usual = (part: Part) => minutesOf(expand(part))[1];

  test('7, 13 and 25 leaves: 12, 22 and 43 minutes (own study; starting values)', () => {
    expect([7, 13, 25].map((n) => Math.round(usual(leafBranch(n))))).toEqual([12, 22, 43]);
  });

  test('a filler of 78 florets in 12 clusters: each made and gathered, each gathering bound, each cluster taped in', () => {
    expect(usual(filler())).toBeCloseTo(78 * (0.65 + 0.1 + 0.12) + 12 * 0.4 + 12 * 0.9, 6);
  });

  test('a quick hand is quicker than usual, first attempts slower, and more parts take longer', () => {
    for (const part of [leafBranch(), filler(), ringed()]) {
      const [quick, middle, first] = minutesOf(expand(part));
      expect(quick).toBeLessThan(middle);
      expect(middle).toBeLessThan(first);
    }
    expect(usual(leafBranch(14))).toBeGreaterThan(usual(leafBranch(13)));
    expect(usual({ ...leafBranch(), id: 'another' })).toBe(usual(leafBranch()));
  });

  test('the board is laid out once a batch of what is done, over all pieces that share it; dusting needs none', () => {
    const of = (part: Part, times: number) => ({ instances: expand(part), times });
    expect(setUpMinutes([of(leafBranch(), 1)])[1]).toBe(4);
    expect(setUpMinutes([of(leafBranch(), 1), of(leafBranch(7), 1)])[1]).toBe(4);
    expect(setUpMinutes([of(leafBranch(), 1), of(leafBranch(8), 1)])[1]).toBe(8);
    expect(setUpMinutes([of(filler(), 1)])[1]).toBe(16);
  });
});

describe('drying', () => {
  const ball = { as: 'ball', kept: 1, material: 'flower paste', colour: 'main' } as const;
  const petal = (thicknessMm: number) =>
    ({ as: 'sheet', outline: 'obovate', widthShare: 0.7, thicknessMm, material: 'flower paste', colour: 'main' }) as const;

  test('overnight up to 1.2 mm, 8 h under half a millimetre, at most twice as long (common practice, no source)', () => {
    const hours = (mm: number) => dryHours({ kind: 'petal', form: petal(mm) }, 40);
    expect([0.4, 0.6, 1.2].map(hours)).toEqual([8, 12, 12]);
    expect(hours(1.8)).toBeCloseTo(12 * 1.5 ** 1.5, 6);
    expect(hours(9)).toBe(24);
  });

  test('a ball in proportion to its size; a cone that petals go on never under 8 h (docs/trade.md D1)', () => {
    expect(dryHours({ kind: 'cone', form: ball }, 18)).toBe(12);
    expect(dryHours({ kind: 'cone', form: ball }, 9)).toBe(8);
    expect(dryHours({ kind: 'berry', form: ball }, 9)).toBe(6);
    expect(dryHours({ kind: 'centre', form: { ...ball, as: 'balls', count: 30, ballMm: 3 } }, 20)).toBe(2);
  });

  test('other materials have their own practice', () => {
    expect(dryHours({ kind: 'petal', form: { ...petal(0.6), material: 'sugar paste' } }, 40)).toBe(18);
    expect(dryHours({ kind: 'leaf', form: { ...petal(0.3), material: 'wafer paper' } }, 40)).toBeLessThan(0.02);
  });
});

test('two hundred random trees: every part once, in its parent, and all numbers finite', () => {
  const random = seededRandom(22);
  const count = (most: number) => 1 + Math.floor(random() * most);
  for (let i = 0; i < 200; i++) {
    const pick = random();
    const part =
      pick < 0.3
        ? leafBranch(count(60))
        : pick < 0.6
          ? filler(count(200), count(20))
          : ringed(Array.from({ length: count(5) }, () => count(14)));
    const instances = expand(part);
    const wires = wiresOf(instances, FOOT);
    expect(new Set(instances.map((at) => at.id)).size).toBe(instances.length);
    for (const at of instances) if (at.within) expect(at.within.carries).toContain(at);
    for (const w of wires) expect(Number.isFinite(w.needMm) && w.needMm > 0).toBe(true);
    const free = [5, 20, 40].map((mm) => stemMm(instances[0]!, mm, byInstance(wires)));
    free.slice(1).forEach((mm, k) => expect(mm).toBeLessThanOrEqual(free[k]! + 0.12));
  }
});
