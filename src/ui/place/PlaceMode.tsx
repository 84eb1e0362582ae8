'use client';

import type { DerivedPlan } from '@/core/plan/derivePlan';
import { placeSteps } from '@/core/plan/placeSteps';
import { StepByStep } from '../shared/StepByStep';
import { useStudio } from '../useStudio';
import { ClockMap } from './ClockMap';
import { CutThrough } from './CutThrough';
import { useWords } from '../speech/useWords';

/** Putting it on the cake, one entry at a time, with the map and the cut beside it. */
export function PlaceMode({ plan, onClose }: { plan: DerivedPlan; onClose(): void }) {
  const words = useWords();
  const project = useStudio((s) => s.project!);
  return (
    <StepByStep
      label={words.label('place.beside-the-cake')}
      steps={placeSteps(plan, project)}
      logKind="placing"
      onClose={onClose}
      picture={(step) => {
        const entry = plan.entries.find((e) => e.id === step.entryId) ?? null;
        return (
          <div className={`grid items-center gap-4 ${entry ? 'grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]' : ''}`}>
            <div className="mx-auto w-full max-w-[min(100%,62vh)]">
              <ClockMap cake={project.cake} plan={plan} chosen={entry?.id ?? null} onChoose={() => undefined} />
            </div>
            {entry && <CutThrough cake={project.cake} entry={entry} plan={plan} />}
          </div>
        );
      }}
      finished={{ title: words.label('place.it-on-cake'), words: words.label('place.count-once-more-hand-sheet') }}
    />
  );
}
