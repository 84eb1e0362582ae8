import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { derivePlan } from '../src/core/plan/derivePlan';
import { heldProjects, planNumbers } from '../src/core/testing/planNumbers';
import { DEMO_JOBS } from '../src/core/demo/jobs';

/** Writes the digests of sixty plans. Only after a change that is meant to change numbers, which CHANGELOG.md then names. */
const numbers = Object.fromEntries(heldProjects(DEMO_JOBS).map((p) => [p.id, planNumbers(derivePlan(p))]));
writeFileSync(join(import.meta.dirname, '../src/core/testing/planNumbers.json'), `${JSON.stringify(numbers, null, 2)}\n`);
