import Papa from 'papaparse';
import { readCsv } from './csv';
import * as v from 'valibot';
import { refusalOf, type Issue } from '../boundary/refusal';
import type { FileRefusal, ValueRefusal } from '../boundary/refusals';

type Cell = 'text' | 'number' | 'list';

/** Columns of a table: the name in the file, the field of the row, and what its cells are. Lists stand in one cell, parted by spaces. */
export interface Column {
  name: string;
  field: string;
  cell: Cell;
  /** may be missing as a column or empty as a cell: the field is then left out */
  optional?: boolean;
}

/** What a spreadsheet would run as a formula. */
const FORMULA = /^[=+\-@\t\r]/;
/** Cells of text that begin like a formula go out behind an apostrophe and come back without it, so that no spreadsheet runs them. */
const harmless = (text: string): string => (FORMULA.test(text.replace(/^'+/, '')) ? `'${text}` : text);
const asWritten = (cell: string): string =>
  cell.startsWith("'") && FORMULA.test(cell.replace(/^'+/, '')) ? cell.slice(1) : cell;

interface CellIssueOptions {
  line: number;
  column: string;
  cell: string;
  why: ValueRefusal;
  expected: string;
}

/** What is wrong with a cell, and where it stands. */
export const cellIssue = ({ line, column, cell, why, expected }: CellIssueOptions): Issue => ({
  path: `line ${line}.${column}`,
  expected,
  received: cell,
  why: { code: 'table.cell', values: { line, column, why } } satisfies FileRefusal,
});

function readNumber(text: string): number | ValueRefusal {
  if (/^-?\d+,\d+$/.test(text)) return { code: 'refusal.comma', values: { met: text, right: text.replace(',', '.') } };
  const value = Number(text);
  return text !== '' && Number.isFinite(value) ? value : { code: 'refusal.no-number', values: { met: text } };
}

/** Rows that were read, with the line of each, and the columns that were not read. */
export interface Table<Row> {
  rows: Row[];
  lines: number[];
  surplus: string[];
}

/** Reads a table from CSV against a schema of its rows: every fault is an issue with its line; either all rows are good or none is given. */
export function readTable<S extends v.GenericSchema>(
  text: string,
  columns: readonly Column[],
  rowSchema: S,
): Table<v.InferOutput<S>> | { issues: Issue[] } {
  const csv = readCsv(
    text,
    columns.filter((c) => !c.optional).map((c) => c.name),
    columns.filter((c) => c.optional).map((c) => c.name),
  );
  if ('issues' in csv) return csv;
  const issues: Issue[] = [];
  const rows = csv.rows.map(({ cells, line }) => readRow({ cells, line, columns, rowSchema, issues }));
  return issues.length
    ? { issues }
    : { rows: rows as v.InferOutput<S>[], lines: csv.rows.map((r) => r.line), surplus: csv.surplus };
}

interface ReadRowOptions {
  cells: ReadonlyMap<string, string>;
  line: number;
  columns: readonly Column[];
  rowSchema: v.GenericSchema;
  issues: Issue[];
}

function readRow({ cells, line, columns, rowSchema, issues }: ReadRowOptions): unknown {
  const row: Record<string, unknown> = {};
  const before = issues.length;
  for (const { name, field, cell, optional } of columns) {
    const text = (cells.get(name) ?? '').trim();
    if (optional && text === '') continue;
    if (cell === 'text') row[field] = asWritten(text);
    else {
      const parts = cell === 'list' ? text.split(/\s+/).filter(Boolean) : [text];
      const values = parts.map(readNumber);
      const bad = values.find((x) => typeof x !== 'number');
      if (bad !== undefined) issues.push(cellIssue({ line, column: name, cell: text, why: bad, expected: 'number' }));
      row[field] = cell === 'list' ? values : values[0];
    }
  }
  if (issues.length > before) return row;
  const checked = v.safeParse(rowSchema, row);
  if (checked.success) return checked.output;
  for (const issue of checked.issues) {
    const field = String(issue.path?.[0]?.key ?? '');
    const name = columns.find((c) => c.field === field)?.name ?? field;
    issues.push(
      cellIssue({ line, column: name, cell: String(issue.received), why: refusalOf(issue), expected: issue.expected ?? '' }),
    );
  }
  return row;
}

/** Writes rows as CSV with the same columns. */
export const writeTable = (rows: readonly Record<string, unknown>[], columns: readonly Column[]): string =>
  `${Papa.unparse({
    fields: columns.map((c) => c.name),
    data: rows.map((row) =>
      columns.map((c) => {
        const cell = row[c.field];
        return Array.isArray(cell) ? cell.join(' ') : typeof cell === 'string' ? harmless(cell) : (cell ?? '');
      }),
    ),
  })}\r\n`;

/** What reading a table in would change of rows known by an id, told before it is done. */
export function changesOf<T extends { id: string }>(
  before: readonly T[],
  after: readonly T[],
): { added: T[]; changed: T[]; gone: T[] } {
  const known = new Map(before.map((x) => [x.id, JSON.stringify(x)]));
  const now = new Set(after.map((x) => x.id));
  return {
    added: after.filter((x) => !known.has(x.id)),
    changed: after.filter((x) => known.has(x.id) && known.get(x.id) !== JSON.stringify(x)),
    gone: before.filter((x) => !now.has(x.id)),
  };
}
