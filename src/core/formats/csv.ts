import Papa from 'papaparse';
import type { Issue } from '../boundary/refusal';
import type { FileRefusal } from '../boundary/refusals';

/** A table with more rows than this is not read. */
const MOST_ROWS = 5000;

/** A row by its columns, and the line of the file on which it begins, counted as an editor does. */
interface CsvRow {
  line: number;
  cells: ReadonlyMap<string, string>;
}

interface Csv {
  rows: CsvRow[];
  /** columns that nobody asked for, in their order */
  surplus: string[];
}

const LINE_END = /\r\n|\r|\n/g;

/**
 * Rows of a CSV file (RFC 4180; any line ends; empty lines are passed over) by the columns of its header. A wanted column that is
 * missing, one that is there twice, a row with more cells than the header, a quote that does not end and too many rows are issues.
 */
export function readCsv(text: string, wanted: readonly string[], optional: readonly string[] = []): Csv | { issues: Issue[] } {
  const issues: Issue[] = [];
  const rows: CsvRow[] = [];
  let header: string[] | null = null;
  let line = 1;
  let at = 0;
  const parsed = (cells: readonly string[], errors: readonly Papa.ParseError[], cursor: number) => {
    const begins = line;
    line += text.slice(at, cursor).match(LINE_END)?.length ?? 0;
    at = cursor;
    if (errors.some((e) => e.type === 'Quotes')) issues.push(rowIssue(begins, { code: 'table.quote', values: { line: begins } }));
    if (cells.every((c) => c.trim() === '')) return;
    if (!header) {
      header = cells.map((c) => c.trim());
      issues.push(...headerIssues(header, wanted, optional));
    } else if (cells.slice(header.length).some((c) => c.trim() !== '')) {
      const values = { line: begins, cells: cells.length, columns: header.length };
      issues.push(rowIssue(begins, { code: 'table.wide-row', values }));
    } else rows.push({ line: begins, cells: new Map(header.map((column, i) => [column, cells[i] ?? ''])) });
  };
  Papa.parse<string[]>(text, {
    delimiter: delimiterOf(text, wanted),
    step: ({ data, errors, meta }, parser) => {
      parsed(data, errors, meta.cursor);
      if (rows.length > MOST_ROWS || issues.some((i) => i.path.startsWith('header'))) parser.abort();
    },
  });
  if (!header) issues.push(...headerIssues([], wanted, optional));
  if (rows.length > MOST_ROWS) return { issues: [rowsIssue(rows.length)] };
  const surplus = (header ?? []).filter((column) => column !== '' && !wanted.includes(column) && !optional.includes(column));
  return issues.length ? { issues } : { rows, surplus };
}

/** What parts the cells: a comma, or what sheet programs take where the comma is in numbers; that by which the header has most columns that are wanted. */
function delimiterOf(text: string, wanted: readonly string[]): string {
  const header = /\S.*/.exec(text)?.[0] ?? '';
  const found = (delimiter: string) => header.split(delimiter).filter((c) => wanted.includes(c.replace(/"/g, '').trim())).length;
  return [',', ';', '\t'].reduce((best, next) => (found(next) > found(best) ? next : best));
}

const rowIssue = (line: number, why: FileRefusal): Issue => ({ path: `line ${line}`, expected: 'CSV', received: '', why });

const rowsIssue = (rows: number): Issue => ({
  path: '',
  expected: `<= ${MOST_ROWS}`,
  received: `${rows}`,
  why: { code: 'table.many-rows', values: { limit: MOST_ROWS } } satisfies FileRefusal,
});

function headerIssues(header: readonly string[], wanted: readonly string[], optional: readonly string[]): Issue[] {
  const of = (column: string, why: FileRefusal): Issue => ({
    path: `header.${column}`,
    expected: column,
    received: header.join(', '),
    why,
  });
  const twice = [...wanted, ...optional].filter((column) => header.indexOf(column) !== header.lastIndexOf(column));
  return [
    ...wanted
      .filter((column) => !header.includes(column))
      .map((column) => of(column, { code: 'table.no-column', values: { column } })),
    ...twice.map((column) => of(column, { code: 'table.column-twice', values: { column } })),
  ];
}
