'use client';

import { bodyOf, speciesById, allMethods, methodById } from '@/core/botany/catalogue';
import type { Method } from '@/core/botany/methods';
import { canBeMadeAs } from '@/core/botany/otherWays';
import { batchIn, stepMinutesFor, stepRangeFor } from '@/core/make/kindWork';
import { namedSpares } from '@/core/make/spareParts';
import { careOf } from '@/core/days/settings';
import { stageOf, type Species } from '@/core/botany/species';
import { floorSwgOf } from '@/core/botany/ownSpecies';
import type { TrayKind } from '@/core/make/tray';
import { materialsOf, rolledMm } from '@/core/piece/paste';
import { wiredLines } from '@/core/piece/named';
import { Pick } from '../fields/Pick';
import { BuiltOf } from './BuiltOf';
import { Portrait } from '../shared/Portrait';
import { getStudio, useStudio } from '../useStudio';
import { currentWords, useWords } from '../speech/useWords';
import { useCatalogue } from '../useCatalogue';
import { mmToInches } from '@/core/geometry/units';
import { capital } from '@/core/words/capital';
import { asLabel } from '@/core/words/asLabel';

const PX_PER_MM = 0.78;
const MOST_DRAWN = 40;

export function KindShelf({ kind, open, onOpen }: { kind: TrayKind; open: boolean; onOpen(): void }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const species = speciesById(kind.species, catalogue);
  const share = stageOf(species, kind.stage).sizeShare;
  const name = words.piece(kind)[0];
  const all = kind.sizes.flatMap((s) => Array.from({ length: Math.min(s.count, 60) }, () => s.sizeMm));
  const inTin = all.slice(0, Math.min(kind.fromTin, MOST_DRAWN));
  const drawn = all.slice(kind.fromTin, kind.fromTin + MOST_DRAWN);
  const more = kind.placed - inTin.length - drawn.length;
  const { toMake, placed, fromTin } = kind;
  const told = { tin: fromTin ? 'yes' : 'no', name, toMake, placed, fromTin };
  return (
    <button
      className={`rounded-2xl px-3 py-2 text-left ${open ? 'tray' : ''}`}
      aria-expanded={open}
      aria-label={
        kind.spareParts.length > 0
          ? words.label('make.to-make-parts-tin', { ...told, parts: words.parts(namedSpares(kind.spareParts)) })
          : words.label('make.to-make-spare-tin', { ...told, spares: kind.spares })
      }
      onClick={onOpen}
    >
      <span className="flex max-w-[690px] flex-wrap items-center gap-0.5">
        {inTin.length > 0 && <Tin kind={kind} sizes={inTin} />}
        {drawn.map((mm, i) => (
          <Portrait key={i} kind={{ ...kind, sizeMm: mm }} px={Math.max(12, mm * share * PX_PER_MM * 1.14)} />
        ))}
        {Array.from({ length: kind.spares }, (_, i) => (
          <span key={i} className="rounded-full border-2 border-dotted border-[var(--ink)]">
            <Portrait
              kind={kind}
              px={Math.max(12, (kind.sizes[0]?.sizeMm ?? kind.sizeMm) * share * PX_PER_MM)}
              className="opacity-80"
            />
          </span>
        ))}
        {more > 0 && <span className="small pl-1">{words.label('make.and-more', { more })}</span>}
      </span>
      <span className="mt-1 flex items-center gap-2">
        <b className={`fig text-[1.7rem] leading-none ${kind.toMake === 0 ? 'text-[var(--leaf)]' : ''}`}>{kind.toMake}</b>
        <span>
          <b className="block text-[15px] leading-tight">{capital(name)}</b>
          <span className="small">
            {kind.toMake === 0
              ? words.label('make.all-in-the-tin')
              : kind.spareParts.length > 0
                ? words.label('make.spare-parts', { placed: kind.placed, parts: words.parts(namedSpares(kind.spareParts)) })
                : words.label('make.spare', { placed: kind.placed, spares: kind.spares })}
            {kind.fromTin > 0 && kind.toMake > 0 && words.label('make.in-the-tin', { fromTin: kind.fromTin })}
          </span>
        </span>
      </span>
    </button>
  );
}

