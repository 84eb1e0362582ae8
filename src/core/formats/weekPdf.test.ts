import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import harbour from '../demo/demo-harbour-library.ofrenda.json';
import { wallToText } from '../days/clock';
import { dayList } from '../plan/dayList';
import { derivePlan } from '../plan/derivePlan';
import { checkProject } from '../plan/project';
import { PAPER_FONTS } from './fontsForTests';
import { weekPdf } from './weekPdf';
import { ENGLISH } from '../words/english';

const checked = checkProject(harbour);
if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
const { project } = checked;
const plan = derivePlan(project);
const rows = dayList(plan, project.brief.leavesAt);

test('the week on paper, read back by another reader: every day, every sitting’s hours, a box and an hour for each task', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'week-')), 'week.pdf');
  writeFileSync(
    file,
    await weekPdf({
      rows,
      job: { name: project.name, leaves: 'Saturday', makers: [], notReady: '' },
      size: 'A4',
      fonts: PAPER_FONTS,
    }),
  );
  const { pages } = JSON.parse(execFileSync('node', ['src/core/testing/readPdf.mjs', file], { encoding: 'utf8' })) as {
    pages: { widthMm: number; heightMm: number; words: { words: string }[] }[];
  };
  const words = pages.flatMap((p) => p.words.map((w) => w.words));
  for (const page of pages) {
    expect(page.widthMm).toBeCloseTo(210, 0);
    expect(page.words.some((w) => w.words.includes(`/ ${pages.length}`))).toBe(true);
  }
  for (const { day, sittings } of rows) {
    expect(words.some((w) => w.includes(ENGLISH.units.day(day, { weekday: 'long', day: 'numeric', month: 'long' })))).toBe(true);
    for (const s of sittings) expect(words).toContain(`${wallToText(s.from).slice(11)} to ${wallToText(s.to).slice(11)}`);
  }
  for (const p of plan.schedule) expect(words).toContain(wallToText(p.from).slice(11));
});
