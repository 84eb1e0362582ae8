'use client';

import { RotateCcw } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { bodyOf, speciesById } from '@/core/botany/catalogue';
import { LONG_MM } from '@/core/botany/describe';
import type { OwnSpecies } from '@/core/botany/ownSpecies';
import { pulledLine } from '@/core/piece/edited';
import { lineIn } from '@/core/piece/treeLines';
import { isCarrier, type Part } from '@/core/piece/part';
import { comesOf } from '@/core/plan/comesOf';
import { typingOf, type PSEUDO } from '@/core/words/languages';
import type { Typing } from '@/core/words/typed/typing';
import { Choice } from '../../fields/Choice';
import { Portrait } from '../../shared/Portrait';
import { useWords } from '../../speech/useWords';
import { useCatalogue } from '../../useCatalogue';
import { useStudio } from '../../useStudio';
import { kindOf } from '../ownKind';
import { Comes } from './Comes';
import { Lines } from './Lines';
import { OwnTools } from './OwnTools';
import { SideDrawing } from './SideDrawing';
import { Sizes } from './Sizes';
import { TypedLine } from './TypedLine';
import { useDescribed, type Refused } from './useDescribed';

/** The words in which this person types; null until they are fetched. */
function useTyping(): Typing | null {
  const language = useStudio((s) => s.habits.language);
  const [typing, setTyping] = useState<Typing | null>(null);
  useEffect(() => {
    let late = false;
    void typingOf(language as typeof PSEUDO).then((t) => !late && setTyping(t));
    return () => {
      late = true;
    };
  }, [language]);
  return typing;
}

/** How an own species is built: said in a line, seen from the side at true size, line by line, and what comes of it. */
export function Describe({ own }: { own: OwnSpecies }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const species = speciesById(own.id, catalogue);
  const [asked, setStage] = useState<string | null>(null);
  const stage = species.stages.find((s) => s.id === asked) ?? species.stages.at(-1)!;
  const described = useDescribed(own, stage.id);
  const typing = useTyping();
  const stockMm = useStudio((s) => s.project!.brief.stockMm);
  const [pulledTree, setPulledTree] = useState<Part | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const tree = pulledTree ?? described.tree;
  const comes = useMemo(() => comesOf(tree, stockMm), [tree, stockMm]);
  const lineId = (chosen && lineIn(tree, chosen) ? chosen : null) ?? pulledLine(tree)?.id ?? tree.parts[0]?.id ?? tree.id;
  const acrossMm = bodyOf(kindOf(own, stage.id), catalogue).radialMm * 2;
  if (!typing) return null;
  return (
    <section aria-label={words.label('describe.head')} className="flex flex-col gap-3">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <h2>{words.label('describe.head')}</h2>
        <div className="flex flex-wrap items-center gap-3">
          {species.stages.length > 1 && (
            <Choice
              label={words.label('describe.stage')}
              value={stage.id}
              options={species.stages.map((s) => ({ value: s.id, name: words.stage(s) }))}
              onChange={setStage}
            />
          )}
          {described.own && (
            <button className="key" onClick={described.asShipped}>
              <RotateCcw size={20} /> {words.label('describe.as-shipped')}
            </button>
          )}
        </div>
      </div>
      <TypedLine described={described} typing={typing} />
      {described.refused && <Refusal refused={described.refused} />}
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_260px]">
        <div className="flex min-w-0 flex-col gap-3">
          {isCarrier(tree) ? (
            <SideDrawing
              own={own}
              described={described}
              tree={tree}
              lineId={lineId}
              onChoose={setChosen}
              onPulled={setPulledTree}
            />
          ) : (
            <div className="well grid place-items-center py-4">
              <Portrait kind={kindOf(own, stage.id)} px={240} alt={words.pieceTitle({ species: own.id, stage: stage.id })} />
            </div>
          )}
          <Sizes described={described} lineId={lineId} typing={typing} />
          <OwnTools described={described} lineId={lineId} />
        </div>
        <Comes comes={comes} acrossMm={isCarrier(tree) || tree.kind === 'leaf' ? null : acrossMm} />
      </div>
      <Lines described={described} typing={typing} comes={comes} lineId={lineId} onChoose={setChosen} />
    </section>
  );
}

function Refusal({ refused }: { refused: Refused }) {
  const words = useWords();
  const { units } = words;
  return (
    <p role="alert" className="text-[15px] text-[var(--stop)]">
      {refused.why === 'length'
        ? words.label('describe.longest', {
            long: units.length(refused.longMm),
            least: units.length(LONG_MM.least),
            most: units.length(LONG_MM.most),
          })
        : words.label(refused.why === 'too much' ? 'describe.too-much' : 'describe.least-one')}
    </p>
  );
}
