import type { Highs } from 'highs';
import type { IntegerSolver } from './cutOptimum';

/** Branches of the search for whole bars that are looked into before it is given up. */
const MOST_NODES = 500;

/**
 * Wraps HiGHS, compiled to WebAssembly, as an integer solver. Each solve is bounded by its work, not by a clock, so that the answer is the
 * same on a busy machine. What is not solved to the end, and any failure, gives null, not an exception.
 */
export function solverFrom(highs: Highs, mostNodes = MOST_NODES): IntegerSolver {
  return (lp) => {
    try {
      const answer = highs.solve(lp, { mip_max_nodes: mostNodes });
      if (answer.Status !== 'Optimal') return null;
      const columns: Record<string, number> = {};
      for (const [name, column] of Object.entries(answer.Columns)) columns[name] = 'Primal' in column ? column.Primal : 0;
      const duals: Record<string, number> = {};
      for (const row of answer.Rows) if ('Dual' in row && row.Name) duals[row.Name] = row.Dual;
      return { columns, duals, optimal: true };
    } catch {
      return null;
    }
  };
}
