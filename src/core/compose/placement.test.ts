import { bodyOf, type Kind, SHIPPED } from '../botany/catalogue';
import { cakeSolid } from '../cake/solid';
import { addScaled, dot, type Vec3 } from '../geometry/vec3';
import { seededRandom } from '../geometry/random';
import { cakeOf, pieceOf } from '../testing/samples';
import { defaultLine } from '../plan/newProject';
import type { LineSpec, Piece } from './arrangement';
import { drawLine } from './line';
import { pickPiece, pickSkin, sightMeets } from './pick';
import {
  coversSight,
  GLUED_ROOM_MM,
  intoCakeMm,
  intoLetteringMm,
  overlapMm,
  placePiece,
  STEM_ROOM_MM,
  supportMm,
} from './placement';

const CAKE = cakeOf([240, 110]);
const LINE = drawLine(
  { form: 'crescent', tier: 0, fromRad: 0, sweepRad: -2.4, radiusShare: 0.5, trailMm: 0, focal: 0.5, widthMm: 40, riseMm: 30 },
  CAKE,
)!;
const solid = cakeSolid(CAKE);

const piece = (over: Partial<Piece> = {}): Piece => ({
  id: 'p1',
  species: 'rose',
  stage: 'open',
  sizeMm: 58,
  colourway: 'blush',
  s: 0.4,
  side: 0,
  lift: 0,
  tiltRad: 0,
  headingRad: 0,
  rollRad: 0,
  pinned: false,
  ...over,
});

describe('where a head is', () => {
  test('upright on a top: its underside stands stem room above the skin', () => {
    const p = placePiece(piece(), LINE, SHIPPED);
    expect(p.axis[2]).toBeCloseTo(1, 6);
    expect(p.centre[2]).toBeCloseTo(110 + STEM_ROOM_MM.focal + p.body.axialMm, 6);
    expect(p.base[2]).toBeCloseTo(110 + STEM_ROOM_MM.focal, 6);
  });

  test('leaned over, its lowest petal still clears the skin', () => {
    for (const tiltRad of [0.2, 0.4, 0.55])
      expect(intoCakeMm(placePiece(piece({ tiltRad, headingRad: 1 }), LINE, SHIPPED), solid)).toBe(0);
  });

  test('lift raises it by a share of the rise', () => {
    const low = placePiece(piece(), LINE, SHIPPED);
    const high = placePiece(piece({ lift: 0.5 }), LINE, SHIPPED);
    expect(high.centre[2] - low.centre[2]).toBeCloseTo(0.5 * LINE.riseMm(0.4), 6);
  });

  test('a sprig lies from its foot along the axis', () => {
    const p = placePiece(piece({ species: 'olive', stage: 'grown', sizeMm: 78, tiltRad: 1.3, headingRad: 0.4 }), LINE, SHIPPED);
    expect(p.spine).toHaveLength(3);
    expect(p.base[2]).toBeCloseTo(110 + STEM_ROOM_MM.foliage, 6);
    const tip = addScaled(p.base, p.axis, p.body.axialMm * 2);
    expect(Math.hypot(tip[0] - p.base[0], tip[1] - p.base[1], tip[2] - p.base[2])).toBeCloseTo(78, 6);
    expect(Math.abs(dot(p.axis, p.across))).toBeLessThan(1e-9);
  });
});

test('support of a spheroid against slow sampling of its surface, seed 4', () => {
  const body = bodyOf({ species: 'rose', stage: 'open', sizeMm: 58, colourway: 'blush' } satisfies Kind, SHIPPED);
  const random = seededRandom(4);
  for (let k = 0; k < 10; k++) {
    const c = random() * 2 - 1;
    const direction: Vec3 = [Math.sqrt(1 - c * c), 0, c];
    let most = -Infinity;
    for (let i = 0; i < 4000; i++) {
      const t = (i / 4000) * Math.PI * 2;
      most = Math.max(most, body.radialMm * Math.cos(t) * direction[0] + body.axialMm * Math.sin(t) * direction[2]);
    }
    expect(supportMm(body, [0, 0, 1], direction)).toBeCloseTo(most, 3);
  }
});

describe('heads against each other', () => {
  test('what they overlap shrinks by what they move apart', () => {
    const a = placePiece(piece(), LINE, SHIPPED);
    const near = placePiece(piece({ id: 'p2', s: 0.5 }), LINE, SHIPPED);
    const far = placePiece(piece({ id: 'p3', s: 0.95 }), LINE, SHIPPED);
    expect(overlapMm(a, near)).toBeGreaterThan(5);
    expect(overlapMm(a, far)).toBeLessThan(0);
    expect(overlapMm(a, near)).toBeCloseTo(overlapMm(near, a), 9);
  });

  test('leaves may cross leaves, and give way under a head', () => {
    const leaf = (id: string, s: number) =>
      placePiece(piece({ id, species: 'olive', stage: 'grown', sizeMm: 78, s, tiltRad: 1.3 }), LINE, SHIPPED);
    expect(overlapMm(leaf('a', 0.5), leaf('b', 0.5))).toBeLessThan(0);
    const head = placePiece(piece({ s: 0.5 }), LINE, SHIPPED);
    const under = leaf('c', 0.48);
    expect(overlapMm(head, under)).toBeLessThan(overlapMm(head, placePiece(piece({ id: 'd', s: 0.5 }), LINE, SHIPPED)));
    expect(overlapMm(head, under)).toBe(overlapMm(under, head));
  });
});

