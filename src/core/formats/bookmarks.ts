import { PDFHexString, PDFName, PDFNumber, type PDFDocument, type PDFRef } from 'pdf-lib';

/** A bookmark: what a reader shows in its outline, and the page that it leads to, from 0. */
export interface Bookmark {
  title: string;
  page: number;
}

/** Puts an outline into a PDF, one level, in the given order (ISO 32000-1, 12.3.3: a linked list of dictionaries). */
export function addBookmarks(pdf: PDFDocument, bookmarks: readonly Bookmark[]): void {
  if (bookmarks.length === 0) return;
  const { context } = pdf;
  const outline = context.nextRef();
  const refs = bookmarks.map(() => context.nextRef());
  const last = refs.length - 1;
  bookmarks.forEach(({ title, page }, i) => {
    const links: Record<string, PDFRef> = { Parent: outline };
    if (i > 0) links.Prev = refs[i - 1]!;
    if (i < last) links.Next = refs[i + 1]!;
    const item = context.obj(links);
    item.set(PDFName.of('Title'), PDFHexString.fromText(title));
    item.set(PDFName.of('Dest'), context.obj([pdf.getPage(page).ref, PDFName.of('Fit')]));
    context.assign(refs[i]!, item);
  });
  const root = context.obj({ Type: 'Outlines', First: refs[0]!, Last: refs[last]! });
  root.set(PDFName.of('Count'), PDFNumber.of(refs.length));
  context.assign(outline, root);
  pdf.catalog.set(PDFName.of('Outlines'), outline);
  pdf.catalog.set(PDFName.of('PageMode'), PDFName.of('UseOutlines'));
}
