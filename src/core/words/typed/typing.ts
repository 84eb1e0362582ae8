import type { Material } from '../../piece/materials';
import type { Ripe, Spoken } from '../../piece/mention';

/** A word that is typed: as it is written for one and for many, and what else is taken for it. */
export type Typed = readonly [one: string, many: string, ...also: string[]];

/** The words in which a person types what a piece is built of, in one language. Small letters. */
export interface Typing {
  names: Readonly<Record<Spoken, Typed>>;
  ripeness: Readonly<Record<Ripe, Typed>>;
  /** what it is made of */
  materials: Readonly<Record<Material, Typed>>;
  /** parts of a length: a half to a sixth */
  parts: Readonly<Record<2 | 3 | 4 | 5 | 6, Typed>>;
  pairs: Typed;
  /** 12 of 18 mm */
  of: Typed;
  /** 18 to 43 mm */
  to: Typed;
  /** on wire of 20 */
  on: Typed;
  gauge: Typed;
  /** no wire laid in: the first stem carries the next */
  inTheHand: Typed;
  toLength: Typed;
  /** cut to whichever part of a length is long enough */
  fits: Typed;
  noWire: Typed;
  no: Typed;
  apart: Typed;
  stalk: Typed;
  start: Typed;
  /** three to a branch; three each */
  per: Typed;
  each: Typed;
  /** joins what is said and means nothing by itself */
  fill: readonly string[];
}
