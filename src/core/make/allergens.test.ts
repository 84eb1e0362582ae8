import { ALLERGEN_KEYS, ALLERGENS, ALLERGENS_EU_MORE, ALLERGENS_US, allergensTold } from './allergens';

test('the nine of the United States and the fourteen of the European Union, each once and with words', () => {
  expect(ALLERGENS_US).toHaveLength(9);
  // gluten, celery, mustard, sulphites, lupin, molluscs come on top of those that both name
  expect(ALLERGENS_EU_MORE).toHaveLength(6);
  expect(new Set(ALLERGENS).size).toBe(15);
  expect(Object.keys(ALLERGEN_KEYS).sort()).toEqual([...ALLERGENS].sort());
  // Regulation (EU) 1169/2011, annex II names fourteen: wheat stands among the cereals with gluten
  const eu = ALLERGENS.map((a) => (a === 'wheat' || a === 'other gluten' ? 'gluten' : a));
  expect(new Set(eu).size).toBe(14);
});

test('what is stated, in the order of the list, with every place it is in; a person’s own words apart', () => {
  const told = allergensTold({ cake: ['sesame', 'cinnamon', 'milk'], flowers: ['milk', 'cinnamon'], glue: ['egg'], barrier: [] });
  expect(told.found).toEqual([
    { allergen: 'milk', from: ['cake', 'flowers'] },
    { allergen: 'egg', from: ['glue'] },
    { allergen: 'sesame', from: ['cake'] },
  ]);
  expect(told.otherWords).toEqual([{ word: 'cinnamon', from: ['cake', 'flowers'] }]);
  expect(told.notStated).toEqual([]);
});

test('nobody has said is not the same as none, and what a job has not got is neither', () => {
  expect(allergensTold({ cake: null, flowers: [], barrier: [] })).toEqual({
    found: [],
    otherWords: [],
    without: ['flowers'],
    notStated: ['cake'],
  });
  expect(allergensTold({ cake: [] }).without).toEqual(['cake']);
});
