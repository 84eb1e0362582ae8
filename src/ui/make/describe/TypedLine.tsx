'use client';

import { useState } from 'react';
import { mentionsOf, said, spokenMm } from '@/core/piece/said';
import { readTyped } from '@/core/words/typed/read';
import { takenOut } from '@/core/words/typed/takenOut';
import type { Typing } from '@/core/words/typed/typing';
import { writeTyped } from '@/core/words/typed/write';
import { useWords } from '../../speech/useWords';
import type { Described } from './useDescribed';

/** So many letters fill a row of the field on a usual screen. */
const LETTERS_A_ROW = 96;

/** A piece in one line that can be typed over: what is understood is taken, what is not is shown, nothing is lost. */
export function TypedLine({ described, typing }: { described: Described; typing: Typing }) {
  const words = useWords();
  const { tree, first, change } = described;
  const figure = (mm: number) => words.units.number(spokenMm(mm), spokenMm(mm) % 1 === 0 ? 0 : 1);
  const lines = mentionsOf(tree);
  const written = writeTyped(lines, typing, figure);
  const [typed, setTyped] = useState<{ text: string; over: string } | null>(null);
  const [told, setTold] = useState<{ strange: string[]; untaken: string[] } | null>(null);
  // what was typed over an earlier state is no more of this one
  const text = typed && typed.over === written ? typed.text : written;
  const take = () => {
    const line = takenOut(text, written, typing);
    const { mentions, strange } = readTyped(line, typing);
    const { tree: next, untaken } = said(tree, mentions.map((m) => m.mention), first); // prettier-ignore
    const part = ({ from, to }: { from: number; to: number }) => line.slice(from, to);
    setTold({ strange: strange.map(part), untaken: untaken.map((i) => part(mentions[i]!)) });
    // what was taken whole is not typed any more: undo shows the line as it was
    if (strange.length === 0 && untaken.length === 0) setTyped(null);
    change(next, 'describe.do-line');
  };
  const example = writeTyped(lines.slice(0, 1).map((l) => l.slice(0, 2)), typing, figure); // prettier-ignore
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        take();
      }}
    >
      <label className="block text-[15px] font-semibold">
        {words.label('describe.typed')}
        <span className="mt-1 flex gap-2">
          <textarea
            className="fld min-w-0 grow resize-none py-2 font-[family-name:var(--say)] text-[1.05rem] leading-snug font-normal"
            style={{ fieldSizing: 'content' }}
            rows={Math.min(6, Math.ceil(text.length / LETTERS_A_ROW))}
            value={text}
            spellCheck={false}
            onChange={(e) => setTyped({ text: e.target.value.replaceAll('\n', ' '), over: written })}
            onKeyDown={(e) => {
              if (e.key !== 'Enter') return;
              e.preventDefault();
              take();
            }}
            aria-describedby="typed-how"
          />
          <button type="submit" className="key" disabled={text === written}>
            {words.label('describe.take')}
          </button>
        </span>
      </label>
      <p id="typed-how" className="small pt-1">
        {words.label('describe.typed-how', { example })}
      </p>
      {told && told.strange.length > 0 && (
        <p role="status" className="pt-1 text-[15px] text-[var(--stop)]">
          {words.label('describe.strange', { words: told.strange.join(', ') })}
        </p>
      )}
      {told && told.untaken.length > 0 && (
        <p role="status" className="pt-1 text-[15px] text-[var(--stop)]">
          {words.label('describe.not-there', { words: told.untaken.join(', ') })}
        </p>
      )}
    </form>
  );
}
