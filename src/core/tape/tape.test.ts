import { SHIPPED } from '../botany/catalogue';
import type { Vec3 } from '../geometry/vec3';
import { cakeOf, FORMS, proposalFor } from '../testing/samples';
import type { PlacedPiece } from '../compose/placement';
import { buildScene } from '../compose/scene';
import { PAPER_COVER_MM } from '../wire/gauge';
import { bundleMm, TAPE_LAYER_MM, TAPE_WIDTH_MM, tapeLengthMm, tapeWidthShare } from '../wire/bundle';
import { MOST_SPRAY_MM } from './divide';
import { branchTrees, JOINT_GAP_MM, type Joint, type Spray } from './tree';

describe('a bundle', () => {
  test('one wire: its cover and one layer of tape', () => {
    expect(bundleMm([0.9], true)).toBeCloseTo(0.9 + PAPER_COVER_MM + 2 * TAPE_LAYER_MM, 9);
  });

  test('seven equal wires are three wires across (six round one)', () => {
    const covered = 0.6 + PAPER_COVER_MM;
    expect(bundleMm(Array(7).fill(0.6) as number[], true) - 2 * TAPE_LAYER_MM).toBeCloseTo(3 * covered, 1);
  });

  test('more wires, more tape layers: thicker; no wire: nothing', () => {
    const wires = [0.9, 0.7, 0.7, 0.5];
    expect(bundleMm([...wires, 0.5], true)).toBeGreaterThan(bundleMm(wires, true));
    expect(bundleMm(wires, true, 2)).toBeGreaterThan(bundleMm(wires, true));
    expect(bundleMm([], true)).toBe(0);
  });

  test('the quick rule is near the packing', () => {
    const wires = [0.91, 0.71, 0.71, 0.56, 0.56, 0.46];
    expect(Math.abs(bundleMm(wires, false) / bundleMm(wires, true) - 1)).toBeLessThan(0.1);
  });
});

describe('tape', () => {
  test('half-width for fine work, full width only on the thick main stem (docs/trade.md T2; common practice, no source)', () => {
    expect(tapeWidthShare(1)).toBeCloseTo(1 / 3, 9);
    expect(tapeWidthShare(2.5)).toBe(0.5);
    expect(tapeWidthShare(5)).toBe(1);
  });

  test('the length of a helix: √(1 + (πD/p)²) for each millimetre of stem (any geometry text), half overlapped', () => {
    const D = 3;
    const advance = (0.9 * TAPE_WIDTH_MM * 0.5 * 0.5) / (Math.PI * D);
    const pitch = (Math.PI * D * advance) / Math.sqrt(1 - advance * advance);
    const turns = 100 / pitch;
    const helix = Math.sqrt(100 ** 2 + (turns * Math.PI * D) ** 2);
    expect(tapeLengthMm({ stemMm: D, stretchMm: 100 })).toBeCloseTo(helix / 1.25, 6);
  });

  test('grows with the stretch taped; nothing for nothing, NaN included', () => {
    expect(tapeLengthMm({ stemMm: 2, stretchMm: 200 })).toBeCloseTo(2 * tapeLengthMm({ stemMm: 2, stretchMm: 100 }), 9);
    expect(tapeLengthMm({ stemMm: 0, stretchMm: 100 })).toBe(0);
    expect(tapeLengthMm({ stemMm: NaN, stretchMm: 100 })).toBe(0);
    expect(tapeLengthMm({ stemMm: 2, stretchMm: -5 })).toBe(0);
  });
});

