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
import { scatter } from './lines/scatter';
import { sideSpray } from './lines/sideSpray';

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
  scatter.schema,
] as const;

export type LineForm = v.InferOutput<(typeof LINE_SCHEMAS)[number]>['form'];
type OfAnyForm = LineKind<v.GenericSchema<unknown, LineSpec>>;

/** Every form of line, by the name it is kept under: one row each, in the order they are offered. */
const KINDS: Readonly<Record<LineForm, OfAnyForm>> = {
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
  scatter,
};

export const LINE_FORMS = Object.keys(KINDS) as LineForm[];

/** What is known of a form of line. */
export const lineKind = (form: LineForm): OfAnyForm => KINDS[form];
