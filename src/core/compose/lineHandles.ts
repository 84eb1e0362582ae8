import type { Cake } from '../cake/cake';
import { addScaled, dot, sub, type Vec3 } from '../geometry/vec3';
import type { LineForm, LineSpec } from './arrangement';
import { drawLine, type Line } from './line';
import { fieldValue, lineFields, withKept } from './lineFields';

/** How a point of a line is called. */
type GripName =
  | 'beginning'
  | 'corner'
  | 'end'
  | 'facing'
  | 'focal-point'
  | 'half-width'
  | 'middle'
  | 'opening'
  | 'place'
  | 'radius'
  | 'rise'
  | 'stem'
  | 'swag'
  | 'swing';

/** A point of a line that a hand takes hold of. */
export interface LineHandle {
  id: string;
  name: GripName;
  /** the figures that it moves */
  keys: readonly string[];
  /** it slides on the cake, or along one straight way */
  moves: 'on the skin' | Vec3;
  at: Vec3;
}

interface Grip {
  id: string;
  name: GripName;
  keys: readonly string[];
  place(line: Line, spec: LineSpec): Vec3;
  /** the straight way that it keeps to; none when it slides on the skin */
  way?(line: Line, spec: LineSpec): Vec3;
  /** a far end that stays where it is: this figure runs from that one */
  keeps?: readonly [from: string, run: string];
}

const at =
  (s: number) =>
  (line: Line): Vec3 =>
    line.at(s, 0).pointMm;

const begins = (keys: readonly string[], keeps?: Grip['keeps']): Grip => ({
  id: 'begins',
  name: 'beginning',
  keys,
  place: at(0),
  keeps,
});
const ends = (keys: readonly string[]): Grip => ({ id: 'ends', name: 'end', keys, place: at(1) });

const focal: Grip = { id: 'focal', name: 'focal-point', keys: ['focal'], place: (line, spec) => line.at(spec.focal, 0).pointMm };
const width: Grip = {
  id: 'width',
  name: 'half-width',
  keys: ['widthMm'],
  place: (line, spec) => line.at(spec.focal, line.halfWidthMm(spec.focal)).pointMm,
};
const rise: Grip = {
  id: 'rise',
  name: 'rise',
  keys: ['riseMm'],
  place: (line, spec) => {
    const f = line.at(spec.focal, 0);
    return addScaled(f.pointMm, f.normal, line.riseMm(spec.focal));
  },
  way: (line, spec) => line.at(spec.focal, 0).normal,
};
const stands: Grip = {
  id: 'stand',
  name: 'stem',
  keys: ['standMm'],
  place: (line) => line.stand!.topMm,
  way: () => [0, 0, 1],
};
const stays: Grip = {
  id: 'place',
  name: 'place',
  keys: ['xMm', 'yMm'],
  place: (line) => line.stand?.footMm ?? line.at(0.5, 0).pointMm,
};

/** Stands out before what faces that way, by half more than its width. */
const faces: Grip = {
  id: 'faces',
  name: 'facing',
  keys: ['facesRad'],
  place: (line, spec) => {
    if (!('facesRad' in spec)) return line.at(0.5, 0).pointMm;
    const [x, y, z] = line.stand?.footMm ?? line.at(0.5, 0).pointMm;
    const out = spec.widthMm * 1.5;
    return [x + Math.cos(spec.facesRad) * out, y + Math.sin(spec.facesRad) * out, z];
  },
};

const GRIPS: Record<LineForm, readonly Grip[]> = {
  crescent: [begins(['fromRad', 'radiusShare'], ['fromRad', 'sweepRad']), ends(['sweepRad', 'trailMm']), focal, width, rise],
  'lazy S': [begins(['fromRad', 'insetMm'], ['fromRad', 'sweepRad']), ends(['sweepRad', 'dropMm']), focal, width, rise],
  cascade: [
    begins(['fromRad', 'startMm']),
    ends(['toRad', 'lengthDownMm']),
    { id: 'swing', name: 'swing', keys: ['swingMm'], place: at(0.27) },
    focal,
    width,
    rise,
  ],
  'side spray': [
    { id: 'middle', name: 'middle', keys: ['atRad', 'heightMm'], place: at(0.5) },
    ends(['lengthMm', 'slopeRad']),
    focal,
    width,
    rise,
  ],
  'corner spray': [
    begins(['armMm']),
    ends(['trailMm']),
    { ...focal, id: 'corner', name: 'corner', keys: ['atRad'], place: at(0.5) },
    focal,
    width,
    rise,
  ],
  ring: [
    { id: 'radius', name: 'radius', keys: ['radiusShare'], place: at(0.25) },
    { id: 'begins', name: 'opening', keys: ['gapRad'], place: at(0) },
    focal,
    width,
    rise,
  ],
  garland: [
    begins(['fromRad', 'hangMm'], ['fromRad', 'sweepRad']),
    {
      id: 'swag',
      name: 'swag',
      keys: ['dropMm'],
      place: (line, spec) => line.at(0.5 / (spec as { swags: number }).swags, 0).pointMm,
    },
    width,
    rise,
  ],
  posy: [
    stays,
    faces,
    { ...width, place: (line) => line.at(1, 0).pointMm },
    { ...rise, place: (line) => addScaled(line.at(0.5, 0).pointMm, [0, 0, 1], 8), way: () => [0, 0, 1] },
  ],
  cluster: [stays, faces, stands],
  plaque: [stays, faces, stands, begins(['fromRad'], ['fromRad', 'sweepRad']), ends(['sweepRad']), focal],
  pick: [stays, faces, stands, { ...width, place: (line) => line.at(1, 0).pointMm }],
};

