import { SHIPPED } from '../botany/catalogue';
import { cakeOf, CHOICES, FORMS, proposalFor } from '../testing/samples';
import { composeAll } from '../compose/composer';
import { defaultLine, newArrangement } from './newProject';
import { gaugeToMm, soldIn, WIRE_SYSTEMS } from '../wire/gauge';
import type { WireCut } from '../wire/wireLength';
import { buildScene } from '../compose/scene';
import { bundleMomentNmm, secondMoment, STEEL } from '../wire/mechanics';
import { bundleMm } from '../wire/bundle';
import { branchTrees } from '../tape/tree';
import { countPieces } from '../compose/names';
import { gaugeFor, makeStem, RUN_PAST_JOINT_MM, STEM_LIFT_MM, wireSpray } from './stems';
import { floorSwgOf } from '../botany/ownSpecies';
import { partWires, type WireContext } from './partWires';

const CAKE = cakeOf([220, 110]);
const GREEN: WireContext = { system: 'SWG', colour: 'green', gauges: [], stockMm: 360, cutting: 'length' };
const { arrangement } = proposalFor({ form: 'crescent', cake: CAKE, seed: 6, effort: 0.3 });
const scene = buildScene(CAKE, arrangement, SHIPPED)!;
const heads = new Map(scene.heads.map((p) => [p.piece.id, p]));

describe('a bundle of unbonded wires', () => {
  test('bears the sum of their second moments before the thickest yields', () => {
    expect(bundleMomentNmm([1])).toBeCloseTo((STEEL.yieldMPa * Math.PI) / 32, 9);
    expect(bundleMomentNmm([1, 1])).toBeCloseTo(2 * bundleMomentNmm([1]), 9);
    expect(bundleMomentNmm([0.9, 0.5])).toBeCloseTo((STEEL.yieldMPa * (secondMoment(0.9) + secondMoment(0.5))) / 0.45, 9);
    expect(bundleMomentNmm([])).toBe(0);
  });
});

describe('stems and parts', () => {
  test('a longer free stem never takes a thinner wire', () => {
    for (const p of scene.heads)
      expect(gaugeFor(p, 120, GREEN).diameterMm).toBeGreaterThanOrEqual(gaugeFor(p, 10, GREEN).diameterMm);
  });

  test('never thinner than the trade’s floor for the piece', () => {
    for (const p of scene.heads) expect(gaugeFor(p, 5, GREEN).gauge).toBeLessThanOrEqual(floorSwgOf(p.body.species));
  });

  test('a stem is as long as its curve', () => {
    const stem = makeStem(
      scene.heads[0]!,
      [
        [0, 0, 0],
        [3, 4, 0],
        [3, 4, 12],
      ],
      GREEN,
    );
    expect(stem.lengthMm).toBeCloseTo(17, 9);
  });

  test('leaves and petals on wires of their own are listed with the piece, sized with it', () => {
    const leaf = scene.heads.find((p) => p.piece.species === 'roundleaf')!;
    const [part] = partWires(leaf, { ...GREEN, cutting: 'fractions' });
    const leaves = leaf.body.built.instances.filter((i) => i.part.kind === 'leaf').length;
    expect(part).toMatchObject({ use: 'part', part: 'leaf', count: leaves, gauge: 30, lengthMm: 72 });
    // a fifth of a length: what is left over is said
    expect(part!.terms.reduce((a, t) => a + t.mm, 0)).toBeCloseTo(72, 0);
    const blossom = scene.heads.find((p) => p.piece.species === 'blossom')!;
    expect(partWires(blossom, GREEN)).toEqual([]);
  });

  test('a bunch is named by what is in it', () => {
    const roses = scene.heads.filter((p) => p.piece.species === 'rose' && p.piece.stage === 'open');
    expect(countPieces(roses)).toEqual([{ species: 'rose', stage: 'open', count: roses.length }]);
    expect(countPieces(scene.heads).reduce((a, p) => a + p.count, 0)).toBe(scene.heads.length);
  });
});

