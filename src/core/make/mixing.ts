import { mix, Color } from 'spectral.js';
import { colourDifference } from '../compose/colourDifference';
import type { Paint } from './paints';
import { must } from '../geometry/must';

/** Plain paste, into which the colours go. */
export const WHITE_PASTE = '#f4f0e6';

/**
 * Colours mixed as pigments are: Kubelka–Munk over 38 bands of the spectrum, by a library (P. Kubelka and F. Munk, "Ein Beitrag
 * zur Optik der Farbanstriche", 1931). Reflectances are guessed from the colours' sRGB, so it is an estimate. Shares need not
 * add up to one; none above zero gives the first colour.
 */
export function mixed(parts: readonly { hue: string; share: number }[]): string {
  const used = parts.filter((p) => p.share > 0);
  if (used.length === 0) return parts[0]?.hue ?? WHITE_PASTE;
  return mix(...used.map((p): [Color, number] => [new Color(p.hue), p.share]))
    .toString({ format: 'hex', method: 'map' })
    .toLowerCase();
}

export interface Recipe {
  /** the white base first; shares add up to one */
  parts: { name: string; hue: string; share: number }[];
  hue: string;
  /** CIEDE2000 between what comes out and what is wanted */
  difference: number;
  said: 'as good as the same' | 'near' | 'only roughly' | 'cannot be mixed from these';
}

/** Differences up to these read so; common practice in colour work, no source. */
const SAID: readonly [number, Recipe['said']][] = [
  [2, 'as good as the same'],
  [5, 'near'],
  [10, 'only roughly'],
  [Infinity, 'cannot be mixed from these'],
];

const COARSE = [0, 0.02, 0.05, 0.1, 0.2, 0.35, 0.55, 0.8];
/** Only the colours nearest by themselves are tried three at a time. */
const MOST_TRIED = 5;

/**
 * How to come nearest to a colour with white paste and up to two of the colours that are there: every pair on a coarse grid of
 * shares, the best refined by halving steps. Null when nothing is owned to colour paste with.
 */
export function recipeFor(wanted: string, paints: readonly Pick<Paint, 'name' | 'hue' | 'use'>[]): Recipe | null {
  const owned = paints.filter((p) => p.use === 'paste colour');
  if (owned.length === 0) return null;
  const alone = owned
    .map((paint) => ({ paint, best: Math.min(...COARSE.map((x) => off(wanted, [paint], [x]))) }))
    .sort((a, b) => a.best - b.best)
    .map((x) => x.paint);
  let best = { paints: [must(alone[0])], shares: [0], off: Infinity };
  const tryOut = (pair: typeof alone, shares: number[]) => {
    const d = off(wanted, pair, shares);
    if (d < best.off - 1e-9) best = { paints: pair, shares, off: d };
  };
  for (const paint of alone) for (const x of COARSE) tryOut([paint], [x]);
  const few = alone.slice(0, MOST_TRIED);
  for (const a of few)
    for (const b of owned) if (a !== b) for (const x of COARSE) for (const y of COARSE) if (x && y) tryOut([a, b], [x, y]);
  for (let step = 0.08; step > 0.002; step /= 2) {
    let moved = true;
    for (let round = 0; moved && round < 8; round++) {
      const from = best;
      from.shares.forEach((_, i) => {
        for (const by of [step, -step]) {
          const shares = [...from.shares];
          shares[i] = Math.max(0, Math.min(1, must(shares[i]) + by));
          tryOut(from.paints, shares);
        }
      });
      moved = best !== from;
    }
  }
  return told(best.paints, best.shares, best.off);
}

/** Shares of the colours beside white; white has what is left of one. */
const partsOf = (paints: readonly { name: string; hue: string }[], shares: readonly number[]) => {
  const white = Math.max(0, 1 - shares.reduce((a, b) => a + b, 0));
  const all = [
    { name: 'white paste', hue: WHITE_PASTE, share: white },
    ...paints.map((p, i) => ({ name: p.name, hue: p.hue, share: must(shares[i]) })),
  ];
  const whole = all.reduce((a, p) => a + p.share, 0) || 1;
  return all.map((p) => ({ ...p, share: p.share / whole })).filter((p) => p.share > 0.0005);
};

const off = (wanted: string, paints: readonly { name: string; hue: string }[], shares: readonly number[]): number =>
  colourDifference(mixed(partsOf(paints, shares)), wanted);

function told(paints: readonly { name: string; hue: string }[], shares: readonly number[], difference: number): Recipe {
  const parts = partsOf(paints, shares);
  return { parts, hue: mixed(parts), difference, said: must(SAID.find(([most]) => difference <= most))[1] };
}
