import { arms } from '../../piece/constructions/arms';
import { berrySprig as berryTree, type BerrySprigId, type Ripeness } from '../../piece/constructions/berrySprig';
import { bramble } from '../../piece/constructions/bramble';
import { FILLERS } from '../../piece/constructions/filler';
import { leafBranch as leafTree } from '../../piece/constructions/leafBranch';
import { leafGroup, looseLeaf, pressedLeaf, roseLeaf, singleLeaf, type LeafCut } from '../../piece/constructions/leaves';
import { gluedSpike, GLUED_STAGES, spike, SPIKE_STAGES, type GluedSpikeId, type SpikeId } from '../../piece/constructions/spikes';
import { berrySprig, type BerrySprig } from '../families/berrySprig';
import { branchingFiller } from '../families/branchingFiller';
import { floretSpike, type FloretSpike } from '../families/floretSpike';
import { leafBranch, leafGroupOf, oneLeaf, type DriedSo, type OneLeaf } from '../families/leafBranch';
import { degToRad } from '../../geometry/numbers';
import type { Sprig } from '../families/sprig';
import type { Species, Stage } from '../species';

const grown: Stage[] = [{ id: 'grown', name: 'grown', open: 1, sizeShare: 1 }];
const ripening: Stage[] = [
  { id: 'green', name: 'green', open: 0, sizeShare: 0.8 },
  { id: 'turning', name: 'turning', open: 0.5, sizeShare: 0.9 },
  { id: 'ripe', name: 'ripe', open: 1, sizeShare: 1 },
];

const sprigOf = (sprig: Sprig): Pick<Species, 'tree' | 'sprig'> => ({ tree: sprig.tree, sprig });

const ripe = (stage: string): Ripeness => (stage === 'green' || stage === 'turning' ? stage : 'ripe');
const berriesOf =
  (id: BerrySprigId): BerrySprig['build'] =>
  ({ stage, ...how }) =>
    berryTree(id, ripe(stage), how);
const brambleOf: BerrySprig['build'] = ({ stage, leaves, ...how }) =>
  bramble(ripe(stage), { ...how, groups: leaves === undefined ? 1 : Math.round(leaves / 3) });

/** Buds, opening and open florets of a stage, each as a person counts it or by the same share of what is usual. */
const spikeOf =
  (id: SpikeId): FloretSpike['build'] =>
  ({ stage, share, scale, counts }) => {
    const usual = SPIKE_STAGES[id][stage === 'bud' || stage === 'half' ? stage : 'open'];
    const of = (name: keyof typeof usual) => counts[name] ?? Math.round(usual[name] * share);
    return spike(id, { buds: of('buds'), opening: of('opening'), open: of('open') }, scale);
  };

/** Earlier files counted the buds of these in three lines. */
const gluedOf =
  (id: GluedSpikeId): FloretSpike['build'] =>
  ({ stage, share, scale, counts }) => {
    const footMm: Readonly<Record<string, number>> = GLUED_STAGES[id];
    const said = ['buds', 'opening', 'open'].flatMap((name) => counts[name] ?? []);
    const count = said.length > 0 ? said.reduce((a, n) => a + n, 0) : undefined;
    return gluedSpike(id, { footMm: footMm[stage] ?? footMm.open ?? footMm.grown ?? 3.6, share, count }, scale);
  };

