import Papa from 'papaparse';
import * as v from 'valibot';
import { refusalOf, type Issue } from '../boundary/refusal';
import type { FileRefusal, ValueRefusal } from '../boundary/refusals';

/** A table with more rows than this is not read. */
const MOST_ROWS = 5000;

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

/** Columns that a table has to have and has not. */
export const missingColumns = (missing: readonly string[], present: readonly string[]): Issue[] =>
  missing.map((column) => ({
    path: `header.${column}`,
    expected: column,
    received: present.join(', '),
    why: { code: 'table.no-column', values: { column } } satisfies FileRefusal,
  }));

function readNumber(text: string): number | ValueRefusal {
  if (/^-?\d+,\d+$/.test(text)) return { code: 'refusal.comma', values: { met: text, right: text.replace(',', '.') } };
  const value = Number(text);
  return text !== '' && Number.isFinite(value) ? value : { code: 'refusal.no-number', values: { met: text } };
}

/**
 * Reads a table from CSV (RFC 4180) against a schema of its rows. Every missing column and every bad cell is an issue with its
 * line; either all rows are good or none is given.
 */
export function readTable<S extends v.GenericSchema>(
  text: string,
  columns: readonly Column[],
  rowSchema: S,
): { rows: v.InferOutput<S>[] } | { issues: Issue[] } {
  const parsed = Papa.parse<Record<string, string>>(text.trim(), {
    header: true,
    skipEmptyLines: true,
    transformHeader: (h) => h.trim(),
  });
  const present = parsed.meta.fields ?? [];
  const missing = columns.filter((c) => !c.optional && !present.includes(c.name));
  if (missing.length)
    return {
      issues: missingColumns(
        missing.map((c) => c.name),
        present,
      ),
    };
  if (parsed.data.length > MOST_ROWS)
    return {
      issues: [
        {
          path: '',
          expected: `<= ${MOST_ROWS}`,
          received: `${parsed.data.length}`,
          why: { code: 'table.many-rows', values: { limit: MOST_ROWS } } satisfies FileRefusal,
        },
      ],
    };
  const issues: Issue[] = [];
  const rows = parsed.data.map((cells, i) => readRow({ cells, line: i + 2, columns, rowSchema, issues }));
  return issues.length ? { issues } : { rows: rows as v.InferOutput<S>[] };
}

interface ReadRowOptions {
  cells: Record<string, string>;
  line: number;
  columns: readonly Column[];
  rowSchema: v.GenericSchema;
  issues: Issue[];
}

function readRow({ cells, line, columns, rowSchema, issues }: ReadRowOptions): unknown {
  const row: Record<string, unknown> = {};
  const before = issues.length;
  for (const { name, field, cell, optional } of columns) {
    const text = (cells[name] ?? '').trim();
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
