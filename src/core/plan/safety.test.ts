import { readFileSync } from 'node:fs';
import { HAND_OVER } from '../words/en/handOver';
import { PLACE_WARNINGS } from '../place/facts';
import { WIRE_WARNINGS } from '../wire/facts';

const DOC = readFileSync('docs/safety.md', 'utf8');
/** Titles, names and lines of layout say nothing about safety. */
const PLAIN = /\.title$|^hand\.(allergen|from|cutter|client)\.|^hand\.(in-foam|count\.done|count\.row|children\.buds)$/;

test('every statement of the sheets stands in docs/safety.md with its condition', () => {
  for (const key of Object.keys(HAND_OVER)) if (!PLAIN.test(key)) expect(DOC).toContain(`\`${key}\``);
});

test('every message of Place and those of wire that stop do too, and nothing is named that is not said', () => {
  const codes = [...Object.keys(PLACE_WARNINGS), 'wire.none-carries', 'wire.longer-than-stock'];
  const besides = ['place.in-together'];
  for (const code of codes) if (!besides.includes(code)) expect(DOC).toContain(`\`${code}\``);
  const known = new Set([...Object.keys(PLACE_WARNINGS), ...Object.keys(WIRE_WARNINGS), ...Object.keys(HAND_OVER)]);
  for (const [, code] of DOC.matchAll(/`((?:place|hand)\.[a-z.-]+)`/g)) expect(known).toContain(code);
});

test('nothing claims that a rule is met', () => {
  for (const words of Object.values(HAND_OVER)) expect(words).not.toMatch(/complian|certif|approved|guarantee|safe to eat/i);
});
