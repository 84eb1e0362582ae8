import { CALLED } from '../testing/samples';
import { speciesById, SHIPPED } from '../botany/catalogue';
import { largestOf } from '../botany/built';
import { pulled } from '../piece/edited';
import { ownCopyOf } from '../botany/ownSpecies';
import { METHODS } from '../botany/methods';
import type { Issue } from '../boundary/refusal';
import { isMethodsCsv, readMethodsCsv, writeMethodsCsv } from './methodsTable';
import { readCatalogueFile, readSpeciesCsv, writeCatalogueFile, writeSpeciesCsv } from './catalogueFile';
import { readPriceListCsv, readTinCsv, writePriceListCsv, writeTinCsv } from './makeTables';
import { changesOf } from './table';
import { ENGLISH } from '../words/english';
import { ownMethodOf } from '../words/ownMethod';

const PRICES = 'id,name,unit,pack,pack_price,shop,on_hand\r\npaste,"Flower paste, white",g,500,9.5,cake shop,120\r\n';
const TIN =
  'id,species,stage,size_mm,colour,count,where,made_on,state\r\na,rose,open,58,blush,4,"shelf ""B""",2027-05-01,good\r\n';
const sentences = (read: { issues: Issue[] } | object): string[] =>
  'issues' in read ? read.issues.map((i) => ENGLISH.say(i.why)) : [];

test('tables come back as they went out, quotes and commas and all (RFC 4180)', () => {
  const prices = readPriceListCsv(PRICES);
  expect(prices).toMatchObject({ rows: [{ id: 'paste', name: 'Flower paste, white', pack: 500, packPrice: 9.5, onHand: 120 }] });
  if ('rows' in prices) expect(writePriceListCsv(prices.rows)).toBe(PRICES);
  const tin = readTinCsv(TIN);
  expect(tin).toMatchObject({ rows: [{ where: 'shelf "B"', count: 4 }] });
  if ('rows' in tin) expect(writeTinCsv(tin.rows)).toBe(TIN);
});

test.each([
  ['a missing column', PRICES.replace(',pack_price', ''), 'The column pack_price is missing.'],
  ['a comma decimal', PRICES.replace('9.5', '"9,5"'), 'Line 2, pack_price: “9,5” has a comma; write it with a point, 9.5.'],
  ['a word for a number', PRICES.replace('500', 'many'), 'Line 2, pack: “many” is not a number.'],
  ['a negative price', PRICES.replace('9.5', '-9.5'), 'Line 2, pack_price: “-9.5” is less than 0.'],
  ['an unknown unit', PRICES.replace(',g,', ',cup,'), 'Line 2, unit: “cup” is none of g, m, piece.'],
])('price list: %s is said where it is, and nothing is given', (_what, text, sentence) => {
  const read = readPriceListCsv(text);
  expect(sentences(read)).toContain(sentence);
  expect('rows' in read).toBe(false);
});

test.each([
  ['a negative count', TIN.replace(',4,', ',-4,'), 'Line 2, count: “-4” is less than 0.'],
  ['half a piece', TIN.replace(',4,', ',4.5,'), 'Line 2, count: “4.5” is not a whole number.'],
  ['a day that is none', TIN.replace('2027-05-01', 'May'), 'Line 2, made_on: “May” is no day; one is written 2027-06-12.'],
])('tin: %s is said where it is', (_what, text, sentence) => {
  expect(sentences(readTinCsv(text))).toContain(sentence);
});

test('what an import would change is told before it is done', () => {
  const before = [
    { id: 'a', n: 1 },
    { id: 'b', n: 2 },
    { id: 'c', n: 3 },
  ];
  const after = [
    { id: 'a', n: 1 },
    { id: 'b', n: 5 },
    { id: 'd', n: 4 },
  ];
  expect(changesOf(before, after)).toEqual({
    added: [{ id: 'd', n: 4 }],
    changed: [{ id: 'b', n: 5 }],
    gone: [{ id: 'c', n: 3 }],
  });
});

