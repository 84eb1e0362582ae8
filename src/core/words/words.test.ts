import { SPECIES } from '../botany/catalogue';
import { METHODS } from '../botany/methods';
import type { Fact, ValueKind } from '../facts/fact';
import { BARRIERS } from '../place/barrier';
import { MESSAGES as EN } from './en';
import { ALL_FACTS } from './facts';
import { LANGUAGE_IDS, LANGUAGES } from './languages';
import { MESSAGES as PSEUDO_MESSAGES, pseudo } from './pseudo';
import { argumentsOf, labelArgs } from './labelTypes';
import type { Messages } from './messages';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ENGLISH } from './english';
import { Words } from './words';

/** A value of each kind, as facts carry them. */
const SAMPLES: Record<ValueKind, unknown> = {
  mm: 42.4,
  mmTenths: 3.14,
  mmHundredths: 0.711,
  rad: 0.785,
  clock: -Math.PI / 2,
  grams: 21,
  gramsTenths: 2.5,
  minutes: 25,
  hours: 8,
  kPa: 40,
  share: 0.25,
  count: 3,
  ratio: 1.5,
  gauge: 20,
  money: 12.5,
  wall: 30_000_000,
  day: '2027-06-12',
  weekday: 3,
  yes: true,
  tier: { index: 0, of: 3 },
  species: 'dahlia',
  piece: { species: 'dahlia', stage: 'half' },
  pieces: [{ species: 'dahlia', stage: 'open', count: 3 }],
  colour: { species: 'dahlia', colourway: 'fig' },
  part: 'petal',
  parts: [{ part: 'leaf', count: 2 }],
  barrier: 'drinking-straw',
  entry: 'e1',
  entries: ['e1', 'e2'],
  method: 'layered',
  supply: 'glue',
  step: { method: 'layered', step: 'petals' },
  drying: { method: 'layered', step: 'petals' },
  yields: 'petals',
  sides: ['front', 'above'],
  line: 'crescent',
  skills: ['dusting', 'taping'],
  text: 'words of one’s own',
  fact: { code: 'paste.plaque', values: {} },
  facts: [{ code: 'paste.plaque', values: {} }],
};

/** Every fact with sample values; counts as they are asked for, and each of the words that a value may be. */
function samples(code: string, count: number): Fact[] {
  const slots = Object.entries(ALL_FACTS[code]!);
  const most = Math.max(1, ...slots.map(([, s]) => (typeof s === 'string' ? 1 : s.length)));
  return Array.from({ length: most }, (_, k) => ({
    code,
    values: Object.fromEntries(
      slots.map(([name, slot]) => [
        name,
        typeof slot !== 'string' ? slot[k % slot.length] : slot === 'count' ? count : slot === 'yes' ? k === 0 : SAMPLES[slot],
      ]),
    ),
  }));
}

const CODES = Object.keys(ALL_FACTS);
const flat = (value: unknown, path = ''): [string, string][] =>
  typeof value === 'string'
    ? [[path, value]]
    : value && typeof value === 'object'
      ? Object.entries(value).flatMap(([k, v]) => flat(v, path ? `${path}/${k}` : k))
      : [];
const messagesOf = ({ phrases, figures, warnings, labels, frames }: Messages) =>
  flat({ phrases, figures, warnings, labels, frames });

test.each(LANGUAGE_IDS)('%s has every message that English has, and no other', async (id) => {
  const own = await LANGUAGES[id].load();
  const { grammar: _g, locale: _l, ...told } = own;
  const { grammar: _g2, locale: _l2, ...english } = EN;
  // a gender is a third word of a noun
  const paths = (of: object) =>
    flat(of)
      .map(([path]) => path)
      .filter((path) => !(path.startsWith('names/') && path.endsWith('/2')) && !path.includes('ingredients'))
      .sort();
  expect(paths(told)).toEqual(paths(english));
});

