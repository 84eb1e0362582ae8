import type { WallMinutes } from './clock';

/** Saturation vapour pressure over water, hPa: 6.112 exp(17.62 T / (243.12 + T)) (Magnus form; values from memory). */
export const saturationHPa = (celsius: number): number => 6.112 * Math.exp((17.62 * celsius) / (243.12 + celsius));

/** Paste stops giving off water at about this humidity. Assumed. */
const EQUILIBRIUM_SHARE = 0.8;
/** Above this paste may not dry at all. Assumed. */
const DAMP_SHARE = 0.75;

/**
 * How much longer drying takes in this room than at 20 °C and 50 %: the drying force is the saturation pressure times what
 * is left to the paste's own equilibrium. ASSUMED, practice values are its centre. Above 75 % "may not dry": Infinity.
 */
export function dryingFactor(celsius: number, humidityShare: number): number {
  if (!(humidityShare <= DAMP_SHARE)) return Infinity;
  const force = saturationHPa(celsius) * Math.max(0.03, EQUILIBRIUM_SHARE - humidityShare);
  return (saturationHPa(20) * (EQUILIBRIUM_SHARE - 0.5)) / force;
}

export interface Air {
  at: WallMinutes;
  celsius: number;
  humidityShare: number;
}

/** A sensor that stops is believed so long; after that the room is taken for its usual self. */
export const DROPOUT_MINUTES = 120;
const STEP_MINUTES = 10;
const MOST_HOURS = 14 * 24;

/** Air at a time by the last reading, if it is not too old; else the usual room. Readings by their time. */
function airAt(readings: readonly Air[], at: WallMinutes, usual: Omit<Air, 'at'>): Omit<Air, 'at'> & { read: boolean } {
  const last = readings.findLast((r) => r.at <= at);
  return last && at - last.at <= DROPOUT_MINUTES ? { ...last, read: true } : { ...usual, read: false };
}

/**
 * When something set to dry is dry: dt over the hours it would take in the air of that moment, summed until 1. The air is never
 * averaged first: in damp hours nothing is undone, and warm dry ones do more than their share. `unread` is the share of the time with no reading to go by.
 * Null where it does not dry within a fortnight.
 */
export function dryAt(
  from: WallMinutes,
  hoursAtStandard: number,
  readings: readonly Air[],
  usual: Omit<Air, 'at'>,
): { at: WallMinutes; unread: number } | null {
  let done = 0;
  let unread = 0;
  for (let minute = 0; minute < MOST_HOURS * 60; minute += STEP_MINUTES) {
    const air = airAt(readings, from + minute, usual);
    const hours = hoursAtStandard * dryingFactor(air.celsius, air.humidityShare);
    const step = Number.isFinite(hours) && hours > 0 ? STEP_MINUTES / 60 / hours : hours === 0 ? 1 : 0;
    if (!air.read) unread += STEP_MINUTES;
    if (done + step >= 1) {
      const last = minute + (step > 0 ? ((1 - done) / step) * STEP_MINUTES : 0);
      return { at: from + last, unread: unread / (minute + STEP_MINUTES) };
    }
    done += step;
  }
  return null;
}

/** One air in which paste dries as fast as in all of these together: mean temperature, and the humidity that gives the mean speed. */
export function sameDryingAir(readings: readonly Air[]): Omit<Air, 'at'> | null {
  if (readings.length === 0) return null;
  const celsius = readings.reduce((a, r) => a + r.celsius, 0) / readings.length;
  const speed = readings.reduce((a, r) => a + 1 / dryingFactor(r.celsius, r.humidityShare), 0) / readings.length;
  let [low, high] = [0, DAMP_SHARE];
  if (1 / dryingFactor(celsius, low) <= speed) return { celsius, humidityShare: low };
  if (1 / dryingFactor(celsius, high) >= speed) return { celsius, humidityShare: high + 0.01 };
  for (let i = 0; i < 40; i++) {
    const middle = (low + high) / 2;
    if (1 / dryingFactor(celsius, middle) > speed) low = middle;
    else high = middle;
  }
  return { celsius, humidityShare: (low + high) / 2 };
}
