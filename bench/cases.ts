import type { Cake, Tier } from '../src/core/cake/cake';
import type { Arrangement, LineSpec } from '../src/core/compose/arrangement';
import type { LineForm } from '../src/core/compose/lineKinds';
import { FULL_DENSITY, type ComposeRequest } from '../src/core/compose/proposal';
import { drawLine } from '../src/core/compose/line';
import { shareOut, type Style } from '../src/core/compose/shareOut';
import { defaultLine, newArrangement, newTier } from '../src/core/plan/newProject';
import written from './cases.json';
import { SHIPPED } from '../src/core/botany/catalogue';

interface Written {
  name: string;
  tiers: [Tier['shape'], number, number][];
  form: LineForm;
  style: Style;
  choices: string[];
  density?: number;
  line?: Partial<LineSpec>;
}

export interface BenchCase {
  name: string;
  request: ComposeRequest;
}

/** The eighteen jobs that the composer is measured on, made up for the product. */
export function benchCases(): BenchCase[] {
  return (written as unknown as Written[]).map((w) => {
    const tiers = w.tiers.map(([shape, d, h], i): Tier => ({
      ...newTier({ id: `t${i}`, diameterMm: d, heightMm: h, colour: '#e9e3da', name: 'linen' }),
      shape,
      depthMm: d * 0.7,
    }));
    const cake: Cake = {
      tiers,
      board: { diameterMm: tiers[0]!.diameterMm * 1.5, thicknessMm: 12 },
      crumb: 'butter cake, chilled',
      dowels: [],
    };
    const line = { ...defaultLine(w.form, cake), ...w.line } as LineSpec;
    const arrangement: Arrangement = newArrangement('a1', line);
    const choices = w.choices.map((species) => ({ species, colourway: '' }));
    const counts = shareOut(drawLine(line, cake)!, { style: w.style, choices, density: w.density ?? FULL_DENSITY }, SHIPPED);
    return {
      name: w.name,
      request: { cake, arrangement, catalogue: SHIPPED, choices, style: w.style, counts, seed: 1, proposals: 1, effort: 1 },
    };
  });
}
