import { botanicalObjections, leavesInSeason, type BotanicalInput } from './botanical';
import { SPECIES, speciesById, type Kind, SHIPPED } from './catalogue';
import { inSeason, monthOf, seasonOf } from './season';
import { ENGLISH } from '../words/english';

const kind = (species: string, stage: string, sizeMm: number): Kind => ({ species, stage, sizeMm, colourway: '' });
const asked = (kinds: Kind[], over: Partial<BotanicalInput> = {}) =>
  botanicalObjections({ kinds, catalogue: SHIPPED, petalsCut: new Map(), month: 7, hemisphere: 'north', ...over }).map(
    (o) => ENGLISH.warning(o).what,
  );

test('a fruit beside its own flower is objected to; unripe, or beside another flower, it is not', () => {
  expect(asked([kind('rosehip', 'ripe', 38), kind('rose', 'open', 58)], { month: 9 })).toEqual([
    'Ripe rosehip sprigs beside open garden roses',
  ]);
  expect(asked([kind('rosehip', 'green', 38), kind('rose', 'open', 58)], { month: 9 })).toEqual([]);
  expect(asked([kind('rosehip', 'ripe', 38), kind('dahlia', 'open', 66)], { month: 9 })).toEqual([]);
});

test('a leaf or flower out of season, in either hemisphere', () => {
  expect(asked([kind('fern', 'grown', 72)], { month: 12 })).toEqual(['Fern frond is not in leaf in winter']);
  expect(asked([kind('fern', 'grown', 72)], { month: 12, hemisphere: 'south' })).toEqual([]);
  expect(asked([kind('peony', 'open', 74)], { month: 9 })).toEqual(['Peony does not flower in autumn']);
  expect(asked([kind('bramble', 'ripe', 40)], { month: 5 })).toEqual(['Bramble sprig is not in fruit in spring']);
});

test('what is out of season gives way to its leaves where those are in season', () => {
  const leaves = (species: string, month: number) => leavesInSeason(species, { catalogue: SHIPPED, month, hemisphere: 'north' });
  expect([leaves('bramble', 5), leaves('rosehip', 6), leaves('magnolia', 9)]).toEqual(['leafgroup', 'roseleaf', 'twofaced']);
  // brambles and roses have no leaves in winter, and nothing is known of a dahlia's
  expect([leaves('bramble', 1), leaves('rosehip', 1), leaves('dahlia', 1)]).toEqual([null, null, null]);
});

test('a leaf too large or too small for its own flower', () => {
  expect(asked([kind('roseleaf', 'grown', 74), kind('rose', 'open', 48)])).toEqual([]);
  expect(asked([kind('roseleaf', 'grown', 74), kind('rose', 'half', 44)])[0]).toMatch(/Rose-leaf spray of 74 mm is large/);
  expect(asked([kind('roseleaf', 'grown', 50), kind('rose', 'open', 90)])[0]).toMatch(/small for a garden rose of 90 mm/);
});

test('a wrong petal count (docs/trade.md P10: most small garden flowers five; common practice, no source)', () => {
  expect(asked([kind('blossom', 'open', 20)], { month: 4, petalsCut: new Map([['blossom', 6]]) })).toEqual([
    'Blossom has 5 petals, the cutter gives 6',
  ]);
  expect(asked([kind('blossom', 'open', 20)], { month: 4, petalsCut: new Map([['blossom', 5]]) })).toEqual([]);
});

test('petals drawn are the petals that nature gives, where they are counted', () => {
  for (const s of SPECIES) if (s.petals !== undefined) expect(s.petals).toBeGreaterThan(3);
  expect(speciesById('poppy', SHIPPED).petals).toBe(4);
  expect(speciesById('lily', SHIPPED).petals).toBe(6);
});

test.each([
  [1, 'north', 'winter'],
  [4, 'north', 'spring'],
  [7, 'north', 'summer'],
  [10, 'north', 'autumn'],
  [1, 'south', 'summer'],
  [4, 'south', 'autumn'],
  [7, 'south', 'winter'],
  [12, 'north', 'winter'],
  [12, 'south', 'summer'],
] as const)('month %i, %s: %s (meteorological seasons)', (month, hemisphere, season) => {
  expect(seasonOf(month, hemisphere)).toBe(season);
});

test('half a year on in the south, for every species and month', () => {
  for (const s of SPECIES)
    for (let m = 1; m <= 12; m++) expect(inSeason(s, m, 'south')).toBe(inSeason(s, ((m + 5) % 12) + 1, 'north'));
});

test('a wall time gives its month, nonsense none', () => {
  expect(monthOf('2027-06-12T09:30')).toBe(6);
  expect(monthOf('soon')).toBeNull();
  expect(monthOf('2027-13-01T00:00')).toBeNull();
});
