import { ENGLISH } from '../words/english';
import { scriptsNotPrinted } from './scripts';

test('Latin Extended, Greek and Cyrillic are set; digits, signs and accents belong to every script', () => {
  expect(scriptsNotPrinted(['Žofie’s cake, 12½ × 3', 'Ωραία', 'Жук Ґ', 'e\u0301'])).toEqual([]);
});

// the codes are those of ISO 15924, the names those of the Unicode CLDR as the machine has them
test.each([
  ['पुष्प', ['Deva'], 'Devanagari'],
  ['ورد', ['Arab'], 'Arabic'],
  ['ดอกไม้', ['Thai'], 'Thai'],
  ['花と花', ['Hani', 'Hira'], 'Han and Hiragana'],
  ['꽃', ['Hang'], 'Hangul'],
  ['🌸 cake', ['Zsye'], 'Emoji'],
])('“%s” is named before it is printed', (text, codes, names) => {
  expect(scriptsNotPrinted(['a cake', text])).toEqual(codes);
  expect(ENGLISH.scripts(codes)).toBe(names);
});

test('a script without a code here is still said', () => expect(scriptsNotPrinted(['ᚠ'])).toEqual(['Zzzz']));
