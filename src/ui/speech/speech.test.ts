import { readFileSync } from 'node:fs';
import { habitsFrom, PLAIN_HABITS } from '@/data/habits';
import { byTwelve, inchFieldToMm, inInches, mmToInchField, mmToInchWords } from './measures';
import { Phrases } from './phrases';
import { ARTICLES, SPANISH } from './spanish';

describe('inches as a ruler shows them (1 in = 25.4 mm exactly: international yard and pound agreement, 1959)', () => {
  test.each([
    [25.4, '1'],
    [38.1, '1 1/2'],
    [50, '1 15/16'],
    [152.4, '6'],
    [12.7, '1/2'],
    [254, '10'],
    [6.35, '0.25'],
    [0.46, '0.018'],
    [0, '0'],
    [-38.1, '−1 1/2'],
  ])('%s mm is %s in', (mm, words) => expect(mmToInchWords(mm)).toBe(words));

  test('fractions are never off by more than half a sixteenth, and are in lowest terms', () => {
    for (let mm = 12; mm < 400; mm += 0.7) {
      const [whole = '', fraction = ''] = mmToInchWords(mm).includes('/')
        ? ['0', ...mmToInchWords(mm).split(' ')].slice(-2)
        : [mmToInchWords(mm), '0/1'];
      const [top, bottom] = fraction.split('/');
      expect(Math.abs(Number(whole) + Number(top) / Number(bottom) - mm / 25.4)).toBeLessThanOrEqual(1 / 32 + 1e-9);
      if (top !== '0') expect(Number(top) % 2).toBe(1);
    }
  });

  test('a field keeps what is typed in inches to a tenth of a millimetre, and shows the same again', () => {
    for (let inches = 0.125; inches < 30; inches += 0.0625) {
      const shown = mmToInchField(inchFieldToMm(inches));
      expect(Math.abs(shown - inches)).toBeLessThanOrEqual(0.0025);
    }
    expect([inchFieldToMm(1), inchFieldToMm(6.5), mmToInchField(254)]).toEqual([25.4, 165.1, 10]);
  });

  test('every length of a sentence, ranges and products too; what is no length stays', () => {
    expect(inInches('cut 153 mm, bore 4 mm, 62 × 29 mm')).toBe('cut 6 in, bore 0.16 in, 2 7/16 × 1 1/8 in');
    // a figure without its unit is not touched, so its unit is not either
    expect(inInches('Cut, mm')).toBe('Cut, mm');
    expect(inInches('green, Ø 0.71, cut 93 mm')).toBe('green, Ø 0.028 in, cut 3 11/16 in');
    expect(inInches('Ø 0.71 mm')).toBe('Ø 0.028 in');
    expect(inInches('5–10 min, 24 SWG, 3 g')).toBe('5–10 min, 24 SWG, 3 g');
  });
});

test.each([
  ['leaves at 09:30', 'leaves at 9:30 am'],
  ['00:15 to 12:05', '12:15 am to 12:05 pm'],
  ['23:59', '11:59 pm'],
  ['13:00', '1:00 pm'],
  ['2 h 35', '2 h 35'],
])('%s by the twelve-hour clock is %s (ISO 8601 hours 00 to 23)', (text, said) => expect(byTwelve(text)).toBe(said));

describe('the phrase book', () => {
  const phrases = new Phrases({
    piece: 'pieza',
    'Take it': 'Tomarla',
    '{} to make': '{} por hacer',
    '{#} pieces': '{} piezas',
    'joint {#} at {#} mm': 'a {2} mm la unión {1}',
    'Open {*}': 'Abrir {*}',
    'This sentence is known': 'Esta frase se conoce',
  });

  test('knows words, patterns, the letter a sentence begins with, and the white around it', () => {
    expect(phrases.say('Piece')).toBe('Pieza');
    expect(phrases.say(' take it ')).toBe(' tomarla ');
    expect(phrases.say('3 pieces to make')).toBe('3 piezas por hacer');
    expect(phrases.say('Joint 4 at 12.5 mm')).toBe('A 12.5 mm la unión 4');
    expect(phrases.say('12 mm')).toBe('12 mm');
    // a name is left as it is, even where it is a word of the book
    expect(phrases.say('Open Piece')).toBe('Abrir Piece');
  });

  test('sentences stand side by side, parts of one sentence only when all of them are known', () => {
    expect(phrases.say('Take it. Nobody knows this.')).toBe('Tomarla. Nobody knows this.');
    expect(phrases.say('3 pieces, take it')).toBe('3 piezas, tomarla');
    expect(phrases.say('3 pieces, as nobody knows')).toBe('3 pieces, as nobody knows');
    expect(phrases.knows('3 pieces, as nobody knows')).toBe(false);
  });

  test('after twenty thousand other sentences each is said the same again', () => {
    for (let i = 0; i < 20_000; i++) phrases.say(`${i} pieces`);
    expect(phrases.say('7 pieces')).toBe('7 piezas');
  });
});