/** Outlines of leaves that are cut one by one: as they are cut, and as they look. */
const CUTS = {
  oval: { cut: { outline: 'ovate', widthShare: 0.6, thicknessMm: 0.8 }, blade: { halfWidth: 0.3, fullest: 0.42, baseWidth: 0.3, serration: 0.1, serrationCount: 8, crease: 0.03 } },
  heart: { cut: { outline: 'heart', widthShare: 0.9, thicknessMm: 1 }, blade: { halfWidth: 0.42, fullest: 0.26, baseWidth: 0.85, tipPower: 1.25, crease: 0.03 }, lobes: [{ asideRad: 2.3, longShare: 0.3, wideShare: 1.5 }] },
  maple: { cut: { outline: 'lobed', widthShare: 1, thicknessMm: 1 }, blade: { halfWidth: 0.2, fullest: 0.48, baseWidth: 0.6, tipPower: 1.2, serration: 0.16, serrationCount: 5, crease: 0.03 }, lobes: [{ asideRad: 0.78, longShare: 0.84 }, { asideRad: 1.6, longShare: 0.54 }] },
  oak: { cut: { outline: 'lobed', widthShare: 0.62, thicknessMm: 1 }, blade: { halfWidth: 0.32, fullest: 0.62, baseWidth: 0.16, tipWidth: 0.34, tipPower: 2.2, tipDrop: 0.1, lobes: 4, lobeDepth: 0.5, crease: 0.025 } },
  ivy: { cut: { outline: 'lobed', widthShare: 0.9, thicknessMm: 1 }, blade: { halfWidth: 0.27, fullest: 0.36, baseWidth: 0.75, tipPower: 1.3, crease: 0.03 }, lobes: [{ asideRad: 0.9, longShare: 0.66 }, { asideRad: 1.9, longShare: 0.34, wideShare: 1.2 }] },
} as const satisfies Readonly<Record<string, { cut: Omit<LeafCut, 'longMm'> } & Pick<OneLeaf, 'blade' | 'lobes'>>>; // prettier-ignore

/** A leaf of an outline on its own wire. */
const wiredLeaf = (id: keyof typeof CUTS, longMm: number, swg: number): Sprig => {
  const { cut, ...look }: { cut: Omit<LeafCut, 'longMm'> } & Pick<OneLeaf, 'blade' | 'lobes'> = CUTS[id];
  return oneLeaf({ ...look, build: (scale) => singleLeaf({ ...cut, longMm }, swg, scale), longMm });
};

/** Unwired leaves dry flat, which is usual, in a cup, or bent as they will lie over an edge. */
const setToDry: Stage[] = [
  { id: 'bent', name: 'bent', open: 1, sizeShare: 1 },
  { id: 'cupped', name: 'cupped', open: 0.5, sizeShare: 1 },
  { id: 'flat', name: 'flat', open: 0, sizeShare: 1 },
];
/** In its middle, nearly square. Assumed. */
const OVER_EDGE = { fromZ: 0.4, toZ: 0.6, angleRad: degToRad(82) };
const driedSo = (open: number): DriedSo =>
  open < 0.25 ? { blade: { curl: 0, cup: -4 } } : open < 0.75 ? { blade: { curl: -14, cup: 56 } } : { blade: { curl: 0, cup: -4 }, bend: OVER_EDGE };

const looseOf = (id: keyof typeof CUTS, longMm: number): Pick<Species, 'tree' | 'sprig'> => {
  const { cut, ...look }: { cut: Omit<LeafCut, 'longMm'> } & Pick<OneLeaf, 'blade' | 'lobes'> = CUTS[id];
  return sprigOf(oneLeaf({ ...look, build: (scale) => looseLeaf({ ...cut, longMm }, scale), longMm, staged: driedSo }));
};

const AUTUMN = [
  { id: 'leaf', name: 'leaf green', hue: '#7b9150' },
  { id: 'straw', name: 'straw', hue: '#e2cf8a' },
  { id: 'russet', name: 'russet', hue: '#a8622f' },
  { id: 'gold', name: 'gold', hue: '#cf9a3e' },
];
const LOOSE = {
  role: 'foliage', habit: 'sprig', stages: setToDry, pasteMm: 1, solidity: 0.3, method: 'unwired leaf', breakageShare: 0.1,
  monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12], white: false,
} as const satisfies Partial<Species>; // prettier-ignore

const OLIVE_HUE = '#4d4a33';

