import { clamp } from '../../geometry/numbers';
import { dot, mix, normalize, sub } from '../../geometry/vec3';
import type { Piece } from '../arrangement';
import { pieceRef } from '../names';
import type { ReadingMaker, Remedy } from '../reading';
import type { ReadingFact } from '../facts';
import type { Scene } from '../scene';
import { must } from '../../geometry/must';

/** Moves the lighter of each clashing pair along the skin, away from the other, by what they overlap. */
function pushApart(scene: Scene): Remedy | null {
  const moved = new Map<string, Partial<Piece>>();
  for (const clash of [...scene.clashes].sort((a, b) => b.mm - a.mm)) {
    const light = must(scene.heads[clash.a]).body.massGrams <= must(scene.heads[clash.b]).body.massGrams ? clash.a : clash.b;
    const other = light === clash.a ? clash.b : clash.a;
    const p = must(scene.heads[light]);
    if (p.piece.pinned || moved.has(p.piece.id)) continue;
    const away = normalize(sub(p.centre, must(scene.heads[other]).centre), p.frame.along);
    const half = scene.line.halfWidthMm(p.piece.s);
    moved.set(p.piece.id, {
      s: clamp(p.piece.s + (dot(away, p.frame.along) * clash.mm * 1.1) / scene.line.lengthMm),
      side: clamp(p.piece.side + (dot(away, p.frame.toSide) * clash.mm * 1.1) / half, -1.4, 1.4),
      lift: clamp(p.piece.lift + (Math.max(0, dot(away, p.frame.normal)) * clash.mm) / scene.line.riseMm(p.piece.s), 0, 1.2),
    });
  }
  scene.intoCake.forEach((mm, i) => {
    const p = must(scene.heads[i]);
    if (mm > 1 && !p.piece.pinned && !moved.has(p.piece.id))
      moved.set(p.piece.id, { lift: clamp(p.piece.lift + (mm * 1.1) / scene.line.riseMm(p.piece.s), 0, 1.5) });
  });
  scene.intoLettering.forEach((mm, i) => {
    const p = must(scene.heads[i]);
    const plate = scene.line.plate;
    if (mm <= 1 || !plate || p.piece.pinned || moved.has(p.piece.id)) return;
    const outward = dot(p.frame.toSide, sub(p.centre, plate.letteringMm)) >= 0 ? 1 : -1;
    moved.set(p.piece.id, { side: clamp(p.piece.side + (outward * mm * 1.1) / scene.line.halfWidthMm(p.piece.s), -1.6, 1.6) });
  });
  if (moved.size === 0) return null;
  return {
    label: { code: 'remedy.move-apart', values: { count: moved.size } },
    change: [...moved].map(([id, to]) => ({ id, to })),
    add: [],
    remove: [],
  };
}

/** Heads that run into each other or into the cake, in mm: petals break there. */
export const crowding: ReadingMaker = (scene) => {
  const { clashes, intoCake, intoLettering, heads } = scene;
  const total = clashes.reduce((a, c) => a + c.mm, 0);
  const worst = clashes.reduce((a, c) => (c.mm > a.mm ? c : a), { a: 0, b: 0, mm: 0 });
  const cake = intoCake.reduce((a, mm) => a + Math.max(0, mm - 1), 0);
  const lettering = intoLettering.reduce((a, mm) => a + Math.max(0, mm - 1), 0);
  const n = Math.max(1, heads.length);
  const score = Math.exp(-((0.16 * total) / n + 0.022 * Math.max(0, worst.mm - 1) + (0.08 * (cake + lettering)) / Math.sqrt(n)));
  const deepest = intoCake.reduce((best, mm, i) => (mm > best.mm ? { i, mm } : best), { i: -1, mm: 1.5 });
  const hides = intoLettering.findIndex((mm) => mm > 1.5);
  const why: ReadingFact =
    hides >= 0 && must(intoLettering[hides]) > worst.mm
      ? {
          code: 'reading.crowding.lettering',
          values: { piece: pieceRef(must(heads[hides])), hidesMm: must(intoLettering[hides]) },
        }
      : worst.mm > 1
        ? {
            code: 'reading.crowding.press',
            values: { first: pieceRef(must(heads[worst.a])), second: pieceRef(must(heads[worst.b])), overlapMm: worst.mm },
          }
        : deepest.i >= 0
          ? { code: 'reading.crowding.in-cake', values: { piece: pieceRef(must(heads[deepest.i])), deepMm: deepest.mm } }
          : { code: 'reading.crowding.level', values: {} };
  return {
    id: 'crowding',
    score: 100 * score,
    lean: clamp((total / n - 0.4) * 0.8, -1, 1),
    numbers: { clashes: clashes.length, overlapMm: total, worstMm: worst.mm, intoCakeMm: cake, intoLetteringMm: lettering },
    why,
    remedy: score < 0.95 ? () => pushApart(scene) : null,
    place:
      worst.mm > 1
        ? { pointMm: mix(must(heads[worst.a]).centre, must(heads[worst.b]).centre, 0.5), acrossMm: Math.max(12, worst.mm * 2) }
        : null,
  };
};
