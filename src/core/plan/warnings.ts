import { BOTANY_WARNINGS } from '../botany/facts';
import { CAKE_WARNINGS } from '../cake/facts';
import { COMPOSE_WARNINGS } from '../compose/facts';
import { DAYS_WARNINGS } from '../days/facts';
import type { FactTable, Warned } from '../facts/fact';
import { PLACE_WARNINGS } from '../place/facts';
import { TAPE_WARNINGS } from '../tape/facts';
import { WIRE_WARNINGS } from '../wire/facts';

/** Every warning that a plan can carry, by code. */
export const WARNINGS = {
  ...CAKE_WARNINGS,
  ...BOTANY_WARNINGS,
  ...COMPOSE_WARNINGS,
  ...TAPE_WARNINGS,
  ...WIRE_WARNINGS,
  ...PLACE_WARNINGS,
  ...DAYS_WARNINGS,
} as const satisfies FactTable;

export type Warning = Warned<typeof WARNINGS>;
export type WarningCode = Warning['code'];
