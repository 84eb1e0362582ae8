import toppers from '../demo/demo-astronomy-toppers.ofrenda.json';
import { seededRandom, type Random } from '../geometry/random';
import { derivePlan } from '../plan/derivePlan';
import { readProjectFile, writeProjectFile } from './projectFile';

/** So many here; more by `ROUNDS=2000 npx jest structured`. */
const ROUNDS = Number(process.env.ROUNDS ?? 300);

type Json = null | boolean | number | string | Json[] | { [key: string]: Json };
type Place = { of: Json[] | { [key: string]: Json }; key: string | number; path: string };

/** Every place of a value, with its path. */
function* places(value: Json, path = ''): Generator<Place> {
  if (typeof value !== 'object' || value === null) return;
  const keys = Array.isArray(value) ? value.map((_, i) => i) : Object.keys(value);
  for (const key of keys) {
    const here = `${path}${path ? '.' : ''}${key}`;
    yield { of: value as Json[], key, path: here };
    yield* places((value as Json[])[key as number]!, here);
  }
}

const KEYWORDS = ['__proto__', 'constructor', 'toString', 'hasOwnProperty', 'valueOf', 'NaN', '', ' ', '\u200b\u200b', '\u202e'];
const BOUNDS = [0, -0, -1, 1, 0.5, 1e-300, 1e9, 1e308, -1e308, Number.MAX_SAFE_INTEGER, 2 ** 53, 1e21];
const TIMES = ['1989-12-31T10:00', '2101-01-01T10:00', '0001-01-01T00:00', '9999-12-31T23:59', '2027-02-30T09:00'];

/** One change that leaves it a job in shape, but perhaps in nothing else. */
function mutate(job: Json, random: Random): string {
  const all = [...places(job)];
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  // a room first, then a place in it: the many pieces are not all there is to a job
  const room = pick(Object.keys(job as object));
  const at = pick(all.filter((p) => p.path === room || p.path.startsWith(`${room}.`)));
  const get = (p: Place): Json => (p.of as Json[])[p.key as number]!;
  const set = (p: Place, value: Json): void => void ((p.of as Json[])[p.key as number] = value);
  const was = get(at);
  const alike = all.filter((p) => typeof get(p) === typeof was && p.path !== at.path);
  const kind = Math.floor(random() * 7);
  if (kind === 0 && alike.length) set(at, structuredClone(get(pick(alike))));
  else if (kind === 1 && Array.isArray(was)) set(at, [...was, ...structuredClone(was)]);
  else if (kind === 2) set(at, [was]);
  else if (kind === 3) set(at, { nested: was });
  else if (typeof was === 'number') set(at, pick(BOUNDS));
  else if (typeof was === 'string') set(at, /^\d{4}-/.test(was) ? pick(TIMES) : pick(KEYWORDS));
  else if (Array.isArray(at.of)) at.of.splice(at.key as number, 1);
  else delete at.of[at.key];
  return at.path;
}

/** Paths of what is no number although it is one. */
function* noNumbers(value: unknown, path = ''): Generator<string> {
  if (typeof value === 'number' && !Number.isFinite(value)) yield `${path} = ${value}`;
  else if (typeof value === 'object' && value !== null)
    for (const [key, part] of Object.entries(value)) yield* noNumbers(part, `${path}.${key}`);
}

/** Damp air: it may never dry, and that is said so. */
const MAY_BE_INFINITE = /^\.dryFactor|\.nearestEntryMm/;

test(`${ROUNDS} jobs changed in shape-keeping ways: refused with a path, or accepted, planned in numbers, written and read the same`, () => {
  let accepted = 0;
  for (let seed = 1; seed <= ROUNDS; seed++) {
    const random = seededRandom(seed);
    const job = structuredClone(toppers) as unknown as Json;
    const changed = Array.from({ length: 1 + Math.floor(random() * 2) }, () => mutate(job, random)).join(' and ');
    const from = performance.now();
    const read = readProjectFile(JSON.stringify(job));
    if ('refused' in read) {
      expect(read.issues.length).toBeGreaterThan(0);
      continue;
    }
    accepted++;
    const why = `seed ${seed}, ${changed}`;
    const again = readProjectFile(writeProjectFile(read.project));
    expect({ why, again: 'project' in again && again.project }).toEqual({ why, again: read.project });
    let thrown = '';
    try {
      const plan = derivePlan(read.project);
      expect([why, ...[...noNumbers(plan)].filter((p) => !MAY_BE_INFINITE.test(p))]).toEqual([why]);
    } catch (cause) {
      if (cause instanceof Error && cause.message.includes('expect(')) throw cause;
      thrown = cause instanceof Error ? cause.message : 'thrown';
    }
    expect(`${why}: ${thrown}`).toBe(`${why}: `);
    expect(performance.now() - from).toBeLessThan(20_000);
  }
  expect(accepted).toBeGreaterThan(ROUNDS / 20);
});
