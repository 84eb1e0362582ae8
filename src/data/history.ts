import type { Stock } from '@/core/make/stock';
import type { Project } from '@/core/plan/project';
import type { Label } from '@/core/words/asLabel';

/** A step that can be undone: the job before it, and its number in the job's history, which only grows. */
export interface Step {
  n: number;
  label: Label;
  project: Project;
  /** what the step did to the stock of all jobs, where it did something */
  stock?: { before: Stock; after: Stock };
}

/** A step as it is kept with the job: only what of the job was otherwise before it. */
export interface KeptStep {
  n: number;
  label: Label;
  was: Partial<Project>;
  stock?: { before: Stock; after: Stock };
}

/** So many steps back are kept with the job; while a page is open there are all. */
export const MOST_KEPT_STEPS = 50;

const fieldsOf = (project: Project) => Object.keys(project) as (keyof Project)[];

/** The fields of the job that were otherwise: unchanged parts of a job are the very same objects after a step. */
function otherwise(before: Project, after: Project): Partial<Project> {
  const fields = new Set([...fieldsOf(before), ...fieldsOf(after)]);
  return Object.fromEntries([...fields].filter((f) => before[f] !== after[f]).map((f) => [f, before[f]]));
}

/** The latest steps as they are kept, the oldest first. */
export function keptSteps(past: readonly Step[], project: Project): KeptStep[] {
  const latest = past.slice(-MOST_KEPT_STEPS);
  return latest.map(({ n, label, project: before, stock }, i): KeptStep => ({
    n,
    label,
    was: otherwise(before, latest[i + 1]?.project ?? project),
    ...(stock && { stock }),
  }));
}

/** The steps that lead to a job, from what is kept of them. */
export function stepsFrom(kept: readonly KeptStep[], project: Project): Step[] {
  const steps: Step[] = [];
  let after = project;
  for (const { n, label, was, stock } of [...kept].reverse()) {
    after = { ...after, ...was };
    steps.unshift({ n, label, project: after, ...(stock && { stock }) });
  }
  return steps;
}
