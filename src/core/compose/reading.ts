import type { Vec3 } from '../geometry/vec3';
import type { Piece } from './arrangement';
import { Measures, type Measured } from './measures';
import type { Scene } from './scene';
import type { Fact } from '../facts/fact';
import type { ReadingFact, RemedyFact } from './facts';
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

export const READING_IDS = [
  'focal',
  'grading',
  'weight',
  'cover',
  'crowding',
  'facing',
  'rhythm',
  'colour',
  'counts',
  'flow',
  'hidden',
  'scale',
  'buildable',
] as const;
export type ReadingId = (typeof READING_IDS)[number];

/** Changes to pieces that bring a reading back: applied with one press, undone with one. */
export interface Remedy {
  label: RemedyFact;
  change: readonly { id: string; to: Partial<Piece> }[];
  add: readonly Omit<Piece, 'id'>[];
  remove: readonly string[];
}

/** The figures behind readings, and what each is counted in. */
export const READING_FIGURES = {
  stops: 'count',
  lookAgain: 'count',
  colours: 'count',
  neighboursDifferShare: 'share',
  leadingShare: 'share',
  kinds: 'count',
  evenKinds: 'count',
  large: 'count',
  middle: 'count',
  small: 'count',
  coveredShare: 'share',
  meanViewShare: 'share',
  worstViewShare: 'share',
  largestHoleMm: 'mm',
  clashes: 'count',
  overlapMm: 'mm',
  worstMm: 'mm',
  intoCakeMm: 'mm',
  intoLetteringMm: 'mm',
  faces: 'count',
  sameWay: 'count',
  togetherShare: 'share',
  leaves: 'count',
  againstTheLine: 'count',
  withTheLineShare: 'share',
  strayMm: 'mm',
  alone: 'count',
  focalPieces: 'count',
  zoneMm: 'mm',
  weightInZoneShare: 'share',
  hiddenShare: 'share',
  rivalShare: 'share',
  correlation: 'ratio',
  tooLarge: 'count',
  taperGapShare: 'share',
  rootsSeenShare: 'share',
  bareRoots: 'count',
  meanGapShare: 'share',
  variationShare: 'share',
  largestMm: 'mm',
  ofTierShare: 'share',
  ofWidthShare: 'share',
  overOthers: 'ratio',
  offCentreMm: 'mm',
  acrossShare: 'share',
  alongShare: 'share',
} as const;
export type ReadingFigure = keyof typeof READING_FIGURES;

export interface Reading {
  id: ReadingId;
  /** 0…100 */
  score: number;
  /** −1…1 between its two end words */
  lean: number;
  /** the figures behind it, with units in the names */
  numbers: Readonly<Partial<Record<ReadingFigure, number>>>;
  why: ReadingFact;
  remedy: Remedy | null;
  /** a place that the reading speaks of, if any */
  place: { pointMm: Vec3; acrossMm: number } | null;
}

/** What Wire & tape and Place found, for the one reading that depends on them. */
export interface BuildFaults {
  stops: number;
  looks: number;
  first: Fact | null;
}

/** What a reading says before anyone asks for its remedy, which may be slow to find. */
export interface DraftReading extends Omit<Reading, 'remedy'> {
  remedy: (() => Remedy | null) | null;
}

export type ReadingMaker = (scene: Measured, faults: BuildFaults) => DraftReading;

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

/** A reading leans when it is below this. */
export const LEVEL_SCORE = 80;

export const readBalance = (scene: Scene, faults: BuildFaults): Reading[] => readMeasured(new Measures(scene), faults);

/** The same of what is measured already; without remedies while the hand still moves. */
export const readMeasured = (measured: Measured, faults: BuildFaults, remedies = true): Reading[] =>
  READING_IDS.map((id) => {
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
