import type { Construction, Counts } from '../piece/construction';
import type { Sprig } from './families/sprig';
import type { Shape } from './shape/recipe';
import { must } from '../geometry/must';

export const ROLES = ['focal', 'secondary', 'spray', 'filler', 'bud', 'berry', 'foliage'] as const;
export type Role = (typeof ROLES)[number];

/** How far a flower or berry has come; `open` is 0 closed … 1 open (unripe … ripe). */
export interface Stage {
  id: string;
  name: string;
  open: number;
  /** size at this stage as a share of the nominal size */
  sizeShare: number;
  /** a closed flower is used as a bud, whatever the species' own role */
  role?: Role;
}

export interface Colourway {
  id: string;
  name: string;
  hue: string;
  second?: string;
}

export interface Species {
  id: string;
  /** what makes a changed species another one than its last version; nothing for those that ship with the product */
  revision?: string;
  role: Role;
  /** a head looks along its axis; a sprig runs along it from its foot */
  habit: 'head' | 'sprig';
  /** what the hands make of it: parts, wires, paste and minutes come from its tree */
  tree: Construction;
  /** counted otherwise than usual; none for those that ship with the product */
  counts?: Counts;
  /** heads: its picture; sprigs are drawn from their tree */
  shape?: Shape;
  sprig?: Pick<Sprig, 'drawn' | 'counted'>;
  stages: readonly Stage[];
  /** nominal sizes in mm, largest first: diameter when open, length of a sprig */
  sizesMm: readonly number[];
  colourways: readonly Colourway[];
  /** thickness of rolled paste, mm (docs/trade.md P2) */
  pasteMm: number;
  /** how full the outline is when heads meet: 1 a ball, less where petals give way */
  solidity: number;
  /** colour of its hearts, centres or hanging berries where no colourway names a second; golden unless said */
  secondHue?: string;
  /** how deep the folds go dark in pictures, 0…1.2; 0.9 unless said */
  occlusion?: number;
  /** stamens of thread or wire stand in it: no food, whichever way it is made */
  threaded?: boolean;
  /** its stem is seen: on white wire it is painted */
  white: boolean;
  /** a woody stem: taped brown (docs/trade.md T11) */
  bark?: boolean;
  method: string;
  /** the way it is made where a job does not say otherwise; not said where it does not */
  usualMethod?: string;
  /** share that breaks before it reaches the cake: a starting value made up for the product */
  breakageShare: number;
  /** petals that nature gives it where people count them; none said where they are many */
  petals?: number;
  /** a fruit: the flowers that it grows from; a leaf: the flower under which it grows */
  fruitOf?: readonly string[];
  leafOf?: string;
  /** months of flower or fruit in the northern temperate garden, 1–12 */
  monthsNorth: readonly number[];
}

export const stageOf = (species: Species, id: string): Stage =>
  species.stages.find((stage) => stage.id === id) ?? must(species.stages[species.stages.length - 1]);

export const colourwayOf = (species: Species, id: string): Colourway =>
  species.colourways.find((way) => way.id === id) ?? must(species.colourways[0]);

/** The role a piece plays: a closed flower is a bud. */
export const roleAt = (species: Species, stageId: string): Role => stageOf(species, stageId).role ?? species.role;
