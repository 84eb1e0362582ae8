import { MESSAGES as EN } from './en';
import type { Messages } from './messages';

/** Languages, each a folder and a line here. English is there at once, the others are fetched when they are first spoken. */
export const LANGUAGES = {
  en: { name: 'English', load: async (): Promise<Messages> => EN },
  es: { name: 'Español', load: async (): Promise<Messages> => (await import('./es')).MESSAGES },
} as const;
export type Language = keyof typeof LANGUAGES;
export const LANGUAGE_IDS = Object.keys(LANGUAGES) as Language[];

export const isLanguage = (text: unknown): text is Language => typeof text === 'string' && text in LANGUAGES;
