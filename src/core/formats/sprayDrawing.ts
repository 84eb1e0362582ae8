import type { DerivedPlan } from '../plan/derivePlan';
import type { Joint, Spray } from '../tape/tree';

import { radToDeg } from '../geometry/numbers';
import type { Words } from '../words/words';
import { CHECK_BAR_MM, circle, INK, line, text, type Drawing, type Mark } from './drawing';
import { must } from '../geometry/must';

/** White round the drawing, and between its rows, mm. */
const MARGIN_MM = 12;
const ROW_GAP_MM = 10;
const RULE_MM = 9;
/** The list of a row: width, and from line to line. */
const LIST_MM = 80;
const LIST_GAP_MM = 6;
const LIST_STEP_MM = 4;
/** On a sheet of its own a row begins so far down. */
const SHEET_TOP_MM = 6;
/** At the heel joints lie on one place: drawn so far apart. */
const HEEL_STEP_MM = 14;

interface Head {
  species: string;
  stage: string;
  radialMm: number;
  axialMm: number;
}

interface Row {
  arm: Arm;
  joints: readonly Joint[];
  heel: boolean;
}

type Arm = 'first' | 'second' | 'heel';

/** What of a plan is drawn, and in which words. */
interface Told extends Pick<DerivedPlan, 'heads' | 'wires'> {
  words: Words;
}

interface SprayDrawingOptions {
  spray: Spray;
  plan: Told;
  arrangementId: string;
  title: string;
}

/**
 * A spray's branching diagram at true size, a row an arm: stems, stalks and heads, joints numbered in taping order with their
 * distance from the tip and the thickness below them, and a list of the pieces. Stalks are drawn straight at 45°, in turn above
 * and below. A bar of 100 mm checks the print.
 */
export function sprayDrawing({ spray, plan, arrangementId, title }: SprayDrawingOptions): Drawing {
  const parts: Mark[] = [text([MARGIN_MM, MARGIN_MM], title, 5)];
  let width = CHECK_BAR_MM + 2 * MARGIN_MM;
  let y = MARGIN_MM + 10;
  for (const row of rowsOf(spray)) {
    const drawn = drawRow(row, plan, arrangementId, y);
    parts.push(...drawn.marks);
    width = Math.max(width, drawn.widthMm);
    y = drawn.toMm + ROW_GAP_MM;
  }
  parts.push(
    line({ from: [MARGIN_MM, y + 2], to: [MARGIN_MM + CHECK_BAR_MM, y + 2], widthMm: 0.6, colour: INK, id: 'check-bar' }),
  );
  parts.push(
    text([MARGIN_MM, y + 8], plan.words.label('paper.check-bar', { length: plan.words.units.length(CHECK_BAR_MM) }), 3.4),
  );
  return { title, widthMm: width, heightMm: y + 14, marks: parts };
}

interface RowDrawingsOptions {
  spray: Spray;
  plan: Told;
  arrangementId: string;
  title: string;
}

/** The same with a drawing for each row, so that an arm lies on one sheet of paper where it fits. */
export const rowDrawings = ({ spray, plan, arrangementId, title }: RowDrawingsOptions): Drawing[] =>
  rowsOf(spray).map((row) => {
    const { marks, widthMm, toMm } = drawRow(row, plan, arrangementId, SHEET_TOP_MM);
    return {
      title: plan.words.label('diagram.row', { title, row: plan.words.label(`diagram.${row.arm}`) }),
      widthMm,
      heightMm: toMm + 2,
      marks,
    };
  });

const rowsOf = (spray: Spray): Row[] =>
  (['first', 'second', 'heel'] as const)
    .map((arm): Row => ({ arm, heel: arm === 'heel', joints: spray.joints.filter((j) => j.arm === arm) }))
    .filter((r) => r.joints.length > 0)
    .sort((a, b) => must(a.joints[0]).order - must(b.joints[0]).order);

