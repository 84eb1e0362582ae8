import type { Detail } from '../botany/catalogue';
import type { Role } from '../botany/species';

/** What a table may draw at rest, triangles. */
export const MOST_TRIANGLES = 500_000;

/** How finely so many pieces are drawn together. */
export interface DetailBudget {
  /** so many pieces are drawn with paste thickness: even of the finest species they stay within what may be drawn */
  thickUpTo: number;
  petalsUpTo: number;
  /** with more than that the large faces keep every petal, and the few that are chosen have their thickness */
  finer: boolean;
}
export const WITH_CARD: DetailBudget = { thickUpTo: 40, petalsUpTo: 120, finer: true };
export const WITHOUT_CARD: DetailBudget = { thickUpTo: 24, petalsUpTo: 120, finer: false };

/** No more chosen pieces than this are drawn finer than the rest. */
const FEW_CHOSEN = 6;

/** How finely one piece is drawn among so many, of which so many are chosen. */
export function detailOf(
  piece: { role: Role; chosen: boolean },
  table: { pieces: number; chosen: number },
  budget: DetailBudget,
): Detail {
  if (table.pieces <= budget.thickUpTo) return 'close';
  if (budget.finer && piece.chosen && table.chosen <= FEW_CHOSEN) return 'close';
  if (table.pieces <= budget.petalsUpTo) return 'near';
  return budget.finer && (piece.role === 'focal' || piece.role === 'secondary') ? 'near' : 'far';
}