test('days and months are small in Spanish, in the middle of a sentence and alone', () => {
  const phrases = new Phrases(SPANISH, ARTICLES);
  expect(phrases.say('Saturday 12 June, leaves at 09:30')).toBe('sábado 12 de junio, sale a las 09:30');
  expect(phrases.say('97 h 06 of work, beginning Monday 1 February')).toBe('97 h 06 de trabajo, desde el lunes 1 de febrero');
  expect(phrases.say('Tue')).toBe('mar');
});

describe('the Spanish book', () => {
  const spanish = new Phrases(SPANISH, ARTICLES);

  test.each([
    ['Put in the dahlia', 'Mete la dalia'],
    ['Lay the marigold bud beside the stem', 'Tiende el capullo de caléndula junto al tallo'],
    ['deep; 2 mm of the drinking straw stay out', 'de hondo; 2 mm de la pajita quedan fuera'],
    ['deep; 2 mm of the medium pick stay out', 'de hondo; 2 mm del portaflor mediano quedan fuera'],
    ['half-open ranunculus', 'ranúnculo entreabierto'],
    ['half-open peony', 'peonía entreabierta'],
    ['Join 1 berry and 2 leaves', 'Une 1 baya y 2 hojas'],
    ['10 of 38: bottom tier, 7 o’clock', '10 de 38: piso de abajo, a las 7'],
    ['117 mm of 22 gauge', '117 mm de calibre 22'],
    ['Top tier diameter', 'Diámetro del piso de arriba'],
    ['Marigold bud: 3 to make', 'Capullo de caléndula: 3 por hacer'],
    ['Entry 15, stirring straw', 'Entrada 15, pajita de remover'],
    ['11 + 3 spare, 4 in the tin', '11 + 3 de reserva, 4 en la lata'],
    ['Drinking straw 9 has 5 mm of cake to its neighbour', 'Pajita 9 tiene 5 mm de tarta hasta su vecina'],
    [
      'Rosehip: dust by ripeness, glaze: 25 min; decides when the work begins',
      'Escaramujo: polvo según la madurez, glasea: 25 min; decide cuándo empieza el trabajo',
    ],
  ])('%s', (english, said) => expect(spanish.say(english)).toBe(said));

  test('fills in what the English has, neither more nor less', () => {
    for (const [english, spanish] of Object.entries(SPANISH)) {
      const holes = (english.match(/\{[#*]?\}/g) ?? []).length;
      // an ending agrees with what is filled in already
      const filled = (spanish.match(/\{(#|\*|the|of)?\d?\}/g) ?? []).length;
      expect(`${english}: ${filled}`).toBe(`${english}: ${holes}`);
      expect(spanish.trim()).not.toBe('');
    }
  });

  test('keeps every figure that stands in the English', () => {
    const figures = (text: string) => (text.replace(',', '.').match(/\d+(\.\d+)?/g) ?? []).map(Number).sort((a, b) => a - b);
    for (const [english, spanish] of Object.entries(SPANISH))
      expect([english, figures(spanish.replaceAll(/(\d),(\d)/g, '$1.$2'))]).toEqual([english, figures(english)]);
  });

  test('every sentence that stands in the shell of the interface, its help and its tour is in it', () => {
    const phrases = new Phrases(SPANISH, ARTICLES);
    const text = ['help.ts', 'Tour.tsx', 'KeysHelp.tsx', 'HabitsCard.tsx', 'StorageSigns.tsx']
      .map((f) => readFileSync(`src/ui/shell/${f}`, 'utf8'))
      .join('\n');
    const sentences = [...text.matchAll(/'([A-Z][^'\n]{18,}[.?])'/g)].map((m) => m[1]!);
    expect(sentences.length).toBeGreaterThan(35);
    expect(sentences.filter((s) => !phrases.knows(s))).toEqual([]);
  });
});

test('habits that were kept are read with care', () => {
  expect(habitsFrom(null)).toEqual(PLAIN_HABITS);
  expect(habitsFrom({ language: 'es' })).toEqual({ ...PLAIN_HABITS, language: 'es' });
  expect(habitsFrom({ language: 'xx', clock: 12 })).toEqual(PLAIN_HABITS);
});
