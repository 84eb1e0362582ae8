'use client';

import { SPECIES, speciesById } from '@/core/botany/catalogue';
import { STYLES } from '@/core/compose/shareOut';
import { Choice } from '../shared/fields';
import { Portrait } from '../shared/Portrait';
import { getStudio, useStudio } from '../useStudio';

const STYLE_NAMES: Record<(typeof STYLES)[number], string> = {
  'focal-led': 'Focal-led',
  meadow: 'Meadow',
  'foliage-led': 'Leafy',
  lush: 'Lush',
};

/** The flowers of this job, picked from the catalogue; each in one of its colours. */
export function Flowers() {
  const choices = useStudio((s) => s.project!.brief.choices);
  const style = useStudio((s) => s.project!.brief.style);
  const { edit } = getStudio();
  const toggle = (id: string, first: string) =>
    edit('choose flowers', (d) => {
      const at = d.brief.choices.findIndex((c) => c.species === id);
      if (at >= 0) d.brief.choices.splice(at, 1);
      else if (d.brief.choices.length < 24) d.brief.choices.push({ species: id, colourway: first });
    });
  return (
    <div>
      <div className="flex flex-wrap items-center justify-between gap-3 pb-2">
        <h2>Flowers and leaves</h2>
        <Choice
          label="Mood"
          value={style}
          options={STYLES.map((value) => ({ value, name: STYLE_NAMES[value] }))}
          onChange={(v) => edit(`mood ${v}`, (d) => void (d.brief.style = v))}
        />
      </div>
      <ul className="grid grid-cols-5 gap-1 sm:grid-cols-7 lg:grid-cols-5 xl:grid-cols-7" aria-label="Catalogue">
        {SPECIES.map((s) => {
          const chosen = choices.find((c) => c.species === s.id);
          const way = chosen?.colourway ?? s.colourways[0]!.id;
          return (
            <li key={s.id}>
              <button
                aria-pressed={chosen !== undefined}
                className={`flex w-full flex-col items-center rounded-xl border px-0 py-0.5 ${chosen ? 'border-[var(--leaf)] bg-[var(--leafwash)]' : 'border-transparent opacity-75'}`}
                onClick={() => toggle(s.id, way)}
              >
                <Portrait
                  kind={{ species: s.id, stage: s.stages[s.stages.length - 1]!.id, sizeMm: 50, colourway: way }}
                  px={40}
                />
                <span className="max-w-full truncate text-[13px]">{s.name}</span>
              </button>
            </li>
          );
        })}
      </ul>
      <Colours />
    </div>
  );
}

/** Each chosen flower that comes in several colours: pressing its key takes the next one, for the pieces already placed too. */
function Colours() {
  const choices = useStudio((s) => s.project!.brief.choices);
  const several = choices
    .map((c) => ({ c, species: speciesById(c.species) }))
    .filter(({ species }) => species.colourways.length > 1);
  if (several.length === 0) return null;
  return (
    <ul className="flex flex-wrap gap-1 pt-1" aria-label="Their colours">
      {several.map(({ c, species }) => {
        const at = Math.max(
          0,
          species.colourways.findIndex((w) => w.id === c.colourway),
        );
        const way = species.colourways[at]!;
        const next = species.colourways[(at + 1) % species.colourways.length]!;
        return (
          <li key={c.species}>
            <button
              className="key bare px-2 text-[15px]"
              aria-label={`${species.name} in ${way.name}; take ${next.name}`}
              onClick={() => recolour(species.id, species.name, next)}
            >
              <span className="size-5 rounded-full border border-[var(--edge)]" style={{ background: way.hue }} />
              {way.name}
            </button>
          </li>
        );
      })}
    </ul>
  );
}

function recolour(id: string, name: string, next: { id: string; name: string }): void {
  getStudio().edit(`${name.toLowerCase()} in ${next.name}`, (d) => {
    const own = d.brief.choices.find((c) => c.species === id);
    if (own) own.colourway = next.id;
    for (const a of d.arrangements) for (const p of a.pieces) if (p.species === id && !p.pinned) p.colourway = next.id;
  });
}
