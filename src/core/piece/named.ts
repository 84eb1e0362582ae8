import type { PartName } from '../wire/facts';
import type { Instance } from './expand';
import type { Part } from './part';

const carriesClusters = (part: Part): boolean => part.parts.some((p) => p.kind === 'cluster');

/** What the person calls a part that a wire carries. */
export function partName(part: Part): PartName {
  if (part.kind === 'arm') return carriesClusters(part) || part.parts.some((p) => p.kind === 'floret') ? 'side branch' : 'arm';
  if (part.kind === 'cluster') return 'twig';
  if (part.kind === 'stamens') return 'stamen';
  const { kind, id } = part;
  // florets of a spike are told apart by how far they are open
  if (kind === 'floret' && (id === 'opening' || id === 'open')) return id;
  return kind === 'leaf' || kind === 'berry' || kind === 'floret' || kind === 'bud' ? kind : 'petal';
}

/** Parts of a piece that are on wires of their own: how many of which gauge. */
export function wiredLines(instances: readonly Instance[]): { part: PartName; swg: number; count: number }[] {
  const lines = new Map<string, { part: PartName; swg: number; count: number }>();
  for (const { part, within } of instances) {
    if (!within || part.on.by === 'nothing') continue;
    const [name, swg] = [partName(part), part.on.swg];
    const line = lines.get(`${name}|${swg}`) ?? { part: name, swg, count: 0 };
    lines.set(`${name}|${swg}`, { ...line, count: line.count + (part.on.by === 'fine wires' ? part.on.count : 1) });
  }
  return [...lines.values()];
}
