import { SHIPPED } from '../botany/catalogue';
import { produce } from 'immer';
import { cakeOf, COMPOSED_FORMS, proposalFor } from '../testing/samples';
import { SPOILERS } from '../testing/spoilers';
import type { Arrangement, LineSpec, Piece } from './arrangement';
import { overallScore, readBalance } from './readBalance';
import { READING_IDS, type Reading, type ReadingId, type Remedy } from './reading';
import { buildScene, FRONT_RAD } from './scene';
import { ENGLISH } from '../words/english';

const CAKE = cakeOf([220, 110]);
const CLEAN = { stops: 0, looks: 0, first: null };
const SEEDS = [1, 2, 3];

const read = (arrangement: Arrangement): Record<ReadingId, Reading> => {
  const list = readBalance(buildScene(CAKE, arrangement, SHIPPED)!, CLEAN);
  return Object.fromEntries(list.map((r) => [r.id, r])) as Record<ReadingId, Reading>;
};

const good = SEEDS.map((seed) => proposalFor({ form: 'crescent', cake: CAKE, seed, effort: 1 }).arrangement);
const spoil = (arrangement: Arrangement, change: (pieces: Piece[]) => void): Arrangement =>
  produce(arrangement, (d) => {
    change(d.pieces);
  });

describe('good arrangements read well', () => {
  test.each(SEEDS.map((s, i) => [s, i] as const))('seed %i', (_seed, i) => {
    const r = read(good[i]!);
    for (const id of READING_IDS) expect({ id, score: r[id].score }).toEqual({ id, score: expect.any(Number) });
    expect(overallScore(Object.values(r))).toBeGreaterThan(80);
    expect(r.crowding.score).toBeGreaterThan(90);
  });
});

/** One good arrangement of every form, on two tiers. */
const TIERS = cakeOf([220, 115], [150, 100]);
const every = COMPOSED_FORMS.map((form, i) => proposalFor({ form, cake: TIERS, seed: i + 1, effort: 0.6 }).arrangement);
const readOn = (arrangement: Arrangement): Reading[] => readBalance(buildScene(TIERS, arrangement, SHIPPED)!, CLEAN);
const LEAST_FALL = 20;
const MOST_UNRELATED = 10;

const apply = (arrangement: Arrangement, remedy: Remedy): Arrangement =>
  produce(arrangement, (d) => {
    for (const { id, to } of remedy.change)
      Object.assign(
        d.pieces.find((p) => p.id === id)!,
        to,
      );
    d.pieces = d.pieces.filter((p) => !remedy.remove.includes(p.id));
    remedy.add.forEach((p, i) => d.pieces.push({ ...p, id: `new-${d.pieces.length}-${i}` }));
  });

describe.each(SPOILERS.map((s) => [s.name, s] as const))('spoiled on purpose: %s', (_name, spoiler) => {
  const cases = every
    .filter((a) => !spoiler.notOn.includes(a.line.form))
    .map((composed) => {
      const good = { ...composed, pieces: spoiler.prepare?.(composed.pieces) ?? composed.pieces };
      const line = buildScene(TIERS, good, SHIPPED)!.line;
      const bad = { ...good, pieces: spoiler.change(good.pieces, line) };
      return { bad, before: readOn(good), after: readOn(bad) };
    });
  const at = (id: ReadingId) => READING_IDS.indexOf(id);
  const meanFall = (id: ReadingId) =>
    cases.reduce((a, c) => a + c.before[at(id)]!.score - c.after[at(id)]!.score, 0) / cases.length;

  test(`${spoiler.spoils} falls by at least ${LEAST_FALL} in the mean over the forms`, () => {
    expect(meanFall(spoiler.spoils)).toBeGreaterThanOrEqual(LEAST_FALL);
  });

  test('what is not named as related falls by less than ten', () => {
    for (const id of READING_IDS.filter((r) => r !== spoiler.spoils && !spoiler.related.includes(r)))
      expect({ id, fall: meanFall(id) < MOST_UNRELATED }).toEqual({ id, fall: true });
  });

  test('its remedy, pressed up to six times, brings back at least half', () => {
    const back = cases.flatMap(({ bad, before, after }) => {
      const k = at(spoiler.spoils);
      const fall = before[k]!.score - after[k]!.score;
      if (fall < 8) return [];
      let now = bad;
      let reading = after[k]!;
      for (let i = 0; i < 6 && reading.remedy; i++) {
        now = apply(now, reading.remedy);
        reading = readOn(now)[k]!;
      }
      return [Math.min(1, (reading.score - after[k]!.score) / fall)];
    });
    expect(back.length).toBeGreaterThan(2);
    expect(back.reduce((a, b) => a + b, 0) / back.length).toBeGreaterThanOrEqual(0.5);
  });
});

