import { materialSchema, type Material, type Prices } from '../make/price';
import type { Paint } from '../make/paints';
import type { TinPiece } from '../compose/tin';
import * as v from 'valibot';

/** The made-up bench of the demo jobs: what things cost there, which colours stand on its shelf, and what is in its tin. */
const material = (id: string, name: string, unit: Material['unit'], pack: number, packPrice: number, shop: string, onHand = 0) =>
  v.parse(materialSchema, { id, name, unit, pack, packPrice, shop, onHand });

const SUGAR = 'sugarcraft shop';
const FLORIST = 'florist’s supplies';

export const DEMO_PRICES: Prices = {
  currency: '€',
  hourlyRate: 24,
  overheadShare: 0.12,
  marginShare: 0.18,
  taxShare: 0.1,
  roundTo: 5,
  materials: [
    material('paste', 'Flower paste', 'g', 500, 9.4, SUGAR, 180),
    ...[18, 20, 22, 24, 26, 28, 30].flatMap((gauge) =>
      (['green', 'white'] as const).map((colour) =>
        material(
          `wire-${gauge}-${colour}`,
          `Wire ${gauge} SWG, ${colour}`,
          'piece',
          gauge < 24 ? 20 : 50,
          3.2,
          FLORIST,
          gauge === 24 ? 18 : 0,
        ),
      ),
    ),
    material('tape', 'Floral tape', 'm', 27, 2.6, FLORIST, 12),
    material('dust', 'Dust', 'g', 4, 5.1, SUGAR, 6),
    material('glue', 'Edible glue', 'g', 50, 3.9, SUGAR, 40),
    material('glaze', 'Half glaze for leaves and berries', 'g', 60, 6.8, SUGAR, 12),
    material('starch', 'Starch for rolling out', 'g', 400, 1.9, 'grocer', 150),
    material('fat', 'White vegetable fat', 'g', 250, 2.1, 'grocer', 60),
    ...(
      [
        ['stirring-straw', 'Stirring straw', 100, 1.6],
        ['cocktail-straw', 'Cocktail straw', 50, 1.8],
        ['drinking-straw', 'Drinking straw', 50, 1.9],
        ['wide-straw', 'Wide straw', 40, 2.2],
        ['pick-small', 'Pick, small', 25, 4.5],
        ['pick-medium', 'Pick, medium', 25, 5.5],
        ['pick-large', 'Pick, large', 20, 6.5],
      ] as const
    ).map(([id, name, pack, price]) => material(id, name, 'piece', pack, price, SUGAR)),
  ],
};

const paint = (id: string, name: string, use: Paint['use'], hue: string, food: Paint['food']): Paint => ({
  id,
  name,
  use,
  hue,
  food,
});

export const DEMO_PAINTS: readonly Paint[] = [
  paint('c1', 'lemon', 'paste colour', '#f2c200', 'edible'),
  paint('c2', 'orange', 'paste colour', '#e8741a', 'edible'),
  paint('c3', 'claret', 'paste colour', '#7d1233', 'edible'),
  paint('c4', 'rose pink', 'paste colour', '#d24d7c', 'edible'),
  paint('c5', 'violet', 'paste colour', '#57348f', 'edible'),
  paint('c6', 'leaf green', 'paste colour', '#3d6b35', 'edible'),
  paint('c7', 'brown', 'paste colour', '#4a2b19', 'edible'),
  paint('d1', 'plum dust', 'dust', '#5c1f45', 'not edible'),
  paint('d2', 'moss dust', 'dust', '#6f7f4a', 'edible'),
  paint('g1', 'leaf glaze', 'glaze', '#e8e3d2', 'unknown'),
];

const inTin = (
  id: string,
  species: string,
  stage: string,
  sizeMm: number,
  colourway: string,
  count: number,
  where: string,
): TinPiece => ({
  id,
  species,
  stage,
  sizeMm,
  colourway,
  count,
  where,
  madeOn: '2027-04-18',
  state: 'good',
});

export const DEMO_TIN: readonly TinPiece[] = [
  inTin('tin-1', 'cosmos', 'open', 31, 'shell', 3, 'blue tin'),
  inTin('tin-2', 'sweetpea', 'open', 27, 'lilac', 4, 'blue tin'),
  inTin('tin-3', 'rosehip', 'ripe', 38, 'hip', 5, 'long box'),
  inTin('tin-4', 'olive', 'grown', 92, 'olive', 4, 'long box'),
];
