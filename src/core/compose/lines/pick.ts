import { domeOnTop, standOn } from '../dome';
import type { FormMaker } from '../line';

/** A single pick: one flower or a few on one short stem, set where a finger would point. */
export const pick: FormMaker<'pick'> = (spec, _skin, cake) => ({
  kind: 'own',
  shape: 'disc',
  ...domeOnTop(standOn(cake, spec), { radiusMm: spec.widthMm, riseMm: spec.riseMm, domeShare: 0.4, rimLeanRad: 0.9 }),
  stand: standOn(cake, spec),
});
