'use client';

import { useState } from 'react';
import { TAPING } from '@/core/days/tasks';
import type { BenchStep } from '@/core/plan/step';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { Choice } from '../fields/Choice';
import { StepByStep } from '../shared/StepByStep';
import { useStudio } from '../useStudio';
import { SpraySoFar, StepPicture } from './StepPicture';
import { useWords } from '../speech/useWords';

/** Making up and taping, step by step: pieces are made up before they are taped; who has begun to tape goes on taping. */
export function BenchMode({ steps, plan, onClose }: { steps: readonly BenchStep[]; plan: DerivedPlan; onClose(): void }) {
  const words = useWords();
  const taped = useStudio((s) => s.project!.taped);
  const madeUp = steps.filter((s) => s.kind === 'made up');
  const [taping, setTaping] = useState(
    madeUp.every((s) => taped.includes(s.key)) || steps.some((s) => s.kind !== 'made up' && taped.includes(s.key)),
  );
  const own = taping ? steps.filter((s) => s.kind !== 'made up') : madeUp;
  return (
    <StepByStep
      label={words.label('shared.at-the-bench')}
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
            label={words.label('wire.which-work')}
            value={taping ? 'tape' : 'made up'}
            options={[
              { value: 'made up', name: words.label('wire.make-up') },
              { value: 'tape', name: words.label('wire.tape') },
            ]}
            onChange={(v) => setTaping(v === 'tape')}
          />
        )
      }
      finished={
        taping
          ? { title: words.label('wire.all-taped'), words: words.label('wire.hang-head-down-or-stand') }
          : {
              title: words.label('wire.all-made-up'),
              words: words.label('wire.now-they-taped-into-sprays'),
              goOn: { name: words.label('wire.on-to-taping'), onPress: () => setTaping(true) },
            }
      }
    />
  );
}
