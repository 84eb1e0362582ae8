import { ENGLISH } from '../src/core/words/english';

/** What a label says in English, by its key: wording may change, what is found stays. */
export const label: typeof ENGLISH.label = (key, ...args) => ENGLISH.label(key, ...args);
