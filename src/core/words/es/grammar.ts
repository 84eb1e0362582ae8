import type { Grammar, Noun } from '../messages';

const isFeminine = ([, , gender]: Noun): boolean => gender === 'f';
/** A feminine noun that begins with a stressed a takes the masculine article in the singular. */
const takesEl = ([one, , gender]: Noun): boolean => gender === 'f' && /^(a|ha)(gua|la|ma|rea)\b/i.test(one);

const ADJECTIVES: Readonly<Record<string, readonly [m: string, f: string]>> = {
  half: ['entreabierto', 'entreabierta'],
  green: ['verde', 'verde'],
  turning: ['pintón', 'pintona'],
  flat: ['plano', 'plana'],
  cupped: ['ahuecado', 'ahuecada'],
  bent: ['doblado', 'doblada'],
};

/** A stage follows the head of the noun phrase: "rosa entreabierta de jardín" would be wrong for "ramita verde de olivo" alike. */
const after = (phrase: string, adjective: string): string => {
  const of = phrase.indexOf(' de ');
  return of < 0 ? `${phrase} ${adjective}` : `${phrase.slice(0, of)} ${adjective}${phrase.slice(of)}`;
};

const many = (adjective: string): string => (/n$/.test(adjective) ? `${adjective.replace('ó', 'o')}es` : `${adjective}s`);

/** Spanish: article and adjective agree in gender and number; de + el is del. */
export const GRAMMAR: Grammar = {
  the: (noun, count = 1) => {
    if (count !== 1) return `${isFeminine(noun) ? 'las' : 'los'} ${noun[1]}`;
    return `${isFeminine(noun) && !takesEl(noun) ? 'la' : 'el'} ${noun[0]}`;
  },
  a: (noun) => `${isFeminine(noun) && !takesEl(noun) ? 'una' : 'un'} ${noun[0]}`,
  of: (noun) => (isFeminine(noun) && !takesEl(noun) ? `de la ${noun[0]}` : `del ${noun[0]}`),
  staged: (noun, stage) => {
    if (stage === 'bud') return [`capullo de ${noun[0]}`, `capullos de ${noun[0]}`, 'm'];
    const pair = ADJECTIVES[stage];
    if (!pair) return noun;
    const adjective = pair[isFeminine(noun) ? 1 : 0];
    return [after(noun[0], adjective), after(noun[1], many(adjective)), noun[2]];
  },
};
