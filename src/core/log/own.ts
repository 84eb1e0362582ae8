import { must } from '../geometry/must';

/** How sure an own value is. */
export type Sure = 'not yet' | 'unsure' | 'fairly sure' | 'sure';

/** A person's own factor against a starting value. */
export interface Own {
  /** times the starting value */
  share: number;
  /** entries it comes from, and how many they count for after those far off are weighed down */
  entries: number;
  effective: number;
  /** standard error of ln(share) */
  error: number;
  sure: Sure;
}

/** The starting value counts like this many entries of one's own. */
const PRIOR_ENTRIES = 2;
/** Spread of ln(actual / starting) before anything is known, and with how many degrees of freedom that counts. */
const PRIOR_SPREAD = 0.35;
const PRIOR_DEGREES = 6;
/** Farther off than so many spreads an entry is weighed down (Huber); farther than so many it is a slip, once there are three. */
const HUBER = 1.5;
const SLIP = 4;
const LEAST_TO_TELL_A_SLIP = 3;

/**
 * Own factor from ln(actual / starting), drawn toward `prior` as if two entries had met it: a conjugate normal mean with a scaled
 * inverse chi-square spread (A. Gelman et al., "Bayesian Data Analysis", 3rd ed., ch. 3; from memory), with the weights of
 * P. Huber, "Robust estimation of a location parameter" (1964), c = 1.5, so that a forgotten timer pulls little. Ratios that are
 * not finite are left out; none gives the prior.
 */
export function ownFactor(lnRatios: readonly number[], prior = 0): Own {
  const ratios = lnRatios.filter((r) => Number.isFinite(r));
  const n = ratios.length;
  let weights = ratios.map(() => 1);
  let mean = prior;
  let spread = PRIOR_SPREAD;
  for (let round = 0; round < 20; round++) {
    const all = weights.reduce((a, w) => a + w, 0);
    mean = (weights.reduce((a, w, i) => a + w * must(ratios[i]), 0) + PRIOR_ENTRIES * prior) / (all + PRIOR_ENTRIES);
    const squares = weights.reduce((a, w, i) => a + w * (must(ratios[i]) - mean) ** 2, 0);
    spread = Math.sqrt((PRIOR_DEGREES * PRIOR_SPREAD ** 2 + squares) / (PRIOR_DEGREES + all));
    weights = ratios.map((r) => {
      const off = Math.abs(r - mean) / spread;
      return off > SLIP && n >= LEAST_TO_TELL_A_SLIP ? 0 : off > HUBER ? HUBER / off : 1;
    });
  }
  const effective = weights.reduce((a, w) => a + w, 0);
  const error = spread / Math.sqrt(effective + PRIOR_ENTRIES);
  return { share: Math.exp(mean), entries: n, effective, error, sure: sureOf(n, effective, error) };
}

/** Half the width of nine in ten either way, standard normal: 0.95 lie below it (NIST/SEMATECH e-Handbook, table 1.3.6.7.1). */
const NINE_IN_TEN = 1.645;

/** How far above a value its nine in ten reach, as a share of it; below they reach a little less far, being a ratio. */
export const halfWidthShare = (error: number): number => Math.exp(NINE_IN_TEN * error) - 1;

/** By the half width as a share of the value: 12% is sure, 22% fairly so. */
function sureOf(entries: number, effective: number, error: number): Sure {
  if (entries === 0) return 'not yet';
  const half = halfWidthShare(error);
  if (half <= 0.12 && effective >= 8) return 'sure';
  return half <= 0.22 && effective >= 3 ? 'fairly sure' : 'unsure';
}

/** Own minutes from minutes logged for one piece. Entries that are not positive are left out; none gives the starting value. */
export function ownMinutes(startingMinutes: number, loggedMinutes: readonly number[]): Own & { minutes: number } {
  const own = ownFactor(loggedMinutes.filter((m) => m > 0 && startingMinutes > 0).map((m) => Math.log(m / startingMinutes)));
  return { ...own, minutes: startingMinutes * own.share };
}

/** Pieces that break together: with `each` in a cluster on average, counts are worth less by 1 + (each − 1) · this. Assumed. */
const CLUSTERED = 0.05;
/** The starting share counts like so many pieces of one's own. */
const PRIOR_PIECES = 10;

/**
 * Share that breaks: mean of a beta posterior (broken + α) / (all + α + β), the prior worth ten pieces at the starting share
 * (Gelman et al., ch. 2). Breaks cluster in bad days, so counts are divided by a design effect (L. Kish, "Survey Sampling", 1965;
 * from memory); `days` holds what was made and broken on each.
 */
