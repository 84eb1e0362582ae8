import type { Part } from '../part';
import type { Work } from '../work';
import { calyx, centre, cone, cutFlower, head, type FlowerStage } from './headParts';

interface DaisyStage {
  wideMm: number;
  acrossMm: number;
  /** a bud is cut round a cone, an open flower has its centre pressed on */
  middleMm: number;
  layers?: number;
}

interface Daisy {
  swg: number;
  thickMm: number;
  stages: Readonly<Record<FlowerStage, DaisyStage>>;
}

const at = (wideMm: number, acrossMm: number, middleMm: number, layers = 1): DaisyStage => ({
  wideMm,
  acrossMm,
  middleMm,
  layers,
});

/** Flowers cut in one piece; sizes at the largest that is made, own study. The sunflower's are common practice, no source. */
const DAISIES = {
  cosmos: { swg: 24, thickMm: 0.6, stages: { bud: at(9.3, 16.2, 5.6), half: at(22.7, 30.6, 6), open: at(32.7, 36, 7) } },
  aster: { swg: 26, thickMm: 0.6, stages: { bud: at(10.7, 13.5, 5.6), half: at(21.7, 25.5, 6), open: at(30, 30, 7, 2) } },
  sunflower: {
    ...{ swg: 20, thickMm: 0.7 },
    stages: { bud: at(26.7, 34.2, 12.8), half: at(54.7, 64.6, 13.6), open: at(76, 76, 16, 2) },
  },
  gerbera: {
    ...{ swg: 22, thickMm: 0.6 },
    stages: { bud: at(20.3, 26.1, 8.8), half: at(41.7, 49.3, 9.4, 1.5), open: at(58, 58, 11, 2.5) },
  },
  daisy: { swg: 26, thickMm: 0.6, stages: { bud: at(11.3, 14.4, 6.4), half: at(23, 27.2, 6.8), open: at(32, 32, 8) } },
} as const satisfies Readonly<Record<string, Daisy>>;

export type DaisyId = keyof typeof DAISIES;
export const DAISY_IDS = Object.keys(DAISIES) as readonly DaisyId[];

export function daisy(id: DaisyId, stage: FlowerStage, scale = 1): Part {
  const { swg, thickMm, stages }: Daisy = DAISIES[id];
  const { wideMm, acrossMm, middleMm, layers = 1 } = stages[stage];
  const more = Array.from({ length: Math.ceil(layers) - 1 }, (): Work => 'layer-more');
  const flower = cutFlower('daisy', 1, acrossMm * scale, { thickMm, layers, work: ['flower-cut', ...more] });
  const parts = stage === 'bud' ? [cone(middleMm * scale), flower] : [flower, centre(middleMm * scale)];
  return head(swg, wideMm * scale, parts);
}

interface CutRings {
  swg: number;
  coneMm: number;
  ringsMm: readonly number[];
  calyxMm: number;
  stages: Readonly<Record<FlowerStage, { wideMm: number; rings: number; calyx: boolean }>>;
}

/** Flowers of rings that one five-petalled cutter gives, each larger than the one inside; own study. */
const CUT_RINGS = {
  carnation: {
    ...{ swg: 22, coneMm: 9, ringsMm: [38, 44, 50, 52], calyxMm: 20 },
    stages: {
      bud: { wideMm: 20, rings: 2, calyx: true },
      half: { wideMm: 35, rings: 3, calyx: true },
      open: { wideMm: 50, rings: 4, calyx: true },
    },
  },
  minirose: {
    ...{ swg: 26, coneMm: 8, ringsMm: [24, 28], calyxMm: 14 },
    stages: {
      bud: { wideMm: 9, rings: 0, calyx: false },
      half: { wideMm: 13, rings: 1, calyx: false },
      open: { wideMm: 20, rings: 2, calyx: true },
    },
  },
} as const satisfies Readonly<Record<string, CutRings>>;

export type CutRingsId = keyof typeof CUT_RINGS;

export function cutRings(id: CutRingsId, stage: FlowerStage, scale = 1): Part {
  const { swg, coneMm, ringsMm, calyxMm, stages }: CutRings = CUT_RINGS[id];
  const { wideMm, rings, calyx: hasCalyx } = stages[stage];
  const cut = ringsMm
    .slice(0, rings)
    .map((mm, i) => cutFlower('five-petal', i + 1, mm * scale, { thickMm: 0.5, work: ['petals-one-cutter'] }));
  return head(swg, wideMm * scale, [cone(coneMm * scale), ...cut, ...(hasCalyx ? [calyx(calyxMm * scale)] : [])]);
}
