/** What a scale shows. */
export interface Shown {
  grams: number;
  /** it has stopped moving and may be believed */
  steady: boolean;
}

/** Something that weighs. A real one would be read over a cable; `at` is in milliseconds. */
interface Scale {
  readonly name: string;
  readonly simulated: boolean;
  /** from now on what lies on it counts as nothing */
  tare(at: number): void;
  read(at: number): Shown;
}

/** A scale on which somebody can lay things without a hand. */
export interface SimulatedScale extends Scale {
  lay(grams: number, at: number): void;
}

const STEP_GRAMS = 0.1;
const MOST_GRAMS = 2000;
const SETTLES_MS = 350;
const SWINGS_MS = 260;
/** It is steady when the swing is smaller than half a step. */
const STEADY_GRAMS = STEP_GRAMS / 2;
/** A cheap scale wanders so far in a minute while something lies on it. */
const DRIFT_GRAMS_A_MINUTE = 0.05;

/** SIMULATED: swings and settles when something is laid on it, wanders slowly, shows steps of 0.1 g and at most 2 kg. */
export function simulatedScale(): SimulatedScale {
  let load = 0;
  let before = 0;
  let laidAt = 0;
  let zero = 0;
  const raw = (at: number): { grams: number; swing: number } => {
    const since = Math.max(0, at - laidAt);
    const swing = (before - load) * Math.exp(-since / SETTLES_MS) * Math.cos((2 * Math.PI * since) / SWINGS_MS);
    const drift = load > 0 ? (DRIFT_GRAMS_A_MINUTE * since) / 60_000 : 0;
    return {
      grams: Math.min(MOST_GRAMS, load + swing + drift),
      swing: Math.abs((before - load) * Math.exp(-since / SETTLES_MS)),
    };
  };
  const inSteps = (grams: number): number => Math.round(grams / STEP_GRAMS) * STEP_GRAMS;
  return {
    name: 'Kitchen scale (simulated)',
    simulated: true,
    lay(grams, at) {
      before = raw(at).grams;
      load = Math.max(0, Math.min(MOST_GRAMS, grams));
      laidAt = at;
    },
    tare(at) {
      zero = raw(at).grams;
    },
    read(at) {
      const { grams, swing } = raw(at);
      return { grams: Math.round(inSteps(grams - zero) * 10) / 10, steady: swing < STEADY_GRAMS };
    },
  };
}
