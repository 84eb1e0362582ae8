'use client';

import { castDraft } from 'immer';
import { useMemo, useState } from 'react';
import { builtOf } from '@/core/botany/built';
import { SPECIES, speciesById } from '@/core/botany/catalogue';
import { describedAs, LONG_MM, shippedAgain, type Described as Kept } from '@/core/botany/describe';
import { speciesOf, type OwnSpecies } from '@/core/botany/ownSpecies';
import { tooMuch } from '@/core/piece/expand';
import { longOf } from '@/core/piece/long';
import type { Part } from '@/core/piece/part';
import type { Label } from '@/core/words/asLabel';
import { asLabel } from '@/core/words/asLabel';
import type { LabelKey } from '@/core/words/words';
import { useWords } from '../../speech/useWords';
import { useCatalogue } from '../../useCatalogue';
import { getStudio } from '../../useStudio';

/** Why a change is not taken. */
export type Refused = { why: 'too much' } | { why: 'nothing left' } | { why: 'length'; longMm: number };

const refusedFor = (tree: Part): Refused | null => {
  if (tooMuch(tree)) return { why: 'too much' };
  if (tree.parts.length === 0 && !tree.form) return { why: 'nothing left' };
  const longMm = longOf(tree);
  return longMm < LONG_MM.least || longMm > LONG_MM.most ? { why: 'length', longMm } : null;
};

/** One stage of an own species as it is built: its tree at the largest size, what it was first, and how it is changed. */
export interface Described {
  tree: Part;
  first: Part;
  stage: string;
  /** the person has described this stage herself */
  own: boolean;
  refused: Refused | null;
  /** one step of undo */
  change(tree: Part, what: LabelKey): void;
  asShipped(): void;
}

/** Writes what is described into the job; pieces that are there keep their share of the new length. */
function keep(id: string, { trees, sizesMm, moved }: Kept, label: Label): void {
  getStudio().edit(label, (d) => {
    const found = d.catalogue.species.find((s) => s.id === id);
    if (!found) return;
    found.trees = castDraft(trees);
    found.sizesMm = sizesMm;
    for (const { pieces } of d.arrangements)
      for (const piece of pieces) if (piece.species === id) piece.sizeMm = moved.get(piece.sizeMm) ?? piece.sizeMm;
  });
}

export function useDescribed(own: OwnSpecies, stage: string): Described {
  const words = useWords();
  const catalogue = useCatalogue();
  const [refused, setRefused] = useState<Refused | null>(null);
  const species = speciesById(own.id, catalogue);
  const tree = builtOf(species, stage, own.sizesMm[0]!).tree;
  const base = SPECIES.find((s) => s.id === own.basedOn);
  const first = useMemo(() => {
    if (!base) return tree;
    const { trees, sizesMm } = shippedAgain(own, base, stage);
    return builtOf(speciesOf({ ...own, trees, sizesMm }, base), stage, sizesMm[0]!).tree;
  }, [own, base, stage, tree]);
  const label = (what: LabelKey) =>
    asLabel('describe.do', { own: own.name.toLowerCase(), what: words.label(what as 'describe.do-count') });
  return {
    tree,
    first,
    stage,
    own: own.trees[stage] !== undefined,
    refused,
    change: (next, what) => {
      const why = refusedFor(next);
      setRefused(why);
      if (!why && base && next !== tree) keep(own.id, describedAs(own, base, { stage, tree: next }), label(what));
    },
    asShipped: () => {
      setRefused(null);
      if (base) keep(own.id, shippedAgain(own, base, stage), label('describe.do-as-shipped'));
    },
  };
}
