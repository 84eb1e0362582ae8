import type { FactOf, FactTable, Warned } from '../facts/fact';

/** What keeps the work from being done in time. */
export const DAYS_WARNINGS = {
  'days.damp-air': { humidity: 'share' },
  'days.no-hours': {},
  'days.no-maker': { skills: 'skills' },
  'days.no-place': { tasks: 'count' },
  'days.cake-not-ready': { readyAt: 'wall' },
  'days.not-dry': { task: 'fact' },
  'days.late': { doneAt: 'wall' },
  'days.paste-waits': { days: 'count', from: 'wall', keepsDays: 'count' },
} as const satisfies FactTable;

const PARTED = { part: 'count', parts: 'count' } as const;

/** What there is to do. A task that no sitting holds is parted. */
export const TASK_FACTS = {
  'task.step': { piece: 'piece', step: 'step', ...PARTED },
  'task.mix': PARTED,
  'task.mix-lot': { ...PARTED, lot: 'count', lots: 'count' },
  'task.plaque': { count: 'count', ...PARTED },
  'task.glue': PARTED,
  'task.tape-sprays': PARTED,
  'task.tape-stems': PARTED,
  'task.barriers': PARTED,
  'task.box': PARTED,
  'task.place': PARTED,
} as const satisfies FactTable;
export type TaskName = FactOf<typeof TASK_FACTS>;

/** What more is told of a task. */
export const TASK_DETAILS = {
  'detail.drying': { hours: 'hours' },
  'detail.colours': { count: 'count' },
  'detail.plaque-drying': { hours: 'hours' },
  'detail.glue': {},
  'detail.joints': { count: 'count' },
  'detail.stems': {},
  'detail.barriers': { count: 'count' },
  'detail.box': {},
  'detail.place': { count: 'count' },
} as const satisfies FactTable;
export type TaskDetail = FactOf<typeof TASK_DETAILS>;

/** A sitting in a line, and what of it dries. */
export const SITTING_FACTS = {
  'sitting.nothing': {},
  'sitting.things': { things: 'facts', more: 'count', dry: 'facts' },
  'thing.step': { piece: 'piece', yields: 'yields', count: 'count', whole: 'yes' },
  'dry.step': { drying: 'drying' },
  'dry.plaque': {},
  'dry.set': {},
} as const satisfies FactTable;
export type SittingFact = FactOf<typeof SITTING_FACTS>;

/** Why a task cannot be on a day that is asked for. */
export const DAY_REFUSALS = {
  'day.nobody': {},
  'day.waited-for': { task: 'fact', on: 'day', dryHours: 'hours' },
  'day.full': {},
} as const satisfies FactTable;
export type DayRefusal = FactOf<typeof DAY_REFUSALS>;

/** One change that may make the work fit. */
export const REPAIR_FACTS = {
  'repair.weekday': { weekday: 'weekday' },
  'repair.day-off': { day: 'day' },
  'repair.longer': {},
  'repair.helper': {},
  'repair.no-spares': {},
  'repair.quick': { species: 'species', method: 'method' },
  'repair.fewer-fillers': { count: 'count' },
  'repair.tin': { count: 'count' },
  'repair.drier': { humidity: 'share' },
  'repair.practised': {},
} as const satisfies FactTable;
export type RepairFact = FactOf<typeof REPAIR_FACTS>;

export type DaysWarning = Warned<typeof DAYS_WARNINGS>;
