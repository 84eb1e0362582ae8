import Papa from 'papaparse';
import type { CutDemand } from '../wire/cutList';
import type { Issue } from '../boundary/refusal';
import type { ValueRefusal } from '../boundary/refusals';
import { cellIssue, missingColumns } from './table';

export interface CutRow extends CutDemand {
  gauge: number;
}

const COLUMNS = ['gauge', 'length_mm', 'count'] as const;

const refusalOfCell = (met: string, number: boolean, value: number): ValueRefusal =>
  !number
    ? { code: 'refusal.no-number', values: { met } }
    : value <= 0
      ? { code: 'refusal.less', values: { met, limit: '0' } }
      : { code: 'refusal.no-whole-number', values: { met } };

/** Reads a cut list as CSV (RFC 4180) with the columns gauge, length_mm, count. Every bad cell is an issue with its line. */
export function readCutListCsv(text: string): { rows: CutRow[] } | { issues: Issue[] } {
  const parsed = Papa.parse<Record<string, string>>(text.trim(), { header: true, skipEmptyLines: true });
  const missing = COLUMNS.filter((c) => !(parsed.meta.fields ?? []).includes(c));
  if (missing.length) return { issues: missingColumns(missing, parsed.meta.fields ?? []) };
  const issues: Issue[] = [];
  const rows = parsed.data.map((row, i) => {
    const number = (column: (typeof COLUMNS)[number], whole: boolean): number => {
      const cell = row[column] ?? '';
      const value = Number(cell);
      const number = cell.trim() !== '' && Number.isFinite(value);
      if (!number || value <= 0 || (whole && !Number.isInteger(value)))
        issues.push(
          cellIssue({
            line: i + 2,
            column,
            cell,
            why: refusalOfCell(cell, number, value),
            expected: whole ? '1, 2, 3 …' : '> 0',
          }),
        );
      return value;
    };
    return { gauge: number('gauge', true), lengthMm: number('length_mm', false), count: number('count', true) };
  });
  return issues.length ? { issues } : { rows };
}

export const writeCutListCsv = (rows: readonly CutRow[]): string =>
  `${Papa.unparse(rows.map((r) => ({ gauge: r.gauge, length_mm: r.lengthMm, count: r.count })))}\r\n`;
