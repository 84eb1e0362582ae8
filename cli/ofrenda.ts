import { readFileSync, writeFileSync } from 'node:fs';
import { MOST_PROPOSALS } from '../src/core/compose/proposal';
import { composeAll, composeFault } from '../src/core/compose/composer';
import { enclosingDiameter } from '../src/core/geometry/circlePacking';
import { readCutListCsv } from '../src/core/formats/cutListCsv';
import { NoText, textOf } from '../src/core/formats/textOf';
import { readProjectFile, writeProjectFile } from '../src/core/formats/projectFile';
import { composeRequestOf } from '../src/core/plan/composeRequest';
import { derivePlan, type DerivedPlan } from '../src/core/plan/derivePlan';
import type { Issue } from '../src/core/boundary/refusal';
import type { FileRefusal } from '../src/core/boundary/refusals';
import type { Fact } from '../src/core/facts/fact';
import type { Project } from '../src/core/plan/project';
import { cutLongestFirst } from '../src/core/wire/cutList';
import { cutAs } from '../src/core/wire/cutting';
import { cutOptimally } from '../src/core/wire/cutOptimum';
import { loadSolver } from '../src/core/wire/loadSolver';
import { provenRows } from '../src/core/wire/provenCuts';
import { ENGLISH } from '../src/core/words/english';
import { isLanguage, LANGUAGES, LANGUAGE_IDS } from '../src/core/words/languages';
import { namingOf } from '../src/core/words/naming';
import { told } from '../src/core/words/told';
import { Words } from '../src/core/words/words';

const USAGE = `ofrenda plan FILE [--lang en|es]
ofrenda compose FILE --seed N --proposals K --out FILE
ofrenda cutlist FILE.csv [--stock-mm 360]
ofrenda bundle D1 D2 …
ofrenda check FILE`;

/** Bad input: issues as JSON lines on standard error, exit 2. */
class Refused extends Error {
  constructor(readonly issues: readonly Issue[]) {
    super(issues[0]?.why.code);
  }
}

const refused = (path: string, expected: string, received: string, why: FileRefusal | Fact) =>
  new Refused([{ path, expected, received, why }]);

const badOption = (option: string, met: string): FileRefusal => ({ code: 'request.option', values: { option, met } });

function option(args: readonly string[], name: string): string | undefined {
  const at = args.indexOf(name);
  return at >= 0 ? args[at + 1] : undefined;
}

function whole(args: readonly string[], name: string, fallback: number, most: number): number {
  const text = option(args, name);
  if (text === undefined) return fallback;
  const value = Number(text);
  if (!Number.isInteger(value) || value < 0 || value > most) throw refused(name, `0 … ${most}`, text, badOption(name, text));
  return value;
}

function readText(file: string | undefined): string {
  if (!file) throw refused('FILE', USAGE, '', { code: 'request.no-file', values: {} });
  try {
    return textOf(readFileSync(file));
  } catch (cause) {
    if (cause instanceof NoText) throw refused(file, 'UTF-8', '', { code: 'file.no-text', values: {} });
    const received = cause instanceof Error ? cause.message : '';
    throw refused(file, 'FILE', received, { code: 'request.file', values: { name: file } });
  }
}

function readProject(file: string | undefined): Project {
  const read = readProjectFile(readText(file));
  if ('project' in read) {
    // what was put right is told, and is no failure
    for (const issue of told(read.repaired, ENGLISH) as Issue[]) process.stderr.write(`${JSON.stringify(issue)}\n`);
    return read.project;
  }
  throw new Refused(read.issues);
}

const print = (value: unknown) => process.stdout.write(`${JSON.stringify(value, null, 1)}\n`);

/** Words in the language of `--lang`, for a job; English unless said. */
async function wordsFor(args: readonly string[], project: Project, entries: DerivedPlan['entries'] = []): Promise<Words> {
  const language = option(args, '--lang') ?? 'en';
  if (!isLanguage(language)) throw refused('--lang', LANGUAGE_IDS.join(', '), language, badOption('--lang', language));
  return new Words(await LANGUAGES[language].load(), undefined, namingOf(project, entries));
}

