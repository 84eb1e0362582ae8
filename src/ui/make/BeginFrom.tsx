'use client';

import { Plus } from 'lucide-react';
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
      <label className="text-[15px] font-semibold">
        {words.label('make.begin-from')}
        <select className="fld mt-1 block font-normal" value={value} onChange={(e) => onChange(e.target.value)}>
          {among.map((x) => (
            <option key={x.id} value={x.id}>
              {x.name}
            </option>
          ))}
        </select>
      </label>
      <button className="key" onClick={onCopy}>
        <Plus size={20} /> {label}
      </button>
    </div>
  );
}
