'use client';

import { AlignHorizontalSpaceAround, Copy, FlipHorizontal2, FlipVertical2, Pin, PinOff, Plus, Trash2, X } from 'lucide-react';
import { bodyOf, allSpecies, speciesById } from '@/core/botany/catalogue';
import { colourwayOf } from '@/core/botany/species';
import { Pick } from '../fields/Pick';
import { Portrait } from '../shared/Portrait';
import { getStudio, useStudio } from '../useStudio';
import { changePieces } from './dragging';
import { addAnother, applyMove, applyToMany, chooseAlike, MOVES, removeChosen } from './moves';
import { useCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';
import { mmToInches } from '@/core/geometry/units';
import type { Words } from '@/core/words/words';
import { capital } from '@/core/words/capital';
import { asLabel, type Label } from '@/core/words/asLabel';

/** The chosen piece: what it is, its figures, and everything one does to it, for fingers. */
export function PieceCard() {
  const words = useWords();
  const catalogue = useCatalogue();
  const selection = useStudio((s) => s.selection);
  const pieces = useStudio((s) => s.project?.arrangements[s.arrangementIndex]?.pieces);
  const plan = useStudio((s) => s.plan);
  const chosen = pieces?.filter((p) => selection.includes(p.id)) ?? [];
  const one = chosen[0];
  if (!one) return null;
  const body = bodyOf(one, catalogue);
  const wire = plan?.wires.find((w) => w.pieceId === one.id && w.use === 'stem');
  const pinned = chosen.every((p) => p.pinned);
  const name = words.piece(one)[0];
  return (
    <div className="tray p-4" role="group" aria-label={words.label('compose.chosen-pieces', { chosen: chosen.length, name })}>
      <div className="flex items-start gap-3">
        <Portrait kind={one} px={84} className="shrink-0" />
        <div className="min-w-0 grow">
          <h2>{chosen.length > 1 ? words.label('compose.pieces-first', { chosen: chosen.length, name }) : capital(name)}</h2>
          <p className="small">
            {words.label('compose.across-g', {
              radialMm: words.units.length(body.radialMm * 2),
              lengths: words.units.sign === 'mm' ? ` (${inches(words, body.radialMm * 2)})` : '',
              massGrams: words.units.gramFigure(body.massGrams),
              wire: wire
                ? words.label('compose.and-wire', {
                    wire: words.gauge(wire.gauge),
                    diameter: words.units.length(wire.diameterMm, 2),
                    length: words.units.mm(wire.lengthMm),
                  })
                : '',
            })}
          </p>
          <Swap one={one} ids={chosen.map((p) => p.id)} />
        </div>
        <button className="key bare" aria-label={words.label('compose.let-go')} onClick={() => getStudio().select([])}>
          <X size={20} />
        </button>
      </div>
      <div className="mt-3 grid grid-cols-4 gap-2">
        <Pair
          label={words.label('compose.lift')}
          less={words.label('compose.lower')}
          more={words.label('compose.higher')}
          onLess={() => applyMove(asLabel('compose.do-lower'), MOVES.lift(-0.08))}
          onMore={() => applyMove(asLabel('compose.do-lift'), MOVES.lift(0.08))}
        />
        <Pair
          label={words.label('compose.lean')}
          less={words.label('compose.less')}
          more={words.label('compose.more')}
          onLess={() => applyMove(asLabel('compose.do-lean'), MOVES.lean(-0.1))}
          onMore={() => applyMove(asLabel('compose.do-lean'), MOVES.lean(0.1))}
        />
        <Pair
          label={words.label('compose.turn')}
          less={words.label('compose.left')}
          more={words.label('shared.right')}
          onLess={() => applyMove(asLabel('compose.do-turn'), MOVES.turn(-0.26))}
          onMore={() => applyMove(asLabel('compose.do-turn'), MOVES.turn(0.26))}
        />
        <Pair
          label={words.label('compose.spin')}
          less={words.label('shared.backward')}
          more={words.label('compose.on')}
          onLess={() => applyMove(asLabel('compose.do-spin'), MOVES.spin(-0.26))}
          onMore={() => applyMove(asLabel('compose.do-spin'), MOVES.spin(0.26))}
        />
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <button
          className="key"
          aria-pressed={pinned}
          onClick={() =>
            applyMove(pinned ? asLabel('compose.do-unpin') : asLabel('compose.do-pin'), (p) => void (p.pinned = !pinned))
          }
        >
          {pinned ? <PinOff size={20} /> : <Pin size={20} />} {pinned ? words.label('compose.unpin') : words.label('compose.pin')}
        </button>
        <button className="key" onClick={addAnother}>
          <Plus size={20} /> {words.label('compose.another')}
        </button>
        <button className="key" onClick={removeChosen}>
          <Trash2 size={20} /> {words.label('shared.take-away')}
        </button>
        <button className="key" onClick={chooseAlike}>
          {words.label('compose.all-of-its-kind')}
        </button>
      </div>
      <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label={words.label('compose.with-all-chosen')}>
        <button className="key" onClick={() => applyToMany('mirror across')}>
          <FlipVertical2 size={20} /> {words.label('compose.other-side')}
        </button>
        <button className="key" onClick={() => applyToMany('mirror along')}>
          <FlipHorizontal2 size={20} /> {words.label('compose.other-arm')}
        </button>
        <button className="key" onClick={() => applyToMany('copy along')}>
          <Copy size={20} /> {words.label('compose.again-along')}
        </button>
        {chosen.length > 2 && (
          <button className="key" onClick={() => applyToMany('even out')}>
            <AlignHorizontalSpaceAround size={20} /> {words.label('compose.even-out')}
          </button>
        )}
      </div>
      <p className="small mt-2">{words.label('compose.drag-along-line-grips-lean')}</p>
    </div>
  );
}

/** A length in inches beside its millimetres. */
const inches = (words: Words, mm: number): string => `${words.units.number(mmToInches(mm), 2)} in`;

function Pair({
  label,
  less,
  more,
  onLess,
  onMore,
}: {
  label: string;
  less: string;
  more: string;
  onLess(): void;
  onMore(): void;
}) {
  return (
    <div>
      <span className="small">{label}</span>
      <div className="flex">
        <button className="key grow rounded-r-none px-0" aria-label={`${label} ${less}`} onClick={onLess}>
          −
        </button>
        <button className="key grow rounded-l-none border-l-0 px-0" aria-label={`${label} ${more}`} onClick={onMore}>
          +
        </button>
      </div>
    </div>
  );
}

/** Another species, stage, size or colour in the same place. */
function Swap({
  one,
  ids,
}: {
  one: { species: string; stage: string; sizeMm: number; colourway: string };
  ids: readonly string[];
}) {
  const words = useWords();
  const catalogue = useCatalogue();
  const species = speciesById(one.species, catalogue);
  const edit = (label: Label, to: Partial<{ species: string; stage: string; sizeMm: number; colourway: string }>) =>
    getStudio().edit(
      label,
      changePieces(ids, (p) => Object.assign(p, to)),
    );
  const select = 'key appearance-auto px-2 text-[15px]';
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      <Pick
        label={words.label('compose.species')}
        hideLabel
        className={select}
        value={species.id}
        options={allSpecies(catalogue).map((s) => ({ value: s.id, name: capital(words.species(s.id)[0]) }))}
        onChange={(id) => {
          const next = speciesById(id, catalogue);
          edit(asLabel('compose.do-swap-for', { next: words.species(next.id)[0] }), {
            species: next.id,
            stage: next.stages[next.stages.length - 1]!.id,
            sizeMm: next.sizesMm[Math.min(1, next.sizesMm.length - 1)]!,
            colourway: next.colourways[0]!.id,
          });
        }}
      />
      {species.stages.length > 1 && (
        <Pick
          label={words.label('compose.stage')}
          hideLabel
          className={select}
          value={one.stage}
          options={species.stages.map((s) => ({ value: s.id, name: words.stage(s) }))}
          onChange={(stage) => edit(asLabel('compose.do-change-stage'), { stage })}
        />
      )}
      <Pick
        label={words.label('compose.size')}
        hideLabel
        className={select}
        value={one.sizeMm}
        options={[...new Set([...species.sizesMm, one.sizeMm])].map((mm) => ({ value: mm, name: words.units.mm(mm) }))}
        onChange={(sizeMm) => edit(asLabel('compose.do-change-size'), { sizeMm })}
      />
      {species.colourways.length > 1 && (
        <Pick
          label={words.label('shared.colour')}
          hideLabel
          className={select}
          value={colourwayOf(species, one.colourway).id}
          options={species.colourways.map((w) => ({
            value: w.id,
            name: words.colour({ species: species.id, colourway: w.id }),
          }))}
          onChange={(colourway) => edit(asLabel('compose.do-change-colour'), { colourway })}
        />
      )}
    </div>
  );
}
