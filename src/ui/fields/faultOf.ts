/** What is wrong with a typed figure, NaN being none; null when it may stand. */
export function faultOf(value: number, least: number, most: number): 'no-number' | 'least' | 'most' | null {
  if (!Number.isFinite(value)) return 'no-number';
  return value < least ? 'least' : value > most ? 'most' : null;
}