/** One row from `fromMm` down: its title, the arm, the rule below it, and the list of its pieces in columns. */
function drawRow(row: Row, plan: Told, arrangementId: string, fromMm: number): { marks: Mark[]; widthMm: number; toMm: number } {
  const { words } = plan;
  const headOf = (id: string): Head =>
    plan.heads.find((h) => h.arrangementId === arrangementId && h.pieceId === id) ?? {
      species: '',
      stage: '',
      radialMm: 5,
      axialMm: 5,
    };
  const gaugeOf = (id: string) =>
    plan.wires.find((w) => w.arrangementId === arrangementId && w.pieceId === id && w.use === 'stem')?.gauge ?? null;
  const leads = row.joints.filter((j) => j.onto === null);
  const side = (i: number): 1 | -1 => (i % 2 ? 1 : -1);
  const away = (j: Joint) => {
    const { radialMm, axialMm } = headOf(j.pieceId);
    return (j.stalkMm + axialMm) * Math.SQRT1_2 + Math.max(radialMm, axialMm);
  };
  const tipReach = (j: Joint) => {
    const { radialMm, axialMm } = headOf(j.pieceId);
    return j.stalkMm + axialMm + Math.max(radialMm, axialMm);
  };
  const rise = (of: 1 | -1) =>
    Math.max(8, ...leads.map((j, i) => (j.tip ? headOf(j.pieceId).radialMm : side(i) === of ? away(j) : 0)));
  const place = (j: Joint, i: number) => (row.heel ? i * HEEL_STEP_MM : j.fromTipMm);
  const before = Math.max(10, ...leads.map((j, i) => (j.tip ? tipReach(j) : away(j)) - place(j, i)));
  const x = (j: Joint, i: number) => MARGIN_MM + before + place(j, i);
  const end = row.heel
    ? x(must(leads[0]), leads.length)
    : MARGIN_MM + before + Math.max(...leads.map((j) => j.fromTipMm + j.toPickMm));
  const stemY = fromMm + 4 + rise(-1);
  const marks: Mark[] = [text([MARGIN_MM, fromMm], words.label(`diagram.${row.arm}`), 4)];
  leads.forEach((j, i) => {
    const to = i + 1 < leads.length ? x(must(leads[i + 1]), i + 1) : end;
    marks.push(line({ from: [x(j, i), stemY], to: [to, stemY], widthMm: j.thicknessMm, colour: '#28653c' }));
  });
  leads.forEach((j, i) => marks.push(...jointMarks(j, [x(j, i), stemY], side(i), headOf(j.pieceId))));
  const below = stemY + rise(1) + 4;
  const unit = words.units.sign;
  if (!row.heel) marks.push(text([MARGIN_MM, below + 4], words.label('diagram.from-tip', { unit }), 2.4));
  marks.push(text([MARGIN_MM, below + RULE_MM], words.label('diagram.thick', { unit }), 2.4));
  leads.forEach((j, i) => {
    const figure = (y: number, mm: number, digits: number) =>
      marks.push(text([x(j, i), y], words.units.figure(mm, digits), 2.4, 'middle'));
    if (!row.heel) figure(below + 4, j.fromTipMm, 0);
    figure(below + RULE_MM, j.thicknessMm, 1);
  });
  const far = Math.max(end, ...leads.map((j, i) => x(j, i) + headOf(j.pieceId).radialMm));
  const columns = Math.max(1, Math.floor((far - MARGIN_MM) / LIST_MM));
  const lines = Math.ceil(row.joints.length / columns);
  const listY = below + RULE_MM + LIST_GAP_MM;
  row.joints.forEach((j, i) => {
    const at = [MARGIN_MM + Math.floor(i / lines) * LIST_MM, listY + (i % lines) * LIST_STEP_MM] as const;
    marks.push(text(at, listed({ j, head: headOf(j.pieceId), gauge: gaugeOf(j.pieceId), joints: row.joints, words }), 2.8));
  });
  return { marks, widthMm: Math.max(far, MARGIN_MM + columns * LIST_MM) + 4, toMm: listY + lines * LIST_STEP_MM };
}

interface ListedOptions {
  j: Joint;
  head: Head;
  gauge: number | null;
  joints: readonly Joint[];
  words: Words;
}

function listed({ j, head, gauge, joints, words }: ListedOptions): string {
  const lead = j.onto === null ? null : (joints.find((k) => k.pieceId === j.onto)?.order ?? null);
  return words.label('diagram.piece', {
    joint: j.order,
    piece: words.pieceTitle(head),
    stalk: words.units.length(j.stalkMm),
    wired: gauge === null ? 'no' : 'yes',
    gauge: gauge === null ? '' : words.gauge(gauge),
    led: lead === null ? 'no' : 'yes',
    lead: lead ?? '',
  });
}

/** The stalk, the head's outline with its joint's number, and the joint. A face is a circle, a sprig lies along its stalk. */
function jointMarks(j: Joint, [x, y]: readonly [number, number], side: 1 | -1, { axialMm, radialMm }: Head): Mark[] {
  const [dx, dy] = j.tip ? [-1, 0] : [-Math.SQRT1_2, side * Math.SQRT1_2];
  const [ex, ey] = [x + dx * j.stalkMm, y + dy * j.stalkMm];
  const sprig = axialMm > radialMm;
  const [cx, cy] = [ex + dx * axialMm, ey + dy * axialMm];
  return [
    line({ from: [ex, ey], to: [x, y], widthMm: 0.8, colour: '#746370', id: `stalk-${j.order}` }),
    {
      kind: 'ellipse',
      at: [cx, cy],
      rxMm: sprig ? axialMm : radialMm,
      ryMm: radialMm,
      turnDeg: radToDeg(Math.atan2(dy, dx)),
      widthMm: 0.4,
      colour: '#8c7a87',
    },
    text([cx, cy + 1], `${j.order}`, 3, 'middle'),
    circle({ at: [x, y], radiusMm: 2.2, widthMm: 0.5, colour: '#28653c', fill: '#f9fdfe', id: `joint-${j.order}` }),
    text([x, y + 0.9], `${j.order}`, 2.6, 'middle'),
  ];
}
