import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import Papa from 'papaparse';
import { derivePlan } from '../plan/derivePlan';
import { newProject } from '../plan/newProject';
import { randomProject } from '../testing/samples';
import { readCutListCsv, writeCutListCsv } from './cutListCsv';
import { projectJsonSchema } from './jsonSchema';
import { MOST_FILE_CHARACTERS, readProjectFile, writeProjectFile } from './projectFile';
import { ENGLISH } from '../words/english';

const project = randomProject(4);

/** What reading a changed file says. */
const sentenceFor = (change: (file: Record<string, unknown>) => void): string => {
  const file = JSON.parse(writeProjectFile(project)) as Record<string, unknown>;
  change(file);
  const read = readProjectFile(JSON.stringify(file));
  return 'refused' in read ? ENGLISH.say(read.refused) : 'it was read';
};

describe('a project file', () => {
  test.each([1, 2, 3, 7, 12])('out and in gives the same project, seed %i', (seed) => {
    const own = randomProject(seed);
    expect(readProjectFile(writeProjectFile(own))).toEqual({ project: own, photographs: [], repaired: [] });
  });

  test.each(readdirSync('src/core/demo').filter((f) => f.endsWith('.json')))(
    'the shipped demo %s opens, and nothing in it stops',
    (file) => {
      const read = readProjectFile(readFileSync(`src/core/demo/${file}`, 'utf8'));
      if ('refused' in read) throw new Error(ENGLISH.say(read.refused));
      const plan = derivePlan(read.project);
      expect(plan.warnings.filter((w) => w.level === 'stop')).toEqual([]);
      expect(plan.verdict).toBe('go');
    },
  );

  test('not JSON, another kind, a newer version: one plain sentence each', () => {
    const sentence = (text: string) => {
      const read = readProjectFile(text);
      return 'refused' in read ? ENGLISH.say(read.refused) : '';
    };
    expect(sentence('{"kind": "ofr')).toMatch(/not JSON.*nothing was changed/);
    expect(sentence('[]')).toMatch(/something else/);
    expect(sentence('null')).toMatch(/something else/);
    expect(sentence('{"kind":"a recipe"}')).toMatch(/something else/);
    expect(sentenceFor((f) => (f.version = 99))).toMatch(/newer Ofrenda \(version 99.*untouched/);
    expect(sentence('x'.repeat(MOST_FILE_CHARACTERS + 1))).toMatch(/larger than any job/);
  });

  test.each<[string, (f: Record<string, unknown>) => void, RegExp]>([
    [
      'a tier of no width',
      (f) => ((f.cake as { tiers: { diameterMm: number }[] }).tiers[0]!.diameterMm = 0),
      /“0” is less than 40.*cake\.tiers\.0\.diameterMm/,
    ],
    [
      'a negative height',
      (f) => ((f.cake as { tiers: { heightMm: number }[] }).tiers[0]!.heightMm = -5),
      /“-5” is less than 10.*heightMm/,
    ],
    ['an absurd size', (f) => ((f.cake as { tiers: { diameterMm: number }[] }).tiers[0]!.diameterMm = 1e9), /more than 800/],
    ['a missing brief', (f) => delete f.brief, /brief/],
    ['a name of nothing', (f) => (f.name = ''), /it is empty \(at name\)/],
    [
      'an unknown species',
      (f) => ((f.arrangements as { pieces: { species: string }[] }[])[0]!.pieces[0]!.species = 'triffid'),
      /not in the catalogue/,
    ],
    ['a time that is none', (f) => ((f.brief as { leavesAt: string }).leavesAt = 'Saturday'), /2027-06-12T09:30/],
    ['a misspelt field', (f) => ((f.brief as { gests: number }).gests = 80), /“gests” is no field of it.*brief\.gests/],
    ['a misspelt field of a tier', (f) => ((f.cake as { tiers: { colour: string }[] }).tiers[0]!.colour = '#fff'), /“colour”/],
    ['a day that is not in the calendar', (f) => ((f.brief as { leavesAt: string }).leavesAt = '2027-02-30T09:30'), /2027-02-30/],
    ['tiers that are no list', (f) => ((f.cake as { tiers: unknown }).tiers = 'three'), /cake\.tiers/],
  ])('%s: said with its place', (_name, change, want) => {
    expect(sentenceFor(change)).toMatch(want);
  });

  test('two pieces with one id are refused, with the path', () => {
    const read = readProjectFile(
      JSON.stringify({
        ...project,
        arrangements: [
          { ...project.arrangements[0]!, pieces: [project.arrangements[0]!.pieces[0]!, project.arrangements[0]!.pieces[0]!] },
        ],
      }),
    );
    expect('issues' in read && read.issues[0]!.path).toBe('arrangements.0.pieces.1.id');
  });

  test('any damage gives a project or a sentence, never an exception (seed 9, 300 runs)', () => {
    const text = writeProjectFile(project);
    fc.assert(
      fc.property(
        fc.nat(text.length - 1),
        fc.constantFrom('', '0', '"', '{', 'null', '-', '1e999', ']'),
        fc.nat(8),
        (at, put, cut) => {
          const read = readProjectFile(text.slice(0, at) + put + text.slice(at + cut));
          expect('project' in read || ENGLISH.say(read.refused).length > 20).toBe(true);
        },
      ),
      { seed: 9, numRuns: 300 },
    );
  });
});

describe('the JSON Schema', () => {
  test('in docs is the one that the application checks with', () => {
    expect(JSON.parse(readFileSync('docs/project.schema.json', 'utf8'))).toEqual(JSON.parse(JSON.stringify(projectJsonSchema())));
  });

  test('photographs travel where they are wanted; what is no picture is refused with the rest', () => {
    const own = randomProject(4);
    const photo = { id: 'p1', type: 'image/jpeg' as const, base64: 'aGVsbG8=' };
    expect(readProjectFile(writeProjectFile(own, [photo]))).toEqual({ project: own, photographs: [photo], repaired: [] });
    const bad = readProjectFile(writeProjectFile(own, [{ ...photo, base64: '<script>' }]));
    expect('refused' in bad && ENGLISH.say(bad.refused)).toMatch(/photographs in this file cannot be read/);
  });

  test('every field of the schema is spoken of in docs/file-format.md', () => {
    const words = readFileSync('docs/file-format.md', 'utf8');
    const schema = projectJsonSchema() as { properties: Record<string, { properties?: Record<string, unknown> }> };
    for (const [name, part] of Object.entries(schema.properties)) {
      expect(words).toContain(`\`${name}\``);
      for (const inner of Object.keys(part.properties ?? {})) expect(words).toContain(`\`${inner}\``);
    }
  });

  test('every field of a plan is spoken of in docs/plan-format.md', () => {
    const words = readFileSync('docs/plan-format.md', 'utf8');
    for (const name of Object.keys(derivePlan(newProject('p', 'P', '2027-06-12T09:30')))) expect(words).toContain(`\`${name}\``);
  });
});

describe('a cut list as CSV (RFC 4180)', () => {
  test('out and in, and an independent reader takes it', () => {
    const rows = [
      { gauge: 20, lengthMm: 96, count: 3 },
      { gauge: 28, lengthMm: 60.5, count: 40 },
    ];
    const text = writeCutListCsv(rows);
    expect(readCutListCsv(text)).toEqual({ rows });
    expect(Papa.parse(text.trim(), { header: true }).errors).toEqual([]);
    expect(text).toMatch(/^gauge,length_mm,count\r\n/);
  });

  test('a missing column, a bad cell: named with column and line', () => {
    expect(readCutListCsv('gauge,count\n20,3')).toMatchObject({ issues: [{ path: 'header.length_mm' }] });
    expect(readCutListCsv('gauge,length_mm,count\n20,96,3\n22,-4,2.5')).toMatchObject({
      issues: [
        { path: 'line 3.length_mm', received: '-4' },
        { path: 'line 3.count', received: '2.5' },
      ],
    });
    expect(readCutListCsv('gauge,length_mm,count\n20,,1')).toMatchObject({ issues: [{ received: '' }] });
    expect(readCutListCsv('gauge,length_mm,count\n20,"96,5",1')).toMatchObject({ issues: [{ received: '96,5' }] });
  });

  test('quoted cells and other line ends are read', () => {
    expect(readCutListCsv('gauge,length_mm,count\r\n"24","72","5"\r\n')).toEqual({
      rows: [{ gauge: 24, lengthMm: 72, count: 5 }],
    });
  });
});
