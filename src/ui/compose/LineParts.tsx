'use client';

import type { ReactNode } from 'react';
import { METHODS } from '@/core/compose/arrangement';
import { LINE_FORMS, lineKind, type LineForm } from '@/core/compose/lineKinds';
import { defaultLine } from '@/core/plan/newProject';
import { Choice } from '../fields/Choice';
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
    <Choice
      label={words.label('compose.arrangements')}
      value={`${open}`}
      options={arrangements.map(([, form, pieces], i) => ({
        value: `${i}`,
        name: words.label('compose.arrangement-pieces', { n: i + 1, form: called(form), pieces }),
        picture: <FormIcon form={form} />,
      }))}
      onChange={(i) => openArrangement(Number(i))}
    />
  );
}

/** The open arrangement's form, and the others to choose from. `beside` stands in its row. */
export function FormPicker({ beside }: { beside?: ReactNode }) {
  const words = useWords();
  const called = (form: LineForm) => words.messages.names.lines[form][0];
  const form = useStudio((s) => s.project?.arrangements[s.arrangementIndex]?.line.form ?? null);
  if (!form) return null;
  const choose = (f: LineForm) => {
    const { project, arrangementIndex, edit } = getStudio();
    if (!project) return;
    edit(
      asLabel('compose.do-line', { line: called(f) }),
      (draft) => void (draft.arrangements[arrangementIndex]!.line = defaultLine(f, project.cake)),
    );
  };
  return (
    <div className="flex items-center gap-1">
      <Pick
        label={words.label('compose.line-2')}
        hideLabel
        wide
        className="key justify-start gap-1 px-1"
        value={form}
        options={LINE_FORMS.map((f) => ({ value: f, name: called(f), picture: <FormIcon form={f} /> }))}
        onChange={choose}
      />
      {beside}
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
      wide
      className="key justify-between px-3 text-[15px]"
      value={method}
      options={METHODS.map((m) => ({ value: m, name: words.label(METHOD_WORDS[m]) }))}
      onChange={(next) => {
        const { arrangementIndex, edit } = getStudio();
        edit(asLabel('compose.do-set-2'), (draft) => void (draft.arrangements[arrangementIndex]!.method = next));
      }}
    />
  );
}
