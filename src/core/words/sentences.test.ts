import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

const CORE = 'src/core';
/** Rooms that are made of words, and what is only there to try things. */
const APART = /\.test\.ts$|^src\/core\/(words|demo|testing)\//;
/** Two words of letters and a third: a sentence, or a name that is put together like one. */
const SENTENCE = /\p{L}{2,} \p{L}+ \p{L}{2,}/u;

/** What is said to programmers (breaches of a schedule in tests, titles inside files). May shrink. */
const STILL: Readonly<Record<string, number>> = {
  'days/breaches.ts': 9,
  'days/network.ts': 2,
  'formats/jsonSchema.ts': 1,
  'formats/labelsPdf.ts': 1,
};

/** Values of closed lists that are written as words, as project files have had them from the first. */
const VALUES = new Set([
  'wired petals small',
  'sprigs of froth',
  'on the skin',
  'to the minute',
  'as good as the same',
  'cannot be mixed from these',
  'by the rule',
  'none thick enough',
  'stem by stem',
  'covering not eaten',
  'Time limit reached',
]);

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
