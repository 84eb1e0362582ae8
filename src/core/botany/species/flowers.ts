import { dome as domePicture } from '../families/domedCluster';
import { bellflower, lily, magnolia, tulip } from '../families/bell';
import { anemone, blossom, dogwood as dogwoodPicture, hellebore, paperPetals, poppy, wings } from '../families/cup';
import { chrysanthemum, dahlia, marigold, zinnia } from '../families/globe';
import { sweetPea } from '../families/pea';
import { aster, cosmos, daisy, gerbera, sunflower } from '../families/ray';
import { camellia, carnation, gardenRose, lisianthus, peony, ranunculus } from '../families/rosette';
import { forgetMeNot, hydrangea, jasmine } from '../families/salver';
import { cutRings, daisy as daisyTree } from '../../piece/constructions/onePiece';
import { dome } from '../../piece/constructions/dome';
import type { FlowerStage } from '../../piece/constructions/headParts';
import { layered } from '../../piece/constructions/layered';
import { pompon } from '../../piece/constructions/pompon';
import { pulled } from '../../piece/constructions/pulled';
import { ringed } from '../../piece/constructions/ringed';
import { butterfly, paperFlower } from '../../piece/constructions/paper';
import { ballStop, cutFloret, dogwood, sweetPea as peaTree } from '../../piece/constructions/small';
import { cupped, handWrapped, rosette, tinyFloret } from '../../piece/constructions/unwired';
import type { Construction } from '../../piece/construction';
import type { Part } from '../../piece/part';
import type { Shape } from '../shape/recipe';
import { PLAIN_TUNE } from '../shape/tune';
import type { Species, Stage } from '../species';

const stages = (bud: number, half: number): Stage[] => [
  { id: 'bud', name: 'bud', open: 0, sizeShare: bud, role: 'bud' },
  { id: 'half', name: 'half-open', open: 0.5, sizeShare: half },
  { id: 'open', name: 'open', open: 1, sizeShare: 1 },
];

/** A head as it is built at its largest, and smaller by the same share throughout. */
const headOf =
  (largestMm: number, build: (stage: FlowerStage, scale: number) => Part): Construction =>
  ({ stage, sizeMm }) =>
    build(stage === 'bud' || stage === 'half' ? stage : 'open', sizeMm / largestMm);

/** The same flower with so many petals, shared over its rings as they were. */
const manyPetalled = (shape: Shape, petals: number): Shape => shape.tuned?.({ ...PLAIN_TUNE, petals }) ?? shape;

/** What is only ever made open. */
const opened: Stage[] = [{ id: 'open', name: 'open', open: 1, sizeShare: 1 }];

const STARS_MM = 44;
const MOPHEAD_MM = 62;
const clusterOf: Construction = ({ stage, sizeMm, counts }) =>
  dome(stage === 'opening' ? 'opening' : 'open', counts, sizeMm / MOPHEAD_MM);

