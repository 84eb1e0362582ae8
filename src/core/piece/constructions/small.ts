import type { Part } from '../part';
import { ball, line, sheet, so } from './build';
import { calyx, cone, cutFlower, gluedRing, head, solidBud, wiredRing, type FlowerStage } from './headParts';

/** A pea: a keel, two wings and a standard glued round it. Sizes of the own study. */
export function sweetPea(stage: FlowerStage, scale = 1): Part {
  const back = calyx(10 * scale);
  if (stage === 'bud') return head(26, 13 * scale, [cone(8 * scale), back]);
  const wings = gluedRing({ place: 1, count: 2, longMm: (stage === 'half' ? 20 : 22) * scale, widthShare: 0.8, thickMm: 0.6 }, 'petal-glued');
  const standard = gluedRing({ place: 2, count: 1, longMm: 30 * scale, widthShare: 1.1, thickMm: 0.6 }, 'petal-glued');
  const wide = stage === 'half' ? 24 : 32;
  return head(26, wide * scale, [cone(9 * scale), wings, ...(stage === 'open' ? [standard] : []), back]);
} // prettier-ignore

/** A floret of four petals from one cutter, its middle left thick. Common practice, no source. */
export function cutFloret(stage: FlowerStage, scale = 1): Part {
  if (stage === 'bud') {
    const bud = line({ id: 'bud', kind: 'bud', many: so(1, 4.5 * scale), form: ball(), join: 'on wire', work: ['bud-tiny'] });
    return head(26, 7 * scale, [bud], 'dust-tiny');
  }
  const mm = (stage === 'half' ? 24 : 30) * scale;
  const form = sheet({ outline: 'four-petal', widthShare: 1, thicknessMm: 0.8 });
  return head(
    26,
    mm,
    [line({ id: 'floret', kind: 'floret', many: so(1, mm), form, join: 'on wire', work: ['floret-cut'] })],
    'dust-tiny',
  );
}

/** Four bracts, each on a wire of its own, round a knob of tiny flowers. Common practice, no source; sizes of the own study. */
export function dogwood(stage: FlowerStage, scale = 1): Part {
  if (stage === 'bud') return head(22, 12 * scale, [solidBud(9 * scale)]);
  const longMm = (stage === 'half' ? 18 : 22) * scale;
  const knob = cone(7 * scale, 'cone', 'second');
  return head(22, (stage === 'half' ? 32 : 46) * scale, [
    knob,
    wiredRing({ place: 1, count: 4, longMm, widthShare: 0.85, thickMm: 0.8 }, 28),
  ]);
}

/** A cut flower pushed up against a small ball in front of it, which holds it on its wire. Common practice, no source. */
export const ballStop = (scale = 1): Part =>
  head(
    28,
    18 * scale,
    [
      cutFlower('five-petal', 1, 18 * scale, { thickMm: 0.6, work: ['flower-ball-stop'] }),
      line({ id: 'centre', kind: 'centre', many: so(1, 3 * scale), form: ball('second'), join: 'on wire' }),
    ],
    'dust-tiny',
  );
