import type { Part } from '../part';
import type { Ripeness } from './berrySprig';
import { ball, line, onWire, sheet, so } from './build';
import { leafGroup } from './leaves';

/** How many and how large, by how ripe they are. Common practice, no source. */
const BERRIES = {
  green: { count: 3, fromMm: 12, toMm: 12 },
  turning: { count: 3, fromMm: 12, toMm: 14 },
  ripe: { count: 4, fromMm: 12, toMm: 14 },
} as const;

/** Balls of 2 mm that cover a core: as many as its surface holds; 70 on one of 13 mm is common practice, no source. */
const DRUPELET_MM = 2;
const DRUPELETS_PER_MM2 = 70 / (Math.PI * 13 * 13);
const drupeletsOn = (coreMm: number): number => Math.round(Math.PI * coreMm * coreMm * DRUPELETS_PER_MM2);

/** The tree of a sprig of berries covered in tiny balls, with a group of leaves. */
export function bramble(
  ripeness: Ripeness,
  {
    berries,
    groups = 1,
    share = 1,
    scale = 1,
  }: { berries?: number | undefined; groups?: number; share?: number; scale?: number } = {},
): Part {
  const { count, fromMm, toMm } = BERRIES[ripeness];
  const covering = line({
    id: 'covering',
    kind: 'covering',
    many: so(1, 14 * scale),
    form: { as: 'balls', count: drupeletsOn(13 * scale), ballMm: DRUPELET_MM, material: 'flower paste', colour: ripeness },
    join: 'wrapped',
    work: ['covering'],
  });
  const calyx = line({
    id: 'calyx',
    kind: 'calyx',
    many: so(1, 14 * scale),
    form: sheet({ outline: 'star', widthShare: 1, thicknessMm: 0.6, colour: 'green' }),
    join: 'threaded',
    work: ['calyx-snipped'],
  });
  const berry = line({
    id: 'berry',
    kind: 'berry',
    many: { by: 'run', count: berries ?? Math.max(1, Math.round(count * share)), fromMm: fromMm * scale, toMm: toMm * scale },
    form: ball(ripeness),
    on: onWire(22, { tip: 'hook', stalkMm: 10 }),
    work: ['berry-smooth', 'dust-tiny', 'glaze'],
    habit: { by: 'loose', gapMm: [7 * scale, 10 * scale], uneven: 0.4, oppositeEvery: 0, seed: 1 },
    parts: [covering, calyx],
  });
  const group: Part = {
    ...leafGroup(scale),
    many: so(groups, 38 * scale),
    habit: { by: 'places', atMm: [22 * scale, 32 * scale] },
  };
  return line({ id: 'branch', kind: 'branch', on: onWire(22), join: 'itself', parts: groups > 0 ? [berry, group] : [berry] });
}
