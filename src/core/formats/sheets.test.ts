import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CHECK_BAR_MM, circle, drawingSvg, line, text, type Drawing } from './drawing';
import { PAPER_FONTS } from './fontsForTests';
import { PAPERS } from './paper';
import { LAP_MM, sheetsOf, sheetsPdf } from './sheets';

interface ReadPage {
  widthMm: number;
  heightMm: number;
  paths: { points: [number, number][]; curved: boolean; widthMm: number; clips: boolean }[];
  words: { words: string; at: [number, number] }[];
}

/** Read back by pdfjs-dist, which knows nothing of how it was written. */
function readBack(pdf: Uint8Array): { title: string; pages: ReadPage[] } {
  const file = join(mkdtempSync(join(tmpdir(), 'sheets-')), 'sheets.pdf');
  writeFileSync(file, pdf);
  const read = join(__dirname, '..', 'testing', 'readPdf.mjs');
  return JSON.parse(execFileSync(process.execPath, [read, file], { encoding: 'utf8' })) as { title: string; pages: ReadPage[] };
}

const POINTS = [
  [12, 12],
  [180, 40],
  [388, 300],
  [205, 255],
] as const;
const LARGE: Drawing = {
  title: 'A template — ½',
  widthMm: 400,
  heightMm: 320,
  marks: [
    line({ from: [10, 10], to: [390, 310], widthMm: 0.5 }),
    ...POINTS.map((p) => circle({ at: p, radiusMm: 2, widthMm: 0.3 })),
    text([200, 160], 'in the middle ñ é €', 5, 'middle'),
    text([20, 30], 'Ž ő Ωραία Жук', 4),
  ],
};

describe.each(['A4', 'Letter'] as const)('sheets of %s', (paper) => {
  const sheets = sheetsOf(LARGE, paper);

  test('cover the whole drawing and lap by 10 mm', () => {
    for (let x = 0; x <= LARGE.widthMm; x += 20)
      for (let y = 0; y <= LARGE.heightMm; y += 20)
        expect(
          sheets.some(
            ({ fromMm: [fx, fy], sizeMm: [w, h] }) =>
              x >= fx - 1e-9 && x <= fx + w + 1e-9 && y >= fy - 1e-9 && y <= fy + h + 1e-9,
          ),
        ).toBe(true);
    const [a, b] = [sheets.find((s) => s.column === 0)!, sheets.find((s) => s.column === 1)!];
    expect(a.fromMm[0] + a.sizeMm[0] - b.fromMm[0]).toBeCloseTo(LAP_MM, 9);
    for (const s of sheets) for (const i of [0, 1] as const) expect(s.sizeMm[i]).toBeLessThanOrEqual(s.paperMm[i] - 20);
  });

  test('read back: paper size, the bar 100.0 ± 0.1 mm on every sheet, every point within 0.2 mm, which sheet it is', async () => {
    const { title, pages } = readBack(await sheetsPdf([LARGE], paper, PAPER_FONTS));
    expect(title).toBe(LARGE.title);
    expect(pages).toHaveLength(sheets.length);
    pages.forEach((page, i) => {
      const sheet = sheets[i]!;
      expect(Math.abs(page.widthMm - sheet.paperMm[0])).toBeLessThan(0.1);
      expect(Math.abs(page.heightMm - sheet.paperMm[1])).toBeLessThan(0.1);
      expect([...PAPERS[paper]].sort()).toEqual([...sheet.paperMm].sort());
      const bars = page.paths.filter((p) => Math.abs(p.widthMm - 0.6) < 1e-6).map((p) => [p.points[0]!, p.points.at(-1)!]);
      expect(bars).toHaveLength(1);
      const [[from, to]] = bars as [[[number, number], [number, number]]];
      expect(Math.abs(Math.hypot(to[0] - from[0], to[1] - from[1]) - CHECK_BAR_MM)).toBeLessThan(0.1);
      for (const end of [from, to]) expect(end[0] > 5 && end[0] < page.widthMm - 5).toBe(true);
      const rings = page.paths.filter((p) => p.curved);
      rings.forEach((ring, k) => {
        const xs = ring.points.map((p) => p[0]);
        const ys = ring.points.map((p) => p[1]);
        const at = [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
        expect(Math.abs(at[0]! - (POINTS[k]![0] - sheet.fromMm[0] + 10))).toBeLessThan(0.2);
        expect(Math.abs(at[1]! - (POINTS[k]![1] - sheet.fromMm[1] + 10))).toBeLessThan(0.2);
      });
      expect(page.words.map((w) => w.words).join(' | ')).toContain(`Sheet ${i + 1} of ${pages.length}`);
    });
    const said = pages.flatMap((page) => page.words.map((w) => w.words)).join(' | ');
    expect(said).toContain('in the middle ñ é €');
    // Latin Extended, Greek and Cyrillic; each stretch by the file that has it
    for (const stretch of ['Ž ő', 'Ωραία', 'Жук']) expect(said).toContain(stretch);
  });
});

test('what fits one sheet is on one, without crop marks; nothing to draw gives no sheet', async () => {
  const small = { ...LARGE, widthMm: 150, heightMm: 100 };
  expect(sheetsOf(small, 'A4')).toHaveLength(1);
  const { pages } = readBack(await sheetsPdf([small], 'A4', PAPER_FONTS));
  expect(pages[0]!.paths.filter((p) => Math.abs(p.widthMm - 0.2) < 1e-6)).toHaveLength(0);
  expect(pages[0]!.words.at(-1)!.words).toBe('Sheet 1 of 1');
});

test('as SVG a unit is a millimetre, and words are never markup', () => {
  const svg = drawingSvg({ ...LARGE, marks: [text([1, 2], '<b> & "c"', 3)] });
  expect(svg).toContain('width="400mm" height="320mm" viewBox="0 0 400 320"');
  expect(svg).toContain('&lt;b&gt; &amp; &quot;c&quot;');
});