/** Fillers, berries and foliage: small branches built of pieces. Sizes are lengths. Gauges from docs/trade.md W2–W6. */
export const GREENS: readonly Species[] = [
  {
    id: 'froth', role: 'filler', habit: 'sprig', stages: grown,
    ...sprigOf(branchingFiller(FILLERS.sprig)),
    sizesMm: [68, 58, 48], pasteMm: 0.4, solidity: 0.4, method: 'scrunched', breakageShare: 0.15, monthsNorth: [5, 6, 7, 8, 9],
    colourways: [{ id: 'white', name: 'white', hue: '#f5f1ea' }, { id: 'blush', name: 'blush', hue: '#f0cfd0' }],
    white: false,
  },
  {
    id: 'spike', role: 'filler', habit: 'sprig',
    ...sprigOf(floretSpike({ build: spikeOf('spike'), petals: 4, lines: ['buds', 'opening', 'open'] })),
    stages: [{ id: 'bud', name: 'bud', open: 0.1, sizeShare: 0.8, role: 'bud' }, { id: 'half', name: 'half-open', open: 0.5, sizeShare: 0.9 }, { id: 'open', name: 'open', open: 1, sizeShare: 1 }],
    sizesMm: [62, 53, 44], pasteMm: 0.5, solidity: 0.55, method: 'pulled cluster', breakageShare: 0.14, monthsNorth: [4, 5],
    colourways: [{ id: 'lilac', name: 'lilac', hue: '#b69ad2' }, { id: 'white', name: 'white', hue: '#efece6' }],
    white: false, bark: true,
  },
  {
    id: 'rosehip', fruitOf: ['rose', 'minirose'], role: 'berry', habit: 'sprig', stages: ripening,
    ...sprigOf(berrySprig({ build: berriesOf('rosehip'), stretch: 1.3, crown: true })),
    sizesMm: [44, 38, 32], pasteMm: 1, solidity: 0.6, method: 'berry', breakageShare: 0.06, monthsNorth: [9, 10, 11, 12],
    colourways: [{ id: 'hip', name: 'hip red', hue: '#c93b22' }, { id: 'amber', name: 'amber', hue: '#d98a2b' }],
    white: false,
  },
  {
    id: 'hypericum', role: 'berry', habit: 'sprig', stages: ripening,
    ...sprigOf(berrySprig({ build: berriesOf('hypericum'), stretch: 1.15, crown: false })),
    sizesMm: [42, 36, 30], pasteMm: 1, solidity: 0.6, method: 'berry', breakageShare: 0.06, monthsNorth: [8, 9, 10, 11],
    colourways: [{ id: 'russet', name: 'russet', hue: '#a84632' }, { id: 'cream', name: 'cream', hue: '#ece1c4' }],
    white: false, bark: true,
  },
  {
    id: 'bramble', role: 'berry', habit: 'sprig', stages: ripening,
    ...sprigOf(berrySprig({ build: brambleOf, stretch: 1.2, crown: false, drupelets: 34 })),
    sizesMm: [46, 40, 34], pasteMm: 1, solidity: 0.6, method: 'covered berry', breakageShare: 0.1, monthsNorth: [8, 9, 10],
    colourways: [{ id: 'black', name: 'black', hue: '#3b1d3a' }, { id: 'red', name: 'red', hue: '#a32338' }],
    white: false,
  },
  {
    id: 'olive', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'pairs', usual: 6, build: (count, scale) => leafTree('olive', { count, scale }), blade: { halfWidth: 0.14, tipPower: 1.8 }, growth: { angleDeg: 46, sway: 0.06, flat: 0.5 }, twoFaced: true, berryHue: OLIVE_HUE })),
    secondHue: OLIVE_HUE,
    stages: grown, sizesMm: [92, 78, 64], pasteMm: 0.9, solidity: 0.35, method: 'wired leaf', breakageShare: 0.1, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'olive', name: 'olive', hue: '#75896a' }, { id: 'silver', name: 'silver', hue: '#a3b19c' }],
    white: false, bark: true,
  },
  {
    id: 'roundleaf', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'pairs', usual: 6, build: (count, scale) => leafTree('roundleaf', { count, scale }), blade: { halfWidth: 0.44, tipWidth: 0.14, tipPower: 2, fullest: 0.5, baseWidth: 0.16, tipDrop: 0.05 }, growth: { angleDeg: 64, sway: 0.04, flat: 0.5 } })),
    stages: grown, sizesMm: [86, 70, 56], pasteMm: 0.9, solidity: 0.24, method: 'wired leaf', breakageShare: 0.1, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'sea', name: 'sea green', hue: '#8fb0a0' }, { id: 'dusk', name: 'dusk green', hue: '#6d8f83' }],
    white: false,
  },
  {
    id: 'roseleaf', leafOf: 'rose', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'pairs', usual: 2, build: (leaves, scale) => roseLeaf({ leaves }, scale), blade: { halfWidth: 0.3, fullest: 0.42, baseWidth: 0.35, serration: 0.16, serrationCount: 9, crease: 0.03 }, growth: { angleDeg: 66, sway: 0.03, flat: 0.5 } })),
    stages: grown, sizesMm: [74, 62, 50], pasteMm: 1, solidity: 0.4, method: 'wired leaf', breakageShare: 0.1, monthsNorth: [4, 5, 6, 7, 8, 9, 10],
    colourways: [{ id: 'leaf', name: 'leaf green', hue: '#6f9156' }, { id: 'bronze', name: 'bronze', hue: '#7f6a4a' }],
    white: false,
  },
  {
    id: 'rosemary', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'pairs', usual: 14, build: (count, scale) => leafTree('rosemary', { count, scale }), blade: { halfWidth: 0.075, fullest: 0.5, baseWidth: 0.6, tipPower: 2 }, growth: { angleDeg: 34, sway: 0.03, flat: 0.5 } })),
    stages: grown, sizesMm: [72, 60, 48], pasteMm: 0.9, solidity: 0.4, method: 'glued leaf', breakageShare: 0.08, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'grey', name: 'grey green', hue: '#6c8468' }],
    white: false, bark: true,
  },
  {
    id: 'fern', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'pairs', usual: 15, build: (count, scale) => leafTree('fern', { count, scale }), blade: { halfWidth: 0.13, fullest: 0.3, baseWidth: 0.7, tipPower: 1.6, serration: 0.22, serrationCount: 7 }, growth: { angleDeg: 70, sway: 0.05, flat: 0.5 } })),
    stages: grown, sizesMm: [88, 72, 58], pasteMm: 0.7, solidity: 0.35, method: 'glued leaf', breakageShare: 0.2, monthsNorth: [4, 5, 6, 7, 8, 9],
    colourways: [{ id: 'fern', name: 'fern green', hue: '#7ea35c' }],
    white: false,
  },
  {
    id: 'lavender', role: 'filler', habit: 'sprig',
    ...sprigOf(floretSpike({ build: gluedOf('lavender'), petals: 4, lines: ['buds'] })),
    stages: [{ id: 'bud', name: 'bud', open: 0.05, sizeShare: 0.8, role: 'bud' }, { id: 'half', name: 'half-open', open: 0.4, sizeShare: 0.9 }, { id: 'open', name: 'open', open: 0.8, sizeShare: 1 }],
    sizesMm: [64, 54, 44], pasteMm: 0.5, solidity: 0.4, method: 'pulled cluster', breakageShare: 0.12, monthsNorth: [6, 7, 8],
    colourways: [{ id: 'lavender', name: 'lavender', hue: '#8c7cc0' }, { id: 'white', name: 'white', hue: '#eeecf0' }],
    white: false,
  },
  {
    id: 'delphinium', role: 'filler', habit: 'sprig',
    ...sprigOf(floretSpike({ build: spikeOf('delphinium'), petals: 5, lines: ['buds', 'opening', 'open'] })),
    stages: [{ id: 'bud', name: 'bud', open: 0.1, sizeShare: 0.8, role: 'bud' }, { id: 'half', name: 'half-open', open: 0.5, sizeShare: 0.9 }, { id: 'open', name: 'open', open: 1, sizeShare: 1 }],
    sizesMm: [78, 66, 54], pasteMm: 0.5, solidity: 0.5, method: 'pulled cluster', breakageShare: 0.14, monthsNorth: [6, 7],
    colourways: [{ id: 'sky', name: 'sky', hue: '#8fb2e6' }, { id: 'ink', name: 'ink', hue: '#4556a8' }, { id: 'white', name: 'white', hue: '#f0eff0' }],
    white: false,
  },
  {
    id: 'heather', role: 'filler', habit: 'sprig', stages: [{ id: 'bud', name: 'bud', open: 0.1, sizeShare: 0.85, role: 'bud' }, { id: 'grown', name: 'grown', open: 0.9, sizeShare: 1 }],
    ...sprigOf(floretSpike({ build: gluedOf('heather'), petals: 4, lines: ['buds'] })),
    sizesMm: [52, 44, 36], pasteMm: 0.4, solidity: 0.4, method: 'pulled cluster', breakageShare: 0.14, monthsNorth: [8, 9, 10, 11, 12, 1, 2, 3],
    colourways: [{ id: 'heather', name: 'heather', hue: '#b06aa0' }, { id: 'white', name: 'white', hue: '#f1edef' }],
    white: false, bark: true,
  },
  {
    id: 'snowberry', role: 'berry', habit: 'sprig', stages: ripening,
    ...sprigOf(berrySprig({ build: berriesOf('snowberry'), stretch: 1, crown: false })),
    sizesMm: [46, 38, 32], pasteMm: 1, solidity: 0.6, method: 'berry', breakageShare: 0.06, monthsNorth: [10, 11, 12, 1],
    colourways: [{ id: 'white', name: 'white', hue: '#f1efe8' }, { id: 'pink', name: 'pink', hue: '#e9b9c2' }],
    white: false, bark: true,
  },
  {
    id: 'hollyberry', role: 'berry', habit: 'sprig', stages: ripening,
    ...sprigOf(berrySprig({ build: berriesOf('hollyberry'), stretch: 1, crown: false })),
    sizesMm: [44, 38, 32], pasteMm: 1, solidity: 0.6, method: 'berry', breakageShare: 0.06, monthsNorth: [11, 12, 1],
    colourways: [{ id: 'red', name: 'red', hue: '#c2202b' }],
    white: false, bark: true,
  },
  {
    id: 'blueberry', role: 'berry', habit: 'sprig', stages: ripening,
    ...sprigOf(berrySprig({ build: berriesOf('blueberry'), stretch: 0.94, crown: true })),
    sizesMm: [46, 38, 32], pasteMm: 1, solidity: 0.6, method: 'berry', breakageShare: 0.06, monthsNorth: [7, 8, 9],
    colourways: [{ id: 'blue', name: 'blue', hue: '#4b5a8c' }],
    white: false, bark: true,
  },
  {
    id: 'willow', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'leaves', usual: 12, build: (count, scale) => leafTree('willow', { count, scale }), blade: { halfWidth: 0.1, fullest: 0.42, baseWidth: 0.3, tipPower: 1.4 }, growth: { angleDeg: 36, sway: 0.07, flat: 0.5 }, twoFaced: true })),
    stages: grown, sizesMm: [94, 80, 66], pasteMm: 0.8, solidity: 0.22, method: 'wired leaf', breakageShare: 0.12, monthsNorth: [4, 5, 6, 7, 8, 9, 10],
    colourways: [{ id: 'willow', name: 'willow green', hue: '#8fa873' }],
    white: false, bark: true,
  },
  {
    id: 'laurel', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'leaves', usual: 7, build: (count, scale) => leafTree('laurel', { count, scale }), blade: { halfWidth: 0.21, fullest: 0.5, baseWidth: 0.26, tipPower: 1.5, ruffle: 0.02, ruffleCycles: 3, crease: 0.03 }, growth: { angleDeg: 50, sway: 0.04, flat: 0.5 } })),
    stages: grown, sizesMm: [84, 70, 58], pasteMm: 1, solidity: 0.4, method: 'wired leaf', breakageShare: 0.09, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'laurel', name: 'laurel green', hue: '#4f7146' }],
    white: false, bark: true,
  },
  {
    id: 'box', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'pairs', usual: 9, build: (count, scale) => leafTree('box', { count, scale }), blade: { halfWidth: 0.3, fullest: 0.5, baseWidth: 0.3, tipWidth: 0.3, tipPower: 2 }, growth: { angleDeg: 54, sway: 0.03, flat: 0.5 } })),
    stages: grown, sizesMm: [64, 54, 44], pasteMm: 0.9, solidity: 0.45, method: 'glued leaf', breakageShare: 0.08, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'box', name: 'box green', hue: '#6f9450' }],
    white: false, bark: true,
  },
  {
    id: 'dustyleaf', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'pairs', usual: 3, build: (count, scale) => leafTree('dustyleaf', { count, scale }), blade: { halfWidth: 0.34, fullest: 0.55, baseWidth: 0.3, tipWidth: 0.3, tipPower: 2, lobes: 4, lobeDepth: 0.55, crease: 0.02 }, growth: { angleDeg: 46, sway: 0.03, flat: 0.5 } })),
    stages: grown, sizesMm: [76, 64, 52], pasteMm: 0.8, solidity: 0.4, method: 'wired leaf', breakageShare: 0.14, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'silver', name: 'silver', hue: '#b9c2bb' }],
    white: false,
  },
  {
    id: 'singleleaf', role: 'foliage', habit: 'sprig',
    ...sprigOf(wiredLeaf('oval', 30, 30)),
    stages: grown, sizesMm: [30, 22, 16], pasteMm: 0.8, solidity: 0.5, method: 'wired leaf', breakageShare: 0.08, monthsNorth: [4, 5, 6, 7, 8, 9, 10],
    colourways: [{ id: 'leaf', name: 'leaf green', hue: '#7ca062' }, { id: 'dark', name: 'dark green', hue: '#4f7146' }],
    white: false,
  },
  {
    id: 'oakleaf', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'leaves', usual: 5, build: (count, scale) => leafTree('oakleaf', { count, scale }), blade: { halfWidth: 0.32, fullest: 0.62, baseWidth: 0.16, tipWidth: 0.34, tipPower: 2.2, tipDrop: 0.1, lobes: 4, lobeDepth: 0.5, crease: 0.025, curl: 20 }, growth: { angleDeg: 54, sway: 0.04, flat: 0.5 } })),
    stages: grown, sizesMm: [88, 74, 60], pasteMm: 0.9, solidity: 0.4, method: 'wired leaf', breakageShare: 0.12, monthsNorth: [5, 6, 7, 8, 9, 10, 11],
    colourways: [{ id: 'russet', name: 'russet', hue: '#a8622f' }, { id: 'leaf', name: 'leaf green', hue: '#7b9150' }, { id: 'gold', name: 'gold', hue: '#cf9a3e' }],
    white: false, bark: true,
  },
  {
    id: 'vine', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'arms', usual: 5, build: (count, scale) => arms('vine', { count, scale }), blade: { halfWidth: 0.32, fullest: 0.38, baseWidth: 0.4, tipPower: 1.4, crease: 0.03 }, growth: { angleDeg: 52, sway: 0.07, flat: 0.5 } })),
    stages: grown, sizesMm: [120, 100, 84], pasteMm: 0.8, solidity: 0.3, method: 'wired leaf', breakageShare: 0.12, monthsNorth: [4, 5, 6, 7, 8, 9, 10],
    colourways: [{ id: 'spring', name: 'spring green', hue: '#93ad66' }, { id: 'dark', name: 'dark green', hue: '#5c7a4c' }],
    white: false,
  },
  {
    id: 'ivy', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'leaves', usual: 9, build: (count, scale) => leafTree('ivy', { count, scale }), blade: { halfWidth: 0.45, fullest: 0.36, baseWidth: 0.5, tipWidth: 0.1, tipPower: 1.3, lobes: 2, lobeDepth: 0.4, crease: 0.03 }, growth: { angleDeg: 58, sway: 0.09, flat: 0.5 } })),
    stages: grown, sizesMm: [140, 112, 86], pasteMm: 1, solidity: 0.3, method: 'wired leaf', breakageShare: 0.1, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'ivy', name: 'ivy green', hue: '#54754a' }, { id: 'frost', name: 'frosted', hue: '#9fb39a' }],
    white: false,
  },
  {
    id: 'silverdollar', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'arms', usual: 5, build: (count, scale) => arms('silver dollar', { count, scale }), blade: { halfWidth: 0.44, fullest: 0.5, baseWidth: 0.2, tipWidth: 0.14, tipPower: 2, crease: 0.02 }, growth: { angleDeg: 44, sway: 0.06, flat: 0.5 } })),
    stages: grown, sizesMm: [190, 160, 130], pasteMm: 0.6, solidity: 0.16, method: 'wired leaf', breakageShare: 0.12, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'silver', name: 'silver', hue: '#a9bdb0' }, { id: 'sea', name: 'sea green', hue: '#8fb0a0' }],
    white: false,
  },
  {
    id: 'frothbranch', role: 'filler', habit: 'sprig',
    ...sprigOf(branchingFiller(FILLERS.branch)),
    stages: grown, sizesMm: [163, 138, 112], pasteMm: 0.35, solidity: 0.22, method: 'scrunched', breakageShare: 0.15, monthsNorth: [5, 6, 7, 8, 9],
    colourways: [{ id: 'white', name: 'white', hue: '#f5f1ea' }, { id: 'blush', name: 'blush', hue: '#f0cfd0' }],
    white: false,
  },
  {
    id: 'twofaced', leafOf: 'magnolia', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'leaves', usual: 5, build: (count, scale) => leafTree('two-faced', { count, scale }), blade: { halfWidth: 0.3, fullest: 0.5, baseWidth: 0.24, tipPower: 1.5, crease: 0.035 }, growth: { angleDeg: 50, sway: 0.06, flat: 0.5 }, twoFaced: true })),
    stages: grown, sizesMm: [150, 124, 100], pasteMm: 1.2, solidity: 0.3, method: 'two-faced leaf', breakageShare: 0.08, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'leaf', name: 'leaf green', hue: '#4d6b40' }],
    white: false, bark: true,
  },
  {
    id: 'paperbranch', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafBranch({ counted: 'leaves', usual: 7, build: (count, scale) => leafTree('paper', { count, scale }), blade: { halfWidth: 0.3, fullest: 0.45, baseWidth: 0.2, tipPower: 1.5 }, growth: { angleDeg: 46, sway: 0.08, flat: 0.5 } })),
    stages: grown, sizesMm: [90, 76, 62], pasteMm: 0.5, solidity: 0.25, method: 'paper leaf', breakageShare: 0.08, monthsNorth: [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12],
    colourways: [{ id: 'cream', name: 'cream', hue: '#efe6cf' }, { id: 'sea', name: 'sea green', hue: '#9dbcae' }],
    white: false,
  },
  {
    id: 'heartleaf', role: 'foliage', habit: 'sprig', ...sprigOf(wiredLeaf('heart', 44, 26)),
    stages: grown, sizesMm: [44, 36, 28], pasteMm: 1, solidity: 0.4, method: 'wired leaf', breakageShare: 0.08, monthsNorth: [4, 5, 6, 7, 8, 9, 10],
    colourways: [{ id: 'leaf', name: 'leaf green', hue: '#7ca062' }, { id: 'dark', name: 'dark green', hue: '#4f7146' }],
    white: false,
  },
  {
    id: 'mapleleaf', role: 'foliage', habit: 'sprig', ...sprigOf(wiredLeaf('maple', 52, 26)),
    stages: grown, sizesMm: [52, 44, 34], pasteMm: 1, solidity: 0.4, method: 'wired leaf', breakageShare: 0.1, monthsNorth: [4, 5, 6, 7, 8, 9, 10, 11],
    colourways: AUTUMN,
    white: false,
  },
  {
    id: 'leafgroup', leafOf: 'bramble', role: 'foliage', habit: 'sprig',
    ...sprigOf(leafGroupOf((scale) => leafGroup(scale, { join: 'itself' }), 38, { halfWidth: 0.36, fullest: 0.4, baseWidth: 0.4, serration: 0.12, serrationCount: 9, crease: 0.03 })),
    stages: grown, sizesMm: [38, 32, 26], pasteMm: 1, solidity: 0.4, method: 'wired leaf', breakageShare: 0.1, monthsNorth: [4, 5, 6, 7, 8, 9, 10],
    colourways: [{ id: 'leaf', name: 'leaf green', hue: '#6f9156' }, { id: 'bronze', name: 'bronze', hue: '#7f6a4a' }],
    white: false,
  },
  { ...LOOSE, id: 'looseleaf', ...looseOf('oval', 45), sizesMm: [45, 36, 28], colourways: AUTUMN },
  { ...LOOSE, id: 'looseoak', ...looseOf('oak', 52), sizesMm: [52, 42, 32], colourways: AUTUMN },
  { ...LOOSE, id: 'loosemaple', ...looseOf('maple', 48), sizesMm: [48, 38, 30], colourways: AUTUMN },
  { ...LOOSE, id: 'looseivy', ...looseOf('ivy', 40), sizesMm: [40, 32, 24], colourways: [{ id: 'ivy', name: 'ivy green', hue: '#54754a' }, { id: 'frost', name: 'frosted', hue: '#9fb39a' }] },
  { ...LOOSE, id: 'looseheart', ...looseOf('heart', 40), sizesMm: [40, 32, 24], colourways: AUTUMN },
  {
    ...LOOSE, id: 'tinyleaf', ...sprigOf(oneLeaf({ build: pressedLeaf, longMm: 9, blade: CUTS.oval.blade })),
    stages: grown, sizesMm: [9, 8, 7], method: 'pressed leaf', breakageShare: 0.05,
    colourways: [{ id: 'leaf', name: 'leaf green', hue: '#7ca062' }],
  },
  {
    id: 'fivespray', role: 'filler', habit: 'sprig',
    ...sprigOf(floretSpike({ build: spikeOf('five'), petals: 5, lines: ['buds', 'opening', 'open'] })),
    stages: [{ id: 'bud', name: 'bud', open: 0.1, sizeShare: 0.85, role: 'bud' }, { id: 'half', name: 'half-open', open: 0.5, sizeShare: 0.95 }, { id: 'open', name: 'open', open: 1, sizeShare: 1 }],
    sizesMm: [64, 54, 46], pasteMm: 0.6, solidity: 0.5, method: 'pulled cluster', breakageShare: 0.14, monthsNorth: [3, 4, 5],
    colourways: [{ id: 'white', name: 'white', hue: '#f4ece6', second: '#e7d79a' }, { id: 'pink', name: 'pink', hue: '#f1c9d2', second: '#c85a78' }],
    white: false, bark: true,
  },
];