test('stops at the bench: buildable', () => {
  const scene = buildScene(CAKE, good[0]!, SHIPPED)!;
  const score = (stops: number) => readBalance(scene, { stops, looks: 0, first: null }).find((r) => r.id === 'buildable')!.score;
  expect(score(0)).toBe(100);
  expect(score(1)).toBeLessThan(70);
  expect(score(9)).toBe(0);
});

describe('remedies', () => {
  test('pinned pieces are never touched', () => {
    const pinned = spoil(good[0]!, (ps) => ps.forEach((p) => Object.assign(p, { pinned: true, tiltRad: 0.05, headingRad: 0 })));
    for (const r of Object.values(read(pinned))) {
      expect(r.remedy?.change ?? []).toEqual([]);
      expect(r.remedy?.remove ?? []).toEqual([]);
    }
  });
});

describe('ordinary input', () => {
  test('no piece at all: every reading is a number with a sentence', () => {
    const r = read({ ...good[0]!, pieces: [] });
    for (const id of READING_IDS) {
      expect(Number.isFinite(r[id].score)).toBe(true);
      expect(ENGLISH.say(r[id].why).length).toBeGreaterThan(10);
    }
  });

  test('one piece alone', () => {
    const r = read({ ...good[0]!, pieces: [good[0]!.pieces[0]!] });
    for (const id of READING_IDS) expect(Number.isFinite(r[id].score) && Number.isFinite(r[id].lean)).toBe(true);
  });

  test('readings are the same for the same arrangement', () => {
    expect(read(good[0]!)).toEqual(read(good[0]!));
  });
});

/** The same line on the other side of the cake, as in a mirror. */
function mirroredLine(line: LineSpec): LineSpec | null {
  const flip = (rad: number) => Math.PI - rad;
  if (line.form === 'crescent' || line.form === 'lazy S')
    return { ...line, fromRad: flip(line.fromRad), sweepRad: -line.sweepRad };
  if (line.form === 'cascade') return { ...line, fromRad: flip(line.fromRad), toRad: flip(line.toRad), swingMm: -line.swingMm };
  if (line.form === 'corner spray') return { ...line, atRad: flip(line.atRad), armMm: -line.armMm };
  return null;
}

/** The same line farther round the cake. */
function turnedLine(line: LineSpec, by: number): LineSpec {
  if (line.form === 'cascade') return { ...line, fromRad: line.fromRad + by, toRad: line.toRad + by };
  if (line.form === 'side spray' || line.form === 'corner spray') return { ...line, atRad: line.atRad + by };
  if (line.form === 'ring') return { ...line, gapAtRad: line.gapAtRad + by };
  if (line.form === 'crescent' || line.form === 'lazy S' || line.form === 'garland' || line.form === 'scatter')
    return { ...line, fromRad: line.fromRad + by };
  const [c, s] = [Math.cos(by), Math.sin(by)];
  return { ...line, xMm: line.xMm * c - line.yMm * s, yMm: line.xMm * s + line.yMm * c, facesRad: line.facesRad + by };
}

const mirrorable = every.filter((a) => mirroredLine(a.line));

test.each(every.map((a) => [a.line.form, a] as const))(
  'a %s turned with the cake and its front: no reading changes',
  (_form, arrangement) => {
    const by = 2.1;
    const still = readBalance(buildScene(TIERS, arrangement, SHIPPED)!, CLEAN);
    const turned = { ...arrangement, line: turnedLine(arrangement.line, by) };
    const there = readBalance(buildScene(TIERS, turned, SHIPPED, FRONT_RAD + by)!, CLEAN);
    there.forEach((r, i) => {
      expect({ id: r.id, off: Math.abs(r.score - still[i]!.score) < 0.5 }).toEqual({ id: r.id, off: true });
      expect(Math.abs(r.lean - still[i]!.lean)).toBeLessThan(0.02);
    });
  },
);

test.each(mirrorable.map((a) => [a.line.form, a] as const))(
  'a %s mirrored: no score changes, and only what leans to the left leans to the right',
  (_form, arrangement) => {
    const mirrored: Arrangement = {
      ...arrangement,
      line: mirroredLine(arrangement.line)!,
      pieces: arrangement.pieces.map((p) => ({ ...p, side: -p.side, headingRad: -p.headingRad, rollRad: -p.rollRad })),
    };
    const a = readOn(arrangement);
    const b = readOn(mirrored);
    a.forEach((r, i) => {
      expect({ id: r.id, off: Math.abs(r.score - b[i]!.score) < 0.5 }).toEqual({ id: r.id, off: true });
      expect(Math.abs((r.id === 'weight' ? -r.lean : r.lean) - b[i]!.lean)).toBeLessThan(0.02);
    });
  },
);
