'use client';

import type { FocusEvent, KeyboardEvent } from 'react';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import { useWords } from '../speech/useWords';
import { getStudio, useStudio } from '../useStudio';
import { nudge, removeChosen } from './moves';
import { sideOf } from './sideOf';
import type { LiveScene } from './useScene';

/** Left and right nudge the chosen pieces, Shift five times; Delete takes them away. All else is the list's. */
function onKey(e: KeyboardEvent): void {
  const { selection } = getStudio();
  if (selection.length === 0) return;
  if (e.key === 'ArrowLeft' || e.key === 'ArrowRight') nudge(selection, e.key, e.shiftKey);
  else if (e.key === 'Delete') removeChosen();
  else return;
  e.preventDefault();
  e.stopPropagation();
}

/** Where the list is reached by the key and nothing is chosen, its first piece is. */
function chooseFirst(e: FocusEvent, first: string | undefined): void {
  const cameIn = !e.currentTarget.contains(e.relatedTarget);
  if (cameIn && first && getStudio().selection.length === 0 && (e.target as HTMLElement).matches(':focus-visible'))
    getStudio().select([first]);
}

/** The line pulled straight: every piece in order along it. Up and down choose, with Shift more than one. */
export function PieceList({ scene }: { scene: LiveScene }) {
  const words = useWords();
  const selection = useStudio((s) => s.selection);
  const heads = [...scene.heads].sort((a, b) => a.piece.s - b.piece.s);
  const length = scene.line?.lengthMm ?? 0;
  return (
    <div
      className={`lg:min-h-[264px] lg:flex-1 lg:overflow-auto ${selection.length > 0 ? 'max-lg:max-h-[50vh] max-lg:overflow-auto' : ''}`}
    >
      <h1>{words.label('compose.pieces-along', { heads: heads.length, length: words.units.length(length) })}</h1>
      <div onKeyDownCapture={onKey} onFocus={(e) => chooseFirst(e, heads[0]?.piece.id)}>
        <ListBox
          aria-label={words.label('compose.pieces-along-the-line')}
          className="mt-2"
          selectionMode="multiple"
          selectionBehavior="replace"
          selectedKeys={selection}
          onSelectionChange={(keys) =>
            getStudio().select(heads.map((p) => p.piece.id).filter((id) => keys === 'all' || keys.has(id)))
          }
        >
          {heads.map((p) => (
            <ListBoxItem
              key={p.piece.id}
              id={p.piece.id}
              textValue={words.piece(p.piece)[0]}
              className={`flex min-h-[44px] cursor-pointer items-center gap-3 border-t border-[var(--line)] px-2 ${selection.includes(p.piece.id) ? 'rounded-lg bg-[var(--nextwash)]' : ''}`}
            >
              <span className="fig w-16 shrink-0 text-right">{words.units.length(p.piece.s * length)}</span>
              <span className="min-w-0 grow font-semibold">{words.piece(p.piece)[0]}</span>
              <span className="small w-32 shrink-0">
                {words.units.mm(p.piece.sizeMm)}, {sideOf(p.sideMm, words)}
              </span>
              <span className="small w-14 shrink-0">{p.piece.pinned ? words.label('compose.pinned') : ''}</span>
            </ListBoxItem>
          ))}
        </ListBox>
      </div>
    </div>
  );
}
