import { COMPOSE_FAULTS, READING_FACTS, REMEDY_FACTS } from '../compose/facts';
import { DAY_REFUSALS, REPAIR_FACTS, SITTING_FACTS, TASK_DETAILS, TASK_FACTS } from '../days/facts';
import type { FactTable } from '../facts/fact';
import { PACKET_DOUBTS } from '../log/facts';
import { NEED_FACTS, PASTE_FACTS, QUOTE_FACTS, SPARE_FACTS } from '../make/facts';
import { ENTRY_FACTS, UNSUITED_FACTS } from '../place/facts';
import { FIGURES, HOW, STEP_PLACES, STEP_TITLES, WHY } from '../plan/stepFacts';
import { WARNINGS } from '../plan/warnings';
import { TERM_FACTS } from '../wire/facts';

/** Facts that are told in one sentence or phrase, by code. */
const PHRASES = {
  ...COMPOSE_FAULTS,
  ...READING_FACTS,
  ...REMEDY_FACTS,
  ...ENTRY_FACTS,
  ...UNSUITED_FACTS,
  ...TERM_FACTS,
  ...STEP_PLACES,
  ...STEP_TITLES,
  ...HOW,
  ...WHY,
  ...TASK_FACTS,
  ...TASK_DETAILS,
  ...SITTING_FACTS,
  ...DAY_REFUSALS,
  ...REPAIR_FACTS,
  ...SPARE_FACTS,
  ...NEED_FACTS,
  ...QUOTE_FACTS,
  ...PASTE_FACTS,
  ...PACKET_DOUBTS,
} as const satisfies FactTable;
export type PhraseCode = keyof typeof PHRASES;

/** Facts that are told as a figure and what it is. */
export type FigureCode = keyof typeof FIGURES;

/** Every code that the core can say, with what it carries. */
export const ALL_FACTS: FactTable = { ...PHRASES, ...FIGURES, ...WARNINGS };