const gripsOf = (spec: LineSpec): Grip[] => {
  const typed = new Set(lineFields(spec).map((f) => f.key));
  return GRIPS[spec.form].filter((g) => g.keys.every((k) => typed.has(k)));
};

/** The points of a line that can be taken hold of. None for a line that cannot be drawn. */
export function lineHandles(spec: LineSpec, cake: Cake): LineHandle[] {
  const line = drawLine(spec, cake);
  if (!line) return [];
  return gripsOf(spec).map((g) => ({
    id: g.id,
    name: g.name,
    keys: g.keys,
    moves: g.way ? g.way(line, spec) : 'on the skin',
    at: g.place(line, spec),
  }));
}

const ROUNDS = 14;
const ENOUGH_MM2 = 0.01;
const STEP: Record<string, number> = { mm: 0.5, rad: 0.005, share: 0.004 };
const stepOf = (key: string): number => (key.endsWith('Mm') ? STEP.mm! : key.endsWith('Rad') ? STEP.rad! : STEP.share!);

/**
 * The line with one of its points brought as near to a place as its figures allow (damped least squares over the point's one
 * or two figures, each kept in bounds). A point or place that is not there gives the line as it was.
 */
export function dragHandle(spec: LineSpec, cake: Cake, id: string, to: Vec3): LineSpec {
  const grip = gripsOf(spec).find((g) => g.id === id);
  const first = drawLine(spec, cake);
  if (!grip || !first || !to.every(Number.isFinite)) return spec;
  const moved = (from: LineSpec, values: readonly number[]): LineSpec => {
    let next = from;
    grip.keys.forEach((key, i) => (next = withKept(next, key, values[i]!)));
    if (grip.keeps) {
      const was = fieldValue(from, grip.keeps[0]);
      const by = Math.atan2(Math.sin(values[0]! - was), Math.cos(values[0]! - was));
      next = withKept(next, grip.keeps[1], fieldValue(from, grip.keeps[1]) - by);
    }
    return next;
  };
  const missed = (s: LineSpec): Vec3 | null => {
    const line = drawLine(s, cake);
    return line ? sub(grip.place(line, s), to) : null;
  };
  let now = spec;
  let error = missed(now)!;
  let damping = 1e-3;
  for (let round = 0; round < ROUNDS; round++) {
    const values = grip.keys.map((k) => fieldValue(now, k));
    const slopes = grip.keys.map((key, i) => {
      const step = stepOf(key);
      const forward =
        missed(
          moved(
            now,
            values.map((v, j) => (j === i ? v + step : v)),
          ),
        ) ?? error;
      const back =
        missed(
          moved(
            now,
            values.map((v, j) => (j === i ? v - step : v)),
          ),
        ) ?? error;
      return sub(forward, back).map((x) => x / (2 * step)) as unknown as Vec3;
    });
    const change = solve(slopes, error, damping);
    const next = moved(
      now,
      values.map((v, i) => v - change[i]!),
    );
    const after = missed(next);
    if (after && dot(after, after) < dot(error, error) - 1e-9) {
      const won = dot(error, error) - dot(after, after);
      now = next;
      error = after;
      damping = Math.max(1e-5, damping / 4);
      if (won < ENOUGH_MM2) break;
    } else {
      damping *= 8;
      if (damping > 1e3) break;
    }
  }
  return now;
}

/** (JᵀJ + λ·diag) x = Jᵀe for one or two columns. */
function solve(slopes: readonly Vec3[], error: Vec3, damping: number): number[] {
  const [a, b] = slopes;
  const aa = dot(a!, a!) * (1 + damping) + 1e-9;
  if (!b) return [dot(a!, error) / aa];
  const bb = dot(b, b) * (1 + damping) + 1e-9;
  const ab = dot(a!, b);
  const [ea, eb] = [dot(a!, error), dot(b, error)];
  const det = aa * bb - ab * ab || 1e-12;
  return [(ea * bb - eb * ab) / det, (eb * aa - ea * ab) / det];
}
