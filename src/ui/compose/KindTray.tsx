'use client';

import { useMemo } from 'react';
import { speciesById, bodyOf } from '@/core/botany/catalogue';
import { colourwayOf, roleAt, stageOf, type Role } from '@/core/botany/species';
import type { Piece } from '@/core/compose/arrangement';
import { drawLine } from '@/core/compose/line';
import { FULL_DENSITY } from '@/core/compose/proposal';
import { shareOut } from '@/core/compose/shareOut';
import { freshId } from '@/data/editActions';
import { Portrait } from '../shared/Portrait';
import { getStudio, useStudio } from '../useStudio';
import { currentCatalogue, useCatalogue } from '../useCatalogue';
import { currentWords, useWords } from '../speech/useWords';
import { capital } from '@/core/words/capital';
import { asLabel } from '@/core/words/asLabel';

interface Well {
  key: string;
  species: string;
  stage: string;
  colourway: string;
  role: Role;
  placed: number;
  wanted: number;
  sizes: number[];
  ids: string[];
}

const PX_PER_MM = 0.74;

/** The kinds on the line, drawn at one scale, with placed of wanted. Pressing a well chooses all of its kind. */
export function KindTray() {
  const words = useWords();
  const project = useStudio((s) => s.project);
  const index = useStudio((s) => s.arrangementIndex);
  const selection = useStudio((s) => s.selection);
  const wells = useMemo(
    () => (project ? wellsOf(project.arrangements[index]?.pieces ?? [], project, index) : []),
    [project, index],
  );
  if (!project) return null;
  return (
    <div className="tray p-3 pb-2">
      <ul className="flex flex-wrap gap-2" aria-label={words.label('compose.kinds-on-this-line')}>
        {wells.map((w) => (
          <li key={w.key} className="grow">
            <WellButton well={w} chosen={w.ids.length > 0 && w.ids.every((id) => selection.includes(id))} />
          </li>
        ))}
      </ul>
      <div className="mt-2 flex items-center justify-between">
        <Rule />
        <span className="small">{words.label('compose.all-at-one-scale')}</span>
      </div>
    </div>
  );
}

function WellButton({ well, chosen }: { well: Well; chosen: boolean }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const species = speciesById(well.species, catalogue);
  const short = well.placed < well.wanted;
  const name = words.piece(well)[0];
  return (
    <button
      className={`well flex w-full min-w-[104px] flex-col items-center px-2 py-1 ${short ? 'mark' : ''}`}
      aria-pressed={chosen}
      aria-label={words.label('compose.of-choose-all', {
        placed: well.placed ? 'yes' : 'no',
        name,
        placed2: well.placed,
        wanted: well.wanted,
      })}
      onClick={() => (well.ids.length ? getStudio().select(well.ids) : setFirst(well))}
    >
      <span className="flex h-[56px] items-center gap-1">
        {well.sizes.slice(0, 3).map((mm) => (
          <Portrait
            key={mm}
            kind={{ species: well.species, stage: well.stage, sizeMm: mm, colourway: well.colourway }}
            px={Math.max(18, Math.min(56, mm * stageOf(species, well.stage).sizeShare * PX_PER_MM * 1.1))}
          />
        ))}
      </span>
      <span className="self-start whitespace-nowrap text-[15px] font-semibold">
        {capital(name)}{' '}
        <span className={`text-[13px] font-normal ${short ? 'text-[var(--nexttext)]' : 'text-[var(--leaf)]'}`}>
          {words.label('compose.placed-of-wanted', { placed: well.placed, wanted: well.wanted })}
        </span>
      </span>
    </button>
  );
}

/** Sets the first piece of a kind at the focal point, to be moved from there. */
function setFirst(well: Well): void {
  const catalogue = currentCatalogue();
  const { edit, arrangementIndex, project, select } = getStudio();
  const arrangement = project?.arrangements[arrangementIndex];
  if (!arrangement) return;
  const id = freshId(arrangement.pieces);
  const sprig = speciesById(well.species, catalogue).habit === 'sprig';
  edit(asLabel('compose.do-set', { piece: currentWords().piece(well)[0] }), (draft) => {
    draft.arrangements[arrangementIndex]!.pieces.push({
      id,
      species: well.species,
      stage: well.stage,
      sizeMm: well.sizes[0]!,
      colourway: well.colourway,
      s: arrangement.line.focal,
      side: 0,
      lift: 0,
      tiltRad: sprig ? 1.2 : 0.2,
      headingRad: 0,
      rollRad: 0,
      pinned: false,
    });
  });
  select([id]);
}

