import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { produce } from 'immer';
import { derivePlan } from '../plan/derivePlan';
import { fitsCylinder } from '../plan/handOver';
import { newProject } from '../plan/newProject';
import type { Project } from '../plan/project';
import { cakeOf, proposalFor, randomProject } from '../testing/samples';
import { PAPER_FONTS } from './fontsForTests';
import { handOverPdf } from './handOverPdf';
import { MESSAGES as EN } from '../words/en';
import { MESSAGES as ES } from '../words/es';
import { ARGENTINA, COLOMBIA, MEXICO } from '../words/es/regions';
import { MESSAGES as FR } from '../words/fr';
import { LANGUAGE_IDS } from '../words/languages';
import { tierPlace, Words } from '../words/words';
import { ENGLISH } from '../words/english';
import { handOverSheets, printedSheets } from './handOverSheets';

const CAKE = cakeOf([250, 110], [180, 100], [120, 90]);
const { arrangement } = proposalFor({ form: 'cascade', cake: CAKE, seed: 5, effort: 0.05 });
const JOB: Project = { ...newProject('p', 'P', '2027-06-12T09:30'), cake: CAKE, arrangements: [arrangement] };
const SPOKEN = {
  en: new Words(EN),
  es: new Words(ES),
  'es-MX': new Words(MEXICO),
  'es-CO': new Words(COLOMBIA),
  'es-AR': new Words(ARGENTINA),
  fr: new Words(FR),
};
const ES_PLACE = /piso .*, a /;
/** A tier and the hour on it, as each language says it. */
const PLACE = {
  en: /tier,? at|tier, /,
  es: ES_PLACE,
  'es-MX': ES_PLACE,
  'es-CO': ES_PLACE,
  'es-AR': ES_PLACE,
  fr: /étage .*, à /,
};
type Language = keyof typeof SPOKEN;
const sheetsFor = (edit: (d: Project) => void, language: Language = 'en', copies = 1) => {
  const { handOver, warnings } = derivePlan(produce(JOB, edit));
  const stops = warnings.filter((w) => w.level === 'stop');
  return handOverSheets(handOver, { name: 'Job', when: 'Saturday', copies, stops }, SPOKEN[language]);
};
const wordsOf = (sheet: ReturnType<typeof sheetsFor>['cutter']) =>
  [sheet.title, ...sheet.lead, ...sheet.rows.map((r) => r.words), ...sheet.sections.flatMap((s) => [s.title, ...s.lines])].join(
    ' | ',
  );

describe.each(LANGUAGE_IDS)('the sheets in %s', (language) => {
  test('count in = count out, a row for each thing, with its tier and hour', () => {
    const { handOver } = derivePlan(JOB);
    const { cutter } = sheetsFor(() => undefined, language);
    expect(cutter.rows.map((r) => r.number)).toEqual(handOver.out.map((o) => o.number));
    expect(cutter.title).toContain(`${handOver.comesOut}`);
    expect(cutter.rows.every((r) => PLACE[language].test(r.words))).toBe(true);
  });

  test('no message is left without its words, and none claims that a rule is met', () => {
    const { cutter, client } = sheetsFor(
      (d) => void Object.assign(d.brief, { smallChildren: true, realPlants: true, mustChill: true, keepsake: true }),
      language,
      12,
    );
    for (const sheet of [cutter, client]) {
      expect(wordsOf(sheet)).not.toMatch(/undefined|NaN|\{|\}/);
      expect(wordsOf(sheet)).not.toMatch(/complian|certif|approved|aprobad|approuv|conform/i);
      expect(sheet.sections.at(-1)!.id).toBe('usual');
    }
    expect(cutter.lead.join(' ')).toContain('12');
  });
});

test('what is not food, what is, and a tier of foam in writing', () => {
  const { cutter, client } = sheetsFor((d) => {
    d.cake.tiers[1]!.kind = 'dummy';
    d.cake.tiers[1]!.covering.eaten = false;
  });
  expect(wordsOf(cutter)).toContain('Middle tier: foam, its covering too. Do not cut it.');
  expect(wordsOf(cutter)).toContain('Bottom tier with its covering.');
  expect(wordsOf(cutter)).not.toContain('Middle tier with');
  expect(wordsOf(cutter)).toContain('they hold wire and tape');
  expect(client.sections.find((s) => s.id === 'not food')!.title).toBe('Only to look at');
});

