import type { Messages } from '../messages';
import { BARRIERS } from './barriers';
import { FIGURES } from './figures';
import { GRAMMAR } from './grammar';
import { HAND_OVER } from './handOver';
import { METHODS } from './methods';
import { NAMES } from './names';
import { PAPER } from './paper';
import { PHRASES } from './phrases';
import { REFUSALS } from './refusals';
import { SCREEN } from './screen';
import { WARNINGS } from './warnings';

/** Not yet read by a native speaker. */
export const MESSAGES: Messages = {
  locale: 'fr',
  grammar: GRAMMAR,
  names: NAMES,
  methods: METHODS,
  barriers: BARRIERS,
  phrases: { ...PHRASES, ...REFUSALS },
  figures: FIGURES,
  warnings: WARNINGS,
  labels: { ...HAND_OVER, ...PAPER, ...SCREEN },
  frames: {
    clock: '{hour} h{half, select, yes { 30} other {}}',
    gauge: 'jauge {n}',
    'gauge-aloud': 'jauge {n}',
    'wire-mm': 'fil de {n} mm',
    place: '{tier}, à {clock}',
    'part-of': '{Piece} : {part}',
    carrier: 'Renfort',
    'staged-colour': '{piece}, {colour}',
  },
};
