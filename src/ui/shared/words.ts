import { lightFormat } from 'date-fns';
import { wallFromText } from '@/core/days/clock';
import type { Words } from '@/core/words/words';

/** Wall time of a moment of this browser. */
export const wallOf = (date: Date): number => wallFromText(lightFormat(date, "yyyy-MM-dd'T'HH:mm"));

/** "Saturday 12 June, leaves at 09:30" from wall time 2027-06-12T09:30; says so when it is no day. */
export function leavesWords(wallText: string, words: Words): string {
  if (Number.isNaN(new Date(`${wallText}:00`).getTime())) return words.label('shared.no-day');
  const wall = wallFromText(wallText);
  return words.label('shared.leaves-at', { day: words.units.longDay(wall), time: words.units.time(wall) });
}
