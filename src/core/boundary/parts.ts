import * as v from 'valibot';
import type { OwnRefusal } from './refusal';

/** A code in the place of a schema's message: what is wrong is told by the words. */
const by = (code: OwnRefusal): OwnRefusal => code;

/** A finite number within bounds. */
export const between = (least: number, most: number) => v.pipe(v.number(), v.finite(), v.minValue(least), v.maxValue(most));
export const wholeBetween = (least: number, most: number) => v.pipe(between(least, most), v.integer());
/** An angle as a hand leaves it that turns and turns again, radians: some hundred and sixty turns either way. */
export const angleRad = between(-1000, 1000);
/** A place over the board, mm from its middle: the widest board is 1000 mm across. */
export const overBoardMm = between(-600, 600);
/** What is called by a name of its own in a file: an id, a step, a task. */
export const id = v.pipe(v.string(), v.minLength(1), v.maxLength(200));
/** Controls, formats, separators and what a typeface leaves out (Unicode’s default ignorable code points), the empty braille cell. */
const UNSEEN = /[\p{Cc}\p{Cf}\p{Cs}\p{Z}\p{Default_Ignorable_Code_Point}\u2800]/gu;
/** Whether anything of a text can be seen. */
export const visible = (text: string): boolean => text.replace(UNSEEN, '') !== '';

/** Text of a person's own, of which something can be seen. */
export const named = (most: number) =>
  v.pipe(v.string(), v.trim(), v.minLength(1), v.maxLength(most), v.check(visible, by('refusal.empty')));
/** #rrggbb */
export const hue = v.pipe(v.string(), v.regex(/^#[0-9a-f]{6}$/i, by('refusal.colour')));

/** Whether a file says that it is of a later version: anything else than a whole number is no version. */
export const isNewer = (version: unknown, than: number): version is number =>
  typeof version === 'number' && Number.isSafeInteger(version) && version > than;

const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;

/** No cake leaves before or after these years; what does is a slip of the hand. */
const YEARS = { least: 1990, most: 2100 } as const;

/** Whether a date is one of the Gregorian calendar (ISO 8601), in years of sense: 2027-02-29 is none. */
export function isDay(text: string): boolean {
  const [, year, month, day] = (DAY.exec(text) ?? []).map(Number);
  if (year === undefined || month === undefined || day === undefined) return false;
  if (year < YEARS.least || year > YEARS.most) return false;
  const date = new Date(Date.UTC(year, month - 1, day));
  return date.getUTCMonth() === month - 1 && date.getUTCDate() === day;
}

/** Whether a wall time is one: 2027-06-12T09:30, hours to 23. */
export function isWallTime(text: string): boolean {
  const [day = '', time = ''] = text.split('T');
  return isDay(day) && /^([01]\d|2[0-3]):[0-5]\d$/.test(time);
}

export const wallTime = v.pipe(v.string(), v.check(isWallTime, by('refusal.time')));
export const day = v.pipe(v.string(), v.check(isDay, by('refusal.day')));
export const refusedBy = by;
