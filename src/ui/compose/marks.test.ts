import { wcagContrast } from 'culori';
import { MARK_COLOURS } from './marks';

/** Contrast by another library (culori), after WCAG 2.2: 3 to 1 for marks (1.4.11). */
test.each(Object.entries(MARK_COLOURS))('the mark of what is %s is told from its own edge', (_, { line, edge }) => {
  expect(wcagContrast(line, edge)).toBeGreaterThanOrEqual(3);
});

/** Whatever lies under it, white icing or dark petals, the line or its edge stands out. */
test.each(['#ffffff', '#eff6f7', '#eadfc2', '#a52f52', '#2c4a6b', '#1c0f1a', '#808080', '#ffa824', '#3b152d'])(
  'on %s too',
  (under) => {
    for (const { line, edge } of Object.values(MARK_COLOURS))
      expect(Math.max(wcagContrast(line, under), wcagContrast(edge, under))).toBeGreaterThanOrEqual(3);
  },
);
