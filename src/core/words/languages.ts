import type { Messages } from './messages';

/** Languages, each a folder and a line here. Each is fetched when it is first spoken. */
export const LANGUAGES = {
  en: { name: 'English', load: async (): Promise<Messages> => (await import('./en')).MESSAGES },
  es: { name: 'Español', load: async (): Promise<Messages> => (await import('./es')).MESSAGES },
} as const;
export type Language = keyof typeof LANGUAGES;
export const LANGUAGE_IDS = Object.keys(LANGUAGES) as Language[];

export const isLanguage = (text: unknown): text is Language => typeof text === 'string' && text in LANGUAGES;
