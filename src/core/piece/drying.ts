import type { Form, Part } from './part';

/** Flower paste: a sheet of so much is dry overnight, a thinner one sooner. Common practice, no source. */
const SHEET = { thickMm: 1.2, hours: 12, fineMm: 0.5, fineHours: 8, most: 2 } as const;
/** A ball of 12 mm takes 8 h, others in proportion. Common practice, no source. */
const BALL = { hours: 8, mm: 12 } as const;
/** Cones that petals go on are dry after no less (docs/trade.md D1; common practice, no source). */
const CONE_HOURS = 8;
/** Sugar paste with hardener takes most of a day whatever it is; painted paper less than a minute. Common practice, no source. */
const SUGAR_PASTE_HOURS = 18;
const PAPER_HOURS = 45 / 3600;

const ofSheet = (thickMm: number): number => {
  if (thickMm < SHEET.fineMm) return SHEET.fineHours;
  return SHEET.hours * Math.min(SHEET.most, Math.max(1, (thickMm / SHEET.thickMm) ** 1.5));
};

/** Hours until the next step may touch a part of this size. */
export function dryHours({ kind, form }: { kind: Part['kind']; form: Form }, sizeMm: number): number {
  if (form.material === 'wafer paper') return PAPER_HOURS;
  if (form.material === 'sugar paste') return SUGAR_PASTE_HOURS;
  if (form.as === 'sheet') return ofSheet(form.thicknessMm);
  const hours = (BALL.hours * (form.as === 'balls' ? form.ballMm : sizeMm)) / BALL.mm;
  return kind === 'cone' ? Math.max(CONE_HOURS, hours) : hours;
}
