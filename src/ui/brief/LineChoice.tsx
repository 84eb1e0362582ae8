'use client';

import { LINE_SIZES, sizedLine, sizeOfLine, type LineSize } from '@/core/plan/newProject';
import { Arrangements, FormPicker, Method } from '../compose/LineParts';
import { Choice } from '../shared/fields';
import { getStudio, useStudio } from '../useStudio';

const SIZE_NAMES: Record<LineSize, string> = { small: 'Small', fitting: 'Fitting', grand: 'Grand' };

/** The open arrangement as a brief says it: its form, how large against the cake, how it meets it. */
export function LineChoice() {
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
        label="Size against the cake"
        value={sizeOfLine(line, cake)}
        options={(Object.keys(LINE_SIZES) as LineSize[]).map((value) => ({ value, name: SIZE_NAMES[value] }))}
        onChange={(size) =>
          edit(`${size} against the cake`, (d) => {
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
