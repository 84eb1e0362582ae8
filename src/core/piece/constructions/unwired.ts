import type { Form, Part } from '../part';
import type { Work } from '../work';
import { ball, line, sheet, so } from './build';
import type { FlowerStage } from './headParts';

/** A flower on no wire at all: it stands, is laid or glued. */
const laid = (wideMm: number, parts: readonly Part[]): Part =>
  line({ id: 'flower', kind: 'head', many: so(1, wideMm), join: 'itself', parts });

const rounds = (count: number, mm: number, form: Form, work: Work): Part =>
  line({
    id: 'round',
    kind: 'petal',
    many: so(count, mm),
    form,
    join: 'wrapped',
    work: [work],
    habit: { by: 'rings', stepMm: 0 },
  });

/** Soft paste that is wrapped in the hand is no flower paste: it stays thick. Common practice, no source. */
const ROUND_MM = 2.4;
const WRAPPED = { bud: 4, half: 5, open: 7 } as const;

/** Rounds wrapped round a cone that stands on the board: 3 to 5 for a bud, 7 to 8 open. Common practice, no source. */
export function handWrapped(stage: FlowerStage, scale = 1): Part {
  const soft = (form: Form): Form => ({ ...form, material: 'fondant' });
  const cone = line({
    id: 'cone',
    kind: 'cone',
    many: so(1, 20 * scale),
    form: soft(ball()),
    join: 'wrapped',
    work: ['cone-standing'],
  });
  const form = soft(sheet({ outline: 'disc', widthShare: 1, thicknessMm: ROUND_MM }));
  return laid({ bud: 26, half: 40, open: 55 }[stage] * scale, [cone, rounds(WRAPPED[stage], 45 * scale, form, 'round-wrapped')]);
}

/** Thin rounds overlapped in a cup round a pressed ball, without wire or glue. Common practice, no source. */
export function cupped(scale = 1): Part {
  const form = sheet({ outline: 'disc', widthShare: 1, thicknessMm: 0.6 });
  const middle = line({
    id: 'centre',
    kind: 'centre',
    many: so(1, 6 * scale),
    form: ball('second'),
    join: 'wrapped',
    work: ['centre'],
  });
  return laid(34 * scale, [rounds(5, 22 * scale, form, 'round-cupped'), middle]);
}

/** A tiny flower from a drop of paste, its petals cut and pressed open, on no wire. Common practice, no source. */
export const tinyFloret = (scale = 1): Part =>
  laid(8 * scale, [
    line({
      id: 'floret',
      kind: 'floret',
      many: so(1, 5 * scale),
      form: ball('main', 0.85),
      join: 'wrapped',
      work: ['floret-tiny', 'dust-tiny'],
    }),
  ]);

/** A strip rolled up on itself; so wide as the strip is high three times. Common practice, no source. */
export const rosette = (scale = 1): Part =>
  laid(20 * scale, [
    line({
      id: 'strip',
      kind: 'petal',
      many: so(1, 57 * scale),
      form: sheet({ outline: 'strip', widthShare: 0.11, thicknessMm: 1 }),
      join: 'wrapped',
      work: ['rosette'],
    }),
  ]);
