import { largestOf } from '../botany/built';
import { SPECIES, SHIPPED, speciesById } from '../botany/catalogue';
import { makeUpSteps, ringsOf } from './makeUp';
import { ENGLISH } from '../words/english';

const steps = (species: string, finish: 'everyday' | 'showpiece' = 'everyday', stage = 'open') =>
  makeUpSteps({ species, stage, sizeMm: speciesById(species, SHIPPED).sizesMm[0]! }, [], { finish, catalogue: SHIPPED });

describe('petals ring by ring (docs/trade.md T10: e.g. 3, then 3, then 3; common practice, no source)', () => {
  const ringsIn = (id: string) => ringsOf(largestOf(speciesById(id, SHIPPED), 'open').instances);

  test.each([
    ['magnolia', 3, 3, 3],
    ['anemone', 5, 5, 0],
    ['poppy', 2, 2, 0],
    ['hellebore', 5, 0, 0],
  ] as const)('%s, rings of %i, %i, %i: evenly round, each begins in the middle of a gap, 2 mm lower', (id, ...counts) => {
    const rings = ringsIn(id);
    expect(rings.map((r) => r.turnsDeg.length)).toEqual((counts as readonly number[]).filter((n) => n > 0));
    rings.forEach((ring, k) => {
      const sorted = [...ring.turnsDeg].sort((a, b) => a - b);
      const gaps = sorted.map((t, i) => ((sorted[i + 1] ?? sorted[0]! + 360) - t + 360) % 360 || 360);
      for (const gap of gaps) expect(gap).toBeCloseTo(360 / ring.turnsDeg.length, 9);
      expect(ring.belowMm).toBe(2 * k);
      if (k === 0) return;
      const before = rings[k - 1]!.turnsDeg;
      const off = Math.min(...before.map((t) => Math.abs(((ring.turnsDeg[0]! - t + 540) % 360) - 180)));
      expect(off).toBeCloseTo(180 / before.length, 9);
    });
  });

  test('three and three and three stand at 0°, 60°, 0° (own study)', () => {
    expect(ringsIn('magnolia').map((r) => Math.min(...r.turnsDeg.map((t) => Math.round(t) % 120)))).toEqual([0, 60, 0]);
  });

  test('a large fleshy flower: every ring a step, the new one last, its stamens first where it has them', () => {
    const magnolia = steps('magnolia');
    expect(magnolia.map((s) => s.rings.length)).toEqual([1, 2, 3]);
    expect(magnolia.flatMap((s) => s.rings.at(-1)!.turnsDeg)).toHaveLength(9);
    const anemone = steps('anemone');
    expect(ENGLISH.say(anemone[0]!.title)).toMatch(/34 stamens/);
    expect(anemone[1]!.rings).toHaveLength(1);
  });
});

test('the finest stems are painted for everyday work and taped for a showpiece (docs/trade.md T3; common practice, no source)', () => {
  expect(steps('froth')[0]!.title).toEqual({ code: 'do.paint-fine', values: { part: 'floret' } });
  expect(steps('froth', 'showpiece')[0]!.title).toEqual({ code: 'do.tape-fine', values: { part: 'floret' } });
  expect(steps('olive').some((s) => s.title.code === 'do.paint-fine')).toBe(false);
});

test('a domed cluster: its base first, then florets while it is soft (docs/trade.md T13; common practice, no source)', () => {
  const [base, florets] = steps('mophead');
  expect(ENGLISH.figure(base!.figures[0]!).figure).toBe('5–10 min');
  expect(ENGLISH.say(florets!.title)).toMatch(/Push in 12 buds, from the middle outward/);
});

test.each(SPECIES.map((s) => [s.id] as const))('%s: whatever has wired parts has steps, and says how and why', (id) => {
  const species = SPECIES.find((s) => s.id === id)!;
  for (const { id: stage } of species.stages) {
    const own = steps(id, 'showpiece', stage);
    const { root, instances } = largestOf(species, stage);
    const glued = root.part.kind === 'branch' && instances.some((i) => i.part.join === 'glued');
    expect(own.length > 0).toBe(glued || instances.some((i) => i.within && i.part.on.by !== 'nothing'));
    for (const s of own) {
      for (const said of [...s.how, ...s.why]) expect(ENGLISH.say(said)).toMatch(/^[A-Z].{12,}[.]$/);
      expect(Math.min(s.how.length, s.why.length)).toBeGreaterThan(0);
      expect(`${ENGLISH.say(s.title)} ${s.figures.map((f) => ENGLISH.say(f)).join(' ')}`).not.toMatch(/NaN|undefined|Infinity/);
    }
  }
});

test.each(SPECIES.filter((s) => s.habit === 'sprig').map((s) => [s.id] as const))(
  '%s: each step says what is there and what comes; nothing comes twice, and all is there in the end',
  (id) => {
    const species = SPECIES.find((s) => s.id === id)!;
    const { root, instances } = largestOf(species, species.stages.at(-1)!.id);
    if (root.part.kind !== 'branch') return;
    const onStem = (ids: readonly string[]) => ids.filter((i) => i.split('/').length === 2);
    const seen = steps(id, 'everyday', species.stages.at(-1)!.id).flatMap((s) => s.seen ?? []);
    const came: string[] = [];
    for (const { have, add, apart } of seen) {
      // arms are made apart before they are joined
      if (apart) continue;
      for (const one of onStem(have)) expect(came).toContain(one);
      const glued = onStem(add).filter((one) => came.includes(one));
      expect(glued).toEqual([]);
      came.push(...onStem(add));
    }
    const all = instances.filter((i) => i.within === root).map((i) => i.id);
    expect([...new Set(came)].sort()).toEqual([...all].sort());
  },
);

test('a spray in the hand: one begins, buds, half-open and open florets go in line by line, and it is taped once (docs/trade.md W6; common practice, no source)', () => {
  const seen = steps('spike').map((s) => ENGLISH.say(s.title));
  const { instances } = largestOf(speciesById('spike', SHIPPED), 'open');
  const count = (id: string) => instances.filter((i) => i.part.id === id).length;
  expect(seen.slice(-5)).toEqual([
    'Begin with 1 bud: its stem carries the rest',
    `Slot in ${count('bud') - 1} buds`,
    `Slot in ${count('opening')} half-open florets`,
    `Slot in ${count('open')} open florets`,
    'Tape it once, from the first down to the foot',
  ]);
  expect(steps('spike').flatMap((s) => s.how.map((h) => h.code))).not.toContain('how.bend-stalk');
});
