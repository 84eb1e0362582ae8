import { degToRad, GOLDEN_ANGLE_RAD } from '../../geometry/numbers';
import { addScaled, normalize, type Vec3 } from '../../geometry/vec3';
import { must } from '../../geometry/must';
import { expand, spanMm, type Instance } from '../../piece/expand';
import { BARE_FOOT_MM, longMm } from '../../piece/long';
import { isCarrier, type Part as MadePart } from '../../piece/part';
import type { Part } from '../shape/recipe';
import { leaving } from './stalks';

/** How the parts of a sprig lean out and how its carrier runs; the rest is as its tree has it. */
export interface Growth {
  /** between a part and its carrier at the foot and at the tip, degrees */
  angleDeg: number | readonly [low: number, high: number];
  /** how far the carrier swings aside, in lengths of the branch */
  sway?: number;
  /** under 1 for what is pressed flat as it lies on a cake, nothing of it to the back */
  flat?: number;
  /** how far each is open, or ripe */
  openOf?: (at: Instance) => number;
}

const NAMES: Readonly<Partial<Record<MadePart['kind'], Part['name']>>> = {
  leaf: 'leaf',
  berry: 'berry',
  floret: 'floret',
  bud: 'bud',
};

/** A point and direction of a gently swaying carrier at t 0 foot … 1 tip. */
export function carrierAt(t: number, sway: number): { point: Vec3; direction: Vec3 } {
  const point: Vec3 = [sway * Math.sin(t * Math.PI * 0.9), sway * 0.6 * t * t, t];
  return { point, direction: normalize([sway * Math.PI * 0.9 * Math.cos(t * Math.PI * 0.9), sway * 1.2 * t, 1]) };
}

/** A scrap that is gathered from a disc stands so far out from its middle, of the disc's width. Assumed. */
const FRILLED = 0.6;

/** Of a part that is drawn by its radius: a ball by half, an opened floret twice as wide as the ball it is pulled from. */
function drawnSize({ part, sizeMm }: Instance): number {
  if (part.kind === 'leaf') return sizeMm;
  if (part.form?.as === 'sheet') return sizeMm * FRILLED;
  return part.kind === 'berry' ? sizeMm / 2 : sizeMm;
}

/** A ball that is glued to its carrier sits beside it and not in it, mm from its middle. */
const besideMm = ({ part, sizeMm }: Instance): number =>
  part.join === 'glued' && part.form?.as === 'ball' ? sizeMm / 2 + 0.5 : 0;

/** The gathered florets of a cluster spread to a shallow dome over their joint. */
const SPREAD = 0.95;
/** The last part of a carrier goes on as the carrier does, leaning a little. */
const TIP_LEAN_RAD = 0.1;

interface Carrier {
  at: Instance;
  /** its point and direction at so many mm below its tip */
  along: (belowMm: number) => { point: Vec3; direction: Vec3 };
  level: 0 | 1 | 2;
}

/** Everything that a tree carries, placed in lengths of the whole with its foot at 0; null for a tree without a carrier. */
export function laidOut(tree: MadePart, growth: Growth): { parts: Part[]; tipZ: number } {
  const root = must(expand(tree)[0]);
  const unit = longMm(root);
  const sway = growth.sway ?? 0;
  const tipZ = (BARE_FOOT_MM + spanMm(root)) / unit;
  const parts: Part[] = [];
  const grow = ({ at, along, level }: Carrier): void => {
    const last = Math.max(1, spanMm(at));
    for (const c of at.carries) {
      const { point, direction } = along(c.atMm);
      const way = wayOf(c, { direction, share: c.atMm / last, growth });
      const stalk = (c.part.on.by === 'wire' ? c.part.on.stalkMm : besideMm(c)) / unit;
      if (isCarrier(c.part)) {
        const long = stalk + spanMm(c) / unit;
        const end = addScaled(point, way, long);
        parts.push({ name: c.part.kind === 'arm' ? (hasClusters(tree) ? 'side branch' : 'arm') : 'twig', level, joins: point, at: end, along: way, size: 0, open: 1 }); // prettier-ignore
        const below = (mm: number) => ({ point: addScaled(end, way, -mm / unit), direction: way });
        grow({ at: c, along: below, level: Math.min(2, level + 1) as 0 | 1 | 2 });
        continue;
      }
      const name = NAMES[c.part.kind];
      if (!name) continue;
      const below = (mm: number) => ({ point: addScaled(point, way, stalk - mm / unit), direction: way });
      if (c.part.kind === 'leaf' && c.carries.length > 0)
        grow({ at: c, along: below, level: Math.min(2, level + 1) as 0 | 1 | 2 });
      parts.push({
        name,
        level,
        joins: point,
        at: addScaled(point, way, stalk),
        along: way,
        size: drawnSize(c) / unit,
        open: growth.openOf?.(c) ?? 1,
      });
    }
  };
  const along = (belowMm: number) => carrierAt(tipZ - belowMm / unit, sway);
  grow({ at: root, along, level: 0 });
  return { parts, tipZ };
}

const hasClusters = (part: MadePart): boolean => part.kind === 'cluster' || part.parts.some(hasClusters);

/** The direction of a part: gathered ones fan out, the last of a line goes on, the others lean to their side. */
function wayOf(c: Instance, { direction, share, growth }: { direction: Vec3; share: number; growth: Growth }): Vec3 {
  const flat = growth.flat ?? 1;
  if (c.part.join === 'gathered') {
    const n = must(c.within).carries.filter((x) => x.part.join === 'gathered').length;
    const index = must(c.within).carries.indexOf(c);
    const out = SPREAD * Math.sqrt((index + 0.5) / n);
    return leaving(direction, index * GOLDEN_ANGLE_RAD, out);
  }
  if (c.atMm === 0 && c.node === 0 && isCarrier(must(c.within).part) && !doubled(c))
    return leaving(direction, 1, TIP_LEAN_RAD, flat);
  const [low, high] = typeof growth.angleDeg === 'number' ? [growth.angleDeg, growth.angleDeg] : growth.angleDeg;
  const azimuth = c.turnRad + HALF_ASIDE;
  // what would point into the cake is bent up to the face, which looks along −y
  const turned = flat < 1 && Math.sin(azimuth) > 0 ? -azimuth : azimuth;
  return leaving(direction, turned, degToRad(low * share + high * (1 - share)), flat);
}

/** Turned aside, so that no pair points straight at the eye. */
const HALF_ASIDE = Math.PI / 4;

/** Whether a part shares its node with another of its line. */
const doubled = (c: Instance): boolean => must(c.within).carries.some((x) => x !== c && x.part === c.part && x.node === c.node);
