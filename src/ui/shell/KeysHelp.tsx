'use client';

import { Dialog } from './Dialog';
import { useWords } from '../speech/useWords';

const KEYS: readonly { where: string; keys: readonly [string, string][] }[] = [
  {
    where: 'shell.everywhere',
    keys: [
      ['Ctrl Z', 'shell.take-last-step-back'],
      ['Ctrl Y', 'shell.and-forth-again'],
      ['Ctrl K', 'shell.everything-by-its-name'],
      ['?', 'shell.this-list'],
      ['F1', 'shell.why-this-station-works-as'],
      ['Tab', 'shell.from-one-thing-next-enter'],
    ],
  },
  {
    where: 'shared.compose',
    keys: [
      ['F, R, B, L, A', 'shell.look-from-front-right-back'],
      ['V', 'shell.all-sides-at-once'],
      ['shell.arrows', 'shell.turn-cake-with-pieces-chosen'],
      ['shared.delete', 'shell.take-chosen-pieces-away'],
      ['Esc', 'shell.let-go-what-chosen'],
    ],
  },
  {
    where: 'shell.bench-mode-beside-cake',
    keys: [
      ['shell.space-enter', 'shell.done-the-next-step'],
      ['shell.backspace', 'shell.one-step-back'],
      ['Esc', 'shell.close-step-remembered'],
    ],
  },
  { where: 'shell.days', keys: [['shell.on-a-block', 'shell.work-day-before-or-after']] },
];

/** Every key that does something. */
export function KeysHelp({ onClose }: { onClose(): void }) {
  const words = useWords();
  return (
    <Dialog title={words.label('shell.keys')} onClose={onClose}>
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
    </Dialog>
  );
}