test.each(LANGUAGE_IDS)(
  '%s says every fact with every kind of value, once and many: no hole, no code, no bracket',
  async (id) => {
    const words = new Words(await LANGUAGES[id].load());
    for (const code of CODES)
      for (const count of code === 'how.barrier' ? [1, 3] : [0, 1, 3])
        for (const fact of samples(code, count)) {
          const said =
            code in EN.warnings
              ? Object.values(words.warning({ ...fact, tier: { index: 0, of: 1 } })).join(' ')
              : words.say(fact);
          expect(said).toMatch(/\p{L}|\d/u);
          expect(`${code} says ${said}`).not.toMatch(/[{}]|undefined|NaN|\[object| {2}| says [a-z-]+\.[a-z]/);
        }
  },
);

test.each(LANGUAGE_IDS)('what a message of %s is filled with is what the fact carries', async (id) => {
  const own = await LANGUAGES[id].load();
  const words = new Words(own);
  const derived = /(Many|The|TheMany|A|Of|Gender|Count|Caution|Step)$/;
  for (const [path, message] of messagesOf(own)) {
    const [group, code] = path.split('/') as [string, string];
    if (group === 'labels' || group === 'frames') continue;
    const slots = Object.keys(ALL_FACTS[code]!);
    for (const name of argumentsOf(message)) {
      const plain = name[0]!.toLowerCase() + name.slice(1);
      expect(`${path}: ${slots.some((s) => plain === s || plain.replace(derived, '') === s)}`).toBe(`${path}: true`);
    }
  }
  expect(words.units.length(12)).toMatch(/12.mm/);
});

test.each(LANGUAGE_IDS)('labels of %s are filled with the same values as the English ones', async (id) => {
  const own = await LANGUAGES[id].load();
  for (const [key, message] of Object.entries(EN.labels))
    expect([key, argumentsOf(own.labels[key as keyof Messages['labels']]).sort()]).toEqual([key, argumentsOf(message).sort()]);
});

test('the types of what labels are filled with are as `npm run words` writes them', () => {
  expect(readFileSync(join(__dirname, 'labelArgs.ts'), 'utf8')).toBe(labelArgs());
});

test.each(LANGUAGE_IDS)('%s names every species, colour, method with its steps, and barrier with its steps', async (id) => {
  const { names, methods, barriers } = await LANGUAGES[id].load();
  expect(Object.keys(names.species).sort()).toEqual(SPECIES.map((s) => s.id).sort());
  expect(new Set(Object.values(names.species).map(([, many]) => many)).size).toBe(SPECIES.length);
  for (const s of SPECIES) for (const c of s.colourways) expect(names.colours).toHaveProperty([c.id]);
  for (const m of Object.values(METHODS)) {
    expect(Object.keys(methods[m.id]!.steps).sort()).toEqual(m.steps.map((s) => s.id).sort());
    expect(Object.keys(methods[m.id]!.drying).sort()).toEqual(m.steps.flatMap((s) => (s.noted ? [s.id] : [])).sort());
  }
  expect(Object.keys(names.barriers).sort()).toEqual(BARRIERS.map((b) => b.id).sort());
  for (const b of BARRIERS) expect(barriers[b.ways].steps).toHaveLength(b.stepCount);
});

describe('English', () => {
  test.each([
    [
      {
        code: 'do.put-in',
        values: {
          piece: { species: 'anemone', stage: 'open' },
          more: 0,
          pieces: [{ species: 'anemone', stage: 'open', count: 1 }],
        },
      },
      'Put in the anemone',
    ],
    [
      {
        code: 'do.put-in',
        values: {
          piece: { species: 'blossom', stage: 'open' },
          more: 2,
          pieces: [
            { species: 'blossom', stage: 'open', count: 2 },
            { species: 'froth', stage: 'open', count: 1 },
          ],
        },
      },
      'Put in 2 blossoms and 1 sprig of froth',
    ],
    [{ code: 'do.lay-beside', values: { piece: { species: 'marigold', stage: 'bud' } } }, 'Lay the marigold bud beside the stem'],
    [{ code: 'remedy.fill', values: { count: 2, species: 'froth' } }, 'Fill it: 2 sprigs of froth'],
    [{ code: 'reading.flow.alone', values: { piece: { species: 'olive', stage: 'grown' } } }, 'An olive sprig stands alone.'],
    [{ code: 'at.joint', values: { spray: 2, sprays: 3, joint: 7, of: 11 } }, 'Spray 2 of 3, joint 7 of 11'],
    [{ code: 'at.joint', values: { spray: 1, sprays: 1, joint: 7, of: 11 } }, 'Joint 7 of 11'],
  ])('%j', (fact, said) => expect(ENGLISH.say(fact)).toBe(said));

  test('a place by tier and clock, half hours too', () => {
    expect(ENGLISH.place({ tier: { index: 2, of: 3 }, azimuthRad: -Math.PI / 2 })).toBe('top tier, 6 o’clock');
    expect(ENGLISH.clock(-Math.PI / 2 - Math.PI / 12)).toBe('half past 6');
  });
});

describe('Spanish', () => {
  let words: Words;
  beforeAll(async () => void (words = new Words(await LANGUAGES.es.load())));
  test.each([
    [
      { code: 'do.put-in', values: { piece: { species: 'rose', stage: 'half' }, more: 0, pieces: [] } },
      'Coloca la rosa entreabierta de jardín',
    ],
    [
      { code: 'do.begin-with', values: { piece: { species: 'ranunculus', stage: 'bud' } } },
      'Empieza con el capullo de ranúnculo',
    ],
    [
      { code: 'place.stem-on-icing', values: { piece: { species: 'dahlia', stage: 'open' } } },
      'El tallo de la dalia toca la cobertura',
    ],
    [{ code: 'remedy.cover', values: { count: 1, species: 'tulip' } }, 'Tapar 1 con un tulipán'],
    [{ code: 'figure.thick-below', values: { thickMm: 2.5, wires: 1 } }, '2,5 mm de grueso por debajo, 1 alambre'],
  ])('%j', (fact, said) => expect(words.say(fact)).toBe(said));

  test('places and decimals', () => {
    expect(words.place({ tier: { index: 0, of: 2 }, azimuthRad: Math.PI / 3 })).toBe('piso inferior, a la 1');
    expect(words.units.length(0.71, 2)).toBe('0,71 mm');
  });
});

test('inches as a ruler shows them, hours by twelve', () => {
  const words = new Words(EN, { lengths: 'in', clock: 12 });
  expect(words.units.length(38.1)).toBe('1 1/2 in');
  expect(words.units.length(0.711, 2)).toBe('0.028 in');
  expect(words.units.time(9 * 60 + 30)).toMatch(/9:30.am/);
  expect(words.units.length(NaN)).toBe('– in');
});

describe('the pseudo-locale', () => {
  test.each([
    ['Close', '[Çļóšé~~]'],
    ['{n} mm', '[{n} ɱɱ~]'],
    ['{n, plural, one {# piece} other {# pieces}} of {kind}', '[{n, plural, one {# þíéçé} other {# þíéçéš}} óƒ {kind}~~~~]'],
    ['{a}: {b}', '{a}: {b}'],
  ])('%s', (message, said) => expect(pseudo(message)).toBe(said));

  test('has no letter of English in what it says of a fact or a label', () => {
    const words = new Words(PSEUDO_MESSAGES);
    const said = [
      words.label('shared.close'),
      words.say({ code: 'do.lay-beside', values: { piece: { species: 'marigold', stage: 'bud' } } }),
      words.place({ tier: { index: 2, of: 3 }, azimuthRad: -Math.PI / 2 }),
      words.barrier(BARRIERS[0]!.id)[0],
    ];
    for (const text of said) expect(text).not.toMatch(/[A-Za-z]/);
  });
});

test.each(['constructor', 'toString', '__proto__', 'hasOwnProperty'])(
  'what is called “%s” is called so, whatever every table inherits',
  (id) => {
    const words = ENGLISH;
    expect(words.species(id)).toEqual([id, id]);
    expect(words.colour({ species: 'rose', colourway: id })).toBe(id);
    expect(words.stage({ id, name: 'Own stage' })).toBe('Own stage');
    expect(words.wireColour(id)).toBe(id);
    expect(words.counts(id)).toBe(id);
    expect(words.part(id)).toEqual([id, id]);
    expect(words.barrier(id)).toEqual([id, id]);
    expect(words.method(id)).toBe(id);
    expect(words.craft(id)).toEqual({ tools: [], dusting: [], checks: [] });
    expect(words.step({ method: id, step: id })).toEqual({ name: id, drying: '' });
    expect(words.say({ code: id, values: {} } as unknown as Fact)).toBe(id);
  },
);
