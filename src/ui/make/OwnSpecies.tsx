'use client';

import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { allSpecies, bodyOf, SPECIES, speciesById, allMethods } from '@/core/botany/catalogue';
import { ownCopyOf, type OwnSpecies as Own } from '@/core/botany/ownSpecies';
import { ROLES, type Role } from '@/core/botany/species';
import { readCatalogueFile, readSpeciesCsv, writeCatalogueFile, writeSpeciesCsv } from '@/core/formats/catalogueFile';
import { CATALOGUE_FILE_ENDING } from '@/core/formats/endings';
import { isMethodsCsv, readMethodsCsv, writeMethodsCsv } from '@/core/formats/methodsTable';
import { changesOf } from '@/core/formats/table';
import type { Project } from '@/core/plan/project';
import { NumberField } from '../shared/fields';
import { ReadIn, WriteOut } from '../shared/files';
import { saveFile } from '../shared/fileAccess';
import { Portrait } from '../shared/Portrait';
import { getStudio, useStudio } from '../useStudio';
import { BeginFrom } from './BeginFrom';
import { Colourways, Months } from './OwnColourways';
import { OneOfIt } from './OneOfIt';
import { OwnMethods } from './OwnMethods';
import { useCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';
import { capital } from '@/core/words/capital';
import type { LabelKey } from '@/core/words/words';
import { asLabel, type Label } from '@/core/words/asLabel';

const freshId = (): string => `own-${crypto.randomUUID().slice(0, 8)}`;

const roleNames = {
  focal: 'make.focal-flower',
  secondary: 'make.secondary-flower',
  spray: 'make.spray-flower',
  filler: 'make.filler',
  bud: 'make.bud',
  berry: 'make.berry',
  foliage: 'make.foliage',
} as const satisfies Record<Role, LabelKey>;

/** Species and methods of the person's own: copied from one that ships, changed with its picture beside, kept as files. */
export function OwnSpecies() {
  const words = useWords();
  const catalogue = useCatalogue();
  const own = useStudio((s) => s.project!.catalogue);
  const [openId, setOpenId] = useState<string | null>(null);
  const [base, setBase] = useState('blossom');
  const open = own.species.find((s) => s.id === openId) ?? own.species[0] ?? null;
  const add = () => {
    const id = freshId();
    const from = own.species.find((s) => s.id === base);
    const copy = from
      ? { ...from, id, name: words.label('make.copy-named', { from: from.name }).slice(0, 60) }
      : ownCopyOf(speciesById(base, catalogue), id, base, {
          name: capital(words.label('make.own-named', { from: words.species(base)[0] })),
          plural: words.label('make.own-named', { from: words.species(base)[1] }),
          colour: (colourway) => words.colour({ species: base, colourway }),
        });
    getStudio().edit(
      asLabel('make.do-own-species-from', { speciesById: words.species(base)[0] }),
      (d) => void d.catalogue.species.push(copy as Own),
    );
    setOpenId(id);
  };
  return (
    <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.6fr)]">
      <section aria-label={words.label('shared.own-species')}>
        <h2 className="pb-2">{words.label('make.your-species')}</h2>
        <ul className="flex flex-wrap gap-2 pb-3">
          {own.species.map((s) => (
            <li key={s.id}>
              <button
                className={`well flex min-w-[104px] flex-col items-center px-3 py-2 ${s.id === open?.id ? 'mark' : ''}`}
                aria-pressed={s.id === open?.id}
                onClick={() => setOpenId(s.id)}
              >
                <Portrait kind={kindOf(s)} px={54} />
                <b className="max-w-[120px] truncate text-[15px]">{s.name}</b>
              </button>
            </li>
          ))}
        </ul>
        <BeginFrom
          label={words.label('make.copy-it')}
          among={allSpecies(catalogue).map(({ id }) => ({ id, name: capital(words.species(id)[0]) }))}
          value={base}
          onChange={setBase}
          onCopy={add}
        />
        <CatalogueFiles own={own} />
        <OwnMethods />
      </section>
      {open ? <Editor key={open.id} own={open} /> : <p className="say">{words.label('make.a-copy-can-changed-everything')}</p>}
    </div>
  );
}

const kindOf = (s: Own, stage = 'open') => ({
  species: s.id,
  stage,
  sizeMm: Math.max(...s.sizesMm),
  colourway: s.colourways[0]!.id,
});