/** What the tin holds of a kind, drawn inside it. */
function Tin({ kind, sizes }: { kind: TrayKind; sizes: readonly number[] }) {
  const catalogue = useCatalogue();
  const share = stageOf(speciesById(kind.species, catalogue), kind.stage).sizeShare;
  return (
    <span className="relative mr-1 inline-flex max-w-full flex-wrap items-end gap-0.5 rounded-b-md border-2 border-t-0 border-[var(--ink2)] bg-[var(--well)] px-1.5 pb-1 pt-2.5 before:absolute before:-inset-x-1 before:top-0 before:h-[3px] before:bg-[var(--ink2)]">
      {sizes.map((mm, i) => (
        <Portrait key={i} kind={{ ...kind, sizeMm: mm }} px={Math.max(12, mm * share * PX_PER_MM * 1.14)} />
      ))}
    </span>
  );
}

/** How a kind is made: its stages, its steps with minutes and drying, its wire. */
export function KindCard({ kind }: { kind: TrayKind }) {
  const catalogue = useCatalogue();
  const words = useWords();
  const species = speciesById(kind.species, catalogue);
  const method = methodById(kind.method, catalogue);
  const factor = useStudio((s) => s.plan?.dryFactor ?? 1) * kind.drying.share;
  const care = useStudio((s) => careOf(s.project!.brief.finish));
  const size = kind.sizes[0]?.sizeMm ?? kind.sizeMm;
  const thickness = ([least, most]: readonly [number, number]) =>
    least === most ? words.units.mm(least) : words.units.between(least, most, 1);
  const rolled = rolledMm(bodyOf(kind, catalogue).built.instances);
  return (
    <div>
      <h1>{words.pieceTitle({ species: species.id, stage: species.stages.at(-1)!.id })}</h1>
      <label className="small flex flex-wrap items-center gap-2">
        {words.label('make.made-by')}
        <Pick
          label={words.label('make.how-are-made', { plural: words.species(species.id)[1] })}
          hideLabel
          className="fld text-[15px] text-[var(--ink)]"
          value={method.id}
          options={allMethods(catalogue)
            .filter((m) => canBeMadeAs(species, m))
            .map((m) => ({ value: m.id, name: words.method(m.id) }))}
          onChange={(id) => makeBy(species, id)}
        />
        {words.label('make.paste-thick-batches-of', {
          rolled: rolled ? 'yes' : 'no',
          thick: rolled ? thickness(rolled) : '',
          batch: batchIn(kind.steps),
        })}
      </label>
      <div className="flex items-end gap-6 py-2">
        {species.stages.map((s) => {
          const body = bodyOf({ species: species.id, stage: s.id, sizeMm: size, colourway: kind.colourway }, catalogue);
          // a leaf is called by its cutter, however it dries
          const cutter = body.built.root.part.kind === 'leaf';
          const seenMm = species.habit === 'sprig' ? body.axialMm * 2 : body.radialMm * 2;
          const long = cutter ? size : seenMm;
          return (
            <span key={s.id} className="text-center">
              <Portrait kind={{ ...kind, stage: s.id, sizeMm: size }} px={Math.max(30, Math.min(120, seenMm * 1.25))} />
              <b className="block text-[15px]">
                {words.stage(s)} {words.units.length(long)}
              </b>
              <span className="small">
                {words.units.sign === 'mm' && `${words.units.number(mmToInches(long), 2)} in, `}
                {words.units.gramFigure(body.pasteGrams)} g
              </span>
            </span>
          );
        })}
      </div>
      <BuiltOf kind={kind} />
      <ol className="flex flex-col">
        {kind.steps.map((own, i) => (
          <li key={own.step.id} className="flex min-h-[40px] items-center gap-3 border-t border-[var(--line)] py-1">
            <span className="grid size-7 shrink-0 place-items-center rounded-full border border-[var(--edge)] text-[13px] font-semibold">
              {i + 1}
            </span>
            <span className="min-w-0 grow leading-tight">
              {words.step({ method: method.id, step: own.step.id }).name}
              {own.step.caution && <span className="small block">{words.label(`make.caution-${own.step.caution}`)}</span>}
            </span>
            <span className="shrink-0 text-[15px]">
              {words.units.duration(stepMinutesFor(own, kind.toMake) * kind.pace.share * care)}
            </span>
            <span className="w-[64px] shrink-0 text-right">
              {own.dryHours > 0 && (
                <span className="rounded-lg border border-[var(--dryedge)] bg-[var(--dry)] px-2 py-1 text-[13px]">
                  {Number.isFinite(factor) ? words.units.hours(own.dryHours * factor) : words.label('make.may-not')}
                </span>
              )}
            </span>
          </li>
        ))}
      </ol>
      <MinutesRange kind={kind} care={care} />
      {materialsOf(bodyOf(kind, catalogue).built.instances).map((material) => (
        <p key={material} className="small pt-1">
          {words.label('make.material-kept', { material: capital(words.material(material)), kept: words.kept(material) })}
        </p>
      ))}
      <Craft method={method} />
      <p className="small pt-1">
        {words.label('make.minutes-yours-from-entries-log', {
          from: { 'this kind': 'own', 'same work': 'work', 'other kinds': 'others', 'starting value': 'starting' }[
            kind.pace.from
          ],
          entries: kind.pace.entries,
          sure: words.label(`sure.${kind.pace.sure}`),
          share: words.units.percent(kind.loss.share),
          lossOwn: kind.loss.entries ? 'yes' : 'no',
          spareReason: words.say(kind.spareReason),
          wired: bodyOf(kind, catalogue).built.instances.some((i) => i.part.on.by !== 'nothing') ? 'yes' : 'no',
          floor: floorSwgOf(species),
          wiredParts: wiredLines(bodyOf(kind, catalogue).built.instances)
            .map(({ count, swg, part }) => words.label('make.swg-for-each', { part: count, swg, part2: words.part(part)[0] }))
            .join(''),
        })}
      </p>
    </div>
  );
}

