import type { Vec3 } from '../geometry/vec3';
import type { Piece } from './arrangement';
import type { Measured } from './measures';
import type { Fact } from '../facts/fact';
import type { ReadingFact, RemedyFact } from './facts';

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

/** A reading leans when it is below this. */
export const LEVEL_SCORE = 80;
