import { format } from 'date-fns';
import { MM_PER_INCH } from '@/core/geometry/units';

/** "Saturday 12 June, leaves at 09:30" from wall time 2027-06-12T09:30; says so when it is no day. */
export function leavesWords(wall: string): string {
  const day = new Date(`${wall}:00`);
  return Number.isNaN(day.getTime()) ? 'no day set' : `${format(day, 'EEEE d MMMM')}, leaves at ${format(day, 'HH:mm')}`;
}

/** "2 h 35" or "40 min". */
export function durationWords(minutes: number): string {
  const m = Math.round(minutes);
  return m < 60 ? `${m} min` : m % 60 === 0 ? `${m / 60} h` : `${Math.floor(m / 60)} h ${String(m % 60).padStart(2, '0')}`;
}

export const inchWords = (mm: number): string => `${(mm / MM_PER_INCH).toFixed(2)} in`;
export const gramWords = (g: number): string => (g < 10 ? g.toFixed(1) : String(Math.round(g)));
export const plural = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;
