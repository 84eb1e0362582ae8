import { MATERIAL } from './materials';
import type { Form, Part } from './part';

/** A cone that petals go on is firm after this, larger ones later, whatever paste it is of (docs/trade.md D1; common practice, no source). */
const CONE = { hours: 8, ofMm: 12 } as const;

/** Hours until the next step may touch a part of this size. */
export function dryHours({ kind, form }: { kind: Part['kind']; form: Form }, sizeMm: number): number {
  const { drying } = MATERIAL[form.material];
  if (drying.by === 'hours' && drying.hours === 0) return 0;
  if (kind === 'cone') return CONE.hours * Math.max(1, sizeMm / CONE.ofMm);
  if (drying.by === 'hours') return drying.hours;
  if (form.as === 'sheet') {
    const { thickMm, hours, fineMm, fineHours, most } = drying.sheet;
    if (form.thicknessMm < fineMm) return fineHours;
    return hours * Math.min(most, Math.max(1, (form.thicknessMm / thickMm) ** 1.5));
  }
  return drying.ballHoursAMm * (form.as === 'balls' ? form.ballMm : sizeMm);
}
