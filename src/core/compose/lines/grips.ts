import { addScaled, type Vec3 } from '../../geometry/vec3';
import type { Line } from '../line';

/** How a point of a line is called. */
export type GripName =
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

/** A point of a line that a hand takes hold of, for lines that have at least what `S` has. */
export interface Grip<S> {
  id: string;
  name: GripName;
  /** the figures that it moves */
  keys: readonly string[];
  place(line: Line, spec: S): Vec3;
  /** the straight way that it keeps to; none when it slides on the skin */
  way?(line: Line, spec: S): Vec3;
  /** a far end that stays where it is: this figure runs from that one */
  keeps?: readonly [from: string, run: string];
}

interface WithFocal {
  focal: number;
}
interface Facing {
  widthMm: number;
  facesRad: number;
}

/** The point of a line's own middle at a share of its length. */
export const at =
  (s: number) =>
  (line: Line): Vec3 =>
    line.at(s, 0).pointMm;

export const begins = (keys: readonly string[], keeps?: Grip<unknown>['keeps']): Grip<unknown> => ({
  id: 'begins',
  name: 'beginning',
  keys,
  place: at(0),
  keeps,
});
export const ends = (keys: readonly string[]): Grip<unknown> => ({ id: 'ends', name: 'end', keys, place: at(1) });

export const focalGrip: Grip<WithFocal> = {
  id: 'focal',
  name: 'focal-point',
  keys: ['focal'],
  place: (line, spec) => line.at(spec.focal, 0).pointMm,
};
export const widthGrip: Grip<WithFocal> = {
  id: 'width',
  name: 'half-width',
  keys: ['widthMm'],
  place: (line, spec) => line.at(spec.focal, line.halfWidthMm(spec.focal)).pointMm,
};
export const riseGrip: Grip<WithFocal> = {
  id: 'rise',
  name: 'rise',
  keys: ['riseMm'],
  place: (line, spec) => {
    const f = line.at(spec.focal, 0);
    return addScaled(f.pointMm, f.normal, line.riseMm(spec.focal));
  },
  way: (line, spec) => line.at(spec.focal, 0).normal,
};
/** Half the width of a disc, at its rim. */
export const rimGrip: Grip<unknown> = { id: 'width', name: 'half-width', keys: ['widthMm'], place: at(1) };

const footOf = (line: Line): Vec3 => line.stand?.footMm ?? line.at(0.5, 0).pointMm;

export const standGrip: Grip<unknown> = {
  id: 'stand',
  name: 'stem',
  keys: ['standMm'],
  place: (line) => line.stand?.topMm ?? footOf(line),
  way: () => [0, 0, 1],
};
export const placeGrip: Grip<unknown> = { id: 'place', name: 'place', keys: ['xMm', 'yMm'], place: footOf };
/** Stands out before what faces that way, by half more than its width. */
export const facesGrip: Grip<Facing> = {
  id: 'faces',
  name: 'facing',
  keys: ['facesRad'],
  place: (line, spec) => {
    const [x, y, z] = footOf(line);
    const out = spec.widthMm * 1.5;
    return [x + Math.cos(spec.facesRad) * out, y + Math.sin(spec.facesRad) * out, z];
  },
};
