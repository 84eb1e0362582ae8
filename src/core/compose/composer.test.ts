import { cakeOf, CHOICES, COMPOSED_FORMS, proposalFor } from '../testing/samples';
import { bodyOf, speciesById, SHIPPED } from '../botany/catalogue';
import { roleAt } from '../botany/species';
import { seededRandom } from '../geometry/random';
import { angleBetween, distance } from '../geometry/vec3';
import { defaultLine, newArrangement } from '../plan/newProject';
import type { Arrangement, LineSpec, Piece } from './arrangement';
import { FULL_DENSITY, MOST_PROPOSALS, type ComposeRequest } from './proposal';
import { missingKinds } from './missingKinds';
import { compose, composeAll, composeFault } from './composer';
import { drawLine } from './line';
import { overallScore, readBalance } from './readBalance';
import { buildScene, type Scene } from './scene';
import { fittingSizes, nearestOdd, shareOut } from './shareOut';
import { startLayout } from './startLayout';

const CAKE = cakeOf([220, 110]);
const CLEAN = { stops: 0, looks: 0, first: null };

const request = (over: Partial<ComposeRequest> = {}): ComposeRequest => ({
  catalogue: SHIPPED,
  cake: CAKE,
  arrangement: newArrangement('a1', defaultLine('crescent', CAKE)),
  choices: CHOICES,
  style: 'focal-led',
  counts: null,
  seed: 5,
  proposals: 1,
  effort: 0.2,
  ...over,
});

const sceneOf = (a: Arrangement): Scene => buildScene(CAKE, a, SHIPPED)!;
const scoreOf = (a: Arrangement): number => overallScore(readBalance(sceneOf(a), CLEAN));

test('the same seed gives the same arrangement, another seed another', () => {
  const [a] = composeAll(request());
  const [b] = composeAll(request());
  const [c] = composeAll(request({ seed: 6 }));
  expect(b).toEqual(a);
  expect(c!.arrangement.pieces).not.toEqual(a!.arrangement.pieces);
});

describe.each(COMPOSED_FORMS)('%s', (form) => {
  const arrangement = proposalFor({ form, cake: CAKE, seed: 2, effort: 0.7 }).arrangement;
  const scene = sceneOf(arrangement);

  test('no heads through each other or the cake', () => {
    // a petal gives more than this
    expect(Math.max(0, ...scene.clashes.map((c) => c.mm))).toBeLessThan(2);
    expect(Math.max(0, ...scene.intoCake)).toBeLessThan(1.6);
  });

  test('an odd number of focal flowers', () => {
    expect(arrangement.pieces.filter((p) => p.species === 'rose').length % 2).toBe(1);
  });

  test('scores well', () => {
    expect(scoreOf(arrangement)).toBeGreaterThan(78);
  });

  test('no two neighbouring large heads look the same way within 12°', () => {
    const large = scene.heads.filter((p) => p.body.role === 'focal' || p.body.role === 'secondary');
    large.forEach((p, i) =>
      large.slice(i + 1).forEach((q) => {
        const touching = distance(p.centre, q.centre) < p.body.radialMm + q.body.radialMm + 6;
        if (touching) expect(angleBetween(p.axis, q.axis)).toBeGreaterThan((7 * Math.PI) / 180);
      }),
    );
  });
});

test('large at the focal point, small at the tips', () => {
  const scene = sceneOf(proposalFor({ form: 'crescent', cake: CAKE, seed: 4, effort: 1 }).arrangement);
  const heads = scene.heads.filter((p) => !p.spine.length);
  const middle = heads.filter((p) => scene.line.armShare(p.piece.s) < 0.4).map((p) => p.body.radialMm);
  const tips = heads.filter((p) => scene.line.armShare(p.piece.s) > 0.75).map((p) => p.body.radialMm);
  const mean = (xs: number[]) => xs.reduce((a, b) => a + b, 0) / xs.length;
  expect(mean(middle)).toBeGreaterThan(mean(tips) * 1.3);
});

test('beats random scatter of the same pieces by far, seeds 1–12 of scatter', () => {
  const { arrangement } = proposalFor({ form: 'crescent', cake: CAKE, seed: 3, effort: 1 });
  let bestScatter = 0;
  for (let seed = 1; seed <= 12; seed++) {
    const random = seededRandom(seed);
    const pieces: Piece[] = arrangement.pieces.map((p) => ({
      ...p,
      s: random(),
      side: random() * 2 - 1,
      headingRad: random() * 6.28,
      tiltRad: random() * 0.8,
    }));
    bestScatter = Math.max(bestScatter, scoreOf({ ...arrangement, pieces }));
  }
  expect(scoreOf(arrangement)).toBeGreaterThan(bestScatter + 8);
});

