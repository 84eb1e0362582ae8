import { USUAL_CUTTING } from '../wire/cutting';
import { PLAIN_DAYS } from '../days/settings';
import type { Cake } from '../cake/cake';
import type { Arrangement, LineSpec } from '../compose/arrangement';
import { NO_PRICES } from '../make/price';
import { SPARES_RULE } from '../make/spares';
import { withKept } from '../compose/lineFields';
import { lineKind, type LineForm } from '../compose/lineKinds';
import { proportionsOf } from '../compose/lines/kind';
import type { Brief, Project } from './project';
import { PROJECT_KIND, PROJECT_VERSION } from './project';

const evening = { fromMinute: 18 * 60, toMinute: 21 * 60 };

/** What a new job starts from: one 20 cm tier, evenings from six to nine. `leavesAt` is wall time, 2027-06-12T09:30. */
function defaultBrief(leavesAt: string): Brief {
  return {
    leavesAt,
    guests: 30,
    smallChildren: false,
    eaters: [],
    style: 'focal-led',
    hemisphere: 'north',
    botanical: false,
    finish: 'everyday',
    keepsake: false,
    dust: 'unknown',
    useTin: true,
    glue: 'CMC glue',
    wireColour: 'green',
    wireSystem: 'SWG',
    stockMm: 360,
    cutting: USUAL_CUTTING,
    paper: 'A4',
    busy: [],
    sheetLanguage: 'en',
    mustChill: false,
    standsHours: null,
    realPlants: false,
    pushTestGrams: null,
    allergensInCake: null,
    allergensInFlowers: null,
    choices: [
      { species: 'rose', colourway: 'blush' },
      { species: 'ranunculus', colourway: 'apricot' },
      { species: 'blossom', colourway: 'white' },
      { species: 'froth', colourway: 'white' },
      { species: 'roundleaf', colourway: 'sea' },
    ],
    room: { celsius: 20, humidityShare: 0.5 },
    hours: [null, evening, evening, evening, evening, evening, { fromMinute: 10 * 60, toMinute: 16 * 60 }],
    lastMorningFrom: 6 * 60,
  };
}

export const defaultCake = (): Cake => ({
  tiers: [newTier({ id: 'tier-1', diameterMm: 200, heightMm: 110, colour: '#f3ece2', name: 'ivory' })],
  board: { diameterMm: 280, thicknessMm: 12 },
  crumb: 'butter cake, chilled',
  dowels: [],
});

interface NewTierOptions {
  id: string;
  diameterMm: number;
  heightMm: number;
  colour: string;
  name: string;
}

export const newTier = ({ id, diameterMm, heightMm, colour, name }: NewTierOptions): Cake['tiers'][number] => ({
  id,
  shape: 'round',
  diameterMm,
  depthMm: diameterMm,
  cornerMm: 12,
  offset: { xMm: 0, yMm: 0 },
  turnRad: 0,
  heightMm,
  kind: 'edible',
  covering: { name, colour, eaten: true },
  edgeRadiusMm: 6,
});

/** How large a line stands against its cake: half-width and rise, as shares of what its form takes by itself. */
export const LINE_SIZES = { small: 0.72, fitting: 1, grand: 1.32 } as const;
export type LineSize = keyof typeof LINE_SIZES;

/** The size that a line comes nearest to. */
export function sizeOfLine(line: LineSpec, cake: Cake): LineSize {
  const share = line.widthMm / defaultLine(line.form, cake).widthMm;
  const off = (size: LineSize) => Math.abs(Math.log(share / LINE_SIZES[size]));
  return (Object.keys(LINE_SIZES) as LineSize[]).reduce((a, b) => (off(b) < off(a) ? b : a));
}

/** The same line, wider and higher or narrower and lower, within what a line may be. */
export function sizedLine(line: LineSpec, cake: Cake, size: LineSize): LineSpec {
  const plain = defaultLine(line.form, cake);
  const sized = (key: 'widthMm' | 'riseMm') => plain[key] * LINE_SIZES[size];
  return withKept(withKept(line, 'widthMm', sized('widthMm')), 'riseMm', sized('riseMm'));
}

/** A first line of a form on this cake, in proportion to it. Cakes without tiers get lines for a 20 cm tier. */
export const defaultLine = (form: LineForm, cake: Cake): LineSpec => lineKind(form).plain(proportionsOf(cake));

export const newArrangement = (id: string, line: LineSpec): Arrangement => ({
  id,
  line,
  method: 'stem by stem',
  pieces: [],
  joints: [],
  quantity: 1,
});

/** A new job. The caller hands in the id and the day, since the core has neither clock nor chance. */
export function newProject(id: string, name: string, leavesAt: string): Project {
  const cake = defaultCake();
  return {
    kind: PROJECT_KIND,
    version: PROJECT_VERSION,
    id,
    name,
    note: '',
    brief: defaultBrief(leavesAt),
    catalogue: { species: [], methods: [] },
    barriers: [],
    barrierFor: [],
    wrapMm: [],
    taken: [],
    spares: SPARES_RULE,
    madeBy: [],
    gauges: [],
    offcuts: [],
    wiresCut: false,
    days: PLAIN_DAYS,
    notes: [],
    paints: [],
    prices: NO_PRICES,
    cake,
    arrangements: [newArrangement('a1', defaultLine('crescent', cake))],
    log: [],
    taped: [],
    countedOut: [],
  };
}
