import type { Random } from '../../geometry/random';
import { addScaled } from '../../geometry/vec3';
import type { MeshBuilder } from '../shape/mesh';
import { hexToLinear, shade } from '../shape/paint';
import type { Hues, Part } from '../shape/recipe';
import { addBall, three } from '../shape/solids';
import { addFloret } from './florets';
import { addLeaf, addStalk, leafBlade, leafPaint, seatOf } from './stalks';

const LEAF_HUE = '#7ca062';
const BLADE = leafBlade({ halfWidth: 0.3, open: 80, fullest: 0.42, baseWidth: 0.3 });
const STALK = hexToLinear('#86a06c');

/** Whether a part is a thing that is made, and not what carries some. */
export const isMadeThing = ({ name }: Pick<Part, 'name'>): boolean =>
  name === 'leaf' || name === 'berry' || name === 'floret' || name === 'bud';

/** A leaf, berry, bud or floret that a person has put on a sprig which has none of its kind by itself. */
export function addOther(b: MeshBuilder, part: Part, hues: Hues, random: Random): void {
  if (!b.coarse) addStalk(b, part, 0.006, [STALK, STALK]);
  if (part.name === 'leaf') return addLeaf({ b, part, blade: BLADE, paint: leafPaint({ hue: LEAF_HUE }), random });
  if (part.name !== 'berry') return addFloret({ b, part, petals: 5, hues, random });
  const hue = hues.second ?? hues.hue;
  const map = seatOf({ ...part, at: addScaled(part.at, part.along, part.size) });
  const colours = three(shade(hue, -0.16), hue, shade(hue, 0.16));
  addBall({ b, map, radius: 1, detail: b.coarse ? [5, 3] : [10, 6], colours, whole: true });
}
