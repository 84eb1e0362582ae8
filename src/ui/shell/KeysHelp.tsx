'use client';

import { Dialog } from './Dialog';
import type { PlainKey } from '@/core/words/words';
import { useWords } from '../speech/useWords';

/** A key by its sign, or by the label that names it. */
type KeyName = { sign: string } | { label: PlainKey };

const KEYS: readonly { where: PlainKey; keys: readonly [KeyName, PlainKey][] }[] = [
  {
    where: 'shell.everywhere',
    keys: [
      [{ sign: 'Ctrl Z' }, 'shell.take-last-step-back'],
      [{ sign: 'Ctrl Y' }, 'shell.and-forth-again'],
      [{ sign: 'Ctrl K' }, 'shell.everything-by-its-name'],
      [{ sign: '?' }, 'shell.this-list'],
      [{ sign: 'F1' }, 'shell.why-this-station-works-as'],
      [{ sign: 'Tab' }, 'shell.from-one-thing-next-enter'],
    ],
  },
  {
    where: 'shared.compose',
    keys: [
      [{ sign: 'F, R, B, L, A' }, 'shell.look-from-front-right-back'],
      [{ sign: 'V' }, 'shell.all-sides-at-once'],
      [{ label: 'shell.arrows' }, 'shell.turn-cake-with-pieces-chosen'],
      [{ label: 'shared.delete' }, 'shell.take-chosen-pieces-away'],
      [{ sign: 'Esc' }, 'shell.let-go-what-chosen'],
    ],
  },
  {
    where: 'shell.bench-mode-beside-cake',
    keys: [
      [{ label: 'shell.space-enter' }, 'shell.done-the-next-step'],
      [{ label: 'shell.backspace' }, 'shell.one-step-back'],
      [{ sign: 'Esc' }, 'shell.close-step-remembered'],
    ],
  },
  { where: 'shell.days', keys: [[{ label: 'shell.on-a-block' }, 'shell.work-day-before-or-after']] },
];

/** Every key that does something. */
export function KeysHelp({ onClose }: { onClose(): void }) {
  const words = useWords();
  return (
    <Dialog title={words.label('shell.keys')} onClose={onClose}>
      {KEYS.map(({ where, keys }) => (
        <div key={where} className="pt-3">
          <h2>{words.label(where)}</h2>
          <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-1 text-[15px]">
            {keys.map(([name, does]) => (
              <div key={does} className="contents">
                <dt className="font-semibold">{'sign' in name ? name.sign : words.label(name.label)}</dt>
                <dd>{words.label(does)}</dd>
              </div>
            ))}
          </dl>
        </div>
      ))}
    </Dialog>
  );
}
