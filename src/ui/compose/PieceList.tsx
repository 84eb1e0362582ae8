'use client';

import { useRef } from 'react';
import { useWords } from '../speech/useWords';
import { getStudio, useStudio } from '../useStudio';
import { nudge, removeChosen } from './moves';
import type { LiveScene } from './useScene';

/** The line pulled straight: every piece in order along it. Up and down choose, left and right nudge, Shift five times. */
export function PieceList({ scene }: { scene: LiveScene }) {
  const words = useWords();
  const selection = useStudio((s) => s.selection);
  const list = useRef<HTMLUListElement>(null);
  const heads = [...scene.heads].sort((a, b) => a.piece.s - b.piece.s);
  const length = scene.line?.lengthMm ?? 0;
  const choose = (i: number) => {
    const p = heads[Math.max(0, Math.min(heads.length - 1, i))];
    if (!p) return;
    getStudio().select([p.piece.id]);
    list.current?.querySelector<HTMLElement>(`[data-piece="${p.piece.id}"]`)?.focus();
  };
  return (
    <div>
      <h1>{words.label('compose.pieces-along', { heads: heads.length, length: words.units.length(length) })}</h1>
      <ul
        ref={list}
        role="listbox"
        aria-label={words.label('compose.pieces-along-the-line')}
        aria-multiselectable="true"
        className="mt-2"
      >
        {heads.map((p, i) => {
          const on = selection.includes(p.piece.id);
          return (
            <li
              key={p.piece.id}
              role="option"
              data-piece={p.piece.id}
              aria-selected={on}
              tabIndex={on || (selection.length === 0 && i === 0) ? 0 : -1}
              className={`flex min-h-[44px] cursor-pointer items-center gap-3 border-t border-[var(--line)] px-2 ${on ? 'rounded-lg bg-[var(--nextwash)]' : ''}`}
              onClick={() => getStudio().select([p.piece.id])}
              onKeyDown={(e) => {
                if (e.key === 'ArrowDown') choose(i + 1);
                else if (e.key === 'ArrowUp') choose(i - 1);
                else if (e.key === 'ArrowLeft' || e.key === 'ArrowRight') nudge([p.piece.id], e.key, e.shiftKey);
                else if (e.key === 'Delete') removeChosen();
                else return;
                e.preventDefault();
              }}
            >
              <span className="fig w-16 shrink-0 text-right">{words.units.length(p.piece.s * length)}</span>
              <span className="min-w-0 grow font-semibold">{words.piece(p.piece)[0]}</span>
              <span className="small w-32 shrink-0">
                {words.units.mm(p.piece.sizeMm)},{' '}
                {Math.abs(p.sideMm) < 1
                  ? words.label('compose.on-the-line')
                  : words.label('compose.out-or-in', {
                      sideMm: p.sideMm > 0 ? 'yes' : 'no',
                      sideMm2: words.units.mm(Math.abs(Math.round(p.sideMm))),
                    })}
              </span>
              <span className="small w-14 shrink-0">{p.piece.pinned ? words.label('compose.pinned') : ''}</span>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