function CatalogueFiles({ own }: { own: Project['catalogue'] }) {
  const words = useWords();
  const told = (species: readonly Own[], methods: Project['catalogue']['methods']) => {
    const [a, b] = [changesOf(own.species, species), changesOf(own.methods, methods)];
    return { added: a.added.length + b.added.length, changed: a.changed.length + b.changed.length, gone: 0 };
  };
  /** what comes in stands beside what is there, and in place of what has the same id: pieces on the cake keep their species */
  const joined = <T extends { id: string }>(before: readonly T[], after: readonly T[]): T[] => [
    ...before.filter((x) => !after.some((y) => y.id === x.id)),
    ...after,
  ];
  return (
    <div className="flex flex-wrap items-center gap-3 pt-4">
      <WriteOut
        label={words.label('shared.catalogue')}
        disabled={own.species.length + own.methods.length === 0}
        onPress={() => void saveFile(`own${CATALOGUE_FILE_ENDING}`, writeCatalogueFile(own))}
      />
      <WriteOut
        label={words.label('make.species-as-csv')}
        disabled={own.species.length === 0}
        onPress={() => void saveFile('species.csv', writeSpeciesCsv(own.species), 'text/csv')}
      />
      <WriteOut
        label={words.label('make.methods-as-csv')}
        disabled={own.methods.length === 0}
        onPress={() => void saveFile('methods.csv', writeMethodsCsv(own.methods), 'text/csv')}
      />
      <ReadIn
        label={words.label('make.read-a-catalogue')}
        accept={{ 'application/json': ['.json'], 'text/csv': ['.csv'] }}
        read={(text) => {
          if (text.trimStart().startsWith('{')) {
            const result = readCatalogueFile(text);
            return 'catalogue' in result ? { value: result.catalogue } : result;
          }
          if (isMethodsCsv(text)) {
            const result = readMethodsCsv(text);
            return 'rows' in result ? { value: { species: [], methods: result.rows } } : result;
          }
          const result = readSpeciesCsv(text);
          return 'rows' in result ? { value: { species: result.rows, methods: [] } } : result;
        }}
        changes={(value) => told(value.species, value.methods)}
        onTake={(value) =>
          getStudio().edit(asLabel('make.do-read-a-catalogue'), (d) => {
            d.catalogue.species = joined(d.catalogue.species, value.species) as Own[];
            d.catalogue.methods = joined(d.catalogue.methods, value.methods);
          })
        }
      />
    </div>
  );
}

