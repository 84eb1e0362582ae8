import { berrySprig } from '../families/berrySprig';
import { branchingFiller } from '../families/branchingFiller';
import { floretSpike } from '../families/floretSpike';
import { leafBranch } from '../families/leafBranch';
import type { Species, Stage } from '../species';

const grown: Stage[] = [{ id: 'grown', name: 'grown', open: 1, sizeShare: 1 }];
const ripening: Stage[] = [
  { id: 'green', name: 'green', open: 0, sizeShare: 0.8 },
  { id: 'turning', name: 'turning', open: 0.5, sizeShare: 0.9 },
  { id: 'ripe', name: 'ripe', open: 1, sizeShare: 1 },
];

/** Fillers, berries and foliage: small branches built of pieces. Sizes are lengths. Gauges from docs/trade.md W2–W6. */
export const GREENS: readonly Species[] = [
  {
    id: 'froth', role: 'filler', habit: 'sprig', shape: branchingFiller({ sideBranches: 3, clusters: 3, florets: 63, floretSize: 0.066 }), stages: grown,
    sizesMm: [58, 48, 40], pasteMm: 0.4, solidity: 0.4, method: 'scrunched', breakageShare: 0.15, monthsNorth: [5, 6, 7, 8, 9],
    colourways: [{ id: 'white', name: 'white', hue: '#f5f1ea' }, { id: 'blush', name: 'blush', hue: '#f0cfd0' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.45, white: false, parts: [{ name: 'floret', swg: 28, lengthMm: 60 }, { name: 'side branch', swg: 24, lengthMm: 55 }] },
  },
  {
    id: 'spike', role: 'filler', habit: 'sprig', shape: floretSpike({ count: 31, petals: 4, floretSize: 0.1, spread: 0.17 }),
    stages: [{ id: 'bud', name: 'bud', open: 0.1, sizeShare: 0.8, role: 'bud' }, { id: 'half', name: 'half-open', open: 0.5, sizeShare: 0.9 }, { id: 'open', name: 'open', open: 1, sizeShare: 1 }],
    sizesMm: [62, 52, 42], pasteMm: 0.5, solidity: 0.55, method: 'pulled cluster', breakageShare: 0.14, monthsNorth: [4, 5],
    colourways: [{ id: 'lilac', name: 'lilac', hue: '#b69ad2' }, { id: 'white', name: 'white', hue: '#efece6' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.4, white: false, bark: true, parts: [{ name: 'floret', swg: 24, lengthMm: 60 }] },
  },
  {
    id: 'rosehip', fruitOf: ['rose', 'minirose'], role: 'berry', habit: 'sprig', shape: berrySprig({ count: 3, radius: 0.13, stretch: 1.3, crown: true, leaves: 0 }), stages: ripening,
    sizesMm: [44, 38, 32], pasteMm: 1, solidity: 0.6, method: 'berry', breakageShare: 0.06, monthsNorth: [9, 10, 11, 12],
    colourways: [{ id: 'hip', name: 'hip red', hue: '#c93b22' }, { id: 'amber', name: 'amber', hue: '#d98a2b' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.6, white: false, parts: [{ name: 'berry', swg: 24, lengthMm: 70 }] },
  },
  {
    id: 'hypericum', role: 'berry', habit: 'sprig', shape: berrySprig({ count: 4, radius: 0.11, stretch: 1.15, crown: false, leaves: 4 }), stages: ripening,
    sizesMm: [42, 36, 30], pasteMm: 1, solidity: 0.6, method: 'berry', breakageShare: 0.06, monthsNorth: [8, 9, 10, 11],
    colourways: [{ id: 'russet', name: 'russet', hue: '#a84632' }, { id: 'cream', name: 'cream', hue: '#ece1c4' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.6, white: false, bark: true, parts: [{ name: 'berry', swg: 26, lengthMm: 65 }] },
  },
  {
    id: 'bramble', role: 'berry', habit: 'sprig', shape: berrySprig({ count: 3, radius: 0.15, stretch: 1.2, crown: false, drupelets: 34, leaves: 2 }), stages: ripening,
    sizesMm: [46, 40, 34], pasteMm: 1, solidity: 0.6, method: 'covered berry', breakageShare: 0.1, monthsNorth: [8, 9, 10],
    colourways: [{ id: 'black', name: 'black', hue: '#3b1d3a' }, { id: 'red', name: 'red', hue: '#a32338' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.6, white: false, parts: [{ name: 'berry', swg: 22, lengthMm: 75 }] },
  },
  {
    id: 'olive', role: 'foliage', habit: 'sprig',
    shape: leafBranch({ habit: 'paired', nodes: 6, leafLength: [0.36, 0.18], blade: { halfWidth: 0.14, tipPower: 1.8 }, angle: 46, turnDeg: 90, carrierSway: 0.06, twoFaced: true, berries: { hue: '#4d4a33', size: 0.034, count: 2 } }),
    stages: grown, sizesMm: [92, 78, 64], pasteMm: 0.9, solidity: 0.35, method: 'wired leaf', breakageShare: 0.1, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'olive', name: 'olive', hue: '#75896a' }, { id: 'silver', name: 'silver', hue: '#a3b19c' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.9, white: false, bark: true, parts: [{ name: 'leaf', swg: 30, lengthMm: 45 }] },
  },
  {
    id: 'roundleaf', role: 'foliage', habit: 'sprig',
    shape: leafBranch({ habit: 'paired', nodes: 6, leafLength: [0.24, 0.1], blade: { halfWidth: 0.46, tipWidth: 0.4, tipPower: 2.2, fullest: 0.55, baseWidth: 0.3, tipDrop: 0.15 }, angle: 64, turnDeg: 90, carrierSway: 0.04 }),
    stages: grown, sizesMm: [86, 70, 56], pasteMm: 0.9, solidity: 0.35, method: 'wired leaf', breakageShare: 0.1, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'sea', name: 'sea green', hue: '#8fb0a0' }, { id: 'dusk', name: 'dusk green', hue: '#6d8f83' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.9, white: false, parts: [{ name: 'leaf', swg: 30, lengthMm: 40 }] },
  },
  {
    id: 'roseleaf', leafOf: 'rose', role: 'foliage', habit: 'sprig',
    shape: leafBranch({ habit: 'paired', nodes: 2, leafLength: [0.38, 0.46], blade: { halfWidth: 0.3, fullest: 0.42, baseWidth: 0.35, serration: 0.16, serrationCount: 9, crease: 0.03 }, angle: 66, turnDeg: 0, carrierSway: 0.03 }),
    stages: grown, sizesMm: [74, 62, 50], pasteMm: 1, solidity: 0.4, method: 'wired leaf', breakageShare: 0.1, monthsNorth: [4, 5, 6, 7, 8, 9, 10],
    colourways: [{ id: 'leaf', name: 'leaf green', hue: '#6f9156' }, { id: 'bronze', name: 'bronze', hue: '#7f6a4a' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.85, white: false, parts: [{ name: 'leaf', swg: 26, lengthMm: 75 }] },
  },
  {
    id: 'rosemary', role: 'foliage', habit: 'sprig',
    shape: leafBranch({ habit: 'paired', nodes: 14, leafLength: [0.3, 0.14], blade: { halfWidth: 0.075, fullest: 0.5, baseWidth: 0.6, tipPower: 2 }, angle: 34, turnDeg: 90, carrierSway: 0.03 }),
    stages: grown, sizesMm: [72, 60, 48], pasteMm: 0.9, solidity: 0.4, method: 'glued leaf', breakageShare: 0.08, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'grey', name: 'grey green', hue: '#6c8468' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.95, white: false, bark: true },
  },
  {
    id: 'fern', role: 'foliage', habit: 'sprig',
    shape: leafBranch({ habit: 'paired', nodes: 15, leafLength: [0.36, 0.05], blade: { halfWidth: 0.13, fullest: 0.3, baseWidth: 0.7, tipPower: 1.6, serration: 0.22, serrationCount: 7 }, angle: 70, turnDeg: 0, carrierSway: 0.05 }),
    stages: grown, sizesMm: [88, 72, 58], pasteMm: 0.7, solidity: 0.35, method: 'glued leaf', breakageShare: 0.2, monthsNorth: [4, 5, 6, 7, 8, 9],
    colourways: [{ id: 'fern', name: 'fern green', hue: '#7ea35c' }],
    wiring: { floorSwg: 24, hookMm: 0, insideShare: 0.95, white: false },
  },
  {
    id: 'lavender', role: 'filler', habit: 'sprig', shape: floretSpike({ count: 34, petals: 4, floretSize: 0.06, spread: 0.07 }),
    stages: [{ id: 'bud', name: 'bud', open: 0.05, sizeShare: 0.8, role: 'bud' }, { id: 'half', name: 'half-open', open: 0.4, sizeShare: 0.9 }, { id: 'open', name: 'open', open: 0.8, sizeShare: 1 }],
    sizesMm: [64, 54, 44], pasteMm: 0.5, solidity: 0.4, method: 'pulled cluster', breakageShare: 0.12, monthsNorth: [6, 7, 8],
    colourways: [{ id: 'lavender', name: 'lavender', hue: '#8c7cc0' }, { id: 'white', name: 'white', hue: '#eeecf0' }],
    wiring: { floorSwg: 24, hookMm: 0, insideShare: 0.8, white: false },
  },
  {
    id: 'delphinium', role: 'filler', habit: 'sprig', shape: floretSpike({ count: 22, petals: 5, floretSize: 0.13, spread: 0.14 }),
    stages: [{ id: 'bud', name: 'bud', open: 0.1, sizeShare: 0.8, role: 'bud' }, { id: 'half', name: 'half-open', open: 0.5, sizeShare: 0.9 }, { id: 'open', name: 'open', open: 1, sizeShare: 1 }],
    sizesMm: [78, 66, 54], pasteMm: 0.5, solidity: 0.5, method: 'pulled cluster', breakageShare: 0.14, monthsNorth: [6, 7],
    colourways: [{ id: 'sky', name: 'sky', hue: '#8fb2e6' }, { id: 'ink', name: 'ink', hue: '#4556a8' }, { id: 'white', name: 'white', hue: '#f0eff0' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.4, white: false, parts: [{ name: 'floret', swg: 26, lengthMm: 60 }] },
  },
  {
    id: 'heather', role: 'filler', habit: 'sprig', shape: floretSpike({ count: 40, petals: 4, floretSize: 0.058, spread: 0.075 }), stages: [{ id: 'bud', name: 'bud', open: 0.1, sizeShare: 0.85, role: 'bud' }, { id: 'grown', name: 'grown', open: 0.9, sizeShare: 1 }],
    sizesMm: [52, 44, 36], pasteMm: 0.4, solidity: 0.4, method: 'pulled cluster', breakageShare: 0.14, monthsNorth: [8, 9, 10, 11, 12, 1, 2, 3],
    colourways: [{ id: 'heather', name: 'heather', hue: '#b06aa0' }, { id: 'white', name: 'white', hue: '#f1edef' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.45, white: false, bark: true, parts: [{ name: 'floret', swg: 28, lengthMm: 55 }] },
  },
  {
    id: 'snowberry', role: 'berry', habit: 'sprig', shape: berrySprig({ count: 6, radius: 0.1, stretch: 1, crown: false, leaves: 2 }), stages: ripening,
    sizesMm: [46, 38, 32], pasteMm: 1, solidity: 0.6, method: 'berry', breakageShare: 0.06, monthsNorth: [10, 11, 12, 1],
    colourways: [{ id: 'white', name: 'white', hue: '#f1efe8' }, { id: 'pink', name: 'pink', hue: '#e9b9c2' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.6, white: false, bark: true, parts: [{ name: 'berry', swg: 26, lengthMm: 65 }] },
  },
  {
    id: 'hollyberry', role: 'berry', habit: 'sprig', shape: berrySprig({ count: 5, radius: 0.1, stretch: 1, crown: false, leaves: 4 }), stages: ripening,
    sizesMm: [44, 38, 32], pasteMm: 1, solidity: 0.6, method: 'berry', breakageShare: 0.06, monthsNorth: [11, 12, 1],
    colourways: [{ id: 'red', name: 'red', hue: '#c2202b' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.6, white: false, bark: true, parts: [{ name: 'berry', swg: 26, lengthMm: 65 }] },
  },
  {
    id: 'blueberry', role: 'berry', habit: 'sprig', shape: berrySprig({ count: 7, radius: 0.095, stretch: 0.94, crown: true, leaves: 3 }), stages: ripening,
    sizesMm: [46, 38, 32], pasteMm: 1, solidity: 0.6, method: 'berry', breakageShare: 0.06, monthsNorth: [7, 8, 9],
    colourways: [{ id: 'blue', name: 'blue', hue: '#4b5a8c' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.6, white: false, bark: true, parts: [{ name: 'berry', swg: 26, lengthMm: 65 }] },
  },
  {
    id: 'willow', role: 'foliage', habit: 'sprig',
    shape: leafBranch({ habit: 'loose', nodes: 8, leafLength: [0.42, 0.22], blade: { halfWidth: 0.09, fullest: 0.42, baseWidth: 0.3, tipPower: 1.4 }, angle: 36, turnDeg: 137.5, carrierSway: 0.07, twoFaced: true }),
    stages: grown, sizesMm: [94, 80, 66], pasteMm: 0.8, solidity: 0.3, method: 'wired leaf', breakageShare: 0.12, monthsNorth: [4, 5, 6, 7, 8, 9, 10],
    colourways: [{ id: 'willow', name: 'willow green', hue: '#8fa873' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.9, white: false, bark: true, parts: [{ name: 'leaf', swg: 30, lengthMm: 50 }] },
  },
  {
    id: 'laurel', role: 'foliage', habit: 'sprig',
    shape: leafBranch({ habit: 'loose', nodes: 5, leafLength: [0.44, 0.3], blade: { halfWidth: 0.2, fullest: 0.5, baseWidth: 0.26, tipPower: 1.5, ruffle: 0.02, ruffleCycles: 3, crease: 0.03 }, angle: 50, turnDeg: 137.5, carrierSway: 0.04 }),
    stages: grown, sizesMm: [84, 70, 58], pasteMm: 1, solidity: 0.4, method: 'wired leaf', breakageShare: 0.09, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'laurel', name: 'laurel green', hue: '#4f7146' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.9, white: false, bark: true, parts: [{ name: 'leaf', swg: 28, lengthMm: 65 }] },
  },
  {
    id: 'box', role: 'foliage', habit: 'sprig',
    shape: leafBranch({ habit: 'paired', nodes: 9, leafLength: [0.16, 0.1], blade: { halfWidth: 0.3, fullest: 0.5, baseWidth: 0.3, tipWidth: 0.3, tipPower: 2 }, angle: 54, turnDeg: 90, carrierSway: 0.03 }),
    stages: grown, sizesMm: [64, 54, 44], pasteMm: 0.9, solidity: 0.45, method: 'glued leaf', breakageShare: 0.08, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'box', name: 'box green', hue: '#6f9450' }],
    wiring: { floorSwg: 24, hookMm: 0, insideShare: 0.95, white: false, bark: true },
  },
  {
    id: 'dustyleaf', role: 'foliage', habit: 'sprig',
    shape: leafBranch({ habit: 'paired', nodes: 3, leafLength: [0.46, 0.4], blade: { halfWidth: 0.34, fullest: 0.55, baseWidth: 0.3, tipWidth: 0.3, tipPower: 2, lobes: 4, lobeDepth: 0.55, crease: 0.02 }, angle: 46, turnDeg: 90, carrierSway: 0.03 }),
    stages: grown, sizesMm: [76, 64, 52], pasteMm: 0.8, solidity: 0.4, method: 'wired leaf', breakageShare: 0.14, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'silver', name: 'silver', hue: '#b9c2bb' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.85, white: false, parts: [{ name: 'leaf', swg: 28, lengthMm: 60 }] },
  },
  {
    id: 'singleleaf', role: 'foliage', habit: 'sprig',
    shape: leafBranch({ habit: 'loose', nodes: 0, leafLength: [0.98, 0.98], blade: { halfWidth: 0.3, fullest: 0.42, baseWidth: 0.3, serration: 0.1, serrationCount: 8, crease: 0.03 }, angle: 10, turnDeg: 0, carrierSway: 0.01 }),
    stages: grown, sizesMm: [30, 22, 16], pasteMm: 0.8, solidity: 0.5, method: 'wired leaf', breakageShare: 0.08, monthsNorth: [4, 5, 6, 7, 8, 9, 10],
    colourways: [{ id: 'leaf', name: 'leaf green', hue: '#7ca062' }, { id: 'dark', name: 'dark green', hue: '#4f7146' }],
    wiring: { floorSwg: 28, hookMm: 0, insideShare: 0.66, white: false },
  },
  {
    id: 'oakleaf', role: 'foliage', habit: 'sprig',
    shape: leafBranch({ habit: 'loose', nodes: 3, leafLength: [0.52, 0.5], blade: { halfWidth: 0.32, fullest: 0.62, baseWidth: 0.16, tipWidth: 0.34, tipPower: 2.2, tipDrop: 0.1, lobes: 4, lobeDepth: 0.5, crease: 0.025, curl: 20 }, angle: 54, turnDeg: 0, carrierSway: 0.04, stalkShare: 0.06 }),
    stages: grown, sizesMm: [88, 74, 60], pasteMm: 0.9, solidity: 0.4, method: 'wired leaf', breakageShare: 0.12, monthsNorth: [5, 6, 7, 8, 9, 10, 11],
    colourways: [{ id: 'russet', name: 'russet', hue: '#a8622f' }, { id: 'leaf', name: 'leaf green', hue: '#7b9150' }, { id: 'gold', name: 'gold', hue: '#cf9a3e' }],
    wiring: { floorSwg: 22, hookMm: 0, insideShare: 0.85, white: false, bark: true, parts: [{ name: 'leaf', swg: 26, lengthMm: 75 }] },
  },
  {
    id: 'vine', role: 'foliage', habit: 'sprig',
    shape: leafBranch({ habit: 'arms', nodes: 5, leafLength: [0.17, 0.12], blade: { halfWidth: 0.32, fullest: 0.38, baseWidth: 0.4, tipPower: 1.4, crease: 0.03 }, angle: 52, turnDeg: 0, carrierSway: 0.07, stalkShare: 0.25 }),
    stages: grown, sizesMm: [120, 100, 84], pasteMm: 0.8, solidity: 0.3, method: 'wired leaf', breakageShare: 0.12, monthsNorth: [4, 5, 6, 7, 8, 9, 10],
    colourways: [{ id: 'spring', name: 'spring green', hue: '#93ad66' }, { id: 'dark', name: 'dark green', hue: '#5c7a4c' }],
    wiring: { floorSwg: 20, hookMm: 0, insideShare: 0.9, white: false, parts: [{ name: 'leaf', swg: 30, lengthMm: 45 }, { name: 'arm', swg: 24, lengthMm: 60 }] },
  },
];
