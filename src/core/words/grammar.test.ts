import { GRAMMAR as EN } from './en/grammar';
import { GRAMMAR as ES } from './es/grammar';
import { GRAMMAR as FR } from './fr/grammar';
import { NAMES as FR_NAMES } from './fr/names';
import { NAMES as ES_NAMES } from './es/names';
import type { Grammar, Noun } from './messages';

const said = (grammar: Grammar, noun: Noun) => [grammar.the(noun), grammar.the(noun, 3), grammar.a(noun), grammar.of(noun)];

describe('English: one article, an before a vowel that is heard', () => {
  test.each<[Noun, string[]]>([
    [
      ['dahlia', 'dahlias'],
      ['the dahlia', 'the dahlias', 'a dahlia', 'of the dahlia'],
    ],
    [
      ['anemone', 'anemones'],
      ['the anemone', 'the anemones', 'an anemone', 'of the anemone'],
    ],
  ])('%j', (noun, words) => expect(said(EN, noun)).toEqual(words));
});

describe('Spanish: articles by gender and number, de and el run together', () => {
  test.each<[Noun, string[]]>([
    [
      ['tulipán', 'tulipanes', 'm'],
      ['el tulipán', 'los tulipanes', 'un tulipán', 'del tulipán'],
    ],
    [
      ['rosa', 'rosas', 'f'],
      ['la rosa', 'las rosas', 'una rosa', 'de la rosa'],
    ],
  ])('%j', (noun, words) => expect(said(ES, noun)).toEqual(words));
});

describe('French: shortened before a vowel and a mute h, not before houx; du and de la', () => {
  test.each<[Noun, string[]]>([
    [
      ['dahlia', 'dahlias', 'm'],
      ['le dahlia', 'les dahlias', 'un dahlia', 'du dahlia'],
    ],
    [
      ['pivoine', 'pivoines', 'f'],
      ['la pivoine', 'les pivoines', 'une pivoine', 'de la pivoine'],
    ],
    [
      ['anémone', 'anémones', 'f'],
      ['l’anémone', 'les anémones', 'une anémone', 'de l’anémone'],
    ],
    [
      ['œillet', 'œillets', 'm'],
      ['l’œillet', 'les œillets', 'un œillet', 'de l’œillet'],
    ],
    [
      ['hortensia', 'hortensias', 'm'],
      ['l’hortensia', 'les hortensias', 'un hortensia', 'de l’hortensia'],
    ],
    [
      ['houx', 'houx', 'm'],
      ['le houx', 'les houx', 'un houx', 'du houx'],
    ],
  ])('%j', (noun, words) => expect(said(FR, noun)).toEqual(words));

  test('a bud of a flower, and states that agree', () => {
    expect(FR.staged(['anémone', 'anémones', 'f'], 'bud')).toEqual(['bouton d’anémone', 'boutons d’anémone', 'm']);
    expect(FR.staged(['rose', 'roses', 'f'], 'half')).toEqual(['rose mi-ouverte', 'roses mi-ouvertes', 'f']);
    expect(FR.staged(['dahlia', 'dahlias', 'm'], 'half')).toEqual(['dahlia mi-ouvert', 'dahlias mi-ouverts', 'm']);
    expect(FR.staged(['rose', 'roses', 'f'], 'open')).toEqual(['rose', 'roses', 'f']);
  });
});

describe.each([
  ['Spanish', ES, ES_NAMES],
  ['French', FR, FR_NAMES],
] as const)('every name of %s', (_language, grammar, names) => {
  const nouns = [...Object.values(names.species), ...Object.values(names.barriers), ...Object.values(names.lines)];

  test('has its gender', () => {
    for (const noun of nouns) expect([noun[0], noun[2]]).toEqual([noun[0], expect.stringMatching(/^[mf]$/)]);
  });

  test('is told with one article, with nothing left open', () => {
    for (const noun of nouns)
      for (const words of said(grammar, noun)) {
        expect(words).toMatch(/^\S+.*\S$/);
        expect(words).not.toMatch(/ {2}|undefined|’ /);
      }
  });

  test('is not the same for one and for many, but for words that do not change', () => {
    const same = nouns.filter(([one, many]) => one === many).map(([one]) => one);
    for (const one of same) expect(one).toMatch(/[szx]\b|[sx] /);
  });
});
