import type { Messages } from './messages';
import type { Typing } from './typed/typing';

const SPANISH_TYPING = async (): Promise<Typing> => (await import('./es/typing')).TYPING;

/** Languages, each a folder and a line here, their regions a line. Each is fetched when it is first spoken, and what is typed in it when it is first typed. */
export const LANGUAGES = {
  en: {
    name: 'English',
    load: async (): Promise<Messages> => (await import('./en')).MESSAGES,
    typing: async (): Promise<Typing> => (await import('./en/typing')).TYPING,
  },
  es: { name: 'Español', load: async (): Promise<Messages> => (await import('./es')).MESSAGES, typing: SPANISH_TYPING },
  'es-MX': {
    name: 'Español, México',
    load: async (): Promise<Messages> => (await import('./es/regions')).MEXICO,
    typing: SPANISH_TYPING,
  },
  'es-CO': {
    name: 'Español, Colombia',
    load: async (): Promise<Messages> => (await import('./es/regions')).COLOMBIA,
    typing: SPANISH_TYPING,
  },
  'es-AR': {
    name: 'Español, Argentina',
    load: async (): Promise<Messages> => (await import('./es/regions')).ARGENTINA,
    typing: SPANISH_TYPING,
  },
  fr: {
    name: 'Français',
    load: async (): Promise<Messages> => (await import('./fr')).MESSAGES,
    typing: async (): Promise<Typing> => (await import('./fr/typing')).TYPING,
  },
} as const;
export type Language = keyof typeof LANGUAGES;
export const LANGUAGE_IDS = Object.keys(LANGUAGES) as Language[];

/** A language of ours; English for one that is not. */
export const knownLanguage = (text: string): Language => (isLanguage(text) ? text : 'en');

export const isLanguage = (text: string): text is Language => Object.hasOwn(LANGUAGES, text);

/** No language: English with accents, drawn longer, to see what does not come through the words (Unicode CLDR: en-XA). */
export const PSEUDO = 'en-XA';

export const messagesOf = async (language: Language | typeof PSEUDO): Promise<Messages> =>
  language === PSEUDO ? (await import('./pseudo')).MESSAGES : LANGUAGES[language].load();

export const typingOf = async (language: Language | typeof PSEUDO): Promise<Typing> =>
  language === PSEUDO ? (await import('./pseudo')).TYPING : LANGUAGES[language].typing();

/** A language tag (RFC 5646) as one of ours: with its region where that is one, else the language alone. */
const regionOf = (tag: string): string =>
  LANGUAGE_IDS.find((id) => id.toLowerCase() === tag.toLowerCase()) ?? tag.split('-')[0] ?? '';

/** The language that is wanted most of those there are, by the header Accept-Language (RFC 9110, 12.5.4); English else. */
export function acceptedLanguage(header: string | null): Language {
  const wanted = (header ?? '')
    .split(',')
    .map((part, order) => {
      const [tag = '', ...parameters] = part.trim().toLowerCase().split(';');
      const q = parameters.map((p) => /^\s*q=([\d.]+)\s*$/.exec(p)?.[1]).find((x) => x !== undefined);
      return { language: regionOf(tag), weight: q === undefined ? 1 : Number(q), order };
    })
    .filter((w) => w.weight > 0)
    .sort((a, b) => b.weight - a.weight || a.order - b.order);
  return wanted.map((w) => w.language).find(isLanguage) ?? 'en';
}
