'use client';

import { useState } from 'react';
import { TAPING } from '@/core/days/tasks';
import type { BenchStep } from '@/core/plan/benchSteps';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { Choice } from '../shared/fields';
import { StepByStep } from '../shared/StepByStep';
import { useStudio } from '../useStudio';
import { SpraySoFar, StepPicture } from './StepPicture';

/** Making up and taping, step by step: pieces are made up before they are taped; who has begun to tape goes on taping. */
export function BenchMode({ steps, plan, onClose }: { steps: readonly BenchStep[]; plan: DerivedPlan; onClose(): void }) {
  const taped = useStudio((s) => s.project!.taped);
  const madeUp = steps.filter((s) => s.kind === 'made up');
  const [taping, setTaping] = useState(
    madeUp.every((s) => taped.includes(s.key)) || steps.some((s) => s.kind !== 'made up' && taped.includes(s.key)),
  );
  const own = taping ? steps.filter((s) => s.kind !== 'made up') : madeUp;
  return (
    <StepByStep
      label="At the bench"
      steps={own}
      // minutes of taping are minutes for a joint, and making up is not
      logKind={taping ? TAPING : 'making up'}
      onClose={onClose}
      picture={(step) => (
        <>
          <StepPicture step={step} steps={own} plan={plan} />
          {step.spray && <SpraySoFar of={step.arrangementId} spray={step.spray} plan={plan} taped={taped} />}
        </>
      )}
      head={
        madeUp.length > 0 && (
          <Choice
            label="Which work"
            value={taping ? 'tape' : 'made up'}
            options={[
              { value: 'made up', name: 'Make up' },
              { value: 'tape', name: 'Tape' },
            ]}
            onChange={(v) => setTaping(v === 'tape')}
          />
        )
      }
      finished={
        taping
          ? { title: 'All taped', words: 'Hang it head down, or stand it in foam, away from damp.' }
          : {
              title: 'All made up',
              words: 'Now they are taped into sprays and stems.',
              goOn: { name: 'On to taping', onPress: () => setTaping(true) },
            }
      }
    />
  );
}
