import { DEMO_PAINTS, DEMO_PRICES } from './bench';
import { FRONT_AZIMUTH_RAD } from '../geometry/units';
import { newArrangement, newProject, newTier } from '../plan/newProject';
import type { Project } from '../plan/project';

/** The three made-up jobs before anything is composed on them. The shipped demo files are composed from these by `npm run demo:compose`. */
export function demoBriefs(): Project[] {
  return [harbourLibrary(), midwinterWreath(), astronomyToppers()].map((job) => ({
    ...job,
    brief: { ...job.brief, allergensInCake: ['wheat', 'egg', 'milk'], allergensInFlowers: [] },
    prices: DEMO_PRICES,
    paints: [...DEMO_PAINTS],
  }));
}

function harbourLibrary(): Project {
  const job = newProject('demo-harbour-library', 'Harbour library, a hundred years', '2027-06-12T09:30');
  const tiers = [
    newTier({ id: 'tier-1', diameterMm: 254, heightMm: 115, colour: '#3f5e78', name: 'dusk' }),
    newTier({ id: 'tier-2', diameterMm: 178, heightMm: 115, colour: '#8fb0bd', name: 'harbour' }),
    newTier({ id: 'tier-3', diameterMm: 114, heightMm: 110, colour: '#e9eeea', name: 'porcelain' }),
  ];
  return {
    ...job,
    note: 'Lanterns on a line, quay stones, lit windows.',
    brief: {
      ...job.brief,
      guests: 90,
      smallChildren: true,
      dust: 'not edible',
      choices: [
        { species: 'dahlia', colourway: 'fig' },
        { species: 'marigold', colourway: 'marigold' },
        { species: 'cosmos', colourway: 'shell' },
        { species: 'sweetpea', colourway: 'lilac' },
        { species: 'rosehip', colourway: 'hip' },
        { species: 'olive', colourway: 'olive' },
      ],
    },
    cake: { ...job.cake, tiers, board: { diameterMm: 330, thicknessMm: 12 } },
    arrangements: [
      newArrangement('a1', {
        form: 'cascade',
        fromRad: -0.75,
        toRad: -2.35,
        startMm: 24,
        lengthDownMm: 430,
        swingMm: 30,
        focal: 0.46,
        widthMm: 56,
        riseMm: 36,
      }),
    ],
  };
}

function midwinterWreath(): Project {
  const job = newProject('demo-midwinter-wreath', 'Midwinter wreath', '2027-01-08T16:00');
  return {
    ...job,
    note: 'One low tier, the wreath taped in sprays.',
    brief: {
      ...job.brief,
      style: 'foliage-led',
      choices: [
        { species: 'anemone', colourway: 'white' },
        { species: 'hypericum', colourway: 'russet' },
        { species: 'rosemary', colourway: 'grey' },
      ],
    },
    cake: {
      ...job.cake,
      tiers: [newTier({ id: 'tier-1', diameterMm: 230, heightMm: 90, colour: '#eef1ee', name: 'snow' })],
      board: { diameterMm: 320, thicknessMm: 12 },
    },
    arrangements: [
      {
        ...newArrangement('a1', {
          form: 'ring',
          tier: 0,
          where: 'top',
          radiusShare: 0.74,
          gapRad: 0,
          gapAtRad: Math.PI / 2,
          focal: 0.5,
          widthMm: 26,
          riseMm: 24,
        }),
        method: 'taped spray',
      },
    ],
  };
}

function astronomyToppers(): Project {
  const job = newProject('demo-astronomy-toppers', 'Astronomy club, two dozen', '2027-03-20T14:00');
  return {
    ...job,
    note: 'Two dozen small cakes, a plaque with tiny rosettes on each.',
    brief: {
      ...job.brief,
      guests: 24,
      dust: 'edible',
      keepsake: true,
      choices: [
        { species: 'rolledrosette', colourway: 'white', least: 4, most: 5 },
        { species: 'tinyfloret', colourway: 'violet', least: 6, most: 6 },
        { species: 'tinyleaf', colourway: 'leaf', least: 8, most: 8 },
      ],
    },
    cake: {
      ...job.cake,
      tiers: [newTier({ id: 'tier-1', diameterMm: 90, heightMm: 75, colour: '#39415f', name: 'night' })],
      board: { diameterMm: 120, thicknessMm: 6 },
    },
    arrangements: [
      {
        ...newArrangement('a1', {
          form: 'plaque',
          tier: 0,
          xMm: 0,
          yMm: 0,
          facesRad: FRONT_AZIMUTH_RAD,
          outline: 'scalloped',
          plateWidthMm: 62,
          plateHeightMm: 50,
          upright: false,
          standMm: 0,
          lettering: 'No. 24',
          colour: '#f4efe2',
          fromRad: Math.PI * 0.95,
          sweepRad: 3.6,
          focal: 0.36,
          widthMm: 10,
          riseMm: 5,
        }),
        quantity: 24,
      },
    ],
  };
}
