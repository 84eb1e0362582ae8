import type { Cake } from '../cake/cake';
import type { Arrangement, LineSpec } from '../compose/arrangement';
import type { Brief, Project } from './project';
import { PROJECT_KIND, PROJECT_VERSION } from './project';

const evening = { fromMinute: 18 * 60, toMinute: 21 * 60 };

/** What a new job starts from: one 20 cm tier, evenings from six to nine. `leavesAt` is wall time, 2027-06-12T09:30. */
export function defaultBrief(leavesAt: string): Brief {
  return {
    leavesAt,
    guests: 30,
    smallChildren: false,
    style: 'focal-led',
    dust: 'unknown',
    glue: 'CMC glue',
    wireColour: 'green',
    wireSystem: 'SWG',
    stockMm: 360,
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
  heightMm,
  kind: 'edible',
  covering: { name, colour, eaten: true },
  edgeRadiusMm: 6,
});

/** A first line for each form on this cake, in proportion to it. Cakes without tiers get lines for a 20 cm tier. */
export function defaultLine(form: LineSpec['form'], cake: Cake): LineSpec {
  const top = Math.max(0, cake.tiers.length - 1);
  const topTier = cake.tiers[top];
  const radius = (topTier?.diameterMm ?? 200) / 2;
  const height = cake.tiers.reduce((a, t) => a + t.heightMm, 0);
  const bottom = (cake.tiers[0]?.diameterMm ?? 200) / 2;
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
    case 'posy':
      return {
        form,
        tier: top,
        xMm: 0,
        yMm: 0,
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
    cake,
    arrangements: [newArrangement('a1', defaultLine('crescent', cake))],
    log: [],
    taped: [],
    countedOut: [],
  };
}
