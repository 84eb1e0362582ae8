import type { Cut } from '../wire/cutting';
import type { Material } from './materials';
import type { Part } from './part';

/** What a decorator calls the lines of a piece when she says what it is built of. */
export const SPOKEN = [
  'leaf',
  'end leaf',
  'large leaf',
  'small leaf',
  'berry',
  'bud',
  'opening',
  'open',
  'floret',
  'twig',
  'side branch',
  'arm',
  'petal',
  'round',
  'strip',
  'layer',
  'centre',
  'cone',
  'base',
  'calyx',
  'sepal',
  'stamens',
  'covering',
] as const;
export type Spoken = (typeof SPOKEN)[number];

/** How far a berry has come. */
export const RIPENESS = ['green', 'turning', 'ripe'] as const;
export type Ripe = (typeof RIPENESS)[number];

/** One thing that is said of a piece; what names no line is said of the one that was named last. Lengths in mm. */
export type Mention =
  | { say: 'count'; name: Spoken; count: number; each?: true }
  | { say: 'pairs'; count: number }
  | { say: 'per'; count: number; name: Spoken }
  | { say: 'ripe'; count: number; stage: Ripe }
  | { say: 'well'; count: number; sizeMm: number }
  | { say: 'sizes'; fromMm: number; toMm: number }
  | { say: 'gauge'; swg: number }
  | { say: 'carrier'; swg: number }
  | { say: 'in hand' }
  | { say: 'cut'; cut: Cut }
  | { say: 'material'; material: Material }
  | { say: 'no wire' }
  | { say: 'gap'; tipMm: number; footMm: number }
  | { say: 'stalk'; mm: number }
  | { say: 'start'; mm: number };

/** Lines whose name is more than their kind, by their id. */
const BY_ID: Readonly<Record<string, Spoken>> = {
  'end-leaf': 'end leaf',
  'large-leaf': 'large leaf',
  'small-leaf': 'small leaf',
  opening: 'opening',
  open: 'open',
  round: 'round',
  strip: 'strip',
};

const carriesFlorets = (part: Part): boolean =>
  part.parts.some((p) => p.kind === 'floret' || p.kind === 'cluster' || carriesFlorets(p));

/** What a line is called; null for what only carries the whole piece. */
export function spokenOf(part: Part): Spoken | null {
  const own = Object.hasOwn(BY_ID, part.id) ? BY_ID[part.id] : undefined;
  if (own) return own;
  const { kind, form } = part;
  if (kind === 'head' || kind === 'branch') return null;
  if (kind === 'cluster') return 'twig';
  if (kind === 'arm') return carriesFlorets(part) ? 'side branch' : 'arm';
  if (kind === 'petal') return form?.as === 'sheet' && form.outline !== 'obovate' && form.outline !== 'heart' ? 'layer' : 'petal';
  return kind;
}
