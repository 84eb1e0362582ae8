import type { ContactInput } from './contact';
import type { PlaceWarning } from './facts';

/**
 * Eaten or keepsake decides the dust (docs/trade.md C10: many petal dusts and chalks are non-toxic but not edible, for pieces that
 * nobody eats). Pieces on wire are taken off in any case; what is glued without any may be eaten unless it is kept, and then
 * whatever is on it must be edible. Null when nothing is wrong. Unknown counts as not edible.
 */
export function mayBeEatenWarning(what: {
  line: string;
  /** on wire, or with wire or thread in it */
  wired: boolean;
  pieces: number;
  keepsake: boolean;
  dust: ContactInput['dust'];
}): PlaceWarning | null {
  const { line, wired, pieces, keepsake, dust } = what;
  if (wired || keepsake || pieces === 0 || dust === 'edible') return null;
  return { code: 'place.eaten-with-dust', values: { line, dust }, level: 'stop', station: 'brief' };
}

/** What a dust, glaze or glue may be used for in this job: any piece, or which and nowhere near what is eaten. */
export const allowedFor = (food: ContactInput['dust'], keepsake: boolean): 'any' | 'kept' | 'on-wire' =>
  food === 'edible' ? 'any' : keepsake ? 'kept' : 'on-wire';
