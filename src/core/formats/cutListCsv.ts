import Papa from 'papaparse';
import type { CutDemand } from '../wire/cutList';
import type { Issue } from '../plan/project';

export interface CutRow extends CutDemand {
  gauge: number;
}

const COLUMNS = ['gauge', 'length_mm', 'count'] as const;

/** Reads a cut list as CSV (RFC 4180) with the columns gauge, length_mm, count. Every bad cell is an issue with its line. */
export function readCutListCsv(text: string): { rows: CutRow[] } | { issues: Issue[] } {
  const parsed = Papa.parse<Record<string, string>>(text.trim(), { header: true, skipEmptyLines: true });
  const missing = COLUMNS.filter((c) => !(parsed.meta.fields ?? []).includes(c));
  if (missing.length)
    return {
      issues: missing.map((c) => ({
        path: `header.${c}`,
        expected: `a column ${c}`,
        received: (parsed.meta.fields ?? []).join(', '),
        message: `The column ${c} is missing.`,
      })),
    };
  const issues: Issue[] = [];
  const rows = parsed.data.map((row, i) => {
    const number = (column: (typeof COLUMNS)[number], whole: boolean): number => {
      const cell = row[column] ?? '';
      const value = Number(cell);
      if (cell.trim() === '' || !Number.isFinite(value) || value <= 0 || (whole && !Number.isInteger(value))) {
        issues.push({
          path: `line ${i + 2}.${column}`,
          expected: whole ? 'a whole number above 0' : 'a number above 0',
          received: cell,
          message: `Line ${i + 2}: ${column} is “${cell}”.`,
        });
      }
      return value;
    };
    return { gauge: number('gauge', true), lengthMm: number('length_mm', false), count: number('count', true) };
  });
  return issues.length ? { issues } : { rows };
}

export const writeCutListCsv = (rows: readonly CutRow[]): string =>
  `${Papa.unparse(rows.map((r) => ({ gauge: r.gauge, length_mm: r.lengthMm, count: r.count })))}\r\n`;
