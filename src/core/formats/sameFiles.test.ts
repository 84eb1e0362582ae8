import { DEMO_JOBS } from '../demo/jobs';
import { heldProjects } from '../testing/planNumbers';
import { fileNumbers } from './fileNumbers';
import held from './fileNumbers.json';

const HELD: Readonly<Record<string, Record<string, string>>> = held;

// what has changed on purpose stands in CHANGELOG.md and was written anew by `npm run numbers`
test.each(
  heldProjects(DEMO_JOBS)
    .slice(0, DEMO_JOBS.length)
    .map((p) => [p.id, p] as const),
)('%s: diagrams, templates, sheets, pack, labels and days have the figures of before, in their places', async (id, project) =>
  expect(await fileNumbers(project)).toEqual(HELD[id]),
);
