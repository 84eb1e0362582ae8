/**
 * How wire is called: by a gauge, where a higher number is a thinner wire, or by its thickness in mm. The diameter is always
 * shown beside a gauge.
 */
export const WIRE_SYSTEMS = ['SWG', 'AWG', 'mm'] as const;
export type WireSystem = (typeof WIRE_SYSTEMS)[number];

/** Imperial standard wire gauge, mm (BS 3737; values from memory). */
const SWG_MM: Readonly<Record<number, number>> = {
  14: 2.032,
  15: 1.829,
  16: 1.626,
  17: 1.422,
  18: 1.219,
  19: 1.016,
  20: 0.914,
  21: 0.813,
  22: 0.711,
  23: 0.61,
  24: 0.559,
  25: 0.508,
  26: 0.457,
  27: 0.417,
  28: 0.376,
  29: 0.345,
  30: 0.315,
  31: 0.295,
  32: 0.274,
  33: 0.254,
};

/** Gauges that florist wire is sold in, thinnest first. */
export const FLORIST_GAUGES = [33, 30, 28, 26, 24, 22, 20, 18, 16] as const;

/** Florist wire that is sold by its thickness, mm, thinnest first (common sizes, from memory). */
export const FLORIST_MM = [0.25, 0.3, 0.35, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.2, 1.6] as const;

/** What a system has on the shelf, thinnest first. */
export const soldIn = (system: WireSystem): readonly number[] => (system === 'mm' ? FLORIST_MM : FLORIST_GAUGES);

/** Diameter of bare wire in mm; NaN for a number that the system does not have. */
export function gaugeToMm(system: WireSystem, gauge: number): number {
  if (system === 'SWG') return SWG_MM[gauge] ?? NaN;
  if (system === 'mm') return (FLORIST_MM as readonly number[]).includes(gauge) ? gauge : NaN;
  // ASTM B258: d = 0.127 mm · 92^((36 − n)/39)
  return Number.isFinite(gauge) && gauge >= 0 && gauge <= 40 ? 0.127 * Math.pow(92, (36 - gauge) / 39) : NaN;
}

/** The gauge of a system whose wire is nearest in thickness, among those sold. */
export function mmToGauge(system: WireSystem, mm: number): number {
  return soldIn(system).reduce((best, g) =>
    Math.abs(gaugeToMm(system, g) - mm) < Math.abs(gaugeToMm(system, best) - mm) ? g : best,
  );
}

/** Paper cover adds this much to the diameter of bare florist wire, mm (assumed, not measured). */
export const PAPER_COVER_MM = 0.12;
