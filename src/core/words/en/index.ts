import type { Messages } from '../messages';
import { BARRIERS } from './barriers';
import { FIGURES } from './figures';
import { GRAMMAR } from './grammar';
import { LABELS } from './labels';
import { METHODS } from './methods';
import { NAMES } from './names';
import { PHRASES } from './phrases';
import { REFUSALS } from './refusals';
import { WARNINGS } from './warnings';

export const MESSAGES: Messages = {
  locale: 'en-GB',
  grammar: GRAMMAR,
  names: NAMES,
  methods: METHODS,
  barriers: BARRIERS,
  phrases: { ...PHRASES, ...REFUSALS },
  figures: FIGURES,
  warnings: WARNINGS,
  labels: LABELS,
  frames: {
    clock: '{half, select, yes {half past {hour}} other {{hour} o’clock}}',
    gauge: '{n} ga',
    'gauge-aloud': '{n} gauge',
    'wire-mm': '{n} mm wire',
    place: '{tier}, {clock}',
    'part-of': '{Piece}: {part}',
    carrier: 'Carrier',
    'staged-colour': '{colour} {piece}',
  },
};
