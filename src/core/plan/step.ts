import type { PieceRef } from '../facts/fact';
import type { Barrier } from '../place/barrier';
import type { Entry } from '../place/entry';
import type { Joint, Spray } from '../tape/tree';
import type { GaugeChoice } from '../wire/mechanics';
import type { WireCut } from '../wire/wireLength';
import type { DerivedPlan } from './derivePlan';
import type { Ring } from './makeUp';
import type { Figure, How, StepPlace, StepTitle, Why } from './stepFacts';

/** One thing to do, read from an arm's length. `key` is remembered in the job once it is done. */
export interface Step {
  key: string;
  /** where it stands among the others */
  where: StepPlace;
  title: StepTitle;
  /** what is measured, large, with what it is */
  figures: Figure[];
  /** what the hands do, in order */
  how: How[];
  /** for a learner who asks */
  why: Why[];
}

export interface BenchStep extends Step {
  kind: 'made up' | 'joint' | 'carrier' | 'arms' | 'trim' | 'stem';
  pieceIds: string[];
  spray: Spray | null;
  joint: Joint | null;
  entry: Entry | null;
  arrangementId: string;
  /** petals bound so far while a flower is made up, the new ring last */
  rings?: readonly Ring[];
  /** a branch while it is made up: which, and its single parts that are there already and that come now, by their ids */
  grown?: {
    species: string;
    stage: string;
    sizeMm: number;
    colourway: string;
    have: readonly string[];
    add: readonly string[];
    apart?: true;
  };
}

/** What of a plan belongs to one arrangement: pieces are called by ids of their own only there. */
export interface OwnPlan extends Pick<DerivedPlan, 'wires' | 'stems' | 'entries' | 'heads'> {
  arrangementId: string;
  /** barriers of all arrangements */
  allEntries: number;
  /** what the job's stems may have */
  barriers: readonly Barrier[];
}

/** Things to do that carry no value. */
type Plain = { [F in How as F['code']]: keyof F['values'] extends never ? F['code'] : never }[How['code']];
export const plainly = (...codes: Plain[]): How[] => codes.map((code) => ({ code, values: {} }) as How);

export const wireFigure = ({ gauge, colour, diameterMm, lengthMm }: WireCut, count = 1): Figure => ({
  code: 'figure.wire',
  values: { gauge, colour, diameterMm, lengthMm, count },
});

/** A piece of the plan as facts carry it. */
export function pieceIn(plan: Pick<OwnPlan, 'heads'>, pieceId: string): PieceRef {
  const head = plan.heads.find((h) => h.pieceId === pieceId);
  return { species: head?.species ?? '', stage: head?.stage ?? '' };
}

/** What goes into one barrier: the piece that leads, how many more, and all of them by kind. */
export function bunchOf(plan: Pick<OwnPlan, 'heads'>, pieceIds: readonly string[]) {
  const kinds = new Map<string, PieceRef & { count: number }>();
  for (const id of pieceIds) {
    const piece = pieceIn(plan, id);
    const key = `${piece.species}|${piece.stage}`;
    kinds.set(key, { ...piece, count: (kinds.get(key)?.count ?? 0) + 1 });
  }
  return { piece: pieceIn(plan, pieceIds[0] ?? ''), more: pieceIds.length - 1, pieces: [...kinds.values()] };
}

/** Why this wire and no thinner. */
export function gaugeWhy(gauge: GaugeChoice | undefined): Why {
  if (!gauge) return { code: 'why.own-wire', values: {} };
  if (gauge.decidedBy === 'none thick enough') return { code: 'why.gauge-none', values: {} };
  const { use, strands } = gauge;
  if (gauge.decidedBy === 'carriers') return { code: 'why.gauge-carriers', values: { use, strands } };
  return { code: `why.gauge-${gauge.decidedBy}`, values: { use } };
}
