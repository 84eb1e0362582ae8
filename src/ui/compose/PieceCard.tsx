'use client';

import { wireName } from '@/core/wire/gauge';
import { AlignHorizontalSpaceAround, Copy, FlipHorizontal2, FlipVertical2, Pin, PinOff, Plus, Trash2, X } from 'lucide-react';
import { bodyOf, allSpecies, speciesById } from '@/core/botany/catalogue';
import { colourwayOf } from '@/core/botany/species';
import { Portrait } from '../shared/Portrait';
import { gramWords, inchWords } from '../shared/words';
import { habits } from '../speech/habits';
import { getStudio, useStudio } from '../useStudio';
import { changePieces } from './dragging';
import { addAnother, applyMove, applyToMany, chooseAlike, MOVES, removeChosen } from './moves';
import { useCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';

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
    <div className="tray p-4" role="group" aria-label={`Chosen: ${chosen.length > 1 ? `${chosen.length} pieces` : name}`}>
      <div className="flex items-start gap-3">
        <Portrait kind={one} px={84} className="shrink-0" />
        <div className="min-w-0 grow">
          <h2>{chosen.length > 1 ? `${chosen.length} pieces, ${name} first` : name[0]!.toUpperCase() + name.slice(1)}</h2>
          <p className="small">
            {Math.round(body.radialMm * 2)} mm across{habits().lengths === 'mm' && ` (${inchWords(body.radialMm * 2)})`},{' '}
            {gramWords(body.massGrams)} g
            {wire && `, ${wireName(wire.gauge)} Ø ${wire.diameterMm.toFixed(2)}, ${wire.lengthMm} mm`}
          </p>
          <Swap one={one} ids={chosen.map((p) => p.id)} />
        </div>
        <button className="key bare" aria-label="Let go" onClick={() => getStudio().select([])}>
          <X size={20} />
        </button>
      </div>
      <div className="mt-3 grid grid-cols-4 gap-2">
        <Pair
          label="Lift"
          less="lower"
          more="higher"
          onLess={() => applyMove('lower', MOVES.lift(-0.08))}
          onMore={() => applyMove('lift', MOVES.lift(0.08))}
        />
        <Pair
          label="Lean"
          less="less"
          more="more"
          onLess={() => applyMove('lean', MOVES.lean(-0.1))}
          onMore={() => applyMove('lean', MOVES.lean(0.1))}
        />
        <Pair
          label="Turn"
          less="left"
          more="right"
          onLess={() => applyMove('turn', MOVES.turn(-0.26))}
          onMore={() => applyMove('turn', MOVES.turn(0.26))}
        />
        <Pair
          label="Spin"
          less="back"
          more="on"
          onLess={() => applyMove('spin', MOVES.spin(-0.26))}
          onMore={() => applyMove('spin', MOVES.spin(0.26))}
        />
      </div>
      <div className="mt-3 flex flex-wrap gap-2">
        <button
          className="key"
          aria-pressed={pinned}
          onClick={() => applyMove(pinned ? 'unpin' : 'pin', (p) => void (p.pinned = !pinned))}
        >
          {pinned ? <PinOff size={20} /> : <Pin size={20} />} {pinned ? 'Unpin' : 'Pin'}
        </button>
        <button className="key" onClick={addAnother}>
          <Plus size={20} /> Another
        </button>
        <button className="key" onClick={removeChosen}>
          <Trash2 size={20} /> Take away
        </button>
        <button className="key" onClick={chooseAlike}>
          All of its kind
        </button>
      </div>
      <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label="With all that is chosen">
        <button className="key" onClick={() => applyToMany('mirror across')}>
          <FlipVertical2 size={20} /> Other side
        </button>
        <button className="key" onClick={() => applyToMany('mirror along')}>
          <FlipHorizontal2 size={20} /> Other arm
        </button>
        <button className="key" onClick={() => applyToMany('copy along')}>
          <Copy size={20} /> Again along
        </button>
        {chosen.length > 2 && (
          <button className="key" onClick={() => applyToMany('even out')}>
            <AlignHorizontalSpaceAround size={20} /> Even out
          </button>
        )}
      </div>
      <p className="small mt-2">
        Drag it along the line, its grips lean, spin and lift it; Shift chooses more. Arrow keys nudge by 1 mm, with Shift by 5.
      </p>
    </div>
  );
}

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
  const catalogue = useCatalogue();
  const species = speciesById(one.species, catalogue);
  const edit = (label: string, to: Partial<{ species: string; stage: string; sizeMm: number; colourway: string }>) =>
    getStudio().edit(
      label,
      changePieces(ids, (p) => Object.assign(p, to)),
    );
  const select = 'key appearance-auto px-2 text-[15px]';
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      <select
        className={select}
        aria-label="Species"
        value={species.id}
        onChange={(e) => {
          const next = speciesById(e.target.value, catalogue);
          edit(`swap for ${next.name.toLowerCase()}`, {
            species: next.id,
            stage: next.stages[next.stages.length - 1]!.id,
            sizeMm: next.sizesMm[Math.min(1, next.sizesMm.length - 1)]!,
            colourway: next.colourways[0]!.id,
          });
        }}
      >
        {allSpecies(catalogue).map((s) => (
          <option key={s.id} value={s.id}>
            {s.name}
          </option>
        ))}
      </select>
      {species.stages.length > 1 && (
        <select
          className={select}
          aria-label="Stage"
          value={one.stage}
          onChange={(e) => edit('change stage', { stage: e.target.value })}
        >
          {species.stages.map((s) => (
            <option key={s.id} value={s.id}>
              {s.name}
            </option>
          ))}
        </select>
      )}
      <select
        className={select}
        aria-label="Size"
        value={one.sizeMm}
        onChange={(e) => edit('change size', { sizeMm: Number(e.target.value) })}
      >
        {[...new Set([...species.sizesMm, one.sizeMm])].map((mm) => (
          <option key={mm} value={mm}>
            {mm} mm
          </option>
        ))}
      </select>
      {species.colourways.length > 1 && (
        <select
          className={select}
          aria-label="Colour"
          value={colourwayOf(species, one.colourway).id}
          onChange={(e) => edit('change colour', { colourway: e.target.value })}
        >
          {species.colourways.map((w) => (
            <option key={w.id} value={w.id}>
              {w.name}
            </option>
          ))}
        </select>
      )}
    </div>
  );
}
