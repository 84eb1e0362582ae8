'use client';

import { createSortedRowModel, rowSortingFeature, tableFeatures, useTable } from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo, type ReactNode } from 'react';
import { useWords } from '../speech/useWords';

export interface Column<Row> {
  id: string;
  name: string;
  /** what rows are put in order by, what there is none of last; unsaid where a column puts nothing in order */
  by?(row: Row): string | number | null;
  cell(row: Row): ReactNode;
  /** figures stand at the right */
  figures?: boolean;
}

const features = tableFeatures({ rowSortingFeature, sortedRowModel: createSortedRowModel() });

/** A table whose rows are put in order by a press on the head of a column; first as they come, and so again at the third press. */
export function SortedTable<Row>({
  rows,
  columns,
  keyOf,
  className = '',
  rowClass,
}: {
  rows: readonly Row[];
  /** the same object for as long as nothing of it changes */
  columns: readonly Column<Row>[];
  keyOf(row: Row): string;
  className?: string;
  rowClass?(row: Row): string;
}) {
  const { units } = useWords();
  const data = useMemo(() => rows.map((row) => ({ row })), [rows]);
  const defs = useMemo(
    () =>
      columns.map((c) => ({
        id: c.id,
        header: c.name,
        enableSorting: c.by !== undefined,
        accessorFn: ({ row }: { row: Row }) => c.by?.(row) ?? undefined,
        sortUndefined: 'last' as const,
        sortDescFirst: false,
        sortFn: (a: { original: { row: Row } }, b: { original: { row: Row } }) =>
          inOrder(c.by?.(a.original.row), c.by?.(b.original.row), units.locale),
      })),
    [columns, units.locale],
  );
  const table = useTable({ features, columns: defs, data });
  return (
    <table className={`w-full text-left text-[15px] ${className}`}>
      <thead className="small">
        <tr>
          {columns.map((c) => {
            const column = table.getColumn(c.id);
            const sorted = column?.getIsSorted() ?? false;
            const Way = sorted === 'desc' ? ArrowDown : ArrowUp;
            return c.by ? (
              <th
                key={c.id}
                className="font-normal"
                aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}
              >
                <button
                  className={`flex min-h-[44px] w-full items-center gap-1 text-left ${c.figures ? 'justify-end text-right' : ''}`}
                  onClick={() => column?.toggleSorting()}
                >
                  {c.name}
                  {sorted && <Way size={14} aria-hidden="true" />}
                </button>
              </th>
            ) : (
              <th key={c.id} className={`font-normal ${c.figures ? 'text-right' : ''}`}>
                {c.name}
              </th>
            );
          })}
        </tr>
      </thead>
      <tbody>
        {table.getRowModel().rows.map(({ original: { row } }) => (
          <tr key={keyOf(row)} className={`border-t border-[var(--line)] ${rowClass?.(row) ?? ''}`}>
            {columns.map((c) => (
              <td key={c.id} className={`py-1.5 pr-2 ${c.figures ? 'text-right' : ''}`}>
                {c.cell(row)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

type Key = string | number | null | undefined;

const inOrder = (a: Key, b: Key, locale: string): number =>
  typeof a === 'number' && typeof b === 'number' ? a - b : `${a ?? ''}`.localeCompare(`${b ?? ''}`, locale);
