'use client';

import { useRef, type ReactNode } from 'react';
import { askForFile } from './fileAccess';

/** The key that opens a file of the device. `name` is what the field for it is called; the handle comes along where there is one. */
export function OpenFile({
  children,
  name,
  accept,
  onFile,
}: {
  children: ReactNode;
  name: string;
  /** kinds of content and their endings: `{ 'text/csv': ['.csv'] }` */
  accept: Record<string, string[]>;
  onFile(file: File, handle: FileSystemFileHandle | null): void;
}) {
  const field = useRef<HTMLInputElement>(null);
  const ask = async () => {
    const chosen = await askForFile(accept);
    if (chosen === 'upload') field.current?.click();
    else if (chosen) onFile(await chosen.getFile(), chosen);
  };
  return (
    <>
      <button className="key" onClick={() => void ask()}>
        {children}
      </button>
      <input
        ref={field}
        type="file"
        accept={[...Object.keys(accept), ...Object.values(accept).flat()].join(',')}
        className="hidden"
        aria-label={name}
        onChange={(e) => {
          const chosen = e.target.files?.[0];
          e.target.value = '';
          if (chosen) onFile(chosen, null);
        }}
      />
    </>
  );
}
