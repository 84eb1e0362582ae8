import type { Instance } from './expand';
import type { Form, Part } from './part';
import type { PieceWire } from './wires';

/** One line of a piece as it is made: so many parts alike, their sizes, what they are made of and sit on. */
export interface PartLine {
  id: string;
  kind: Part['kind'];
  count: number;
  /** smallest and largest; of a ball its diameter before it is shaped, of a sheet its length */
  fromMm: number;
  toMm: number;
  form: Form | null;
  /** gauge, as it is cut, and of how many equal parts of a length; null for what has no wire */
  wire: { swg: number; cutMm: number; parts: PieceWire['parts']; strands: number } | null;
}

const wireOf = (cut: PieceWire | undefined): PartLine['wire'] =>
  cut ? { swg: cut.swg, cutMm: cut.cutMm, parts: cut.parts, strands: cut.count } : null;

/** A piece line by line, from the middle or the tip outward; the piece itself is left out where it is not made of anything. */
export function linesOf(instances: readonly Instance[], wires: readonly PieceWire[]): PartLine[] {
  const cuts = new Map(wires.map((w) => [w.instanceId, w]));
  const lines = new Map<string, PartLine>();
  for (const { id, part, sizeMm } of instances) {
    const cut = cuts.get(id);
    const known = lines.get(part.id);
    if (known) {
      known.count += 1;
      known.fromMm = Math.min(known.fromMm, sizeMm);
      known.toMm = Math.max(known.toMm, sizeMm);
      if (known.wire && cut) known.wire.cutMm = Math.max(known.wire.cutMm, cut.cutMm);
      // the first may stand on its carrier’s wire
      known.wire ??= wireOf(cut);
      continue;
    }
    if (!part.form && !cut) continue;
    const wire = wireOf(cut);
    lines.set(part.id, { id: part.id, kind: part.kind, count: 1, fromMm: sizeMm, toMm: sizeMm, form: part.form, wire });
  }
  return [...lines.values()];
}
