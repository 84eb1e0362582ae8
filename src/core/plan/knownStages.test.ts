import library from '../demo/demo-harbour-library.ofrenda.json';
import { readProjectFile } from '../formats/projectFile';
import { ENGLISH } from '../words/english';
import { derivePlan } from './derivePlan';
import { withKnownStages } from './knownStages';
import { checkProject } from './project';

const checked = checkProject(library);
if ('issues' in checked) throw new Error(checked.issues[0]!.path);
const JOB = checked.project;
const [first] = JOB.arrangements;

const with_ = (piece: { stage?: string; colourway?: string }) => ({
  ...JOB,
  arrangements: [{ ...first!, pieces: first!.pieces.map((p, i) => (i === 2 ? { ...p, ...piece } : p)) }],
});

test('a job that names what there is stays the very same', () => {
  expect(withKnownStages(JOB)).toEqual({ project: JOB, repaired: [] });
  expect(withKnownStages(JOB).project).toBe(JOB);
});

test.each([
  ['stage', 'half blown'],
  ['colourway', 'toString'],
] as const)('an unknown %s becomes one that the species has, and is told with its place', (field, met) => {
  const { project, repaired } = withKnownStages(with_({ [field]: met }));
  expect(repaired.map((r) => [r.path, r.received])).toEqual([[`arrangements.0.pieces.2.${field}`, met]]);
  expect(ENGLISH.say(repaired[0]!.why)).toContain(met);
  const taken = project.arrangements[0]!.pieces[2]![field];
  expect(taken).toBe(repaired[0]!.expected);
  // put right once, nothing is left to be put right, and it is planned as it was drawn before
  expect(withKnownStages(project).repaired).toEqual([]);
  const made = (job: typeof JOB) => derivePlan(job).heads.map((h) => [h.pieceId, Math.round(h.radialMm * 100)]);
  expect(made(project)).toEqual(made(with_({ [field]: met })));
});

test('choices and wires too', () => {
  const { repaired } = withKnownStages({
    ...JOB,
    brief: { ...JOB.brief, choices: [{ ...JOB.brief.choices[0]!, colourway: 'none' }] },
    gauges: [{ species: JOB.brief.choices[0]!.species, stage: 'none', gauge: 22 }],
  });
  expect(repaired.map((r) => r.path)).toEqual(['brief.choices.0.colourway', 'gauges.0.stage']);
});

test('a file is put right as it is read, and says so', () => {
  const read = readProjectFile(JSON.stringify(with_({ stage: 'none', colourway: 'none' })));
  expect(read).toHaveProperty('project');
  expect('repaired' in read && read.repaired).toHaveLength(2);
  expect(readProjectFile(JSON.stringify(JOB))).toMatchObject({ repaired: [] });
});