test('the search improves on where it begins', () => {
  const { arrangement } = proposalFor({ form: 'crescent', cake: CAKE, seed: 7, effort: 1 });
  const line = drawLine(arrangement.line, CAKE)!;
  let n = 0;
  const start = startLayout(line, shareOut(line, { style: 'focal-led', choices: CHOICES, density: 1.2 }, SHIPPED), {
    random: seededRandom(7),
    nextId: () => `s${n++}`,
    catalogue: SHIPPED,
  });
  expect(scoreOf(arrangement)).toBeGreaterThan(scoreOf({ ...arrangement, pieces: start }) + 3);
});

describe('what the person holds fast', () => {
  const pinned: Piece = {
    id: 'mine',
    species: 'rose',
    stage: 'open',
    sizeMm: 48,
    colourway: 'rose',
    s: 0.71,
    side: 0.1,
    lift: 0.05,
    tiltRad: 0.3,
    headingRad: 0.4,
    rollRad: 0,
    pinned: true,
  };

  test('a pinned piece stays exactly where and what it was, and is counted', () => {
    const arrangement = {
      ...newArrangement('a1', defaultLine('crescent', CAKE)),
      pieces: [pinned, { ...pinned, id: 'loose', pinned: false }],
    };
    const [withPin] = composeAll(request({ arrangement }));
    const pieces = withPin!.arrangement.pieces;
    expect(pieces.find((p) => p.id === 'mine')).toEqual(pinned);
    expect(pieces.some((p) => p.id === 'loose')).toBe(false);
    const [without] = composeAll(request());
    const roses = (ps: readonly Piece[]) => ps.filter((p) => p.species === 'rose').length;
    expect(roses(pieces)).toBe(roses(without!.arrangement.pieces));
  });

  test('ids stay unique', () => {
    const arrangement = {
      ...newArrangement('a1', defaultLine('crescent', CAKE)),
      pieces: [
        { ...pinned, id: 'p1' },
        { ...pinned, id: 'p3', s: 0.2 },
      ],
    };
    const ids = composeAll(request({ arrangement }))[0]!.arrangement.pieces.map((p) => p.id);
    expect(new Set(ids).size).toBe(ids.length);
  });
});

describe('progress and cancel', () => {
  test('progress moves on, proposal by proposal, and can be left at any time', () => {
    const run = compose(request({ proposals: 2 }));
    let last = -1;
    let steps = 0;
    for (let next = run.next(); !next.done; next = run.next()) {
      const now = next.value.proposal + next.value.share;
      expect(now).toBeGreaterThanOrEqual(last);
      expect(next.value.pieces.length).toBeGreaterThan(5);
      last = now;
      steps++;
    }
    expect(steps).toBeGreaterThan(20);
    expect(last).toBe(2);
    const left = compose(request());
    left.next();
    expect(left.return([]).done).toBe(true);
  });

  test('several proposals are different and best first', () => {
    const found = composeAll(request({ proposals: 3 }));
    expect(found.map((p) => p.name).sort()).toEqual(['airy', 'full', 'leafy']);
    for (let i = 1; i < found.length; i++) expect(found[i - 1]!.score).toBeGreaterThanOrEqual(found[i]!.score);
    const roses = found.map((p) => p.arrangement.pieces.filter((x) => x.species === 'roundleaf').length);
    expect(new Set(roses).size).toBeGreaterThan(1);
    expect(composeAll(request({ proposals: 99, effort: 0.05 }))).toHaveLength(MOST_PROPOSALS);
  });
});

