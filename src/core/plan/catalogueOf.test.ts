import { ENGLISH } from '../words/english';
import { ownMethodOf } from '../words/ownMethod';
import { BARRIERS } from '../place/barrier';
import { METHODS } from '../botany/methods';
import { SHIPPED, speciesById } from '../botany/catalogue';
import { ownCopyOf, type OwnSpecies } from '../botany/ownSpecies';
import { Memo } from '../geometry/memo';
import { planNumbers } from '../testing/planNumbers';
import { CALLED, cakeOf, proposalFor } from '../testing/samples';
import { catalogueOf } from './catalogueOf';
import { derivePlan } from './derivePlan';
import { newProject } from './newProject';
import { checkProject, type Project } from './project';

const CAKE = cakeOf([220, 110], [150, 100]);
const { arrangement } = proposalFor({ form: 'crescent', cake: CAKE, seed: 4, effort: 0.1 });

/** A job whose roses are its own, made its own way, set in its own straw: the same ids in every such job, the numbers its own. */
function jobWith({ pasteMm, minutes, boreMm }: { pasteMm: number; minutes: number; boreMm: number }): Project {
  const rose = speciesById('rose', SHIPPED);
  const way = ownMethodOf({ from: METHODS[rose.method]!, id: 'own-way', name: 'own way', words: ENGLISH });
  const own: OwnSpecies = {
    ...ownCopyOf({ base: rose, id: 'own-rose', basedOn: 'rose', called: CALLED }),
    pasteMm,
    method: 'own-way',
  };
  const checked = checkProject({
    ...newProject('p', 'P', '2027-06-12T09:30'),
    cake: CAKE,
    arrangements: [
      {
        ...arrangement,
        pieces: arrangement.pieces.map((p) => (p.species === 'rose' ? { ...p, species: 'own-rose' } : p)),
      },
    ],
    catalogue: {
      species: [own],
      methods: [{ ...way, steps: way.steps.map((s) => ({ ...s, minutesEach: minutes })) }],
    },
    barriers: [
      {
        id: 'own-straw',
        name: 'my straw',
        kind: 'straw',
        boreMm,
        outsideMm: boreMm + 0.6,
        stockMm: 240,
        mostGrams: 90,
        minutes: 1,
      },
    ],
  });
  if (!('project' in checked)) throw new Error(JSON.stringify(checked.issues));
  return checked.project;
}

const THIN = jobWith({ pasteMm: 0.6, minutes: 10, boreMm: 5 });
const THICK = jobWith({ pasteMm: 1.4, minutes: 50, boreMm: 9 });
const gramsOf = (job: Project) => derivePlan(job).heads.reduce((a, h) => a + h.massGrams, 0);

test('two jobs with own species, methods and barriers under the same ids never touch each other, in whatever order they are planned', () => {
  const alone = [THIN, THICK].map((job) => planNumbers(derivePlan(job), job));
  expect(alone[0]).not.toEqual(alone[1]);
  const memories = [new Memo(), new Memo()];
  const shared = new Memo();
  for (const i of [0, 1, 1, 0, 1, 0]) {
    const job = [THIN, THICK][i]!;
    expect(planNumbers(derivePlan(job, memories[i]), job)).toEqual(alone[i]);
    expect(planNumbers(derivePlan(job, shared), job)).toEqual(alone[i]);
  }
});

test('thicker paste weighs more and slower steps take longer, in the job that says so', () => {
  expect(gramsOf(THICK)).toBeGreaterThan(gramsOf(THIN) * 1.1);
  const made = (job: Project) => derivePlan(job).tasks.reduce((a, t) => a + t.minutes, 0);
  expect(made(THICK)).toBeGreaterThan(made(THIN));
});

test('one catalogue for as long as a job brings the same, another as soon as it brings another', () => {
  const first = catalogueOf(THIN);
  expect(catalogueOf(structuredClone(THIN))).toBe(first);
  expect(catalogueOf(THICK)).not.toBe(first);
  expect(first.barriers.map((b) => b.id)).toEqual([...BARRIERS.map((b) => b.id), 'own-straw']);
  expect(SHIPPED.species.has('own-rose') || SHIPPED.methods.has('own-way')).toBe(false);
  const { own } = catalogueOf({ ...THIN, catalogue: { species: [], methods: [] } });
  expect(own).toEqual(SHIPPED.own);
});
