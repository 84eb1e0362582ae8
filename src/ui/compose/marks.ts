/**
 * What is drawn over the cake: a line in its colour on a wider one of its edge, so that it is seen on any icing and any petal
 * (WCAG 2.2, 1.4.11: 3 to 1 between what has to be told apart).
 */
export const MARK_COLOURS = {
  chosen: { line: '#ffa824', edge: '#3b152d' },
  crowded: { line: '#b91121', edge: '#fffdf6' },
  open: { line: '#8f4d05', edge: '#fffdf6' },
} as const;
export type MarkColours = (typeof MARK_COLOURS)[keyof typeof MARK_COLOURS];

/** How much wider the edge is than its line, in pixels. */
export const EDGE_PX = 3;
