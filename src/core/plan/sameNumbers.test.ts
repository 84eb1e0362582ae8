import { heldProjects, planNumbers } from '../testing/planNumbers';
import held from '../testing/planNumbers.json';
import { derivePlan } from './derivePlan';
import { DEMO_JOBS } from '../demo/jobs';

const HELD: Readonly<Record<string, Record<string, string>>> = held;

// digests written by version 0.1.0; what has changed since stands in CHANGELOG.md and was written anew by `npm run numbers`
test.each(heldProjects(DEMO_JOBS).map((p) => [p.id, p] as const))(
  '%s: every part of the plan has the numbers of before',
  (id, project) => {
    expect(planNumbers(derivePlan(project), project)).toEqual(HELD[id]);
  },
);

test('sixty projects are held', () => expect(Object.keys(HELD)).toHaveLength(60));