describe('what cannot be composed is said', () => {
  test('no tier, a lost tier, no flower', () => {
    expect(composeFault({ ...request(), cake: { ...CAKE, tiers: [] } })?.code).toBe('fault.no-tier');
    expect(
      composeFault(request({ arrangement: newArrangement('a', { ...defaultLine('posy', CAKE), tier: 3 } as never) })),
    ).toMatchObject({ code: 'fault.line-lost' });
    expect(composeFault(request({ choices: [] }))).toMatchObject({ code: 'fault.no-flower' });
    expect(composeFault(request({ choices: [{ species: 'triffid', colourway: 'x' }] }))).toMatchObject({
      values: { name: 'triffid' },
    });
    expect(composeFault(request())).toBeNull();
    expect(() => composeAll(request({ choices: [] }))).toThrow('fault.no-flower');
  });

  test('only leaves, only one species: still an arrangement', () => {
    for (const species of ['olive', 'blossom', 'rosehip']) {
      const [p] = composeAll(request({ choices: [{ species, colourway: 'x' }] }));
      expect(p!.arrangement.pieces.length).toBeGreaterThan(1);
    }
  });
});

describe('what stands there is worked on', () => {
  const [whole] = composeAll(request({ seed: 8 }));
  const half = { ...whole!.arrangement, pieces: whole!.arrangement.pieces.filter((p) => p.s < 0.55) };

  test('finish: everything that stands stays as it is, what is missing is named and added, and it scores higher', () => {
    const asked = request({ arrangement: half, task: 'finish' });
    const missing = missingKinds(asked).reduce((a, k) => a + k.count, 0);
    expect(missing).toBeGreaterThan(2);
    const [done] = composeAll(asked);
    for (const p of half.pieces) expect(done!.arrangement.pieces).toContainEqual(p);
    expect(done!.arrangement.pieces).toHaveLength(half.pieces.length + missing);
    expect(scoreOf(done!.arrangement)).toBeGreaterThan(scoreOf(half));
    expect(missingKinds({ ...asked, arrangement: done!.arrangement })).toEqual([]);
  });

  test('re-balance: nothing is added or taken away, pinned pieces stay, and it is never worse', () => {
    const random = seededRandom(4);
    const pieces = whole!.arrangement.pieces.map((p, i) => ({
      ...p,
      pinned: i % 5 === 0,
      s: i % 5 ? Math.max(0, Math.min(1, p.s + (random() - 0.5) * 0.2)) : p.s,
    }));
    const shaken = { ...whole!.arrangement, pieces };
    const [done] = composeAll(request({ arrangement: shaken, task: 're-balance', effort: 0.6 }));
    expect(done!.arrangement.pieces.map((p) => p.id).sort()).toEqual(pieces.map((p) => p.id).sort());
    for (const p of pieces) if (p.pinned) expect(done!.arrangement.pieces).toContainEqual(p);
    expect(scoreOf(done!.arrangement)).toBeGreaterThan(scoreOf(shaken));
  });
});

