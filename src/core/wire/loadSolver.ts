import type { IntegerSolver } from './cutOptimum';
import { solverFrom } from './solver';

/** Fetches the solver and makes it ready: a moment's work, so it is only done where a cut list is to be proven. */
export async function loadSolver(): Promise<IntegerSolver> {
  const { default: load } = await import('highs');
  return solverFrom(await load());
}
