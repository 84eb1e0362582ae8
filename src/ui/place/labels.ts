/** Two numbers on the map are at least this far apart, in the map's own units where one is a pixel. */
export const LABEL_GAP = 27;

/** Numbers that would cover each other are pushed apart, away from their places, and keep a leader to them. */
export function spreadLabels<T extends { atX: number; atY: number }>(
  places: readonly T[],
  size: number,
  gapWanted = LABEL_GAP,
): (T & { x: number; y: number })[] {
  const labels = places.map((p) => ({ ...p, x: p.atX, y: p.atY }));
  for (let round = 0; round < 160; round++) {
    let moved = false;
    for (let i = 0; i < labels.length; i++) {
      for (let j = i + 1; j < labels.length; j++) {
        const a = labels[i]!;
        const b = labels[j]!;
        const dx = b.x - a.x || 0.01 * (j - i);
        const dy = b.y - a.y || 0.013;
        const gap = Math.hypot(dx, dy);
        if (gap >= gapWanted) continue;
        const push = (gapWanted - gap) / 2 / gap;
        a.x -= dx * push;
        a.y -= dy * push;
        b.x += dx * push;
        b.y += dy * push;
        moved = true;
      }
    }
    if (!moved) break;
  }
  return labels.map((l) => ({ ...l, x: Math.max(16, Math.min(size - 16, l.x)), y: Math.max(16, Math.min(size - 16, l.y)) }));
}
