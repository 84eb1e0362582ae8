import { PDFDict, PDFDocument, PDFHexString, PDFName, PDFNumber, PDFArray } from 'pdf-lib';
import { addBookmarks } from './bookmarks';

/** What a reader of ISO 32000-1, 12.3.3 finds: the outline’s items by their links from the first to the last, and back. */
async function outlineOf(titles: readonly { title: string; page: number }[]) {
  const made = await PDFDocument.create();
  for (let i = 0; i < 4; i++) made.addPage();
  addBookmarks(made, titles);
  const pdf = await PDFDocument.load(await made.save());
  const outline = pdf.catalog.lookupMaybe(PDFName.of('Outlines'), PDFDict);
  if (!outline) return null;
  const items: PDFDict[] = [];
  for (let at = outline.lookupMaybe(PDFName.of('First'), PDFDict); at; at = at.lookupMaybe(PDFName.of('Next'), PDFDict))
    items.push(at);
  const back: PDFDict[] = [];
  for (let at = outline.lookupMaybe(PDFName.of('Last'), PDFDict); at; at = at.lookupMaybe(PDFName.of('Prev'), PDFDict))
    back.unshift(at);
  const pageOf = (item: PDFDict) => pdf.getPages().findIndex((p) => p.ref === item.lookup(PDFName.of('Dest'), PDFArray).get(0));
  return {
    count: outline.lookup(PDFName.of('Count'), PDFNumber).asNumber(),
    mode: pdf.catalog.lookup(PDFName.of('PageMode'), PDFName).asString(),
    items: items.map((i) => [i.lookup(PDFName.of('Title'), PDFHexString).decodeText(), pageOf(i)]),
    sameBack: back.length === items.length && back.every((b, i) => b === items[i]),
    parents: items.every((i) => i.lookup(PDFName.of('Parent'), PDFDict) === outline),
  };
}

test('three bookmarks: in order forward and back, each to its page, all below one outline that is shown at once', async () => {
  const titles = [
    { title: 'The cake', page: 0 },
    { title: 'Fils et ruban, gâteau à l’étage', page: 3 },
    { title: 'Días', page: 1 },
  ];
  expect(await outlineOf(titles)).toEqual({
    count: 3,
    mode: '/UseOutlines',
    items: titles.map((t) => [t.title, t.page]),
    sameBack: true,
    parents: true,
  });
});

test('one alone is first and last', async () => {
  expect(await outlineOf([{ title: 'All', page: 2 }])).toMatchObject({ count: 1, items: [['All', 2]], sameBack: true });
});

test('none, no outline', async () => expect(await outlineOf([])).toBeNull());
