import type { SCREEN as EN } from '../en/screen';

export const SCREEN: Readonly<Record<keyof typeof EN, string>> = {
  'wire.for-kind': 'Alambre para {kind}',
  'place.round-tier': 'Alrededor del {tier}',
  'compose.bare-at': 'sin cubrir, {place}',
  'paint.any': 'Para cualquier pieza.',
  'paint.kept': 'Para piezas que se guardan, sin tocar la glasa.',
  'paint.on-wire': 'Para piezas con alambre que nadie come, sin tocar la glasa.',
  'place.barrier-for': 'Para {goodFor}.',
  'place.barrier-in-full': 'Para {goodFor}. No para {notFor}. Toca la tarta: {touches}. Se saca: {takenOut}.',
};
