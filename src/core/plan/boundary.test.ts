import toppers from '../demo/demo-astronomy-toppers.ofrenda.json';
import library from '../demo/demo-harbour-library.ofrenda.json';
import { ownCopyOf } from '../botany/ownSpecies';
import { SHIPPED, speciesById } from '../botany/catalogue';
import { CALLED } from '../testing/samples';
import { readProjectFile } from '../formats/projectFile';
import { readPacket } from '../formats/packetFile';
import { readCatalogueFile } from '../formats/catalogueFile';
import { ENGLISH } from '../words/english';
import { derivePlan } from './derivePlan';
import { checkProject, type Project } from './project';

const checked = checkProject(toppers);
if ('issues' in checked) throw new Error(checked.issues[0]!.path);
const JOB: Project = checked.project;
const own = ownCopyOf({ base: speciesById('rose', SHIPPED), id: 'own-rose', basedOn: 'rose', called: CALLED });

/** A copy of the job with one place of it set to something else. */
function withAt(path: string, value: unknown, job: Project = JOB): unknown {
  const copy = structuredClone(job) as unknown as Record<string, unknown>;
  const keys = path.split('.');
  const last = keys.pop()!;
  const holder = keys.reduce((o, k) => o[k] as Record<string, unknown>, copy);
  holder[last] = value;
  return copy;
}
const pathsOf = (value: unknown): string[] => {
  const read = checkProject(value);
  return 'issues' in read ? read.issues.map((i) => i.path) : [];
};

describe.each(['toString', 'constructor', '__proto__', 'hasOwnProperty', 'valueOf'])('the inherited name “%s”', (name) => {
  const rich: Project = {
    ...JOB,
    catalogue: { species: [own], methods: [] },
    madeBy: [{ species: 'rose', method: own.method }],
    brief: { ...JOB.brief, choices: [{ species: 'rose', colourway: 'blush' }] },
  };
  test.each([
    'arrangements.0.pieces.0.species',
    'brief.choices.0.species',
    'madeBy.0.species',
    'madeBy.0.method',
    'catalogue.species.0.basedOn',
    'catalogue.species.0.method',
  ])('is an unknown one at %s, told with its path', (path) => {
    expect(pathsOf(rich)).toEqual([]);
    const found = checkProject(withAt(path, name, rich));
    const issue = 'issues' in found ? found.issues.find((i) => i.path === path) : undefined;
    expect(issue).toBeDefined();
    expect(ENGLISH.say(issue!.why)).toContain(name);
  });

  test('as a form, a gauge, a style or a barrier it is refused, or planned as what is not there', () => {
    expect(pathsOf(withAt('arrangements.0.line.form', name)).length).toBeGreaterThan(0);
    expect(pathsOf(withAt('brief.style', name))).toEqual(['brief.style']);
    const stems = checkProject(library);
    if ('issues' in stems) throw new Error(stems.issues[0]!.path);
    const { entries } = derivePlan(stems.project);
    const wished = checkProject({ ...stems.project, barrierFor: [{ entryId: entries[0]!.id, barrier: name }] });
    if ('project' in wished) expect(derivePlan(wished.project).entries).toEqual(entries);
  });

  test('as a method of a species in a catalogue file it is unknown too', () => {
    const text = JSON.stringify({ kind: 'ofrenda.catalogue', version: 1, species: [{ ...own, method: name }], methods: [] });
    const read = readCatalogueFile(text);
    expect('issues' in read && read.issues[0]).toMatchObject({ path: 'species.0.method' });
  });
});

