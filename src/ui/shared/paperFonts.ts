import type { PaperFonts } from '@/core/formats/paper';

// each address stands in full: the build finds the files by it
// the typeface of the bench first; Greek and Cyrillic letters, which it has not, from another
const PLAIN = [
  new URL('@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff', import.meta.url),
  new URL('@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff', import.meta.url),
  new URL('@fontsource/noto-sans/files/noto-sans-greek-400-normal.woff', import.meta.url),
  new URL('@fontsource/noto-sans/files/noto-sans-greek-ext-400-normal.woff', import.meta.url),
  new URL('@fontsource/noto-sans/files/noto-sans-cyrillic-400-normal.woff', import.meta.url),
  new URL('@fontsource/noto-sans/files/noto-sans-cyrillic-ext-400-normal.woff', import.meta.url),
];
const BOLD = [
  new URL('@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff', import.meta.url),
  new URL('@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff', import.meta.url),
  new URL('@fontsource/noto-sans/files/noto-sans-greek-700-normal.woff', import.meta.url),
  new URL('@fontsource/noto-sans/files/noto-sans-greek-ext-700-normal.woff', import.meta.url),
  new URL('@fontsource/noto-sans/files/noto-sans-cyrillic-700-normal.woff', import.meta.url),
  new URL('@fontsource/noto-sans/files/noto-sans-cyrillic-ext-700-normal.woff', import.meta.url),
];

const bytesOf = async (url: URL): Promise<Uint8Array> => {
  const answer = await fetch(url);
  if (!answer.ok) throw new Error(`${url.pathname}: ${answer.status}`);
  return new Uint8Array(await answer.arrayBuffer());
};

let fetched: Promise<PaperFonts> | null = null;

/** The typefaces of the sheets, fetched when something is first printed. */
export function paperFonts(): Promise<PaperFonts> {
  fetched ??= Promise.all([PLAIN, BOLD].map((urls) => Promise.all(urls.map(bytesOf)))).then(([plain, bold]) => ({
    plain: plain ?? [],
    bold: bold ?? [],
  }));
  fetched.catch(() => (fetched = null));
  return fetched;
}
