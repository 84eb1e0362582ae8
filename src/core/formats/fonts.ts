import { StandardFonts, type PDFDocument, type PDFFont } from 'pdf-lib';

export interface Fonts {
  plain: PDFFont;
  bold: PDFFont;
}

export async function standardFonts(pdf: PDFDocument): Promise<Fonts> {
  return { plain: await pdf.embedFont(StandardFonts.Helvetica), bold: await pdf.embedFont(StandardFonts.HelveticaBold) };
}

/** The text with what the font does not have as a question mark. */
export function printable(font: PDFFont, words: string): string {
  const known = new Set(font.getCharacterSet());
  return [...words].map((c) => (known.has(c.codePointAt(0)!) ? c : '?')).join('');
}
