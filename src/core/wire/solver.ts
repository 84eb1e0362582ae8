import type { Highs } from 'highs';
import type { IntegerSolver } from './cutOptimum';

/** Wraps HiGHS, compiled to WebAssembly, as an integer solver; `seconds` bounds each solve. Failure gives null, not an exception. */
export function solverFrom(highs: Highs, seconds = 2): IntegerSolver {
  return (lp) => {
    try {
      const answer = highs.solve(lp, { time_limit: seconds });
      if (answer.Status !== 'Optimal' && answer.Status !== 'Time limit reached') return null;
      const columns: Record<string, number> = {};
      for (const [name, column] of Object.entries(answer.Columns)) columns[name] = 'Primal' in column ? column.Primal : 0;
      const duals: Record<string, number> = {};
      for (const row of answer.Rows) if ('Dual' in row && row.Name) duals[row.Name] = row.Dual;
      return { columns, duals, optimal: answer.Status === 'Optimal' };
    } catch {
      return null;
    }
  };
}