describe('wiring a spray', () => {
  const [tree] = branchTrees({ heads: scene.heads, line: scene.line, arrangementId: 'a1' });
  const wired = wireSpray({
    bare: tree!,
    heads,
    context: GREEN,
    solid: scene.solid,
    insideMm: 50,
    thickness: (bare) => bundleMm(bare, false),
  });
  const { spray } = wired;

  test('one stem wire for each piece, with its joint named in the reason', () => {
    const stems = wired.wires.filter((w) => w.use === 'stem');
    expect(stems.map((w) => w.pieceId).sort()).toEqual([...spray.pieceIds].sort());
    for (const w of stems) expect(w.terms.find((t) => t.term === 'free')!.why.code).toBe('term.to-joint');
  });

  test('wires that end on the way run past their joint and no further than the pick', () => {
    for (const joint of spray.joints) {
      const along = wired.wires.find((w) => w.pieceId === joint.pieceId && w.use === 'stem')!.terms;
      const inPick = along.some((t) => t.term === 'in-barrier');
      const run = along.find((t) => t.term === 'along-stem')?.mm ?? 0;
      if (!inPick) expect(run).toBeLessThanOrEqual(joint.onto ? RUN_PAST_JOINT_MM.branch : RUN_PAST_JOINT_MM.arm);
      expect(run).toBeLessThanOrEqual(joint.toPickMm + 25);
    }
  });

  test('every wire passes one root: what reaches the pick is what carries the arms', () => {
    const inPick = wired.wires.filter((w) => w.terms.some((t) => t.term === 'in-barrier'));
    // with petals, leaves and stamens of pieces so near the pick that their wires reach it
    const own = inPick.reduce((a, w) => a + w.count, 0);
    const thick = new Set(wired.wires.filter((w) => w.use !== 'stem').map((w) => w.diameterMm));
    expect(wired.atPickMm.length).toBeGreaterThanOrEqual(own);
    for (const mm of wired.atPickMm) expect(thick.has(mm) || inPick.some((w) => w.diameterMm === mm)).toBe(true);
    expect(inPick.length).toBeGreaterThan(0);
  });

  test('every joint of an arm has its wires and its thickness', () => {
    for (const arm of ['first', 'second'] as const) {
      const joints = spray.joints.filter((j) => j.arm === arm && !j.onto);
      for (const j of joints) {
        expect(j.wires).toBeGreaterThan(0);
        expect(j.thicknessMm).toBeGreaterThan(0.3);
      }
    }
  });

  test('stalks stay clear of the skin', () => {
    for (const stem of wired.stems) {
      const inner = stem.curve.slice(1, -2);
      for (const p of inner) expect(scene.solid.signedDistanceMm(p)).toBeGreaterThan(-STEM_LIFT_MM);
    }
  });
});

test('in every system each wire of a piece is one that is sold in it, its diameter the one that it has there', () => {
  for (const system of WIRE_SYSTEMS)
    for (const p of scene.heads)
      for (const part of partWires(p, { ...GREEN, system })) {
        if (system !== 'SWG') expect(soldIn(system)).toContain(part.gauge);
        expect(part.diameterMm).toBeCloseTo(gaugeToMm(system, part.gauge), 9);
      }
});

describe('a bundle bears what it carries: the moment at every joint is within what its wires bear (handling counted twice)', () => {
  test.each(FORMS.filter((f) => f === 'crescent' || f === 'cascade' || f === 'ring' || f === 'side spray'))('%s', (form) => {
    const cake = cakeOf([250, 110]);
    const line = defaultLine(form, cake);
    const [best] = composeAll({
      catalogue: SHIPPED,
      cake,
      arrangement: newArrangement('a1', line),
      choices: CHOICES,
      style: 'focal-led',
      counts: null,
      seed: 2,
      proposals: 1,
      effort: 0.1,
    });
    const own = buildScene(cake, best!.arrangement, SHIPPED)!;
    const byId = new Map(own.heads.map((p) => [p.piece.id, p]));
    for (const tree of branchTrees({ heads: own.heads, line: own.line, arrangementId: 'a1' })) {
      const { spray, wires } = wireSpray({
        bare: tree,
        heads: byId,
        context: GREEN,
        solid: own.solid,
        insideMm: 30,
        thickness: (d) => d.length,
      });
      const along = (w: WireCut) => w.terms.find((t) => t.term === 'along-stem')?.mm ?? 0;
      for (const arm of ['first', 'second'] as const) {
        const joints = spray.joints.filter((j) => j.arm === arm);
        for (const at of joints.filter((j) => !j.onto)) {
          const x = at.toPickMm;
          const carried = joints.filter((j) => j.toPickMm >= x);
          const momentNmm = carried.reduce(
            (a, j) => a + byId.get(j.pieceId)!.body.massGrams * 0.00980665 * 2 * (j.toPickMm - x + 8),
            0,
          );
          const passing = joints
            .filter((j) => j.toPickMm >= x && !j.onto)
            .flatMap((j) =>
              wires.filter((w) => w.pieceId === j.pieceId && w.use === 'stem' && j.toPickMm - along(w) <= x + 1e-6),
            );
          const stiff = wires.filter((w) => w.use === 'carrier' && w.arm === arm && along(w) >= x);
          expect(momentNmm).toBeLessThanOrEqual(bundleMomentNmm([...passing, ...stiff].map((w) => w.diameterMm)) * 1.0001);
        }
      }
    }
  });
});
