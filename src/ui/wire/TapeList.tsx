'use client';

import type { DerivedPlan } from '@/core/plan/derivePlan';
import { STRIP_MM, type TapeUse } from '@/core/plan/usedUp';
import type { Words } from '@/core/words/words';
import { useWords } from '../speech/useWords';

const WIDTHS = [
  [1, 'wire.full-width-thick-stem'],
  [0.5, 'wire.half-width-split-two'],
  [1 / 3, 'wire.a-third-split-three'],
] as const;
const TONES: Readonly<Record<TapeUse['colour'], string>> = { green: '#6f8f5a', white: '#f4f1ea', brown: '#7a5a3c' };
/** Shown 1 mm of tape as wide as this. */
const PX_PER_MM = 2.2;
const FULL_MM = 12.5;

/** Tape to tear off and split, each drawn as wide as it is against the others. */
export function TapeList({ tape }: { tape: DerivedPlan['tape'] }) {
  const words = useWords();
  const told = (share: number) => {
    const width = WIDTHS.find(([s]) => s === share);
    return width ? words.label(width[1]) : '';
  };
  if (tape.length === 0) return null;
  const rolls = new Map<TapeUse['colour'], number>();
  for (const t of tape) rolls.set(t.colour, (rolls.get(t.colour) ?? 0) + t.rolls);
  return (
    <section aria-label={words.label('wire.tape')}>
      <h1 className="pb-1">{words.label('wire.strips-of-tape', { tape: tape.reduce((a, t) => a + t.strips, 0) })}</h1>
      <p className="say pb-2">
        {words.label('wire.torn-off-at-cm-cut', {
          cm: STRIP_MM / 10,
          widths: [...rolls].map(([colour, n]) => rollWords(n, words.label(`tape.${colour}`), words)).join(', '),
        })}
      </p>
      <ul className="flex flex-wrap gap-x-10">
        {tape.map((t) => (
          <li key={`${t.colour}${t.widthShare}`} className="flex items-center gap-3 py-1 text-[15px]">
            <b className="fig w-12 text-right text-xl">{t.strips}</b>
            <span
              aria-hidden
              className="block w-[110px] border border-[var(--edge)]"
              style={{
                height: Math.max(5, t.widthShare * FULL_MM * PX_PER_MM),
                background: TONES[t.colour],
                clipPath: 'polygon(8px 0, 100% 0, 100% 100%, 0 100%)',
              }}
            />
            <span>
              {words.label(`tape.${t.colour}`)}, {told(t.widthShare)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const rollWords = (n: number, colour: string, words: Words): string => {
  if (n < 0.05) return words.label('wire.a-few-turns-off-roll', { colour });
  const rolls = words.units.number(n < 1 ? Math.ceil(n * 10) / 10 : n, 1);
  return words.label(n < 1 ? 'wire.of-a-roll-of' : 'wire.rolls-of', { rolls, colour });
};
