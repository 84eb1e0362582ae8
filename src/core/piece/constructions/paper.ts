import type { Form, Part } from '../part';
import { line, sheet, so } from './build';
import { head } from './headParts';

/** Wafer paper, as thin as it is sold. */
const paper = (outline: 'obovate' | 'heart', widthShare: number): Form => ({
  ...sheet({ outline, widthShare, thicknessMm: 0.5 }),
  material: 'wafer paper',
});

const glued = (id: string, count: number, longMm: number, form: Form): Part =>
  line({
    id,
    kind: 'petal',
    many: so(count, longMm),
    form,
    join: 'glued',
    work: ['leaf-paper'],
    habit: { by: 'rings', stepMm: 0 },
  });

/** Painted petals glued round a wire one after another. Common practice, no source (docs/trade.md M8). */
export const paperFlower = (scale = 1): Part =>
  head(24, 46 * scale, [glued('petal', 8, 26 * scale, paper('obovate', 0.7))], 'dust-wire');

/** Two wings cut from one folded sheet, glued to a wire. Common practice, no source. */
export const butterfly = (scale = 1): Part =>
  head(26, 56 * scale, [glued('wing', 2, 30 * scale, paper('heart', 0.8))], 'dust-wire');
