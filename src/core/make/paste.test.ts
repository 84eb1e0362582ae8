import { speciesById, SHIPPED, catalogueWith } from '../botany/catalogue';
import { colourDifference } from '../compose/colourDifference';
import type { Arrangement } from '../compose/arrangement';
import { defaultLine, newArrangement } from '../plan/newProject';
import { cakeOf } from '../testing/samples';
import { basesOf, PASTE_STEP_GRAMS, pasteByColour, SMALL } from './paste';
import { minutesForOne, stepMinutesFor } from './kindWork';
import { trayOf } from './tray';

const CAKE = cakeOf([200, 110]);
const arranged = (
  kinds: readonly [species: string, stage: string, sizeMm: number, count: number, colourway?: string][],
): Arrangement => ({
  ...newArrangement('a1', defaultLine('crescent', CAKE)),
  pieces: kinds.flatMap(([species, stage, sizeMm, count, colourway = ''], k) =>
    Array.from({ length: count }, (_, i) => ({
      id: `p${k}-${i}`,
      species,
      stage,
      sizeMm,
      colourway,
      s: 0.5,
      side: 0,
      lift: 0,
      tiltRad: 0,
      headingRad: 0,
      rollRad: 0,
      pinned: false,
    })),
  ),
});

describe('petals deeper at the centre, paler outwards (docs/trade.md P5; common practice, no source)', () => {
  const [ball] = pasteByColour(trayOf([arranged([['dahlia', 'open', 78, 9, 'fig']])]), SHIPPED);

  test('a layered flower in three balls that are weighed by themselves and make up the whole', () => {
    expect(ball!.tones.map((t) => t.name)).toEqual(['centre', 'middle', 'edge']);
    expect(ball!.grams).toBe(ball!.tones.reduce((a, t) => a + t.grams, 0));
    for (const t of ball!.tones) expect(t.grams % (t.grams < SMALL.underGrams ? SMALL.stepGrams : PASTE_STEP_GRAMS)).toBe(0);
    // outer petals are larger, and there are as many
    expect(ball!.tones[2]!.grams).toBeGreaterThan(ball!.tones[0]!.grams);
  });

  test('the centre is darker than the ball’s own colour, the edge lighter; both still the same colour to a person', () => {
    const dark = (hex: string) => colourDifference(hex, '#000000');
    const [centre, middle, edge] = ball!.tones;
    expect(dark(centre!.colour)).toBeLessThan(dark(middle!.colour));
    expect(dark(edge!.colour)).toBeGreaterThan(dark(middle!.colour));
    expect(middle!.colour.toLowerCase()).toBe(ball!.colour.toLowerCase());
    expect(colourDifference(centre!.colour, edge!.colour)).toBeLessThan(30);
  });

  test('a ring of petals, a little paste, or leaves are kneaded in one value', () => {
    for (const kinds of [
      [['cosmos', 'open', 36, 40]],
      [['minirose', 'open', speciesById('minirose', SHIPPED).sizesMm.at(-1)!, 1]],
      [['olive', 'grown', speciesById('olive', SHIPPED).sizesMm[0]!, 30]],
    ] as const)
      for (const b of pasteByColour(trayOf([arranged(kinds.map((k) => [...k]))]), SHIPPED)) expect(b.tones).toEqual([]);
  });
});

describe('one base for a family of leaves', () => {
  const stage = (id: string) => speciesById(id, SHIPPED).stages.at(-1)!.id;
  const leaves = ['olive', 'roseleaf', 'laurel', 'willow'].map((id): [string, string, number, number] => [
    id,
    stage(id),
    speciesById(id, SHIPPED).sizesMm[0]!,
    6,
  ]);
  const balls = pasteByColour(trayOf([arranged([...leaves, ['rose', 'open', 58, 3]])]), SHIPPED);
  const bases = basesOf(balls);

  test('the base is as much as all its balls, its colour the palest of them, and no flower is in it', () => {
    expect(bases.length).toBeGreaterThan(0);
    const dark = (hex: string) => colourDifference(hex, '#000000');
    for (const base of bases) {
      const own = balls.filter((b) => base.balls.includes(b.colour));
      expect(own.length).toBeGreaterThan(1);
      expect(base.grams).toBe(own.reduce((a, b) => a + b.grams, 0));
      expect(Math.max(...own.map((b) => dark(b.colour)))).toBeCloseTo(dark(base.colour), 9);
      for (const b of own) expect(b.kinds).not.toContain('Garden rose');
    }
  });

  test('a leaf alone has none', () => {
    expect(basesOf(pasteByColour(trayOf([arranged([leaves[0]!])]), SHIPPED))).toEqual([]);
  });
});

