import { countOf } from './many';
import type { Part } from './part';

/** Every line of a tree, what carries it first. */
export const linesIn = (root: Part): Part[] => [root, ...root.parts.flatMap(linesIn)];

/** The line with this id, or null. */
export const lineIn = (root: Part, id: string): Part | null => linesIn(root).find((p) => p.id === id) ?? null;

/** How many a line has: of what is shared out, over all that carry it; else on each. */
export const countIn = (part: Part): number => (part.many.by === 'share' ? part.many.inAll : countOf(part.many));
