import { SHIPPED } from '../botany/catalogue';
import { cakeSolid } from '../cake/solid';
import { drawLine } from '../compose/line';
import { placeAll } from '../compose/placement';
import { must } from '../geometry/must';
import { addScaled, type Vec3 } from '../geometry/vec3';
import { derivePlan } from '../plan/derivePlan';
import { defaultLine, newProject } from '../plan/newProject';
import type { Project } from '../plan/project';
import { clashesOf, nearPair } from '../compose/scene';
import { cakeOf, pieceOf, proposalFor } from '../testing/samples';
import { pressedBetween, pressedWithin, stemsThroughHeads } from './oneCake';

const CAKE = cakeOf([240, 110]);
const ON = { cake: CAKE, solid: cakeSolid(CAKE) };
const line = must(drawLine(defaultLine('crescent', CAKE), CAKE));
const [rose, bud] = placeAll([pieceOf(), pieceOf({ id: 'p2', s: 0.52 })], line, SHIPPED) as [never, never];
const head = rose as ReturnType<typeof placeAll>[number];
const near = bud as ReturnType<typeof placeAll>[number];

const within = (heads: (typeof head)[]) => pressedWithin({ heads, clashes: clashesOf([nearPair(heads, 0, 1) ?? []].flat()) }, ON);

describe('pieces that have no room for each other', () => {
  test('two roses nearly in one place are a stop; a hand apart they are nothing', () => {
    expect(within([head, near]).map((w) => [w.code, w.level])).toEqual([['place.no-room-for-both', 'stop']]);
    const far = placeAll([pieceOf({ s: 0.1 }), pieceOf({ id: 'p2', s: 0.9 })], line, SHIPPED);
    expect(within(far)).toEqual([]);
  });

  test('of two arrangements a press of a few millimetres is looked at, within one the readings tell it', () => {
    // slid along the line until they press by 3 to 8 mm
    const at = Array.from({ length: 60 }, (_, i) =>
      placeAll([pieceOf(), pieceOf({ id: 'p2', s: 0.52 + i * 0.004 })], line, SHIPPED),
    ).find(([a, b]) => {
      const [found] = pressedBetween([must(a)], [must(b)], ON);
      return found?.level === 'look again';
    }) as [typeof head, typeof head];
    expect(within(at)).toEqual([]);
    expect(pressedBetween([at[0]], [at[1]], ON)[0]!.code).toBe('place.no-room-for-both');
  });
});

describe('stems that run through a head', () => {
  const { centre, axis, across, body } = head;
  /** a straight stem square to the head's axis, so far from its middle */
  const passing = (offMm: number): Vec3[] =>
    [-60, 60].map((mm) => addScaled(addScaled(centre, axis, offMm), across, mm)) as unknown as Vec3[];
  const through = (offMm: number) =>
    stemsThroughHeads([{ pieceId: 'p2', curve: passing(offMm) }], [head, near], [head], ON).map((w) => [w.level, w.pieceId]);

  test('through the middle there is no way past; near its skin the wire is bent; beside it nothing is said', () => {
    const half = body.axialMm;
    expect(half).toBeGreaterThan(12);
    expect(through(0)).toEqual([['stop', 'p2']]);
    expect(through(half - 6)).toEqual([['look again', 'p2']]);
    expect(through(half - 2)).toEqual([]);
    expect(through(half + 5)).toEqual([]);
  });

  test('a head’s own stem comes out of it, and is not meant', () => {
    expect(stemsThroughHeads([{ pieceId: 'p1', curve: passing(0) }], [head], [head], ON)).toEqual([]);
  });
});

describe('two arrangements on one cake', () => {
  const WIDE = cakeOf([340, 110]);
  const posy = proposalFor({ form: 'posy', cake: CAKE, seed: 3, effort: 0.2 }).arrangement;
  const job = (at: [number, number][]): Project => ({
    ...newProject('two', 'Two', '2027-06-12T09:30'),
    cake: WIDE,
    arrangements: at.map(([xMm, yMm], i) => ({ ...posy, id: `a${i + 1}`, line: { ...posy.line, xMm, yMm } as typeof posy.line })),
  });
  const codes = (project: Project) =>
    derivePlan(project)
      .warnings.filter((w) => w.level === 'stop')
      .map((w) => w.code);
  const alone = codes(job([[-45, 0]]));

  test('two posies in one place are a stop, side by side they are not', () => {
    const both = codes(job([[0, 0], [4, 0]])); // prettier-ignore
    expect(both.filter((c) => c === 'place.no-room-for-both').length).toBeGreaterThan(5);
    const apart = codes(job([[-80, 0], [80, 0]])); // prettier-ignore
    expect(apart).not.toContain('place.no-room-for-both');
    expect(alone).not.toContain('place.no-room-for-both');
  });

  test('the second is seated clear of what the first has in the cake, and every wall is told over both', () => {
    const crescent = proposalFor({ form: 'crescent', cake: WIDE, seed: 3, effort: 0.2 }).arrangement;
    const first = { ...crescent, id: 'a1' };
    const second = { ...crescent, id: 'a2', pieces: crescent.pieces.map((p) => ({ ...p, lift: p.lift + 0.1 })) };
    const project = { ...job([[0, 0]]), arrangements: [first, second] };
    const plan = derivePlan(project);
    const of = (id: string) => plan.entries.filter((e) => e.arrangementId === id);
    const alike = derivePlan({ ...project, arrangements: [{ ...second, id: 'a2' }] }).entries;
    // by itself it would go in elsewhere
    const moved = of('a2').filter((e) => alike.some((b) => b.id === e.id && Math.hypot(...e.pointMm.map((v, k) => v - b.pointMm[k]!)) > 1)); // prettier-ignore
    expect(moved.length).toBeGreaterThan(0);
    // and what stands next to an entry of the first is seen from it too
    const walls = of('a1').map((e) => e.nearestEntryMm);
    const own = derivePlan({ ...project, arrangements: [first] }).entries.map((e) => e.nearestEntryMm);
    expect(walls.some((mm, i) => mm < own[i]! - 0.5)).toBe(true);
    walls.forEach((mm, i) => expect(mm).toBeLessThanOrEqual(own[i]! + 1e-9));
  });
});
