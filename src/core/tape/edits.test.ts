import { SHIPPED } from '../botany/catalogue';
import { composeAll } from '../compose/composer';
import type { JointEdit } from '../compose/arrangement';
import { buildScene } from '../compose/scene';
import { seededRandom } from '../geometry/random';
import { defaultLine, newArrangement } from '../plan/newProject';
import { cakeOf, CHOICES } from '../testing/samples';
import { treeFaults } from './faults';
import { branchTrees, JOINT_GAP_MM, type Joint, type Spray } from './tree';

const CAKE = cakeOf([250, 110]);
const [composed] = composeAll({
  catalogue: SHIPPED,
  cake: CAKE,
  arrangement: newArrangement('a1', defaultLine('crescent', CAKE)),
  choices: CHOICES,
  style: 'focal-led',
  counts: null,
  seed: 4,
  proposals: 1,
  effort: 0.1,
});
const scene = buildScene(CAKE, composed!.arrangement, SHIPPED)!;
const heads = new Map(scene.heads.map((p) => [p.piece.id, p]));
const built = (edits: JointEdit[]) => branchTrees({ heads: scene.heads, line: scene.line, arrangementId: 'a1', edits });
const wish = (pieceId: string, over: Partial<JointEdit>): JointEdit => ({
  pieceId,
  shiftMm: 0,
  later: 0,
  onto: null,
  spray: null,
  ...over,
});
const joints = (sprays: readonly Spray[]): Joint[] => sprays.flatMap((s) => s.joints);
const plain = built([]);
const lead = joints(plain).filter((j) => j.arm === 'first' && !j.onto)[2]!;
const jointOf = (sprays: readonly Spray[], id: string) => joints(sprays).find((j) => j.pieceId === id)!;

/** Whatever is asked: every piece once, members on a stem that is there and taped later, no ring, joints apart. */
function expectTree(sprays: readonly Spray[]): void {
  expect(
    joints(sprays)
      .map((j) => j.pieceId)
      .sort(),
  ).toEqual(scene.heads.map((p) => p.piece.id).sort());
  for (const spray of sprays) {
    spray.joints.forEach((j, i) => {
      expect(j.order).toBe(i + 1);
      if (!j.onto) return;
      const carrier = spray.joints.find((k) => k.pieceId === j.onto);
      expect(carrier).toBeDefined();
      expect(carrier!.onto).toBeNull();
      expect(carrier!.order).toBeGreaterThan(j.order);
    });
    for (const arm of ['first', 'second'] as const) {
      const at = spray.joints.filter((j) => j.arm === arm && !j.onto).map((j) => j.toPickMm);
      for (let k = 1; k < at.length; k++) expect(at[k - 1]! - at[k]!).toBeGreaterThanOrEqual(JOINT_GAP_MM - 1e-6);
    }
  }
}

test('nothing asked, nothing changed; a wish that says nothing changes nothing', () => {
  expect(built([wish(lead.pieceId, {})])).toEqual(plain);
});

test('a joint is moved along the stem; the others keep their places but for those that make room', () => {
  const after = built([wish(lead.pieceId, { shiftMm: -4 })]);
  expectTree(after);
  expect(jointOf(after, lead.pieceId).toPickMm).toBeLessThan(lead.toPickMm);
  const jumped = joints(plain).filter((j) => Math.abs(jointOf(after, j.pieceId).toPickMm - j.toPickMm) > JOINT_GAP_MM + 1e-6);
  expect(jumped.length).toBeLessThanOrEqual(2);
});

test('sent to the heel, to the stem, to another stem', () => {
  const heel = built([wish(lead.pieceId, { onto: 'heel' })]);
  expectTree(heel);
  expect(jointOf(heel, lead.pieceId).arm).toBe('heel');
  const member = joints(plain).find((j) => j.onto);
  if (member) {
    const stem = built([wish(member.pieceId, { onto: 'stem' })]);
    expectTree(stem);
    expect(jointOf(stem, member.pieceId).onto).toBeNull();
  }
  const other = joints(plain).filter((j) => j.arm === lead.arm && !j.onto && j.pieceId !== lead.pieceId)[0]!;
  const joined = built([wish(lead.pieceId, { onto: other.pieceId })]);
  expectTree(joined);
  expect(jointOf(joined, lead.pieceId).onto).toBe(other.pieceId);
  expect(treeFaults(joined, heads, [wish(lead.pieceId, { onto: other.pieceId })]).map((f) => f.code)).not.toEqual(
    expect.arrayContaining(['tape.not-joined']),
  );
});