function Editor({ own }: { own: Own }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const used = useStudio(
    (s) =>
      s.project!.arrangements.some((a) => a.pieces.some((p) => p.species === own.id)) ||
      s.project!.brief.choices.some((c) => c.species === own.id),
  );
  const change = (what: Label, recipe: (s: Own) => void) =>
    getStudio().edit(asLabel('make.do-own-changed', { own: own.name.toLowerCase(), what: words.tell(what) }), (d) => {
      const found = d.catalogue.species.find((s) => s.id === own.id);
      if (found) recipe(found as Own);
    });
  const species = speciesById(own.id, catalogue);
  const base = SPECIES.find((s) => s.id === own.basedOn)!;
  const counts = (base.shape.counts?.(base.stages[base.stages.length - 1]!.open) ?? []).filter((c) => !c.retired);
  const number = (
    label: string,
    key: keyof Own & ('pasteMm' | 'hookMm' | 'floorSwg' | 'cupDeg' | 'curlDeg'),
    unit: string,
    least: number,
    most: number,
    step = 1,
  ) => (
    <NumberField
      label={label}
      value={own[key]}
      mm={unit === 'mm'}
      unit={unit === 'mm' ? '' : unit}
      least={least}
      most={most}
      step={step}
      onChange={(n) =>
        change(
          asLabel('make.do-value', { what: label.toLowerCase() }),
          (s) => void (s[key] = key === 'floorSwg' ? Math.round(n) : n),
        )
      }
    />
  );
  const share = (label: string, key: 'breakageShare' | 'lengthShare' | 'widthShare', least: number, most: number) => (
    <NumberField
      label={label}
      value={Math.round(own[key] * 100)}
      unit="%"
      least={least}
      most={most}
      onChange={(n) => change(asLabel('make.do-value', { what: label.toLowerCase() }), (s) => void (s[key] = n / 100))}
    />
  );
  return (
    <section aria-label={words.label('make.change', { own: own.name })} className="flex flex-col gap-4">
      <div className="flex flex-wrap items-end gap-6">
        {[...species.stages].reverse().map((stage) => {
          const body = bodyOf(kindOf(own, stage.id), catalogue);
          const mm = species.habit === 'sprig' ? body.axialMm * 2 : body.radialMm * 2;
          return (
            <span key={stage.id} className="text-center">
              <Portrait
                kind={kindOf(own, stage.id)}
                px={stage.open === 1 ? 220 : 90}
                alt={`${own.name}, ${words.stage(stage)}`}
              />
              <b className="block text-[15px]">
                {words.stage(stage)} {words.units.length(mm)}, {words.units.gramFigure(body.massGrams)} g
              </b>
            </span>
          );
        })}
      </div>
      <div className="flex flex-wrap gap-4">
        {(
          [
            [words.label('shared.name'), 'name'],
            [words.label('make.of-many'), 'plural'],
          ] as const
        ).map(([label, key]) => (
          <label key={key} className="text-[15px] font-semibold">
            {label}
            <input
              className="fld mt-1 block font-normal"
              maxLength={60}
              defaultValue={own[key]}
              onBlur={(e) =>
                e.target.value.trim() &&
                e.target.value !== own[key] &&
                change(asLabel('make.do-value', { what: label.toLowerCase() }), (s) => void (s[key] = e.target.value.trim()))
              }
            />
          </label>
        ))}
        <label className="text-[15px] font-semibold">
          {words.label('make.role')}
          <select
            className="fld mt-1 block font-normal"
            value={own.role}
            onChange={(e) =>
              change(asLabel('make.do-role'), (s) => void (s.role = ROLES.find((r) => r === e.target.value) ?? s.role))
            }
          >
            {ROLES.filter((r) => r !== 'bud').map((r) => (
              <option key={r} value={r}>
                {words.label(roleNames[r])}
              </option>
            ))}
          </select>
        </label>
        <label className="text-[15px] font-semibold">
          {words.label('make.made')}
          <select
            className="fld mt-1 block font-normal"
            value={own.method}
            onChange={(e) => change(asLabel('make.do-method'), (s) => void (s.method = e.target.value))}
          >
            {allMethods(catalogue).map((m) => (
              <option key={m.id} value={m.id}>
                {words.method(m.id)}
              </option>
            ))}
          </select>
        </label>
      </div>
      {base.shape.tuned && (
        <fieldset className="flex flex-wrap gap-4">
          <legend className="pb-1 font-semibold">{words.label('make.petals')}</legend>
          <NumberField
            label={words.label('shared.how-many')}
            value={own.petals ?? base.shape.petals ?? 0}
            unit=""
            least={2}
            most={200}
            onChange={(n) => change(asLabel('make.do-petals', { n }), (s) => void (s.petals = Math.round(n)))}
          />
          {share(words.label('make.length'), 'lengthShare', 60, 150)}
          {share(words.label('make.width'), 'widthShare', 50, 180)}
          {number(words.label('make.cup'), 'cupDeg', '°', -40, 60)}
          {number(words.label('make.curl'), 'curlDeg', '°', -60, 60)}
        </fieldset>
      )}
      {counts.length > 0 && (
        <fieldset className="flex flex-wrap gap-4">
          <legend className="pb-1 font-semibold">{words.label('make.built-of')}</legend>
          {counts.map((c) => (
            <NumberField
              key={c.id}
              label={words.counts(c.called ?? c.id)}
              value={own.counts[c.id] ?? c.count}
              unit=""
              least={c.least}
              most={c.most}
              onChange={(n) =>
                change(
                  asLabel('make.do-value', { what: words.counts(c.called ?? c.id).toLowerCase() }),
                  (s) => void (s.counts[c.id] = Math.round(n)),
                )
              }
            />
          ))}
        </fieldset>
      )}
      <fieldset className="flex flex-wrap gap-4">
        <legend className="pb-1 font-semibold">{words.label('make.paste-and-wire')}</legend>
        {number(words.label('make.paste-thick'), 'pasteMm', 'mm', 0.2, 6, 0.1)}
        {number(words.label('make.thinnest'), 'floorSwg', 'SWG', 14, 35)}
        {number(words.label('make.hook'), 'hookMm', 'mm', 0, 15)}
        {share(words.label('make.breaks'), 'breakageShare', 0, 90)}
        <Sizes own={own} onChange={(sizes) => change(asLabel('make.do-sizes'), (s) => void (s.sizesMm = sizes))} />
      </fieldset>
      <Months own={own} change={change} />
      <Colourways own={own} change={change} />
      <OneOfIt own={own} />
      <div>
        <button
          className="key"
          disabled={used}
          title={used ? words.label('make.it-used-this-job') : undefined}
          onClick={() =>
            getStudio().edit(
              asLabel('make.do-away-2', { own: own.name.toLowerCase() }),
              (d) => void (d.catalogue.species = d.catalogue.species.filter((s) => s.id !== own.id)),
            )
          }
        >
          <Trash2 size={20} /> {words.label('make.take-out-catalogue')}
        </button>
        {used && <span className="small pl-3">{words.label('make.it-used-this-job-2')}</span>}
      </div>
    </section>
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
