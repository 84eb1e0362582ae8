import { kindMesh } from '../botany/catalogue';
import { modelOf, pieceMap } from '../compose/modelled';
import type { PlacedPiece } from '../compose/placement';
import { applyPoint } from '../geometry/affine';
import { SHIPPED } from '../botany/catalogue';
import { cakeSolid } from '../cake/solid';
import { cakeOf, CHOICES, pieceOf } from '../testing/samples';
import type { Piece } from '../compose/arrangement';
import { composeAll } from '../compose/composer';
import { buildScene } from '../compose/scene';
import { defaultLine, newArrangement } from '../plan/newProject';
import type { Vec3 } from '../geometry/vec3';
import { BARRIERS, barrierById, barriersWith, fitsBore, springBendRad } from './barrier';
import { gatherBunches } from './bunch';
import { contactWarnings, type ContactInput } from './contact';
import { CRUMB_KPA, holdDepthMm } from './holding';
import { RIM_PROUD_MM, seatAll, type SeatRequest } from './seating';
import { wallBetweenMm } from './walls';

describe('barriers (sizes from memory)', () => {
  test.each([
    ['stirring-straw', 2.6, 3, 130],
    ['cocktail-straw', 3.6, 4, 150],
    ['drinking-straw', 5.5, 6, 200],
    ['wide-straw', 7.5, 8, 220],
    ['pick-small', 5.5, 7.5, 55],
    ['pick-medium', 8.5, 11, 80],
    ['pick-large', 12.5, 15.5, 115],
  ])('%s: bore %f, outside %f, stock %f mm', (id, bore, outside, stock) => {
    const b = barrierById(id, BARRIERS)!;
    expect([b.boreMm, b.outsideMm(2), b.stockMm]).toEqual([bore, outside, stock]);
  });

  test('dips take the stem’s own shape: 1.4 and 1.6 mm more', () => {
    expect(barrierById('wax', BARRIERS)!.outsideMm(2)).toBeCloseTo(3.4, 9);
    expect(barrierById('compound-coat', BARRIERS)!.outsideMm(2)).toBeCloseTo(3.6, 9);
    expect(barrierById('compound-coat', BARRIERS)!.allergens).toContain('milk');
  });

  test('a stem slides in with half a millimetre to spare; NaN never fits', () => {
    const cocktail = barrierById('cocktail-straw', BARRIERS)!;
    expect(fitsBore(cocktail, 3.1)).toBe(true);
    expect(fitsBore(cocktail, 3.2)).toBe(false);
    for (const b of BARRIERS) expect(fitsBore(b, NaN)).toBe(false);
  });

  test('every barrier says how it is done and what to mind', () => {
    for (const b of BARRIERS) {
      expect(b.stepCount).toBeGreaterThan(1);
      expect(b.minutes).toBeGreaterThan(0);
    }
    expect(new Set(BARRIERS.map((b) => b.id)).size).toBe(BARRIERS.length);
    expect(barrierById('nothing', BARRIERS)).toBeNull();
  });

  test('the sprung bend: 2 mm of slack over 30 mm is 15°, 4 mm 31°, none none (own study)', () => {
    const deg = (rad: number) => (rad * 180) / Math.PI;
    expect(deg(springBendRad(3, 1))).toBeCloseTo(15.3, 1);
    expect(deg(springBendRad(5, 1))).toBeCloseTo(30.9, 1);
    expect(springBendRad(2, 2.4)).toBe(0);
  });
});

