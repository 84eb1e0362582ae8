import { pieceName, stageOf, type Species } from '../botany/species';
import type { PlacedPiece } from './placement';

/** "Dahlia", "Half-open dahlia", "Cosmos bud": a piece's name at the beginning of a sentence. */
export function kindName(species: Species, stageId: string): string {
  const name = pieceName(species, stageId);
  return name[0]!.toUpperCase() + name.slice(1);
}

export const nameOf = (p: PlacedPiece): string => kindName(p.body.species, p.piece.stage);

/** "3 dahlias", "1 dahlia", "5 cosmos buds". */
export function countedName(species: Species, stageId: string, count: number): string {
  const stage = stageOf(species, stageId);
  if (stage.id === 'bud') return `${count} ${species.name.toLowerCase()} bud${count === 1 ? '' : 's'}`;
  return `${count} ${count === 1 ? species.name.toLowerCase() : species.plural}`;
}
