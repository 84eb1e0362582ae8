import type { Cake } from '../cake/cake';
import { degToRad, lerp } from '../geometry/numbers';
import { distance, dot } from '../geometry/vec3';
import type { Random } from '../geometry/random';
import type { Arrangement, Piece } from './arrangement';
import { Measures, type Measured } from './measures';
import { exchanged, nudged, type NudgeKind } from './nudge';
import { overallScore, readMeasured } from './readBalance';
import type { PlacedPiece } from './placement';
import { buildScene } from './scene';
import type { Catalogue } from '../botany/catalogue';
import { must } from '../geometry/must';

/** Tries for one piece, and at the most for all together: reading costs the more, the more pieces there are. */
const TRIES_EACH = 16;
const MOST_TRIES = 320;
const KINDS: readonly NudgeKind[] = ['slide', 'slide', 'turn', 'lift'];
const EXCHANGE_SHARE = 0.12;

const CLEAN = { stops: 0, looks: 0, first: null };

/** How hard anything presses, in mm: on another piece, into the cake, onto the lettering. */
const pressMm = ({ clashes, intoCake, intoLettering }: Measured): number => {
  let mm = 0;
  for (const clash of clashes) mm = Math.max(mm, clash.mm);
  for (const into of intoCake) mm = Math.max(mm, into);
  for (const into of intoLettering) mm = Math.max(mm, into);
  return mm;
};

/** Large heads side by side never look the same way: nearer than this, larger than this, and within 12° (and a little). */
const BESIDE_MM = 6;
const LARGE_RADIUS_MM = 18;
const SAME_WAY_COS = Math.cos(degToRad(12.5));
/** What one such pair takes off, so that it is mended before anything else is. */
const ALIKE_POINTS = 6;

/** The lighter ones of large heads side by side that look the same way. */
function alikeFaces({ faces }: Measured): PlacedPiece[] {
  const large = faces.filter((p) => p.body.radialMm > LARGE_RADIUS_MM);
  const alike: PlacedPiece[] = [];
  for (let i = 0; i < large.length; i++)
    for (let j = i + 1; j < large.length; j++) {
      const [p, q] = [must(large[i]), must(large[j])];
      const near = p.body.radialMm + q.body.radialMm + BESIDE_MM;
      if (dot(p.axis, q.axis) > SAME_WAY_COS && distance(p.centre, q.centre) < near)
        alike.push(p.piece.pinned || p.body.massGrams > q.body.massGrams ? q : p);
    }
  return alike;
}

const worthOf = (measures: Measures): number =>
  overallScore(readMeasured(measures, CLEAN, false)) - ALIKE_POINTS * alikeFaces(measures).length;

/**
 * The last touch, by the readings themselves: small changes that are kept when the balance reads better and nothing presses
 * harder. The search before it goes by costs that are quick to reckon and only stand for the readings. Yields how far it is from
 * time to time; the same seed gives the same result. Never worse than what it was given.
 */
export function* finePolish(
  cake: Cake,
  arrangement: Arrangement,
  { random, effort, catalogue }: { random: Random; effort: number; catalogue: Catalogue },
): Generator<{ share: number; pieces: readonly Piece[] }, Piece[]> {
  const scene = buildScene(cake, arrangement, catalogue);
  let pieces = [...arrangement.pieces];
  if (!scene || pieces.length < 2) return pieces;
  const measures = new Measures(scene);
  let best = worthOf(measures);
  let press = pressMm(measures);
  const tries = Math.round(Math.min(MOST_TRIES, TRIES_EACH * pieces.length) * effort);
  const show = (changed: Piece[]) => measures.follow({ ...arrangement, pieces: changed });
  for (let t = 0; t < tries; t++) {
    const changed = changedOnce(measures, pieces, lerp(0.7, 0.15, t / tries), random);
    if (!changed) continue;
    if (!show(changed)) break;
    const pressed = pressMm(measures);
    const score = pressed <= Math.max(press, 0.5) ? worthOf(measures) : -Infinity;
    if (score > best) {
      best = score;
      press = pressed;
      pieces = changed;
    } else show(pieces);
    if (t % 40 === 39) yield { share: t / tries, pieces };
  }
  return pieces;
}

function changedOnce(measured: Measured, pieces: readonly Piece[], size: number, random: Random): Piece[] | null {
  const { heads, line } = measured;
  const changed = [...pieces];
  const alike = alikeFaces(measured)[0];
  if (alike && !alike.piece.pinned && random() < 0.7) {
    const i = heads.indexOf(alike);
    changed[i] = nudged({ p: alike, line, kind: random() < 0.6 ? 'turn' : 'slide', size: 1, random });
    return changed;
  }
  const i = Math.floor(random() * pieces.length);
  const kind = must(KINDS[Math.floor(random() * KINDS.length)]);
  if (must(pieces[i]).pinned) return null;
  if (random() >= EXCHANGE_SHARE) {
    changed[i] = nudged({ p: must(heads[i]), line, kind, size, random });
    return changed;
  }
  const j = Math.floor(random() * pieces.length);
  if (i === j || must(pieces[j]).pinned || must(heads[i]).spine.length > 0 !== must(heads[j]).spine.length > 0) return null;
  [changed[i], changed[j]] = exchanged(must(pieces[i]), must(pieces[j]));
  return changed;
}
