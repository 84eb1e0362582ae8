import type { Warning } from '../plan/warnings';
import type { Words } from '../words/words';
import { text, type Drawing } from './drawing';

/** What stands at the head of paper that must not leave yet: how many stops are open; empty where none is. */
export function notReady(warnings: readonly Warning[], words: Words): string {
  const n = warnings.filter((w) => w.level === 'stop').length;
  return n > 0 ? words.label('hand.stopped', { n }) : '';
}

/** Above the first line of a drawing, which stands 10 mm from its edge, mm. */
const HEAD_AT = [12, 5] as const;
const HEAD_MM = 5;

/** Drawings with that line at their head, large, and before their titles, which every sheet of them carries. */
export const marked = <D extends Drawing>(drawings: readonly D[], line: string): D[] =>
  line === ''
    ? [...drawings]
    : drawings.map((d) => ({
        ...d,
        title: `${line} ${d.title}`,
        marks: [{ ...text(HEAD_AT, line.toUpperCase(), HEAD_MM), bold: true }, ...d.marks],
      }));
