import type { HANDOVER as EN } from '../../en/screen/handover';

export const HANDOVER: Readonly<Record<keyof typeof EN, string>> = {
  'handover.both-as-pdf': 'Les deux en PDF',
  'handover.do-count-out': 'compter sortie la {number}',
  'handover.do-put-back': 'remettre la {number}',
  'handover.do-sheets-in': 'feuilles en {languages}',
  'handover.go': 'Peut partir :',
  'handover.hand-over-sheet': 'Feuille de remise',
  'handover.it-written-from-place-once': 'Elle s’écrit depuis Poser, dès que quelque chose va dans le gâteau.',
  'handover.language-of-the-sheets': 'Langue des feuilles',
  'handover.larger-type': 'Caractères plus grands',
  'handover.mend-it-at': 'Y remédier : {station}',
  'handover.no-sheet-yet': 'Pas encore de feuille',
  'handover.no-stop-left-out': 'il ne reste aucun stop. {goesIn} entrent, {comesOut} sortent.',
  'handover.not-ready-go-stops': '{stops, plural, one {Ne peut pas partir : 1 stop} other {Ne peut pas partir : # stops}}',
  'handover.one-table-one-taped-box': 'Une pour la table, l’autre collée sur le couvercle de la boîte.',
  'handover.print-it': 'L’imprimer',
  'handover.the-cake-from-with-numbered':
    'Le gâteau vu de {side}, {marks, plural, one {# place numérotée} other {# places numérotées}}',
  'handover.the-table': 'La table',
  'handover.the-whole-bench-pack': 'Le dossier complet',
  'handover.which-sheet': 'Quelle feuille',
  'handover.who-cuts': 'Qui coupe',
};
