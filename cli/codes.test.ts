import { readFileSync } from 'node:fs';
import { CODES_BEGIN, CODES_END, codesPage } from './codes';

const squeezed = (text: string) => text.replace(/[ -]+/g, ' ').trim();

test('docs/plan-format.md lists every code with its values as the core has them (`npm run codes`)', () => {
  const page = readFileSync('docs/plan-format.md', 'utf8');
  const written = page.split(CODES_BEGIN)[1]!.split(CODES_END)[0]!;
  // the formatter pads columns: blanks and rules do not count
  expect(squeezed(written)).toBe(squeezed(codesPage()));
});
