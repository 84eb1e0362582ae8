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

/** Parts of a piece that each have a wire of their own. How many, where that is not counted from what the piece is built of. */
export interface WiredPart {
  name: string;
  count?: number;
  swg: number;
  lengthMm: number;
  /** pushed into a soft base: it ends there and does not run on with the stem */
  inBase?: boolean;
}

/** Wires of one made thing. Gauges are SWG numbers as the trade says them. */
interface Wiring {
  /** never thinner than this unless the person says so */
  floorSwg: number;
  hookMm: number;
  /** run inside the head or up the leaf, as a share of the piece's radius (sprigs: of its length) */
  insideShare: number;
  white: boolean;
  /** a woody stem: taped brown (docs/trade.md T11) */
  bark?: boolean;
  /** separately wired petals, leaves, florets or arms that end at the foot of the piece */
  parts?: readonly WiredPart[];
  /** a bunch of fine wires through the middle */
  stamens?: { count: number; swg: number; lengthMm: number };
}

export interface Species {
  id: string;
  /** what makes a changed species another one than its last version; nothing for those that ship with the product */
  revision?: string;
  role: Role;
  /** a head looks along its axis; a sprig runs along it from its foot */
  habit: 'head' | 'sprig';
  shape: Shape;
  stages: readonly Stage[];
  /** nominal sizes in mm, largest first: diameter when open, length of a sprig */
  sizesMm: readonly number[];
  colourways: readonly Colourway[];
  /** thickness of rolled paste, mm (docs/trade.md P2) */
  pasteMm: number;
  /** the thickness that hours of drying are known for, where it is another: own species made thicker or thinner */
  practicePasteMm?: number;
  /** how full the outline is when heads meet: 1 a ball, less where petals give way */
  solidity: number;
  /** how deep the folds go dark in pictures, 0…1.2; 0.9 unless said */
  occlusion?: number;
  wiring: Wiring;
  method: string;
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

/** The wires of a piece's parts: petals as the catalogue says, leaves, florets and berries as many as it is built of. */
export function wiredParts(species: Species, stageId: string): (WiredPart & { count: number })[] {
  const built = species.shape.parts?.(stageOf(species, stageId).open) ?? [];
  // a floret that is still closed has its wire all the same
  const builtOf = (name: string) => built.filter((p) => p.name === name || (name === 'floret' && p.name === 'bud')).length;
  return (species.wiring.parts ?? []).map((part) => ({ ...part, count: part.count ?? builtOf(part.name) }));
}

/** How many wires a piece has at its foot: its own and those of its parts. */
export const wiresAtFoot = (species: Species, stageId: string): number =>
  1 + wiredParts(species, stageId).reduce((a, part) => a + (part.inBase ? 0 : part.count), 0);

/** The role a piece plays: a closed flower is a bud. */
export const roleAt = (species: Species, stageId: string): Role => stageOf(species, stageId).role ?? species.role;
