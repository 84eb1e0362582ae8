/** The scripts whose letters stand in the typefaces of our sheets, beside what all scripts share (Unicode Standard Annex 24). */
const PRINTED = /[\p{Script=Latin}\p{Script=Greek}\p{Script=Cyrillic}\p{Script=Common}\p{Script=Inherited}]/u;

const EMOJI = /\p{Emoji_Presentation}/u;

/** Scripts people write names in, by their code (ISO 15924), so that one can be named. */
const OTHERS: readonly (readonly [code: string, letters: RegExp])[] = [
  ['Arab', /\p{Script=Arabic}/u],
  ['Armn', /\p{Script=Armenian}/u],
  ['Beng', /\p{Script=Bengali}/u],
  ['Deva', /\p{Script=Devanagari}/u],
  ['Ethi', /\p{Script=Ethiopic}/u],
  ['Geor', /\p{Script=Georgian}/u],
  ['Gujr', /\p{Script=Gujarati}/u],
  ['Guru', /\p{Script=Gurmukhi}/u],
  ['Hani', /\p{Script=Han}/u],
  ['Hang', /\p{Script=Hangul}/u],
  ['Hebr', /\p{Script=Hebrew}/u],
  ['Hira', /\p{Script=Hiragana}/u],
  ['Kana', /\p{Script=Katakana}/u],
  ['Khmr', /\p{Script=Khmer}/u],
  ['Laoo', /\p{Script=Lao}/u],
  ['Mymr', /\p{Script=Myanmar}/u],
  ['Sinh', /\p{Script=Sinhala}/u],
  ['Taml', /\p{Script=Tamil}/u],
  ['Telu', /\p{Script=Telugu}/u],
  ['Thai', /\p{Script=Thai}/u],
  ['Zsye', EMOJI],
];
/** ISO 15924: a script that has no code here. */
const UNNAMED = 'Zzzz';

/** The scripts in texts whose letters our sheets cannot set, by code, each once; none for most jobs. */
export function scriptsNotPrinted(texts: readonly string[]): string[] {
  const missing = new Set<string>();
  for (const text of texts)
    for (const letter of text)
      if (!PRINTED.test(letter) || EMOJI.test(letter))
        missing.add(OTHERS.find(([, letters]) => letters.test(letter))?.[0] ?? UNNAMED);
  return [...missing].sort();
}
