/** Saturation vapour pressure over water, hPa: 6.112 exp(17.62 T / (243.12 + T)) (Magnus form; values from memory). */
export const saturationHPa = (celsius: number): number => 6.112 * Math.exp((17.62 * celsius) / (243.12 + celsius));

/** Paste stops giving off water at about this humidity. Assumed. */
const EQUILIBRIUM_SHARE = 0.8;

/**
 * How much longer drying takes in this room than at 20 °C and 50 %: the drying force is the saturation pressure times what
 * is left to the paste's own equilibrium. ASSUMED, practice values are its centre. Above 75 % "may not dry": Infinity.
 */
export function dryingFactor(celsius: number, humidityShare: number): number {
  if (!(humidityShare <= 0.75)) return Infinity;
  const force = saturationHPa(celsius) * Math.max(0.03, EQUILIBRIUM_SHARE - humidityShare);
  return (saturationHPa(20) * (EQUILIBRIUM_SHARE - 0.5)) / force;
}
