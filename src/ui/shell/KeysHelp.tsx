'use client';

import { Keyboard } from 'lucide-react';
import { useEffect, useRef } from 'react';

const KEYS: readonly { where: string; keys: readonly [string, string][] }[] = [
  {
    where: 'Everywhere',
    keys: [
      ['Ctrl Z', 'take the last step back'],
      ['Ctrl Y', 'and forth again'],
      ['?', 'this list'],
      ['Tab', 'from one thing to the next; Enter or space presses it'],
    ],
  },
  {
    where: 'Compose',
    keys: [
      ['F, R, B, L, A', 'look from the front, the right, the back, the left, from above'],
      ['V', 'all sides at once'],
      ['Arrows', 'turn the cake; with pieces chosen, move them, with Shift by more'],
      ['Delete', 'take the chosen pieces away'],
      ['Esc', 'let go of what is chosen'],
    ],
  },
  {
    where: 'Bench mode, beside the cake',
    keys: [
      ['Space, →, Enter', 'done, the next step'],
      ['←, Backspace', 'one step back'],
      ['Esc', 'close; the step is remembered'],
    ],
  },
  { where: 'Days', keys: [['↑, ↓ on a block', 'work to the day before, or after']] },
];

/** Every key that does something, on `?`. */
export function KeysHelp() {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    const key = (e: KeyboardEvent) => {
      const typing = e.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(e.target.tagName);
      if (e.key === '?' && !typing && !dialog.current?.open) dialog.current?.showModal();
    };
    window.addEventListener('keydown', key);
    return () => window.removeEventListener('keydown', key);
  }, []);
  return (
    <>
      <button className="key bare max-md:hidden" aria-label="Keys" title="Keys (?)" onClick={() => dialog.current?.showModal()}>
        <Keyboard size={20} />
      </button>
      <dialog
        ref={dialog}
        aria-label="Keys"
        className="m-auto max-h-[86dvh] w-[min(680px,92vw)] overflow-auto rounded-3xl bg-[var(--bench)] p-6 text-[var(--ink)]"
      >
        <div className="flex items-center gap-3">
          <h1 className="grow">Keys</h1>
          <form method="dialog">
            <button className="key">Close</button>
          </form>
        </div>
        {KEYS.map(({ where, keys }) => (
          <div key={where} className="pt-3">
            <h2>{where}</h2>
            <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1 text-[15px]">
              {keys.map(([name, words]) => (
                <div key={name} className="contents">
                  <dt className="font-semibold">{name}</dt>
                  <dd>{words}</dd>
                </div>
              ))}
            </dl>
          </div>
        ))}
      </dialog>
    </>
  );
}
