import type { Catalogue } from '../botany/catalogue';
import type { Cake } from '../cake/cake';
import type { Arrangement, Piece } from './arrangement';
import type { ProposalName } from './facts';
import type { Reading } from './reading';
import type { Choice, KindCount, Style } from './shareOut';
import type { TinPiece } from './tin';

export interface ComposeRequest {
  cake: Cake;
  /** the line to fill; its pinned pieces stay, the others give way */
  arrangement: Arrangement;
  choices: readonly Choice[];
  style: Style;
  catalogue: Catalogue;
  /** pieces already made, used before any is made; nothing unless said */
  tin?: readonly TinPiece[];
  /** exact counts asked for; null to let the line's area decide */
  counts: readonly KindCount[] | null;
  /** what is to be done with what stands there; proposing anew unless said */
  task?: ComposeTask;
  seed: number;
  proposals: number;
  /** which of the ways to fill the line are tried here, so that several workers share them; the first ones unless said */
  ways?: readonly number[];
  /** work per piece; 1 is a polished proposal */
  effort: number;
}

/** Propose anew; add what is still missing and leave the rest; or move what stands there, adding nothing. */
export const COMPOSE_TASKS = ['propose', 'finish', 're-balance'] as const;
type ComposeTask = (typeof COMPOSE_TASKS)[number];

export interface Proposal {
  name: ProposalName;
  arrangement: Arrangement;
  readings: Reading[];
  score: number;
  iterations: number;
}

/** Told while the search runs: which proposal, how far, and the best of it so far. */
export interface ComposeProgress {
  proposal: number;
  proposals: number;
  share: number;
  cost: number;
  pieces: readonly Piece[];
  /** a proposal that has just been finished */
  found?: Proposal;
}

/** A full line holds a fifth more than its area alone would say. */
export const FULL_DENSITY = 1.2;

/** Clearly different ways to fill one line: mood, density and where the focal point lies. */
export const WAYS: readonly { name: ProposalName; style: Style | null; density: number; focalShift: number }[] = [
  { name: 'full', style: null, density: FULL_DENSITY, focalShift: 0 },
  { name: 'airy', style: 'meadow', density: 0.9, focalShift: -0.14 },
  { name: 'leafy', style: 'foliage-led', density: 1.1, focalShift: 0.12 },
  { name: 'lush', style: 'lush', density: 1.3, focalShift: 0.05 },
  { name: 'meadow', style: 'meadow', density: 1, focalShift: 0.1 },
  { name: 'single-heart', style: 'focal-led', density: 0.9, focalShift: -0.08 },
];

export const MOST_PROPOSALS = WAYS.length;

export const bestFirst = (proposals: readonly Proposal[]): Proposal[] => [...proposals].sort((a, b) => b.score - a.score);
