import { PLAIN_DAYS } from '../days/settings';
import type { Cake, Tier } from '../cake/cake';
import type { Arrangement, LineSpec } from '../compose/arrangement';
import { NO_PRICES } from '../make/price';
import { SPARES_RULE } from '../make/spares';
import { withKept } from '../compose/lineFields';
import { TAU } from '../geometry/numbers';
import type { Brief, Project } from './project';
import { PROJECT_KIND, PROJECT_VERSION } from './project';

const evening = { fromMinute: 18 * 60, toMinute: 21 * 60 };

/** What a new job starts from: one 20 cm tier, evenings from six to nine. `leavesAt` is wall time, 2027-06-12T09:30. */
function defaultBrief(leavesAt: string): Brief {
  return {
    leavesAt,
    guests: 30,
    smallChildren: false,
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
    paper: 'A4',
    busy: [],
    sheetLanguage: 'en',
    mustChill: false,
    realPlants: false,
    pushTestGrams: null,
    allergensInCake: ['wheat', 'egg', 'milk'],
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
  tiers: [newTier('tier-1', 200, 110, '#f3ece2', 'ivory')],
  board: { diameterMm: 280, thicknessMm: 12 },
  crumb: 'butter cake, chilled',
  dowels: [],
});

export const newTier = (
  id: string,
  diameterMm: number,
  heightMm: number,
  colour: string,
  name: string,
): Cake['tiers'][number] => ({
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

const FRONT_RAD = -Math.PI / 2;

/** The corner of a tier nearest to the front, a little to the left; a round tier is taken there. */
function cornerAtFront(tier: Tier | undefined): number {
  const want = FRONT_RAD - 0.6;
  if (!tier || tier.shape === 'round') return want;
  const [first, count] =
    tier.shape === 'hexagon'
      ? [0, 6]
      : [Math.atan2(tier.shape === 'rectangle' ? tier.depthMm : tier.diameterMm, tier.diameterMm), 4];
  const corners = Array.from({ length: count }, (_, i) => {
    const own = count === 6 ? (i * TAU) / 6 : [first, Math.PI - first, Math.PI + first, -first][i]!;
    return own + tier.turnRad;
  });
  const off = (a: number) => Math.abs(Math.atan2(Math.sin(a - want), Math.cos(a - want)));
  return corners.reduce((a, b) => (off(b) < off(a) ? b : a));
}

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

/** A first line for each form on this cake, in proportion to it. Cakes without tiers get lines for a 20 cm tier. */
export function defaultLine(form: LineSpec['form'], cake: Cake): LineSpec {
  const top = Math.max(0, cake.tiers.length - 1);
  const topTier = cake.tiers[top];
  const radius = (topTier?.diameterMm ?? 200) / 2;
  const height = cake.tiers.reduce((a, t) => a + t.heightMm, 0);
  const bottom = (cake.tiers[0]?.diameterMm ?? 200) / 2;
  const topHeight = topTier?.heightMm ?? 110;
  const bottomHeight = cake.tiers[0]?.heightMm ?? 110;
  switch (form) {
    case 'crescent':
      return {
        form,
        tier: top,
        fromRad: -0.2,
        sweepRad: -2.4,
        radiusShare: 0.57,
        trailMm: Math.min(60, (topTier?.heightMm ?? 100) * 0.5),
        focal: 0.5,
        widthMm: Math.min(40, radius * 0.42),
        riseMm: Math.min(34, radius * 0.36),
      };
    case 'cascade':
      return {
        form,
        fromRad: -0.9,
        toRad: -2.3,
        startMm: radius * 0.5,
        lengthDownMm: radius * 0.5 + height * 0.8 + (bottom - radius),
        swingMm: 26,
        focal: 0.5,
        widthMm: Math.min(56, bottom * 0.42),
        riseMm: Math.min(36, bottom * 0.3),
      };
    case 'ring':
      return {
        form,
        tier: 0,
        where: cake.tiers.length > 1 ? 'foot' : 'top',
        radiusShare: 0.78,
        gapRad: 0,
        gapAtRad: Math.PI / 2,
        focal: 0.5,
        widthMm: Math.min(26, bottom * 0.26),
        riseMm: 24,
      };
    case 'lazy S':
      return {
        form,
        tier: top,
        fromRad: -0.1,
        sweepRad: -2.4,
        insetMm: radius * 0.55,
        dropMm: topHeight * 0.5,
        focal: 0.5,
        widthMm: Math.min(36, radius * 0.38),
        riseMm: Math.min(32, radius * 0.34),
      };
    case 'side spray':
      return {
        form,
        tier: 0,
        atRad: FRONT_RAD,
        heightMm: bottomHeight * 0.5,
        lengthMm: Math.min(180, bottom * 1.4),
        slopeRad: 0.16,
        bowMm: bottomHeight * 0.08,
        focal: 0.5,
        widthMm: Math.min(28, bottomHeight * 0.24),
        riseMm: 26,
      };
    case 'corner spray':
      return {
        form,
        tier: top,
        atRad: cornerAtFront(topTier),
        armMm: radius * 0.8,
        trailMm: topHeight * 0.55,
        focal: 0.55,
        widthMm: Math.min(36, radius * 0.38),
        riseMm: Math.min(30, radius * 0.32),
      };
    case 'garland':
      return {
        form,
        tier: 0,
        fromRad: FRONT_RAD - Math.PI / 5,
        sweepRad: Math.PI * 2,
        swags: 5,
        hangMm: bottomHeight * 0.16,
        dropMm: bottomHeight * 0.34,
        focal: 0.1,
        widthMm: Math.min(16, bottomHeight * 0.16),
        riseMm: 14,
      };
    case 'cluster':
      return {
        form,
        tier: top,
        xMm: 0,
        yMm: 0,
        facesRad: FRONT_RAD,
        spread: 'fan',
        standMm: 20,
        sweepRad: 2.4,
        focal: 0.5,
        widthMm: Math.min(70, radius * 0.85),
        riseMm: Math.min(34, radius * 0.4),
      };
    case 'plaque':
      return {
        form,
        tier: top,
        xMm: 0,
        yMm: 0,
        facesRad: FRONT_RAD,
        outline: 'oval',
        plateWidthMm: Math.min(150, radius * 1.3),
        plateHeightMm: Math.min(100, radius * 0.85),
        upright: true,
        standMm: 12,
        lettering: '',
        colour: '#f7f1e6',
        fromRad: Math.PI,
        sweepRad: Math.PI * 0.9,
        focal: 0.35,
        widthMm: Math.min(18, radius * 0.16),
        riseMm: 10,
      };
    case 'pick':
      return {
        form,
        tier: top,
        xMm: 0,
        yMm: 0,
        facesRad: FRONT_RAD,
        standMm: 10,
        focal: 0.5,
        widthMm: Math.min(22, radius * 0.4),
        riseMm: Math.min(18, radius * 0.3),
      };
    case 'posy':
      return {
        form,
        tier: top,
        xMm: 0,
        yMm: 0,
        facesRad: FRONT_RAD,
        focal: 0.5,
        widthMm: Math.min(64, radius * 0.66),
        riseMm: Math.min(46, radius * 0.45),
      };
  }
}

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
