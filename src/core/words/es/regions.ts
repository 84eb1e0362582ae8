import type { Messages } from '../messages';
import { MESSAGES } from '.';
import { must } from '../../geometry/must';

/** What stands in Spain's messages, and what a region says there; earlier ones first. Not yet read by people of the regions. */
type Swap = readonly [said: RegExp, here: string];

/** A word that is a “he” where Spain's is a “she” takes its articles and endings along. */
const POPOTE_LIKE = (one: string): readonly Swap[] => [
  [/\bUna pajita abierta\b/g, `Un ${one} abierto`],
  [/\bUna pajita sin tapar no es segura\b/g, `Un ${one} sin tapar no es seguro`],
  [/\bpajita juntas, rectas\b/g, `${one} juntos, rectos`],
  [/\bpajita juntas\b/g, `${one} juntos`],
  [/\bpajita ancha\b/g, `${one} ancho`],
  [/\bpajitas anchas\b/g, `${one}s anchos`],
  [/\buna pajita\b/g, `un ${one}`],
  [/\bla pajita\b/g, `el ${one}`],
  [/\bLas pajitas\b/g, `Los ${one}s`],
  [/\bPajita/g, must(one[0]).toUpperCase() + one.slice(1)],
  [/\bpajita/g, one],
];

const TORTA: readonly Swap[] = [
  [/\btarta/g, 'torta'],
  [/\bTarta/g, 'Torta'],
];

const PASTEL: readonly Swap[] = [
  [/\bde la misma tarta, igual de fría\b/g, 'del mismo pastel, igual de frío'],
  [/\buna tarta blanda, o fría y húmeda\b/g, 'un pastel blando, o frío y húmedo'],
  [/\bLa tarta es demasiado baja o estrecha\b/g, 'El pastel es demasiado bajo o estrecho'],
  [/\bla tarta no es bastante honda\b/g, 'el pastel no es bastante hondo'],
  [/\bLa tarta debe seguir fría\b/g, 'El pastel debe seguir frío'],
  [/\bsáquela una hora antes\b/g, 'sáquelo una hora antes'],
  [/\bla tarta esté lista\b/g, 'el pastel esté listo'],
  [/\bla tarta lista\b/g, 'el pastel listo'],
  [/\bguardan su sitio en ella\b/g, 'guardan su sitio en él'],
  [/\bTarta horneada, cubierta y firme\b/g, 'Pastel horneado, cubierto y firme'],
  [/\btarta que no sea demasiado baja\b/g, 'pastel que no sea demasiado bajo'],
  [/\btarta baja\b/g, 'pastel bajo'],
  [/\btartas iguales\b/g, 'pasteles iguales'],
  [/\bde la tarta\b/g, 'del pastel'],
  [/\ba la tarta\b/g, 'al pastel'],
  [/\bla tarta\b/g, 'el pastel'],
  [/\bLa tarta\b/g, 'El pastel'],
  [/\besta tarta\b/g, 'este pastel'],
  [/\buna tarta\b/g, 'un pastel'],
  [/\bTarta/g, 'Pastel'],
  [/\btarta/g, 'pastel'],
];

function swapped(text: string, swaps: readonly Swap[]): string {
  return swaps.reduce((said, [from, here]) => said.replace(from, here), text);
}

/** The same messages in a region's own words. A noun whose word is another takes the gender of that word. */
function inRegion<T>(value: T, swaps: readonly Swap[], gender: 'm' | 'f'): T {
  const through = (part: unknown): unknown => {
    if (typeof part === 'string') return swapped(part, swaps);
    if (Array.isArray(part)) {
      const [one, many, kind] = part as unknown[];
      const straw = part.length === 3 && typeof one === 'string' && /^pajita/.test(one) && (kind === 'f' || kind === 'm');
      return straw ? [through(one), through(many), gender] : part.map(through);
    }
    if (typeof part === 'object' && part !== null)
      return Object.fromEntries(Object.entries(part).map(([key, inner]) => [key, through(inner)]));
    return part;
  };
  return through(value) as T;
}

const regional = (locale: string, swaps: readonly Swap[], straw: 'm' | 'f'): Messages => {
  const { grammar, ...rest } = MESSAGES;
  return { ...inRegion(rest, swaps, straw), grammar, locale };
};

export const MEXICO = regional('es-MX', [...PASTEL, ...POPOTE_LIKE('popote')], 'm');
export const COLOMBIA = regional('es-CO', [...TORTA, ...POPOTE_LIKE('pitillo')], 'm');
export const ARGENTINA = regional('es-AR', TORTA, 'f');