describe('the catalogue file', () => {
  const own = {
    ...ownCopyOf({ base: speciesById('blossom', SHIPPED), id: 'own-dogwood', basedOn: 'blossom', called: CALLED }),
    name: 'Dogwood',
    petals: 4,
    method: 'own-quick',
  };
  const catalogue = {
    species: [own],
    methods: [ownMethodOf({ from: METHODS.pulled!, id: 'own-quick', name: 'Quick', words: ENGLISH })],
  };

  test('comes back as it went out, as JSON and its species as CSV', () => {
    expect(readCatalogueFile(writeCatalogueFile(catalogue))).toEqual({ catalogue: JSON.parse(JSON.stringify(catalogue)) });
    const read = readSpeciesCsv(writeSpeciesCsv([own]));
    expect(read).toMatchObject({
      rows: [{ ...own, colourways: own.colourways.map((c) => ({ id: c.name, name: c.name, hue: c.hue })) }],
    });
  });

  test.each([
    ['text', 'dear diary', 'not JSON'],
    ['a newer version', JSON.stringify({ kind: 'ofrenda.catalogue', version: 9, species: [], methods: [] }), 'newer Ofrenda'],
    [
      'a base that is not there',
      writeCatalogueFile({ ...catalogue, species: [{ ...own, basedOn: 'triffid' }] }),
      'the species “triffid” is not in the catalogue',
    ],
    [
      'a method that is not there',
      writeCatalogueFile({ ...catalogue, methods: [] }),
      'the method “own-quick” is not in the catalogue',
    ],
    [
      'a species without a size',
      writeCatalogueFile({ ...catalogue, species: [{ ...own, sizesMm: [] }] }),
      'there are fewer than 1',
    ],
  ])('%s is refused with a sentence', (_what, text, sentence) => {
    expect(sentences(readCatalogueFile(text)).join(' ')).toContain(sentence);
  });

  test('a composite keeps what it is built of through a table; a count that is none is said', () => {
    const spike = {
      ...ownCopyOf({ base: speciesById('delphinium', SHIPPED), id: 'own-spike', basedOn: 'delphinium', called: CALLED }),
      counts: { buds: 9, opening: 7, open: 15 },
    };
    const text = writeSpeciesCsv([spike]);
    expect((readSpeciesCsv(text) as { rows: unknown[] }).rows[0]).toMatchObject({ counts: spike.counts });
    expect(sentences(readSpeciesCsv(text.replace('opening=7', 'opening=some')))[0]).toMatch(/^Line 2, built_of/);
  });

  test('a described species keeps its trees through a table and a file; a cell that is none is said', () => {
    const base = speciesById('roundleaf', SHIPPED);
    const trees = { grown: pulled(largestOf(base, 'grown').tree, 'leaf', 2) };
    const leaf = { ...ownCopyOf({ base, id: 'own-leaf', basedOn: 'roundleaf', called: CALLED }), trees };
    const text = writeSpeciesCsv([leaf]);
    expect((readSpeciesCsv(text) as { rows: unknown[] }).rows[0]).toMatchObject({ trees });
    expect(readCatalogueFile(writeCatalogueFile({ species: [leaf], methods: [] }))).toMatchObject({ catalogue: { species: [{ trees }] } }); // prettier-ignore
    expect(sentences(readSpeciesCsv(text.replace(/"\{""grown.*?\}"(?=,)/, 'scribble')))[0]).toMatch(/^Line 2, trees_json/);
  });

  test('every method that ships goes out as a table and comes in the same, under a name of its own', () => {
    const methods = Object.values(METHODS).map((m, i) =>
      ownMethodOf({ from: m, id: `own-m${i}`, name: ENGLISH.method(m.id), words: ENGLISH }),
    );
    expect(isMethodsCsv(writeMethodsCsv(methods))).toBe(true);
    expect(isMethodsCsv(writeSpeciesCsv([own]))).toBe(false);
    expect(readMethodsCsv(writeMethodsCsv(methods))).toMatchObject({ rows: methods.map((m) => JSON.parse(JSON.stringify(m))) });
  });

  test.each([
    ['rows of one method that disagree', (t: string) => t.replace(/,20,/, ',25,'), /Line 3, batch: it differs from line 2/],
    ['a method that hides one that ships', (t: string) => t.replaceAll('own-quick', 'pulled'), /“pulled” is no id of your own/],
    ['minutes with a comma', (t: string) => t.replace(/,2,4,12/, ',"2,5",4,12'), /Line 2, minutes_each: “2,5” has a comma/],
    ['a missing column', (t: string) => t.replace('dry_hours', 'drying'), /The column dry_hours is missing/],
  ])('%s is said, and nothing is read', (_what, spoil, words) => {
    const text = writeMethodsCsv(catalogue.methods);
    expect(spoil(text)).not.toBe(text);
    expect(sentences(readMethodsCsv(spoil(text))).join(' ')).toMatch(words);
  });

  test('a table with a species without a size says its line', () => {
    const text = writeSpeciesCsv([{ ...own, sizesMm: [] as unknown as number[] }]);
    expect(sentences(readSpeciesCsv(text))).toContain('Line 2, sizes_mm: there are fewer than 1.');
  });
});
