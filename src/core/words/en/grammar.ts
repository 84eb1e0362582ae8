import type { Grammar } from '../messages';

const ADJECTIVES: Readonly<Record<string, string>> = {
  half: 'half-open',
  green: 'green',
  turning: 'turning',
  flat: 'flat',
  cupped: 'cupped',
  bent: 'bent',
};

/** English: one article, no gender; a stage stands before the noun, a bud after it. */
export const GRAMMAR: Grammar = {
  the: ([one, many], count = 1) => `the ${count === 1 ? one : many}`,
  a: ([one]) => `${/^[aeio]|^u(?!ni)/i.test(one) ? 'an' : 'a'} ${one}`,
  of: ([one]) => `of the ${one}`,
  staged: (noun, stage) => {
    if (stage === 'bud') return [`${noun[0]} bud`, `${noun[0]} buds`];
    const adjective = ADJECTIVES[stage];
    return adjective ? [`${adjective} ${noun[0]}`, `${adjective} ${noun[1]}`] : noun;
  },
};
