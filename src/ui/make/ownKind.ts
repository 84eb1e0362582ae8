import type { OwnSpecies } from '@/core/botany/ownSpecies';

/** A species of the person's own at one stage, its largest size in its first colour. */
export const kindOf = (s: OwnSpecies, stage = 'open') => ({
  species: s.id,
  stage,
  sizeMm: Math.max(...s.sizesMm),
  colourway: s.colourways[0]!.id,
});
