'use client';

import { LINE_SIZES, sizedLine, sizeOfLine, type LineSize } from '@/core/plan/newProject';
import { Arrangements, FormPicker, Method } from '../compose/LineParts';
import { Choice } from '../fields/Choice';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

const SIZE_NAMES = { small: 'brief.size-small', fitting: 'brief.fitting', grand: 'brief.grand' } as const;

/** The open arrangement as a brief says it: its form, how large against the cake, how it meets it. */
export function LineChoice() {
  const words = useWords();
  const cake = useStudio((s) => s.project!.cake);
  const line = useStudio((s) => s.project!.arrangements[s.arrangementIndex]?.line ?? null);
  const { edit } = getStudio();
  if (!line) return null;
  return (
    <div className="flex flex-wrap items-center gap-2 pt-2">
      <Arrangements />
      <div className="w-[152px]">
        <FormPicker />
      </div>
      <Choice
        label={words.label('brief.size-against-the-cake')}
        value={sizeOfLine(line, cake)}
        options={(Object.keys(LINE_SIZES) as LineSize[]).map((value) => ({ value, name: words.label(SIZE_NAMES[value]) }))}
        onChange={(size) =>
          edit(asLabel('brief.do-against-the-cake'), (d) => {
            const own = d.arrangements[getStudio().arrangementIndex];
            if (own) own.line = sizedLine(line, cake, size);
          })
        }
      />
      <div className="min-w-[226px] grow">
        <Method />
      </div>
    </div>
  );
}
