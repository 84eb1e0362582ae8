import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

const CORE = 'src/core';
/** Rooms that are made of words, and what is only there to try things. */
const APART = /\.test\.ts$|^src\/core\/(words|demo|testing)\//;
/** Two words of letters and a third: a sentence, or a name that is put together like one. */
const SENTENCE = /\p{L}{2,} \p{L}+ \p{L}{2,}/u;

/** Sentences that are still said where they are found: refusals of schemas and files, names of methods, recipes and lines. May shrink. */
const STILL: Readonly<Record<string, number>> = {
  'botany/craft.ts': 87,
  'botany/methods.ts': 74,
  'compose/arrangement.ts': 22,
  'botany/ownSpecies.ts': 17,
  'make/price.ts': 17,
  'plan/project.ts': 16,
  'plan/refusal.ts': 13,
  'compose/tin.ts': 12,
  'days/settings.ts': 11,
  'formats/backup.ts': 11,
  'make/recipes.ts': 11,
  'wire/offcuts.ts': 11,
  'formats/projectFile.ts': 10,
  'days/breaches.ts': 9,
  'days/network.ts': 2,
  'formats/packetFile.ts': 8,
  'place/ownBarrier.ts': 8,
  'cake/cake.ts': 7,
  'make/mixing.ts': 7,
  'formats/calendarIn.ts': 6,
  'formats/catalogueFile.ts': 6,
  'compose/lineFields.ts': 5,
  'formats/table.ts': 5,
  'log/entries.ts': 4,
  'botany/families/branchingFiller.ts': 3,
  'botany/species/flowers.ts': 2,
  'compose/lineHandles.ts': 2,
  'formats/cutListCsv.ts': 2,
  'botany/families/floretSpike.ts': 1,
  'botany/families/leafBranch.ts': 1,
  'botany/species/greens.ts': 1,
  'compose/shareOut.ts': 1,
  'formats/jsonSchema.ts': 1,
  'formats/labelsPdf.ts': 1,
  'formats/methodsTable.ts': 1,
  'make/spares.ts': 1,
};

/** Values of closed lists that are written as words, as project files have had them from the first. */
const VALUES = new Set(['by the rule', 'none thick enough', 'stem by stem', 'covering not eaten', 'Time limit reached']);

const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((e) =>
    e.isDirectory() ? filesIn(join(folder, e.name)) : [join(folder, e.name)],
  );

/** Texts of a file that read like sentences; what is thrown is for programmers. */
function sentencesIn(file: string): string[] {
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isThrowStatement(node)) return;
    const text = ts.isStringLiteralLike(node)
      ? node.text
      : ts.isTemplateExpression(node)
        ? node.head.text + node.templateSpans.map((s) => `x${s.literal.text}`).join('')
        : '';
    if (SENTENCE.test(text) && !VALUES.has(text)) found.push(text);
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.ES2022, true));
  return found;
}

test('rules have no sentences: what the core says it says as facts, but for what is listed here', () => {
  const files = filesIn(CORE).filter((f) => f.endsWith('.ts') && !APART.test(f));
  expect(files.length).toBeGreaterThan(150);
  const said: Record<string, number> = {};
  for (const file of files) {
    const { length } = sentencesIn(file);
    if (length > 0) said[file.slice(CORE.length + 1)] = length;
  }
  expect(said).toEqual(STILL);
});

test('a sentence is found, a code and a name are not', () => {
  expect(['The stem is too short.', 'x has at most x letters'].every((text) => SENTENCE.test(text))).toBe(true);
  expect(['place.rims-seen', 'petal 2', 'application/json', 'wired petals'].some((text) => SENTENCE.test(text))).toBe(false);
});
