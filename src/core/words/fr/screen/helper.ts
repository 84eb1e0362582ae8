import type { HELPER as EN } from '../../en/screen/helper';

export const HELPER: Readonly<Record<keyof typeof EN, string>> = {
  'helper.close-the-packet': 'Fermer le paquet',
  'helper.for': '{helper}, pour {job}',
  'helper.no-packet-is-open': 'Aucun paquet ouvert',
  'helper.of-made': '{made} sur {wanted} faites',
  'helper.open-file-you-were-given': 'Ouvrez dans Travaux le fichier qu’on vous a donné.',
  'helper.send-it-back': 'Le renvoyer',
  'helper.step-time': '{from} à {to}, {pieces} × {t}',
  'helper.what-to-make': 'Que faire',
  'helper.write-down': 'Noter : {name}',
};
