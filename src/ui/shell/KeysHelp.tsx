'use client';

import { Dialog } from './Dialog';

const KEYS: readonly { where: string; keys: readonly [string, string][] }[] = [
  {
    where: 'Everywhere',
    keys: [
      ['Ctrl Z', 'take the last step back'],
      ['Ctrl Y', 'and forth again'],
      ['Ctrl K', 'everything by its name'],
      ['?', 'this list'],
      ['F1', 'why this station works as it does'],
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

/** Every key that does something. */
export function KeysHelp({ onClose }: { onClose(): void }) {
  return (
    <Dialog title="Keys" onClose={onClose}>
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