describe('what holds a head (own simple model; pressures assumed)', () => {
  // 20 g at 40 mm, held out sideways: depth by outside diameter, from the project's own study
  test.each([
    ['sponge', [62, 52, 40, 34, 28]],
    ['butter cake, chilled', [27, 23, 18, 15, 13]],
    ['foam', [13, 11, 9, 8, 6]],
  ] as const)('%s: within a fifth of the study, or 2 mm', (crumb, depths) => {
    [3, 4, 6, 8, 11].forEach((od, i) => {
      const off = Math.abs(
        holdDepthMm({ massGrams: 20, leverMm: 40, horizontalMm: 40, tiltRad: 0, outsideMm: od, kPa: CRUMB_KPA[crumb] }) -
          depths[i]!,
      );
      expect(off).toBeLessThan(Math.max(2.5, depths[i]! * 0.2));
    });
  });

  test('by statics: at that depth a uniform pressure, turning about one point, balances twice the force and the moment', () => {
    for (const [grams, lever, aside, tilt, od, kPa] of [
      [20, 40, 10, 0.3, 6, 20],
      [8, 25, 4, 0, 3, 40],
      [60, 50, 30, 0.8, 11, 60],
    ] as const) {
      const L = holdDepthMm({ massGrams: grams, leverMm: lever, horizontalMm: aside, tiltRad: tilt, outsideMm: od, kPa });
      const weight = grams * 0.00980665;
      const force = 2 * weight * (Math.sin(tilt) + 0.5);
      const moment = 2 * weight * (aside + 0.5 * lever);
      const pd = (kPa / 1000) * od;
      const turn = (L + force / pd) / 2;
      const steps = 20_000;
      let held = 0;
      let turned = 0;
      for (let i = 0; i < steps; i++) {
        const z = ((i + 0.5) / steps) * L;
        const p = (z < turn ? pd : -pd) * (L / steps);
        held += p;
        turned -= p * z;
      }
      expect(held / force).toBeCloseTo(1, 2);
      expect(turned / moment).toBeCloseTo(1, 2);
    }
  });

  test('deeper for heavier heads and longer levers, less deep in firmer crumb and for thicker barriers', () => {
    const base = holdDepthMm({ massGrams: 20, leverMm: 40, horizontalMm: 10, tiltRad: 0.4, outsideMm: 6, kPa: 40 });
    expect(holdDepthMm({ massGrams: 40, leverMm: 40, horizontalMm: 10, tiltRad: 0.4, outsideMm: 6, kPa: 40 })).toBeGreaterThan(
      base,
    );
    expect(holdDepthMm({ massGrams: 20, leverMm: 80, horizontalMm: 10, tiltRad: 0.4, outsideMm: 6, kPa: 40 })).toBeGreaterThan(
      base,
    );
    expect(holdDepthMm({ massGrams: 20, leverMm: 40, horizontalMm: 10, tiltRad: 0.4, outsideMm: 6, kPa: 80 })).toBeLessThan(base);
    expect(holdDepthMm({ massGrams: 20, leverMm: 40, horizontalMm: 10, tiltRad: 0.4, outsideMm: 11, kPa: 40 })).toBeLessThan(
      base,
    );
    expect(holdDepthMm({ massGrams: 0, leverMm: 40, horizontalMm: 10, tiltRad: 0.4, outsideMm: 6, kPa: 40 })).toBe(0);
    expect(holdDepthMm({ massGrams: 20, leverMm: 40, horizontalMm: 10, tiltRad: 0.4, outsideMm: 6, kPa: 0 })).toBe(Infinity);
  });
});

const request = (over: Partial<SeatRequest> = {}): SeatRequest => ({
  id: 'e1',
  pieceIds: ['p1'],
  base: [40, -30, 116],
  axis: [0, 0, 1],
  normal: [0, 0, 1],
  leafy: false,
  massGrams: 10,
  weightAt: [40, -30, 128],
  bundleMm: 1.3,
  rank: 0,
  ...over,
});

