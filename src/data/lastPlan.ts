import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Project } from '@/core/plan/project';
import type { JobShelf } from './jobs';

export const LAST_PLAN = 'lastPlan';

/** A plan and what it is of: the very same program and project give the very same plan. */
interface LastPlan {
  of: string;
  plan: DerivedPlan;
}

const markOf = (build: string, project: Project): string => `${build} ${JSON.stringify(project)}`;

/** Keeps the plan of the job that is open, so that a station need not wait for it when the application is opened again. */
export const keepLastPlan = (shelf: JobShelf, build: string, project: Project, plan: DerivedPlan): Promise<void> =>
  shelf.setSetting(LAST_PLAN, { of: markOf(build, project), plan } satisfies LastPlan);

/** What was kept: asked for a project it gives its plan, or null where program or project have changed since. */
export async function readLastPlan(shelf: JobShelf, build: string): Promise<(project: Project) => DerivedPlan | null> {
  const kept = (await shelf.getSetting(LAST_PLAN)) as LastPlan | undefined;
  return (project) => (kept && kept.of === markOf(build, project) ? kept.plan : null);
}
