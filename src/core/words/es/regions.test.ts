import { LANGUAGES } from '../languages';
import { Words } from '../words';
import { MESSAGES } from '.';
import { ARGENTINA, COLOMBIA, MEXICO } from './regions';

/** Every text of a language, with the path that leads to it. */
function textsOf(value: unknown, path = ''): [path: string, text: string][] {
  if (typeof value === 'string') return [[path, value]];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, part]) => textsOf(part, `${path}.${key}`));
}
const join = (messages: unknown) => textsOf(messages).map(([, text]) => text);

test.each([
  ['Mexico', MEXICO, /tarta|torta|pajita|pitillo/i],
  ['Colombia', COLOMBIA, /tarta|pastel|pajita|popote/i],
  ['Argentina', ARGENTINA, /tarta|pastel|pitillo|popote/i],
])('%s has its own words and none of the others’; all else is as in Spain', (_name, messages, foreign) => {
  expect(join(messages).filter((t) => foreign.test(t))).toEqual([]);
  const [spain, here] = [textsOf(MESSAGES), textsOf(messages)];
  expect(here.map(([path]) => path)).toEqual(spain.map(([path]) => path));
  here.forEach(([path, text], i) => {
    if (!/tarta|pajita/i.test(spain[i]![1]) && !/\.2$|^\.locale$/.test(path)) expect([path, text]).toEqual(spain[i]);
  });
});

// articles and adjectives that stand right at the word: checked by what Spanish grammar asks, not by the list of swaps
test.each([
  ['Mexico', MEXICO],
  ['Colombia', COLOMBIA],
])('%s: what is a he has no article or ending of a she', (_name, messages) => {
  const she =
    /\b(la|una|esta|misma|ninguna|las|unas) (pastel|popote|pitillo)|\b(de|a) el (pastel|popote|pitillo)|(pastel|popote|pitillo)(es|s)? (ancha|abierta|blanda|fría|baja|lista|honda|cubierta|horneada|juntas|firma)/i;
  expect(join(messages).filter((t) => she.test(t))).toEqual([]);
});

test('a barrier is called and joined as its word wants', async () => {
  const said = async (id: 'es' | 'es-MX' | 'es-CO' | 'es-AR') => new Words(await LANGUAGES[id].load()).barrier('wide-straw');
  expect(await said('es')).toEqual(['pajita ancha', 'pajitas anchas', 'f']);
  expect(await said('es-MX')).toEqual(['popote ancho', 'popotes anchos', 'm']);
  expect(await said('es-CO')).toEqual(['pitillo ancho', 'pitillos anchos', 'm']);
  expect(await said('es-AR')).toEqual(['pajita ancha', 'pajitas anchas', 'f']);
});

// Unicode CLDR: a point between units and tenths in Mexico, a comma in Colombia, Argentina and Spain
test.each([
  ['es', '2,5'],
  ['es-MX', '2.5'],
  ['es-CO', '2,5'],
  ['es-AR', '2,5'],
] as const)('%s writes two and a half as %s', async (id, figure) => {
  expect(new Words(await LANGUAGES[id].load()).units.number(2.5, 1)).toBe(figure);
});
