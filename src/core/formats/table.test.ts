import * as v from 'valibot';
import { readTable, writeTable, type Column } from './table';

const COLUMNS: readonly Column[] = [
  { name: 'name', field: 'name', cell: 'text' },
  { name: 'sizes', field: 'sizes', cell: 'list' },
  { name: 'grams', field: 'grams', cell: 'number', optional: true },
];
const rowSchema = v.strictObject({ name: v.string(), sizes: v.array(v.number()), grams: v.optional(v.number()) });
const back = (rows: readonly Record<string, unknown>[]) => readTable(writeTable(rows, COLUMNS), COLUMNS, rowSchema);

// OWASP, “CSV Injection”: cells that begin with = + - @ tab or return are run by spreadsheets
test.each(['=1+1', '+2', '-3', '@sum', '\t=1', "'=1+1", "''=1", 'a = b', "it's", "'quoted'"])(
  'the text “%s” is never run as a formula and comes back as it went out',
  (name) => {
    const csv = writeTable([{ name, sizes: [1] }], COLUMNS);
    const cell = csv.split('\r\n')[1]!.replace(/^"/, '');
    expect(cell).not.toMatch(/^[=+\-@\t\r]/);
    expect(back([{ name, sizes: [1] }])).toMatchObject({ rows: [{ name, sizes: [1] }] });
  },
);

test('a list is one cell with spaces; what may be missing is left out, empty or as a column', () => {
  expect(writeTable([{ name: 'a', sizes: [30, 42.5], grams: 2 }], COLUMNS)).toBe('name,sizes,grams\r\na,30 42.5,2\r\n');
  expect(readTable('name,sizes\r\na,30 42.5\r\n', COLUMNS, rowSchema)).toMatchObject({
    rows: [{ name: 'a', sizes: [30, 42.5] }],
  });
});

test('a fault says its line, its column and what was met', () => {
  const read = readTable('name,sizes,grams\r\na,30,2\r\nb,30 x,heavy\r\n', COLUMNS, rowSchema);
  const issues = 'issues' in read ? read.issues : [];
  expect(issues.map((i) => i.path)).toEqual(['line 3.sizes', 'line 3.grams']);
  expect(issues.map((i) => i.received)).toEqual(['30 x', 'heavy']);
});
