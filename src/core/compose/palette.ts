import { deltaE2000, formatHex, inSrgb, toOklch } from '../botany/shape/colourSpaces';
import { allSpecies, type Catalogue } from '../botany/catalogue';
import type { Species } from '../botany/species';
import { must } from '../geometry/must';

/** Ways to build a palette from one colour: turns of hue in OKLCh (B. Ottosson, "A perceptual color space for image processing", 2020). */
export const HARMONIES = ['neighbours', 'opposite', 'split', 'three', 'one colour'] as const;
export type Harmony = (typeof HARMONIES)[number];

const TURNS_DEG: Record<Harmony, readonly number[]> = {
  neighbours: [0, 32, -32],
  opposite: [0, 180],
  split: [0, 150, -150],
  three: [0, 120, -120],
  'one colour': [0, 0, 0],
};
/** Lightness steps from the leading colour, so that light and dark differ; one for each turn and a pale one. */
const LIGHTER = [0, 0.1, -0.14] as const;
const PALE = { l: 0.94, chroma: 0.03 } as const;

/** Two to four colours and a pale one, as #rrggbb, the given one first. A colour that cannot be read gives none. */
export function paletteFrom(hex: string, harmony: Harmony): string[] {
  const base = toOklch(hex);
  if (!base) return [];
  const h = base.h ?? 0;
  const colours = TURNS_DEG[harmony].map((turn, i) => {
    if (i === 0) return hex.toLowerCase();
    const l = Math.max(0.3, Math.min(0.92, base.l + must(LIGHTER[i])));
    return formatHex(
      inSrgb({ mode: 'oklch', l, c: base.c * (harmony === 'one colour' ? 0.75 : 0.92), h: (h + turn + 360) % 360 }),
    );
  });
  return [...colours, formatHex(inSrgb({ mode: 'oklch', l: PALE.l, c: PALE.chroma, h }))];
}

/** The colourway of a species that is nearest to any colour of a palette, with its difference (CIEDE2000). */
export function nearestColourway(species: Species, palette: readonly string[]): { id: string; hue: string; off: number } {
  return must(
    species.colourways
      .map((w) => ({ id: w.id, hue: w.hue, off: Math.min(...palette.map((p) => deltaE2000(p, w.hue))) }))
      .sort((a, b) => a.off - b.off)[0],
  );
}

/** Flowers of the catalogue by how near they come to a palette; foliage is left out. */
export function flowersFor(
  palette: readonly string[],
  catalogue: Catalogue,
): { species: Species; colourway: string; off: number }[] {
  if (palette.length === 0) return [];
  return allSpecies(catalogue)
    .filter((s) => s.role !== 'foliage')
    .map((species) => {
      const { id, off } = nearestColourway(species, palette);
      return { species, colourway: id, off };
    })
    .sort((a, b) => a.off - b.off);
}
