'use client';

import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { allMethods, bodyOf, SPECIES, speciesById } from '@/core/botany/catalogue';
import type { OwnSpecies as Own } from '@/core/botany/ownSpecies';
import { ROLES, type Role } from '@/core/botany/species';
import { asLabel, type Label } from '@/core/words/asLabel';
import type { LabelKey } from '@/core/words/words';
import { Pick } from '../fields/Pick';
import { NumberField } from '../fields/NumberField';
import { Portrait } from '../shared/Portrait';
import { useWords } from '../speech/useWords';
import { useCatalogue } from '../useCatalogue';
import { getStudio, useStudio } from '../useStudio';
import { OneOfIt } from './OneOfIt';
import { Colourways, Months } from './OwnColourways';
import { kindOf } from './ownKind';

const ROLE_NAMES = {
  focal: 'make.focal-flower',
  secondary: 'make.secondary-flower',
  spray: 'make.spray-flower',
  filler: 'make.filler',
  bud: 'make.bud',
  berry: 'make.berry',
  foliage: 'make.foliage',
} as const satisfies Record<Role, LabelKey>;

/** Changes a species of the person's own, under a name for undo. */
type Change = (what: Label, recipe: (s: Own) => void) => void;

interface Part {
  own: Own;
  change: Change;
}

/** A species of the person's own, its picture beside everything that can be changed in it. */
export function OwnSpeciesEditor({ own }: { own: Own }) {
  const words = useWords();
  const change: Change = (what, recipe) =>
    getStudio().edit(asLabel('make.do-own-changed', { own: own.name.toLowerCase(), what: words.tell(what) }), (d) => {
      const found = d.catalogue.species.find((s) => s.id === own.id);
      if (found) recipe(found as Own);
    });
  return (
    <section aria-label={words.label('make.change', { own: own.name })} className="flex flex-col gap-4">
      <Stages own={own} />
      <div className="flex flex-wrap gap-4">
        <NameField own={own} change={change} label={words.label('shared.name')} field="name" />
        <NameField own={own} change={change} label={words.label('make.of-many')} field="plural" />
        <RoleAndMethod own={own} change={change} />
      </div>
      <Petals own={own} change={change} />
      <PasteAndWire own={own} change={change} />
      <Months own={own} change={change} />
      <Colourways own={own} change={change} />
      <OneOfIt own={own} />
      <TakeOut own={own} />
    </section>
  );
}

/** How it looks at each stage, how wide and how heavy. */
function Stages({ own }: { own: Own }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const species = speciesById(own.id, catalogue);
  return (
    <div className="flex flex-wrap items-end gap-6">
      {[...species.stages].reverse().map((stage) => {
        const kind = kindOf(own, stage.id);
        const body = bodyOf(kind, catalogue);
        const mm = species.habit === 'sprig' ? body.axialMm * 2 : body.radialMm * 2;
        return (
          <span key={stage.id} className="text-center">
            <Portrait kind={kind} px={stage.open === 1 ? 220 : 90} alt={`${own.name}, ${words.stage(stage)}`} />
            <b className="block text-[15px]">
              {words.stage(stage)} {words.units.length(mm)}, {words.units.gramFigure(body.massGrams)} g
            </b>
          </span>
        );
      })}
    </div>
  );
}

function NameField({ own, change, label, field }: Part & { label: string; field: 'name' | 'plural' }) {
  const take = (typed: string) => {
    if (!typed || typed === own[field]) return;
    change(asLabel('make.do-value', { what: label.toLowerCase() }), (s) => void (s[field] = typed));
  };
  return (
    <label className="text-[15px] font-semibold">
      {label}
      <input
        className="fld mt-1 block font-normal"
        maxLength={60}
        defaultValue={own[field]}
        onBlur={(e) => take(e.target.value.trim())}
      />
    </label>
  );
}

function RoleAndMethod({ own, change }: Part) {
  const words = useWords();
  const catalogue = useCatalogue();
  return (
    <>
      <Pick
        label={words.label('make.role')}
        value={own.role}
        options={ROLES.filter((r) => r !== 'bud').map((r) => ({ value: r, name: words.label(ROLE_NAMES[r]) }))}
        onChange={(role) => change(asLabel('make.do-role'), (s) => void (s.role = role))}
      />
      <Pick
        label={words.label('make.made')}
        value={own.method}
        options={allMethods(catalogue).map((m) => ({ value: m.id, name: words.method(m.id) }))}
        onChange={(method) => change(asLabel('make.do-method'), (s) => void (s.method = method))}
      />
    </>
  );
}

interface Bounds {
  least: number;
  most: number;
}

/** A figure as it is kept: a length in mm, an angle, a gauge. */
function Figure({
  own,
  change,
  label,
  field,
  unit,
  least,
  most,
  step = 1,
}: Part &
  Bounds & { label: string; field: 'pasteMm' | 'hookMm' | 'floorSwg' | 'cupDeg' | 'curlDeg'; unit: string; step?: number }) {
  return (
    <NumberField
      label={label}
      value={own[field]}
      mm={unit === 'mm'}
      unit={unit === 'mm' ? '' : unit}
      least={least}
      most={most}
      step={step}
      onChange={(n) =>
        change(
          asLabel('make.do-value', { what: label.toLowerCase() }),
          (s) => void (s[field] = field === 'floorSwg' ? Math.round(n) : n),
        )
      }
    />
  );
}

