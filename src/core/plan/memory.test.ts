import { afresh, Memory } from '../geometry/memory';
import { seededRandom } from '../geometry/random';
import { randomProject } from '../testing/samples';
import { derivePlan } from './derivePlan';
import type { Project } from './project';

test('what was made for the same is recalled, for one turn longer than it was asked for', () => {
  const memory = new Memory();
  let made = 0;
  const ask = (of: unknown) => memory.recall('x', of, () => ++made);
  expect([ask([1]), ask([1]), ask([2])]).toEqual([1, 1, 2]);
  memory.turn();
  expect(ask([1])).toBe(1);
  memory.turn();
  expect([ask([1]), ask([2])]).toEqual([1, 3]);
  const under = memory.under('a long ground');
  expect(under('x', [1], () => 'its own')).toBe('its own');
  expect(memory.under('another')('x', [1], () => 'another’s')).toBe('another’s');
  memory.forget();
  expect(ask([1])).toBe(4);
  expect(afresh('x', [1], () => 'anew')).toBe('anew');
});

/** One change as a hand makes it: mostly a piece that moves; now and then a size, a piece less, the cake, the wire, the dust. */
function changed(project: Project, random: () => number): Project {
  const p = structuredClone(project);
  const own = p.arrangements[0]!;
  const piece = own.pieces[Math.floor(random() * own.pieces.length)];
  const kind = random();
  if (kind < 0.06) p.cake.tiers[0]!.heightMm += 3;
  else if (kind < 0.12) p.brief.wireSystem = p.brief.wireSystem === 'SWG' ? 'AWG' : 'SWG';
  else if (kind < 0.18) p.brief.dust = 'not edible';
  else if (kind < 0.22) own.pieces.pop();
  else if (kind < 0.26 && 'riseMm' in own.line) own.line.riseMm += 2;
  else if (kind < 0.34 && piece) own.joints = [{ pieceId: piece.id, shiftMm: 8, later: 0, onto: null, spray: null }];
  else if (piece) Object.assign(piece, { s: Math.min(1, piece.s + random() * 0.1), tiltRad: random() });
  return p;
}

/** What is added and taken away again differs in the last digits; remedies are looked for afresh alone. */
const rounded = (value: unknown): unknown =>
  JSON.parse(
    JSON.stringify(value, (key, v: unknown) => (key === 'remedy' ? null : typeof v === 'number' ? Math.round(v * 1e6) / 1e6 : v)),
  );

test.each([3, 5, 8, 12, 17, 21, 26, 33, 40, 47])(
  'a plan with the memory of the last one is the plan made afresh, seed %i',
  (seed) => {
    const random = seededRandom(seed);
    const memory = new Memory();
    let project = randomProject(seed, 40);
    for (let turn = 0; turn < 8; turn++) {
      expect(rounded(derivePlan(project, memory))).toEqual(rounded(derivePlan(structuredClone(project))));
      project = changed(project, random);
    }
  },
);
