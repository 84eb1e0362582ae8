import { materialSchema, type Material, type Prices } from '../make/price';
import type { Paint } from '../make/paints';
import type { TinPiece } from '../compose/tin';
import * as v from 'valibot';
import { FLORIST_GAUGES, FLORIST_MM } from '../wire/gauge';

interface MaterialOptions {
  id: string;
  name: string;
  unit: Material['unit'];
  pack: number;
  packPrice: number;
  shop: string;
  onHand?: number;
}

/** The made-up bench of the demo jobs: what things cost there, which colours stand on its shelf, and what is in its tin. */
const material = ({ id, name, unit, pack, packPrice, shop, onHand = 0 }: MaterialOptions) =>
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
    material({ id: 'paste', name: 'Flower paste', unit: 'g', pack: 500, packPrice: 9.4, shop: SUGAR, onHand: 180 }),
    material({ id: 'sugar-paste', name: 'Sugar paste with hardener', unit: 'g', pack: 1000, packPrice: 6.5, shop: SUGAR }),
    material({ id: 'fondant', name: 'Fondant', unit: 'g', pack: 1000, packPrice: 5.2, shop: SUGAR }),
    material({ id: 'air-dry-paste', name: 'Air-dry modelling paste', unit: 'g', pack: 250, packPrice: 7.8, shop: SUGAR }),
    material({ id: 'paper', name: 'Wafer paper', unit: 'piece', pack: 10, packPrice: 4.6, shop: SUGAR }),
    ...[...FLORIST_GAUGES, ...FLORIST_MM].flatMap((gauge) =>
      (['green', 'white'] as const).map((colour) =>
        material({
          id: `wire-${gauge}-${colour}`,
          name: gauge < 2 ? `Wire, ${gauge} millimetres, ${colour}` : `Wire ${gauge} ga, ${colour}`,
          unit: 'piece',
          pack: gauge >= 24 || gauge < 0.6 ? 50 : 20,
          packPrice: 3.2,
          shop: FLORIST,
          onHand: gauge === 24 ? 18 : 0,
        }),
      ),
    ),
    material({ id: 'tape', name: 'Floral tape', unit: 'm', pack: 27, packPrice: 2.6, shop: FLORIST, onHand: 12 }),
    material({ id: 'dust', name: 'Dust', unit: 'g', pack: 4, packPrice: 5.1, shop: SUGAR, onHand: 6 }),
    material({ id: 'glue', name: 'Edible glue', unit: 'g', pack: 50, packPrice: 3.9, shop: SUGAR, onHand: 40 }),
    material({ id: 'egg glue', name: 'Egg white', unit: 'g', pack: 200, packPrice: 2.4, shop: 'grocer' }),
    material({
      id: 'glaze',
      name: 'Half glaze for leaves and berries',
      unit: 'g',
      pack: 60,
      packPrice: 6.8,
      shop: SUGAR,
      onHand: 12,
    }),
    material({ id: 'starch', name: 'Starch for rolling out', unit: 'g', pack: 400, packPrice: 1.9, shop: 'grocer', onHand: 150 }),
    material({ id: 'fat', name: 'White vegetable fat', unit: 'g', pack: 250, packPrice: 2.1, shop: 'grocer', onHand: 60 }),
    ...(
      [
        ['stirring-straw', 'Stirring straw', 100, 1.6],
        ['cocktail-straw', 'Cocktail straw', 50, 1.8],
        ['drinking-straw', 'Drinking straw', 50, 1.9],
        ['wide-straw', 'Wide straw', 40, 2.2],
        ['pick-small', 'Pick, small', 25, 4.5],
        ['pick-medium', 'Pick, medium', 25, 5.5],
        ['pick-large', 'Pick, large', 20, 6.5],
        ['wax', 'Sealing wax made for food, a dip', 40, 7.2],
        ['compound-coat', 'Compound coat, a stem', 60, 4.8],
        ['skewer', 'Bamboo skewer', 50, 1.5],
        ['toothpick', 'Toothpick', 200, 1.2],
      ] as const
    ).map(([id, name, pack, price]) => material({ id, name, unit: 'piece', pack, packPrice: price, shop: SUGAR })),
  ],
};

interface PaintOptions {
  id: string;
  name: string;
  use: Paint['use'];
  hue: string;
  food: Paint['food'];
}

const paint = ({ id, name, use, hue, food }: PaintOptions): Paint => ({
  id,
  name,
  use,
  hue,
  food,
});

export const DEMO_PAINTS: readonly Paint[] = [
  paint({ id: 'c1', name: 'lemon', use: 'paste colour', hue: '#f2c200', food: 'edible' }),
  paint({ id: 'c2', name: 'orange', use: 'paste colour', hue: '#e8741a', food: 'edible' }),
  paint({ id: 'c3', name: 'claret', use: 'paste colour', hue: '#7d1233', food: 'edible' }),
  paint({ id: 'c4', name: 'rose pink', use: 'paste colour', hue: '#d24d7c', food: 'edible' }),
  paint({ id: 'c5', name: 'violet', use: 'paste colour', hue: '#57348f', food: 'edible' }),
  paint({ id: 'c6', name: 'leaf green', use: 'paste colour', hue: '#3d6b35', food: 'edible' }),
  paint({ id: 'c7', name: 'brown', use: 'paste colour', hue: '#4a2b19', food: 'edible' }),
  paint({ id: 'd1', name: 'plum dust', use: 'dust', hue: '#5c1f45', food: 'not edible' }),
  paint({ id: 'd2', name: 'moss dust', use: 'dust', hue: '#6f7f4a', food: 'edible' }),
  paint({ id: 'g1', name: 'leaf glaze', use: 'glaze', hue: '#e8e3d2', food: 'unknown' }),
];

interface InTinOptions {
  id: string;
  species: string;
  stage: string;
  sizeMm: number;
  colourway: string;
  count: number;
  where: string;
}

const inTin = ({ id, species, stage, sizeMm, colourway, count, where }: InTinOptions): TinPiece => ({
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
  inTin({ id: 'tin-1', species: 'cosmos', stage: 'open', sizeMm: 31, colourway: 'shell', count: 3, where: 'blue tin' }),
  inTin({ id: 'tin-2', species: 'sweetpea', stage: 'open', sizeMm: 27, colourway: 'lilac', count: 4, where: 'blue tin' }),
  inTin({ id: 'tin-3', species: 'rosehip', stage: 'ripe', sizeMm: 38, colourway: 'hip', count: 5, where: 'long box' }),
  inTin({ id: 'tin-4', species: 'olive', stage: 'grown', sizeMm: 92, colourway: 'olive', count: 4, where: 'long box' }),
];
