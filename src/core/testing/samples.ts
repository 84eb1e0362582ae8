import type { Cake } from '../cake/cake';
import { type ComposeRequest, type Proposal } from '../compose/proposal';
import { composeAll } from '../compose/composer';
import type { Arrangement, Piece } from '../compose/arrangement';
import type { LineForm } from '../compose/lineKinds';
import { LINE_FORMS } from '../compose/lineKinds';
import { METHODS } from '../compose/arrangement';
import { SPECIES } from '../botany/catalogue';
import { seededRandom } from '../geometry/random';
import { defaultLine, newArrangement, newProject, newTier } from '../plan/newProject';
import type { Project } from '../plan/project';
import { SHIPPED } from '../botany/catalogue';
import { must } from '../geometry/must';

/** A plain cake for tests: tiers by diameter and height, bottom first. */
export function cakeOf(...tiers: readonly (readonly [diameterMm: number, heightMm: number])[]): Cake {
  return {
    tiers: tiers.map(([d, h], i) => newTier({ id: `t${i + 1}`, diameterMm: d, heightMm: h, colour: '#f3ece2', name: 'ivory' })),
    board: { diameterMm: Math.max(60, (tiers[0]?.[0] ?? 200) + 80), thicknessMm: 12 },
    crumb: 'butter cake, chilled',
    dowels: [],
  };
}

export const FORMS: readonly LineForm[] = LINE_FORMS;
/** Those whose pieces are composed; on the others they are strewn. */
export const COMPOSED_FORMS = FORMS.filter((form) => form !== 'scatter');

export const CHOICES = ['rose', 'ranunculus', 'blossom', 'froth', 'roundleaf'].map((species) => ({ species, colourway: 'own' }));

interface RequestForOptions {
  form: LineForm;
  cake: Cake;
  seed?: number;
  effort?: number;
}

/** What the composer is asked for one quick proposal for a form on a cake. */
export function requestFor({ form, cake, seed = 1, effort = 0.5 }: RequestForOptions): ComposeRequest {
  const arrangement = newArrangement('a1', defaultLine(form, cake));
  return {
    cake,
    arrangement,
    catalogue: SHIPPED,
    choices: CHOICES,
    style: 'focal-led',
    counts: null,
    seed,
    proposals: 1,
    effort,
  };
}

interface ProposalForOptions {
  form: LineForm;
  cake: Cake;
  seed?: number;
  effort?: number;
}

/** One quick proposal, the same for the same seed. */
export const proposalFor = ({ form, cake, seed = 1, effort = 0.5 }: ProposalForOptions): Proposal =>
  must(composeAll(requestFor({ form, cake, seed, effort }))[0]);

/** An open rose in the middle of its line, as the hand would set it down, but for what is said. */
export const pieceOf = (over: Partial<Piece> = {}): Piece => ({
  id: 'p1',
  species: 'rose',
  stage: 'open',
  sizeMm: 48,
  colourway: 'blush',
  s: 0.5,
  side: 0,
  lift: 0,
  tiltRad: 0,
  headingRad: 0,
  rollRad: 0,
  pinned: false,
  ...over,
});

/** A project drawn at random: cake, line, method, flowers and pieces anywhere on the line, good and bad alike. */
export function randomProject(seed: number, most = 24): Project {
  const random = seededRandom(seed);
  const pick = <T>(list: readonly T[]): T => must(list[Math.floor(random() * list.length)]);
  const tiers: [number, number][] = [[150 + random() * 150, 60 + random() * 80]];
  while (random() < 0.5 && tiers.length < 3)
    tiers.push([must(tiers[tiers.length - 1])[0] * (0.55 + random() * 0.25), 60 + random() * 60]);
  const cake = cakeOf(...tiers);
  if (random() < 0.25) cake.dowels.push({ xMm: 0, yMm: 0, diameterMm: 12, fromMm: 0, toMm: 120 });
  const form = pick(FORMS);
  const arrangement: Arrangement = {
    ...newArrangement('a1', defaultLine(form, cake)),
    method: pick(METHODS),
    quantity: random() < 0.2 ? 3 : 1,
  };
  const count = Math.floor(random() * most);
  for (let i = 0; i < count; i++) {
    const species = pick(SPECIES);
    arrangement.pieces.push({
      id: `p${i + 1}`,
      species: species.id,
      stage: pick(species.stages).id,
      sizeMm: pick(species.sizesMm),
      colourway: pick(species.colourways).id,
      s: random(),
      side: random() * 2 - 1,
      lift: random() * 0.6,
      tiltRad: random() * 1.2,
      headingRad: random() * 6.28,
      rollRad: random() * 6.28,
      pinned: random() < 0.1,
    });
  }
  const project = newProject(`random-${seed}`, `Random ${seed}`, '2027-06-12T09:30');
  return {
    ...project,
    cake,
    brief: { ...project.brief, dust: pick(['edible', 'not edible', 'unknown'] as const) },
    arrangements: [arrangement],
  };
}

/** Names for copies of species, where nothing hangs on them. */
export const CALLED = { name: 'A copy', plural: 'copies', colour: (id: string): string => id };
