/** What parts are made of. The first is what is meant where nothing is said. */
export const MATERIALS = ['flower paste', 'sugar paste', 'fondant', 'soft fondant', 'air-dry paste', 'wafer paper'] as const;
export type Material = (typeof MATERIALS)[number];
export const USUAL_MATERIAL: Material = MATERIALS[0];

/** How a rolled or balled part of it dries. Hours. */
type Drying =
  /** a sheet of so much overnight, thinner ones sooner, balls in proportion */
  | {
      by: 'thickness';
      sheet: { thickMm: number; hours: number; fineMm: number; fineHours: number; most: number };
      ballHoursAMm: number;
    }
  /** the same whatever it is */
  | { by: 'hours'; hours: number };

/** What is known of a material. Common practice, no source, where nothing else is said. */
interface MaterialFacts {
  /** weight of a cubic centimetre, g; assumed for pastes, wafer paper from memory: it is mostly air */
  gramsPerCm3: number;
  /** how thin and how thick a sheet of it is rolled, and what is usual; paper is as thick as it is sold */
  sheetMm: { least: number; usual: number; most: number };
  drying: Drying;
  /** kneaded, weighed and coloured as paste: paper is bought in sheets and painted */
  paste: boolean;
  /** made for food, whatever is on it */
  food: boolean;
  /** what it breaks against flower paste. Assumed */
  breaks: number;
  /** minutes for each board beside laying it out: hardener worked in, paste warmed in the hands. Assumed */
  readyMinutes: number;
  /** as what it is bought */
  need: 'paste' | 'sugar-paste' | 'fondant' | 'air-dry-paste' | 'paper';
}

/** Flower paste: 1.2 mm is dry overnight, under half a millimetre sooner; a ball of 12 mm takes 8 h. Common practice, no source. */
const FLOWER_PASTE: Drying = {
  by: 'thickness',
  sheet: { thickMm: 1.2, hours: 12, fineMm: 0.5, fineHours: 8, most: 2 },
  ballHoursAMm: 8 / 12,
};
/** Rolled fondant: 24 to 48 h when left to dry, by what is left after thinning; balls twice as long as flower paste. Own study. */
const FONDANT: Drying = {
  by: 'thickness',
  sheet: { thickMm: 2.4, hours: 36, fineMm: 1.6, fineHours: 24, most: 4 / 3 },
  ballHoursAMm: (2 * 8) / 12,
};

export const MATERIAL: Readonly<Record<Material, MaterialFacts>> = {
  'flower paste': {
    ...{ gramsPerCm3: 1.35, sheetMm: { least: 0.2, usual: 0.6, most: 6 }, drying: FLOWER_PASTE },
    ...{ paste: true, food: true, breaks: 1, readyMinutes: 0, need: 'paste' },
  },
  // with hardener: most of a day whatever it is
  'sugar paste': {
    ...{ gramsPerCm3: 1.35, sheetMm: { least: 0.8, usual: 1.2, most: 6 }, drying: { by: 'hours', hours: 18 } },
    ...{ paste: true, food: true, breaks: 1, readyMinutes: 2, need: 'sugar-paste' },
  },
  fondant: {
    ...{ gramsPerCm3: 1.35, sheetMm: { least: 1.6, usual: 2.4, most: 6 }, drying: FONDANT },
    ...{ paste: true, food: true, breaks: 1.5, readyMinutes: 1, need: 'fondant' },
  },
  // kept in the cold until it goes on: nothing waits for it to dry, and nothing of it snaps
  'soft fondant': {
    ...{ gramsPerCm3: 1.35, sheetMm: { least: 1.6, usual: 2.4, most: 6 }, drying: { by: 'hours', hours: 0 } },
    ...{ paste: true, food: true, breaks: 0.3, readyMinutes: 1, need: 'fondant' },
  },
  // modelling paste that dries in the air and gives way instead of breaking; nobody eats it
  'air-dry paste': {
    ...{ gramsPerCm3: 1.1, sheetMm: { least: 0.2, usual: 0.6, most: 6 }, drying: { by: 'hours', hours: 24 } },
    ...{ paste: true, food: false, breaks: 0.3, readyMinutes: 0, need: 'air-dry-paste' },
  },
  // painted with spirit: dry in less than a minute
  'wafer paper': {
    ...{ gramsPerCm3: 0.1, sheetMm: { least: 0.3, usual: 0.5, most: 0.7 }, drying: { by: 'hours', hours: 45 / 3600 } },
    ...{ paste: false, food: true, breaks: 0.3, readyMinutes: 0, need: 'paper' },
  },
};
