'use client';

import { Plus } from 'lucide-react';
import { Pick } from '../fields/Pick';
import { useWords } from '../speech/useWords';

/** Something of one's own begins as a copy: what to copy, and the key that does it. */
export function BeginFrom({
  label,
  among,
  value,
  onChange,
  onCopy,
}: {
  label: string;
  among: readonly { id: string; name: string }[];
  value: string;
  onChange(id: string): void;
  onCopy(): void;
}) {
  const words = useWords();
  return (
    <div className="flex flex-wrap items-end gap-3">
      <Pick
        label={words.label('make.begin-from')}
        value={value}
        options={among.map((x) => ({ value: x.id, name: x.name }))}
        onChange={onChange}
      />
      <button className="key" onClick={onCopy}>
        <Plus size={20} /> {label}
      </button>
    </div>
  );
}
