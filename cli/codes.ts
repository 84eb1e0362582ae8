import { FACT_FAMILIES } from '../src/core/words/facts';
import type { Fact, ValueSlots } from '../src/core/facts/fact';
import { MESSAGES } from '../src/core/words/en';

const slotWords = (slots: ValueSlots): string =>
  Object.entries(slots)
    .map(([name, slot]) => `\`${name}\`: ${typeof slot === 'string' ? slot : slot.map((w) => `“${w}”`).join(' or ')}`)
    .join(', ');

/** What English says for a code, as it is written in its catalogue. */
function messageOf(code: Fact['code']): string {
  const { phrases, figures, warnings } = MESSAGES;
  if (Object.hasOwn(phrases, code)) return phrases[code as keyof typeof phrases];
  if (Object.hasOwn(figures, code)) {
    const { figure, words } = figures[code as keyof typeof figures];
    return `${figure}: ${words}`;
  }
  return warnings[code as keyof typeof warnings].what;
}

const cell = (text: string): string => text.replaceAll('|', '\\|');

/** Every code with its values, as docs/plan-format.md has them; written by `npm run codes`, held by a test. */
export function codesPage(): string {
  return Object.entries(FACT_FAMILIES)
    .map(([family, table]) => {
      const rows = Object.entries(table).map(
        ([code, slots]) => `| \`${code}\` | ${cell(slotWords(slots))} | ${cell(messageOf(code))} |`,
      );
      return [`### ${family}`, '', '| code | values | in English |', '| --- | --- | --- |', ...rows, ''].join('\n');
    })
    .join('\n');
}

export const CODES_BEGIN = '<!-- codes -->';
export const CODES_END = '<!-- end of codes -->';

/** The page with the codes between its marks written anew. */
export function withCodes(page: string): string {
  const [before = '', rest = ''] = page.split(CODES_BEGIN);
  const after = rest.split(CODES_END)[1] ?? '';
  return `${before}${CODES_BEGIN}\n\n${codesPage()}\n${CODES_END}${after}`;
}
