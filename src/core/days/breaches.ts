import { POOLS, type PlacedTask, type Shop, type Work } from './schedule';

/**
 * Everything in which a plan breaks what was asked, found without any of the code that made it: work outside its window or by
 * one who cannot do it, two things at a time, a task before what it waits for, too many pieces on the rack, a task left out.
 * Empty where all is well. Beginning before `begin` is no breach: whoever asks compares it with today.
 */
export function breaches(placed: readonly PlacedTask[], works: readonly Work[], shop: Shop): string[] {
  const found: string[] = [];
  const at = new Map(placed.map((p) => [p.id, p]));
  if (at.size !== placed.length) found.push('a task is there twice');
  for (const w of works) {
    const p = at.get(w.id);
    if (!p) {
      found.push(`${w.id} is left out`);
      continue;
    }
    const window = shop.windows[p.window];
    if (!window || window.maker !== p.maker || p.from < window.from || p.to > window.to)
      found.push(`${w.id} is outside its window`);
    if (Math.abs(p.to - p.from - w.duration) > 1e-6) found.push(`${w.id} is too short`);
    if (!shop.makers[p.maker]?.can.includes(w.skill)) found.push(`${w.id} is done by one who cannot`);
    if (p.to > shop.end + 1e-6) found.push(`${w.id} ends too late`);
    for (const link of w.after) {
      const before = at.get(link.id);
      if (before && shop.clock.between(before.to, p.from) < link.wait - 1e-6)
        found.push(`${w.id} begins before ${link.id} is dry`);
    }
  }
  for (const p of placed)
    for (const q of placed)
      if (p.id < q.id && p.maker === q.maker && p.from < q.to && q.from < p.to) found.push(`${p.id} and ${q.id} at one time`);
  for (const pool of POOLS) {
    const held = [
      ...shop.taken.filter((t) => t.pool === pool),
      ...works.flatMap((w) => {
        const p = at.get(w.id);
        if (!p || w.dries?.pool !== pool) return [];
        const dry = shop.clock.after(p.to, w.dries.minutes);
        const there = shop.windows.filter((x) => x.to >= dry).reduce((a, x) => Math.min(a, Math.max(x.from, dry)), Infinity);
        return [{ places: w.dries.places, from: p.from, to: Number.isFinite(there) ? there : dry }];
      }),
    ];
    for (const { from } of held) {
      const places = held.reduce((a, x) => a + (x.from <= from && from < x.to ? x.places : 0), 0);
      if (places > shop.places[pool]) found.push(`${places} places on the ${pool}, not ${shop.places[pool]}`);
    }
  }
  return found;
}
