import { MOST_TILT_RAD, SHIPPED } from '../botany/catalogue';
import { seededRandom } from '../geometry/random';
import { addScaled, angleBetween, distance, dot, normalize, rotateAbout, sub, type Vec3 } from '../geometry/vec3';
import { FORMS, cakeOf, proposalFor } from '../testing/samples';
import { dragPieceHandle, nearestOnWay, pieceHandles, type PieceHandle } from './pieceHandles';
import { placePiece, type PlacedPiece } from './placement';
import { buildScene } from './scene';

const CAKE = cakeOf([230, 110], [150, 90]);

/** An eye somewhere before the piece, that looks through a place. */
const sightThrough = (at: Vec3, eye: Vec3) => ({ origin: eye, direction: normalize(sub(at, eye)) });
const eyeBefore = (p: PlacedPiece, random: () => number): Vec3 =>
  addScaled(p.centre, normalize([p.axis[0] + random() - 0.5, p.axis[1] + random() - 0.5, p.axis[2] + random()]), 900);

describe.each(FORMS.map((form, i) => [form, 60 + i] as const))('%s, seed %i', (form, seed) => {
  const scene = buildScene(CAKE, proposalFor({ form, cake: CAKE, seed, effort: 0.05 }).arrangement, SHIPPED)!;
  const random = seededRandom(seed);
  const drag = (p: PlacedPiece, handle: PieceHandle, to: Vec3) => {
    const { origin, direction } = sightThrough(to, eyeBefore(p, random));
    const change = dragPieceHandle({ p, line: scene.line, handle, origin, direction });
    return change && placePiece({ ...p.piece, ...change }, scene.line, SHIPPED);
  };

  test('a grip that is taken and let go where it stands changes nothing', () => {
    for (const p of scene.heads)
      for (const handle of pieceHandles(p, scene.line)) {
        const same = drag(p, handle, handle.at);
        if (!same || handle.id === 'lift') continue;
        expect(distance(same.axis, p.axis)).toBeLessThan(1e-3);
        expect(distance(same.across, p.across)).toBeLessThan(1e-3);
      }
  });

  test('drawn elsewhere, the piece turns along, as far as its role may lean', () => {
    for (const p of scene.heads.slice(0, 12)) {
      const [look] = pieceHandles(p, scene.line);
      const from = p.spine.length ? p.base : p.centre;
      const grip = sub(look!.at, from);
      const way = normalize(grip);
      // a turn about something square to the grip is the least that brings it to its new place
      const any = normalize([grip[1] * 0.3 - grip[2], grip[2] * random() - grip[0] * 0.3, grip[0] - grip[1] * random()]);
      const square = normalize(addScaled(any, way, -dot(any, way)));
      const angle = (random() - 0.5) * 1.2;
      const to = rotateAbout(p.axis, square, angle);
      const drawn = addScaled(from, rotateAbout(grip, square, angle), 1);
      const { origin, direction } = sightThrough(drawn, addScaled(from, way, 900));
      const now = placePiece(
        { ...p.piece, ...dragPieceHandle({ p, line: scene.line, handle: look!, origin, direction }) },
        scene.line,
        SHIPPED,
      );
      const wanted = angleBetween(to, p.frame.normal);
      const most = MOST_TILT_RAD[p.body.role];
      expect(angleBetween(now.axis, p.frame.normal)).toBeCloseTo(Math.min(wanted, most), 4);
      if (wanted <= most) expect(angleBetween(now.axis, to)).toBeLessThan(1e-3);
    }
  });

  test('lifted by ten millimetres it stands ten higher, and never below the skin', () => {
    for (const p of scene.heads.slice(0, 8)) {
      const handle = pieceHandles(p, scene.line)[2]!;
      const room = (1.2 - p.piece.lift) * scene.line.riseMm(p.piece.s);
      const mm = Math.min(10, room * 0.9);
      const aside = normalize([
        p.frame.along[0] + p.frame.toSide[0],
        p.frame.along[1] + p.frame.toSide[1],
        p.frame.along[2] + p.frame.toSide[2],
      ]);
      const to = addScaled(handle.at, p.frame.normal, mm);
      const { origin, direction } = sightThrough(to, addScaled(to, aside, 700));
      const now = placePiece(
        { ...p.piece, ...dragPieceHandle({ p, line: scene.line, handle, origin, direction }) },
        scene.line,
        SHIPPED,
      );
      expect(dot(sub(now.centre, p.centre), p.frame.normal)).toBeCloseTo(mm, 4);
      const under = sightThrough(addScaled(handle.at, p.frame.normal, -400), addScaled(to, aside, 700));
      expect(dragPieceHandle({ p, line: scene.line, handle, origin: under.origin, direction: under.direction })!.lift).toBe(0);
    }
  });
});

test('spun by a quarter turn, what pointed aside points across, and the look stays', () => {
  const scene = buildScene(CAKE, proposalFor({ form: 'crescent', cake: CAKE, seed: 3, effort: 0.05 }).arrangement, SHIPPED)!;
  for (const p of scene.heads.filter((q) => !q.spine.length).slice(0, 6)) {
    const handle = pieceHandles(p, scene.line)[1]!;
    const quarter = ((): Vec3 => {
      const [x, y] = [p.axis, p.across];
      return [x[1] * y[2] - x[2] * y[1], x[2] * y[0] - x[0] * y[2], x[0] * y[1] - x[1] * y[0]];
    })();
    const to = addScaled(p.centre, quarter, 30);
    const { origin, direction } = sightThrough(to, addScaled(p.centre, p.axis, 800));
    const now = placePiece(
      { ...p.piece, ...dragPieceHandle({ p, line: scene.line, handle, origin, direction }) },
      scene.line,
      SHIPPED,
    );
    expect(distance(now.across, quarter)).toBeLessThan(1e-6);
    expect(distance(now.axis, p.axis)).toBeLessThan(1e-9);
  }
});

test('a sight along the way, or within the plane, says nothing', () => {
  expect(nearestOnWay([0, 0, 0], [0, 0, 1], [0, 0, 9], [0, 0, -1])).toBeNull();
  const scene = buildScene(CAKE, proposalFor({ form: 'posy', cake: CAKE, seed: 3, effort: 0.05 }).arrangement, SHIPPED)!;
  const p = scene.heads[0]!;
  const spin = pieceHandles(p, scene.line)[1]!;
  expect(
    dragPieceHandle({ p, line: scene.line, handle: spin, origin: addScaled(p.centre, p.across, 500), direction: p.across }),
  ).toBeNull();
});

test('each figure stands with its unit', () => {
  const scene = buildScene(CAKE, proposalFor({ form: 'ring', cake: CAKE, seed: 3, effort: 0.05 }).arrangement, SHIPPED)!;
  const p = placePiece({ ...scene.heads[0]!.piece, tiltRad: 0.5236, headingRad: 0, lift: 0.5, rollRad: 7 }, scene.line, SHIPPED);
  const shown = pieceHandles(p, scene.line).map((h) => h.shown);
  const rounded = JSON.parse(JSON.stringify(shown), (_, v: unknown) =>
    typeof v === 'number' ? Math.round(v * 1000) / 1000 : v,
  ) as unknown;
  expect(rounded).toEqual([
    { leanRad: 0.524, turnRad: 0 },
    { spinRad: 0.717 },
    { liftMm: Math.round(0.5 * scene.line.riseMm(p.piece.s) * 1000) / 1000 },
  ]);
});
