/** A file that is no text in UTF-8 or UTF-16. */
export class NoText extends Error {}

const decoded = (bytes: Uint8Array, encoding: string): string => {
  try {
    return new TextDecoder(encoding, { fatal: true }).decode(bytes);
  } catch {
    throw new NoText(encoding);
  }
};

/**
 * The text of a file as spreadsheets and editors write them: UTF-8 or UTF-16 by its byte order mark (Unicode 15, 23.8), which is not
 * part of the text; without one UTF-16 where every other of the first bytes is nothing, else UTF-8. Anything else throws `NoText`.
 */
export function textOf(bytes: Uint8Array): string {
  const [a, b] = bytes;
  if (a === 0xff && b === 0xfe) return decoded(bytes, 'utf-16le');
  if (a === 0xfe && b === 0xff) return decoded(bytes, 'utf-16be');
  if (bytes.length > 3 && a && !b && bytes[2] && !bytes[3]) return decoded(bytes, 'utf-16le');
  if (bytes.length > 3 && !a && b && !bytes[2] && bytes[3]) return decoded(bytes, 'utf-16be');
  return decoded(bytes, 'utf-8');
}
