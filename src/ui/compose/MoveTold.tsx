'use client';

import { useEffect, useRef, useState } from 'react';
import type { Reading } from '@/core/compose/reading';
import type { Words } from '@/core/words/words';
import { useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import { sideOf } from './sideOf';
import type { LiveScene } from './useScene';

/** A move is over when nothing has changed for this long once its readings are there. */
const OVER_MS = 700;
/** So many readings are named, those that changed most. */
const MOST_READINGS = 3;

interface Rest {
  scene: LiveScene;
  readings: readonly Reading[];
}

/** Tells one who does not see the picture, once a move of the chosen pieces is over, where they are now and what the readings did. */
export function MoveTold({ scene, readings, settled }: Rest & { settled: boolean }) {
  const words = useWords();
  const selection = useStudio((s) => s.selection);
  const rest = useRef<Rest | null>(null);
  const [told, setTold] = useState('');
  useEffect(() => {
    if (!settled) return;
    const over = setTimeout(() => {
      const before = rest.current;
      rest.current = { scene, readings };
      const moved = before ? movedIn(before.scene, scene).filter((p) => selection.includes(p.piece.id)) : [];
      if (!before || moved.length === 0) return;
      const changes = changesOf(before.readings, readings, words);
      setTold(
        words.label('compose.moved', {
          count: moved.length,
          name: words.piece(moved[0]!.piece)[0],
          place: placeOf(moved[0]!, scene, words),
          readings: words.list(changes),
          same: changes.length ? 'no' : 'yes',
        }),
      );
    }, OVER_MS);
    return () => clearTimeout(over);
  }, [scene, readings, settled, selection, words]);
  return (
    <p role="status" className="sr-only" aria-label={words.label('compose.what-a-move-did')}>
      {told}
    </p>
  );
}

const PLACE = ['s', 'side', 'lift', 'tiltRad', 'headingRad', 'rollRad'] as const;

/** Pieces that both have and that stand or lean otherwise now. */
function movedIn(before: LiveScene, now: LiveScene): LiveScene['heads'] {
  const was = new Map(before.heads.map((p) => [p.piece.id, p.piece]));
  return now.heads.filter((p) => {
    const old = was.get(p.piece.id);
    return old && PLACE.some((field) => old[field] !== p.piece[field]);
  });
}

const placeOf = (p: LiveScene['heads'][number], scene: LiveScene, words: Words): string =>
  words.label('compose.place-along', {
    along: words.units.length(p.piece.s * (scene.line?.lengthMm ?? 0)),
    side: sideOf(p.sideMm, words),
  });

function changesOf(before: readonly Reading[], now: readonly Reading[], words: Words): string[] {
  const whole = (r: Reading | undefined) => Math.floor(r?.score ?? 0);
  return now
    .map((r) => ({ id: r.id, score: whole(r), was: whole(before.find((b) => b.id === r.id)) }))
    .filter((r) => r.score !== r.was)
    .sort((a, b) => Math.abs(b.score - b.was) - Math.abs(a.score - a.was))
    .slice(0, MOST_READINGS)
    .map(({ id, score, was }) => words.label('compose.reading-now', { reading: words.messages.names.readings[id], score, was }));
}