test('a keepsake, a chilled cake, real plants and small children are each said, and only then', () => {
  const plain = wordsOf(sheetsFor(() => undefined).client);
  expect(plain).not.toMatch(/keepsake|must stay chilled|Real plants|swallow/i);
  expect(plain).toMatch(/Take the flowers off before it is chilled/);
  const all = wordsOf(
    sheetsFor((d) => void Object.assign(d.brief, { keepsake: true, mustChill: true, realPlants: true, smallChildren: true }))
      .client,
  );
  for (const words of [/keepsake, not to be eaten/i, /must stay chilled/, /Real plants/, /small enough to swallow/])
    expect(all).toMatch(words);
});

test('allergens with where they are, by the US nine and the EU fourteen; in one’s own words too', () => {
  const text = wordsOf(
    sheetsFor((d) => void Object.assign(d.brief, { glue: 'egg white', allergensInCake: ['wheat', 'egg', 'celery', 'rye flour'] }))
      .cutter,
  );
  expect(text).toContain('Egg, in the cake and in the glue of the flowers.');
  expect(text).toContain('Of the nine named in the USA: egg and wheat.');
  expect(text).toContain('Of the fourteen named in the EU: egg, wheat and celery.');
  expect(text).toContain('Rye flour, in the cake.');
});

test('what nobody has said of allergens is told as not stated, on both sheets; a stated none as stated', () => {
  const silent = sheetsFor((d) => void Object.assign(d.brief, { allergensInCake: null, allergensInFlowers: null }));
  for (const sheet of [silent.cutter, silent.client]) {
    expect(wordsOf(sheet)).toMatch(/Not stated what is in the cake and in paste.*ask whoever made it/);
    expect(wordsOf(sheet)).not.toMatch(/Stated: none/);
  }
  const none = sheetsFor((d) => void Object.assign(d.brief, { allergensInCake: [], allergensInFlowers: [] }));
  expect(wordsOf(none.cutter)).toMatch(/Stated: none of the listed ones in the cake and in paste/);
  expect(wordsOf(none.cutter)).not.toMatch(/Not stated/);
});

describe('who eats', () => {
  const all = (eaters: Project['brief']['eaters'], more: Partial<Project['brief']> = {}) => {
    const { cutter, client } = sheetsFor((d) => void Object.assign(d.brief, { smallChildren: false, eaters, ...more }));
    expect(cutter.sections.find((s) => s.id === 'eaters')).toEqual(client.sections.find((s) => s.id === 'eaters'));
    return (cutter.sections.find((s) => s.id === 'eaters')?.lines ?? []).join(' ');
  };

  test('nobody to be careful of: nothing is said; each who is named has a line of their own', () => {
    expect(all([])).toBe('');
    expect(all(['swallow badly'])).toMatch(/hard and breaks into splinters/);
    expect(all(['pregnant'])).toMatch(/alcohol/);
    expect(all(['pregnant', 'swallow badly', 'allergic'])).toMatch(/splinters.*alcohol.*allergies/);
  });

  test('raw egg is named in pregnancy only where something is glued with it', () => {
    expect(all(['pregnant'], { glue: 'egg white' })).toMatch(/raw egg white glues the flowers/);
    expect(all(['pregnant'], { glue: 'CMC glue' })).not.toMatch(/raw egg white/);
  });

  test('a list that is not complete is called so, and asked for before anyone with allergies eats', () => {
    expect(all(['allergic'], { allergensInCake: null })).toMatch(/It is not complete/);
    expect(all(['allergic'], { allergensInCake: [], allergensInFlowers: [] })).not.toMatch(/not complete/);
    const codes = (brief: Partial<Project['brief']>) =>
      derivePlan({ ...JOB, brief: { ...JOB.brief, allergensInCake: [], allergensInFlowers: [], ...brief } }).warnings.map(
        (w) => w.code,
      );
    expect(codes({ eaters: ['allergic'], allergensInFlowers: null })).toContain('place.allergens-not-stated');
    expect(codes({ eaters: ['allergic'] })).not.toContain('place.allergens-not-stated');
    expect(codes({ eaters: [], allergensInFlowers: null })).not.toContain('place.allergens-not-stated');
  });
});

test('how long it may stand out of the cold is the baker’s to say: shown where it is said, never made up', () => {
  const kept = (standsHours: number | null) =>
    sheetsFor((d) => void Object.assign(d.brief, { standsHours }))
      .client.sections.find((s) => s.id === 'keep')!
      .lines.join(' ');
  expect(kept(4)).toMatch(/The baker says: it may stand out of the cold for 4 h/);
  expect(kept(null)).toMatch(/only the baker can say/);
  for (const hours of [null, 4]) expect(kept(hours)).not.toMatch(/\ban hour\b/);
});

