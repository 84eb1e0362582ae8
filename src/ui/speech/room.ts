/** What is needed to put facts into words, fetched beside the page and not before it. */
export { MESSAGES } from '@/core/words/en';
export { namingOf } from '@/core/words/naming';
export { NO_NAMING, Words } from '@/core/words/words';
