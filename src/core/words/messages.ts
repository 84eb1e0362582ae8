import type { ReadingId } from '../compose/reading';
import type { LineForm } from '../compose/lineKinds';
import type { ProposalName } from '../compose/facts';
import type { Skill } from '../days/windows';
import type { Level, Mend } from '../facts/fact';
import type { SupplyId } from '../make/recipes';
import type { Material } from '../piece/materials';
import type { BarrierWays } from '../place/barrier';
import type { WarningCode } from '../plan/warnings';
import type { Term } from '../wire/wireLength';
import type { LABELS } from './en/labels';
import type { FigureCode, PhraseCode } from './facts';

/** A noun: one, many, and its gender where the language has any. */
export type Noun = readonly [one: string, many: string, gender?: 'm' | 'f'];

/** How a language joins a noun to what stands before it. Counts other than one take the many. */
export interface Grammar {
  /** with its article: the dahlia, the dahlias */
  the(noun: Noun, count?: number): string;
  /** one of it: a dahlia */
  a(noun: Noun): string;
  /** belonging to it: of the dahlia */
  of(noun: Noun): string;
  /** at a stage: half-open dahlia, dahlia bud */
  staged(noun: Noun, stage: string): Noun;
}

/** A warning in four parts, in ICU syntax. Where it is needs saying only where no tier or clock position does. */
interface WarningWords {
  what: string;
  where?: string;
  why: string;
  remedy: string;
}

export type MethodWords = Readonly<
  Record<
    string,
    {
      name: string;
      steps: Readonly<Record<string, string>>;
      drying: Readonly<Record<string, string>>;
      tools: readonly string[];
      dusting: readonly string[];
      checks: readonly string[];
    }
  >
>;

export interface BarrierWords {
  touches: string;
  goodFor: string;
  notFor: string;
  takenOut: string;
  steps: readonly string[];
  caution: string;
}

/** What has a name: one list of species, parts, materials and tools for each language. */
export interface Names {
  species: Readonly<Record<string, Noun>>;
  /** colours that ship, by the id of their colourway */
  colours: Readonly<Record<string, string>>;
  parts: Readonly<Record<string, Noun>>;
  lines: Readonly<Record<LineForm, Noun>>;
  /** bottom, middle, top, only; and {n} for the others */
  tiers: Readonly<Record<'only' | 'bottom' | 'middle' | 'top' | 'other', Noun>>;
  barriers: Readonly<Record<string, Noun>>;
  foam: string;
  sides: Readonly<Record<'front' | 'left' | 'back' | 'right' | 'above', string>>;
  skills: Readonly<Record<Skill, string>>;
  terms: Readonly<Record<Term, string>>;
  yields: Readonly<Record<string, string>>;
  readings: Readonly<Record<ReadingId, string>>;
  leans: Readonly<Record<ReadingId, readonly [string, string]>>;
  levels: Readonly<Record<Level, string>>;
  mends: Readonly<Record<Mend['do'], string>>;
  proposals: Readonly<Record<ProposalName, string>>;
  supplies: Readonly<Record<SupplyId, { name: string; how: string; ingredients: readonly string[] }>>;
  /** what parts are made of, and how it is made ready and kept so that it can be worked */
  materials: Readonly<Record<Material, { name: string; kept: string }>>;
  wireColours: Readonly<Record<'white' | 'green', string>>;
}

/** All that a language says. `tsc` fails on a code that is missing; a test on one that is too many. */
export interface Messages {
  /** BCP 47 */
  locale: string;
  grammar: Grammar;
  names: Names;
  methods: MethodWords;
  barriers: Readonly<Record<BarrierWays, BarrierWords>>;
  phrases: Readonly<Record<PhraseCode, string>>;
  figures: Readonly<Record<FigureCode, { figure: string; words: string }>>;
  warnings: Readonly<Record<WarningCode, WarningWords>>;
  labels: Readonly<Record<keyof typeof LABELS, string>>;
  /** frames: a clock position, a gauge, a place */
  frames: Readonly<
    Record<'clock' | 'gauge' | 'gauge-aloud' | 'wire-mm' | 'place' | 'part-of' | 'carrier' | 'staged-colour', string>
  >;
}
