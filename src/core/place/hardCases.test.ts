import { produce } from 'immer';
import { derivePlan } from '../plan/derivePlan';
import { defaultLine, newArrangement, newProject } from '../plan/newProject';
import type { Project } from '../plan/project';
import { cakeOf, CHOICES } from '../testing/samples';
import { composeAll } from '../compose/composer';
import type { Cake } from '../cake/cake';
import type { LineForm } from '../compose/lineKinds';
import { ENGLISH } from '../words/english';
import { SHIPPED } from '../botany/catalogue';

/** A composed job on a cake of its own. */
function jobOn(cake: Cake, form: LineForm, species?: readonly string[]): Project {
  const choices = species ? species.map((s) => ({ species: s, colourway: 'x' })) : CHOICES;
  const arrangement = newArrangement('a1', defaultLine(form, cake));
  const [p] = composeAll({
    catalogue: SHIPPED,
    cake,
    arrangement,
    choices,
    style: 'meadow',
    counts: null,
    seed: 2,
    proposals: 1,
    effort: 0.3,
  });
  return { ...newProject('hard', 'Hard', '2027-06-12T09:30'), cake, arrangements: [p!.arrangement] };
}

const stops = (project: Project) => derivePlan(project).warnings.filter((w) => w.level === 'stop');

describe('cakes that make it hard', () => {
  const SMALL = ['blossom', 'aster', 'froth', 'roundleaf'];

  test.each([60, 50, 45])('a tier of %i mm takes small flowers', (height) => {
    expect(stops(jobOn(cakeOf([220, height]), 'ring', SMALL)).filter((w) => w.station === 'place')).toEqual([]);
  });

  test('a tier of 25 mm takes hardly any: every stop says so with a remedy, and the plan never goes', () => {
    const project = jobOn(cakeOf([220, 25]), 'crescent');
    const said = stops(project);
    expect(said.length).toBeGreaterThan(0);
    for (const w of said) expect(ENGLISH.warning(w).remedy.length).toBeGreaterThan(15);
    expect(derivePlan(project).verdict).toBe('stop');
  });

  test('a rod through the middle of a posy: entries move off it, none runs into it', () => {
    const cake = { ...cakeOf([200, 110]), dowels: [{ xMm: 0, yMm: 0, diameterMm: 12, fromMm: 0, toMm: 110 }] };
    const plan = derivePlan(jobOn(cake, 'posy'));
    expect(plan.entries.length).toBeGreaterThan(3);
    for (const e of plan.entries) {
      for (let t = 0; t <= e.insideMm; t += 1) {
        const x = e.pointMm[0] + e.direction[0] * t;
        const y = e.pointMm[1] + e.direction[1] * t;
        expect(Math.hypot(x, y)).toBeGreaterThan(6);
      }
    }
  });

  test('a dummy between two edible tiers: what stands in it needs no more than it has', () => {
    const cake = cakeOf([240, 100], [180, 80], [120, 100]);
    cake.tiers[1]!.kind = 'dummy';
    cake.tiers[1]!.covering.eaten = false;
    const plan = derivePlan(jobOn(cake, 'cascade'));
    expect(plan.handOver.tiers[1]).toMatchObject({ place: { index: 1, of: 3 }, kind: 'dummy' });
    expect(plan.handOver.tiers.filter((t) => t.kind === 'edible')).toHaveLength(2);
    for (const e of plan.entries) expect(e.insideMm).toBeLessThan(e.cakeMm);
  });

  test('softer cake asks for deeper stems, and never for shallower', () => {
    const job = jobOn(cakeOf([220, 120]), 'crescent');
    const depth = (crumb: Cake['crumb']) => {
      const plan = derivePlan({ ...job, cake: { ...job.cake, crumb } });
      return plan.entries.reduce((a, e) => a + e.holdMm, 0) / plan.entries.length;
    };
    expect(depth('sponge')).toBeGreaterThan(depth('butter cake, chilled'));
    expect(depth('butter cake, chilled')).toBeGreaterThan(depth('fruit cake'));
  });
});

describe('dust and contact', () => {
  const job = jobOn(cakeOf([220, 120]), 'crescent');
  const lowered = (dust: 'edible' | 'not edible' | 'unknown') =>
    produce(job, (d) => {
      d.brief.dust = dust;
      const rose = d.arrangements[0]!.pieces.find((p) => p.species === 'rose')!;
      // pressed down by leaning it as far as a file may say
      Object.assign(rose, { tiltRad: Math.PI / 2, lift: 0, sizeMm: 68, s: 0.2, side: 0 });
    });

  test('unknown dust is treated as not edible', () => {
    const levels = (dust: 'edible' | 'not edible' | 'unknown') =>
      derivePlan(lowered(dust)).warnings.filter((w) => w.code === 'place.head-on-icing').length;
    expect(levels('unknown')).toBe(levels('not edible'));
    expect(levels('edible')).toBe(0);
  });

  test('every message of every level says what, where, why and what to do', () => {
    for (const project of [job, lowered('unknown'), jobOn(cakeOf([220, 25]), 'crescent')]) {
      for (const w of derivePlan(project).warnings) {
        const { where, ...said } = ENGLISH.warning(w);
        for (const part of Object.values(said)) expect(part.length).toBeGreaterThan(3);
        expect(where).toMatch(/\w/);
        expect(['stop', 'look again', 'note']).toContain(w.level);
      }
    }
  });

  test('messages stand from worst to mildest', () => {
    const order = { stop: 0, 'look again': 1, note: 2 };
    const levels = derivePlan(jobOn(cakeOf([220, 25]), 'crescent')).warnings.map((w) => order[w.level]);
    expect(levels).toEqual([...levels].sort((a, b) => a - b));
  });
});

describe('straws', () => {
  const plan = derivePlan(jobOn(cakeOf([220, 120]), 'crescent'));

  test('are cut about 10 mm below the wire’s end, on a slant, with the rim proud (docs/trade.md C5; common practice, no source)', () => {
    const straws = plan.entries.filter((e) => e.kind === 'straw');
    expect(straws.length).toBeGreaterThan(0);
    for (const e of straws) {
      expect(e.insideMm - e.wireInsideMm).toBeCloseTo(10 + e.outsideMm, 6);
      expect(e.cutMm - e.insideMm).toBe(2);
    }
    expect(plan.warnings.some((w) => w.level === 'note' && w.code === 'place.tubes-to-plug')).toBe(true);
  });

  test('none is longer than the cake is deep there (docs/trade.md C7; common practice, no source)', () => {
    for (const e of plan.entries) expect(e.insideMm).toBeLessThan(e.cakeMm);
  });

  test('a heavy head gets the smallest fold that grips, a light one the whole fold', () => {
    const folds = new Map(
      plan.wires.filter((w) => w.use === 'stem').map((w) => [w.pieceId, w.terms.find((t) => t.term === 'fold')?.mm ?? 0]),
    );
    for (const h of plan.heads) {
      const entry = plan.entries.find((e) => e.pieceIds.includes(h.pieceId));
      if (entry?.boreMm) expect(folds.get(h.pieceId)).toBe(h.massGrams > 12 ? 6 : 12);
    }
  });
});
