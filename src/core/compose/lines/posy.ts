import { domeOnTop, standOn } from '../dome';
import type { FormMaker } from '../line';

/** A posy on a top, low and wide: its flowers stand in the cake themselves, on a soft dome or small heads hover at its rim. */
export const posy: FormMaker<'posy'> = (spec, _skin, cake) => ({
  kind: 'own',
  shape: 'disc',
  ...domeOnTop(standOn(cake, { ...spec, standMm: 0 }), {
    radiusMm: spec.widthMm,
    riseMm: spec.riseMm,
    domeShare: 0.5,
    rimLeanRad: 0.73,
  }),
});
