import { DEMO_JOBS } from '@/core/demo/jobs';
import { benchPackPdf } from '@/core/formats/benchPackPdf';
import { drawingSvg, measure, spoken } from '@/core/formats/drawing';
import { boxLabels } from '@/core/formats/labelsPdf';
import type { Voice } from '@/core/formats/voice';
import { derivePlan } from '@/core/plan/derivePlan';
import { checkProject, type Project } from '@/core/plan/project';
import { PLAIN_HABITS } from '@/data/habits';
import { setHabits } from './habits';
import { Phrases } from './phrases';
import { speakFrom, VOICE } from './say';
import { ARTICLES, SPANISH } from './spanish';

const phrases = new Phrases(SPANISH, ARTICLES);
afterEach(() => {
  speakFrom(null);
  setHabits(PLAIN_HABITS);
});

const projects = DEMO_JOBS.map((demo) => {
  const checked = checkProject(demo);
  if ('issues' in checked) throw new Error(checked.issues[0]!.message);
  return checked.project;
});
const taped = (project: Project): Project => ({
  ...project,
  arrangements: project.arrangements.map((a) => ({ ...a, method: 'taped spray' })),
});

describe('what is printed for the bench', () => {
  test('has no sentence that the phrase book does not know', async () => {
    const asked = new Set<string>();
    const voice: Voice = { ...VOICE, say: (text) => (asked.add(text), phrases.say(text)) };
    for (const project of projects.flatMap((p) => [p, taped(p)])) {
      const plan = derivePlan(project);
      const notes = { leaves: 'Saturday 12 June, leaves at 09:30', printed: '26 November 2026', sheets: [], pictures: [] };
      const pack = await benchPackPdf(project, plan, notes, voice);
      expect(pack.length).toBeGreaterThan(10_000);
      boxLabels(plan.tray, { name: project.name, leavesAt: project.brief.leavesAt }, voice);
    }
    expect(asked.size).toBeGreaterThan(1000);
    expect([...asked].filter((text) => !phrases.knows(text))).toEqual([]);
  });

  test('bare figures of a drawing, and the unit over them, follow the person’s own', () => {
    const marks = [
      measure([0, 0], { words: '{unit} from tip', mm: 0, digits: 0 }, 2),
      measure([0, 5], { words: 'cut {}, 35°', mm: 63.5, digits: 0 }, 2),
    ];
    const drawing = { title: 'Job', widthMm: 50, heightMm: 10, marks };
    expect(drawingSvg(drawing)).toMatch(/mm from tip[\s\S]*cut 64, 35°/);
    setHabits({ ...PLAIN_HABITS, lengths: 'in' });
    expect(drawingSvg(spoken(drawing, VOICE))).toMatch(/in from tip[\s\S]*cut 2 1\/2, 35°/);
    setHabits({ ...PLAIN_HABITS, language: 'es' });
    speakFrom(phrases);
    expect(drawingSvg(spoken(drawing, VOICE))).toMatch(/mm desde la punta[\s\S]*corte 64, 35°/);
  });
});
