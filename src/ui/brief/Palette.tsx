'use client';

import { Palette as PaletteIcon } from 'lucide-react';
import { useState } from 'react';
import { speciesById } from '@/core/botany/catalogue';
import { HARMONIES, nearestColourway, paletteFrom, type Harmony } from '@/core/compose/palette';
import { Pick } from '../fields/Pick';
import { getStudio } from '../useStudio';
import { useCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

/** A palette from one colour; the chosen flowers take the nearest of their own colours, and the catalogue is shown in it. */
export function Palette({ palette, onPalette }: { palette: readonly string[]; onPalette(palette: readonly string[]): void }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const [open, setOpen] = useState(false);
  const [from, setFrom] = useState('#c06a8a');
  const [harmony, setHarmony] = useState<Harmony>('neighbours');
  const show = (hex: string, way: Harmony) => {
    setFrom(hex);
    setHarmony(way);
    onPalette(paletteFrom(hex, way));
  };
  const close = () => {
    setOpen(false);
    onPalette([]);
  };
  return (
    <>
      <button
        className="key"
        aria-expanded={open}
        onClick={() => {
          if (open) close();
          else {
            setOpen(true);
            show(from, harmony);
          }
        }}
      >
        <PaletteIcon size={20} /> {words.label('brief.palette')}
      </button>
      {open && (
        <div
          className="flex w-full flex-wrap items-center gap-2"
          role="group"
          aria-label={words.label('brief.palette-from-one-colour')}
        >
          <label className="key px-2">
            <span className="sr-only">{words.label('brief.leading-colour')}</span>
            <input
              type="color"
              className="size-7 cursor-pointer rounded-full border-0 bg-transparent p-0"
              value={from}
              onChange={(e) => show(e.target.value, harmony)}
            />
          </label>
          <Pick
            label={words.label('brief.harmony')}
            hideLabel
            className="key px-3"
            value={harmony}
            options={HARMONIES.map((h) => ({ value: h, name: words.label(`harmony.${h}`) }))}
            onChange={(h) => show(from, h)}
          />
          <span className="flex" aria-label={words.label('brief.the-palette')} role="img">
            {palette.map((hex, i) => (
              <span
                key={i}
                className="h-9 w-9 border border-[var(--line)] first:rounded-l-xl last:rounded-r-xl"
                style={{ background: hex }}
              />
            ))}
          </span>
          <button
            className="key"
            onClick={() => {
              getStudio().edit(asLabel('brief.do-flowers-into-the-palette'), (d) => {
                for (const c of d.brief.choices) {
                  const species = speciesById(c.species, catalogue);
                  if (species.role === 'foliage') continue;
                  c.colourway = nearestColourway(species, palette).id;
                  for (const a of d.arrangements)
                    for (const p of a.pieces) if (p.species === c.species && !p.pinned) p.colourway = c.colourway;
                }
              });
            }}
          >
            {words.label('brief.take-these-colours')}
          </button>
        </div>
      )}
    </>
  );
}
