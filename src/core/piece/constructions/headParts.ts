import type { Part } from '../part';
import type { Work } from '../work';
import { ball, line, onWire, sheet, so } from './build';

/** The stages of a flower that opens. */
export type FlowerStage = 'bud' | 'half' | 'open';

/** A head on its own wire, so wide in a stage, with what it is built of from the middle outward. */
export const head = (swg: number, wideMm: number, parts: readonly Part[], work: Work = 'dust-head'): Part =>
  line({ id: 'head', kind: 'head', many: so(1, wideMm), on: onWire(swg, { tip: 'hook' }), join: 'itself', work: [work], parts });

/** A ball on the hook: a dry cone that petals go on, or a bud that is solid. */
export const cone = (mm: number, work: Work = 'cone', colour = 'main'): Part =>
  line({ id: 'cone', kind: 'cone', many: so(1, mm), form: ball(colour), join: 'on wire', work: [work] });
/** A heart that is seen when the flower is open, in a colour of its own. */
export const heart = (mm: number): Part => cone(mm, 'cone', 'second');
export const solidBud = (mm: number): Part =>
  line({ id: 'bud', kind: 'bud', many: so(1, mm), form: ball(), join: 'on wire', work: ['bud-solid'] });

/** A ring of petals alike; `place` counts rings from the middle. */
export interface Petals {
  place: number;
  count: number;
  longMm: number;
  widthShare: number;
  thickMm: number;
}

const ring = ({ place, count, longMm, widthShare, thickMm }: Petals) =>
  ({
    id: `ring-${place}`,
    kind: 'petal',
    many: so(count, longMm),
    form: sheet({ outline: 'obovate', widthShare, thicknessMm: thickMm }),
    habit: { by: 'rings', stepMm: 2, startMm: 2 * (place - 1) },
  }) as const;

/** Glued ring on ring to what is inside. */
export const gluedRing = (petals: Petals, work: Work): Part => line({ ...ring(petals), join: 'wrapped', work: [work] });

/** Each on a wire of its own, taped round the stem into the gaps of the ring before. */
export const wiredRing = (petals: Petals, swg: number): Part =>
  line({ ...ring(petals), on: onWire(swg), join: 'ring', work: ['petal-wired', 'dust-petal'] });

/** A bunch of fine wires, tied in round the middle. */
export const stamens = (count: number, swg: number, lengthMm: number): Part =>
  line({ id: 'stamens', kind: 'stamens', on: { by: 'fine wires', count, swg, lengthMm }, join: 'ring', work: ['stamen-bunch'] });

/** A star of green, threaded on from behind. */
export const calyx = (acrossMm: number): Part =>
  line({
    id: 'calyx',
    kind: 'calyx',
    many: so(1, acrossMm),
    form: sheet({ outline: 'star', widthShare: 1, thicknessMm: 0.8, colour: 'green' }),
    join: 'threaded',
    work: ['calyx-threaded'],
  });

export const sepals = (count: number, longMm: number): Part =>
  line({
    id: 'sepals',
    kind: 'sepal',
    many: so(count, longMm),
    form: sheet({ outline: 'ovate', widthShare: 0.6, thicknessMm: 0.8, colour: 'green' }),
    join: 'wrapped',
    work: ['sepal'],
  });

/** One cut flower on the wire, one sheet or more of it, a little smaller each. */
export const cutFlower = (
  outline: 'daisy' | 'five-petal',
  place: number,
  acrossMm: number,
  { thickMm, layers = 1, work }: { thickMm: number; layers?: number; work: readonly Work[] },
): Part =>
  line({
    id: `cut-${place}`,
    kind: 'petal',
    many: so(1, acrossMm),
    form: sheet({ outline, widthShare: 1, thicknessMm: thickMm, layers }),
    join: 'wrapped',
    work,
  });

/** A centre pressed from a ball, glued on. */
export const centre = (mm: number, work: Work = 'centre'): Part =>
  line({ id: 'centre', kind: 'centre', many: so(1, mm), form: ball('second'), join: 'glued', work: [work] });
