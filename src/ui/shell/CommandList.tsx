'use client';

import { Command } from 'cmdk';
import { useRouter } from 'next/navigation';
import { commandsNow, type Sheet } from './commands';
import { Dialog } from './Dialog';
import { useWords } from '../speech/useWords';

/** Everything by its name, on Ctrl K: type a few letters, Enter does it. */
export function CommandList({ onClose, onOpen }: { onClose(): void; onOpen(sheet: Sheet): void }) {
  const words = useWords();
  const router = useRouter();
  const commands = commandsNow(router, onOpen, words);
  return (
    <Dialog title={words.label('shell.find-a-command')} wide={560} onClose={onClose}>
      <Command label={words.label('shell.find-a-command')} className="flex flex-col gap-2">
        <Command.Input autoFocus placeholder={words.label('shell.a-few-letters')} className="fld w-full text-[18px]" />
        <Command.List className="max-h-[52dvh] overflow-auto">
          <Command.Empty className="say px-3 py-4">{words.label('shell.nothing-is-called-so')}</Command.Empty>
          {commands.map(({ name, also, keys, run }) => (
            <Command.Item
              key={name}
              value={name}
              keywords={also?.split(' ')}
              className="flex min-h-[44px] cursor-pointer items-center gap-3 rounded-xl px-3 data-[selected=true]:bg-[var(--leafwash)]"
              onSelect={() => {
                onClose();
                run();
              }}
            >
              <span className="grow">{name}</span>
              {keys && <kbd className="small">{keys}</kbd>}
            </Command.Item>
          ))}
        </Command.List>
      </Command>
    </Dialog>
  );
}
