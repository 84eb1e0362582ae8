import type { Cut } from '../wire/cutting';
import type { Material } from './materials';
import type { Work } from './work';

/**
 * A piece as the hands make it: a tree of parts. Each line is parts made alike that the same parent carries; what they sit on and how
 * they are fastened are two questions. Lengths in mm, angles in radians, clockwise seen from the tip.
 */
export interface Part {
  /** unique in its piece, kept when counts change */
  id: string;
  kind: PartKind;
  many: Many;
  /** the paste; null for a bare carrier */
  form: Form | null;
  /** what each of them sits on */
  on: Own;
  join: Join;
  /** what is done for each of them, beside joining it */
  work: readonly Work[];
  /** where along its parent they are, and turned how */
  habit: Habit;
  /** what each of them carries */
  parts: readonly Part[];
  /** no wire is laid in: the first part of the first line stands on this one, and its stem carries the next */
  firstCarries?: true;
}

type MadePart =
  | 'head'
  | 'base'
  | 'cone'
  | 'petal'
  | 'sepal'
  | 'stamens'
  | 'calyx'
  | 'centre'
  | 'floret'
  | 'bud'
  | 'berry'
  | 'covering'
  | 'leaf';
type CarryingPart = 'branch' | 'arm' | 'cluster';
type PartKind = MadePart | CarryingPart;

/** How many, and of which size: size by size from the tip down; smallest to largest in a run; or so many shared out over all parents. */
export type Many =
  | { by: 'sizes'; of: readonly { count: number; sizeMm: number; stage?: string }[] }
  | { by: 'run'; count: number; fromMm: number; toMm: number }
  | { by: 'share'; inAll: number; sizeMm: number };

/** A gap between neighbours; two numbers run from the tip to the foot. */
export type Run = number | readonly [tipMm: number, footMm: number];

/** The line begins so far below the tip of its parent. */
export type Habit = { startMm?: number } & Way;
type Way =
  | { by: 'pairs'; gapMm: Run; tip: boolean; turnRad: number }
  | { by: 'singly'; gapMm: Run; turnRad: number }
  | { by: 'loose'; gapMm: Run; uneven: number; oppositeEvery: number; seed: number }
  | { by: 'whorl'; each: number; gapMm: Run; turnRad: number }
  | { by: 'rings'; stepMm: number }
  | { by: 'dome' }
  | { by: 'together' }
  | { by: 'places'; atMm: readonly number[] };

export type Outline =
  | 'disc'
  | 'ellipse'
  | 'ovate'
  | 'obovate'
  | 'lance'
  | 'heart'
  | 'lobed'
  | 'needle'
  | 'five-petal'
  | 'four-petal'
  | 'daisy'
  | 'star'
  | 'strip';

/** Paste is rolled flat, or rolled between the palms: of a ball the share that is left when it is pinched off. */
export type Form = { material: Material; colour: string } & (
  | { as: 'sheet'; outline: Outline; widthShare: number; thicknessMm: number; layers?: number }
  | { as: 'ball'; kept: number }
  | { as: 'balls'; count: number; ballMm: number }
);

/** What a part sits on; nothing means no wire here. */
export type Own =
  | { by: 'nothing' }
  | {
      by: 'wire';
      swg: number;
      tip: Tip;
      /** free, from the foot of the part to its joint */
      stalkMm: number;
      run: 'past joint' | 'to foot' | number;
      cut: Cut;
      /** wire that the bent end takes, where a person has said so */
      hookMm?: number;
      /** wires side by side that carry it together; one unless said */
      strands?: number;
    }
  /** a bunch of fine wires through the middle of a flower, tied in as one part */
  | { by: 'fine wires'; count: number; swg: number; lengthMm: number };
export type Tip = 'straight' | 'hook' | 'closed hook' | 'twisted double';

type Join = 'itself' | 'on wire' | 'taped' | 'gathered' | 'in hand' | 'ring' | 'glued' | 'wrapped' | 'pushed in' | 'threaded';

const CARRIERS: readonly PartKind[] = ['branch', 'arm', 'cluster'];
export const isCarrier = ({ kind }: Part): boolean => CARRIERS.includes(kind);
