/** 128 bits by chance, as hexadecimal digits; `crypto.randomUUID` is not there where a page comes over plain HTTP from another machine. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return [...bytes].map((b) => b.toString(16).padStart(2, '0')).join('');
}