/** A rule that proves the scale. */
function Rule() {
  const words = useWords();
  return (
    <svg width={300 * PX_PER_MM + 44} height="26" aria-label={words.label('compose.scale-0-300-mm')} role="img">
      <path
        d={`M4 1V9${Array.from({ length: 30 }, (_, i) => `M${4 + (i + 1) * 10 * PX_PER_MM} ${(i + 1) % 10 === 0 ? 0 : 4}V9`).join('')}M4 9H${4 + 300 * PX_PER_MM}`}
        stroke="var(--wire)"
        fill="none"
      />
      {[0, 100, 200, 300].map((mm) => (
        <text key={mm} x={4 + mm * PX_PER_MM} y="24" fontSize="13" textAnchor={mm ? 'middle' : 'start'} fill="var(--ink2)">
          {mm}
          {mm === 0 && <tspan dx="4">mm</tspan>}
        </text>
      ))}
    </svg>
  );
}

/** Placed of wanted per kind; what is wanted comes from the line's area and the brief, buds apart from open flowers. */
function wellsOf(pieces: readonly Piece[], project: NonNullable<ReturnType<typeof getStudio>['project']>, index: number): Well[] {
  const catalogue = currentCatalogue();
  const wells = new Map<string, Well>();
  const well = (species: string, stage: string, colourway: string): Well => {
    const key = `${species}|${stage}|${colourway}`;
    const known = wells.get(key);
    if (known) return known;
    const made: Well = {
      key,
      species,
      stage,
      colourway: colourwayOf(speciesById(species, catalogue), colourway).id,
      role: roleAt(speciesById(species, catalogue), stage),
      placed: 0,
      wanted: 0,
      sizes: [],
      ids: [],
    };
    wells.set(key, made);
    return made;
  };
  for (const piece of pieces) {
    const w = well(piece.species, piece.stage, piece.colourway);
    w.placed += 1;
    w.ids.push(piece.id);
    if (!w.sizes.includes(piece.sizeMm)) w.sizes.push(piece.sizeMm);
  }
  const arrangement = project.arrangements[index];
  const line = arrangement ? drawLine(arrangement.line, project.cake) : null;
  for (const kind of line ? shareOut(line, { ...project.brief, density: FULL_DENSITY }, catalogue) : []) {
    const w = well(kind.species, kind.stage, kind.colourway);
    w.wanted += kind.count;
    if (!w.sizes.includes(kind.sizeMm)) w.sizes.push(kind.sizeMm);
  }
  if (line?.strewn) strewnWanted([...wells.values()]);
  for (const w of wells.values()) {
    w.sizes.sort((a, b) => b - a);
    w.wanted = Math.max(w.wanted, 0);
  }
  return [...wells.values()].sort((a, b) => bodySize(b) - bodySize(a)).filter((w) => w.placed > 0 || w.wanted > 0);
}

/** Of what is strewn each lies as it dried: what is there is wanted so, what is missing at its usual stage. */
function strewnWanted(wells: readonly Well[]): void {
  const sum = (own: readonly Well[], field: 'wanted' | 'placed') => own.reduce((a, w) => a + w[field], 0);
  for (const well of wells.filter((w) => w.wanted > 0)) {
    const own = wells.filter((w) => w.species === well.species && w.colourway === well.colourway);
    const missing = Math.max(0, sum(own, 'wanted') - sum(own, 'placed'));
    for (const w of own) w.wanted = w.placed + (w === well ? missing : 0);
  }
}

const bodySize = (w: Well): number => {
  const catalogue = currentCatalogue();
  return bodyOf({ species: w.species, stage: w.stage, sizeMm: w.sizes[0]!, colourway: w.colourway }, catalogue).radialMm;
};
