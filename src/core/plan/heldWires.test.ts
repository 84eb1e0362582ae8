import { METHODS } from '../botany/methods';
import { SPECIES } from '../botany/catalogue';
import { handOverSheets } from '../formats/handOverSheets';
import { ENGLISH } from '../words/english';
import { MESSAGES } from '../words/en';
import library from '../demo/demo-astronomy-toppers.ofrenda.json';
import { derivePlan } from './derivePlan';
import { checkProject, type Project } from './project';

const checked = checkProject(library);
if ('issues' in checked) throw new Error(checked.issues[0]!.path);
/** Flowers glued to plaques; eaten where nothing speaks against it. */
const TOPPERS: Project = { ...checked.project, paints: [], brief: { ...checked.project.brief, keepsake: false, dust: 'edible' } };
const said = (project: Project) =>
  JSON.stringify(handOverSheets(derivePlan(project).handOver, { name: 'Job', when: 'then', copies: 1, stops: [] }, ENGLISH));
const EATEN = 'What is glued on may be eaten';
const WIRED = ENGLISH.label('hand.notfood.toppers-wired');
/** Every piece of it one of this species, open. */
const madeOf = (project: Project, id: string): Project => ({
  ...project,
  arrangements: project.arrangements.map((a) => ({
    ...a,
    pieces: a.pieces.map((p) => ({
      ...p,
      species: id,
      stage: 'open',
      colourway: SPECIES.find((s) => s.id === id)!.colourways[0]!.id,
    })),
  })),
});
const madeWithout = (project: Project, method: string): Project => ({
  ...project,
  madeBy: [...new Set(project.arrangements.flatMap((a) => a.pieces.map((p) => p.species)))].map((species) => ({
    species,
    method,
  })),
});

test('flowers on a plaque are no food where they are made on wire, whatever is on them', () => {
  const wired = madeOf(TOPPERS, 'minirose');
  expect(derivePlan(wired).warnings.map((w) => w.code)).toContain('place.wire-glued');
  const sheets = said(wired);
  expect(sheets).not.toContain(EATEN);
  expect(sheets).toContain(WIRED);
});

test('made without wire and of edible things they may be eaten, and not with dust that is unknown', () => {
  const soft = TOPPERS;
  expect(derivePlan(soft).warnings.map((w) => w.code)).not.toContain('place.wire-glued');
  expect(said(soft)).toContain(EATEN);
  expect(said(soft)).not.toContain(WIRED);
  // dried overnight they are hard: said, so that nobody is surprised
  expect(said(soft)).toContain(ENGLISH.label('hand.food.toppers', { soft: 'no' }));
  expect(said(soft)).toContain(ENGLISH.label('hand.food.plaque'));
  const dusted = { ...soft, brief: { ...soft.brief, dust: 'unknown' as const } };
  expect(said(dusted)).not.toContain(EATEN);
  expect(said(dusted)).toContain(ENGLISH.label('hand.notfood.plaque'));
  expect(derivePlan(dusted).warnings.map((w) => w.code)).toContain('place.eaten-with-dust');
});

test('stamens of thread or wire make them no food either', () => {
  const threaded = madeWithout(madeOf(TOPPERS, 'anemone'), 'cupped flower');
  expect(said(threaded)).not.toContain(EATEN);
});

// the words of a method are the other side: one that names wire among its tools or steps is not without
test('no method whose tools or steps name wire counts as being without', () => {
  for (const [id, method] of Object.entries(METHODS)) {
    const words = JSON.stringify(MESSAGES.methods[id as keyof typeof MESSAGES.methods]).replace(/no wire/gi, '');
    if (method.unwired) expect(`${id}: ${words}`).not.toMatch(/\bwire|skewer|thread/i);
  }
});
