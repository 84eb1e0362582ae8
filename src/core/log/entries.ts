import * as v from 'valibot';
import { wallTime } from '../boundary/parts';
import { counted, standing } from './events';
import type { Looked } from './own';

const count = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(10_000));
const short = v.pipe(v.string(), v.maxLength(80));
/** what every entry has: entries are only ever added; a correction names those that it takes the place of */
const added = {
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(80)),
  at: wallTime,
  by: v.optional(short),
  over: v.optional(v.pipe(v.array(v.pipe(v.string(), v.maxLength(80))), v.maxLength(50))),
};

/** Pieces made and broken, and in how many minutes. */
export const logEntrySchema = v.strictObject({
  ...added,
  /** key of the tray: species|stage|colourway; or taping, making up */
  kind: v.string(),
  made: count,
  broken: count,
  minutes: v.nullable(v.pipe(v.number(), v.minValue(0), v.maxValue(100_000))),
  note: v.optional(v.pipe(v.string(), v.maxLength(1000))),
  /** id of a photograph that the browser keeps */
  photo: v.optional(short),
});
export type LogEntry = v.InferOutput<typeof logEntrySchema>;

const grams = v.pipe(v.number(), v.minValue(0), v.maxValue(20_000));

/** What else happened at the bench. */
export const noteSchema = v.variant('what', [
  /** the air of the room */
  v.strictObject({
    ...added,
    what: v.literal('air'),
    celsius: v.pipe(v.number(), v.minValue(-10), v.maxValue(60)),
    humidityShare: v.pipe(v.number(), v.minValue(0), v.maxValue(1)),
    from: v.picklist(['hand', 'simulated sensor']),
  }),
  /** pieces looked at so many hours after they were made: dry or not; so many hours were reckoned for this room */
  v.strictObject({
    ...added,
    what: v.literal('looked'),
    kind: v.string(),
    hours: v.pipe(v.number(), v.minValue(0.1), v.maxValue(1000)),
    reckonedHours: v.pipe(v.number(), v.minValue(0.01), v.maxValue(10_000)),
    dry: v.boolean(),
  }),
  /** paste taken for a kind and kneaded back, and what so many pieces of it weigh without their wires */
  v.strictObject({
    ...added,
    what: v.literal('weighed'),
    kind: v.string(),
    takenGrams: grams,
    backGrams: grams,
    piecesGrams: grams,
    pieces: count,
    from: v.picklist(['hand', 'simulated scale']),
  }),
]);
export type Note = v.InferOutput<typeof noteSchema>;
export type AirReading = Extract<Note, { what: 'air' }>;

/** Log entries that count: of a conflict the one with fewer pieces made and more broken, until a person decides. */
export const countedLog = (log: readonly LogEntry[]): LogEntry[] =>
  counted(log, (a, b) => a.made - b.made || b.broken - a.broken);

export const airsOf = (notes: readonly Note[]): AirReading[] =>
  standing(notes)
    .filter((n) => n.what === 'air')
    .sort((a, b) => (a.at < b.at ? -1 : 1));

export const looksOf = (notes: readonly Note[], kind?: string): Looked[] =>
  standing(notes).flatMap((n) => (n.what === 'looked' && (kind === undefined || n.kind === kind) ? [n] : []));

/** Shares of paste lost, one for each weighing of a kind: what was taken and neither kneaded back nor is in the pieces. */
export const lossesOf = (notes: readonly Note[], kind: string): number[] =>
  standing(notes).flatMap((n) => {
    if (n.what !== 'weighed' || n.kind !== kind || n.pieces === 0) return [];
    const used = n.takenGrams - n.backGrams;
    return used > 0 && n.piecesGrams <= used ? [1 - n.piecesGrams / used] : [];
  });

/** What was made and broken of a kind on each day. */
export function daysOfKind(log: readonly LogEntry[], kind: string): { day: string; made: number; broken: number }[] {
  const days = new Map<string, { day: string; made: number; broken: number }>();
  for (const e of log) {
    if (e.kind !== kind) continue;
    const day = e.at.slice(0, 10);
    const own = days.get(day) ?? { day, made: 0, broken: 0 };
    own.made += e.made;
    own.broken += e.broken;
    days.set(day, own);
  }
  return [...days.values()].sort((a, b) => (a.day < b.day ? -1 : 1));
}
