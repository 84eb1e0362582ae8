/** What is wrong with a typed figure; null when it may stand. */
export function faultOf(text: string, least: number, most: number): 'no-number' | 'least' | 'most' | null {
  const value = Number(text);
  if (text.trim() === '' || !Number.isFinite(value)) return 'no-number';
  return value < least ? 'least' : value > most ? 'most' : null;
}