/** Sizes, gauges and thicknesses start from docs/trade.md W2–W5 and P1–P3; all are defaults that a person may change. */
export const FLOWERS: readonly Species[] = [
  {
    id: 'dahlia', role: 'focal', habit: 'head', shape: dahlia, occlusion: 0.75, stages: stages(0.34, 0.62),
    tree: headOf(78, (stage, k) => layered('dahlia', stage, k)),
    sizesMm: [78, 66, 56], pasteMm: 0.6, solidity: 0.92, method: 'layered', breakageShare: 0.12, monthsNorth: [7, 8, 9, 10],
    colourways: [{ id: 'fig', name: 'fig', hue: '#a52f52' }, { id: 'coral', name: 'coral', hue: '#e2705a' }, { id: 'cream', name: 'cream', hue: '#eadfc2' }],
    white: false,
  },
  {
    id: 'rose', role: 'focal', habit: 'head', shape: gardenRose, occlusion: 0.6, stages: stages(0.38, 0.72),
    tree: headOf(68, (stage, k) => layered('rose', stage, k)),
    sizesMm: [68, 58, 48], pasteMm: 0.6, solidity: 0.92, method: 'layered', breakageShare: 0.1, monthsNorth: [5, 6, 7, 8, 9],
    colourways: [{ id: 'blush', name: 'blush', hue: '#eec3b1' }, { id: 'butter', name: 'butter', hue: '#f1dda0' }, { id: 'rose', name: 'rose', hue: '#d9718c' }],
    white: false,
  },
  {
    id: 'peony', role: 'focal', habit: 'head', shape: peony, occlusion: 0.7, stages: stages(0.42, 0.74),
    tree: headOf(86, (stage, k) => ringed('peony', stage, k)),
    sizesMm: [86, 74, 62], pasteMm: 0.7, solidity: 0.88, method: 'wired petals', breakageShare: 0.14, monthsNorth: [5, 6],
    colourways: [{ id: 'shell', name: 'shell', hue: '#f0b6c4' }, { id: 'claret', name: 'claret', hue: '#97264a' }],
    white: true,
  },
  {
    id: 'marigold', role: 'secondary', habit: 'head', shape: marigold, stages: stages(0.4, 0.7),
    tree: headOf(50, (stage, k) => layered('marigold', stage, k)),
    sizesMm: [50, 42, 34], pasteMm: 0.7, solidity: 0.92, occlusion: 0.4, method: 'layered', breakageShare: 0.1, monthsNorth: [6, 7, 8, 9, 10],
    colourways: [{ id: 'marigold', name: 'marigold', hue: '#f28f16' }, { id: 'lemon', name: 'lemon', hue: '#f3c83c' }],
    white: false,
  },
  {
    id: 'ranunculus', role: 'secondary', habit: 'head', shape: ranunculus, occlusion: 0.7, stages: stages(0.48, 0.76),
    tree: headOf(48, (stage, k) => layered('ranunculus', stage, k)),
    sizesMm: [48, 40, 33], pasteMm: 0.5, solidity: 0.92, method: 'layered', breakageShare: 0.12, monthsNorth: [3, 4, 5],
    colourways: [{ id: 'apricot', name: 'apricot', hue: '#f5c492' }, { id: 'white', name: 'white', hue: '#f0ebe2' }],
    white: false,
  },
  {
    id: 'anemone', petals: 10, role: 'secondary', habit: 'head', shape: anemone, occlusion: 0.5, stages: stages(0.4, 0.75),
    tree: headOf(54, (stage, k) => ringed('anemone', stage, k)),
    sizesMm: [54, 46, 38], pasteMm: 0.7, solidity: 0.7, method: 'wired petals', breakageShare: 0.15, monthsNorth: [12, 1, 2, 3, 4],
    colourways: [{ id: 'white', name: 'white', hue: '#e9e3df', second: '#2a2436' }, { id: 'ink', name: 'ink', hue: '#5b4a8c', second: '#1d1a2b' }],
    threaded: true, white: true,
  },
  {
    id: 'cosmos', petals: 8, role: 'spray', habit: 'head', shape: cosmos, stages: stages(0.34, 0.75),
    tree: headOf(36, (stage, k) => daisyTree('cosmos', stage, k)),
    sizesMm: [36, 31, 26], pasteMm: 0.6, solidity: 0.66, method: 'one piece', breakageShare: 0.18, monthsNorth: [6, 7, 8, 9, 10],
    colourways: [{ id: 'shell', name: 'shell', hue: '#f0c3d2' }, { id: 'white', name: 'white', hue: '#f1ebe6' }, { id: 'magenta', name: 'magenta', hue: '#b8437f' }],
    white: true,
  },
  {
    id: 'sweetpea', role: 'spray', habit: 'head', shape: sweetPea, stages: stages(0.42, 0.8),
    tree: headOf(32, peaTree),
    sizesMm: [32, 27, 22], pasteMm: 0.6, solidity: 0.6, method: 'wired petals small', breakageShare: 0.15, monthsNorth: [5, 6, 7, 8],
    colourways: [{ id: 'lilac', name: 'lilac', hue: '#b487cf' }, { id: 'white', name: 'white', hue: '#f1ecec' }],
    white: true,
  },
  {
    id: 'aster', role: 'spray', habit: 'head', shape: aster, stages: stages(0.36, 0.8),
    tree: headOf(30, (stage, k) => daisyTree('aster', stage, k)),
    sizesMm: [30, 25, 20], pasteMm: 0.6, solidity: 0.7, method: 'one piece', breakageShare: 0.16, monthsNorth: [8, 9, 10],
    colourways: [{ id: 'mauve', name: 'mauve', hue: '#a58bc9' }, { id: 'white', name: 'white', hue: '#f0ede6' }],
    white: true,
  },
  {
    id: 'blossom', petals: 5, role: 'spray', habit: 'head', shape: blossom, stages: stages(0.34, 0.75),
    tree: headOf(24, (stage, k) => pulled('blossom', stage, k)),
    sizesMm: [24, 20, 16], pasteMm: 0.6, solidity: 0.66, method: 'pulled', breakageShare: 0.14, monthsNorth: [3, 4, 5],
    colourways: [{ id: 'white', name: 'white', hue: '#f4ece6', second: '#e7d79a' }, { id: 'pink', name: 'pink', hue: '#f1c9d2', second: '#c85a78' }],
    white: true, bark: true,
  },
  {
    id: 'camellia', role: 'focal', habit: 'head', shape: camellia, occlusion: 0.6, stages: stages(0.42, 0.74),
    tree: headOf(70, (stage, k) => layered('camellia', stage, k)),
    sizesMm: [70, 60, 50], pasteMm: 0.7, solidity: 0.92, method: 'layered', breakageShare: 0.12, monthsNorth: [2, 3, 4],
    colourways: [{ id: 'shell', name: 'shell', hue: '#eab0ba' }, { id: 'white', name: 'white', hue: '#f2ece4' }, { id: 'crimson', name: 'crimson', hue: '#a72a3c' }],
    white: false, bark: true,
  },
  {
    id: 'chrysanthemum', role: 'focal', habit: 'head', shape: chrysanthemum, occlusion: 0.7, stages: stages(0.36, 0.66),
    tree: headOf(74, (stage, k) => layered('chrysanthemum', stage, k)),
    sizesMm: [74, 62, 50], pasteMm: 0.6, solidity: 0.9, method: 'layered', breakageShare: 0.16, monthsNorth: [9, 10, 11],
    colourways: [{ id: 'bronze', name: 'bronze', hue: '#b9672c' }, { id: 'cream', name: 'cream', hue: '#efe4c6' }, { id: 'plum', name: 'plum', hue: '#7e2f55' }],
    white: false,
  },
  {
    id: 'sunflower', role: 'focal', habit: 'head', shape: sunflower, stages: stages(0.4, 0.72),
    secondHue: '#4a2f1c',
    tree: headOf(76, (stage, k) => daisyTree('sunflower', stage, k)),
    sizesMm: [76, 64, 52], pasteMm: 0.7, solidity: 0.72, method: 'one piece', breakageShare: 0.16, monthsNorth: [7, 8, 9],
    colourways: [{ id: 'gold', name: 'gold', hue: '#f4b62a' }, { id: 'rust', name: 'rust', hue: '#b0562a' }],
    white: false,
  },
  {
    id: 'magnolia', role: 'focal', habit: 'head', shape: magnolia, occlusion: 0.5, stages: stages(0.46, 0.76), petals: 9,
    tree: headOf(80, (stage, k) => ringed('magnolia', stage, k)),
    sizesMm: [80, 68, 56], pasteMm: 0.8, solidity: 0.7, method: 'wired petals', breakageShare: 0.16, monthsNorth: [3, 4, 5],
    colourways: [{ id: 'blush', name: 'blush', hue: '#f3dcdc' }, { id: 'ivory', name: 'ivory', hue: '#f4eedd' }],
    white: true, bark: true,
  },
  {
    id: 'lily', role: 'focal', habit: 'head', shape: lily, stages: stages(0.4, 0.74), petals: 6,
    tree: headOf(86, (stage, k) => ringed('lily', stage, k)),
    sizesMm: [86, 74, 62], pasteMm: 0.8, solidity: 0.5, method: 'wired petals', breakageShare: 0.2, monthsNorth: [6, 7, 8],
    colourways: [{ id: 'white', name: 'white', hue: '#f4f0e8', second: '#d9dcc0' }, { id: 'rose', name: 'rose', hue: '#dd86a2', second: '#b43e69' }],
    threaded: true, white: true,
  },
  {
    id: 'carnation', role: 'secondary', habit: 'head', shape: carnation, stages: stages(0.42, 0.72),
    tree: headOf(50, (stage, k) => cutRings('carnation', stage, k)),
    sizesMm: [50, 42, 34], pasteMm: 0.5, solidity: 0.88, method: 'layered', breakageShare: 0.14, monthsNorth: [5, 6, 7, 8],
    colourways: [{ id: 'salmon', name: 'salmon', hue: '#ec9a86' }, { id: 'white', name: 'white', hue: '#f3eee8' }, { id: 'ruby', name: 'ruby', hue: '#a3243f' }],
    white: false,
  },
  {
    id: 'lisianthus', role: 'secondary', habit: 'head', shape: lisianthus, occlusion: 0.6, stages: stages(0.44, 0.76),
    tree: headOf(52, (stage, k) => layered('lisianthus', stage, k)),
    sizesMm: [52, 44, 36], pasteMm: 0.6, solidity: 0.8, method: 'wired petals small', breakageShare: 0.14, monthsNorth: [6, 7, 8, 9],
    colourways: [{ id: 'white', name: 'white', hue: '#f3efe9' }, { id: 'violet', name: 'violet', hue: '#8d6ab4' }, { id: 'blush', name: 'blush', hue: '#efc9cc' }],
    white: true,
  },
  {
    id: 'zinnia', role: 'secondary', habit: 'head', shape: zinnia, occlusion: 0.6, stages: stages(0.38, 0.7),
    tree: headOf(52, (stage, k) => layered('zinnia', stage, k)),
    sizesMm: [52, 44, 36], pasteMm: 0.6, solidity: 0.86, method: 'layered', breakageShare: 0.13, monthsNorth: [7, 8, 9, 10],
    colourways: [{ id: 'coral', name: 'coral', hue: '#e4604a' }, { id: 'lime', name: 'lime', hue: '#c8d27a' }, { id: 'pink', name: 'pink', hue: '#d85f97' }],
    white: false,
  },
  {
    id: 'gerbera', role: 'secondary', habit: 'head', shape: gerbera, stages: stages(0.36, 0.7),
    secondHue: '#7a6034',
    tree: headOf(58, (stage, k) => daisyTree('gerbera', stage, k)),
    sizesMm: [58, 50, 42], pasteMm: 0.6, solidity: 0.74, method: 'one piece', breakageShare: 0.18, monthsNorth: [5, 6, 7, 8, 9],
    colourways: [{ id: 'coral', name: 'coral', hue: '#ee7e5e' }, { id: 'lemon', name: 'lemon', hue: '#f4d65e' }, { id: 'white', name: 'white', hue: '#f2ede4' }],
    white: false,
  },
  {
    id: 'poppy', role: 'secondary', habit: 'head', shape: poppy, occlusion: 0.5, stages: stages(0.36, 0.74), petals: 4,
    tree: headOf(56, (stage, k) => ringed('poppy', stage, k)),
    sizesMm: [56, 48, 40], pasteMm: 0.5, solidity: 0.62, method: 'wired petals', breakageShare: 0.2, monthsNorth: [5, 6, 7],
    colourways: [{ id: 'scarlet', name: 'scarlet', hue: '#d8392a', second: '#3a1d22' }, { id: 'peach', name: 'peach', hue: '#f3b98e', second: '#e7d79a' }, { id: 'white', name: 'white', hue: '#f3efe6', second: '#d9dca0' }],
    threaded: true, white: true,
  },
  {
    id: 'hellebore', role: 'secondary', habit: 'head', shape: hellebore, occlusion: 0.5, stages: stages(0.42, 0.76), petals: 5,
    tree: headOf(50, (stage, k) => ringed('hellebore', stage, k)),
    sizesMm: [50, 42, 34], pasteMm: 0.7, solidity: 0.66, method: 'wired petals', breakageShare: 0.15, monthsNorth: [12, 1, 2, 3, 4],
    colourways: [{ id: 'cream', name: 'cream', hue: '#eceacb', second: '#b9c58a' }, { id: 'dusk', name: 'dusk', hue: '#7c4a63', second: '#56304a' }],
    threaded: true, white: true,
  },
  {
    id: 'tulip', role: 'secondary', habit: 'head', shape: tulip, occlusion: 0.6, stages: stages(0.62, 0.82), petals: 6,
    tree: headOf(50, (stage, k) => ringed('tulip', stage, k)),
    sizesMm: [50, 44, 38], pasteMm: 0.7, solidity: 0.82, method: 'wired petals', breakageShare: 0.14, monthsNorth: [3, 4, 5],
    colourways: [{ id: 'coral', name: 'coral', hue: '#ef8a6a' }, { id: 'cream', name: 'cream', hue: '#f2ead2' }, { id: 'plum', name: 'plum', hue: '#5e2a4c' }],
    threaded: true, white: true,
  },
  {
    id: 'daisy', role: 'spray', habit: 'head', shape: daisy, stages: stages(0.36, 0.78),
    tree: headOf(32, (stage, k) => daisyTree('daisy', stage, k)),
    sizesMm: [32, 27, 22], pasteMm: 0.6, solidity: 0.68, method: 'one piece', breakageShare: 0.18, monthsNorth: [5, 6, 7, 8, 9],
    colourways: [{ id: 'white', name: 'white', hue: '#f6f3ec' }, { id: 'blush', name: 'blush', hue: '#f2cfd6' }],
    white: false,
  },
  {
    id: 'bellflower', role: 'spray', habit: 'head', shape: bellflower, occlusion: 0.5, stages: stages(0.5, 0.8), petals: 5,
    tree: headOf(28, (stage, k) => pulled('bellflower', stage, k)),
    sizesMm: [28, 24, 20], pasteMm: 0.6, solidity: 0.72, method: 'pulled', breakageShare: 0.14, monthsNorth: [6, 7, 8],
    colourways: [{ id: 'blue', name: 'blue', hue: '#7f86cf' }, { id: 'white', name: 'white', hue: '#f1eff0' }],
    white: true,
  },
  {
    id: 'hydrangea', role: 'spray', habit: 'head', shape: hydrangea, stages: stages(0.4, 0.8), petals: 4,
    tree: headOf(30, cutFloret),
    sizesMm: [30, 26, 22], pasteMm: 0.8, solidity: 0.66, method: 'cut floret', breakageShare: 0.16, monthsNorth: [6, 7, 8, 9],
    colourways: [{ id: 'pink', name: 'pink', hue: '#e3a3bf' }, { id: 'green', name: 'green', hue: '#c9d6a4' }, { id: 'blue', name: 'blue', hue: '#8fa9d6' }],
    white: true,
  },
  {
    id: 'forgetmenot', role: 'spray', habit: 'head', shape: forgetMeNot, stages: stages(0.4, 0.8), petals: 5,
    tree: headOf(16, (stage, k) => pulled('forgetmenot', stage, k)),
    sizesMm: [16, 13, 11], pasteMm: 0.5, solidity: 0.66, method: 'pulled', breakageShare: 0.16, monthsNorth: [4, 5, 6],
    colourways: [{ id: 'blue', name: 'blue', hue: '#86aee0' }, { id: 'white', name: 'white', hue: '#f3f1ee' }],
    white: true,
  },
  {
    id: 'jasmine', role: 'spray', habit: 'head', shape: jasmine, stages: stages(0.4, 0.8), petals: 5,
    tree: headOf(24, (stage, k) => pulled('jasmine', stage, k)),
    sizesMm: [24, 20, 17], pasteMm: 0.6, solidity: 0.6, method: 'pulled', breakageShare: 0.15, monthsNorth: [6, 7, 8],
    colourways: [{ id: 'white', name: 'white', hue: '#f7f4ea' }],
    white: true,
  },
  {
    id: 'minirose', role: 'secondary', habit: 'head', shape: gardenRose, occlusion: 0.6, stages: stages(0.42, 0.74),
    tree: headOf(20, (stage, k) => cutRings('minirose', stage, k)),
    sizesMm: [20, 16, 13], pasteMm: 0.5, solidity: 0.92, method: 'pulled', breakageShare: 0.06, monthsNorth: [6, 7, 8, 9],
    colourways: [{ id: 'shell', name: 'shell', hue: '#efbcc0' }, { id: 'white', name: 'white', hue: '#f3eee6' }, { id: 'lemon', name: 'lemon', hue: '#f2dd84' }],
    white: true,
  },
  {
    id: 'mophead', role: 'secondary', habit: 'head', sprig: domePicture({ petals: 4, floretSize: 0.37 }), stages: [{ id: 'opening', name: 'opening', open: 0.5, sizeShare: 0.9 }, { id: 'open', name: 'open', open: 1, sizeShare: 1 }],
    tree: clusterOf,
    sizesMm: [MOPHEAD_MM, 52, 44], pasteMm: 0.6, solidity: 0.9, method: 'domed cluster', breakageShare: 0.16, monthsNorth: [7, 8, 9, 10],
    colourways: [{ id: 'blue', name: 'blue', hue: '#8fa3d6', second: '#e9e2b8' }, { id: 'pink', name: 'pink', hue: '#e0a0ba', second: '#e9e2b8' }, { id: 'green', name: 'green', hue: '#c3cf9f', second: '#e9e2b8' }],
    white: false,
  },
  {
    id: 'manyrose', role: 'focal', habit: 'head', shape: manyPetalled(gardenRose, 40), occlusion: 0.6, stages: stages(0.38, 0.72),
    tree: headOf(62, (stage, k) => layered('manyrose', stage, k)),
    sizesMm: [62, 54, 46], pasteMm: 0.6, solidity: 0.94, method: 'layered', breakageShare: 0.1, monthsNorth: [5, 6, 7, 8, 9],
    colourways: [{ id: 'blush', name: 'blush', hue: '#f0cfc2' }, { id: 'cream', name: 'cream', hue: '#f1e6cd' }, { id: 'claret', name: 'claret', hue: '#8f2b46' }],
    white: false,
  },
  {
    id: 'sprayrose', role: 'secondary', habit: 'head', shape: gardenRose, occlusion: 0.6, stages: stages(0.4, 0.72),
    tree: headOf(40, (stage, k) => layered('sprayrose', stage, k)),
    sizesMm: [40, 32, 25], pasteMm: 0.5, solidity: 0.92, method: 'layered', breakageShare: 0.08, monthsNorth: [6, 7, 8, 9],
    colourways: [{ id: 'shell', name: 'shell', hue: '#efbcc0' }, { id: 'butter', name: 'butter', hue: '#f1dda0' }, { id: 'white', name: 'white', hue: '#f3eee6' }],
    white: true,
  },
  {
    id: 'pompon', role: 'spray', habit: 'head', shape: marigold, stages: [{ id: 'open', name: 'open', open: 1, sizeShare: 1 }], occlusion: 0.4,
    tree: ({ sizeMm }) => pompon(sizeMm / 20),
    sizesMm: [20, 16, 13], pasteMm: 0.6, solidity: 0.92, method: 'snipped pompon', breakageShare: 0.06, monthsNorth: [7, 8, 9, 10, 11],
    colourways: [{ id: 'lemon', name: 'lemon', hue: '#f3c83c', second: '#b9c58a' }, { id: 'cream', name: 'cream', hue: '#efe4c6', second: '#b9c58a' }, { id: 'plum', name: 'plum', hue: '#7e2f55', second: '#b9c58a' }],
    white: false,
  },
  {
    id: 'wrappedrose', role: 'focal', habit: 'head', shape: gardenRose, occlusion: 0.6, stages: stages(0.4, 0.72),
    tree: headOf(55, handWrapped),
    sizesMm: [55, 46, 38], pasteMm: 2.4, solidity: 0.96, method: 'hand-wrapped', breakageShare: 0.04, monthsNorth: [5, 6, 7, 8, 9],
    colourways: [{ id: 'blush', name: 'blush', hue: '#eec3b1' }, { id: 'white', name: 'white', hue: '#f3eee6' }, { id: 'rose', name: 'rose', hue: '#d9718c' }],
    white: false,
  },
  {
    id: 'cuppedflower', role: 'secondary', habit: 'head', shape: forgetMeNot, occlusion: 0.5, stages: [{ id: 'open', name: 'open', open: 0.75, sizeShare: 1 }],
    tree: ({ sizeMm }) => cupped(sizeMm / 34),
    sizesMm: [34, 28, 22], pasteMm: 0.6, solidity: 0.7, method: 'cupped flower', breakageShare: 0.1, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'white', name: 'white', hue: '#f4ece6', second: '#e7d79a' }, { id: 'pink', name: 'pink', hue: '#f1c9d2', second: '#e7d79a' }, { id: 'blue', name: 'blue', hue: '#a9bfe6', second: '#e7d79a' }],
    white: false,
  },
  {
    id: 'rolledrosette', role: 'spray', habit: 'head', shape: gardenRose, occlusion: 0.6, stages: [{ id: 'open', name: 'open', open: 0.62, sizeShare: 1 }],
    tree: ({ sizeMm }) => rosette(sizeMm / 20),
    sizesMm: [20, 16, 13], pasteMm: 1, solidity: 0.94, method: 'rolled rosette', breakageShare: 0.05, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'pink', name: 'pink', hue: '#eab0ba' }, { id: 'rose', name: 'rose', hue: '#d9718c' }, { id: 'white', name: 'white', hue: '#f3eee8' }],
    white: false,
  },
  {
    id: 'starcluster', role: 'secondary', habit: 'head', sprig: domePicture({ petals: 4, floretSize: 0.27 }), stages: opened,
    tree: ({ sizeMm, counts }) => dome('star', { open: 22, ...counts }, sizeMm / STARS_MM),
    sizesMm: [STARS_MM, 36, 30], pasteMm: 0.6, solidity: 0.9, method: 'domed cluster', breakageShare: 0.14, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'red', name: 'red', hue: '#c2202b', second: '#e9e2b8' }, { id: 'coral', name: 'coral', hue: '#ee8a6a', second: '#e9e2b8' }, { id: 'white', name: 'white', hue: '#f3efe6', second: '#d9dca0' }],
    white: false,
  },
  {
    id: 'dogwood', role: 'secondary', habit: 'head', shape: dogwoodPicture, occlusion: 0.5, stages: stages(0.3, 0.7), petals: 4,
    tree: headOf(46, dogwood),
    sizesMm: [46, 40, 34], pasteMm: 0.8, solidity: 0.6, method: 'wired petals', breakageShare: 0.14, monthsNorth: [4, 5, 6],
    colourways: [{ id: 'white', name: 'white', hue: '#f3efe4', second: '#b9c58a' }, { id: 'pink', name: 'pink', hue: '#eab0ba', second: '#b9c58a' }],
    white: true, bark: true,
  },
  {
    id: 'ballflower', role: 'spray', habit: 'head', shape: forgetMeNot, occlusion: 0.5, stages: opened, petals: 5,
    tree: ({ sizeMm }) => ballStop(sizeMm / 18),
    sizesMm: [18, 15, 12], pasteMm: 0.6, solidity: 0.66, method: 'ball stop', breakageShare: 0.12, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'white', name: 'white', hue: '#f4ece6', second: '#e7d79a' }, { id: 'pink', name: 'pink', hue: '#f1c9d2', second: '#e7d79a' }, { id: 'lilac', name: 'lilac', hue: '#c7a9dc', second: '#e7d79a' }],
    white: true,
  },
  {
    id: 'tinyfloret', role: 'filler', habit: 'head', shape: forgetMeNot, occlusion: 0.5, stages: opened, petals: 5,
    tree: ({ sizeMm }) => tinyFloret(sizeMm / 8),
    sizesMm: [8, 7, 6], pasteMm: 0.8, solidity: 0.8, method: 'tiny floret', breakageShare: 0.08, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'white', name: 'white', hue: '#f4ece6' }, { id: 'violet', name: 'violet', hue: '#8d6ab4' }, { id: 'pink', name: 'pink', hue: '#f1c9d2' }],
    white: false,
  },
  {
    id: 'paperflower', role: 'secondary', habit: 'head', shape: paperPetals, occlusion: 0.5, stages: opened, petals: 8,
    tree: ({ sizeMm }) => paperFlower(sizeMm / 46),
    sizesMm: [46, 38, 30], pasteMm: 0.5, solidity: 0.6, method: 'paper petals', breakageShare: 0.08, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'cream', name: 'cream', hue: '#f2ead2' }, { id: 'shell', name: 'shell', hue: '#efbcc0' }, { id: 'peach', name: 'peach', hue: '#f3b98e' }],
    white: true,
  },
  {
    id: 'butterfly', role: 'spray', habit: 'head', shape: wings, occlusion: 0.4, stages: opened,
    tree: ({ sizeMm }) => butterfly(sizeMm / 56),
    sizesMm: [56, 46, 36], pasteMm: 0.5, solidity: 0.5, method: 'paper wings', breakageShare: 0.1, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'sky', name: 'sky', hue: '#8fb2e6' }, { id: 'amber', name: 'amber', hue: '#d98a2b' }, { id: 'white', name: 'white', hue: '#f3efe6' }],
    white: true,
  },
];