describe('seating', () => {
  const cake = cakeOf([240, 110]);
  const solid = cakeSolid(cake);

  test('a head over a deep top goes straight down its own stem, and is cut with its rim proud', () => {
    const { entries, warnings } = seatAll([request()], cake, solid);
    expect(warnings).toEqual([]);
    const e = entries[0]!;
    expect(e.pointMm[2]).toBeCloseTo(110, 1);
    expect(e.cutMm).toBeCloseTo(e.insideMm + RIM_PROUD_MM, 9);
    expect(e.insideMm).toBeGreaterThanOrEqual(20);
    expect(e.cakeMm - e.insideMm).toBeCloseTo(e.clearMm, 9);
    expect(e.clearMm).toBeGreaterThanOrEqual(8);
    expect(e.downDeg).toBeGreaterThanOrEqual(45);
  });

  test('heavy ones are numbered by rank, focal first', () => {
    const { entries } = seatAll(
      [request({ id: 'leaf', rank: 6, base: [0, 60, 114] }), request({ id: 'rose', rank: 0 })],
      cake,
      solid,
    );
    expect(entries.map((e) => e.id)).toEqual(['rose', 'leaf']);
  });

  test('two in one place are set apart, with cake between them', () => {
    const { entries } = seatAll([request(), request({ id: 'e2' })], cake, solid);
    const [a, b] = entries;
    const wall = wallBetweenMm(
      { point: a!.pointMm, direction: a!.direction, insideMm: a!.insideMm, od: a!.outsideMm },
      { point: b!.pointMm, direction: b!.direction, insideMm: b!.insideMm, od: b!.outsideMm },
    );
    expect(wall).toBeGreaterThanOrEqual(2.9);
    expect(a!.nearestEntryMm).toBeCloseTo(wall, 6);
    expect(b!.nearestEntryMm).toBeCloseTo(wall, 6);
  });

  test('on a side it goes in slanting down, 8 to 45°', () => {
    const { entries } = seatAll(
      [request({ base: [0, -128, 60], axis: [0, -1, 0], normal: [0, -1, 0], weightAt: [0, -140, 60] })],
      cake,
      solid,
    );
    expect(entries[0]!.downDeg).toBeGreaterThan(7.9);
    expect(entries[0]!.downDeg).toBeLessThan(45.1);
    expect(entries[0]!.direction[1]).toBeGreaterThan(0.5);
  });

  test('a stem thicker than every bore is a stop that says to split it', () => {
    const { entries, warnings } = seatAll([request({ bundleMm: 13 })], cake, solid);
    expect(entries).toEqual([]);
    expect(warnings[0]).toMatchObject({ level: 'stop', station: 'place', code: 'place.stem-thick', values: { bundleMm: 13 } });
  });

  test('a tier thinner than any barrier is a stop that names a dummy tier', () => {
    const thin = cakeOf([240, 22]);
    const { warnings } = seatAll([request({ base: [40, -30, 28], weightAt: [40, -30, 40] })], thin, cakeSolid(thin));
    expect(warnings[0]!.level).toBe('stop');
    expect(warnings[0]!.code).toBe('place.not-held');
  });

  test('a rod through the focal place: the entry moves aside and stays clear of it', () => {
    const rod = { ...cake, dowels: [{ xMm: 40, yMm: -30, diameterMm: 14, fromMm: 0, toMm: 110 }] };
    const { entries, warnings } = seatAll([request()], rod, cakeSolid(rod));
    expect(warnings.filter((w) => w.level === 'stop')).toEqual([]);
    const e = entries[0]!;
    expect(Math.hypot(e.pointMm[0] - 40, e.pointMm[1] + 30)).toBeGreaterThan(7);
  });

  test('beside a dowel the whole barrier keeps 4 mm of cake, not its axis alone', () => {
    const thinnest = (xMm: number, yMm: number) => {
      const rod = { ...cake, dowels: [{ xMm, yMm, diameterMm: 12, fromMm: 0, toMm: 110 }] };
      const { entries } = seatAll([request()], rod, cakeSolid(rod));
      // along the barrier in half millimetres, from its skin to the dowel's
      return entries.map((e) =>
        Math.min(
          ...Array.from({ length: Math.ceil(e.insideMm * 2) }, (_, i) => {
            const at = e.pointMm.map((v, k) => v + e.direction[k]! * (i / 2));
            return Math.hypot(at[0]! - xMm, at[1]! - yMm) - 6 - e.outsideMm / 2;
          }),
        ),
      );
    };
    // dowels all round the place where it would go in by itself
    const places = [[48, -30], [32, -30], [40, -22], [40, -38], [46, -36]] as const; // prettier-ignore
    for (const [x, y] of places) for (const mm of thinnest(x, y)) expect(mm).toBeGreaterThanOrEqual(4 - 0.05);
    expect(places.flatMap(([x, y]) => thinnest(x, y))).toHaveLength(places.length);
  });

  test('a stake leaves 20 mm of stick above the icing to be taped to, and is never cut longer than it is sold', () => {
    const { entries } = seatAll(
      [request({ only: 'stake' }), request({ id: 'e2', only: 'stake', base: [-40, 30, 114] })],
      cake,
      solid,
    );
    expect(entries).toHaveLength(2);
    for (const e of entries) {
      expect(e.cutMm - e.insideMm).toBeGreaterThanOrEqual(20 - 1e-9);
      expect(e.cutMm).toBeLessThanOrEqual(barrierById(e.barrier!, BARRIERS)!.stockMm);
    }
    // a plaque that has to be held up high is more than a toothpick can do
    const high = seatAll([request({ only: 'stake', standsOutMm: 70 })], cake, solid).entries[0]!;
    expect(high.barrier).toBe('skewer');
    expect(high.cutMm).toBeCloseTo(high.insideMm + 70, 9);
  });

  test('a straw of one’s own that is sold short is not used deeper than it is long', () => {
    const own = (stockMm: number) =>
      barriersWith([
        { id: 'own-s', name: 'short', kind: 'straw', boreMm: 4, outsideMm: 4.6, stockMm, mostGrams: 60, minutes: 1 },
      ]);
    const trial = (stockMm: number) => {
      const { entries } = seatAll([request()], cake, solid, { barriers: own(stockMm) });
      return entries[0]!.compared.find((t) => t.barrier === 'own-s')!;
    };
    expect(trial(400).whyNot).toBeNull();
    expect(trial(22).whyNot).toEqual({ code: 'unsuited.length', values: { stockMm: 22 } });
    for (const stockMm of [30, 34, 38, 45, 60]) {
      const { insideMm } = trial(stockMm);
      if (insideMm !== null) expect(insideMm + RIM_PROUD_MM).toBeLessThanOrEqual(stockMm);
    }
  });
});

