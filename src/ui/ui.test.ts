import { derivePlan, type DerivedPlan } from '@/core/plan/derivePlan';
import { newProject } from '@/core/plan/newProject';
import { checkProject, type Project } from '@/core/plan/project';
import harbour from '@/core/demo/demo-harbour-library.ofrenda.json';
import wreath from '@/core/demo/demo-midwinter-wreath.ofrenda.json';
import { seededRandom } from '@/core/geometry/random';
import { LABEL_GAP, spreadLabels } from './place/labels';
import { faultOf } from './fields/faultOf';
import { ENGLISH } from '@/core/words/english';
import { inchFieldToMm, mmToInchField } from './fields/inches';
import { leavesWords } from './shared/words';
import { budsOf, STATIONS } from './shell/stations';

const open = (demo: unknown): Project => {
  const checked = checkProject(demo);
  if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
  return checked.project;
};
const project = open(harbour);
const plan = derivePlan(project);

describe('words', () => {
  test.each([
    [0, '0 min'],
    [40, '40 min'],
    [59.6, '1 h'],
    [60, '1 h'],
    [155, '2 h 35'],
    [125, '2 h 05'],
  ])('%f minutes is “%s”', (minutes, words) => {
    expect(ENGLISH.units.duration(minutes)).toBe(words);
  });

  test('the day it leaves, and a day that is none', () => {
    expect(leavesWords('2027-06-12T09:30', ENGLISH)).toBe('Saturday 12 June, leaves at 09:30');
    expect(leavesWords('2027-13-45T99:99', ENGLISH)).toBe('no day set');
  });

  test('grams as a figure: tenths below ten', () => {
    expect(ENGLISH.units.gramFigure(2.345)).toBe('2.3');
    expect(ENGLISH.units.gramFigure(23.45)).toBe('23');
  });

  test('a field keeps what is typed in inches to a tenth of a millimetre, and shows the same again', () => {
    for (let inches = 0.125; inches < 30; inches += 0.0625)
      expect(Math.abs(mmToInchField(inchFieldToMm(inches)) - inches)).toBeLessThanOrEqual(0.0025);
    expect([inchFieldToMm(1), inchFieldToMm(6.5), mmToInchField(254)]).toEqual([25.4, 165.1, 10]);
  });
});

describe('a typed figure', () => {
  test.each([
    [NaN, 'no-number'],
    [Infinity, 'no-number'],
    [39, 'least'],
    [1e9, 'most'],
    [-0, 'least'],
  ])('%f is said', (figure, fault) => {
    expect(faultOf(figure, 40, 800)).toBe(fault);
  });

  test.each([40, 800, 127.5])('%f may stand', (figure) => {
    expect(faultOf(figure, 40, 800)).toBeNull();
  });
});

describe('the growing stem', () => {
  test('has eight stations, each with a path of its own', () => {
    expect(STATIONS.map((s) => ENGLISH.label(s.name))).toEqual([
      'Brief',
      'Compose',
      'Make',
      'Wire & tape',
      'Place',
      'Days',
      'Log',
      'Hand over',
    ]);
    expect(new Set(STATIONS.map((s) => s.path)).size).toBe(8);
  });

  test('without a job or a plan all is shut', () => {
    for (const bud of Object.values(budsOf(null, null, ENGLISH))) expect(bud.state).toBe('shut');
    for (const bud of Object.values(budsOf(project, null, ENGLISH))) expect(bud.state).toBe('shut');
  });

  test('with nothing composed each says what holds it closed', () => {
    const empty = newProject('e', 'E', '2027-06-12T09:30');
    const buds = budsOf(empty, derivePlan(empty), ENGLISH);
    expect(buds.brief).toEqual({ state: 'settled', note: '1 tier' });
    expect(buds.compose).toEqual({ state: 'ready', note: 'ready' });
    expect(buds.place).toEqual({ state: 'shut', note: 'needs Compose' });
    expect(buds.log.note).toBe('starts with Make');
  });

  test('with a composed job the notes are the plan’s own numbers', () => {
    const buds = budsOf(project, plan, ENGLISH);
    expect(buds.make.note).toBe(`${plan.tray.reduce((a, k) => a + k.toMake, 0)} to make`);
    expect(buds.wire.note).toBe(`${plan.stems.length} stems`);
    expect(buds['hand-over'].note).toBe(`${plan.entries.length} to take out`);
    const sprays = open(wreath);
    expect(budsOf(sprays, derivePlan(sprays), ENGLISH).wire.note).toMatch(/joints$/);
  });

  test('a stop turns its own bud red and closes the way out', () => {
    const stopped: DerivedPlan = {
      ...plan,
      warnings: [{ code: 'place.separator', values: {}, level: 'stop', station: 'place' }],
    };
    const buds = budsOf(project, stopped, ENGLISH);
    expect(buds.place).toEqual({ state: 'stop', note: '1 stop' });
    expect(buds['hand-over']).toEqual({ state: 'shut', note: 'needs Place' });
    const brief: DerivedPlan = {
      ...plan,
      warnings: [{ code: 'cake.no-tier', values: {}, level: 'stop', station: 'brief' }],
    };
    expect(budsOf(project, brief, ENGLISH).brief.state).toBe('stop');
  });

  test('what is made settles Make and Log', () => {
    const all = plan.tray.map((k, i) => ({
      id: `${i}`,
      at: '2027-06-01T19:00',
      kind: k.key,
      made: k.toMake,
      broken: 0,
      minutes: null,
    }));
    const buds = budsOf({ ...project, log: all }, plan, ENGLISH);
    expect(buds.make).toEqual({ state: 'settled', note: 'all made' });
    expect(buds.log.state).toBe('settled');
    const half = budsOf({ ...project, log: all.slice(0, 1) }, plan, ENGLISH);
    expect(half.log.state).toBe('ready');
  });
});

describe('numbers on a crowded map', () => {
  test.each([1, 2, 3, 4])('are pushed apart and keep their places, seed %i', (seed) => {
    const random = seededRandom(seed);
    const places = Array.from({ length: 24 }, (_, i) => ({ id: i, atX: 200 + random() * 160, atY: 260 + random() * 120 }));
    const labels = spreadLabels(places, 580);
    expect(labels.map((l) => [l.id, l.atX, l.atY])).toEqual(places.map((p) => [p.id, p.atX, p.atY]));
    let close = 0;
    labels.forEach((a, i) =>
      labels.slice(i + 1).forEach((b) => (close += Math.hypot(a.x - b.x, a.y - b.y) < LABEL_GAP - 3 ? 1 : 0)),
    );
    expect(close).toBe(0);
  });

  test('one alone, two in one place, and one at the rim stay on the map', () => {
    expect(spreadLabels([{ atX: 100, atY: 100 }], 580)[0]).toMatchObject({ x: 100, y: 100 });
    const [a, b] = spreadLabels(
      [
        { atX: 300, atY: 300 },
        { atX: 300, atY: 300 },
      ],
      580,
    );
    expect(Math.hypot(a!.x - b!.x, a!.y - b!.y)).toBeGreaterThan(LABEL_GAP - 1);
    expect(spreadLabels([{ atX: 2, atY: 579 }], 580)[0]).toMatchObject({ x: 16, y: 564 });
  });
});
