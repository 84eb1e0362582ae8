import { Measures, type Measured } from './measures';
import { READING_IDS, type BuildFaults, type Reading, type ReadingId, type ReadingMaker } from './reading';
import { buildable } from './readings/buildable';
import { counts } from './readings/counts';
import { cover } from './readings/cover';
import { crowding } from './readings/crowding';
import { facing } from './readings/facing';
import { focal } from './readings/focal';
import { grading } from './readings/grading';
import { colour } from './readings/colour';
import { flow } from './readings/flow';
import { hidden } from './readings/hidden';
import { rhythm } from './readings/rhythm';
import { scale } from './readings/scale';
import { weight } from './readings/weight';
import type { Scene } from './scene';

const MAKERS: Record<ReadingId, ReadingMaker> = {
  focal,
  grading,
  weight,
  cover,
  crowding,
  facing,
  rhythm,
  colour,
  counts,
  flow,
  hidden,
  scale,
  buildable,
};

/** What is read of strewn pieces: they have no focal point, no grading, no taper, and lie on one another. Without a flower no colour either. */
const OF_STREWN: readonly ReadingId[] = ['colour', 'hidden', 'buildable'];
const isRead = (id: ReadingId, { line, faces }: Measured): boolean =>
  !line.strewn || (OF_STREWN.includes(id) && (id !== 'colour' || faces.length > 0));

export const readBalance = (scene: Scene, faults: BuildFaults): Reading[] => readMeasured(new Measures(scene), faults);

/** The same of what is measured already; without remedies while the hand still moves. */
export const readMeasured = (measured: Measured, faults: BuildFaults, remedies = true): Reading[] =>
  READING_IDS.filter((id) => isRead(id, measured)).map((id) => {
    const draft = MAKERS[id](measured, faults);
    return { ...draft, remedy: remedies ? (draft.remedy?.() ?? null) : null };
  });

/** One figure for the whole: the mean, with the worst reading counted twice. */
export function overallScore(readings: readonly Reading[]): number {
  const judged = readings.filter((r) => r.id !== 'buildable');
  if (judged.length === 0) return 0;
  const worst = Math.min(...judged.map((r) => r.score));
  return (judged.reduce((t, r) => t + r.score, 0) + worst) / (judged.length + 1);
}
