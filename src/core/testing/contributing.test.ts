import { readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import ts from 'typescript';
import { METHODS } from '../botany/methods';
import { FLOWERS } from '../botany/species/flowers';
import { BARRIERS } from '../place/barrier';
import { LANGUAGE_IDS, LANGUAGES } from '../words/languages';
import { missingWords } from './missingWords';

/** CONTRIBUTING.md: one new of each kind is registered, and what is still missing is named, in every language. */
const ROOT = join(__dirname, '../../..');
const NAMES = LANGUAGE_IDS.filter((id) => !id.includes('-')).map((id) => `src/core/words/${id}/names.ts`);

/** What the compiler says of these files once a source has been changed, in memory alone: file and message. */
function complaints(changed: string, change: (text: string) => string, files: readonly string[]): string[] {
  const { config } = ts.readConfigFile(join(ROOT, 'tsconfig.json'), (f) => readFileSync(f, 'utf8')) as { config: object };
  const { options } = ts.parseJsonConfigFileContent({ ...config, files, include: [] }, ts.sys, ROOT);
  const host = ts.createCompilerHost({ ...options, noEmit: true });
  const { readFile } = host;
  host.readFile = (name) => (relative(ROOT, name) === changed ? change(readFile(name)!) : readFile(name));
  const program = ts.createProgram([...files, changed].map((f) => join(ROOT, f)), { ...options, noEmit: true }, host); // prettier-ignore
  return [...files, changed].flatMap((file) =>
    program
      .getSemanticDiagnostics(program.getSourceFile(join(ROOT, file)))
      .map((d) => `${file}: ${ts.flattenDiagnosticMessageText(d.messageText, ' ')}`),
  );
}

const after = (row: string, added: string) => (text: string) => {
  const changed = text.replace(row, row + added);
  if (changed === text) throw new Error(`“${row}” is not there.`);
  return changed;
};

test('a line: without its schema the row is refused; with it, its name is asked for in every language', () => {
  const kinds = 'src/core/compose/lineKinds.ts';
  const row = complaints(kinds, after('  pick,\n', '  fan: pick,\n'), NAMES);
  expect(row).toEqual([expect.stringMatching(/^src\/core\/compose\/lineKinds\.ts: .*'fan' does not exist/)]);
  const schema = "  v.strictObject({ ...pick.schema.entries, form: v.literal('fan') }),\n";
  const withSchema = (text: string) =>
    after(
      '  pick.schema,\n',
      schema,
    )(after('  pick,\n', '  fan: pick as never,\n')(text)).replace('import type * as v', 'import * as v');
  const named = complaints(kinds, withSchema, NAMES);
  expect(named.map((c) => c.split(':')[0])).toEqual(NAMES);
  for (const complaint of named) expect(complaint).toContain('fan');
}, 120_000);

test('a reading: its row is asked for, and its name and its two ends in every language', () => {
  const reading = 'src/core/compose/reading.ts';
  const makers = 'src/core/compose/readBalance.ts';
  const found = complaints(reading, after("  'buildable',\n", "  'harmony',\n"), [makers, ...NAMES]);
  expect(found.map((c) => c.split(':')[0]).sort()).toEqual([makers, ...NAMES, ...NAMES].sort());
  for (const complaint of found) expect(complaint).toContain('harmony');
}, 120_000);

test.each(LANGUAGE_IDS)('a species, a method, a barrier: %s says what it has no words for', async (id) => {
  const messages = await LANGUAGES[id].load();
  const shipped = { species: FLOWERS, methods: Object.values(METHODS), barriers: BARRIERS };
  expect(missingWords(shipped, messages)).toEqual([]);
  const [flower] = FLOWERS;
  const [barrier] = BARRIERS;
  const more = {
    species: [{ ...flower!, id: 'hawthorn', colourways: [{ id: 'chalk', name: 'chalk', hue: '#ffffff' }] }],
    methods: [
      { id: 'piped', steps: [] },
      { ...METHODS.layered!, steps: [...METHODS.layered!.steps, { ...METHODS.layered!.steps[0]!, id: 'chill', noted: true }] },
    ],
    barriers: [{ ...barrier!, id: 'reed', stepCount: 99 }],
  };
  expect(missingWords(more, messages)).toEqual([
    'names.ts species hawthorn',
    'names.ts colours chalk',
    'methods.ts piped',
    'methods.ts layered steps chill',
    'methods.ts layered drying chill',
    'names.ts barriers reed',
    `barriers.ts ${barrier!.ways} steps`,
  ]);
});
