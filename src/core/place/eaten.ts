import type { ContactInput } from './contact';
import type { Warning } from './entry';

/**
 * Eaten or keepsake decides the dust (trade.md C10: many petal dusts and chalks are non-toxic but not edible, for pieces that
 * nobody eats). Pieces on wire are taken off in any case; what is glued without any may be eaten unless it is kept, and then
 * whatever is on it must be edible. Null when nothing is wrong. Unknown counts as not edible.
 */
export function mayBeEatenWarning(what: {
  name: string;
  wired: boolean;
  pieces: number;
  keepsake: boolean;
  dust: ContactInput['dust'];
}): Warning | null {
  const { name, wired, pieces, keepsake, dust } = what;
  if (wired || keepsake || pieces === 0 || dust === 'edible') return null;
  return {
    level: 'stop',
    station: 'Brief',
    what: `${name} may be eaten with its dust`,
    where: 'no wire holds it',
    why:
      dust === 'unknown'
        ? 'What is dusted or glazed on it is unknown, which counts as not edible.'
        : 'What is dusted or glazed on it is not edible.',
    remedy: 'Use only what is edible, or mark the flowers as a keepsake in Brief: then the sheet says not to eat them.',
  };
}

/** What a dust, glaze or glue may be used for in this job, in a few words. */
export const allowedFor = (food: ContactInput['dust'], keepsake: boolean): string =>
  food === 'edible'
    ? 'any piece'
    : keepsake
      ? 'pieces that are kept, off the icing'
      : 'pieces on wire that nobody eats, off the icing';
