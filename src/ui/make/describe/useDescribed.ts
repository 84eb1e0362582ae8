'use client';

import { castDraft } from 'immer';
import { useMemo, useState } from 'react';
import { builtOf } from '@/core/botany/built';
import { SPECIES, speciesById } from '@/core/botany/catalogue';
import { describedAs, LONG_MM } from '@/core/botany/describe';
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

/** Writes the tree of a stage into the job; pieces that are there keep their share of the new length. */
function keep(own: OwnSpecies, stage: string, { tree, label }: { tree: Part; label: Label }): void {
  const catalogue = SPECIES.find((s) => s.id === own.basedOn);
  if (!catalogue) return;
  const { trees, sizesMm, moved } = describedAs(own, catalogue, { stage, tree });
  getStudio().edit(label, (d) => {
    const found = d.catalogue.species.find((s) => s.id === own.id);
    if (!found) return;
    found.trees = castDraft(trees);
    found.sizesMm = sizesMm;
    for (const { pieces } of d.arrangements)
      for (const piece of pieces) if (piece.species === own.id) piece.sizeMm = moved.get(piece.sizeMm) ?? piece.sizeMm;
  });
}

export function useDescribed(own: OwnSpecies, stage: string): Described {
  const words = useWords();
  const catalogue = useCatalogue();
  const [refused, setRefused] = useState<Refused | null>(null);
  const species = speciesById(own.id, catalogue);
  const tree = builtOf(species, stage, own.sizesMm[0]!).tree;
  const first = useMemo(() => {
    const base = SPECIES.find((s) => s.id === own.basedOn);
    return base ? builtOf(speciesOf({ ...own, trees: {} }, base), stage, own.sizesMm[0]!).tree : tree;
  }, [own, stage, tree]);
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
      if (!why && next !== tree) keep(own, stage, { tree: next, label: label(what) });
    },
    asShipped: () => {
      setRefused(null);
      getStudio().edit(label('describe.do-as-shipped'), (d) => {
        const found = d.catalogue.species.find((s) => s.id === own.id);
        if (found) delete found.trees[stage];
      });
    },
  };
}
