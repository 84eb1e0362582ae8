import { must } from '../geometry/must';
import { degToRad } from '../geometry/numbers';
import { expand, spanMm, type Instance } from './expand';
import { isCarrier, type Part } from './part';

type Point = readonly [xMm: number, yMm: number];

/** A part as it is seen from the side, mm: the tip of the piece at 0, its foot to the right, up is less. */
export interface SideMark {
  id: string;
  partId: string;
  kind: Part['kind'];
  /** where its stalk leaves what carries it, where it begins, and its end */
  joins: Point;
  at: Point;
  end: Point;
  wideMm: number;
  /** it lies behind what carries it */
  behind: boolean;
}

export interface SideView {
  marks: SideMark[];
  /** from the tip to the last joint on the piece’s own wire */
  spanMm: number;
  /** joints on the piece’s own wire from the tip down */
  joints: number[];
  /** all that is drawn, from the left and the top */
  box: { left: number; right: number; top: number; bottom: number };
}

/** How far parts lean out from what carries them; the last one goes on as that does. */
const LEAN_RAD = degToRad(58);
/** What points at the eye is not drawn shorter than this share. */
const LEAST_SHARE = 0.45;
/** Gathered parts fan out to both sides. */
const FAN_RAD = degToRad(52);

const plus = ([x, y]: Point, [u, v]: Point, by: number): Point => [x + u * by, y + v * by];

interface Way {
  along: Point;
  share: number;
  behind: boolean;
}

/** The direction of a part against that of its carrier. */
function wayOf(c: Instance, dir: Point, alone: boolean): Way {
  const siblings = must(c.within).carries.filter((x) => x.atMm === c.atMm);
  const turned = (lean: number): Point => {
    const [cos, sin] = [Math.cos(lean), Math.sin(lean)];
    return [dir[0] * cos - dir[1] * sin, dir[0] * sin + dir[1] * cos];
  };
  if (c.part.join === 'gathered' || (c.part.habit.by === 'together' && siblings.length > 1)) {
    const i = siblings.indexOf(c);
    return { along: turned(siblings.length > 1 ? FAN_RAD * ((2 * i) / (siblings.length - 1) - 1) : 0), share: 1, behind: false };
  }
  if (alone) return { along: dir, share: 1, behind: false };
  const turn = c.turnRad + Math.PI / 4;
  const side = Math.cos(turn);
  const flat = Math.hypot(Math.cos(LEAN_RAD), Math.sin(LEAN_RAD) * side);
  const lean = Math.atan2(Math.sin(LEAN_RAD) * side, Math.cos(LEAN_RAD));
  return { along: turned(lean), share: Math.max(LEAST_SHARE, flat), behind: Math.sin(turn) < 0 };
}

const wideOf = ({ part, sizeMm }: Instance): number =>
  part.form?.as === 'sheet' ? sizeMm * Math.min(1, part.form.widthShare) : sizeMm;

/** What a tree carries, seen from the side at true size; of what no carrier carries there is nothing to see. Throws for too much of it. */
export function sideView(tree: Part): SideView {
  const root = must(expand(tree)[0]);
  const marks: SideMark[] = [];
  const grow = (at: Instance, tip: Point, dir: Point): void => {
    for (const c of at.carries) {
      const joins = plus(tip, dir, -c.atMm);
      const alone = c.atMm === 0 && at.carries.filter((x) => x.atMm === 0).length === 1;
      const { along, share, behind } = wayOf(c, dir, alone);
      const stalk = c.part.on.by === 'wire' ? c.part.on.stalkMm : 0;
      const carrier = isCarrier(c.part);
      const foot = plus(joins, along, stalk * share);
      const end = plus(foot, along, (carrier ? spanMm(c) : c.sizeMm) * share);
      marks.push({ id: c.id, partId: c.part.id, kind: c.part.kind, joins, at: foot, end, wideMm: carrier ? 0 : wideOf(c), behind }); // prettier-ignore
      if (carrier) grow(c, end, along);
      else if (c.part.kind === 'leaf' && c.carries.length > 0) grow(c, foot, along);
    }
  };
  if (isCarrier(tree)) grow(root, [0, 0], [-1, 0]);
  const xs = marks.flatMap((m) => [m.end[0] - m.wideMm / 2, m.end[0] + m.wideMm / 2, m.at[0]]);
  const ys = marks.flatMap((m) => [m.end[1] - m.wideMm / 2, m.end[1] + m.wideMm / 2]);
  const span = spanMm(root);
  return {
    marks,
    spanMm: span,
    joints: [...new Set(root.carries.map((c) => c.atMm))].sort((a, b) => a - b),
    box: { left: Math.min(0, ...xs), right: Math.max(span, ...xs), top: Math.min(-4, ...ys), bottom: Math.max(4, ...ys) },
  };
}