test('all from the tin: no paste', () => {
  const one = arranged([['rose', 'open', 58, 1]]);
  const row = {
    id: 't',
    species: 'rose',
    stage: 'open',
    sizeMm: 58,
    colourway: '',
    count: 1,
    where: '',
    madeOn: '',
    state: 'good' as const,
  };
  expect(pasteByColour(trayOf([one], { taken: [row] }), SHIPPED)).toEqual([]);
});

describe('pace and another way of making', () => {
  const one = arranged([['cosmos', 'open', 36, 10]]);
  const entry = (made: number, minutes: number) => ({
    id: 'e',
    at: '2027-06-01T19:00',
    kind: 'cosmos|open|',
    made,
    broken: 0,
    minutes,
  });

  test('no log, the starting value; twice as long each time draws toward twice, the more entries the nearer', () => {
    const starting = trayOf([one])[0]!;
    expect(starting.pace).toMatchObject({ share: 1, entries: 0, from: 'starting value' });
    // cut 1.8, centre 0.35, glued on 0.4, dusted 1.3, steamed 0.3; boards of 20 laid out in 4 minutes, steaming in 3 for 16
    const each = 1.8 + 0.35 + 0.4 + 1.3 + 0.3 + 2 * (4 / 20) + 3 / 16;
    const paceOf = (n: number) =>
      trayOf([one], { log: Array.from({ length: n }, (_, i) => ({ ...entry(4, 8 * each), id: `e${i}` })) })[0]!.pace;
    expect(paceOf(2).share).toBeCloseTo(2 ** (2 / 4), 9);
    expect(paceOf(18).share).toBeCloseTo(2 ** (18 / 20), 9);
    expect(paceOf(18).entries).toBe(18);
  });

  test('a pace learnt at one work serves every kind that has it, and no other', () => {
    const job = arranged([
      ['jasmine', 'open', 24, 8],
      ['blossom', 'open', 24, 8],
      ['laurel', 'grown', 84, 3],
    ]);
    const of = (log: ReturnType<typeof entry>[]) => new Map(trayOf([job], { log }).map((k) => [k.species, k]));
    const starting = minutesForOne(of([]).get('jasmine')!.steps);
    // two of the pulled florets took twice as long: too few to tell of the person over all, enough to tell of the work
    const log = [1, 2].map((i) => ({ ...entry(4, 8 * starting), kind: 'jasmine|open|', id: `e${i}` }));
    const kinds = of(log);
    expect(kinds.get('jasmine')!.pace).toMatchObject({ from: 'this kind' });
    expect(kinds.get('blossom')!.pace).toMatchObject({ from: 'same work' });
    expect(kinds.get('blossom')!.pace.share).toBeGreaterThan(1.1);
    expect(kinds.get('blossom')!.pace.share).toBeLessThanOrEqual(kinds.get('jasmine')!.pace.share);
    expect(kinds.get('laurel')!.pace).toMatchObject({ from: 'starting value', share: 1 });
  });

  test('the same work on several kinds shares its boards: twelve kinds of eight take what one of 96 takes', () => {
    const leaves = (kinds: readonly (readonly [species: string, colourway: string])[], each: number) =>
      trayOf([arranged(kinds.map(([species, colourway]) => [species, 'flat', 30, each, colourway]))], {
        rule: { surviveShare: 0.5, least: 0 },
      });
    const species = ['looseleaf', 'looseoak', 'loosemaple'];
    const many = leaves(species.flatMap((s) => ['leaf', 'straw', 'russet', 'gold'].map((c) => [s, c] as const)), 8); // prettier-ignore
    expect(many).toHaveLength(12);
    const minutes = (tray: typeof many) =>
      tray.reduce(
        (a, k) =>
          a +
          stepMinutesFor(
            k.steps.find((s) => s.step.id === 'leaves')!,
            k.toMake,
          ),
        0,
      );
    const made = many.reduce((a, k) => a + k.toMake, 0);
    // cut and veined 0.4 each, boards of forty in 4 minutes (starting values of the own study)
    expect(minutes(many)).toBeCloseTo(0.4 * made + 4 * Math.ceil(made / 40), 6);
  });

  test('a slip of the timer is no pace, minutes that were not taken are none', () => {
    expect(
      trayOf([one], { log: Array.from({ length: 30 }, (_, i) => ({ ...entry(1, 5000), id: `e${i}` })) })[0]!.pace.share,
    ).toBe(4);
    expect(trayOf([one], { log: [{ ...entry(3, 0), minutes: null }] })[0]!.pace).toMatchObject({ share: 1, entries: 0 });
  });

  test('a showpiece’s minutes are measured against a showpiece’s', () => {
    const log = [entry(4, 40)];
    const plain = trayOf([one], { log })[0]!.pace.share;
    expect(trayOf([one], { log, care: 1.5 })[0]!.pace.share).toBeCloseTo(plain * 1.5 ** (-1 / 3), 9);
  });

  test('made another way: its method, its loss', () => {
    const way = trayOf([one], {
      catalogue: catalogueWith({ ...SHIPPED.own, madeBy: [{ species: 'cosmos', method: 'cupped flower' }] }),
    })[0]!;
    expect(way.method).toBe('cupped flower');
    expect(trayOf([one])[0]!.method).toBe('one piece');
  });
});