export function ownBreakage(
  startingShare: number,
  days: readonly { made: number; broken: number }[],
): { share: number; entries: number; own: boolean; error: number } {
  const sizes = days.map((d) => d.made + d.broken).filter((n) => n > 0);
  const all = sizes.reduce((a, n) => a + n, 0);
  if (all === 0)
    return {
      share: startingShare,
      entries: 0,
      own: false,
      error: Math.sqrt((startingShare * (1 - startingShare)) / (PRIOR_PIECES + 1)),
    };
  const each = sizes.reduce((a, n) => a + n * n, 0) / all;
  const effect = 1 + (each - 1) * CLUSTERED;
  const broken = days.reduce((a, d) => a + d.broken, 0) / effect;
  const share = betaMean({
    hits: broken,
    misses: all / effect - broken,
    alpha: startingShare * PRIOR_PIECES,
    beta: (1 - startingShare) * PRIOR_PIECES,
  });
  const error = Math.sqrt((share * (1 - share)) / (all / effect + PRIOR_PIECES + 1));
  return { share, entries: all, own: true, error };
}

/** Mean of a beta posterior after so many of either kind. */
export const betaMean = ({ hits, misses, alpha, beta }: { hits: number; misses: number; alpha: number; beta: number }): number =>
  (hits + alpha) / (hits + misses + alpha + beta);

/** Share of paste that is lost, from weighings: their mean, the starting share counting like two of them. */
export function ownLoss(startingShare: number, weighed: readonly number[]): { share: number; entries: number } {
  const own = weighed.filter((s) => s >= 0 && s < 0.95);
  return {
    share: (own.reduce((a, s) => a + s, 0) + PRIOR_ENTRIES * startingShare) / (own.length + PRIOR_ENTRIES),
    entries: own.length,
  };
}

/** Looked at after so many hours, where so many were reckoned (own factor left out): dry, or not yet. */
export interface Looked {
  hours: number;
  reckonedHours: number;
  dry: boolean;
}

const DRY_PRIOR_SPREAD = 0.3;
const PIECE_SPREAD = 0.25;
/** One look in fifty is a slip of the hand. */
const LOOK_SLIP = 0.02;
const GRID = 121;
const GRID_HALF_WIDTH = 1.2;

/**
 * Own drying factor from looks that found pieces dry or not: ln factor is normal with spread .3 before, a piece dries at the factor
 * give or take .25, and each look says only on which side; posterior mean on a grid of 121 points (grid approximation, Gelman et
 * al., ch. 2). Until one look found a piece *not* dry it is never below 1, nor below `prior`, the ln factor expected before: always
 * finding dry says only that one looked late.
 */
export function ownDrying(looks: readonly Looked[], prior = 0): Own {
  const good = looks.filter((l) => l.hours > 0 && l.reckonedHours > 0);
  let [mass, first, second] = [0, 0, 0];
  for (let i = 0; i < GRID; i++) {
    const ln = -GRID_HALF_WIDTH + (2 * GRID_HALF_WIDTH * i) / (GRID - 1);
    let logLikelihood = -0.5 * ((ln - prior) / DRY_PRIOR_SPREAD) ** 2;
    for (const l of good) {
      const dryBy = LOOK_SLIP + (1 - 2 * LOOK_SLIP) * normalShare((Math.log(l.hours / l.reckonedHours) - ln) / PIECE_SPREAD);
      logLikelihood += Math.log(l.dry ? dryBy : 1 - dryBy);
    }
    const weight = Math.exp(logLikelihood);
    mass += weight;
    first += weight * ln;
    second += weight * ln * ln;
  }
  const mean = first / mass;
  const error = Math.sqrt(Math.max(0, second / mass - mean * mean));
  const held = good.some((l) => !l.dry) ? mean : Math.max(0, prior, mean);
  return {
    share: Math.exp(held),
    entries: good.length,
    effective: good.length,
    error,
    sure: sureOf(good.length, good.length, error),
  };
}

/** Share of a standard normal below z (M. Abramowitz, I. Stegun, 26.2.17; error below 7.5e-8; from memory). */
export function normalShare(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z >= 0 ? 1 - tail : tail;
}

/** Entries from which a share is fairly sure, and sure; the starting share counts like so many entries. Assumed. */
const SHARES = {
  breakage: { prior: PRIOR_PIECES, fairlySure: 20, sure: 60 },
  loss: { prior: PRIOR_ENTRIES, fairlySure: 3, sure: 8 },
} as const;

/** How sure an own share (of pieces broken, of paste lost) is after so many entries, and half its width as a share of itself. */
export function sureOfShare(what: keyof typeof SHARES, entries: number): { sure: Sure; half: number } {
  const { prior, fairlySure, sure } = SHARES[what];
  return {
    half: 1 / Math.sqrt(entries + prior),
    sure: entries === 0 ? 'not yet' : entries < fairlySure ? 'unsure' : entries < sure ? 'fairly sure' : 'sure',
  };
}
