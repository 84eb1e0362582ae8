import { chain, rotationX, rotationZ, translation, type Affine } from '../../geometry/affine';
import { degToRad, GOLDEN_ANGLE_RAD, lerp, TAU } from '../../geometry/numbers';
import type { Random } from '../../geometry/random';
import { add, anyPerpendicular, cross, normalize, scale, sub, type Vec3 } from '../../geometry/vec3';
import type { LinearColour, MeshBuilder } from './mesh';
import { hexToLinear, mixColours } from './paint';
import { must } from '../../geometry/must';

interface AddLatheOptions {
  b: MeshBuilder;
  map: Affine;
  profile: readonly (readonly [radius: number, height: number])[];
  segments: number;
  colours: readonly [LinearColour, LinearColour, LinearColour];
}

/** A turned solid: [radius, height] from bottom to top about local z, colours bottom, middle, top. */
export function addLathe({ b, map, profile, segments, colours }: AddLatheOptions): void {
  const first = b.vertexCount;
  const last = profile.length - 1;
  profile.forEach(([r, h], j) => {
    const before = must(profile[Math.max(0, j - 1)]);
    const after = must(profile[Math.min(last, j + 1)]);
    const dr = after[0] - before[0];
    const dh = after[1] - before[1];
    const v = j / Math.max(1, last);
    const colour = v < 0.5 ? mixColours(colours[0], colours[1], v * 2) : mixColours(colours[1], colours[2], v * 2 - 1);
    for (let i = 0; i <= segments; i++) {
      const a = (i / segments) * TAU;
      const normal: Vec3 = r < 1e-4 ? [0, 0, j ? 1 : -1] : [Math.cos(a) * dh, Math.sin(a) * dh, -dr];
      b.vertex(map, [Math.cos(a) * r, Math.sin(a) * r, h], normal, colour, 2);
    }
  });
  for (let j = 0; j < last; j++) {
    for (let i = 0; i < segments; i++) {
      const a = first + j * (segments + 1) + i;
      const d = a + segments + 1;
      if (must(profile[j])[0] > 1e-4) b.triangle(a, a + 1, d + 1);
      if (must(profile[j + 1])[0] > 1e-4) b.triangle(a, d + 1, d);
    }
  }
}

export const three = (base: string, mid = base, tip = mid): [LinearColour, LinearColour, LinearColour] => [
  hexToLinear(base),
  hexToLinear(mid),
  hexToLinear(tip),
];

interface AddBallOptions {
  b: MeshBuilder;
  map: Affine;
  radius: number;
  detail: readonly [segments: number, rows: number];
  colours: readonly [LinearColour, LinearColour, LinearColour];
  squash?: number;
  whole?: boolean;
}

/** A ball squashed or drawn along its axis; `whole` closes it below, else it is a cap that hides in what carries it. */
export function addBall({ b, map, radius, detail, colours, squash = 1, whole = false }: AddBallOptions): void {
  const [segments, rows] = detail;
  const start = whole ? Math.PI : Math.PI * 0.55;
  const profile = Array.from({ length: rows + 1 }, (_, j): [number, number] => {
    const a = start * (1 - j / rows);
    return [j === rows || (whole && j === 0) ? 0 : Math.sin(a) * radius, Math.cos(a) * radius * squash];
  });
  addLathe({ b, map, profile, segments, colours });
}

interface AddTubeOptions {
  b: MeshBuilder;
  map: Affine;
  points: readonly Vec3[];
  radii: readonly [number, number];
  sides: number;
  colours: readonly [LinearColour, LinearColour];
}

/** A round stem along points, three-sided at least so that it never vanishes edge on. */
export function addTube({ b, map, points, radii, sides, colours }: AddTubeOptions): void {
  const first = b.vertexCount;
  const last = points.length - 1;
  points.forEach((point, j) => {
    const d = normalize(sub(must(points[Math.min(last, j + 1)]), must(points[Math.max(0, j - 1)])));
    const x = anyPerpendicular(d);
    const y = cross(d, x);
    const t = j / Math.max(1, last);
    const r = lerp(radii[0], radii[1], t);
    for (let i = 0; i < sides; i++) {
      const a = (i / sides) * TAU;
      const n = add(scale(x, Math.cos(a)), scale(y, Math.sin(a)));
      b.vertex(map, [point[0] + n[0] * r, point[1] + n[1] * r, point[2] + n[2] * r], n, mixColours(colours[0], colours[1], t), 2);
    }
  });
  for (let j = 0; j < last; j++) {
    for (let i = 0; i < sides; i++) {
      const a = first + j * sides + i;
      const n = first + j * sides + ((i + 1) % sides);
      b.triangle(a, n, n + sides);
      b.triangle(a, n + sides, a + sides);
    }
  }
}

