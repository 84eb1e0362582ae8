import type { Construction } from '../../piece/construction';
import type { Part } from '../../piece/part';
import type { PartCount, Shape } from '../shape/recipe';

/** A piece that is drawn from its tree: picture, wires and counts are all of the same parts. */
export interface Sprig {
  tree: Construction;
  /** lengths in lengths of the sprig, foot at the origin, tip at about z = 1 */
  drawn(tree: Part): Shape;
  /** what a person may count otherwise, as a tree has it */
  counted(tree: Part): readonly PartCount[];
}
