'use client';

import { Undo2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { allSpecies, speciesById } from '@/core/botany/catalogue';
import { inSeason, monthOf, seasonOf } from '@/core/botany/season';
import { type Role, type Species } from '@/core/botany/species';
import { FULL_DENSITY } from '@/core/compose/proposal';
import { drawLine } from '@/core/compose/line';
import { flowersFor, nearestColourway } from '@/core/compose/palette';
import { STYLES, shareOut, type Choice as Chosen } from '@/core/compose/shareOut';
import { NumberField } from '../fields/NumberField';
import { Choice } from '../fields/Choice';
import { Portrait } from '../shared/Portrait';
import { getStudio, useStudio } from '../useStudio';
import { Palette } from './Palette';
import { useCatalogue } from '../useCatalogue';
import { capital } from '@/core/words/capital';
import type { LabelKey } from '@/core/words/words';
import { currentWords, useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

const STYLE_NAMES = {
  'focal-led': 'brief.focal-led',
  meadow: 'brief.meadow',
  'foliage-led': 'brief.leafy',
  lush: 'brief.lush',
} as const satisfies Record<(typeof STYLES)[number], LabelKey>;

const SHELVES = [
  { name: 'brief.large', roles: ['focal'] },
  { name: 'brief.middle', roles: ['secondary'] },
  { name: 'brief.small', roles: ['spray'] },
  { name: 'brief.filler-berries', roles: ['filler', 'berry'] },
  { name: 'brief.leaves', roles: ['foliage'] },
] as const satisfies readonly { name: LabelKey; roles: readonly Role[] }[];

/** The flowers of this job: what is chosen with how many of each, and the catalogue a shelf at a time. */
export function Flowers() {
  const words = useWords();
  const style = useStudio((s) => s.project!.brief.style);
  const [shelf, setShelf] = useState(0);
  const [palette, setPalette] = useState<readonly string[]>([]);
  return (
    <div>
      <div className="flex flex-wrap items-center justify-between gap-3 pb-2">
        <h2>{words.label('brief.flowers-and-leaves')}</h2>
        <Choice
          label={words.label('brief.mood')}
          value={style}
          options={STYLES.map((value) => ({ value, name: words.label(STYLE_NAMES[value]) }))}
          onChange={(v) => getStudio().edit(asLabel('brief.do-mood'), (d) => void (d.brief.style = v))}
        />
      </div>
      <Chosens />
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <Choice
          label={words.label('brief.shelf-of-the-catalogue')}
          value={String(shelf)}
          options={SHELVES.map((s, i) => ({ value: String(i), name: words.label(s.name) }))}
          onChange={(v) => setShelf(Number(v))}
        />
        <Palette palette={palette} onPalette={setPalette} />
      </div>
      <Catalogue roles={SHELVES[shelf]!.roles} palette={palette} />
    </div>
  );
}

function toggle(id: string, first: string): void {
  getStudio().edit(asLabel('brief.do-choose-flowers'), (d) => {
    const at = d.brief.choices.findIndex((c) => c.species === id);
    if (at >= 0) d.brief.choices.splice(at, 1);
    else if (d.brief.choices.length < 24) d.brief.choices.push({ species: id, colourway: first });
  });
}

/** One shelf; what is out of season is paler and says so. */
function Catalogue({ roles, palette }: { roles: readonly Role[]; palette: readonly string[] }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const brief = useStudio((s) => s.project!.brief);
  const month = monthOf(brief.leavesAt);
  const near = palette.length ? flowersFor(palette, catalogue).map((f) => f.species.id) : [];
  // with a palette those that come nearest to it stand first
  const shown = allSpecies(catalogue)
    .filter((s) => roles.includes(s.role))
    .sort((a, b) => near.indexOf(a.id) - near.indexOf(b.id));
  return (
    <ul
      className="grid grid-cols-5 gap-1 sm:grid-cols-7 lg:grid-cols-6 xl:grid-cols-7"
      aria-label={words.label('shared.catalogue')}
    >
      {shown.map((s) => {
        const chosen = brief.choices.find((c) => c.species === s.id);
        const way = chosen?.colourway ?? wayFor(s, palette);
        const called = capital(words.species(s.id)[0]);
        const now = month === null || inSeason(s, month, brief.hemisphere);
        return (
          <li key={s.id}>
            <button
              aria-pressed={chosen !== undefined}
              aria-label={now ? called : words.label('brief.not-in-season', { s: called })}
              title={
                now || month === null
                  ? called
                  : words.label('brief.not-in', {
                      s: called,
                      seasonOf: words.label(`season.${seasonOf(month, brief.hemisphere)}`),
                    })
              }
              className={`flex w-full flex-col items-center rounded-xl border px-0 py-0.5 ${chosen ? 'border-[var(--leaf)] bg-[var(--leafwash)]' : 'border-transparent'} ${now ? '' : 'opacity-50'}`}
              onClick={() => toggle(s.id, way)}
            >
              <Portrait kind={{ species: s.id, stage: s.stages[s.stages.length - 1]!.id, sizeMm: 50, colourway: way }} px={44} />
              <span className="max-w-full truncate text-[13px]">{called}</span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}

const wayFor = (s: Species, palette: readonly string[]): string =>
  palette.length ? nearestColourway(s, palette).id : s.colourways[0]!.id;

/** What is chosen: a picture, how many the line wants of it or the person asks for, and its colours one after another. */
function Chosens() {
  const words = useWords();
  const catalogue = useCatalogue();
  const cake = useStudio((s) => s.project!.cake);
  const spec = useStudio((s) => s.project!.arrangements[s.arrangementIndex]?.line ?? null);
  const brief = useStudio((s) => s.project!.brief);
  const { style, choices } = brief;
  const { edit } = getStudio();
  const counts = useMemo(() => {
    const line = spec ? drawLine(spec, cake) : null;
    const list = new Map<string, { open: number; buds: number }>();
    for (const k of line ? shareOut(line, { style, choices, density: FULL_DENSITY }, catalogue) : []) {
      const known = list.get(k.species) ?? { open: 0, buds: 0 };
      known[k.role === 'bud' ? 'buds' : 'open'] += k.count;
      list.set(k.species, known);
    }
    return list;
  }, [cake, spec, style, choices, catalogue]);
  const ask = (c: Chosen, count: number | null) =>
    edit(
      count === null
        ? asLabel('brief.do-by-the-line', { species: words.species(c.species)[0] })
        : asLabel('brief.do-count', { count, species: words.species(c.species)[1] }),
      (d) => {
        const own = d.brief.choices.find((x) => x.species === c.species);
        if (own) Object.assign(own, { least: count, most: count });
      },
    );
  return (
    <ul className="flex flex-wrap gap-2" aria-label={words.label('brief.suggested-counts')}>
      {brief.choices.map((c) => {
        const species = speciesById(c.species, catalogue);
        const at = Math.max(
          0,
          species.colourways.findIndex((w) => w.id === c.colourway),
        );
        const way = species.colourways[at]!;
        const next = species.colourways[(at + 1) % species.colourways.length]!;
        const called = capital(words.species(c.species)[0]);
        const colour = words.colour({ species: species.id, colourway: way.id });
        const count = counts.get(c.species) ?? { open: 0, buds: 0 };
        const asked = typeof c.most === 'number';
        const stage = species.stages[species.stages.length - 1]!.id;
        return (
          <li key={c.species} className="tray flex items-center gap-1 py-0.5 pl-1.5 pr-1">
            <Portrait kind={{ species: c.species, stage, sizeMm: 50, colourway: way.id }} px={42} />
            <span className="min-w-0">
              <span className="flex items-center gap-1">
                <NumberField
                  label={words.label('brief.how-many', { piece: words.piece({ species: species.id, stage })[1] })}
                  hideLabel
                  look={`fig flex h-[30px] w-[46px] items-center rounded-lg border text-lg ${asked ? 'border-[var(--leaf)]' : 'border-transparent'}`}
                  value={count.open}
                  unit=""
                  least={1}
                  most={300}
                  onChange={(n) => ask(c, Math.round(n))}
                />
                {asked && (
                  <button
                    aria-label={words.label('brief.let-the-line-decide', { species: called })}
                    title={words.label('brief.let-the-line-decide-2')}
                    onClick={() => ask(c, null)}
                  >
                    <Undo2 size={18} />
                  </button>
                )}
                {species.colourways.length > 1 && (
                  <button
                    aria-label={words.label('brief.next-colourway', {
                      species: called,
                      way: colour,
                      next: words.colour({ species: species.id, colourway: next.id }),
                    })}
                    title={colour}
                    className="grid h-[44px] w-[44px] place-items-center"
                    onClick={() => recolour(species.id, next.id)}
                  >
                    <span className="size-6 rounded-full border border-[var(--edge)]" style={{ background: way.hue }} />
                  </button>
                )}
              </span>
              <span className="small -mt-1.5 block max-w-[120px] truncate pb-1 leading-tight">
                {words.piece({ species: species.id, stage })[0]}
                {count.buds > 0 && words.label('brief.and-buds', { buds: count.buds })}
              </span>
              {brief.botanical && species.petals !== undefined && <Petals choice={c} species={species} />}
            </span>
          </li>
        );
      })}
    </ul>
  );
}

/** A cutter gives so many petals at the least. */
const FEWEST_PETALS = 2;

/** Botanical mode only: how many petals the cutter at hand gives. */
function Petals({ choice, species }: { choice: Chosen; species: Species }) {
  const words = useWords();
  return (
    <span className="small flex items-center gap-1">
      {words.label('brief.cutter-of')}
      <NumberField
        label={words.label('brief.petals-cutter-gives', { species: words.species(species.id)[0] })}
        hideLabel
        look="flex w-[40px] rounded border border-[var(--line)]"
        value={choice.petalsCut ?? species.petals ?? FEWEST_PETALS}
        unit=""
        least={FEWEST_PETALS}
        most={30}
        onChange={(typed) => {
          const n = Math.round(typed);
          getStudio().edit(asLabel('brief.do-cutter-of-petals', { n }), (d) => {
            const own = d.brief.choices.find((x) => x.species === choice.species);
            if (own) own.petalsCut = n;
          });
        }}
      />
    </span>
  );
}

function recolour(id: string, next: string): void {
  const words = currentWords();
  const named = { name: words.species(id)[0], next: words.colour({ species: id, colourway: next }) };
  getStudio().edit(asLabel('brief.do-in', named), (d) => {
    const own = d.brief.choices.find((c) => c.species === id);
    if (own) own.colourway = next;
    for (const a of d.arrangements) for (const p of a.pieces) if (p.species === id && !p.pinned) p.colourway = next;
  });
}
