import { ENGLISH } from '../words/english';
import { readCsv } from './csv';

const rows = (text: string, optional: string[] = []) => {
  const csv = readCsv(text, ['name', 'count'], optional);
  if ('issues' in csv) throw new Error(csv.issues.map((i) => ENGLISH.say(i.why)).join(' '));
  return csv;
};
const faults = (text: string, optional: string[] = []) => {
  const csv = readCsv(text, ['name', 'count'], optional);
  return 'issues' in csv ? csv.issues.map((i) => ENGLISH.say(i.why)) : [];
};

test('lines are counted as an editor counts them: over empty ones, and cells of several lines', () => {
  const csv = rows('\n\nname,count\n\nrose,1\n"two\nlines",2\n   ,\nleaf,3\n');
  expect(csv.rows.map((r) => [r.line, r.cells.get('name')])).toEqual([
    [5, 'rose'],
    [6, 'two\nlines'],
    [9, 'leaf'],
  ]);
});

test.each([
  ['of a sheet program on one system', '\r\n'],
  ['of another', '\n'],
  ['of an old one', '\r'],
])('line ends %s', (_, end) => {
  const csv = rows(['name,count', 'rose,1', '', 'leaf,2'].join(end));
  expect(csv.rows.map((r) => [r.line, r.cells.get('count')])).toEqual([
    [2, '1'],
    [4, '2'],
  ]);
});

test.each([';', '\t'])('cells may be parted by “%s”', (mark) => {
  expect(rows(['"name"', 'count'].join(mark) + `\nrose, half open${mark}1`).rows[0]!.cells.get('name')).toBe('rose, half open');
});

test('what nobody asked for is named, and does no harm', () => {
  const csv = rows('note,name,count,,size\nx,rose,1,,9\n', ['size']);
  expect(csv.surplus).toEqual(['note']);
  expect(csv.rows[0]!.cells.get('size')).toBe('9');
});

test.each([
  ['nothing at all', '', ['The column name is missing.', 'The column count is missing.']],
  ['a column that is missing', 'name\nrose\n', ['The column count is missing.']],
  ['one that is there twice', 'name,count,name\na,1,b\n', ['The column name is there twice.']],
  ['more cells than columns', 'name,count\n\nrose,1,2,3\n', ['Line 3 has 4 cells, the header 2.']],
  [
    'a quotation mark without an end',
    'name,count\nrose,1\n"leaf,2\n',
    ['A quotation mark in line 3 does not end where the cell ends.'],
  ],
])('%s is told', (_, text, told) => expect(faults(text)).toEqual(told));

test('empty cells past the header are no cells, as sheet programs leave them', () => {
  expect(rows('name,count\nrose,1,,\n').rows).toHaveLength(1);
});

test('a table without end is given up', () => {
  expect(faults(`name,count\n${'rose,1\n'.repeat(6000)}`)).toEqual([expect.stringContaining('5000')]);
});