describe('numbers have limits of sense', () => {
  test.each([
    ['cake.tiers.0.turnRad', 1e308],
    ['cake.tiers.0.offset.xMm', 1e308],
    ['cake.board.diameterMm', 1e9],
    ['arrangements.0.pieces.0.headingRad', 1e308],
    ['arrangements.0.pieces.0.rollRad', -1e21],
    ['arrangements.0.pieces.0.sizeMm', 1e6],
    ['arrangements.0.quantity', 1e9],
    ['arrangements.0.quantity', 2 ** 53],
    ['brief.guests', 1e9],
    ['brief.stockMm', 1e308],
  ])('%s of %d is refused at its place', (path, value) => {
    expect(pathsOf(withAt(path, value))).toEqual([path]);
  });

  test('a dowel stands within reach of a cake, a pinned task has one of the makers there can be', () => {
    const dowel = { xMm: 0, yMm: 0, diameterMm: 12, fromMm: 0, toMm: 100 };
    const dowels = (over: Partial<typeof dowel>) => pathsOf(withAt('cake.dowels', [{ ...dowel, ...over }]));
    expect(dowels({})).toEqual([]);
    expect(dowels({ xMm: 1e308 })).toEqual(['cake.dowels.0.xMm']);
    expect(dowels({ yMm: -700 })).toEqual(['cake.dowels.0.yMm']);
    expect(dowels({ toMm: 1e9 })).toEqual(['cake.dowels.0.toMm']);
    const kept = (maker: number) => pathsOf(withAt('days.kept', [{ task: 'mix', maker, from: '2027-06-11T19:00' }]));
    expect(kept(0)).toEqual([]);
    expect(kept(1e308)).toEqual(['days.kept.0.maker']);
    expect(kept(0.5)).toEqual(['days.kept.0.maker']);
  });

  test.each(['1989-12-31T09:30', '2101-01-01T09:30', '0001-01-01T00:00', '9999-12-31T23:59'])(
    'a cake that leaves %s is a slip of the hand',
    (leavesAt) => expect(pathsOf(withAt('brief.leavesAt', leavesAt))).toEqual(['brief.leavesAt']),
  );
  test.each(['1990-01-01T00:00', '2100-12-31T23:59'])('%s is a time of sense', (leavesAt) =>
    expect(pathsOf(withAt('brief.leavesAt', leavesAt))).toEqual([]),
  );

  test('a name without end is refused, not carried along', () => {
    expect(pathsOf(withAt('arrangements.0.pieces.0.stage', 'x'.repeat(10_000)))).toEqual(['arrangements.0.pieces.0.stage']);
    expect(pathsOf(withAt('arrangements.0.pieces.0.id', 'x'.repeat(10_000)))).toEqual(['arrangements.0.pieces.0.id']);
  });
});

describe('two of one list with the same id', () => {
  const paint = { id: 'p', name: 'Rose dust', use: 'dust' as const, hue: '#cc8899', food: 'edible' as const };
  const maker = { id: 'm', name: 'Helper', hours: JOB.brief.hours, can: ['making' as const] };
  test.each([
    ['arrangements.1.id', withAt('arrangements', [JOB.arrangements[0], JOB.arrangements[0]])],
    ['cake.tiers.1.id', withAt('cake.tiers', [JOB.cake.tiers[0], JOB.cake.tiers[0]])],
    ['arrangements.0.pieces.1.id', withAt('arrangements.0.pieces', Array(2).fill(JOB.arrangements[0]!.pieces[0]))],
    ['catalogue.species.1.id', withAt('catalogue.species', [own, own])],
    ['paints.1.id', withAt('paints', [paint, paint])],
    ['days.makers.1.id', withAt('days.makers', [maker, maker])],
  ])('is refused at the second: %s', (path, job) => {
    expect(pathsOf(job)).toEqual([path]);
  });

  test('the same id in two lists is none of it: each arrangement calls its pieces by ids of its own', () => {
    const [first] = JOB.arrangements;
    expect(pathsOf(withAt('arrangements', [first, { ...first, id: 'another' }]))).toEqual([]);
  });
});

describe('a newer version is said only of a version', () => {
  const code = (version: string) => {
    const read = readProjectFile(JSON.stringify(JOB).replace('"version":1', `"version":${version}`));
    return 'refused' in read ? read.refused.code : 'read';
  };
  test.each([
    ['1', 'read'],
    ['2', 'file.newer'],
    ['1e999', 'file.unreadable'],
    ['1.5', 'file.unreadable'],
    ['9007199254740993', 'file.unreadable'],
    ['"2"', 'file.unreadable'],
    ['null', 'file.unreadable'],
  ])('version %s: %s', (version, wanted) => expect(code(version)).toBe(wanted));

  test('of packets too', () => {
    const read = readPacket('{"kind":"ofrenda.packet","version":1e999}');
    expect('refused' in read && read.refused.code).not.toBe('file.newer');
  });
});
