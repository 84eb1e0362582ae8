import { mmToInchWords, Units } from './units';

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
});

// 2027-06-12T09:30 and its day, in minutes of wall time since 1970
const WALL = Date.UTC(2027, 5, 12, 9, 30) / 60_000;
const [en, es, us] = [
  new Units('en-GB', { lengths: 'mm', clock: 24 }),
  new Units('es', { lengths: 'mm', clock: 24 }),
  new Units('en-GB', { lengths: 'in', clock: 12 }),
] as const;

test.each([
  ['a length', en.length(38.2), es.length(38.2), us.length(38.1), ['38 mm', '38 mm', '1 1/2 in']],
  ['a length in tenths', en.length(2.46, 1), es.length(2.46, 1), us.length(2.46, 1), ['2.5 mm', '2,5 mm', '0.10 in']],
  ['a length as it is written down', en.mm(2.5), es.mm(2.5), us.mm(25.4), ['2.5 mm', '2,5 mm', '1 in']],
  ['a number without a mark for thousands', en.asIs(1234.5), es.asIs(1234.5), us.asIs(1234), ['1234.5', '1234,5', '1234']],
  ['grams', en.grams(3.45), es.grams(3.45), us.grams(34.4), ['3.5 g', '3,5 g', '34 g']],
  ['a time of day', en.time(WALL), es.time(WALL), us.time(WALL + 720), ['09:30', '09:30', '9:30 pm']],
  [
    'a day in full',
    en.longDay(WALL),
    es.longDay(WALL),
    us.longDay(WALL),
    ['Saturday 12 June', 'sábado, 12 de junio', 'Saturday 12 June'],
  ],
  ['a short day', en.shortDay(WALL), es.shortDay(WALL), us.shortDay(WALL), ['Sat 12', 'sáb 12', 'Sat 12']],
  ['a duration', en.duration(155), es.duration(125), us.duration(60), ['2 h 35', '2 h 05', '1 h']],
  ['a share', en.percent(0.123), es.percent(0.123), us.percent(1), ['12%', '12\u00a0%', '100%']],
])('%s as English in millimetres, Spanish, and English in inches read it', (_, inEnglish, inSpanish, inInches, words) => {
  expect([inEnglish, inSpanish, inInches]).toEqual(words);
});

test('what is no number is a dash', () => {
  expect([en.length(NaN), en.asIs(Infinity), en.percent(NaN), en.time(NaN), en.number(NaN)]).toEqual([
    '– mm',
    '–',
    '–',
    '–',
    '–',
  ]);
});

test('on screen and paper a figure keeps to its unit, in a sentence too; a word that only begins like a unit does not', () => {
  const units = new Units('en', { lengths: 'mm', clock: 24, space: '\u00a0' });
  expect([units.length(12), units.grams(21), units.duration(95)]).toEqual(['12\u00a0mm', '21\u00a0g', '1\u00a0h\u00a035']);
  expect(units.kept('Cut to 38 mm, 5 m of tape for 2 hours, 3 green')).toBe(
    'Cut to 38\u00a0mm, 5\u00a0m of tape for 2 hours, 3 green',
  );
  expect(new Units('en', { lengths: 'mm', clock: 24 }).kept('38 mm')).toBe('38 mm');
});