/** What stands in the middle of a flower. Lengths in head radii. */
export interface FlowerCentre {
  rise: number;
  dome?: { radius: number; height: number; colours: readonly [string, string, string] };
  balls?: {
    count: number;
    radius: number;
    height: number;
    size: number;
    maxDeg: number;
    colours: readonly [string, string];
    rimColours?: readonly [string, string];
  };
  stamens?: {
    count: number;
    radius: number;
    length: number;
    openDeg: readonly [number, number];
    filament: string;
    anther: string;
    antherSize: number;
  };
}

interface AddCentreOptions {
  b: MeshBuilder;
  map: Affine;
  centre: FlowerCentre;
  stage: number;
  random: Random;
}

export function addCentre({ b, map, centre, stage, random }: AddCentreOptions): void {
  const lifted = chain(map, translation(0, 0, centre.rise));
  if (centre.dome) addDome(b, lifted, centre.dome);
  if (centre.balls) addBalls(b, lifted, centre.balls, random);
  if (centre.stamens && stage > 0.25) addStamens(b, lifted, centre.stamens, random);
}

function addDome(b: MeshBuilder, map: Affine, dome: NonNullable<FlowerCentre['dome']>): void {
  const rows = b.coarse ? 2 : 4;
  const profile = Array.from({ length: rows + 1 }, (_, j): [number, number] => {
    const a = (Math.PI / 2) * 1.15 * (1 - j / rows);
    return [j === rows ? 0 : Math.sin(a) * dome.radius, Math.cos(a) * dome.height];
  });
  addLathe({ b, map, profile, segments: b.coarse ? 6 : 12, colours: three(...dome.colours) });
}

function addBalls(b: MeshBuilder, map: Affine, balls: NonNullable<FlowerCentre['balls']>, random: Random): void {
  const count = b.coarse ? Math.min(balls.count, 9) : balls.count;
  const grow = Math.sqrt(balls.count / count);
  for (let i = 0; i < count; i++) {
    const t = (i + 0.5) / count;
    const polar = Math.sqrt(t) * degToRad(balls.maxDeg);
    const size = balls.size * lerp(0.85, 1.1, t) * (1 + (random() - 0.5) * 0.25) * grow;
    const seat = chain(
      map,
      rotationZ(i * GOLDEN_ANGLE_RAD),
      translation(0, balls.radius * Math.sin(polar), balls.height * Math.cos(polar)),
      rotationX(-polar),
    );
    const rim = balls.rimColours ?? balls.colours;
    const low = mixColours(hexToLinear(balls.colours[0]), hexToLinear(rim[0]), t);
    const high = mixColours(hexToLinear(balls.colours[1]), hexToLinear(rim[1]), t);
    addBall({ b, map: seat, radius: size, detail: b.coarse ? [4, 1] : [6, 3], colours: [low, mixColours(low, high, 0.5), high] });
  }
}

function addStamens(b: MeshBuilder, map: Affine, s: NonNullable<FlowerCentre['stamens']>, random: Random): void {
  const count = b.coarse ? Math.max(3, Math.round(s.count * 0.35)) : s.count;
  for (let i = 0; i < count; i++) {
    const open = degToRad(lerp(s.openDeg[0], s.openDeg[1], Math.sqrt((i + 0.5) / count)) + (random() - 0.5) * 10);
    const later = open - degToRad(20);
    const length = s.length * (1 + (random() - 0.5) * 0.22);
    const turned = chain(map, rotationZ(i * GOLDEN_ANGLE_RAD + random() * 0.3));
    const knee: Vec3 = [0, s.radius + Math.sin(open) * length * 0.55, Math.cos(open) * length * 0.55];
    const end: Vec3 = [0, knee[1] + Math.sin(later) * length * 0.45, knee[2] + Math.cos(later) * length * 0.45];
    const filament = hexToLinear(s.filament);
    addTube({
      b,
      map: turned,
      points: b.coarse ? [[0, s.radius, 0], end] : [[0, s.radius, 0], knee, end],
      radii: [0.012, 0.009],
      sides: 3,
      colours: [filament, filament],
    });
    addBall({
      b,
      map: chain(turned, translation(...end)),
      radius: s.antherSize * (b.coarse ? 1.4 : 1),
      detail: [4, 2],
      colours: three(s.anther),
      squash: 0.8,
      whole: true,
    });
  }
}
