import type { Kind } from '../botany/catalogue';
import { compose, frame, scaling, type Affine } from '../geometry/affine';
import { cross } from '../geometry/vec3';
import type { PlacedPiece } from './placement';

/** Kinds are modelled once at this nominal size and scaled to each piece. */
const MODEL_SIZE_MM = 60;

/** What a piece is modelled as: its kind at the one model size. */
export const modelOf = (p: PlacedPiece): Kind => ({
  species: p.piece.species,
  stage: p.piece.stage,
  sizeMm: MODEL_SIZE_MM,
  colourway: p.piece.colourway,
});

/** From the model's own axes (axis along z, a sprig's face along −y) into the world, scaled to the piece. */
export function pieceMap(p: PlacedPiece): Affine {
  const scale = scaling(p.piece.sizeMm / MODEL_SIZE_MM);
  if (p.spine.length) {
    const y = [-p.across[0], -p.across[1], -p.across[2]] as const;
    return compose(frame(cross(y, p.axis), y, p.axis, p.base), scale);
  }
  return compose(frame(cross(p.across, p.axis), p.across, p.axis, p.centre), scale);
}