test('earlier or later at the heel: one place each, the rest keep their order', () => {
  const heel = (sprays: readonly Spray[]) => sprays[0]!.joints.filter((j) => j.arm === 'heel').map((j) => j.pieceId);
  const all = joints(plain)
    .slice(0, 4)
    .map((j) => wish(j.pieceId, { onto: 'heel' }));
  const before = heel(built(all));
  expect(before.length).toBeGreaterThan(3);
  const moved = (id: string, later: number) => [
    ...all.filter((e) => e.pieceId !== id),
    { ...(all.find((e) => e.pieceId === id) ?? wish(id, {})), later },
  ];
  const later = moved(before[1]!, 1);
  expect(heel(built(later))).toEqual([before[0], before[2], before[1], ...before.slice(3)]);
  const first = moved(before[2]!, -30);
  expect(heel(built(first))).toEqual([before[2], before[0], before[1], ...before.slice(3)]);
  expectTree(built(first));
});

test('split off: a new spray of its own, and the pieces are all still there', () => {
  const own = joints(plain)
    .slice(0, 3)
    .map((j) => wish(j.pieceId, { spray: plain.length + 1 }));
  const after = built(own);
  expectTree(after);
  expect(after).toHaveLength(plain.length + 1);
  expect(after.at(-1)!.pieceIds.sort()).toEqual(own.map((e) => e.pieceId).sort());
});

test.each([
  [
    'a ring',
    () => [wish(lead.pieceId, { onto: joints(plain)[0]!.pieceId }), wish(joints(plain)[0]!.pieceId, { onto: lead.pieceId })],
    'tape.not-joined',
  ],
  ['itself', () => [wish(lead.pieceId, { onto: lead.pieceId })], 'tape.not-joined'],
  ['a stem that is not there', () => [wish(lead.pieceId, { onto: 'p999' })], 'tape.lead-gone'],
  ['a piece that is not there', () => [wish('p999', { onto: 'stem' })], 'tape.piece-gone'],
] as const)('%s is said and not built', (_what, edits, code) => {
  const asked = edits();
  const after = built(asked);
  expectTree(after);
  expect(treeFaults(after, heads, asked).map((f) => f.code)).toContain(code);
});

test.each(Array.from({ length: 30 }, (_, i) => [i + 1]))('whatever is asked, it stays a tree (seed %i)', (seed) => {
  const random = seededRandom(seed);
  const any = () => scene.heads[Math.floor(random() * scene.heads.length)]!.piece.id;
  const edits = Array.from({ length: 6 }, () =>
    wish(any(), {
      shiftMm: Math.round((random() - 0.5) * 80),
      later: Math.round((random() - 0.5) * 8),
      onto: [null, 'stem', 'heel', any(), 'p999'][Math.floor(random() * 5)]!,
      spray: random() < 0.3 ? 1 + Math.floor(random() * 3) : null,
    }),
  );
  expectTree(built([...new Map(edits.map((e) => [e.pieceId, e])).values()]));
});

test('a stalk too short, two joints too near, a joint inside a head are named with their joint', () => {
  const spray = structuredClone(plain[0]!);
  const own = spray.joints.filter((j) => j.arm === 'first' && !j.onto);
  own[1]!.stalkMm = 2;
  own[2]!.toPickMm = own[1]!.toPickMm - 2;
  const focal = scene.heads.find((p) => p.body.role === 'focal')!;
  own[3]!.at = focal.centre;
  const said = treeFaults([spray], heads, []);
  const codesAt = (joint: number) => said.flatMap((f) => ('joint' in f.values && f.values.joint === joint ? [f.code] : []));
  expect(codesAt(own[1]!.order)).toContain('tape.stalk-short');
  expect(codesAt(own[2]!.order)).toContain('tape.joints-close');
  expect(codesAt(own[3]!.order)).toContain('tape.joint-in-head');
});
