import type { DerivedPlan } from '../plan/derivePlan';
import type { Joint, Spray } from '../tape/tree';

import { radToDeg } from '../geometry/numbers';
import { wireName } from '../wire/gauge';
import { CHECK_BAR_MM, circle, INK, line, text, type Drawing, type Mark } from './drawing';

/** White round the drawing, and between its rows, mm. */
const MARGIN_MM = 12;
const ROW_GAP_MM = 10;
const RULE_MM = 9;
/** The list of a row: width, and from line to line. */
const LIST_MM = 80;
const LIST_GAP_MM = 8;
const LIST_STEP_MM = 4;
/** At the heel joints lie on one place: drawn so far apart. */
const HEEL_STEP_MM = 14;

interface Head {
  name: string;
  radialMm: number;
  axialMm: number;
}

interface Row {
  title: string;
  joints: readonly Joint[];
  heel: boolean;
}

const TITLES = {
  first: 'First arm, from its tip',
  second: 'Second arm, from its tip',
  heel: 'At the heel, light to heavy',
} as const;

/**
 * A spray's branching diagram at true size: stems, stalks and heads at true size, one row an arm, joints
 * numbered in taping order with their distance from the tip and the thickness below them. Stalks are drawn straight at 45°, in
 * turn above and below. A bar of 100 mm checks the print.
 */
export function sprayDrawing(
  spray: Spray,
  plan: Pick<DerivedPlan, 'heads' | 'wires'>,
  arrangementId: string,
  title: string,
): Drawing {
  const headOf = (id: string): Head =>
    plan.heads.find((h) => h.arrangementId === arrangementId && h.pieceId === id) ?? { name: 'piece', radialMm: 5, axialMm: 5 };
  const gaugeOf = (id: string) =>
    plan.wires.find((w) => w.arrangementId === arrangementId && w.pieceId === id && w.use === 'stem')?.gauge ?? null;
  const rows = (['first', 'second', 'heel'] as const)
    .map((arm): Row => ({ title: TITLES[arm], heel: arm === 'heel', joints: spray.joints.filter((j) => j.arm === arm) }))
    .filter((r) => r.joints.length > 0)
    .sort((a, b) => a.joints[0]!.order - b.joints[0]!.order);
  const parts: Mark[] = [text([MARGIN_MM, MARGIN_MM], title, 5)];
  let width = CHECK_BAR_MM;
  let y = MARGIN_MM + 14;
  for (const row of rows) {
    const leads = row.joints.filter((j) => j.onto === null);
    const reach = Math.max(...row.joints.map((j) => headOf(j.pieceId)).map((h) => 2 * Math.max(h.radialMm, h.axialMm)), 10);
    const rise = Math.max(...leads.map((j) => j.stalkMm)) * Math.SQRT1_2 + reach;
    const stemY = y + rise + 4;
    const x = (j: Joint, i: number) => MARGIN_MM + reach + (row.heel ? i * HEEL_STEP_MM : j.fromTipMm);
    const end = row.heel
      ? x(leads[0]!, leads.length)
      : MARGIN_MM + reach + Math.max(...leads.map((j) => j.fromTipMm + j.toPickMm));
    parts.push(text([MARGIN_MM, y], row.title, 4));
    leads.forEach((j, i) => {
      const to = i + 1 < leads.length ? x(leads[i + 1]!, i + 1) : end;
      parts.push(line([x(j, i), stemY], [to, stemY], j.thicknessMm, '#28653c'));
    });
    leads.forEach((j, i) => parts.push(...jointMarks(j, x(j, i), stemY, i % 2 ? 1 : -1, headOf(j.pieceId))));
    // what no room is for beside the stalks stands in a list at the end of the row
    row.joints.forEach((j, i) =>
      parts.push(
        text(
          [end + LIST_GAP_MM, y + 6 + i * LIST_STEP_MM],
          listed(j, headOf(j.pieceId).name, gaugeOf(j.pieceId), row.joints),
          2.8,
        ),
      ),
    );
    const below = stemY + rise + 4;
    if (!row.heel) parts.push(text([MARGIN_MM, below + 4], 'mm from tip', 2.4));
    parts.push(text([MARGIN_MM, below + RULE_MM], 'mm thick', 2.4));
    leads.forEach((j, i) => {
      if (!row.heel) parts.push(text([x(j, i), below + 4], `${Math.round(j.fromTipMm)}`, 2.4, 'middle'));
      parts.push(text([x(j, i), below + RULE_MM], j.thicknessMm.toFixed(1), 2.4, 'middle'));
    });
    width = Math.max(width, end - MARGIN_MM + LIST_GAP_MM + LIST_MM);
    y = Math.max(below + RULE_MM, y + 6 + row.joints.length * LIST_STEP_MM) + ROW_GAP_MM;
  }
  parts.push(line([MARGIN_MM, y + 2], [MARGIN_MM + CHECK_BAR_MM, y + 2], 0.6, INK, 'check-bar'));
  parts.push(text([MARGIN_MM, y + 8], `This bar is ${CHECK_BAR_MM} mm long: if it is not, print at 100 %.`, 3.4));
  return { title, widthMm: width + 2 * MARGIN_MM, heightMm: y + 14, marks: parts };
}

function listed(j: Joint, name: string, gauge: number | null, joints: readonly Joint[]): string {
  const lead = j.onto === null ? null : (joints.find((k) => k.pieceId === j.onto)?.order ?? null);
  return `${j.order}  ${name}, ${Math.round(j.stalkMm)} mm free${gauge === null ? '' : `, ${wireName(gauge)}`}${lead === null ? '' : `, on the stem of ${lead}`}`;
}

/** The stalk, the head's outline with its joint's number, and the joint. A face is a circle, a sprig lies along its stalk. */
function jointMarks(j: Joint, x: number, y: number, side: 1 | -1, { axialMm, radialMm }: Head): Mark[] {
  const [dx, dy] = j.tip ? [-1, 0] : [-Math.SQRT1_2, side * Math.SQRT1_2];
  const [ex, ey] = [x + dx * j.stalkMm, y + dy * j.stalkMm];
  const sprig = axialMm > radialMm;
  const [cx, cy] = [ex + dx * axialMm, ey + dy * axialMm];
  return [
    line([ex, ey], [x, y], 0.8, '#746370', `stalk-${j.order}`),
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
    circle([x, y], 2.2, 0.5, '#28653c', '#f9fdfe', `joint-${j.order}`),
    text([x, y + 0.9], `${j.order}`, 2.6, 'middle'),
  ];
}
