import { band, clamp, mean } from '../../geometry/numbers';
import type { PlacedPiece } from '../placement';
import type { ReadingMaker, Remedy } from '../reading';
import { noFlower } from '../facts';
import { must } from '../../geometry/must';

/** The largest head over the tier it stands on; a head of a third reads well. From the project's own study. */
const OF_TIER = [0.12, 0.42] as const;
const OF_WIDTH = [0.3, 1] as const;
/** The largest of a role over the mean of the others in it: more than this and it is out of scale with them. */
const OF_ROLE = 1.3;

const acrossMm = (p: PlacedPiece): number => p.body.radialMm * 2;
/** Of two as large the one whose name comes first. */
const larger = (p: PlacedPiece, q: PlacedPiece): boolean =>
  acrossMm(p) > acrossMm(q) || (acrossMm(p) === acrossMm(q) && p.piece.id < q.piece.id);

/** The head that is out of scale takes the size of its own species that is nearest to the others of its role. */
function takeSize(worst: PlacedPiece, others: readonly PlacedPiece[], mostMm: number): Remedy | null {
  if (worst.piece.pinned) return null;
  const want = others.length ? mean(others.map((p) => p.piece.sizeMm)) : mostMm;
  const size = must([...worst.body.species.sizesMm].sort((a, b) => Math.abs(a - want) - Math.abs(b - want))[0]);
  if (size === worst.piece.sizeMm) return null;
  return {
    label: { code: 'remedy.size', values: { sizeMm: size } },
    change: [{ id: worst.piece.id, to: { sizeMm: size } }],
    add: [],
    remove: [],
  };
}

/** Sizes suit the tier, the line and each other. */
export const scale: ReadingMaker = (scene) => {
  const { grid, faces, solid } = scene;
  const worst = faces.reduce<PlacedPiece | undefined>((a, p) => (!a || larger(p, a) ? p : a), undefined);
  const tier = worst
    ? (solid.tiers.find((t) => worst.frame.pointMm[2] <= t.topMm + 1) ?? must(solid.tiers[solid.tiers.length - 1]))
    : null;
  const ofTier = worst && tier ? acrossMm(worst) / (2 * tier.outline.nearMm || tier.tier.diameterMm) : 0;
  const peers = worst ? faces.filter((p) => p !== worst && p.body.role === worst.body.role) : [];
  const ofRole = worst && peers.length ? acrossMm(worst) / mean(peers.map(acrossMm)) : 1;
  const ofWidth = worst ? acrossMm(worst) / (2 * grid.widestHalfMm) : 0;
  const fits = band(ofTier, OF_TIER[0], OF_TIER[1], 0.16);
  const among = 1 - clamp((ofRole - OF_ROLE) / 0.3);
  const score = 0.4 * fits + 0.4 * among + 0.2 * band(ofWidth, OF_WIDTH[0], OF_WIDTH[1], 0.3);
  const named = worst ? { species: worst.body.species.id, widthMm: acrossMm(worst) } : null;
  return {
    id: 'scale',
    score: worst ? 100 * score : 0,
    lean: clamp((ofTier - 0.28) * 3 + (ofRole > OF_ROLE ? 0.4 : 0), -1, 1),
    numbers: { largestMm: worst ? acrossMm(worst) : 0, ofTierShare: ofTier, ofWidthShare: ofWidth, overOthers: ofRole },
    why:
      !worst || !named
        ? noFlower(scene.heads.length)
        : among < 0.8
          ? { code: 'reading.scale.of-role', values: { ...named, times: ofRole } }
          : fits < 0.8
            ? {
                code: 'reading.scale.of-tier',
                values: { ...named, tierMm: must(tier).tier.diameterMm, large: ofTier > OF_TIER[1] },
              }
            : { code: 'reading.scale.level', values: {} },
    remedy:
      worst && score < 0.9
        ? () => takeSize(worst, peers, ((OF_TIER[0] + OF_TIER[1]) / 2) * (tier?.tier.diameterMm ?? 200))
        : null,
    place: worst && score < 0.8 ? { pointMm: worst.centre, acrossMm: acrossMm(worst) } : null,
  };
};
