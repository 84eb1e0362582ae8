import type { Entry } from '../place/entry';
import type { Spray } from '../tape/tree';
import type { WireCut } from '../wire/wireLength';
import type { Stem } from './stems';
import type { Warning } from './warnings';

/** What one arrangement contributes to the bench. */
export interface Built {
  stems: Stem[];
  wires: WireCut[];
  entries: Entry[];
  sprays: Spray[];
  /** pieces on no wire, by their ids: glued or laid, nothing of them goes in */
  laid: string[];
  warnings: Warning[];
}

export const EMPTY_BUILT: Built = { stems: [], wires: [], entries: [], sprays: [], laid: [], warnings: [] };
