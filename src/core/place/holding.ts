import type { Cake } from '../cake/cake';
import { GRAVITY_N_PER_GRAM } from '../wire/mechanics';

/** Pressure that a crumb bears before it gives, kPa. ASSUMED; a push test in a spare sets the own value. */
export const CRUMB_KPA: Record<Cake['crumb'] | 'foam', number> = {
  sponge: 10,
  'sponge, chilled': 20,
  'butter cake': 15,
  'butter cake, chilled': 40,
  'fruit cake': 60,
  foam: 150,
};

/** A head is knocked and turned: half its weight again, sideways and at half its lever. */
const HANDLING_SHARE = 0.5;

interface HoldDepthMmOptions {
  massGrams: number;
  leverMm: number;
  horizontalMm: number;
  tiltRad: number;
  outsideMm: number;
  kPa: number;
}

/**
 * Depth in mm that a round stem of width `outsideMm` needs to hold a head of `massGrams` at `leverMm` from the skin, its
 * weight acting `horizontalMm` aside and the stem leaning `tiltRad` from upright. Uniform limit pressure p on both sides:
 * h = 2H/(p d), he = 2M/(p d), L = h + √(2h² + 4he); the 2 is a safety factor. The model is the project's own and simple.
 */
export function holdDepthMm({ massGrams, leverMm, horizontalMm, tiltRad, outsideMm, kPa }: HoldDepthMmOptions): number {
  const weightN = Math.max(0, massGrams) * GRAVITY_N_PER_GRAM;
  const sidewaysN = weightN * (Math.abs(Math.sin(tiltRad)) + HANDLING_SHARE);
  const momentNmm = weightN * (Math.abs(horizontalMm) + HANDLING_SHARE * Math.max(0, leverMm));
  const pd = (kPa / 1000) * outsideMm;
  if (!(pd > 0)) return Infinity;
  const h = (2 * sidewaysN) / pd;
  const he = (2 * momentNmm) / pd;
  return h + Math.sqrt(2 * h * h + 4 * he);
}

/** The push test: a straw this wide and deep in a spare, pulled sideways by a thread this far above the cake, mm. */
export const PUSH_TEST = { widthMm: 6, deepMm: 40, aboveMm: 50 } as const;

/**
 * Pressure that a crumb bears, kPa, from the grams at which the straw of the push test gave way: p = H/(d(√((L + 2e)² + L²) −
 * L − 2e)), the same model as `holdDepthMm` turned round and without its safety. NaN for what is not more than nothing.
 */
export function pushTestKPa(grams: number): number {
  if (!(grams > 0)) return NaN;
  const { widthMm: d, deepMm: L, aboveMm: e } = PUSH_TEST;
  const H = grams * GRAVITY_N_PER_GRAM;
  return (1000 * H) / (d * (Math.sqrt((L + 2 * e) ** 2 + L ** 2) - L - 2 * e));
}
