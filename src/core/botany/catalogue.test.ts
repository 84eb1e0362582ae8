import { ENGLISH } from '../words/english';
import { gaugeToMm } from '../wire/gauge';
import { bodyOf, findSpecies, kindKey, kindMesh, SPECIES, speciesById, type Kind, SHIPPED, methodById } from './catalogue';
import { wiredLines } from '../piece/named';
import { builtOf, largestOf } from './built';
import { floorSwgOf, hookOf } from './ownSpecies';
import { METHODS } from './methods';
import { meshArea } from './shape/mesh';
import { roleAt, ROLES, stageOf } from './species';

const kindOf = (id: string, stage?: string): Kind => {
  const s = speciesById(id, SHIPPED);
  return {
    species: id,
    stage: stage ?? s.stages[s.stages.length - 1]!.id,
    sizeMm: s.sizesMm[0]!,
    colourway: s.colourways[0]!.id,
  };
};

describe('the catalogue', () => {
  test('at least fourteen species over all roles, ids used once', () => {
    expect(SPECIES.length).toBeGreaterThanOrEqual(14);
    expect(new Set(SPECIES.map((s) => s.id)).size).toBe(SPECIES.length);
    const roles = new Set(SPECIES.flatMap((s) => s.stages.map((stage) => roleAt(s, stage.id))));
    expect([...roles].sort()).toEqual([...ROLES].sort());
  });

  test.each(SPECIES.map((s) => [s.id, s] as const))('%s is whole', (_id, s) => {
    expect(METHODS[s.method]).toBe(methodById(s.method, SHIPPED));
    expect(s.sizesMm.length).toBeGreaterThanOrEqual(2);
    expect([...s.sizesMm].sort((a, b) => b - a)).toEqual([...s.sizesMm]);
    expect(s.colourways.length).toBeGreaterThan(0);
    for (const way of s.colourways) expect(way.hue).toMatch(/^#[0-9a-f]{6}$/);
    expect(gaugeToMm('SWG', floorSwgOf(s))).toBeGreaterThan(0);
    expect(s.breakageShare).toBeGreaterThan(0);
    expect(s.monthsNorth.every((m) => m >= 1 && m <= 12)).toBe(true);
    expect(stageOf(s, 'no such stage')).toBe(s.stages[s.stages.length - 1]);
  });

  test('what is not there is null, or an exception with a sentence', () => {
    expect(findSpecies('triffid', SHIPPED)).toBeNull();
    expect(() => speciesById('triffid', SHIPPED)).toThrow(/No species is called/);
    expect(() => methodById('witchcraft', SHIPPED)).toThrow(/No method is called/);
  });

  test('the key of a kind is the same for all that look and weigh the same', () => {
    expect(kindKey(kindOf('rose'), SHIPPED)).toBe('rose|open|68|blush');
  });
});

describe('practice values (docs/trade.md; common practice, no source)', () => {
  test.each([
    ['dahlia', 20, 'W5: large many-petalled focal flower on 20 ga'],
    ['peony', 18, 'W5: very large, fleshy-petalled one on 18 ga'],
    ['rosehip', 22, 'W4: berries’ main stem 22 ga'],
    ['blossom', 28, 'W3: tiny filler flower 28 ga'],
    ['spike', 24, 'W3: four-petal floret for a spike 24 ga; W6: the first stem carries the next'],
  ])('%s: %i SWG (%s)', (id, swg) => {
    expect(floorSwgOf(speciesById(id, SHIPPED))).toBe(swg);
  });

  const gaugesOf = (id: string): Map<string, number> =>
    new Map(wiredLines(largestOf(speciesById(id, SHIPPED), 'open').instances).map((l) => [l.part, l.swg]));

  test('W5: separate petals of the fleshy flower on 26 ga white', () => {
    expect(gaugesOf('peony').get('petal')).toBe(26);
    expect(speciesById('peony', SHIPPED).white).toBe(true);
  });

  test('W6: floret 28 ga, cluster 24 ga, main stem 22 ga; each level at least as thick as the one it carries', () => {
    expect([...gaugesOf('froth')]).toEqual([
      ['twig', 24],
      ['floret', 28],
    ]);
    expect(floorSwgOf(speciesById('froth', SHIPPED))).toBe(22);
    for (const s of SPECIES)
      for (const stage of s.stages)
        for (const { part, within } of largestOf(s, stage.id).instances)
          if (part.on.by === 'wire' && within?.part.on.by === 'wire') expect(within.part.on.swg).toBeLessThanOrEqual(part.on.swg);
  });

  test('W6: carrier of a leaf branch with arms 20 ga', () => expect(floorSwgOf(speciesById('vine', SHIPPED))).toBe(20));

  test('W7: a hook takes 4 mm of the finest wire, 5 to 8 of thicker', () => {
    // a wire twisted double takes more
    for (const s of SPECIES) if (hookOf(s) > 0 && s.id !== 'pompon') expect(hookOf(s) >= 4 && hookOf(s) <= 8).toBe(true);
  });

  test('P2: wired petals and leaves 1.6 mm and less', () => {
    for (const s of SPECIES) if (!METHODS[s.method]!.unwired) expect(s.pasteMm).toBeLessThanOrEqual(1.6);
  });

  test.each([
    ['pulled', 'M1', /snip/i],
    ['layered', 'M2', /ring by ring/i],
    ['wired petals', 'M3', /each petal/i],
    ['berry', 'M4', /glaze again/i],
    ['wired leaf', 'M5', /two thirds up/i],
    ['one piece', 'M6', /centre pressed/i],
    ['domed cluster', 'M7', /5–10 min/],
    ['paper leaf', 'M8', /gaps all different/i],
    ['rolled rosette', 'M9', /roll, pinch/i],
    ['cupped flower', 'M10', /overlapped in a powdered cup/i],
    ['snipped pompon', 'M11', /45°, row after row from base to tip/i],
    ['scrunched', 'M12', /gather/i],
    ['hand-wrapped', 'M13', /24–48 h|one over another/i],
    ['two-faced leaf', 'M14', /two colours together/i],
  ])('%s is the sequence of %s, with tools, the order of dusting and what to look for', (id, _fact, words) => {
    const method = methodById(id, SHIPPED);
    expect(method.steps.map((s) => ENGLISH.step({ method: id, step: s.id }).name).join('; ')).toMatch(words);
    const { tools, dusting, checks } = ENGLISH.craft(id);
    for (const lines of [tools, dusting, checks]) expect(lines.length).toBeGreaterThan(0);
  });

  test('P8 and the faults that one sees are among the checks: a floret off centre, wire showing, a chipped edge', () => {
    const all = Object.values(METHODS).flatMap((m) => ENGLISH.craft(m.id).checks);
    for (const fault of [/off centre/, /no wire shows/i, /no chips in the edge/])
      expect(all.some((c) => fault.test(c))).toBe(true);
  });

  test('D1, D2: centres dry 8 h at least, petals and leaves overnight', () => {
    for (const m of Object.values(METHODS)) {
      for (const step of m.steps) {
        if (step.id === 'centre') expect(step.dryHours).toBeGreaterThanOrEqual(8);
        if (step.id === 'petals' || step.id === 'leaves') expect(step.dryHours).toBeGreaterThanOrEqual(10);
      }
    }
  });

  test('P6: batches of about twenty small pieces at most', () => {
    for (const m of Object.values(METHODS)) expect(m.batch).toBeLessThanOrEqual(20);
  });
});

describe('bodies are true to size', () => {
  test.each(SPECIES.filter((s) => s.habit === 'head').map((s) => [s.id] as const))('%s is as wide as it says when open', (id) => {
    const kind = kindOf(id);
    const mesh = kindMesh(kind, 'far', SHIPPED);
    const radii = Array.from({ length: mesh.positions.length / 3 }, (_, i) =>
      Math.hypot(mesh.positions[i * 3]!, mesh.positions[i * 3 + 1]!),
    ).sort((a, b) => a - b);
    const wide = radii[Math.floor(radii.length * 0.96)]! * 2;
    expect(Math.abs(wide / kind.sizeMm - 1)).toBeLessThan(0.06);
    expect(bodyOf(kind, SHIPPED).radialMm * 2).toBeCloseTo(kind.sizeMm, 6);
  });

  test.each(SPECIES.filter((s) => s.habit === 'head' && s.stages.some((x) => x.id === 'half')).map((s) => [s.id] as const))(
    '%s half open: fewer petals or smaller ones, so no heavier than open, and narrower',
    (id) => {
      const of = (stage: string) => bodyOf({ species: id, stage, sizeMm: 40, colourway: 'x' }, SHIPPED);
      const [half, open] = [of('half'), of('open')];
      expect(half.massGrams).toBeLessThan(open.massGrams);
      expect(half.radialMm).toBeLessThan(open.radialMm * 1.02);
    },
  );

  test.each(SPECIES.filter((s) => s.habit === 'sprig').map((s) => [s.id] as const))('%s is as long as it says', (id) => {
    const kind = kindOf(id);
    const mesh = kindMesh(kind, 'near', SHIPPED);
    let high = 0;
    for (let i = 2; i < mesh.positions.length; i += 3) high = Math.max(high, mesh.positions[i]!);
    expect(Math.abs(high / kind.sizeMm - 1)).toBeLessThan(0.12);
  });

  test.each(SPECIES.map((s) => [s.id] as const))('%s: every stage has triangles without NaN, fewer when coarse', (id) => {
    for (const stage of speciesById(id, SHIPPED).stages) {
      const near = kindMesh(kindOf(id, stage.id), 'near', SHIPPED);
      const far = kindMesh(kindOf(id, stage.id), 'far', SHIPPED);
      expect(near.positions.every(Number.isFinite)).toBe(true);
      expect(near.normals.every(Number.isFinite)).toBe(true);
      expect(near.colours.every((c) => c >= 0 && c <= 1.2)).toBe(true);
      expect(Math.max(...near.indices)).toBeLessThan(near.positions.length / 3);
      expect(far.indices.length).toBeLessThan(near.indices.length);
      expect(meshArea(far)).toBeGreaterThan(0);
    }
  });

  test('the mass of a head grows with its size, between square and cube', () => {
    for (const id of ['dahlia', 'rose', 'peony', 'cosmos']) {
      const small = bodyOf({ ...kindOf(id), sizeMm: 40 }, SHIPPED).pasteGrams;
      const large = bodyOf({ ...kindOf(id), sizeMm: 80 }, SHIPPED).pasteGrams;
      expect(large / small).toBeGreaterThan(3.9);
      expect(large / small).toBeLessThan(8.1);
    }
  });

  test('mass is that of the paste and of the wires in the parts', () => {
    const rose = bodyOf(kindOf('rose'), SHIPPED);
    expect(rose.massGrams).toBe(rose.pasteGrams);
    expect(rose.massGrams).toBeGreaterThan(10);
    expect(rose.massGrams).toBeLessThan(40);
    const anemone = bodyOf(kindOf('anemone'), SHIPPED);
    expect(anemone.massGrams - anemone.pasteGrams).toBeGreaterThan(0.5);
  });

  test('a bud weighs less than a half-open flower, and that less than an open one', () => {
    for (const s of SPECIES.filter((x) => x.habit === 'head' && x.stages.some((stage) => stage.id === 'half'))) {
      const grams = s.stages.map((stage) => bodyOf(kindOf(s.id, stage.id), SHIPPED).pasteGrams);
      expect([s.id, ...grams]).toEqual([s.id, ...[...grams].sort((a, b) => a - b)]);
    }
  });

  test('a smaller branch has fewer leaves, not leaves as much smaller', () => {
    const [large, small] = [86, 56].map((mm) => builtOf(speciesById('roundleaf', SHIPPED), 'grown', mm).instances);
    expect(small!.length).toBeLessThan(large!.length);
    expect(Math.max(...small!.map((i) => i.sizeMm))).toBeGreaterThan(0.7 * Math.max(...large!.map((i) => i.sizeMm)));
  });

  test('a bud is smaller and lighter than the open flower, and plays a bud’s part', () => {
    expect(bodyOf(kindOf('cosmos', 'bud'), SHIPPED).radialMm).toBeLessThan(bodyOf(kindOf('cosmos'), SHIPPED).radialMm * 0.6);
    expect(bodyOf(kindOf('cosmos', 'bud'), SHIPPED).role).toBe('bud');
  });
});
