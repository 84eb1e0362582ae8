import type { Affine } from '../../geometry/affine';
import { clamp, degToRad, GOLDEN_ANGLE_RAD, lerp, smoothstep, TAU } from '../../geometry/numbers';
import type { Random } from '../../geometry/random';
import type { MeshBuilder } from './mesh';
import type { PetalPaint } from './paint';
import { mixPetals, petal, petalArea, type PetalShape } from './petal';
import { addSheet, type SheetGrid } from './sheet';
import { must } from '../../geometry/must';

/** A set of petals round the axis: from the innermost to the outermost, closed (bud) and open. */
export interface Whorl {
  count: number;
  /** golden: one spiral, each petal 137.5° on; ring: evenly round */
  layout: 'golden' | 'ring';
  inner: Partial<PetalShape>;
  outer?: Partial<PetalShape>;
  /** what differs while closed */
  bud?: Partial<PetalShape>;
  budOuter?: Partial<PetalShape>;
  /** golden: power on the petal's place; ring: share of a step it is turned by */
  ease?: number;
  phase?: number;
  /** fixed azimuths in degrees, for flowers that are not round; mirrored pairs flip their skew */
  azimuths?: readonly number[];
  mirror?: boolean;
  /** petals seated on a ball of this radius, out to this polar angle */
  ball?: { radius: number; maxDeg: number; rise: number; squash: number; follow: number };
  lag?: number;
  wobble?: number;
  near: SheetGrid;
  far: SheetGrid;
  farCount?: number;
  paint?: Partial<PetalPaint>;
}

interface Ends {
  openInner: PetalShape;
  openOuter: PetalShape;
  budInner: PetalShape;
  budOuter: PetalShape;
}

const ends = new WeakMap<Whorl, Ends>();

/** The four shapes between which all petals of a whorl lie; a whorl is never changed, so they are written out once. */
function endsOf(w: Whorl): Ends {
  const known = ends.get(w);
  if (known) return known;
  const own = {
    openInner: petal(w.inner),
    openOuter: petal({ ...w.inner, ...w.outer }),
    budInner: petal({ ...w.inner, ...w.bud }),
    budOuter: petal({ ...w.inner, ...w.outer, ...w.bud, ...w.budOuter }),
  };
  ends.set(w, own);
  return own;
}

/** The shape of petal number `i`, before its own small irregularities. `stage` 0 closed … 1 open; the outer ones open first. */
export function whorlPetal({ w, i, count, stage }: { w: Whorl; i: number; count: number; stage: number }): {
  shape: PetalShape;
  ring: number;
} {
  const t = w.layout === 'golden' && count > 1 ? i / (count - 1) : w.layout === 'golden' ? 1 : 0;
  const eased = Math.pow(t, w.ease ?? 1);
  const { openInner, openOuter, budInner, budOuter } = endsOf(w);
  const lag = w.lag ?? 0.45;
  const opening = smoothstep(0, 1, clamp(stage * (1 + lag) - lag * (1 - t)));
  const shape = mixPetals(mixPetals(budInner, budOuter, eased), mixPetals(openInner, openOuter, eased), opening);
  return { shape, ring: w.layout === 'golden' ? t : 1 };
}

function seatOnBall({ shape, w, i, count }: { shape: PetalShape; w: Whorl; i: number; count: number }): void {
  if (!w.ball) return;
  const t = count > 1 ? i / (count - 1) : 1;
  const polar = degToRad(w.ball.maxDeg) * Math.sqrt(t);
  shape.offset = w.ball.radius * Math.sin(polar);
  shape.rise = w.ball.rise + w.ball.radius * Math.cos(polar) * w.ball.squash;
  shape.open = (polar * 180 * w.ball.follow) / Math.PI + (shape.open - 60);
}

interface AddWhorlOptions {
  b: MeshBuilder;
  map: Affine;
  w: Whorl;
  stage: number;
  paint: PetalPaint;
  random: Random;
}

/** Adds a whole whorl. No two petals are quite alike; the wobble fades as the flower closes so that shells do not pierce. */
export function addWhorl({ b, map, w, stage, paint, random }: AddWhorlOptions): void {
  const coarse = b.coarse && w.farCount !== undefined;
  const count = coarse ? must(w.farCount) : w.count;
  const widen = coarse && count > 0 ? Math.sqrt(w.count / count) * 0.98 : 1;
  const wobble = (w.wobble ?? 1) * lerp(0.12, 1, clamp(stage * 1.4));
  const own = { ...paint, ...w.paint };
  const jitter = (k: number) => (random() - 0.5) * k * wobble;
  for (let i = 0; i < count; i++) {
    const { shape, ring } = whorlPetal({ w, i, count, stage });
    seatOnBall({ shape, w, i, count });
    shape.length *= 1 + jitter(0.1);
    shape.halfWidth *= widen * (1 + jitter(0.08));
    shape.open += jitter(7);
    shape.curl += jitter(8);
    shape.twist += jitter(9);
    shape.bend += jitter(0.05);
    if (w.mirror && i % 2) {
      shape.skew *= -1;
      shape.twist *= -1;
    }
    const turn = w.layout === 'golden' ? i * GOLDEN_ANGLE_RAD + (w.phase ?? 0) : ((i + (w.phase ?? 0)) * TAU) / count;
    const azimuth = (w.azimuths ? degToRad(must(w.azimuths[i % w.azimuths.length])) : turn) + jitter(0.16);
    addSheet({
      builder: b,
      map,
      azimuthRad: azimuth,
      shape,
      grid: b.coarse ? w.far : w.near,
      look: {
        paint: own,
        ring,
        phase: random() * TAU,
        jitter: (random() - 0.5) * 0.05,
      },
    });
  }
}

/** One face of each petal in head radii squared, and how far out it lies in its whorl: 0 the innermost, 1 the outermost. */
export const petalAreas = (w: Whorl, stage: number): { area: number; ring: number }[] =>
  Array.from({ length: w.count }, (_, i) => {
    const { shape, ring } = whorlPetal({ w, i, count: w.count, stage });
    return { area: petalArea(shape), ring };
  });
