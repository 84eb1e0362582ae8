import { clamp } from '../../geometry/numbers';
import type { Role, Species } from '../../botany/species';
import { pieceRef } from '../names';
import type { ReadingMaker, Remedy } from '../reading';
import { NOTHING_PLACED } from '../facts';
import type { Scene } from '../scene';
import { must } from '../../geometry/must';

/** Odd numbers read as a group up to this many (docs/trade.md T6). */
const PARITY_JUDGED_UP_TO = 11;

interface KindCount {
  species: Species;
  stage: string;
  role: Role;
  count: number;
}

/** Counts per kind of flower: species, with buds apart from open flowers; foliage is left out. */
function kindCounts(scene: Scene): KindCount[] {
  const kinds: KindCount[] = [];
  const bySpecies = new Map<Species, KindCount[]>();
  for (const { piece, body } of scene.heads) {
    const own = bySpecies.get(body.species) ?? [];
    let kind = own.find((k) => k.role === body.role);
    if (!kind) {
      kind = { species: body.species, stage: piece.stage, role: body.role, count: 0 };
      own.push(kind);
      kinds.push(kind);
      bySpecies.set(body.species, own);
    }
    kind.count += 1;
  }
  return kinds;
}

/** On a plaque an even number is as usual as an odd one: four rosettes, six florets (docs/trade.md P9; common practice, no source). */
const evenKinds = (kinds: readonly KindCount[], { line }: Pick<Scene, 'line'>): KindCount[] =>
  kinds.filter((k) => line.plate === null && k.role !== 'foliage' && k.count <= PARITY_JUDGED_UP_TO && k.count % 2 === 0);

/** Takes away the outermost of an even kind. */
function makeOdd(scene: Scene, kind: KindCount): Remedy | null {
  const own = scene.heads.filter((p) => p.piece.species === kind.species.id && p.body.role === kind.role && !p.piece.pinned);
  const out = own.sort((a, b) => scene.line.armShare(b.piece.s) - scene.line.armShare(a.piece.s))[0];
  return out
    ? { label: { code: 'remedy.take-away', values: { piece: pieceRef(out) } }, change: [], add: [], remove: [out.piece.id] }
    : null;
}

/** Odd numbers per kind up to eleven, and a sound proportion of large to small and buds to flowers. */
export const counts: ReadingMaker = (scene) => {
  const kinds = kindCounts(scene);
  const judged = kinds.filter((k) => k.role !== 'foliage' && k.count <= PARITY_JUDGED_UP_TO);
  const even = evenKinds(kinds, scene);
  const number = (role: Role) => kinds.filter((k) => k.role === role).reduce((a, k) => a + k.count, 0);
  const large = number('focal');
  const middle = number('secondary') + number('spray');
  const small = number('filler') + number('bud') + number('berry');
  const proportion = large === 0 ? 0.6 : clamp(1.4 - Math.max(0, large / Math.max(1, middle + small) - 0.45) * 2);
  const flowers = large + middle;
  const buds = flowers ? number('bud') / flowers : 0;
  const odd = judged.length ? 1 - even.length / judged.length : 1;
  const score =
    scene.heads.length === 0 ? 0 : 0.55 * odd + 0.3 * clamp(proportion) + 0.15 * clamp(1 - Math.max(0, buds - 0.8) / 0.4);
  return {
    id: 'counts',
    score: 100 * score,
    lean: clamp((large - (middle + small) / 3) / 6, -1, 1),
    numbers: { kinds: kinds.length, evenKinds: even.length, large, middle, small },
    why: even.length
      ? {
          code: 'reading.counts.even',
          values: { pieces: [{ species: must(even[0]).species.id, stage: must(even[0]).stage, count: must(even[0]).count }] },
        }
      : scene.heads.length
        ? { code: scene.line.plate ? 'reading.counts.glued' : 'reading.counts.level', values: {} }
        : NOTHING_PLACED,
    remedy: even.length ? () => makeOdd(scene, must(even[0])) : null,
    place: null,
  };
};
