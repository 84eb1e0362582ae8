import type { Messages } from '../messages';
import { BARRIERS } from './barriers';
import { FIGURES } from './figures';
import { GRAMMAR } from './grammar';
import { HAND_OVER } from './handOver';
import { METHODS } from './methods';
import { NAMES } from './names';
import { PAPER } from './paper';
import { PHRASES } from './phrases';
import { SCREEN } from './screen';
import { REFUSALS } from './refusals';
import { WARNINGS } from './warnings';

export const MESSAGES: Messages = {
  locale: 'es',
  grammar: GRAMMAR,
  names: NAMES,
  methods: METHODS,
  barriers: BARRIERS,
  phrases: { ...PHRASES, ...REFUSALS },
  figures: FIGURES,
  warnings: WARNINGS,
  labels: { ...HAND_OVER, ...PAPER, ...SCREEN },
  frames: {
    clock: '{hour, select, 1 {la} other {las}} {hour}{half, select, yes { y media} other {}}',
    gauge: 'calibre {n}',
    'gauge-aloud': 'calibre {n}',
    'wire-mm': 'alambre de {n} mm',
    place: '{tier}, a {clock}',
    'part-of': '{Piece}: {part}',
    carrier: 'Refuerzo',
    'staged-colour': '{piece}, {colour}',
  },
};
