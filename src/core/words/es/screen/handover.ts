import type { HANDOVER as EN } from '../../en/screen/handover';

export const HANDOVER: Readonly<Record<keyof typeof EN, string>> = {
  'handover.both-as-pdf': 'Las dos en PDF',
  'handover.do-count-out': 'contar fuera la {number}',
  'handover.do-put-back': 'devolver la {number}',
  'handover.do-sheets-in': 'hojas en {languages}',
  'handover.go': 'Puede salir:',
  'handover.hand-over-sheet': 'Hoja de entrega',
  'handover.it-written-from-place-once': 'Se escribe desde Colocar, en cuanto algo va en la tarta.',
  'handover.language-of-the-sheets': 'Idioma de las hojas',
  'handover.larger-type': 'Letra más grande',
  'handover.mend-it-at': 'Corregirlo en {station}',
  'handover.no-sheet-yet': 'Aún no hay hoja',
  'handover.no-stop-left-out': 'no queda ningún alto. {goesIn} entran, {comesOut} salen.',
  'handover.not-ready-go-stops': '{stops, plural, one {No puede salir: 1 alto} other {No puede salir: # altos}}',
  'handover.one-table-one-taped-box': 'Una para la mesa, otra pegada en la tapa de la caja.',
  'handover.print-it': 'Imprimirla',
  'handover.the-cake-from-with-numbered':
    'La tarta desde {side}, {marks, plural, one {# sitio numerado} other {# sitios numerados}}',
  'handover.the-table': 'La mesa',
  'handover.the-whole-bench-pack': 'La carpeta completa',
  'handover.which-sheet': 'Qué hoja',
  'handover.who-cuts': 'Quien corta',
};