/** All its minutes as usual, of a quick hand, and of first attempts; nothing where a person gave them. */
function MinutesRange({ kind, care }: { kind: TrayKind; care: number }) {
  const words = useWords();
  const ranges = kind.steps.map((s) => stepRangeFor(s, kind.toMake));
  const times = kind.pace.share * care;
  const quick = ranges.reduce((a, r) => a + r.quick, 0) * times;
  const first = ranges.reduce((a, r) => a + r.first, 0) * times;
  const usual = kind.steps.reduce((a, s) => a + stepMinutesFor(s, kind.toMake), 0) * times;
  if (kind.toMake === 0 || first - quick < 1) return null;
  return (
    <p className="small pt-1">
      {words.label('make.minutes-range', {
        usual: words.units.duration(usual),
        count: kind.toMake,
        quick: words.units.duration(quick),
        first: words.units.duration(first),
      })}
    </p>
  );
}

/** This job makes a species another way; back to the catalogue's own way leaves nothing behind. */
const makeBy = (species: Species, method: string): void =>
  getStudio().edit(asLabel('make.do-made-another-way', { plural: currentWords().species(species.id)[1] }), (d) => {
    d.madeBy = d.madeBy.filter((m) => m.species !== species.id);
    if (method !== (species.usualMethod ?? species.method)) d.madeBy.push({ species: species.id, method });
  });

/** What lies ready, in which order to dust, and what a good piece looks like. */
function Craft({ method }: { method: Method }) {
  const words = useWords();
  const { tools, dusting, checks } = words.craft(method.id);
  const parts = [
    { id: 'tools', name: words.label('make.lay-ready'), lines: tools },
    { id: 'dusting', name: words.label('make.dust-in-this-order'), lines: dusting },
    { id: 'checks', name: words.label('make.look-for'), lines: checks },
  ].filter((p) => p.lines.length > 0);
  return (
    <dl className="border-t border-[var(--line)] py-1 text-[15px]">
      {parts.map(({ id, name, lines }) => (
        <div key={name} className="py-1">
          <dt className="font-semibold">{name}</dt>
          <dd className="leading-snug">
            {id === 'checks' ? lines.map((l) => <p key={l}>{l}</p>) : lines.join(id === 'tools' ? ', ' : '; ')}
          </dd>
        </div>
      ))}
    </dl>
  );
}
