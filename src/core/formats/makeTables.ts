import type { Issue } from '../boundary/refusal';
import { materialSchema, type Material } from '../make/price';
import type { ToBuy } from '../make/shopping';
import { tinPieceSchema, type TinPiece } from '../compose/tin';
import { readTable, writeTable, type Column, type Table } from './table';
import type { Words } from '../words/words';

const TIN_COLUMNS: readonly Column[] = [
  { name: 'id', field: 'id', cell: 'text' },
  { name: 'species', field: 'species', cell: 'text' },
  { name: 'stage', field: 'stage', cell: 'text' },
  { name: 'size_mm', field: 'sizeMm', cell: 'number' },
  { name: 'colour', field: 'colourway', cell: 'text' },
  { name: 'count', field: 'count', cell: 'number' },
  { name: 'where', field: 'where', cell: 'text' },
  { name: 'made_on', field: 'madeOn', cell: 'text' },
  { name: 'state', field: 'state', cell: 'text' },
];

/** The tin as CSV: id, species, stage, size_mm, colour, count, where, made_on, state. */
export const readTinCsv = (text: string): Table<TinPiece> | { issues: Issue[] } => readTable(text, TIN_COLUMNS, tinPieceSchema);
export const writeTinCsv = (tin: readonly TinPiece[]): string => writeTable(tin, TIN_COLUMNS);

const MATERIAL_COLUMNS: readonly Column[] = [
  { name: 'id', field: 'id', cell: 'text' },
  { name: 'name', field: 'name', cell: 'text' },
  { name: 'unit', field: 'unit', cell: 'text' },
  { name: 'pack', field: 'pack', cell: 'number' },
  { name: 'pack_price', field: 'packPrice', cell: 'number' },
  { name: 'shop', field: 'shop', cell: 'text' },
  { name: 'on_hand', field: 'onHand', cell: 'number' },
];

/** The price list as CSV: id, name, unit, pack, pack_price, shop, on_hand. */
export const readPriceListCsv = (text: string): Table<Material> | { issues: Issue[] } =>
  readTable(text, MATERIAL_COLUMNS, materialSchema);
export const writePriceListCsv = (materials: readonly Material[]): string => writeTable(materials, MATERIAL_COLUMNS);

const SHOPPING_COLUMNS: readonly Column[] = [
  { name: 'shop', field: 'shop', cell: 'text' },
  { name: 'name', field: 'name', cell: 'text' },
  { name: 'packs', field: 'packs', cell: 'number' },
  { name: 'pack', field: 'pack', cell: 'number' },
  { name: 'unit', field: 'unit', cell: 'text' },
  { name: 'needed', field: 'needed', cell: 'number' },
  { name: 'on_hand', field: 'onHand', cell: 'number' },
  { name: 'price', field: 'price', cell: 'number' },
];

/** The shopping list as CSV, to take along. */
export const writeShoppingCsv = (list: readonly ToBuy[], words: Words): string =>
  writeTable(
    list.map((b) => ({
      ...b,
      name: words.say(b.name),
      needed: Math.round(b.needed * 100) / 100,
      price: b.price === null ? '' : b.price.toFixed(2),
    })),
    SHOPPING_COLUMNS,
  );