/** A share of one, typed in hundredths. */
function Share({
  own,
  change,
  label,
  field,
  least,
  most,
}: Part & Bounds & { label: string; field: 'breakageShare' | 'lengthShare' | 'widthShare' }) {
  return (
    <NumberField
      label={label}
      value={Math.round(own[field] * 100)}
      unit="%"
      least={least}
      most={most}
      onChange={(n) => change(asLabel('make.do-value', { what: label.toLowerCase() }), (s) => void (s[field] = n / 100))}
    />
  );
}

const baseOf = (own: Own) => SPECIES.find((s) => s.id === own.basedOn);

/** How many petals, how long and wide against the first, how cupped and curled; only where the shape has such petals. */
function Petals({ own, change }: Part) {
  const words = useWords();
  const base = baseOf(own);
  if (!base?.shape?.tuned) return null;
  const part = { own, change };
  return (
    <fieldset className="flex flex-wrap gap-4">
      <legend className="pb-1 font-semibold">{words.label('make.petals')}</legend>
      {!isDescribed(own) && (
        <NumberField
          label={words.label('shared.how-many')}
          value={own.petals ?? base.shape?.petals ?? 0}
          unit=""
          least={2}
          most={200}
          onChange={(n) => change(asLabel('make.do-petals', { n }), (s) => void (s.petals = Math.round(n)))}
        />
      )}
      <Share {...part} label={words.label('make.length')} field="lengthShare" least={60} most={150} />
      <Share {...part} label={words.label('make.width')} field="widthShare" least={50} most={180} />
      <Figure {...part} label={words.label('make.cup')} field="cupDeg" unit="°" least={-40} most={60} />
      <Figure {...part} label={words.label('make.curl')} field="curlDeg" unit="°" least={-60} most={60} />
    </fieldset>
  );
}

/** Whether the open stage was described line by line: its petals, paste and wire are changed there. */
const isDescribed = (own: Own): boolean => own.trees[baseOf(own)?.stages.at(-1)?.id ?? ''] !== undefined;

function PasteAndWire({ own, change }: Part) {
  const words = useWords();
  const part = { own, change };
  return (
    <fieldset className="flex flex-wrap gap-4">
      <legend className="pb-1 font-semibold">{words.label('make.paste-and-wire')}</legend>
      {!isDescribed(own) && (
        <>
          <Figure {...part} label={words.label('make.paste-thick')} field="pasteMm" unit="mm" least={0.2} most={6} step={0.1} />
          <Figure {...part} label={words.label('make.thinnest')} field="floorSwg" unit="SWG" least={14} most={35} />
          <Figure {...part} label={words.label('make.hook')} field="hookMm" unit="mm" least={0} most={15} />
        </>
      )}
      <Share {...part} label={words.label('make.breaks')} field="breakageShare" least={0} most={90} />
      <Sizes own={own} onChange={(sizes) => change(asLabel('make.do-sizes'), (s) => void (s.sizesMm = sizes))} />
    </fieldset>
  );
}

/** Takes a species out of the catalogue; one that this job uses stays. */
function TakeOut({ own }: { own: Own }) {
  const words = useWords();
  const used = useStudio(
    (s) =>
      s.project!.arrangements.some((a) => a.pieces.some((p) => p.species === own.id)) ||
      s.project!.brief.choices.some((c) => c.species === own.id),
  );
  const takeOut = () =>
    getStudio().edit(
      asLabel('make.do-away-2', { own: own.name.toLowerCase() }),
      (d) => void (d.catalogue.species = d.catalogue.species.filter((s) => s.id !== own.id)),
    );
  return (
    <div>
      <button className="key" disabled={used} title={used ? words.label('make.it-used-this-job') : undefined} onClick={takeOut}>
        <Trash2 size={20} /> {words.label('make.take-out-catalogue')}
      </button>
      {used && <span className="small pl-3">{words.label('make.it-used-this-job-2')}</span>}
    </div>
  );
}

/** Sizes as one typed line, "30, 24, 20". */
function Sizes({ own, onChange }: { own: Own; onChange(sizes: number[]): void }) {
  const words = useWords();
  const [typed, setTyped] = useState(own.sizesMm.join(', '));
  const sizes = typed
    .split(/[,; ]+/)
    .filter(Boolean)
    .map(Number);
  const bad = sizes.length === 0 || sizes.length > 6 || sizes.some((n) => !(n >= 3 && n <= 250));
  return (
    <label className="text-[15px] font-semibold">
      {words.label('make.sizes-mm')}
      <input
        className={`fld mt-1 block w-[150px] font-normal ${bad ? 'bad' : ''}`}
        value={typed}
        aria-invalid={bad || undefined}
        onChange={(e) => setTyped(e.target.value)}
        onBlur={() => !bad && onChange([...sizes].sort((a, b) => b - a))}
      />
      {bad && (
        <span className="block max-w-56 pt-1 text-[13px] font-normal text-[var(--stop)]">
          {words.label('make.one-six-sizes-3-250')}
        </span>
      )}
    </label>
  );
}
