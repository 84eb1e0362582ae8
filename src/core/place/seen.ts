import type { CakeSolid } from '../cake/solid';
import { behindCake } from '../compose/measures';
import type { SightGrid } from '../compose/sightGrid';
import { FACES_EYE } from '../compose/sight';
import { viewsFrom, type ViewName } from '../compose/scene';
import { addScaled, dot } from '../geometry/vec3';
import type { Entry } from './entry';

/** The middle of what stands proud of the icing, mm above it. */
const PROUD_MIDDLE_MM = 1;

/** The sides from which a barrier's rim is seen: neither cake nor a head stands before it. `sight` is of the views from the front. */
export function seenFrom(
  entry: Pick<Entry, 'pointMm' | 'direction'>,
  sight: SightGrid,
  solid: CakeSolid,
  frontRad: number,
): ViewName[] {
  const rim = addScaled(entry.pointMm, entry.direction, -PROUD_MIDDLE_MM);
  const normal = solid.normalAt(rim);
  return viewsFrom(frontRad).flatMap(({ name, toEye }, view) => {
    if (dot(normal, toEye) < FACES_EYE || behindCake(solid, rim, toEye)) return [];
    return sight.hiding(rim, view) > 0 ? [] : [name];
  });
}
