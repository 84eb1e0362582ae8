'use client';

import { castDraft } from 'immer';
import { useState } from 'react';
import { allSpecies, speciesById } from '@/core/botany/catalogue';
import { ownCopyOf, type OwnSpecies as Own } from '@/core/botany/ownSpecies';
import { readCatalogueFile, readSpeciesCsv, writeCatalogueFile, writeSpeciesCsv } from '@/core/formats/catalogueFile';
import { CATALOGUE_FILE_ENDING } from '@/core/formats/endings';
import { isMethodsCsv, readMethodsCsv, writeMethodsCsv } from '@/core/formats/methodsTable';
import { changesOf } from '@/core/formats/table';
import type { Project } from '@/core/plan/project';
import { ReadIn, WriteOut } from '../shared/files';
import { saveFile } from '../shared/fileAccess';
import { Portrait } from '../shared/Portrait';
import { getStudio, useStudio } from '../useStudio';
import { BeginFrom } from './BeginFrom';
import { Describe } from './describe/Describe';
import { kindOf } from './ownKind';
import { OwnMethods } from './OwnMethods';
import { OwnSpeciesEditor } from './OwnSpeciesEditor';
import { useCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';
import { capital } from '@/core/words/capital';
import { asLabel } from '@/core/words/asLabel';
import { newId } from '../shared/newId';

const freshId = (): string => `own-${newId().slice(0, 8)}`;

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
      : ownCopyOf({
          base: speciesById(base, catalogue),
          id,
          basedOn: base,
          called: {
            name: capital(words.label('make.own-named', { from: words.species(base)[0] })),
            plural: words.label('make.own-named', { from: words.species(base)[1] }),
            colour: (colourway) => words.colour({ species: base, colourway }),
          },
        });
    getStudio().edit(
      asLabel('make.do-own-species-from', { speciesById: words.species(base)[0] }),
      (d) => void d.catalogue.species.push(castDraft(copy)),
    );
    setOpenId(id);
  };
  return (
    <div className="flex flex-col gap-6">
      <section aria-label={words.label('shared.own-species')} className="flex flex-wrap items-end gap-x-8 gap-y-3">
        <div>
          <h2 className="pb-2">{words.label('make.your-species')}</h2>
          <ul className="flex flex-wrap gap-2">
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
        </div>
        <BeginFrom
          label={words.label('make.copy-it')}
          among={allSpecies(catalogue).map(({ id }) => ({ id, name: capital(words.species(id)[0]) }))}
          value={base}
          onChange={setBase}
          onCopy={add}
        />
      </section>
      {open ? <Describe key={open.id} own={open} /> : <p className="say">{words.label('make.a-copy-can-changed-everything')}</p>}
      <div className="grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
        {open ? <OwnSpeciesEditor key={open.id} own={open} /> : <span />}
        <section aria-label={words.label('make.your-methods')}>
          <CatalogueFiles own={own} />
          <OwnMethods />
        </section>
      </div>
    </div>
  );
}

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
            return 'rows' in result ? { value: { species: [], methods: result.rows }, surplus: result.surplus } : result;
          }
          const result = readSpeciesCsv(text);
          return 'rows' in result ? { value: { species: result.rows, methods: [] }, surplus: result.surplus } : result;
        }}
        changes={(value) => told(value.species, value.methods)}
        onTake={(value) =>
          getStudio().edit(asLabel('make.do-read-a-catalogue'), (d) => {
            d.catalogue.species = castDraft(joined<Own>(d.catalogue.species, value.species));
            d.catalogue.methods = joined(d.catalogue.methods, value.methods);
          })
        }
      />
    </div>
  );
}