async function planCommand(args: readonly string[]): Promise<void> {
  const project = readProject(args[0]);
  const quick = derivePlan(project);
  const plan = { ...quick, cuts: provenRows(quick.cuts, project.brief.stockMm, await loadSolver()) };
  print(told(plan, await wordsFor(args, project, plan.entries)));
}

function composeCommand(args: readonly string[]): void {
  const project = readProject(args[0]);
  const out = option(args, '--out');
  const request = composeRequestOf({
    project,
    index: 0,
    seed: whole(args, '--seed', 1, 2 ** 31),
    proposals: whole(args, '--proposals', 1, MOST_PROPOSALS),
  });
  if (!request) throw refused('arrangements', '>= 1', '0', { code: 'request.no-arrangement', values: {} });
  const fault = composeFault(request);
  if (fault) throw refused('arrangements.0', 'line', request.arrangement.line.form, fault);
  const proposals = composeAll(request);
  if (out)
    writeFileSync(
      out,
      writeProjectFile({ ...project, arrangements: [proposals[0]!.arrangement, ...project.arrangements.slice(1)] }),
    );
  print(
    proposals.map((p) => ({
      name: p.name,
      score: p.score,
      pieces: p.arrangement.pieces.length,
      iterations: p.iterations,
      readings: Object.fromEntries(p.readings.map((r) => [r.id, r.score])),
      ...(out ? {} : { arrangement: p.arrangement }),
    })),
  );
}

async function cutListCommand(args: readonly string[]): Promise<void> {
  const read = readCutListCsv(readText(args[0]));
  if ('issues' in read) throw new Refused(read.issues);
  const stockMm = whole(args, '--stock-mm', 360, 100_000);
  const solve = await loadSolver();
  const gauges = [...new Set(read.rows.map((r) => r.gauge))].sort((a, b) => a - b);
  print(
    gauges.map((gauge) => {
      const rows = read.rows.filter((r) => r.gauge === gauge);
      const least = cutOptimally(rows, stockMm, solve);
      const parts = rows.map((r) => ({
        ...r,
        lengthMm: cutAs(r.lengthMm, stockMm, { cutting: 'fractions', usual: 'what fits' }).cutMm,
      }));
      return {
        gauge,
        stockMm,
        lengths: least.bars.length,
        proven: least.proven,
        wasteMm: least.wasteMm,
        byFractions: cutLongestFirst(parts, stockMm).bars.length,
        tooLong: least.tooLong,
        bars: least.bars.map((b) => b.cutsMm),
      };
    }),
  );
}

function bundleCommand(args: readonly string[]): void {
  const diameters = args.map((text, i) => {
    const d = Number(text);
    if (!(d > 0)) throw refused(`D${i + 1}`, '> 0', text, { code: 'refusal.no-number', values: { met: text } });
    return d;
  });
  if (diameters.length === 0) throw refused('D1', '> 0', '', { code: 'refusal.missing', values: {} });
  print({ diametersMm: diameters, enclosingMm: enclosingDiameter(diameters) });
}

async function run([command, ...args]: string[]): Promise<void> {
  if (command === 'plan') await planCommand(args);
  else if (command === 'compose') composeCommand(args);
  else if (command === 'cutlist') await cutListCommand(args);
  else if (command === 'bundle') bundleCommand(args);
  else if (command === 'check') {
    readProject(args[0]);
    print({ ok: true });
  } else throw refused('command', USAGE, command ?? '', badOption('command', command ?? ''));
}

run(process.argv.slice(2)).catch(async (error: unknown) => {
  if (!(error instanceof Refused)) throw error;
  const language = option(process.argv, '--lang') ?? 'en';
  const words = new Words(await LANGUAGES[isLanguage(language) ? language : 'en'].load());
  for (const issue of error.issues) process.stderr.write(`${JSON.stringify(told(issue, words))}\n`);
  process.exitCode = 2;
});
