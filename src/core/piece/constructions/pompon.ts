import type { Part } from '../part';
import { ball, line, onWire, sheet, so } from './build';

/** A core wrapped in a thin disc and snipped row by row, on a wire twisted double. Common practice, no source. */
export const pompon = (scale = 1): Part =>
  line({
    id: 'head',
    kind: 'head',
    many: so(1, 20 * scale),
    on: onWire(24, { tip: 'twisted double', strands: 2 }),
    join: 'itself',
    parts: [
      line({ id: 'core', kind: 'cone', many: so(1, 12 * scale), form: ball('second'), join: 'on wire', work: ['core-covered'] }),
      line({
        id: 'skin',
        kind: 'petal',
        many: so(1, 30 * scale),
        form: sheet({ outline: 'disc', widthShare: 1, thicknessMm: 0.6 }),
        join: 'wrapped',
        work: ['snipping'],
      }),
    ],
  });
