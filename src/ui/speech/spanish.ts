import type { Articles, Book } from './phrases';
import phrases from './spanish.json';

const DAYS = {
  Monday: 'lunes',
  Tuesday: 'martes',
  Wednesday: 'miércoles',
  Thursday: 'jueves',
  Friday: 'viernes',
  Saturday: 'sábado',
  Sunday: 'domingo',
} as const;
const MONTHS = {
  January: 'enero',
  February: 'febrero',
  March: 'marzo',
  April: 'abril',
  May: 'mayo',
  June: 'junio',
  July: 'julio',
  August: 'agosto',
  September: 'septiembre',
  October: 'octubre',
  November: 'noviembre',
  December: 'diciembre',
} as const;

/** Days of the week and dates as they are written in English, long and short, with the year, the hour, or alone. */
function dates(): Record<string, string> {
  const out: Record<string, string> = {};
  for (const [english, spanish] of Object.entries(DAYS)) {
    const short = english.slice(0, 3);
    Object.assign(out, {
      [english]: spanish,
      [`${english}s`]: spanish,
      [short]: spanish.slice(0, 3),
      [`${short} {}`]: `${spanish.slice(0, 3)} {}`,
      [`${english} {}`]: `${spanish} {}`,
    });
  }
  for (const [english, spanish] of Object.entries(MONTHS)) {
    const short = english.slice(0, 3);
    Object.assign(out, {
      [english]: spanish,
      [short]: spanish.slice(0, 3),
      [`{} ${english}`]: `{} de ${spanish}`,
      [`{} ${english} {}`]: `{} de ${spanish} de {}`,
      [`{} ${english} at {}`]: `{} de ${spanish} a las {}`,
      [`{} ${short}`]: `{} ${spanish.slice(0, 3)}`,
      [`{} ${short} {}`]: `{} ${spanish.slice(0, 3)} {}`,
    });
  }
  return out;
}

/** Everything the interface says, in Spanish. Flowers go by the names of spanish.json; those of sheets are in formats/words. */
export const SPANISH: Book = { ...dates(), ...phrases };

/** Flowers, foliage and barriers by their first word, as they are filled into sentences. */
const NOUNS: Readonly<Record<Articles[string], string>> = {
  el: `acebo arándano áster baño boj brezo capullo clavel cosmos crisantemo delfinio eléboro escaramujo girasol guisante helecho
    hipérico jazmín laurel lirio lisianthus nomeolvides olivo palillo portaflor piso ramillete ranúnculo relleno romero sauce tulipán`,
  la: `amapola anémona bandeja brocheta caléndula camelia campanilla cera dalia espiga flor florecilla gerbera hoja hortensia lata lavanda
    magnolia margarita pajita peonía ramita rosa tarta zarzamora zinnia`,
  los: '',
  las: 'perlitas',
};
export const ARTICLES: Articles = Object.fromEntries(
  Object.entries(NOUNS).flatMap(([article, words]) =>
    words
      .split(/\s+/)
      .filter(Boolean)
      .map((word) => [word, article as Articles[string]]),
  ),
);
