import { must } from '../geometry/must';
import { cutLongestFirst, type CutDemand, type CutPlan } from './cutList';
import { cutOptimally, type IntegerSolver } from './cutOptimum';

type Demands = readonly CutDemand[];

interface CutRow {
  demands: Demands;
  least: CutPlan;
}

/** So many lists are remembered. */
const MOST_KEPT = 200;

const keyOf = (demands: Demands, stockMm: number): string =>
  [stockMm, ...demands.flatMap((d) => [d.lengthMm, d.count])].join(' ');

/** What was proven of cut lists, by what they cut: after a move most of a job's lists are as they were. */
export class ProvenCuts {
  private readonly known = new Map<string, CutPlan>();

  /** Rows with the best plan that is known of each. */
  best<R extends CutRow>(rows: readonly R[], stockMm: number): R[] {
    return rows.map((row) => ({ ...row, least: this.known.get(keyOf(row.demands, stockMm)) ?? row.least }));
  }

  /** The fewest lengths for each list that a solver finds, proven or as near as its work allows; never more than longest first gives. */
  prove(lists: readonly Demands[], stockMm: number, solve: IntegerSolver): CutPlan[] {
    return lists.map((demands) => {
      const quick = cutLongestFirst(demands, stockMm);
      if (quick.proven) return quick;
      const key = keyOf(demands, stockMm);
      const plan = this.known.get(key) ?? cutOptimally(demands, stockMm, solve);
      if (this.known.size >= MOST_KEPT) this.known.clear();
      this.known.set(key, plan);
      return plan;
    });
  }
}

/** Rows with the fewest lengths that a solver finds. */
export function provenRows<R extends CutRow>(rows: readonly R[], stockMm: number, solve: IntegerSolver): R[] {
  const lists = rows.map((row) => row.demands);
  const plans = new ProvenCuts().prove(lists, stockMm, solve);
  return rows.map((row, i) => ({ ...row, least: must(plans[i]) }));
}
