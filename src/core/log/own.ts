/** The starting value counts like this many entries of one's own. */
export const PRIOR_ENTRIES = 2;

/**
 * Own minutes from a log: the mean of ln(actual / starting), drawn toward 0 as if two entries had met the starting value.
 * (A conjugate normal mean with a prior worth two observations; any Bayesian textbook.) Entries that are not positive are
 * left out; no entry gives the starting value.
 */
export function ownMinutes(
  startingMinutes: number,
  loggedMinutes: readonly number[],
): { minutes: number; entries: number; sure: 'not yet' | 'unsure' | 'fairly sure' | 'sure' } {
  const ratios = loggedMinutes.filter((m) => m > 0 && startingMinutes > 0).map((m) => Math.log(m / startingMinutes));
  const n = ratios.length;
  const mean = ratios.reduce((a, r) => a + r, 0) / (n + PRIOR_ENTRIES);
  return {
    minutes: startingMinutes * Math.exp(mean),
    entries: n,
    sure: n === 0 ? 'not yet' : n < 3 ? 'unsure' : n < 8 ? 'fairly sure' : 'sure',
  };
}
