'use client';

import { Plus, Trash2 } from 'lucide-react';
import type { OwnSpecies } from '@/core/botany/ownSpecies';
import { useWords } from '../speech/useWords';
import { asLabel, type Label } from '@/core/words/asLabel';
import { newId } from '../shared/newId';

type Change = (what: Label, recipe: (s: OwnSpecies) => void) => void;

/** The colours that an own species is made in. */
export function Colourways({ own, change }: { own: OwnSpecies; change: Change }) {
  const words = useWords();
  return (
    <fieldset>
      <legend className="pb-1 font-semibold">{words.label('make.colours')}</legend>
      <ul className="flex flex-wrap gap-3">
        {own.colourways.map((c, i) => (
          <li key={c.id} className="flex items-center gap-1">
            <input
              type="color"
              aria-label={words.label('make.colour', { c: c.name })}
              className="size-11 cursor-pointer rounded-full border border-[var(--edge)] bg-transparent p-1"
              value={c.hue}
              onChange={(e) =>
                change(asLabel('make.do-changed', { c: c.name }), (s) => void (s.colourways[i]!.hue = e.target.value))
              }
            />
            <input
              aria-label={words.label('make.name-of-colour', { c: c.name })}
              className="fld w-[112px]"
              maxLength={60}
              defaultValue={c.name}
              onBlur={(e) =>
                e.target.value.trim() &&
                change(asLabel('make.do-colours-name'), (s) => void (s.colourways[i]!.name = e.target.value.trim()))
              }
            />
            {own.colourways.length > 1 && (
              <button
                className="key px-2.5"
                aria-label={words.label('make.take-out', { c: c.name })}
                onClick={() => change(asLabel('make.do-out', { c: c.name }), (s) => void s.colourways.splice(i, 1))}
              >
                <Trash2 size={18} />
              </button>
            )}
          </li>
        ))}
        <li>
          <button
            className="key"
            disabled={own.colourways.length >= 12}
            onClick={() =>
              change(
                asLabel('make.do-a-colour'),
                (s) =>
                  void s.colourways.push({
                    id: `own-${newId().slice(0, 8)}`,
                    name: words.label('make.new'),
                    hue: '#d9a0a8',
                  }),
              )
            }
          >
            <Plus size={20} /> {words.label('shared.colour')}
          </button>
        </li>
      </ul>
    </fieldset>
  );
}

const MONTHS = Array.from({ length: 12 }, (_, i) => i);

/** When it grows in the northern half: botanical mode objects out of season. */
export function Months({ own, change }: { own: OwnSpecies; change: Change }) {
  const words = useWords();
  return (
    <fieldset>
      <legend className="pb-1 font-semibold">{words.label('make.grows-in-north')}</legend>
      <div className="flex flex-wrap gap-1">
        {MONTHS.map((i) => {
          const on = own.monthsNorth.includes(i + 1);
          return (
            <button
              key={i}
              className={`min-h-11 min-w-11 rounded-lg border border-[var(--edge)] px-2 text-[15px] ${on ? 'bg-[var(--leafwash)] font-semibold' : 'bg-transparent'}`}
              aria-pressed={on}
              onClick={() =>
                change(asLabel('make.do-out-2'), (s) => {
                  s.monthsNorth = on ? s.monthsNorth.filter((m) => m !== i + 1) : [...s.monthsNorth, i + 1].sort((a, b) => a - b);
                })
              }
            >
              {words.units.day(i * 31 * 1440 + 1440, { month: 'short' })}
            </button>
          );
        })}
      </div>
    </fieldset>
  );
}