describe('bunches', () => {
  const cake = cakeOf([240, 110]);
  const [proposal] = composeAll({
    catalogue: SHIPPED,
    cake,
    arrangement: newArrangement('a1', defaultLine('crescent', cake)),
    choices: CHOICES,
    style: 'focal-led',
    counts: null,
    seed: 9,
    proposals: 1,
    effort: 0.2,
  });
  const scene = buildScene(cake, proposal!.arrangement, SHIPPED)!;
  const bunches = gatherBunches(scene.heads);

  test('every piece in exactly one; large heads alone; at most five stems; leaves with leaves', () => {
    expect(bunches.flatMap((b) => b.members.map((m) => m.piece.id)).sort()).toEqual(scene.heads.map((h) => h.piece.id).sort());
    for (const b of bunches) {
      expect(b.members.length).toBeLessThanOrEqual(5);
      if (b.members.some((m) => m.body.role === 'focal')) expect(b.members).toHaveLength(1);
      const leaves = b.members.filter((m) => m.body.role === 'foliage').length;
      expect(leaves === 0 || leaves === b.members.length).toBe(true);
    }
    expect(bunches.length).toBeLessThan(scene.heads.length);
  });

  test('they are what the plain rule gives: over and over the cheapest pair of all that may merge, looked for afresh', () => {
    type Members = typeof scene.heads;
    const base = (m: Members) => [0, 1, 2].map((k) => m.reduce((a, p) => a + p.base[k]!, 0) / m.length);
    const cost = (m: Members): number => {
      const leaves = m.filter((p) => p.body.role === 'foliage').length;
      const middle = base(m);
      const reach = Math.max(...m.map((p) => Math.hypot(...p.base.map((v, k) => v - middle[k]!))));
      return m.length > 5 || (leaves > 0 && leaves < m.length) || reach > 26 ? Infinity : reach;
    };
    const leans = (a: Members, b: Members): boolean => {
      const [n, o] = [a[0]!.frame.normal, b[0]!.frame.normal];
      return Math.acos(Math.min(1, n[0] * o[0] + n[1] * o[1] + n[2] * o[2])) <= 0.72;
    };
    const gathers = (p: Members[number]) => !['focal', 'secondary'].includes(p.body.role) && p.body.massGrams < 6;
    let plain: Members[] = scene.heads.filter(gathers).map((p) => [p]);
    for (;;) {
      let best = { at: [-1, -1], mm: Infinity };
      plain.forEach((a, i) =>
        plain.slice(i + 1).forEach((b, k) => {
          const mm = leans(a, b) ? cost([...a, ...b]) : Infinity;
          if (mm < best.mm - 1e-12) best = { at: [i, i + 1 + k], mm };
        }),
      );
      if (best.mm === Infinity) break;
      const [a, b] = best.at.map((i) => plain[i]!);
      plain = [...plain.filter((m) => m !== a && m !== b), [...a!, ...b!]];
    }
    const names = (list: readonly (readonly { piece: Piece }[])[]) =>
      list
        .map((m) =>
          m
            .map((p) => p.piece.id)
            .sort()
            .join(' '),
        )
        .sort();
    expect(names(bunches.map((b) => b.members))).toEqual(
      names([...plain, ...scene.heads.filter((p) => !gathers(p)).map((p) => [p])]),
    );
  });
});