describe.each(FORMS.map((form) => [form, 1] as const))('branch trees of a %s, seed %i', (form, seed) => {
  const cake = cakeOf([220, 110]);
  const { arrangement } = proposalFor({ form, cake, seed, effort: 0.15 });
  const scene = buildScene(cake, arrangement, SHIPPED)!;
  const sprays = branchTrees({ heads: scene.heads, line: scene.line, arrangementId: 'a1' });
  const heads = new Map<string, PlacedPiece>(scene.heads.map((p) => [p.piece.id, p]));
  const each = (check: (spray: Spray, joint: Joint) => void) => sprays.forEach((s) => s.joints.forEach((j) => check(s, j)));

  test('every piece exactly once, every spray on one pick', () => {
    const ids = sprays.flatMap((s) => s.joints.map((j) => j.pieceId));
    expect(ids.sort()).toEqual(arrangement.pieces.map((p) => p.id).sort());
    sprays.forEach((s) => expect(s.joints.map((j) => j.pieceId).sort()).toEqual([...s.pieceIds].sort()));
  });

  test('a long line is divided into sprays that a hand can hold', () => {
    expect(sprays.length).toBeGreaterThanOrEqual(Math.ceil(scene.line.lengthMm / MOST_SPRAY_MM / 1.5));
  });

  test('taping order is a valid order of the tree: 1…n, members before their lead, the heel last', () => {
    sprays.forEach((s) => {
      expect(s.joints.map((j) => j.order)).toEqual(s.joints.map((_, i) => i + 1));
      s.joints.forEach((j) => {
        if (j.onto) expect(j.order).toBeLessThan(s.joints.find((l) => l.pieceId === j.onto)!.order);
      });
      const firstHeel = s.joints.findIndex((j) => j.arm === 'heel');
      if (firstHeel >= 0) expect(s.joints.slice(firstHeel).every((j) => j.arm === 'heel')).toBe(true);
    });
  });

  test('joints of an arm run from the tip toward the pick, at least 6 mm apart', () => {
    for (const s of sprays) {
      for (const arm of ['first', 'second'] as const) {
        const at = s.joints.filter((j) => j.arm === arm && j.onto === null).map((j) => j.toPickMm);
        for (let i = 1; i < at.length; i++) expect(at[i - 1]! - at[i]!).toBeGreaterThanOrEqual(JOINT_GAP_MM - 1e-9);
        for (const mm of at) expect(mm).toBeGreaterThan(0);
      }
    }
  });

  test('the main stem goes on from joint to joint and to the pick, in steps of a few millimetres', () => {
    const far = (a: Vec3, b: Vec3) => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
    for (const s of sprays)
      for (const arm of ['first', 'second'] as const) {
        const own = s.joints.filter((j) => j.arm === arm && j.onto === null);
        own.forEach((j, i) => {
          expect(far(j.course[0]!, j.at)).toBeLessThan(1e-6);
          expect(far(j.course[j.course.length - 1]!, own[i + 1]?.at ?? s.pickAt)).toBeLessThan(1e-6);
          // over the edge of a tier the line itself may leap
          const steps = j.course.slice(1).map((at, k) => far(at, j.course[k]!));
          if (form !== 'cascade') for (const mm of steps) expect(mm).toBeLessThan(9);
        });
      }
    each((_s, j) => expect(j.course.length > 0).toBe(j.onto === null && j.arm !== 'heel'));
  });

  test('a stalk leaves its head and ends at its joint', () => {
    each((_s, j) => {
      const head = heads.get(j.pieceId)!;
      const first = j.curve[0]!;
      const last = j.curve[j.curve.length - 1]!;
      expect(Math.hypot(first[0] - head.base[0], first[1] - head.base[1], first[2] - head.base[2])).toBeLessThan(1.6);
      expect(Math.hypot(last[0] - j.at[0], last[1] - j.at[1], last[2] - j.at[2])).toBeLessThan(1e-6);
      expect(j.stalkMm).toBeGreaterThan(0);
    });
  });

  test('heavy focal heads beside the pick go in at the heel', () => {
    each((s, j) => {
      const head = heads.get(j.pieceId)!;
      const away = Math.abs(head.piece.s - s.pickS) * scene.line.lengthMm;
      if (head.body.role === 'focal' && away < 18) expect(j.arm).toBe('heel');
    });
  });

  test('the angle of a joint is the one that its stalk is drawn at', () => {
    each((_s, j) => {
      expect(j.angleDeg).toBeGreaterThanOrEqual(0);
      expect(j.angleDeg).toBeLessThanOrEqual(180);
    });
    expect(new Set(sprays.flatMap((s) => s.joints.map((j) => Math.round(j.angleDeg)))).size).toBeGreaterThan(2);
  });

  test('same input, same trees', () => {
    expect(branchTrees({ heads: scene.heads, line: scene.line, arrangementId: 'a1' })).toEqual(sprays);
  });
});

test('no piece, no spray', () => {
  const cake = cakeOf([220, 110]);
  const { arrangement } = proposalFor({ form: 'crescent', cake, seed: 1, effort: 0.1 });
  const scene = buildScene(cake, { ...arrangement, pieces: [] }, SHIPPED)!;
  expect(branchTrees({ heads: [], line: scene.line, arrangementId: 'a1' })).toEqual([]);
});

test.each(['ring', 'cascade', 'garland'] as const)('sprays of a %s grip into each other where they meet', (form) => {
  const cake = cakeOf([320, 120], [220, 110]);
  const { arrangement } = proposalFor({ form, cake, seed: 2, effort: 0.1 });
  const { heads, line } = buildScene(cake, arrangement, SHIPPED)!;
  const sprays = branchTrees({ heads, line, arrangementId: 'a1' });
  expect(sprays.length).toBeGreaterThan(1);
  const meets = sprays.map((own, i) => ({ own, next: sprays[i + 1] ?? (line.closed && sprays.length > 2 ? sprays[0]! : null) }));
  let lapped = 0;
  for (const { own, next } of meets) {
    if (!next) continue;
    // how far the one reaches past the beginning of the other, round a closed line too
    const past = ((((own.toS - next.fromS) % 1) + 1.5) % 1) - 0.5;
    if (past > 0) lapped++;
    expect(past * line.lengthMm).toBeLessThan(40);
  }
  expect(lapped).toBeGreaterThan(meets.length / 3);
});

test.each(FORMS.filter((f) => f !== 'plaque').map((form) => [form] as const))(
  'dragging along a %s: of twenty steps of a millimetre few joints jump (own study: 7 of 1521 by more than 6 mm for one)',
  (form) => {
    const cake = cakeOf([250, 110]);
    const { arrangement } = proposalFor({ form, cake, seed: 5, effort: 0.1 });
    const { line } = buildScene(cake, arrangement, SHIPPED)!;
    const at = (pieces: typeof arrangement.pieces) =>
      new Map(
        branchTrees({ heads: buildScene(cake, { ...arrangement, pieces }, SHIPPED)!.heads, line, arrangementId: 'a1' })
          .flatMap((s) => s.joints)
          .map((j) => [j.pieceId, j]),
      );
    let jumped = 0;
    let looked = 0;
    for (let i = 0; i < arrangement.pieces.length; i += Math.ceil(arrangement.pieces.length / 4)) {
      let before = at(arrangement.pieces);
      for (let step = 1; step <= 20; step++) {
        const moved = arrangement.pieces.map((p, k) =>
          k === i ? { ...p, s: Math.min(1, p.s + step / Math.max(1, line.lengthMm)) } : p,
        );
        const now = at(moved);
        for (const [id, j] of now) {
          const was = before.get(id)!;
          looked++;
          if (was.onto !== j.onto || was.arm !== j.arm || Math.abs(was.toPickMm - j.toPickMm) > 6) jumped++;
        }
        before = now;
      }
    }
    expect(jumped / looked).toBeLessThan(0.03);
  },
);
