import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { DEMO_JOBS } from '../src/core/demo/jobs';
import { fileNumbers } from '../src/core/formats/fileNumbers';
import { derivePlan } from '../src/core/plan/derivePlan';
import { heldProjects, planNumbers } from '../src/core/testing/planNumbers';

/** Writes the digests of sixty plans and of the demo's files. Only after a change that is meant to change them, which CHANGELOG.md then names. */
const write = (place: string, numbers: Record<string, Record<string, string>>) =>
  writeFileSync(join(import.meta.dirname, '../src/core', place), `${JSON.stringify(numbers, null, 2)}\n`);

const projects = heldProjects(DEMO_JOBS);
write('testing/planNumbers.json', Object.fromEntries(projects.map((p) => [p.id, planNumbers(derivePlan(p), p)])));
void (async () => {
  const files: Record<string, Record<string, string>> = {};
  for (const p of projects.slice(0, DEMO_JOBS.length)) files[p.id] = await fileNumbers(p);
  write('formats/fileNumbers.json', files);
})();
