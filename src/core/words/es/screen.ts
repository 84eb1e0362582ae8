import type { SCREEN as EN } from '../en/screen';

export const SCREEN: Readonly<Record<keyof typeof EN, string>> = {
  'wire.for-kind': 'Alambre para {kind}',
  'place.round-tier': 'Alrededor del {tier}',
  'place.barrier-for': 'Para {goodFor}.',
  'place.barrier-in-full': 'Para {goodFor}. No para {notFor}. Toca la tarta: {touches}. Se saca: {takenOut}.',
};
