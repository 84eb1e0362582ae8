import type { Grammar, Noun } from '../messages';

const isFeminine = ([, , gender]: Noun): boolean => gender === 'f';
/** An article and de are shortened before a vowel and a mute h; none of our names but houx begins with an aspirated one. */
const isElided = (word: string): boolean => /^[aeiouyâàéèêëîïôûœh]/i.test(word) && !/^houx/i.test(word);
const ofBare = (word: string): string => (isElided(word) ? `d’${word}` : `de ${word}`);

const ADJECTIVES: Readonly<Record<string, readonly [m: string, f: string]>> = {
  half: ['mi-ouvert', 'mi-ouverte'],
  green: ['vert', 'verte'],
  turning: ['mûrissant', 'mûrissante'],
  flat: ['plat', 'plate'],
  cupped: ['bombé', 'bombée'],
  bent: ['plié', 'pliée'],
};

/** French: the article agrees in gender and number and is shortened before a vowel; an adjective of state follows. */
export const GRAMMAR: Grammar = {
  the: (noun, count = 1) => {
    if (count !== 1) return `les ${noun[1]}`;
    if (isElided(noun[0])) return `l’${noun[0]}`;
    return `${isFeminine(noun) ? 'la' : 'le'} ${noun[0]}`;
  },
  a: (noun) => `${isFeminine(noun) ? 'une' : 'un'} ${noun[0]}`,
  of: (noun) => {
    if (isElided(noun[0])) return `de l’${noun[0]}`;
    return `${isFeminine(noun) ? 'de la' : 'du'} ${noun[0]}`;
  },
  staged: (noun, stage) => {
    if (stage === 'bud') return [`bouton ${ofBare(noun[0])}`, `boutons ${ofBare(noun[0])}`, 'm'];
    const pair = ADJECTIVES[stage];
    if (!pair) return noun;
    const adjective = pair[isFeminine(noun) ? 1 : 0];
    return [`${noun[0]} ${adjective}`, `${noun[1]} ${adjective}s`, noun[2]];
  },
};
