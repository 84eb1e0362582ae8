import { colourDifference } from './colourDifference';
import { SHIPPED } from '../botany/catalogue';
import { cakeSolid } from '../cake/solid';
import { length } from '../geometry/vec3';
import { defaultLine, newArrangement } from '../plan/newProject';
import { cakeOf } from '../testing/samples';
import type { Piece } from './arrangement';
import { buildScene, coveringAt, FRONT_RAD, PETAL_GIVE_MM, viewsFrom, visualWeight } from './scene';
import { ENGLISH } from '../words/english';

const CAKE = cakeOf([240, 100], [160, 100]);
const piece = (over: Partial<Piece> = {}): Piece => ({
  id: 'p1',
  species: 'rose',
  stage: 'open',
  sizeMm: 58,
  colourway: 'rose',
  s: 0.5,
  side: 0,
  lift: 0,
  tiltRad: 0.2,
  headingRad: 0,
  rollRad: 0,
  pinned: false,
  ...over,
});
const sceneWith = (...pieces: Piece[]) =>
  buildScene(CAKE, { ...newArrangement('a1', defaultLine('crescent', CAKE)), pieces }, SHIPPED)!;

test('five views, from where a person looks', () => {
  expect(viewsFrom(FRONT_RAD).map((v) => v.name)).toEqual(['front', 'left', 'back', 'right', 'above']);
  for (const v of viewsFrom(FRONT_RAD)) expect(length(v.toEye)).toBeCloseTo(1, 2);
});

describe('visual weight', () => {
  const weightOf = (over: Partial<Piece>, covering = '#ffffff') => visualWeight(sceneWith(piece(over)).heads[0]!, covering);

  test('grows with size, less than the area does', () => {
    const ratio = weightOf({ sizeMm: 68 }) / weightOf({ sizeMm: 48 });
    expect(ratio).toBeGreaterThan(1);
    expect(ratio).toBeLessThan((68 / 48) ** 2);
    expect(ratio).toBeCloseTo((68 / 48) ** 1.5, 6);
  });

  test('worked by hand: area to the power of three quarters, times 0.6 and 0.4 of the difference in fifties', () => {
    const [head] = sceneWith(piece({})).heads;
    const { hue } = head!.body.species.colourways.find((c) => c.id === head!.piece.colourway)!;
    const area = Math.PI * head!.body.radialMm ** 2;
    expect(visualWeight(head!, hue)).toBeCloseTo(area ** 0.75 * 0.6, 9);
    const byDifference = area ** 0.75 * (0.6 + 0.4 * Math.min(1, colourDifference(hue, '#ffffff') / 50));
    expect(visualWeight(head!, '#ffffff')).toBeCloseTo(byDifference, 9);
  });

  test('a colour far from the covering weighs more than one near it', () => {
    expect(weightOf({}, '#ffffff')).toBeGreaterThan(weightOf({}, '#d9718c'));
  });

  test('foliage and filler weigh less than flowers of their outline', () => {
    const leaf = sceneWith(piece({ species: 'olive', stage: 'grown', sizeMm: 78, colourway: 'olive', tiltRad: 1.3 })).heads[0]!;
    const area = Math.PI * leaf.body.radialMm * leaf.body.axialMm;
    expect(visualWeight(leaf, '#ffffff')).toBeLessThan(Math.pow(area, 0.75) * 0.45 + 1e-9);
  });
});

test('the covering is that of the tier a piece stands on', () => {
  const two = {
    ...CAKE,
    tiers: CAKE.tiers.map((t, i) => ({ ...t, covering: { ...t.covering, colour: i ? '#111111' : '#eeeeee' } })),
  };
  const solid = cakeSolid(two);
  expect(coveringAt(two, solid, [0, -120, 50])).toBe('#eeeeee');
  expect(coveringAt(two, solid, [0, -80, 150])).toBe('#111111');
  expect(coveringAt(two, solid, [0, 0, 900])).toBe('#111111');
});

test('petals may touch: only what presses beyond their give is a clash', () => {
  const apart = sceneWith(piece(), piece({ id: 'p2', s: 0.95 }));
  expect(apart.clashes).toEqual([]);
  const same = sceneWith(piece(), piece({ id: 'p2' }));
  expect(same.clashes).toHaveLength(1);
  expect(same.clashes[0]!.mm).toBeGreaterThan(PETAL_GIVE_MM);
});

test('a line that cannot be drawn gives no scene', () => {
  expect(buildScene({ ...CAKE, tiers: [] }, newArrangement('a1', defaultLine('posy', CAKE)), SHIPPED)).toBeNull();
});

describe('names', () => {
  test.each([
    ['dahlia', 'open', 3, '3 dahlias'],
    ['dahlia', 'open', 1, '1 dahlia'],
    ['cosmos', 'bud', 5, '5 cosmos buds'],
    ['rosehip', 'ripe', 2, '2 rosehip sprigs'],
  ])('%s, %s, %i: %s', (species, stage, n, words) => {
    expect(ENGLISH.counted(n, ENGLISH.piece({ species, stage }))).toBe(words);
  });

  test('begin a sentence with a capital', () => {
    expect(ENGLISH.pieceTitle({ species: 'sweetpea', stage: 'half' })).toBe('Half-open sweet pea');
  });
});
