import * as v from 'valibot';
import { methodSchema, type OwnMethod } from '../botany/methods';
import { refusalOf, type Issue } from '../boundary/refusal';
import { cellIssue, readTable, writeTable, type Column } from './table';
import { must } from '../geometry/must';

const COLUMNS: readonly Column[] = [
  { name: 'method_id', field: 'id', cell: 'text' },
  { name: 'method', field: 'name', cell: 'text' },
  { name: 'batch', field: 'batch', cell: 'number' },
  { name: 'loss_share', field: 'lossShare', cell: 'number' },
  { name: 'tools', field: 'tools', cell: 'text', optional: true },
  { name: 'dusting', field: 'dusting', cell: 'text', optional: true },
  { name: 'checks', field: 'checks', cell: 'text', optional: true },
  { name: 'step_id', field: 'stepId', cell: 'text' },
  { name: 'step', field: 'step', cell: 'text' },
  { name: 'minutes_each', field: 'minutesEach', cell: 'number' },
  { name: 'minutes_batch', field: 'minutesBatch', cell: 'number' },
  { name: 'dry_hours', field: 'dryHours', cell: 'number' },
  { name: 'dry_note', field: 'dryNote', cell: 'text', optional: true },
  { name: 'dry_on', field: 'dryOn', cell: 'text', optional: true },
  { name: 'caution', field: 'caution', cell: 'text', optional: true },
];

/** Parts the lines of one cell. */
const BAR = ' | ';

const rowSchema = v.strictObject({
  id: v.string(),
  name: v.string(),
  batch: v.number(),
  lossShare: v.number(),
  tools: v.optional(v.string(), ''),
  dusting: v.optional(v.string(), ''),
  checks: v.optional(v.string(), ''),
  stepId: v.string(),
  step: v.string(),
  minutesEach: v.number(),
  minutesBatch: v.number(),
  dryHours: v.number(),
  dryNote: v.optional(v.string()),
  dryOn: v.optional(v.string()),
  caution: v.optional(v.string()),
});
type Row = v.InferOutput<typeof rowSchema>;

/** Own methods as a table, a row for each step; what concerns the whole method stands in every row of it. */
export const writeMethodsCsv = (methods: readonly OwnMethod[]): string =>
  writeTable(
    methods.flatMap((m) =>
      m.steps.map((s) => ({
        ...s,
        id: m.id,
        name: m.name,
        batch: m.batch,
        lossShare: m.lossShare,
        tools: m.tools.join(BAR),
        dusting: m.dusting.join(BAR),
        checks: m.checks.join(BAR),
        stepId: s.id,
        step: s.name,
      })),
    ),
    COLUMNS,
  );

/** Whether a table is one of methods, by its header. */
export const isMethodsCsv = (text: string): boolean => /^\s*"?method_id"?\s*[,;\t]/.test(text);

/** Reads a table of methods; rows of one method follow each other or not, and must agree in what concerns the whole. All or none. */
export function readMethodsCsv(text: string): { rows: OwnMethod[]; surplus: string[] } | { issues: Issue[] } {
  const read = readTable(text, COLUMNS, rowSchema);
  if ('issues' in read) return read;
  const rowsOf = new Map<string, { row: Row; line: number }[]>();
  read.rows.forEach((row, i) => rowsOf.set(row.id, [...(rowsOf.get(row.id) ?? []), { row, line: must(read.lines[i]) }]));
  const issues: Issue[] = [];
  const methods = [...rowsOf.values()].flatMap((rows): OwnMethod[] => {
    const [first] = rows;
    for (const { row, line } of rows)
      for (const [field, column] of WHOLE)
        if (row[field] !== must(first).row[field])
          issues.push(
            cellIssue({
              line,
              column,
              cell: String(row[field]),
              why: { code: 'refusal.unlike-line', values: { line: must(first).line } },
              expected: column,
            }),
          );
    const checked = v.safeParse(methodSchema, methodOf(rows.map((r) => r.row)));
    if (checked.success) return [checked.output];
    for (const issue of checked.issues)
      issues.push(
        cellIssue({
          line: must(first).line,
          column: must(first).row.id,
          cell: String(issue.received),
          why: refusalOf(issue),
          expected: issue.expected ?? '',
        }),
      );
    return [];
  });
  return issues.length ? { issues } : { rows: methods, surplus: read.surplus };
}

const WHOLE = [
  ['name', 'method'],
  ['batch', 'batch'],
  ['lossShare', 'loss_share'],
  ['tools', 'tools'],
  ['dusting', 'dusting'],
  ['checks', 'checks'],
] as const;

const linesOf = (cell: string): string[] => cell.split('|').flatMap((line) => line.trim() || []);

function methodOf(rows: readonly Row[]): unknown {
  const [{ id, name, batch, lossShare, tools, dusting, checks }] = rows as [Row];
  return {
    id,
    name,
    batch,
    lossShare,
    tools: linesOf(tools),
    dusting: linesOf(dusting),
    checks: linesOf(checks),
    steps: rows.map(({ stepId, step, minutesEach, minutesBatch, dryHours, dryNote, dryOn, caution }) => ({
      id: stepId,
      name: step,
      minutesEach,
      minutesBatch,
      dryHours,
      ...(dryNote !== undefined && { dryNote }),
      ...(dryOn !== undefined && { dryOn }),
      ...(caution !== undefined && { caution }),
    })),
  };
}