describe('how many of each', () => {
  test('a plaque of 50 mm: four mini rosettes, about eight leaves, about six tiny florets, each within one (docs/trade.md P9; common practice, no source)', () => {
    const cake = cakeOf([70, 60]);
    const spec = {
      ...defaultLine('plaque', cake),
      outline: 'round',
      plateWidthMm: 50,
      sweepRad: 4.6,
      widthMm: 11,
      riseMm: 5,
      upright: false,
    };
    const choices = ['minirose', 'forgetmenot', 'singleleaf'].map((species) => ({ species, colourway: '' }));
    const kinds = shareOut(drawLine(spec as LineSpec, cake)!, { style: 'focal-led', choices, density: FULL_DENSITY }, SHIPPED);
    const of = (species: string) => kinds.filter((k) => k.species === species).reduce((a, k) => a + k.count, 0);
    expect(Math.abs(of('minirose') - 4)).toBeLessThanOrEqual(1);
    expect(Math.abs(of('singleleaf') - 8)).toBeLessThanOrEqual(1);
    expect(Math.abs(of('forgetmenot') - 6)).toBeLessThanOrEqual(1);
  });

  test('least and most of a flower are kept, buds apart, and a proposal has them', () => {
    const line = drawLine(defaultLine('crescent', CAKE), CAKE)!;
    const bounded = CHOICES.map((c) =>
      c.species === 'rose' ? { ...c, most: 1 } : c.species === 'blossom' ? { ...c, least: 9 } : c,
    );
    const kinds = shareOut(line, { style: 'focal-led', choices: bounded }, SHIPPED);
    const of = (species: string) =>
      kinds.filter((k) => k.species === species && k.role !== 'bud').reduce((a, k) => a + k.count, 0);
    expect(of('rose')).toBe(1);
    expect(of('blossom')).toBeGreaterThanOrEqual(9);
  });

  test('a 20 cm tier takes about 3 large, 1–2 medium, 4–5 spray, about 5 fillers, a few leaves (docs/trade.md C3; common practice, no source)', () => {
    const cake = cakeOf([200, 110]);
    const line = drawLine({ ...defaultLine('crescent', cake), widthMm: 40, riseMm: 34 } as never, cake)!;
    const choices = ['rose', 'ranunculus', 'cosmos', 'froth', 'roundleaf'].map((species) => ({ species, colourway: 'x' }));
    const counts: Record<string, number> = {};
    for (const k of shareOut(line, { style: 'focal-led', choices, density: 1 }, SHIPPED))
      counts[k.role] = (counts[k.role] ?? 0) + k.count;
    expect(Math.abs(counts.focal! - 3)).toBeLessThanOrEqual(1);
    expect(counts.secondary!).toBeLessThanOrEqual(3);
    expect(Math.abs(counts.spray! - 5)).toBeLessThanOrEqual(1);
    expect(counts.filler!).toBeGreaterThanOrEqual(3);
    expect(counts.filler!).toBeLessThanOrEqual(7);
    expect(counts.foliage!).toBeGreaterThanOrEqual(3);
  });

  test('flowers come in odd numbers per kind (docs/trade.md T6; common practice, no source)', () => {
    for (const style of ['focal-led', 'meadow', 'foliage-led', 'lush'] as const) {
      const line = drawLine(defaultLine('ring', CAKE), CAKE)!;
      const perKind = new Map<string, number>();
      for (const k of shareOut(line, { style, choices: CHOICES }, SHIPPED)) {
        const key = `${k.species}|${roleAt(speciesById(k.species, SHIPPED), k.stage)}`;
        if (k.role !== 'foliage') perKind.set(key, (perKind.get(key) ?? 0) + k.count);
      }
      for (const [kind, n] of perKind) expect({ kind, odd: n % 2 }).toEqual({ kind, odd: 1 });
    }
  });

  test('denser asks for more, a wider line for more, nothing chosen for nothing', () => {
    const line = drawLine(defaultLine('crescent', CAKE), CAKE)!;
    const total = (density: number) =>
      shareOut(line, { style: 'lush', choices: CHOICES, density }, SHIPPED).reduce((a, k) => a + k.count, 0);
    expect(total(1.6)).toBeGreaterThan(total(0.8));
    expect(shareOut(line, { style: 'lush', choices: [] }, SHIPPED)).toEqual([]);
  });

  test.each([
    [0, 1],
    [1.9, 1],
    [2.1, 3],
    [4, 5],
    [6.9, 7],
  ])('the odd number nearest to %f is %i', (x, odd) => {
    expect(nearestOdd(x)).toBe(odd);
  });

  test('sizes that the line cannot carry are left out, but never all of them', () => {
    const peony = speciesById('peony', SHIPPED);
    expect(fittingSizes(peony, 100)).toEqual(peony.sizesMm);
    expect(fittingSizes(peony, 5)).toEqual([peony.sizesMm[peony.sizesMm.length - 1]]);
    for (const mm of fittingSizes(peony, 36))
      expect(bodyOf({ species: 'peony', stage: 'open', sizeMm: mm, colourway: 'x' }, SHIPPED).radialMm).toBeLessThan(36);
  });
});

test('faces that are chosen take the room of roles that are not', () => {
  const line = drawLine(defaultLine('ring', CAKE), CAKE)!;
  const choices = ['rose', 'ranunculus', 'blossom', 'roundleaf'].map((species) => ({ species, colourway: '' }));
  const area = (kinds: ReturnType<typeof shareOut>, role: string) =>
    kinds.filter((k) => k.role === role).reduce((a, k) => a + k.count * k.sizeMm ** 2, 0);
  const all = shareOut(line, { style: 'focal-led', choices }, SHIPPED);
  const sprayOnly = shareOut(line, { style: 'focal-led', choices: choices.slice(2) }, SHIPPED);
  const rest = sprayOnly.filter((k) => k.role !== 'bud' && k.role !== 'foliage');
  expect(rest.map((k) => k.role)).toEqual(rest.map(() => 'spray'));
  expect(area(sprayOnly, 'spray')).toBeGreaterThan(2.5 * area(all, 'spray'));
  expect(area(sprayOnly, 'foliage')).toBeCloseTo(area(all, 'foliage'), 6);
});
