import type * as v from 'valibot';
import type { LineSpec } from './arrangement';
import { cascade } from './lines/cascade';
import { cluster } from './lines/cluster';
import { cornerSpray } from './lines/cornerSpray';
import { crescent } from './lines/crescent';
import { garland } from './lines/garland';
import type { LineKind } from './lines/kind';
import { lazyS } from './lines/lazyS';
import { pick } from './lines/pick';
import { plaque } from './lines/plaque';
import { posy } from './lines/posy';
import { ring } from './lines/ring';
import { sideSpray } from './lines/sideSpray';

/** Every form of line, by the name it is kept under: one row each, in the order they are offered. */
const KINDS = {
  crescent,
  'lazy S': lazyS,
  cascade,
  'side spray': sideSpray,
  'corner spray': cornerSpray,
  ring,
  garland,
  posy,
  cluster,
  plaque,
  pick,
};
export type LineForm = keyof typeof KINDS;

export const LINE_FORMS = Object.keys(KINDS) as LineForm[];

/** The schemas of all forms. */
export const LINE_SCHEMAS = [
  crescent.schema,
  lazyS.schema,
  cascade.schema,
  sideSpray.schema,
  cornerSpray.schema,
  ring.schema,
  garland.schema,
  posy.schema,
  cluster.schema,
  plaque.schema,
  pick.schema,
] as const;

type OfAnyForm = LineKind<v.GenericSchema<unknown, LineSpec>>;
const BY_FORM: Readonly<Record<LineForm, OfAnyForm>> = KINDS;

/** What is known of a form of line. */
export const lineKind = (form: LineForm): OfAnyForm => BY_FORM[form];
