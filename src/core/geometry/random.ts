/** A seeded source of numbers in 0…1. The same seed gives the same numbers on every machine. */
export type Random = () => number;

/** The mulberry32 generator (T. Ettinger, public domain; constants from memory). `seed` is any integer. */
export function seededRandom(seed: number): Random {
  let state = Math.imul(seed | 0, 2654435761) >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** An integer seed from any text, so that a piece's id decides its own small irregularities (FNV-1a hash). */
export function seedFromText(text: string): number {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return hash >>> 0;
}

/** A normally distributed number, mean 0 and deviation 1 (Box and Muller 1958). */
export const gaussian = (random: Random): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
