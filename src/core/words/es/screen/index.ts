import { BRIEF } from './brief';
import { COMPOSE } from './compose';
import { DAYS } from './days';
import { DESCRIBE } from './describe';
import { HANDOVER } from './handover';
import { HELPER } from './helper';
import { JOBS } from './jobs';
import { LOG } from './log';
import { MAKE } from './make';
import { NAMES } from './names';
import { PLACE } from './place';
import { SHARED } from './shared';
import { SHELL } from './shell';
import { STUDIO } from './studio';
import { WIRE } from './wire';

/** Labels of the screen, a file for each room of the interface. */
export const SCREEN = {
  ...BRIEF,
  ...COMPOSE,
  ...DAYS,
  ...DESCRIBE,
  ...HANDOVER,
  ...HELPER,
  ...JOBS,
  ...LOG,
  ...MAKE,
  ...NAMES,
  ...PLACE,
  ...SHARED,
  ...SHELL,
  ...STUDIO,
  ...WIRE,
};
