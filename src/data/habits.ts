import * as v from 'valibot';
import { LANGUAGE_IDS, PSEUDO } from '@/core/words/languages';

/** How a person reads: language, lengths, clock, and the day on which a week begins. Of the browser, not of a job. */
const habitsSchema = v.object({
  language: v.picklist([...LANGUAGE_IDS, PSEUDO]),
  lengths: v.picklist(['mm', 'in']),
  clock: v.picklist([24, 12]),
  /** Sunday 0, Monday 1, Saturday 6 */
  weekBegins: v.picklist([0, 1, 6]),
});
export type Habits = v.InferOutput<typeof habitsSchema>;

export const PLAIN_HABITS: Habits = { language: 'en', lengths: 'mm', clock: 24, weekBegins: 1 };

/** What was kept in the browser, read with care: what is not known there is the plain habit. */
export function habitsFrom(kept: unknown): Habits {
  const read = v.safeParse(habitsSchema, { ...PLAIN_HABITS, ...(kept && typeof kept === 'object' ? kept : {}) });
  return read.success ? read.output : PLAIN_HABITS;
}
