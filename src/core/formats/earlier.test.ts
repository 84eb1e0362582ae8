import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { derivePlan } from '../plan/derivePlan';
import { PROJECT_VERSION } from '../plan/project';
import { readProjectFile, writeProjectFile } from './projectFile';
import { ENGLISH } from '../words/english';

/** Files as the application wrote them at earlier times, kept as they were; each time had fields that the one before had not. */
const FOLDER = join(__dirname, 'earlier');
const FILES = readdirSync(FOLDER).filter((f) => f.endsWith('.json'));

/** Everything that the old file says and the new reading still knows is said unchanged; what is new has a default. */
function kept(old: unknown, now: unknown, at = ''): string[] {
  if (Array.isArray(old) && Array.isArray(now))
    return old.length === now.length
      ? old.flatMap((o, i) => kept(o, now[i], `${at}.${i}`))
      : [`${at}: ${old.length} → ${now.length}`];
  if (old && now && typeof old === 'object' && typeof now === 'object')
    return Object.entries(old).flatMap(([k, o]) =>
      k in now ? kept(o, (now as Record<string, unknown>)[k], `${at}.${k}`) : [`${at}.${k}: gone`],
    );
  return Object.is(old, now) ? [] : [`${at}: ${JSON.stringify(old)} → ${JSON.stringify(now)}`];
}

test('there is a file of every version that was ever written', () => {
  const versions = new Set(FILES.map((f) => Number(f.split('-')[0])));
  expect([...versions].sort()).toEqual(Array.from({ length: PROJECT_VERSION }, (_, i) => i + 1));
  expect(FILES.length).toBeGreaterThanOrEqual(5);
});

test.each(FILES)('%s opens: nothing that it says is changed, it is planned, and written again it reads the same', (file) => {
  const text = readFileSync(join(FOLDER, file), 'utf8');
  const read = readProjectFile(text);
  if ('refused' in read) throw new Error(ENGLISH.say(read.refused));
  expect(kept(JSON.parse(text), read.project)).toEqual([]);
  expect(derivePlan(read.project).heads).toHaveLength(read.project.arrangements.reduce((a, b) => a + b.pieces.length, 0));
  const again = readProjectFile(writeProjectFile(read.project));
  expect('project' in again && again.project).toEqual(read.project);
});
