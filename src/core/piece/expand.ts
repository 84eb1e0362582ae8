import { must } from '../geometry/must';
import { placesOf, type Place } from './habit';
import { countOf, groupsOf, sizesOf } from './many';
import type { Part } from './part';

/** One single part of a piece: its line, its size and stage, its place on what carries it. */
export interface Instance extends Place {
  /** the ids of its lines and its number in each, from the piece itself down */
  id: string;
  part: Part;
  sizeMm: number;
  stage: string | null;
  /** what carries it; null for the piece itself */
  within: Instance | null;
  carries: Instance[];
}

/** What a person may write down: more than this is said before anything is drawn. */
export const MOST = { deep: 4, instances: 600, inALine: 300 } as const;

/** Why a tree is not expanded. */
export interface TooMuch {
  of: keyof typeof MOST;
  partId: string;
  count: number;
}

function counted(part: Part, parents: number, deep: number, told: TooMuch[]): number {
  const each = part.many.by === 'share' ? part.many.inAll : parents * countOf(part.many);
  const inALine = part.many.by === 'share' ? part.many.inAll : countOf(part.many);
  if (inALine > MOST.inALine) told.push({ of: 'inALine', partId: part.id, count: inALine });
  if (deep > MOST.deep) told.push({ of: 'deep', partId: part.id, count: deep });
  return each + part.parts.reduce((a, p) => a + counted(p, each, deep + 1, told), 0);
}

/** What of a tree is more than is taken; null where all of it is. */
export function tooMuch(root: Part): TooMuch | null {
  const told: TooMuch[] = [];
  const count = counted(root, 1, 1, told);
  return told[0] ?? (count > MOST.instances ? { of: 'instances', partId: root.id, count } : null);
}

function lineOn(part: Part, within: Instance | null, { index, parents }: { index: number; parents: number }): Instance[] {
  const count = countOf(part.many, index, parents);
  const places = placesOf(part.habit, groupsOf(part.many, count));
  const sizes = sizesOf(part.many, places.map((p) => p.node)); // prettier-ignore
  return places.map((place, i) => ({
    ...place,
    ...must(sizes[i]),
    id: `${within ? `${within.id}/` : ''}${part.id}-${i + 1}`,
    part,
    within,
    carries: [],
  }));
}

/** The part that stands on its carrier’s own wire, where none is laid in. */
const onItsWire = (at: Instance): Instance => ({ ...at, part: { ...at.part, on: { by: 'nothing' }, join: 'on wire' } });

/** Every single part of a piece, each after what carries it. Throws for a tree that is too much: ask `tooMuch` first. */
export function expand(root: Part): Instance[] {
  const much = tooMuch(root);
  if (much) throw new RangeError(`too much of ${much.partId}: ${much.of}`);
  const all: Instance[] = [];
  const grow = (part: Part, parents: readonly (Instance | null)[]): void => {
    const own = parents.flatMap((within, index) => {
      const line = lineOn(part, within, { index, parents: parents.length });
      const [first] = line;
      if (first && within?.part.firstCarries && within.carries.length === 0) line[0] = onItsWire(first);
      within?.carries.push(...line);
      return line;
    });
    all.push(...own);
    for (const next of part.parts) grow(next, own);
  };
  grow(root, [null]);
  return all;
}

/** From the tip of a carrier to the last part on it, mm. */
export const spanMm = ({ carries }: Instance): number => Math.max(0, ...carries.map((c) => c.atMm));
