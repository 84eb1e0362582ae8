import * as v from 'valibot';
import { day, id, named, refusedBy, wallTime, wholeBetween } from '../boundary/parts';
import { knowsZone } from './clock';
import { SKILLS } from './windows';

const minuteOfDay = v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(1440));
const places = v.nullable(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(5000)));

export const hoursSchema = v.pipe(
  v.array(v.nullable(v.strictObject({ fromMinute: minuteOfDay, toMinute: minuteOfDay }))),
  v.length(7),
);

const can = v.pipe(v.array(v.picklist(SKILLS)), v.maxLength(SKILLS.length));

const makerSchema = v.strictObject({
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(40)),
  name: named(40),
  hours: hoursSchema,
  can: v.pipe(can, v.minLength(1)),
});

/**
 * How full windows are, how much longer than it should take drying is counted, and how long before it leaves all is done. Shares
 * of plans that were on time in the project's own study: 95, 82–89 and 66 of a hundred.
 */
export const SAFETY = {
  careful: { fillShare: 0.75, dryingMargin: 1.5, bufferMinutes: 45 },
  practised: { fillShare: 0.85, dryingMargin: 1.25, bufferMinutes: 30 },
  'to the minute': { fillShare: 1, dryingMargin: 1, bufferMinutes: 0 },
} as const;
export type Safety = keyof typeof SAFETY;

/** How a job is laid over the days. */
export const daysSchema = v.strictObject({
  /** the kitchen's time zone (IANA); null where its clock is never changed */
  zone: v.optional(v.nullable(v.pipe(v.string(), v.maxLength(60), v.check(knowsZone, refusedBy('refusal.zone')))), null),
  direction: v.optional(v.picklist(['late', 'early']), 'late'),
  safety: v.optional(v.picklist(['careful', 'practised', 'to the minute']), 'careful'),
  /** nothing is done before; needed for as early as possible */
  beginAt: v.optional(v.nullable(wallTime), null),
  daysOff: v.optional(v.pipe(v.array(day), v.maxLength(200)), []),
  /** what the person whose job it is does; and who helps */
  can: v.optional(can, [...SKILLS]),
  makers: v.optional(v.pipe(v.array(makerSchema), v.maxLength(8)), []),
  /** places to dry on; null where nobody counts them */
  rackPlaces: v.optional(places, null),
  formers: v.optional(places, null),
  /** cake baked, covered and firm; and when it comes out of the cold for the last time before it leaves */
  cakeFirmAt: v.optional(v.nullable(wallTime), null),
  lastChillingTo: v.optional(v.nullable(wallTime), null),
  /** jobs that leave before it keep their sittings and places to dry on */
  withOthers: v.optional(v.boolean(), true),
  /** tasks that a person wants on a day */
  pins: v.optional(v.pipe(v.array(v.strictObject({ task: id, day })), v.maxLength(500)), []),
  /** what is done, and when it was */
  done: v.optional(v.pipe(v.array(v.strictObject({ task: id, from: wallTime, to: wallTime })), v.maxLength(2000)), []),
  /** the plan that is gone by: where every task was */
  kept: v.optional(
    v.pipe(v.array(v.strictObject({ task: id, maker: wholeBetween(0, 40), from: wallTime })), v.maxLength(2000)),
    [],
  ),
});

export type DaySettings = v.InferOutput<typeof daysSchema>;
export const PLAIN_DAYS: DaySettings = v.parse(daysSchema, {});

/** True veiners, full dusting, a wire to each leaf: times as long. A starting value made up for the product. */
const SHOWPIECE_MINUTES = 1.5;
export const careOf = (finish: 'everyday' | 'showpiece'): number => (finish === 'showpiece' ? SHOWPIECE_MINUTES : 1);
