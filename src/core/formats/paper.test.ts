import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PAPER_FONTS } from './fontsForTests';
import { mm, Paper } from './paper';
import { Column, MARGIN, MARGIN_MM } from './pdfColumn';

interface Page {
  words: { words: string; at: [number, number] }[];
  roles: { role: string; depth: number; alt?: string }[];
}

/** Read back by pdfjs-dist, which knows nothing of how it was written. */
function readBack(pdf: Uint8Array): { pages: Page[] } {
  const file = join(mkdtempSync(join(tmpdir(), 'paper-')), 'paper.pdf');
  writeFileSync(file, pdf);
  const out = execFileSync(process.execPath, ['src/core/testing/readPdf.mjs', file], { encoding: 'utf8', maxBuffer: 1e8 });
  return JSON.parse(out) as { pages: Page[] };
}

const LONG = 'Every wire is covered before it goes into a cake. '.repeat(12).trim();

async function written(write: (column: Column, paper: Paper) => void): Promise<{ bytes: Uint8Array; pages: Page[] }> {
  const paper = new Paper('Žofie', PAPER_FONTS, 'en');
  const addPage = () => paper.addPage(210, 297, MARGIN_MM);
  addPage();
  write(new Column(paper, addPage, { x: MARGIN, width: mm(210) - 2 * MARGIN }), paper);
  const bytes = await paper.bytes();
  return { bytes, ...readBack(bytes) };
}

// ISO 32000-1, 14.8.4: headings, paragraphs, lists with their labels and bodies, figures with what stands for them
test('a reader of the screen is given headings, paragraphs, one list for entries that follow each other, and pictures by name', async () => {
  const { pages } = await written((c, paper) => {
    c.title('The tray');
    c.words('Four kinds.', 11);
    c.row(4, 'dahlias');
    c.row(16, 'marigolds');
    c.heading('Paste');
    c.row('325 g', 'marigold');
    c.figure(20, 'one length of wire, cut in four', (x, top) => paper.doc.rect(x, top, 90, 10).stroke());
  });
  const entry = ['LI', 'Lbl', 'LBody'];
  const roles = pages[0]!.roles.filter((r) => r.role !== 'Root');
  expect(roles.map((r) => r.role)).toEqual(['Document', 'H1', 'P', 'L', ...entry, ...entry, 'H2', 'L', ...entry, 'Figure']);
  expect(roles.at(-1)!.alt).toBe('one length of wire, cut in four');
  const depthOf = (role: string) => new Set(roles.filter((r) => r.role === role).map((r) => r.depth));
  expect([...depthOf('LI')][0]).toBe([...depthOf('L')][0]! + 1);
});

test('what is set is embedded, cut down to what is used; nothing leans on letters of the reader’s machine', async () => {
  const { bytes } = await written((c) => c.words('Ωραία Žofie Жук', 11));
  const text = Buffer.from(bytes).toString('latin1');
  const faces = [...text.matchAll(/\/BaseFont \/([A-Za-z+-]+)/g)].map((m) => m[1]!);
  expect(faces.length).toBeGreaterThanOrEqual(3);
  // ISO 32000-1, 9.6.4: six letters and a plus say that a face is cut down
  for (const face of faces) expect(face).toMatch(/^[A-Z]{6}\+(Atkinson|Noto)/);
  expect(text.match(/\/FontFile[23]? /g)!.length).toBeGreaterThanOrEqual(3);
  expect(bytes.length).toBeLessThan(60_000);
});

test('text wraps within its width and goes on over the foot of the page, nothing lost and nothing at the edge', async () => {
  const { pages } = await written((c) => {
    for (let i = 0; i < 40; i++) c.words(`${i}: ${LONG}`, 11);
  });
  expect(pages.length).toBeGreaterThan(3);
  const said = pages.flatMap((p) => p.words.map((w) => w.words)).join(' ').replace(/\s+/g, ' '); // prettier-ignore
  for (let i = 0; i < 40; i++) expect(said).toContain(`${i}: ${LONG}`);
  for (const { at } of pages.flatMap((p) => p.words)) {
    expect(at[0]).toBeGreaterThan(MARGIN_MM - 0.5);
    expect(at[1]).toBeLessThan(297 - MARGIN_MM + 0.5);
  }
});

test('rows keep apart: each begins below the one before, however long it is', async () => {
  const { pages } = await written((c) => [1, 2, 3].forEach((n) => c.row(n, n === 2 ? LONG : `row ${n}`)));
  const at = (n: number) => pages[0]!.words.find((w) => w.words === `${n}`)!.at[1];
  const last = Math.max(...pages[0]!.words.filter((w) => LONG.includes(w.words) && w.words.length > 9).map((w) => w.at[1]));
  expect(at(2) - at(1)).toBeGreaterThan(4);
  expect(at(3)).toBeGreaterThan(last + 3);
});

test('the same is the same file to the last byte', async () => {
  const write = (c: Column) => c.words(LONG, 11);
  const [one, two] = [await written(write), await written(write)];
  expect(Buffer.compare(Buffer.from(one.bytes), Buffer.from(two.bytes))).toBe(0);
});
