import * as v from 'valibot';
import { defaultCake, defaultLine, newArrangement, newProject } from '@/core/plan/newProject';
import { type BENCH_ASKS, checkedCalls, composeRequestSchema } from './messages';

const cake = defaultCake();
const request = {
  cake,
  arrangement: newArrangement('a1', defaultLine('crescent', cake)),
  choices: [{ species: 'rose', colourway: 'blush' }],
  style: 'focal-led',
  catalogue: { species: [], methods: [], cutters: [], madeBy: [] },
  counts: null,
  seed: 1,
  proposals: 3,
  effort: 1,
};

test('a whole request passes as it is', () => {
  expect(v.parse(composeRequestSchema, request)).toEqual(request);
});

test.each([
  ['a species without a name', { choices: [{ species: '', colourway: 'x' }] }],
  ['a mood that is none', { style: 'grumpy' }],
  ['half a seed', { seed: 0.5 }],
  ['no proposal', { proposals: 0 }],
  ['more proposals than there are ways', { proposals: 7 }],
  ['endless effort', { effort: 1e6 }],
  ['a task that is none', { task: 'tidy' }],
  ['half a flower at the least', { choices: [{ species: 'rose', colourway: 'blush', least: 1.5 }] }],
  ['a negative count', { counts: [{ species: 'rose', stage: 'open', sizeMm: 58, colourway: 'x', role: 'focal', count: -1 }] }],
  ['a line of an unknown form', { arrangement: { ...request.arrangement, line: { form: 'zigzag' } } }],
])('%s does not reach the composer', (_name, over) => {
  expect(v.safeParse(composeRequestSchema, { ...request, ...over }).success).toBe(false);
});

describe('what the bench worker is asked', () => {
  const own = request.catalogue;
  const rose = { species: 'rose', stage: 'open', sizeMm: 58, colourway: 'blush' };
  const view = { azimuthRad: 0.5, elevationDeg: 20, width: 400, height: 300, detail: 'near' };
  const others = [{ job: 'a', sittings: [{ from: 0, to: 60 }], racks: [{ pool: 'rack', places: 4, from: 60, to: 900 }] }];
  const asked: Record<keyof typeof BENCH_ASKS, readonly unknown[]> = {
    ready: [],
    plan: [newProject('p', 'P', '2027-06-12T09:30'), others],
    otherWork: [newProject('p', 'P', '2027-06-12T09:30'), []],
    whatFits: [newProject('p', 'P', '2027-06-12T09:30'), 900, [], others],
    apart: [newProject('p', 'P', '2027-06-12T09:30')],
    read: [cake, request.arrangement, true, own],
    mesh: [rose, 'far', 2, own],
    portrait: [rose, 192, own],
    cakePicture: [cake, [request.arrangement], view, own],
    glb: ['P', cake, [request.arrangement], own],
    busyTimes: ['BEGIN:VCALENDAR', { from: 0, to: 900 }, null],
    leastWire: [[[{ lengthMm: 90, count: 3 }]], 360],
  };
  const count = (...args: unknown[]): number => args.length;
  const bench = checkedCalls({
    ...{ ready: count, plan: count, otherWork: count, whatFits: count, apart: count, read: count, mesh: count },
    ...{ portrait: count, cakePicture: count, glb: count, busyTimes: count, leastWire: count },
  });
  type Call = keyof typeof bench;

  test.each(Object.entries(asked))('%s passes as it is, and not with one thing too few', (name, args) => {
    expect(bench[name as Call](...args)).toBe(args.length);
    if (args.length) expect(() => bench[name as Call](...args.slice(0, -1))).toThrow('fault.unreadable');
  });

  test.each([
    ['plan', [{}, [{ job: 'a', sittings: [], racks: [{ pool: 'cellar', places: 1, from: 0, to: 1 }] }]]],
    ['whatFits', [{}, Number.NaN, [], []]],
    ['read', [cake, { ...request.arrangement, quantity: -1 }, true, own]],
    ['mesh', [{ ...rose, sizeMm: 0 }, 'far', 2, own]],
    ['portrait', [rose, Infinity, own]],
    ['cakePicture', [cake, [], { ...view, detail: 'best' }, own]],
    ['leastWire', [[[{ lengthMm: 90, count: 0.5 }]], 360]],
  ])('%s is refused with what is none of its kind', (name, args) => {
    expect(() => bench[name as Call](...args)).toThrow('fault.unreadable');
  });
});