describe('contact', () => {
  const cake = cakeOf([240, 110]);
  const solid = cakeSolid(cake);
  const piece = pieceOf();
  const scene = buildScene(cake, { ...newArrangement('a1', defaultLine('crescent', cake)), pieces: [piece] }, SHIPPED)!;
  /** The head with the lowest corner of its drawn triangles so deep under the top of the cake, mm. */
  const sunk = (deepMm: number, of = scene): PlacedPiece[] =>
    of.heads.map((p) => {
      const { positions } = kindMesh(modelOf(p), 'far', SHIPPED);
      const map = pieceMap(p);
      let lowest = Infinity;
      for (let i = 0; i < positions.length; i += 3)
        lowest = Math.min(lowest, applyPoint(map, [positions[i]!, positions[i + 1]!, positions[i + 2]!])[2]);
      const down = (v: Vec3): Vec3 => [v[0], v[1], v[2] + (110 - deepMm - lowest)];
      return { ...p, centre: down(p.centre), base: down(p.base) };
    });
  const input = (over: Partial<ContactInput> = {}): ContactInput => ({
    catalogue: SHIPPED,
    cake,
    line: scene.line,
    solid,
    heads: sunk(3),
    stems: [],
    dust: 'unknown',
    underlaid: new Set(),
    realPlants: false,
    ...over,
  });

  test.each([
    ['unknown', 3, ['stop']],
    ['not edible', 3, ['stop']],
    ['edible', 3, []],
    ['unknown', 0.5, []],
    ['edible', 9, ['stop']],
  ] as const)('dust %s, %f mm into the icing: %j', (dust, deep, levels) => {
    expect(contactWarnings(input({ dust, heads: sunk(deep) })).map((w) => w.level)).toEqual(levels);
  });

  test('with something made for food under it, it may rest there, and the sheet of the bench says so', () => {
    const [w, ...more] = contactWarnings(input({ underlaid: new Set(['p1']) }));
    expect(w).toMatchObject({ level: 'note', pieceId: 'p1' });
    expect(more).toEqual([]);
  });

  test('real plants, and stamens of thread or wire, may not lie on icing that is eaten, whatever their dust', () => {
    expect(contactWarnings(input({ dust: 'edible', realPlants: true }))[0]).toMatchObject({ level: 'stop' });
    const anemone = { ...piece, species: 'anemone', sizeMm: 44, colourway: 'white' };
    const other = buildScene(cake, { ...newArrangement('a1', defaultLine('crescent', cake)), pieces: [anemone] }, SHIPPED)!;
    const [w] = contactWarnings(input({ dust: 'edible', heads: sunk(3, other) }));
    expect(w!.values).toMatchObject({ material: 'stamens' });
  });

  test('on a covering that nobody eats it may rest', () => {
    const foam = cakeOf([240, 110]);
    foam.tiers[0]!.kind = 'dummy';
    foam.tiers[0]!.covering.eaten = false;
    expect(contactWarnings(input({ cake: foam, solid: cakeSolid(foam) }))).toEqual([]);
  });

  test('a sprig whose leaves lie under the icing is a stop, and says whether it bends clear', () => {
    const sprig = { ...piece, species: 'olive', stage: 'grown', sizeMm: 90, colourway: 'sage', tiltRad: 1.2 };
    const olive = buildScene(cake, { ...newArrangement('a1', defaultLine('crescent', cake)), pieces: [sprig] }, SHIPPED)!;
    const [w] = contactWarnings(input({ heads: sunk(8, olive), dust: 'not edible' }));
    expect(w).toMatchObject({ level: 'stop', values: { deepMm: expect.closeTo(7, 0) as number } });
    const [p] = olive.heads;
    const buried = { ...p!, base: [p!.base[0], p!.base[1], 100] as Vec3, centre: [p!.centre[0], p!.centre[1], 100] as Vec3 };
    expect(contactWarnings(input({ heads: [buried] }))[0]!.code).toBe('place.head-in-cake');
    const stands = { ...p!, base: [0, 0, 116] as Vec3, centre: [20, 0, 110] as Vec3, axis: [0.95, 0, -0.31] as Vec3 };
    expect(contactWarnings(input({ heads: [stands] }))[0]!.code).toBe('place.sprig-in-icing');
  });

  test('wire along the icing is a stop that names the piece and the remedy; in its own barrier it is not', () => {
    const lying: Vec3[] = [
      [60, 0, 116],
      [40, 0, 110.4],
      [20, 0, 110.4],
      [0, 0, 112],
    ];
    const [w] = contactWarnings(input({ heads: sunk(-5), stems: [{ pieceId: 'p1', curve: lying, endsInEntry: true }] }));
    expect(w).toMatchObject({ level: 'stop', pieceId: 'p1' });
    expect(w!.code).toBe('place.stem-on-icing');
    expect(w!.mends).toEqual([{ do: 'lift', mm: 2 }]);
    // a head that is in the cake takes its stem along: one stop, not two
    const deep = contactWarnings(input({ heads: sunk(9), stems: [{ pieceId: 'p1', curve: lying, endsInEntry: true }] }));
    expect(deep.map((x) => x.code)).toEqual(['place.head-in-cake']);
    const upright: Vec3[] = [
      [60, 0, 120],
      [60, 0, 114],
      [60, 0, 112],
    ];
    expect(contactWarnings(input({ heads: sunk(-5), stems: [{ pieceId: 'p1', curve: upright, endsInEntry: true }] }))).toEqual(
      [],
    );
    expect(contactWarnings(input({ heads: sunk(-5), stems: [{ pieceId: 'p1', curve: [], endsInEntry: true }] }))).toEqual([]);
  });

  test('a main stem is as thick as it is taped: 2 mm over the icing is clear for a thin one, and not for one of 6 mm', () => {
    const at = (thickMm: number) =>
      contactWarnings(
        input({ heads: sunk(-5), stems: [{ pieceId: 'p1', curve: [[20, 0, 112]], endsInEntry: false, radiusMm: thickMm / 2 }] }),
      );
    expect(at(3)).toEqual([]);
    expect(at(6)).toMatchObject([{ code: 'place.stem-on-icing', level: 'stop', mends: [{ do: 'lift', mm: 2 }] }]);
  });
});
