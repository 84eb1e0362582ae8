import { readFileSync } from 'node:fs';
import type { PaperFonts } from './paper';

const FACES = [
  ['atkinson-hyperlegible-next', 'latin'],
  ['atkinson-hyperlegible-next', 'latin-ext'],
  ['noto-sans', 'greek'],
  ['noto-sans', 'greek-ext'],
  ['noto-sans', 'cyrillic'],
  ['noto-sans', 'cyrillic-ext'],
] as const;

const files = (weight: 400 | 700): Uint8Array[] =>
  FACES.map(([face, letters]) =>
    readFileSync(require.resolve(`@fontsource/${face}/files/${face}-${letters}-${weight}-normal.woff`)),
  );

/** The typefaces of the sheets, as the packages ship them. */
export const PAPER_FONTS: PaperFonts = { plain: files(400), bold: files(700) };
