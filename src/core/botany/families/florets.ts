import { TAU, lerp } from '../../geometry/numbers';
import type { Random } from '../../geometry/random';
import type { MeshBuilder } from '../shape/mesh';
import { petalPaint, shade } from '../shape/paint';
import { petal, type PetalShape } from '../shape/petal';
import type { Hues, Part } from '../shape/recipe';
import { addSheet } from '../shape/sheet';
import { addBall, three } from '../shape/solids';
import { seatOf } from './stalks';

/** One of the few petals of a floret, in radii of the floret. */
const FLORET_PETAL: PetalShape = petal({
  length: 1,
  halfWidth: 0.5,
  offset: 0.05,
  open: 78,
  curl: 4,
  cup: 16,
  fullest: 0.58,
  baseWidth: 0.3,
  tipWidth: 0.58,
  tipDrop: 0.2,
  skew: 0.15,
});

/** A closed floret is a ball of this share of the open one's radius, drawn out by this much. */
const BUD_SHARE = 0.5;
const BUD_STRETCH = 1.3;

interface AddFloretOptions {
  b: MeshBuilder;
  part: Part;
  petals: number;
  hues: Hues;
  random: Random;
}

/** A floret of a spike or a cluster: closed it is a drawn-out ball, open it has its petals. */
export function addFloret({ b, part, petals, hues, random }: AddFloretOptions): void {
  const map = seatOf(part);
  if (part.name === 'bud') {
    const colours = three(shade(hues.hue, -0.1), hues.hue, shade(hues.hue, 0.25));
    addBall({ b, map, radius: BUD_SHARE, detail: b.coarse ? [4, 2] : [8, 5], colours, squash: BUD_STRETCH });
    return;
  }
  const paint = petalPaint(hues.hue, { inner: undefined, outer: undefined });
  const shape = { ...FLORET_PETAL, open: lerp(28, FLORET_PETAL.open, part.open) };
  for (let k = 0; k < petals; k++)
    addSheet({
      builder: b,
      map,
      azimuthRad: (k * TAU) / petals + random() * 0.2,
      shape,
      grid: b.coarse ? [1, 1] : [2, 3],
      look: {
        paint,
        ring: 1,
        phase: 0,
        jitter: (random() - 0.5) * 0.1,
      },
    });
  if (!b.coarse)
    addBall({ b, map, radius: 0.16, detail: [6, 3], colours: three(shade(hues.second ?? hues.hue, -0.2)), squash: 1 });
}