test('in the corner of two tiers a head is held off by wall and ledge both', () => {
  const two = cakeOf([240, 60], [140, 110]);
  const both = cakeSolid(two);
  const upright = placePiece(piece(), LINE, SHIPPED);
  const { radialMm, axialMm } = upright.body;
  const at = (out: number, up: number) => intoCakeMm({ ...upright, centre: [70 + out, 0, 60 + up] }, both);
  expect(at(radialMm, axialMm)).toBe(0);
  expect(at(radialMm - 10, axialMm)).toBeCloseTo(10 - radialMm * 0.06, 6);
  expect(at(radialMm, axialMm - 5)).toBeCloseTo(5 - axialMm * 0.06, 6);
  expect(at(200, axialMm)).toBe(0);
});

describe('sights', () => {
  const p = placePiece(piece(), LINE, SHIPPED);

  test('through the middle it is covered, a radius and a bit beside it is not', () => {
    expect(coversSight(p, p.centre, [0, 0, 1], 1)).toBe(true);
    expect(coversSight(p, addScaled(p.centre, [1, 0, 0], p.body.radialMm * 0.98), [0, 0, 1], 1)).toBe(true);
    expect(coversSight(p, addScaled(p.centre, [1, 0, 0], p.body.radialMm * 1.02), [0, 0, 1], 1)).toBe(false);
  });

  test('the first piece met is picked, and its distance is to its surface', () => {
    const from = addScaled(p.centre, [0, 0, 1], 300);
    expect(sightMeets(p, from, [0, 0, -1])).toBeCloseTo(300 - p.body.axialMm, 6);
    const above = { ...p, centre: addScaled(p.centre, [0, 0, 1], 60) };
    expect(pickPiece([p, above], from, [0, 0, -1])!.index).toBe(1);
    expect(pickPiece([p], from, [0, 0, 1])).toBeNull();
  });

  test('the skin is met a stated height above it, or not at all', () => {
    const at = pickSkin({ solid, origin: [0, 0, 400], direction: [0, 0, -1], liftMm: 12 })!;
    expect(at[2]).toBeCloseTo(122, 0);
    expect(pickSkin({ solid, origin: [0, 0, 400], direction: [0, 0, 1], liftMm: 0 })).toBeNull();
  });
});

describe('a plaque’s lettering', () => {
  const cake = cakeOf([160, 90]);
  const spec = { ...defaultLine('plaque', cake), lettering: 'Twenty' } as LineSpec;
  const line = drawLine(spec, cake)!;
  const plate = line.plate!;
  const rose = (over: Partial<Piece>): Piece => pieceOf({ species: 'ranunculus', sizeMm: 33, colourway: 'white', ...over });

  test('is hidden by a head in front of it, by as much as the head reaches into its box, and by none at the rim', () => {
    const p = placePiece(rose({}), line, SHIPPED);
    const over = { ...p, centre: addScaled(plate.letteringMm, plate.normal, 8) };
    expect(intoLetteringMm(over, plate)).toBeCloseTo(plate.letteringHalfMm[1] + p.body.radialMm, 3);
    // lying flat it is read from in front: what stands before the lettering hides some of it, what stands behind it does not
    const beside = (mm: number) => ({ ...p, centre: addScaled(addScaled(plate.letteringMm, plate.normal, 8), plate.up, mm) });
    const clearMm = plate.letteringHalfMm[1] + p.body.radialMm + 1;
    expect(intoLetteringMm(beside(clearMm), plate)).toBe(0);
    if (plate.upright) expect(intoLetteringMm(beside(-clearMm), plate)).toBe(0);
    else expect(intoLetteringMm(beside(-clearMm), plate)).toBeGreaterThan(2);
    const off = { ...p, centre: addScaled(plate.letteringMm, plate.across, plate.letteringHalfMm[0] + p.body.radialMm + 1) };
    expect(intoLetteringMm(off, plate)).toBe(0);
  });

  test('gives way to its flowers, and without lettering nothing is kept free', () => {
    // the flowers lie along the lower rim: the lettering stands above the middle
    expect(plate.letteringMm[2]).toBeGreaterThan(plate.centreMm[2] + 3);
    const bare = drawLine({ ...spec, lettering: ' ' } as LineSpec, cake)!;
    expect(intoLetteringMm(placePiece(rose({}), bare, SHIPPED), bare.plate)).toBe(0);
  });

  test('what is glued beds in paste and leaves no room for a stem', () => {
    expect(placePiece(rose({}), line, SHIPPED).base[1]).toBeLessThan(placePiece(rose({ lift: 1 }), line, SHIPPED).base[1] + 20);
    expect(GLUED_ROOM_MM).toBeLessThan(STEM_ROOM_MM.foliage);
  });
});
