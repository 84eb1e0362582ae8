import * as v from 'valibot';

/** How many spares a person wants: enough must survive in this share of cases, and so many at the least. */
export const sparesRuleSchema = v.strictObject({
  surviveShare: v.pipe(v.number(), v.minValue(0.5), v.maxValue(0.995)),
  least: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(20)),
});
export type SparesRule = v.InferOutput<typeof sparesRuleSchema>;

/** Nine of ten, and one at least (docs/trade.md P4; common practice, no source). */
export const SPARES_RULE: SparesRule = { surviveShare: 0.9, least: 1 };

/** Chance that at least `need` of `made` survive when each breaks with `breakage`, independently (binomial distribution). */
export function surviveChance(made: number, need: number, breakage: number): number {
  if (need <= 0) return 1;
  if (breakage <= 0) return made >= need ? 1 : 0;
  // in logarithms: of a thousand leaves the first terms are smaller than a number can be
  let logTerm = made * Math.log(breakage);
  let tooFew = Math.exp(logTerm);
  for (let k = 1; k < need && k <= made; k++) {
    logTerm += Math.log(((made - k + 1) / k) * ((1 - breakage) / breakage));
    tooFew += Math.exp(logTerm);
  }
  return Math.max(0, 1 - tooFew);
}

const MANY = 400;

/** Spares of a kind: the fewest with which enough survive as often as the rule wants, and its least. Zero or negative counts need none. */
export function sparesFor(count: number, breakageShare: number, rule: SparesRule = SPARES_RULE): number {
  if (!(count > 0)) return 0;
  // of very many the mean number that breaks is a good beginning
  let spares = Math.max(rule.least, count > MANY ? Math.floor(count * breakageShare) : 0);
  while (spares < count + 20 && surviveChance(count + spares, count, breakageShare) < rule.surviveShare) spares++;
  return spares;
}
