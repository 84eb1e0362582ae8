import type { Part } from './part';

/** Counts that a person has changed, by the name of what is counted; what is not said is as it is usually made. */
export type Counts = Readonly<Record<string, number>>;

/** What is asked of a construction: how far it has come, how large it is, and what of it is counted otherwise. */
interface Ask {
  stage: string;
  /** across an open flower, along a sprig */
  sizeMm: number;
  counts: Counts;
}

/** How a piece is built, at any size and stage. */
export type Construction = (ask: Ask) => Part;
