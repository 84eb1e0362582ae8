import type { Outline } from './part';

/** Outlines that a cutter, mould or veiner has; strips are cut with a knife. */
export const CUT_OUTLINES = ['disc', 'ellipse', 'ovate', 'obovate', 'lance', 'heart', 'lobed', 'needle', 'five-petal', 'four-petal', 'daisy', 'star'] as const satisfies readonly Outline[]; // prettier-ignore
export const TOOL_KINDS = ['cutter', 'mould', 'veiner'] as const;

/** A cutter, mould or veiner that a person has, by what it gives: length and width of one part, mm. */
export interface OwnTool {
  id: string;
  kind: (typeof TOOL_KINDS)[number];
  name: string;
  outline: (typeof CUT_OUTLINES)[number];
  longMm: number;
  wideMm: number;
}
