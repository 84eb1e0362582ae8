import { bodyOf, type Catalogue } from '../botany/catalogue';
import type { TrayKind } from '../make/tray';
import { namedWires, type WireContext } from './partWires';
import type { CutDemand } from '../wire/cutList';
import type { WireCut } from '../wire/wireLength';

/**
 * Wire of what is made to spare: a stem for every whole piece, as long as the longest of its kind, and a wire for every part that is made
 * again. What lies in the tin has its wire already.
 */
export function spareWires(
  tray: readonly TrayKind[],
  wires: readonly WireCut[],
  { context, catalogue }: { context: WireContext; catalogue: Catalogue },
): WireCut[] {
  return tray.flatMap((kind) => {
    // glued to a plaque nothing of it is cut
    if (!wires.some((w) => w.piece?.species === kind.species && w.piece.stage === kind.stage)) return [];
    const stems = wires.filter((w) => w.use === 'stem' && w.piece?.species === kind.species && w.piece.stage === kind.stage);
    const longest = stems.reduce<WireCut | null>((a, w) => (!a || w.lengthMm > a.lengthMm ? w : a), null);
    const whole =
      longest && kind.spares > 0
        ? [{ ...longest, id: `spare-${kind.key}`, ...soMany(longest, longest.count * kind.spares) }]
        : [];
    const body = bodyOf(kind, catalogue);
    const parts = namedWires({ body, piece: kind }, context).flatMap(({ partId, cut }) => {
      const count = kind.spareParts.find((s) => s.part.id === partId)?.count ?? 0;
      return count > 0 ? [{ ...cut, pieceId: '', id: `spare-${kind.key}-${partId}`, ...soMany(cut, count) }] : [];
    });
    // one cut for a line: the longest of it
    return [...whole, ...longestOf(parts)];
  });
}

/** So many wires like the longest of a cut, each way. */
function soMany({ ways }: Pick<WireCut, 'ways'>, count: number): Pick<WireCut, 'count' | 'ways'> {
  const of = (demands: readonly CutDemand[]) => [{ lengthMm: Math.max(...demands.map((d) => d.lengthMm)), count }];
  return { count, ways: { fractions: of(ways.fractions), length: of(ways.length), sizes: of(ways.sizes) } };
}

function longestOf(cuts: readonly WireCut[]): WireCut[] {
  const byId = new Map<string, WireCut>();
  for (const cut of cuts) {
    const known = byId.get(cut.id);
    if (!known || known.lengthMm < cut.lengthMm) byId.set(cut.id, cut);
  }
  return [...byId.values()];
}
