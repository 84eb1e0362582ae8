'use client';

import { ChevronDown } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { METHODS } from '@/core/compose/arrangement';
import { LINE_FORMS, lineKind, type LineForm } from '@/core/compose/lineKinds';
import { defaultLine } from '@/core/plan/newProject';
import { Pick } from '../fields/Pick';
import { FormIcon } from '../shared/FormIcon';
import { getStudio, useStudio } from '../useStudio';
import { openArrangement } from './arrangements';
import { useWords } from '../speech/useWords';
import type { LabelKey } from '@/core/words/words';
import { asLabel } from '@/core/words/asLabel';

/** The arrangements of the job, the open one marked. */
export function Arrangements() {
  const words = useWords();
  const called = (form: LineForm) => words.messages.names.lines[form][0];
  // as text: moving a piece changes none of it
  const told = useStudio((s) => JSON.stringify(s.project?.arrangements.map((a) => [a.id, a.line.form, a.pieces.length]) ?? []));
  const open = useStudio((s) => s.arrangementIndex);
  const arrangements = JSON.parse(told) as [id: string, form: LineForm, pieces: number][];
  if (arrangements.length < 2) return null;
  return (
    <div className="flex flex-wrap gap-1" role="radiogroup" aria-label={words.label('compose.arrangements')}>
      {arrangements.map(([id, form, pieces], i) => (
        <button
          key={id}
          role="radio"
          aria-checked={i === open}
          aria-label={words.label('compose.arrangement-pieces', { n: i + 1, form: called(form), pieces })}
          className={`rounded-xl border ${i === open ? 'border-[var(--leaf)] bg-[var(--leafwash)]' : 'border-[var(--line)]'}`}
          onClick={() => openArrangement(i)}
        >
          <FormIcon form={form} />
        </button>
      ))}
    </div>
  );
}

/** The open arrangement's form, and the others to choose from. `beside` stands in its row. */
export function FormPicker({ beside }: { beside?: ReactNode }) {
  const words = useWords();
  const called = (form: LineForm) => words.messages.names.lines[form][0];
  const form = useStudio((s) => s.project?.arrangements[s.arrangementIndex]?.line.form ?? null);
  const [choosing, setChoosing] = useState(false);
  if (!form) return null;
  const choose = (f: LineForm) => {
    setChoosing(false);
    const { project, arrangementIndex, edit } = getStudio();
    if (!project || f === form) return;
    edit(
      asLabel('compose.do-line', { line: called(f) }),
      (draft) => void (draft.arrangements[arrangementIndex]!.line = defaultLine(f, project.cake)),
    );
  };
  return (
    <div className="relative">
      <div className="flex gap-1">
        <button
          className="key min-w-0 grow justify-start gap-1 px-1"
          aria-expanded={choosing}
          aria-label={words.label('compose.line-choose-another', { form: called(form) })}
          onClick={() => setChoosing(!choosing)}
        >
          <FormIcon form={form} />
          <span className="truncate">{called(form)}</span>
          <ChevronDown size={18} className="ml-auto shrink-0" />
        </button>
        {beside}
      </div>
      {choosing && (
        <div
          className="tray absolute left-0 top-full z-10 mt-1 grid w-[376px] grid-cols-4 gap-1 p-2"
          role="radiogroup"
          aria-label={words.label('compose.line-2')}
        >
          {LINE_FORMS.map((f) => (
            <button
              key={f}
              role="radio"
              aria-checked={f === form}
              className={`flex flex-col items-center rounded-xl border py-1 ${f === form ? 'border-[var(--leaf)] bg-[var(--leafwash)]' : 'border-transparent'}`}
              onClick={() => choose(f)}
            >
              <FormIcon form={f} />
              <span className="text-[13px]">{called(f)}</span>
            </button>
          ))}
        </div>
      )}
    </div>
  );
}

const METHOD_WORDS = {
  'stem by stem': 'compose.stem-by-stem-own-barriers',
  'taped spray': 'compose.taped-sprays-on-picks',
  dummy: 'compose.into-a-dummy-tier',
} as const satisfies Record<(typeof METHODS)[number], LabelKey>;

/** How it meets the cake; forms that stand on one stem or are glued have no choice. */
export function Method() {
  const words = useWords();
  const form = useStudio((s) => s.project?.arrangements[s.arrangementIndex]?.line.form ?? null);
  const method = useStudio((s) => s.project?.arrangements[s.arrangementIndex]?.method ?? null);
  if (!form || !method) return null;
  const { hold } = lineKind(form);
  if (hold === 'glued') return <p className="small pt-1">{words.label('compose.glued-no-wire')}</p>;
  if (hold === 'one stem') return <p className="small pt-1">{words.label('compose.taped-one-stem-on-pick')}</p>;
  return (
    <Pick
      label={words.label('compose.how-meets-cake')}
      hideLabel
      className="key w-full justify-between px-3 text-[15px]"
      value={method}
      options={METHODS.map((m) => ({ value: m, name: words.label(METHOD_WORDS[m]) }))}
      onChange={(next) => {
        const { arrangementIndex, edit } = getStudio();
        edit(asLabel('compose.do-set-2'), (draft) => void (draft.arrangements[arrangementIndex]!.method = next));
      }}
    />
  );
}
