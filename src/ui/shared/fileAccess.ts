import type { FileRefusal } from '@/core/boundary/refusals';
import { NoText, textOf } from '@/core/formats/textOf';
/**
 * Files of the device: saved and opened through the browser's file access where it has one, by download and upload where not. A
 * file that was opened stays known, so that its job can be saved into it again.
 */
declare global {
  interface Window {
    showSaveFilePicker?(options: object): Promise<FileSystemFileHandle>;
    showOpenFilePicker?(options: object): Promise<FileSystemFileHandle[]>;
  }
}

/** A person who closes the dialog wants nothing saved; any other refusal (a press that is too long ago) falls back to a download. */
const closed = (cause: unknown): boolean => cause instanceof DOMException && cause.name === 'AbortError';

/** Hands a text or bytes to the browser as a file; the handle it was saved under where the browser has file access. */
export async function saveFile(
  name: string,
  content: string | Uint8Array<ArrayBuffer>,
  type = 'application/json',
): Promise<FileSystemFileHandle | null> {
  const { showSaveFilePicker } = window;
  if (showSaveFilePicker) {
    try {
      const ending = name.slice(name.lastIndexOf('.'));
      const handle = await showSaveFilePicker({ suggestedName: name, types: [{ accept: { [type]: [ending] } }] });
      await writeInto(handle, content);
      return handle;
    } catch (cause) {
      if (closed(cause)) return null;
    }
  }
  const url = URL.createObjectURL(new Blob([content], { type }));
  const a = document.createElement('a');
  a.href = url;
  a.download = name;
  a.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
  return null;
}

/** Writes a file anew; it is changed only once all of it is written. */
export async function writeInto(handle: FileSystemFileHandle, content: string | Uint8Array<ArrayBuffer>): Promise<void> {
  const out = await handle.createWritable();
  await out.write(content);
  await out.close();
}

/** Asks for one file where the browser has file access; `upload` where it has not, null where none was chosen. */
export async function askForFile(accept: Record<string, string[]>): Promise<FileSystemFileHandle | 'upload' | null> {
  const { showOpenFilePicker } = window;
  if (!showOpenFilePicker) return 'upload';
  try {
    return (await showOpenFilePicker({ types: [{ accept }], multiple: false }))[0] ?? null;
  } catch (cause) {
    return closed(cause) ? null : 'upload';
  }
}

/** From this size on, how much has been read is told. */
const LARGE_BYTES = 2_000_000;

/** All bytes of a file; of a large one, what share has been read is told on the way, and null at the end. */
export async function readBytes(file: File, tell: (share: number | null) => void): Promise<Uint8Array<ArrayBuffer>> {
  if (file.size < LARGE_BYTES) return new Uint8Array(await file.arrayBuffer());
  const all = new Uint8Array(file.size);
  let read = 0;
  const reader = file.stream().getReader();
  try {
    for (let part = await reader.read(); !part.done; part = await reader.read()) {
      all.set(part.value, read);
      read += part.value.length;
      tell(read / file.size);
    }
  } finally {
    tell(null);
  }
  return all;
}

/** The text of a file, or why it is none. */
export async function textOfFile(file: Blob): Promise<{ text: string } | { why: FileRefusal }> {
  try {
    return { text: textOf(new Uint8Array(await file.arrayBuffer())) };
  } catch (cause) {
    if (cause instanceof NoText) return { why: { code: 'file.no-text', values: {} } };
    throw cause;
  }
}
