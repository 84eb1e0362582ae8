import Papa from 'papaparse';
import type { CutDemand } from '../wire/cutList';
import type { Issue } from '../boundary/refusal';
import type { ValueRefusal } from '../boundary/refusals';
import { readCsv } from './csv';
import { cellIssue } from './table';

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
  const csv = readCsv(text, COLUMNS);
  if ('issues' in csv) return csv;
  const issues: Issue[] = [];
  const rows = csv.rows.map(({ cells, line }) => {
    const number = (column: (typeof COLUMNS)[number], whole: boolean): number => {
      const cell = cells.get(column) ?? '';
      const value = Number(cell);
      const number = cell.trim() !== '' && Number.isFinite(value);
      if (!number || value <= 0 || (whole && !Number.isInteger(value)))
        issues.push(
          cellIssue({
            line,
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
