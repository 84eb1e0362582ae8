import { gaugeToMm, soldIn, type WireSystem } from './gauge';
import { must } from '../geometry/must';

/** Annealed low-carbon steel (handbook values, from memory). */
export const STEEL = { youngMPa: 200_000, yieldMPa: 250, densityGramsPerMm3: 0.00785 } as const;
export const GRAVITY_N_PER_GRAM = 0.00980665;

/** Second moment of area of a round wire, mm⁴: π d⁴ / 64. */
export const secondMoment = (diameterMm: number): number => (Math.PI * diameterMm ** 4) / 64;

/** Droop of a cantilever's tip under a load there, mm: F L³ / 3 E I (Gere; Roark). Newtons and millimetres. */
export const cantileverDroopMm = (forceN: number, lengthMm: number, diameterMm: number): number =>
  (forceN * lengthMm ** 3) / (3 * STEEL.youngMPa * secondMoment(diameterMm));

/** Largest bending stress of a round cantilever, MPa: 32 F L / π d³. */
export const cantileverStressMPa = (forceN: number, lengthMm: number, diameterMm: number): number =>
  (32 * forceN * lengthMm) / (Math.PI * diameterMm ** 3);

/** A hand turns, knocks and lifts a spray: loads count twice. Fits the trade's gauges better than three (own study). */
export const HANDLING_FACTOR = 2;
/** A stem may droop by this share of its length. */
export const DROOP_SHARE = 0.06;

export interface GaugeChoice {
  gauge: number;
  diameterMm: number;
  /** what decided: mechanics, the trade's floor, nothing sold is thick enough, or the person's own choice */
  decidedBy: 'yield' | 'droop' | 'floor' | 'carriers' | 'none thick enough' | 'chosen';
  /** share of what the chosen wire can bear */
  use: number;
  /** the thinnest that strength alone would take; the thickest sold where none is thick enough */
  byStrength: number;
  /** so many of it lie side by side and carry together */
  strands: number;
}

/** Use of a wire as the larger of stress over yield and droop over what is allowed. */
export function wireUse(massGrams: number, leverMm: number, diameterMm: number): { yieldUse: number; droopUse: number } {
  const force = massGrams * GRAVITY_N_PER_GRAM * HANDLING_FACTOR;
  return {
    yieldUse: cantileverStressMPa(force, leverMm, diameterMm) / STEEL.yieldMPa,
    droopUse: leverMm > 0 ? cantileverDroopMm(force, leverMm, diameterMm) / (DROOP_SHARE * leverMm) : 0,
  };
}

/** The thinnest gauge sold that carries so much at the end of such a lever, and which law kept the one before it out. */
function byStrength({ mass, lever, system }: { mass: number; lever: number; system: WireSystem }) {
  let law: 'yield' | 'droop' | null = null;
  for (const gauge of soldIn(system)) {
    const { yieldUse, droopUse } = wireUse(mass, lever, gaugeToMm(system, gauge));
    if (yieldUse <= 1 && droopUse <= 1) return { gauge, law, enough: true };
    law = droopUse > yieldUse ? 'droop' : 'yield';
  }
  return { gauge: must(soldIn(system).at(-1)), law, enough: false };
}

interface ChooseGaugeOptions {
  massGrams: number;
  leverMm: number;
  floorSwg: number;
  system?: WireSystem;
  chosen?: number | null;
}

/**
 * The thinnest gauge sold that carries a head at the end of its free stem, and never thinner than the trade's floor.
 * The floor is an SWG number; under another system the gauge of nearest diameter is meant. Negative or NaN loads count as 0.
 * A gauge that a person has `chosen` is taken as it is; one that the system does not have is passed over.
 */
export function chooseGauge({ massGrams, leverMm, floorSwg, system = 'SWG', chosen = null }: ChooseGaugeOptions): GaugeChoice {
  const mass = massGrams > 0 ? massGrams : 0;
  const lever = leverMm > 0 ? leverMm : 0;
  const strong = byStrength({ mass, lever, system });
  const taken = (gauge: number, decidedBy: GaugeChoice['decidedBy']): GaugeChoice => {
    const diameterMm = gaugeToMm(system, gauge);
    const { yieldUse, droopUse } = wireUse(mass, lever, diameterMm);
    return { gauge, diameterMm, decidedBy, use: Math.max(yieldUse, droopUse), byStrength: strong.gauge, strands: 1 };
  };
  if (chosen !== null && soldIn(system).includes(chosen)) return taken(chosen, 'chosen');
  if (!strong.enough) return taken(strong.gauge, 'none thick enough');
  const floorMm = gaugeToMm('SWG', floorSwg) - 0.02;
  if (gaugeToMm(system, strong.gauge) >= floorMm) return taken(strong.gauge, strong.law ?? 'floor');
  const floor = soldIn(system).find((g) => gaugeToMm(system, g) >= floorMm);
  return taken(floor ?? strong.gauge, 'floor');
}

/** What a bundle of unbonded wires bears before the thickest yields, N·mm: σ ΣI / (d_max / 2). */
export function bundleMomentNmm(diametersMm: readonly number[]): number {
  if (diametersMm.length === 0) return 0;
  const total = diametersMm.reduce((a, d) => a + secondMoment(d), 0);
  return (STEEL.yieldMPa * total) / (Math.max(...diametersMm) / 2);
}

/** No more carriers than so many lie side by side. Assumed. */
const MOST_CARRIERS = 3;

interface ChooseCarrierOptions extends ChooseGaugeOptions {
  /** bare diameters of the parts' own wires that run on beside it where it is held */
  besideMm: readonly number[];
}

/**
 * The wire that a branch is taped to. It is bent to its line and may droop: only what it bears counts, with all that lies beside it. The
 * trade's floor, at most one step thicker (docs/gauges.md); what is still missing is a second carrier of the floor, then a third, never a
 * rod. A gauge that a person has `chosen` is taken as it is. Negative or NaN loads count as 0.
 */
export function chooseCarrier({
  massGrams,
  leverMm,
  floorSwg,
  system = 'SWG',
  chosen = null,
  besideMm,
}: ChooseCarrierOptions): GaugeChoice {
  const load = massGrams * leverMm > 0 ? massGrams * leverMm : 0;
  const momentNmm = load * GRAVITY_N_PER_GRAM * HANDLING_FACTOR;
  const shareOf = (gauge: number, strands: number) =>
    momentNmm / bundleMomentNmm([...Array.from({ length: strands }, () => gaugeToMm(system, gauge)), ...besideMm]);
  const sold = soldIn(system);
  const byStrength = sold.find((gauge) => shareOf(gauge, 1) <= 1) ?? must(sold.at(-1));
  const taken = (gauge: number, decidedBy: GaugeChoice['decidedBy'], strands = 1): GaugeChoice => ({
    gauge,
    diameterMm: gaugeToMm(system, gauge),
    decidedBy,
    use: shareOf(gauge, strands),
    byStrength,
    strands,
  });
  if (chosen !== null && sold.includes(chosen)) return taken(chosen, 'chosen');
  const floorMm = gaugeToMm('SWG', floorSwg) - 0.02;
  const [floor = byStrength, thicker = floor] = sold.filter((gauge) => gaugeToMm(system, gauge) >= floorMm);
  if (shareOf(floor, 1) <= 1) return taken(floor, 'floor');
  if (shareOf(thicker, 1) <= 1) return taken(thicker, 'yield');
  for (let strands = 2; strands <= MOST_CARRIERS; strands++)
    if (shareOf(floor, strands) <= 1) return taken(floor, 'carriers', strands);
  return taken(floor, 'none thick enough', MOST_CARRIERS);
}
