import { anemone, blossom } from '../families/cup';
import { dahlia, marigold } from '../families/globe';
import { sweetPea } from '../families/pea';
import { aster, cosmos } from '../families/ray';
import { gardenRose, peony, ranunculus } from '../families/rosette';
import type { Species, Stage } from '../species';

const stages = (bud: number, half: number): Stage[] => [
  { id: 'bud', name: 'bud', open: 0, sizeShare: bud, role: 'bud' },
  { id: 'half', name: 'half-open', open: 0.5, sizeShare: half },
  { id: 'open', name: 'open', open: 1, sizeShare: 1 },
];

/** Sizes, gauges and thicknesses start from trade.md W2–W5 and P1–P3; all are defaults that a person may change. */
export const FLOWERS: readonly Species[] = [
  {
    id: 'dahlia', name: 'Dahlia', plural: 'dahlias', role: 'focal', habit: 'head', shape: dahlia, occlusion: 0.75, stages: stages(0.34, 0.62),
    sizesMm: [78, 66, 56], pasteMm: 0.6, solidity: 0.92, method: 'layered', breakageShare: 0.12, monthsNorth: [7, 8, 9, 10],
    colourways: [{ id: 'fig', name: 'fig', hue: '#a52f52' }, { id: 'coral', name: 'coral', hue: '#e2705a' }, { id: 'cream', name: 'cream', hue: '#eadfc2' }],
    wiring: { floorSwg: 20, hookMm: 8, insideShare: 0.5, white: false },
  },
  {
    id: 'rose', name: 'Garden rose', plural: 'garden roses', role: 'focal', habit: 'head', shape: gardenRose, occlusion: 0.6, stages: stages(0.38, 0.72),
    sizesMm: [68, 58, 48], pasteMm: 0.6, solidity: 0.92, method: 'layered', breakageShare: 0.1, monthsNorth: [5, 6, 7, 8, 9],
    colourways: [{ id: 'blush', name: 'blush', hue: '#eec3b1' }, { id: 'butter', name: 'butter', hue: '#f1dda0' }, { id: 'rose', name: 'rose', hue: '#d9718c' }],
    wiring: { floorSwg: 20, hookMm: 8, insideShare: 0.5, white: false },
  },
  {
    id: 'peony', name: 'Peony', plural: 'peonies', role: 'focal', habit: 'head', shape: peony, occlusion: 0.7, stages: stages(0.42, 0.74),
    sizesMm: [86, 74, 62], pasteMm: 0.7, solidity: 0.88, method: 'wired petals', breakageShare: 0.14, monthsNorth: [5, 6],
    colourways: [{ id: 'shell', name: 'shell', hue: '#f0b6c4' }, { id: 'claret', name: 'claret', hue: '#97264a' }],
    wiring: { floorSwg: 18, hookMm: 8, insideShare: 0.5, white: true, parts: { name: 'outer petal', count: 12, swg: 26, lengthMm: 95 } },
  },
  {
    id: 'marigold', name: 'Marigold', plural: 'marigolds', role: 'secondary', habit: 'head', shape: marigold, stages: stages(0.4, 0.7),
    sizesMm: [50, 42, 34], pasteMm: 0.7, solidity: 0.92, occlusion: 0.4, method: 'layered', breakageShare: 0.1, monthsNorth: [6, 7, 8, 9, 10],
    colourways: [{ id: 'marigold', name: 'marigold', hue: '#f28f16' }, { id: 'lemon', name: 'lemon', hue: '#f3c83c' }],
    wiring: { floorSwg: 22, hookMm: 8, insideShare: 0.55, white: false },
  },
  {
    id: 'ranunculus', name: 'Ranunculus', plural: 'ranunculus', role: 'secondary', habit: 'head', shape: ranunculus, occlusion: 0.7, stages: stages(0.48, 0.76),
    sizesMm: [48, 40, 33], pasteMm: 0.5, solidity: 0.92, method: 'layered', breakageShare: 0.12, monthsNorth: [3, 4, 5],
    colourways: [{ id: 'apricot', name: 'apricot', hue: '#f5c492' }, { id: 'white', name: 'white', hue: '#f0ebe2' }],
    wiring: { floorSwg: 22, hookMm: 8, insideShare: 0.5, white: false },
  },
  {
    id: 'anemone', name: 'Anemone', plural: 'anemones', role: 'secondary', habit: 'head', shape: anemone, occlusion: 0.5, stages: stages(0.4, 0.75),
    sizesMm: [54, 46, 38], pasteMm: 0.7, solidity: 0.7, method: 'wired petals', breakageShare: 0.15, monthsNorth: [12, 1, 2, 3, 4],
    colourways: [{ id: 'white', name: 'white', hue: '#e9e3df', second: '#2a2436' }, { id: 'ink', name: 'ink', hue: '#5b4a8c', second: '#1d1a2b' }],
    wiring: { floorSwg: 22, hookMm: 6, insideShare: 0.3, white: true, parts: { name: 'petal', count: 10, swg: 28, lengthMm: 70 }, stamens: { count: 34, swg: 33, lengthMm: 60 } },
  },
  {
    id: 'cosmos', name: 'Cosmos', plural: 'cosmos', role: 'spray', habit: 'head', shape: cosmos, stages: stages(0.34, 0.75),
    sizesMm: [36, 31, 26], pasteMm: 0.6, solidity: 0.66, method: 'one piece', breakageShare: 0.18, monthsNorth: [6, 7, 8, 9, 10],
    colourways: [{ id: 'shell', name: 'shell', hue: '#f0c3d2' }, { id: 'white', name: 'white', hue: '#f1ebe6' }, { id: 'magenta', name: 'magenta', hue: '#b8437f' }],
    wiring: { floorSwg: 24, hookMm: 6, insideShare: 0.25, white: true },
  },
  {
    id: 'sweetpea', name: 'Sweet pea', plural: 'sweet peas', role: 'spray', habit: 'head', shape: sweetPea, stages: stages(0.42, 0.8),
    sizesMm: [32, 27, 22], pasteMm: 0.6, solidity: 0.6, method: 'wired petals small', breakageShare: 0.15, monthsNorth: [5, 6, 7, 8],
    colourways: [{ id: 'lilac', name: 'lilac', hue: '#b487cf' }, { id: 'white', name: 'white', hue: '#f1ecec' }],
    wiring: { floorSwg: 26, hookMm: 6, insideShare: 0.5, white: true },
  },
  {
    id: 'aster', name: 'Aster', plural: 'asters', role: 'spray', habit: 'head', shape: aster, stages: stages(0.36, 0.8),
    sizesMm: [30, 25, 20], pasteMm: 0.6, solidity: 0.7, method: 'one piece', breakageShare: 0.16, monthsNorth: [8, 9, 10],
    colourways: [{ id: 'mauve', name: 'mauve', hue: '#a58bc9' }, { id: 'white', name: 'white', hue: '#f0ede6' }],
    wiring: { floorSwg: 26, hookMm: 6, insideShare: 0.3, white: true },
  },
  {
    id: 'blossom', name: 'Blossom', plural: 'blossoms', role: 'spray', habit: 'head', shape: blossom, stages: stages(0.34, 0.75),
    sizesMm: [24, 20, 16], pasteMm: 0.6, solidity: 0.66, method: 'pulled', breakageShare: 0.14, monthsNorth: [3, 4, 5],
    colourways: [{ id: 'white', name: 'white', hue: '#f4ece6', second: '#e7d79a' }, { id: 'pink', name: 'pink', hue: '#f1c9d2', second: '#c85a78' }],
    wiring: { floorSwg: 28, hookMm: 5, insideShare: 0.3, white: true },
  },
];
