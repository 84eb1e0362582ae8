import type { Cake } from '../cake/cake';
import { dot, scale, sub, type Vec3 } from '../geometry/vec3';
import type { LineSpec } from './arrangement';
import { drawLine } from './line';
import { fieldValue, lineFields, withKept } from './lineFields';
import { lineKind } from './lineKinds';
import type { LineShape } from './lines/kind';
import type { Grip, GripName } from './lines/grips';
import { must } from '../geometry/must';

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

/** The points whose figures the line has as it stands. */
const gripsOf = (spec: LineSpec): Grip<LineShape>[] => {
  const typed = new Set(lineFields(spec).map((f) => f.key));
  return lineKind(spec.form).grips.filter((g) => g.keys.every((k) => typed.has(k)));
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
const stepOf = (key: string): number =>
  key.endsWith('Mm') ? must(STEP.mm) : key.endsWith('Rad') ? must(STEP.rad) : must(STEP.share);

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
    grip.keys.forEach((key, i) => (next = withKept(next, key, must(values[i]))));
    if (grip.keeps) {
      const was = fieldValue(from, grip.keeps[0]);
      const by = Math.atan2(Math.sin(must(values[0]) - was), Math.cos(must(values[0]) - was));
      next = withKept(next, grip.keeps[1], fieldValue(from, grip.keeps[1]) - by);
    }
    return next;
  };
  const missed = (s: LineSpec): Vec3 | null => {
    const line = drawLine(s, cake);
    return line ? sub(grip.place(line, s), to) : null;
  };
  let now = spec;
  let error = must(missed(now));
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
      return scale(sub(forward, back), 1 / (2 * step));
    });
    const change = solve(slopes, error, damping);
    const next = moved(
      now,
      values.map((v, i) => v - must(change[i])),
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
  const aa = dot(must(a), must(a)) * (1 + damping) + 1e-9;
  if (!b) return [dot(must(a), error) / aa];
  const bb = dot(b, b) * (1 + damping) + 1e-9;
  const ab = dot(must(a), b);
  const [ea, eb] = [dot(must(a), error), dot(b, error)];
  const det = aa * bb - ab * ab || 1e-12;
  return [(ea * bb - eb * ab) / det, (eb * aa - ea * ab) / det];
}
