// Reads a PDF back with an independent reader (pdfjs-dist) and prints its pages as JSON: sizes, straight lines, outlines and
// words in mm from the upper left corner of the sheet.
import { readFileSync } from 'node:fs';
import { getDocument, OPS, Util } from 'pdfjs-dist/legacy/build/pdf.mjs';

const MM = 25.4 / 72;
const [MOVE, LINE, CURVE, QUADRATIC, CLOSE] = [0, 1, 2, 3, 4];
const ARGUMENTS = { [MOVE]: 2, [LINE]: 2, [CURVE]: 6, [QUADRATIC]: 4, [CLOSE]: 0 };

const pdf = await getDocument({ data: new Uint8Array(readFileSync(process.argv[2])), verbosity: 0 }).promise;
const pages = [];
for (let n = 1; n <= pdf.numPages; n++) {
  const page = await pdf.getPage(n);
  const [, , width, height] = page.view;
  const { fnArray, argsArray } = await page.getOperatorList();
  let state = { matrix: [1, 0, 0, 1, 0, 0], lineWidth: 1 };
  const stack = [];
  const paths = [];
  const mm = (x, y) => {
    const at = [x, y];
    Util.applyTransform(at, state.matrix);
    return [at[0] * MM, (height - at[1]) * MM];
  };
  fnArray.forEach((fn, i) => {
    const args = argsArray[i];
    if (fn === OPS.save) stack.push({ ...state });
    else if (fn === OPS.restore) state = stack.pop();
    else if (fn === OPS.transform) state = { ...state, matrix: Util.transform(state.matrix, args) };
    else if (fn === OPS.setLineWidth) state = { ...state, lineWidth: args[0] };
    else if (fn === OPS.constructPath && args[1][0]) {
      const data = args[1][0];
      const points = [];
      let curved = false;
      for (let k = 0; k < data.length; k += 1 + ARGUMENTS[data[k]]) {
        const of = ARGUMENTS[data[k]];
        curved ||= data[k] === CURVE;
        if (of) points.push(mm(data[k + of - 1], data[k + of]));
      }
      paths.push({ points, curved, widthMm: state.lineWidth * MM, clips: args[0] === OPS.endPath });
    }
  });
  // the tree of tags as a reader of the screen is given it, each with what stands for it where it is a picture
  const roles = [];
  const walk = (node, depth) => {
    if (!node.role) return;
    roles.push({ role: node.role, depth, ...(node.alt ? { alt: node.alt } : {}) });
    for (const child of node.children ?? []) walk(child, depth + 1);
  };
  const tree = await page.getStructTree();
  if (tree) walk(tree, 0);
  const { items } = await page.getTextContent();
  const words = items
    .filter((t) => t.str.trim())
    .map((t) => ({ words: t.str, at: [t.transform[4] * MM, (height - t.transform[5]) * MM] }));
  pages.push({ widthMm: width * MM, heightMm: height * MM, paths, words, roles });
}
const { info } = await pdf.getMetadata();
const outline = [];
for (const item of (await pdf.getOutline()) ?? [])
  outline.push({ title: item.title, page: await pdf.getPageIndex(item.dest[0]) });
process.stdout.write(JSON.stringify({ title: info.Title ?? '', outline, pages }));
