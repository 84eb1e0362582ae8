import { deltaE2000 } from '../botany/shape/colourSpaces';

/** There are few colours and many pairs of heads: each difference is worked out once. */
const known = new Map<string, number>();
const MOST_KNOWN = 5000;

/** Colour difference of two hex colours by CIEDE2000 (CIE 142:2001). */
export function colourDifference(a: string, b: string): number {
  const key = `${a}${b}`;
  const found = known.get(key);
  if (found !== undefined) return found;
  if (known.size >= MOST_KNOWN) known.clear();
  const value = deltaE2000(a, b);
  known.set(key, value);
  return value;
}
