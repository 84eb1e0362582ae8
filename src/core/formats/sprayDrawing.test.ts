import { produce } from 'immer';
import { composeAll } from '../compose/composer';
import { composeRequestOf } from '../plan/composeRequest';
import { derivePlan } from '../plan/derivePlan';
import { defaultLine, newArrangement, newProject } from '../plan/newProject';
import { cakeOf, FORMS } from '../testing/samples';
import { CHECK_BAR_MM, drawingSvg } from './drawing';
import { rowDrawings, sprayDrawing } from './sprayDrawing';
import { ENGLISH } from '../words/english';

/** An SVG's numbers, read by another hand: attributes of the element with an id. */
function element(svg: string, id: string): Record<string, number> {
  const tag = new RegExp(`<\\w+ id="${id}"[^>]*>`).exec(svg)![0];
  return Object.fromEntries([...tag.matchAll(/ (\w+)="(-?[\d.]+)"/g)].map((m) => [m[1]!, Number(m[2])]));
}

describe.each(FORMS.filter((f) => f === 'crescent' || f === 'ring' || f === 'posy'))('a spray of a %s as SVG', (form) => {
  const cake = cakeOf([220, 110]);
  const empty = produce({ ...newProject('j', 'J', '2027-06-12T09:30'), cake }, (d) => {
    d.arrangements = [{ ...newArrangement('a1', defaultLine(form, cake)), method: 'taped spray' }];
  });
  const [best] = composeAll({ ...composeRequestOf({ project: empty, index: 0, seed: 3, proposals: 1, tin: [] })!, effort: 0.05 });
  const plan = derivePlan({ ...empty, arrangements: [best!.arrangement] });
  const spray = plan.arrangements[0]!.sprays[0]!;
  const svg = drawingSvg(
    sprayDrawing({ spray, plan: { ...plan, words: ENGLISH }, arrangementId: 'a1', title: 'Harbour & library <1>' }),
  );

  test('a unit is a millimetre, and the bar is 100 of them', () => {
    const [, w, h, vw, vh] = /width="([\d.]+)mm" height="([\d.]+)mm" viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(svg)!;
    expect([Number(vw), Number(vh)]).toEqual([Number(w), Number(h)]);
    const bar = element(svg, 'check-bar');
    expect(bar.x2! - bar.x1!).toBeCloseTo(CHECK_BAR_MM, 2);
    expect(bar.x2!).toBeLessThan(Number(w));
  });

  test('joints stand as far apart as on the stem, stalks are as long as they are, within 0.05 mm', () => {
    for (const arm of ['first', 'second'] as const) {
      const leads = spray.joints.filter((j) => j.arm === arm && !j.onto);
      for (let i = 1; i < leads.length; i++) {
        const [a, b] = [element(svg, `joint-${leads[i - 1]!.order}`), element(svg, `joint-${leads[i]!.order}`)];
        expect(Math.abs(b.cx! - a.cx! - (leads[i]!.fromTipMm - leads[i - 1]!.fromTipMm))).toBeLessThan(0.05);
      }
    }
    for (const j of spray.joints.filter((x) => !x.onto)) {
      const s = element(svg, `stalk-${j.order}`);
      expect(Math.abs(Math.hypot(s.x2! - s.x1!, s.y2! - s.y1!) - j.stalkMm)).toBeLessThan(0.05);
    }
  });

  test('on paper each arm is a drawing of its own, and nothing of it lies outside', () => {
    const rows = rowDrawings({ spray, plan: { ...plan, words: ENGLISH }, arrangementId: 'a1', title: 'Job' });
    expect(rows.length).toBe(new Set(spray.joints.map((j) => j.arm)).size);
    for (const row of rows)
      for (const mark of row.marks) {
        if (mark.kind !== 'ellipse') continue;
        // how far a turned ellipse reaches across and down
        const [c, s] = [Math.cos((mark.turnDeg * Math.PI) / 180), Math.sin((mark.turnDeg * Math.PI) / 180)];
        const across = Math.hypot(mark.rxMm * c, mark.ryMm * s);
        const down = Math.hypot(mark.rxMm * s, mark.ryMm * c);
        expect(mark.at[0] - across).toBeGreaterThan(0);
        expect(mark.at[1] - down).toBeGreaterThan(0);
        expect(mark.at[0] + across).toBeLessThan(row.widthMm);
        expect(mark.at[1] + down).toBeLessThan(row.heightMm);
      }
  });

  test('nothing lies outside the sheet, no number is missing, names are not markup', () => {
    const [, w, h] = /viewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(svg)!;
    for (const m of svg.matchAll(/ (?:x|x1|x2|cx)="(-?[\d.]+)"/g)) {
      expect(Number(m[1])).toBeGreaterThanOrEqual(0);
      expect(Number(m[1])).toBeLessThanOrEqual(Number(w));
    }
    for (const m of svg.matchAll(/ (?:y|y1|y2|cy)="(-?[\d.]+)"/g)) expect(Number(m[1])).toBeLessThanOrEqual(Number(h));
    expect(svg).not.toMatch(/NaN|Infinity|undefined/);
    expect(svg).toContain('Harbour &amp; library &lt;1&gt;');
  });
});
