import { clamp } from '../geometry/numbers';
import { MATERIAL } from '../piece/materials';
import { partName } from '../piece/named';
import type { Part } from '../piece/part';
import type { PartName } from '../wire/facts';
import type { Built } from './kindWork';
import { sparesFor, type SparesRule } from './spares';

/** Parts of one line that are made beside those that are needed. */
export interface SpareParts {
  part: Part;
  /** the largest of its line */
  sizeMm: number;
  count: number;
}

/** Shares that break before they are joined: starting values of the own study; what is made to measure or on its wire is not made twice. */
const BREAKS: Readonly<Partial<Record<Part['kind'], number>>> = {
  floret: 0.14,
  leaf: 0.1,
  petal: 0.1,
  bud: 0.06,
  berry: 0.05,
};

/** A piece put together of parts on wires of their own: a part that breaks is made again, never the whole piece. */
export const isAssembled = ({ instances }: Pick<Built, 'instances'>): boolean =>
  instances.some(
    (i) => i.within !== null && (i.part.on.by === 'wire' || i.part.join === 'glued') && BREAKS[i.part.kind] !== undefined,
  );

/** Spare parts, line by line, for pieces that are made so often; `against` is how much more than usual breaks for this person. */
export function sparePartsOf(built: readonly Built[], against: number, rule: SparesRule): SpareParts[] {
  const lines = new Map<string, { part: Part; sizeMm: number; need: number }>();
  for (const { instances, times } of built)
    for (const { part, sizeMm, within } of instances) {
      if (!within || BREAKS[part.kind] === undefined) continue;
      const line = lines.get(part.id) ?? { part, sizeMm, need: 0 };
      lines.set(part.id, { part: line.part, sizeMm: Math.max(line.sizeMm, sizeMm), need: line.need + times });
    }
  return [...lines.values()]
    .map(({ part, sizeMm, need }) => {
      const breaks = clamp((BREAKS[part.kind] ?? 0) * against * (part.form ? MATERIAL[part.form.material].breaks : 1), 0, 0.9);
      return { part, sizeMm, count: sparesFor(need, breaks, rule) };
    })
    .filter((s) => s.count > 0);
}

/** Spare parts by what a person calls them, alike ones together. */
export function namedSpares(spares: readonly SpareParts[]): { part: PartName; count: number }[] {
  const counts = new Map<PartName, number>();
  for (const { part, count } of spares) counts.set(partName(part), (counts.get(partName(part)) ?? 0) + count);
  return [...counts].map(([part, count]) => ({ part, count }));
}
