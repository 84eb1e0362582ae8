import type { Part } from '../part';
import type { Work } from '../work';
import { calyx, cone, gluedRing, head, type FlowerStage } from './headParts';

interface Ring {
  count: number;
  longMm: number;
  widthShare: number;
  work: Work;
}

/** A head of petals that are glued ring on ring to a dry cone. Sizes are those of the largest that is made; own study, starting values. */
interface Layered {
  swg: number;
  coneMm: number;
  petalThickMm: number;
  rings: readonly Ring[];
  /** a threaded star at the back, across; none where null */
  calyxMm: number | null;
  /** how many rings a stage has, and how wide it is then */
  stages: Readonly<Record<FlowerStage, { rings: number; wideMm: number }>>;
}

const small = (count: number, longMm: number, widthShare: number): Ring => ({ count, longMm, widthShare, work: 'petal-small' });
const glued = (count: number, longMm: number, widthShare: number): Ring => ({ count, longMm, widthShare, work: 'petal-glued' });

/** A bud is as wide as 0.4 of the open flower, half-open 0.7. Own study. */
const opening = (wideMm: number, rings: readonly [bud: number, half: number, open: number]): Layered['stages'] => ({
  bud: { rings: rings[0], wideMm: 0.4 * wideMm },
  half: { rings: rings[1], wideMm: 0.7 * wideMm },
  open: { rings: rings[2], wideMm },
});

export const LAYERED = {
  dahlia: {
    ...{ swg: 20, coneMm: 18, petalThickMm: 0.6, calyxMm: null, stages: opening(78, [2, 4, 5]) },
    rings: [small(14, 13, 0.5), small(16, 18, 0.45), small(20, 23, 0.42), small(22, 28, 0.42), small(24, 32, 0.42)],
  },
  rose: {
    ...{ swg: 20, coneMm: 14, petalThickMm: 0.6, calyxMm: 34, stages: opening(68, [2, 4, 5]) },
    rings: [glued(3, 28, 0.9), glued(6, 30, 0.9), glued(6, 33, 0.9), glued(6, 36, 0.9), glued(6, 38, 1)],
  },
  manyrose: {
    ...{ swg: 20, coneMm: 14, petalThickMm: 0.6, calyxMm: 32, stages: opening(62, [2, 3, 5]) },
    rings: [glued(3, 24, 0.9), glued(5, 27, 0.95), glued(5, 30, 0.95), glued(7, 32, 1), glued(7, 34, 1.05)],
  },
  sprayrose: {
    ...{ swg: 24, coneMm: 8, petalThickMm: 0.5, calyxMm: 18, stages: opening(40, [1, 2, 3]) },
    rings: [glued(3, 15, 0.95), glued(5, 18, 1), glued(5, 21, 1.05)],
  },
  marigold: {
    ...{ swg: 22, coneMm: 16, petalThickMm: 0.5, calyxMm: 18, stages: opening(50, [1, 2, 3]) },
    rings: [small(12, 14, 0.8), small(16, 16, 0.8), small(18, 19, 0.8)],
  },
  ranunculus: {
    ...{ swg: 22, coneMm: 17, petalThickMm: 0.5, calyxMm: 18, stages: opening(48, [2, 3, 4]) },
    rings: [glued(8, 15, 1), small(10, 19, 1), small(10, 23, 1), small(12, 26, 1)],
  },
  camellia: {
    ...{ swg: 20, coneMm: 14, petalThickMm: 0.7, calyxMm: 26, stages: opening(70, [2, 3, 4]) },
    rings: [glued(8, 20, 1), small(10, 25, 1), small(12, 30, 0.95), small(12, 33, 0.95)],
  },
  chrysanthemum: {
    ...{ swg: 20, coneMm: 18, petalThickMm: 0.6, calyxMm: null, stages: opening(74, [2, 3, 4]) },
    rings: [small(16, 18, 0.3), small(20, 24, 0.28), small(22, 29, 0.26), small(24, 33, 0.26)],
  },
  lisianthus: {
    ...{ swg: 22, coneMm: 9, petalThickMm: 0.5, calyxMm: 22, stages: opening(52, [1, 2, 3]) },
    rings: [glued(4, 26, 0.9), glued(5, 30, 0.9), glued(5, 34, 0.9)],
  },
  zinnia: {
    ...{ swg: 22, coneMm: 12, petalThickMm: 0.6, calyxMm: null, stages: opening(52, [1, 2, 3]) },
    rings: [small(14, 14, 0.5), small(16, 19, 0.45), small(18, 23, 0.45)],
  },
} as const satisfies Readonly<Record<string, Layered>>;

/** The tree of a layered head in a stage. Another size multiplies petals, cone and calyx, and neither counts nor thickness. */
export function layered(id: keyof typeof LAYERED, stage: FlowerStage, scale = 1): Part {
  const spec: Layered = LAYERED[id];
  const { rings, wideMm } = spec.stages[stage];
  const petals = spec.rings
    .slice(0, rings)
    .map(({ count, longMm, widthShare, work }, i) =>
      gluedRing({ place: i + 1, count, longMm: longMm * scale, widthShare, thickMm: spec.petalThickMm }, work),
    );
  const back = spec.calyxMm === null ? [] : [calyx(spec.calyxMm * scale)];
  return head(spec.swg, wideMm * scale, [cone(spec.coneMm * scale), ...petals, ...back]);
}
