import { PLAIN_HABITS, type Habits } from '@/data/habits';

let current = PLAIN_HABITS;
let plain = true;

/** The habits that everything is said by from now on. */
export function setHabits(habits: Habits): void {
  current = habits;
  plain = habits.language === 'en' && habits.lengths === 'mm' && habits.clock === 24;
}
export const habits = (): Habits => current;
/** Nothing has to be said otherwise than it is written. */
export const isPlain = (): boolean => plain;
