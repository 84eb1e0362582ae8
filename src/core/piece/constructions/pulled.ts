import type { Part } from '../part';
import { ball, line, so } from './build';
import { centre, head, type FlowerStage } from './headParts';

interface Pulled {
  swg: number;
  /** the ball before it is opened, and how wide the flower is then, by stage */
  ballMm: Readonly<Record<FlowerStage, number>>;
  wideMm: Readonly<Record<FlowerStage, number>>;
}

/** Small flowers opened from a ball on the fingers; what is pinched off is 15 in 100. Sizes of the own study. */
const PULLED = {
  blossom: { swg: 28, ballMm: { bud: 8, half: 10, open: 12 }, wideMm: { bud: 9.7, half: 18, open: 24 } },
  bellflower: { swg: 26, ballMm: { bud: 9, half: 11, open: 13 }, wideMm: { bud: 11.3, half: 21, open: 28 } },
  forgetmenot: { swg: 22, ballMm: { bud: 5, half: 7, open: 9 }, wideMm: { bud: 6.3, half: 12, open: 16 } },
  jasmine: { swg: 28, ballMm: { bud: 8, half: 9.5, open: 11 }, wideMm: { bud: 9.7, half: 18, open: 24 } },
} as const satisfies Readonly<Record<string, Pulled>>;

export type PulledId = keyof typeof PULLED;
export const PULLED_IDS = Object.keys(PULLED) as readonly PulledId[];

const KEPT = 0.85;
const DOT_MM = 1.5;
const WORK = { bud: 'bud-tiny', half: 'floret-half', open: 'floret-pulled' } as const;

export function pulled(id: PulledId, stage: FlowerStage, scale = 1): Part {
  const { swg, ballMm, wideMm }: Pulled = PULLED[id];
  const flower = line({
    id: 'flower',
    kind: stage === 'bud' ? 'bud' : 'floret',
    many: so(1, ballMm[stage] * scale),
    form: ball('main', KEPT),
    join: 'on wire',
    work: [WORK[stage]],
  });
  return head(swg, wideMm[stage] * scale, stage === 'open' ? [flower, centre(DOT_MM, 'dot')] : [flower], 'dust-tiny');
}
