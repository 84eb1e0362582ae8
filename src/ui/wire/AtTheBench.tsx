'use client';

import { benchSteps } from '@/core/plan/benchSteps';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { useCatalogue } from '../useCatalogue';
import { useStudio } from '../useStudio';
import { BenchMode } from './BenchMode';

/** Everything to make up and to tape, step by step; worked out when it is opened. */
export function AtTheBench({ plan, onClose }: { plan: DerivedPlan; onClose(): void }) {
  const catalogue = useCatalogue();
  const finish = useStudio((s) => s.project!.brief.finish);
  return <BenchMode steps={benchSteps(plan, finish, catalogue)} plan={plan} onClose={onClose} />;
}