test('of equal cakes each has a sheet for the person who cuts, where anything comes out; the table has one', () => {
  const sheets = sheetsFor(() => undefined);
  const printed = printedSheets(sheets, 3, ENGLISH);
  expect(printed.map((s) => s.id)).toEqual(['cutter', 'cutter', 'cutter', 'client']);
  expect(printed.slice(0, 3).map((s) => s.lead[1])).toEqual([1, 2, 3].map((at) => `Cake ${at} of 3: count it out by itself.`));
  for (const sheet of printed.slice(0, 3)) expect(sheet.rows).toEqual(sheets.cutter.rows);
  expect(printedSheets(sheets, 1, ENGLISH)).toEqual([sheets.cutter, sheets.client]);
  const nothingOut = { ...sheets, cutter: { ...sheets.cutter, rows: [] } };
  expect(printedSheets(nothingOut, 24, ENGLISH)).toHaveLength(2);
});

test('dowels are on the cutter’s sheet, and not on the one for the table', () => {
  const dowels = [0, 40].map((xMm) => ({ xMm, yMm: 0, diameterMm: 12, fromMm: 0, toMm: 100 }));
  const { cutter, client } = sheetsFor((d) => void (d.cake.dowels = dowels));
  expect(wordsOf(cutter)).toMatch(/2 dowels stand in the cake, under the icing/);
  expect(wordsOf(client)).not.toMatch(/dowel/);
  expect(wordsOf(sheetsFor((d) => void (d.cake.dowels = [])).cutter)).not.toMatch(/dowel/);
});

test('small parts by the cylinder of 16 CFR 1501.4 (31.7 mm across, at most 57.1 deep; from memory)', () => {
  expect(fitsCylinder([12, 12, 12])).toBe(true);
  expect(fitsCylinder([31, 31, 50])).toBe(true);
  expect(fitsCylinder([33, 33, 33])).toBe(false);
  expect(fitsCylinder([5, 40, 40])).toBe(false);
  expect(fitsCylinder([10, 10, 60])).toBe(false);
});

test('tiers are called by their place', () => {
  const places = (of: number) => Array.from({ length: of }, (_, index) => tierPlace({ index, of }));
  expect(places(1)).toEqual(['only']);
  expect(places(3)).toEqual(['bottom', 'middle', 'top']);
  expect(places(4)).toEqual(['bottom', 'other', 'other', 'top']);
  expect(SPOKEN.en.tier({ index: 1, of: 4 })[0]).toBe('tier 2');
});

test('as a PDF, read back by another reader: both sheets, every number with its box, every page numbered', async () => {
  const project = randomProject(1021, 60);
  const plan = derivePlan({ ...project, arrangements: [{ ...project.arrangements[0]!, method: 'stem by stem' }] });
  const { cutter, client } = handOverSheets(plan.handOver, { name: 'Job ñ', when: 'Saturday', copies: 1, stops: [] }, SPOKEN.es);
  const file = join(mkdtempSync(join(tmpdir(), 'handover-')), 'handover.pdf');
  writeFileSync(
    file,
    await handOverPdf({ sheets: [cutter, client], pictures: [], job: { name: 'Job ñ', size: 'A4' }, fonts: PAPER_FONTS }),
  );
  const { pages } = JSON.parse(
    execFileSync(process.execPath, [join(__dirname, '..', 'testing', 'readPdf.mjs'), file], {
      encoding: 'utf8',
      maxBuffer: 1 << 28,
    }),
  ) as { pages: { words: { words: string; at: [number, number] }[]; widthMm: number; heightMm: number }[] };
  const said = pages.flatMap((p) => p.words.map((w) => w.words));
  for (const row of cutter.rows) expect(said).toContain(`${row.number}`);
  expect(said).toContain('Su tarta');
  expect(said.join(' ')).toContain('Job ñ');
  pages.forEach((p, i) => {
    expect(p.words.map((w) => w.words)).toContain(`Job ñ, ${i + 1} / ${pages.length}`);
    for (const { at } of p.words) expect(at[0] > 10 && at[0] < p.widthMm - 10 && at[1] > 5 && at[1] < p.heightMm - 5).toBe(true);
  });
});

test.each(['en', 'es', 'fr'] as const)('paper that may not leave says so at its head, and why (%s)', (language) => {
  const going = sheetsFor((d) => void (d.brief.dust = 'edible'), language);
  expect([going.cutter.stopped, going.client.stopped]).toEqual([[], []]);
  const stopped = sheetsFor((d) => {
    // a head pushed right into the cake
    d.arrangements[0]!.pieces.forEach((p) => void (p.lift = 0));
    d.cake.tiers.forEach((t) => void (t.heightMm = 12));
  }, language);
  for (const sheet of [stopped.cutter, stopped.client]) {
    expect(sheet.stopped[0]).toMatch(/\d+/);
    expect(sheet.stopped.length).toBeGreaterThan(1);
    expect(sheet.stopped.length).toBeLessThanOrEqual(5);
  }
});
