import { FILE_REFUSALS, VALUE_REFUSALS } from '../boundary/refusals';
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
  ...VALUE_REFUSALS,
  ...FILE_REFUSALS,
} as const satisfies FactTable;
export type PhraseCode = keyof typeof PHRASES;

/** Facts that are told as a figure and what it is. */
export type FigureCode = keyof typeof FIGURES;

/** Every code that the core can say, with what it carries. */
export const ALL_FACTS: FactTable = { ...PHRASES, ...FIGURES, ...WARNINGS };

/** The same by what they are for, in the order of the public list. */
export const FACT_FAMILIES: Readonly<Record<string, FactTable>> = {
  Warnings: WARNINGS,
  'Why a reading stands where it does': READING_FACTS,
  'What one press does about a reading': REMEDY_FACTS,
  'What stands in the way of composing': COMPOSE_FAULTS,
  'Why an entry is as it is': ENTRY_FACTS,
  'Why a barrier, or doing without one, will not do': UNSUITED_FACTS,
  'Why a stretch of wire is as long as it is': TERM_FACTS,
  'Where a step stands': STEP_PLACES,
  'What is done at a step': STEP_TITLES,
  'What is measured at a step': FIGURES,
  'How it is done': HOW,
  'Why it is done so': WHY,
  'What there is to do': TASK_FACTS,
  'What more is told of it': TASK_DETAILS,
  Sittings: SITTING_FACTS,
  'Why a task cannot be on a day': DAY_REFUSALS,
  'What would make the work fit': REPAIR_FACTS,
  'Why so many spares': SPARE_FACTS,
  'What is used up': NEED_FACTS,
  'Lines of a quote': QUOTE_FACTS,
  'What a ball of paste is for': PASTE_FACTS,
  'What no id can tell of a log': PACKET_DOUBTS,
  'Why a value is refused': VALUE_REFUSALS,
  'Why a file, a table or a request is refused': FILE_REFUSALS,
};
