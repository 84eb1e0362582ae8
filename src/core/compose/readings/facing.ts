import { clamp, mean } from '../../geometry/numbers';
import { dot, length, type Vec3 } from '../../geometry/vec3';
import { MOST_TILT_RAD } from '../../botany/catalogue';
import { pieceRef } from '../names';
import type { PlacedPiece } from '../placement';
import type { Measured } from '../measures';
import type { ReadingMaker, Remedy } from '../reading';
import { must } from '../../geometry/must';

/** Two neighbouring faces nearer than this look the same way. 0.42 rad, about 24°. */
const SAME_WAY_RAD = 0.42;

/** For each face the angle to its nearest neighbour's, among the two nearest. */
const neighbourAngles = ({ faces, nearest }: Measured): number[] =>
  faces.map(({ axis }, i) => {
    const own = must(nearest[i]);
    if (own.length === 0) return SAME_WAY_RAD;
    const alike = Math.max(dot(axis, must(faces[must(own[0]).j]).axis), own[1] ? dot(axis, must(faces[own[1].j]).axis) : -1);
    return Math.acos(Math.min(1, alike));
  });

/** Fans the faces that agree with a neighbour away from the focal point and from the middle of the line. */
function fanOut(same: readonly PlacedPiece[], focalAt: number): Remedy | null {
  const free = same.filter((p) => !p.piece.pinned);
  if (free.length === 0) return null;
  return {
    label: { code: 'remedy.turn', values: { count: free.length } },
    change: free.map((p, i) => {
      const away = Math.atan2(p.piece.side || 0.2, (p.piece.s - focalAt) * 2 || 0.2);
      const tilt = clamp(MOST_TILT_RAD[p.body.role] * (0.45 + 0.4 * ((i * 0.618) % 1)), 0.12, MOST_TILT_RAD[p.body.role]);
      return { id: p.piece.id, to: { tiltRad: tilt, headingRad: away + ((i % 3) - 1) * 0.7 } };
    }),
    add: [],
    remove: [],
  };
}

function sumOfAxes(faces: readonly PlacedPiece[]): Vec3 {
  let [x, y, z] = [0, 0, 0];
  for (const { axis } of faces) {
    x += axis[0];
    y += axis[1];
    z += axis[2];
  }
  return [x, y, z];
}

/** Never all facing one way: each head looks a little elsewhere, and none is seen from behind (docs/trade.md C2). */
export const facing: ReadingMaker = (scene) => {
  const faces = scene.faces;
  const together = faces.length ? length(sumOfAxes(faces)) / faces.length : 1;
  const angles = neighbourAngles(scene);
  const apart = mean(angles.map((rad) => clamp(rad / SAME_WAY_RAD)));
  const shown = mean(scene.faceStanding.map((at) => at.shown));
  const score = faces.length < 2 ? 1 : 0.3 * clamp((1 - together) / 0.1) + 0.45 * clamp(apart / 0.72) + 0.25 * shown;
  const same = faces.filter((_, i) => must(angles[i]) < SAME_WAY_RAD * 0.5);
  return {
    id: 'facing',
    score: 100 * score,
    lean: clamp((together - 0.82) * 5, -1, 1),
    numbers: { faces: faces.length, sameWay: same.length, togetherShare: together },
    why:
      same.length > 0 && score < 0.9
        ? { code: 'reading.facing.alike', values: { count: same.length, piece: pieceRef(must(same[0])) } }
        : { code: 'reading.facing.level', values: {} },
    remedy: score < 0.9 ? () => fanOut(same, scene.line.focal) : null,
    place: null,
  };
};
