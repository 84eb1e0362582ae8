/** What is wrong with a typed figure, in a sentence; null when it may stand. */
export function faultOf(text: string, label: string, unit: string, least: number, most: number): string | null {
  const value = Number(text);
  if (text.trim() === '' || !Number.isFinite(value)) return `${label} is a number.`;
  if (value < least) return `${label} is at least ${least} ${unit}; the old value stays.`;
  if (value > most) return `${label} is at most ${most} ${unit}; the old value stays.`;
  return null;
}