describe('paste by what it is for', () => {
  const of = (...kinds: [species: string, stage: string, sizeMm: number, count: number, colourway?: string][]) =>
    pasteByColour(trayOf([arranged(kinds)]), SHIPPED);
  const named = (balls: ReturnType<typeof of>, code: string) => balls.filter((b) => b.name.code === code);

  test('a calyx is green, whatever the flower: one ball for the calyces of all', () => {
    const balls = of(['rose', 'open', 68, 5], ['ranunculus', 'open', 48, 5]);
    const [green] = named(balls, 'paste.green');
    expect(green!.kinds.map((k) => 'species' in k.values && k.values.species).sort()).toEqual(['ranunculus', 'rose']);
    // five stars of 34 mm and five of 18, rolled 0.8 mm: a third of D² · 0.8 · 0.85 at 1.35 g/cm³, by hand
    const byHand = (5 * 0.33 * (34 ** 2 + 18 ** 2) * 0.8 * 0.85 * 1.35) / 1000;
    expect(green!.netGrams / byHand).toBeGreaterThan(0.99);
    // spares are in it
    expect(green!.netGrams / byHand).toBeLessThan(2);
  });

  test('a dark heart is weighed in its own colour, not in that of the petals', () => {
    const balls = of(['anemone', 'open', 54, 7, 'white']);
    const [heart] = named(balls, 'paste.second');
    expect(heart!.colour).toBe('#2a2436');
    expect(heart!.balls).toEqual([{ count: expect.any(Number) as number, ballMm: 9 }]);
    expect(heart!.balls[0]!.count).toBeGreaterThanOrEqual(7);
    // balls of 9 mm: π/6 · 9³ · 1.35 / 1000 = 0.515 g each
    expect(heart!.netGrams / heart!.balls[0]!.count).toBeCloseTo(0.515, 1);
  });

  test('leaves among berries are green, unripe and ripe berries are of their own', () => {
    expect(
      of(['hypericum', 'ripe', 42, 5])
        .map((b) => b.name.code)
        .sort(),
    ).toEqual(['paste.colour', 'paste.green']);
    expect(named(of(['hypericum', 'green', 42, 5]), 'paste.green')).toHaveLength(1);
  });

  test('paper is no paste', () => {
    expect(of(['paperbranch', 'grown', 110, 3]).reduce((a, b) => a + b.netGrams, 0)).toBe(0);
  });

  test('less than 20 g is weighed to half a gram and told in balls, more in steps of 5 g', () => {
    for (const b of of(['blossom', 'open', 24, 9], ['dahlia', 'open', 78, 9])) {
      if (b.tones.length > 0) continue;
      expect(b.grams % (b.grams < 20 ? 0.5 : 5)).toBe(0);
      expect(b.balls.length > 0).toBe(b.grams < 20);
    }
  });
});
