import { MATERIAL, type Material } from './materials';
import { lineIn } from './treeLines';
import { changeLine } from './edited';
import type { Form, Part } from './part';
import type { Work } from './work';

/** Whether a part may be made of it: paper is cut, never rolled between the palms. */
export const mayBeOf = ({ form }: Part, material: Material): boolean =>
  form !== null && (MATERIAL[material].paste || form.as === 'sheet');

/** A sheet is as thick as it was where the material can be rolled so, else as is usual; as thick as at first where it was of it then. */
function formOf(form: Form, material: Material, first: Form | null): Form {
  if (form.as !== 'sheet') return { ...form, material };
  if (first?.as === 'sheet' && first.material === material) return { ...form, material, thicknessMm: first.thicknessMm };
  const { least, usual, most } = MATERIAL[material].sheetMm;
  const fits = form.thicknessMm >= least && form.thicknessMm <= most;
  return { ...form, material, thicknessMm: fits ? form.thicknessMm : usual };
}

const PAPER_WORK: Work = 'leaf-paper';
const CUT_OF_SHEETS = /^(leaf|petal|round)-|^rosette$/;

/** What is cut of paper is painted; what was is cut and thinned again, as it was at first or as is usual for its wire. */
function workOf(part: Part, paper: boolean, first: Part | null): readonly Work[] {
  if (paper) return part.work.map((w) => (CUT_OF_SHEETS.test(w) ? PAPER_WORK : w));
  const usual: Work = part.kind === 'leaf' ? (part.on.by === 'wire' ? 'leaf-cut' : 'leaf-unwired') : part.on.by === 'wire' ? 'petal-wired' : 'petal-glued'; // prettier-ignore
  const had = first?.work.find((w) => CUT_OF_SHEETS.test(w) && w !== PAPER_WORK);
  return part.work.map((w) => (w === PAPER_WORK ? (had ?? usual) : w));
}

/** A line of another material; one that cannot be made of it stays as it is. `original` has it as it was at first. */
export function withMaterial(root: Part, id: string, material: Material, original = root): Part {
  const first = lineIn(original, id);
  return changeLine(root, id, (part) => {
    if (!part.form || part.form.material === material || !mayBeOf(part, material)) return part;
    const paper = !MATERIAL[material].paste;
    const work = part.form.as === 'sheet' ? workOf(part, paper, first) : part.work;
    return { ...part, form: formOf(part.form, material, first?.form ?? null), work };
  });
}
