import * as v from 'valibot';
import { between, named } from '@/core/boundary/parts';
import { CUT_OUTLINES, TOOL_KINDS, type OwnTool } from '@/core/piece/tools';
import { LANGUAGE_IDS, PSEUDO } from '@/core/words/languages';

const toolSchema = v.strictObject({
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(40)),
  kind: v.picklist(TOOL_KINDS),
  name: named(40),
  outline: v.picklist(CUT_OUTLINES),
  longMm: between(2, 200),
  wideMm: between(1, 200),
}) satisfies v.GenericSchema<OwnTool>;

/** How a person reads: language, lengths, clock, the day on which a week begins, and the tools at hand. Of the browser, not of a job. */
const habitsSchema = v.object({
  language: v.picklist([...LANGUAGE_IDS, PSEUDO]),
  lengths: v.picklist(['mm', 'in']),
  clock: v.picklist([24, 12]),
  /** Sunday 0, Monday 1, Saturday 6 */
  weekBegins: v.picklist([0, 1, 6]),
  /** cutters, moulds and veiners that the person has */
  tools: v.pipe(v.array(toolSchema), v.maxLength(200)),
});
export type Habits = v.InferOutput<typeof habitsSchema>;

export const PLAIN_HABITS: Habits = { language: 'en', lengths: 'mm', clock: 24, weekBegins: 1, tools: [] };

/** What was kept in the browser, read with care: what is not known there is the plain habit. */
export function habitsFrom(kept: unknown): Habits {
  const read = v.safeParse(habitsSchema, { ...PLAIN_HABITS, ...(kept && typeof kept === 'object' ? kept : {}) });
  return read.success ? read.output : PLAIN_HABITS;
}
