'use client';

import { withCount, withCut, withGap, withGauge, withoutWire, withSizes, withStalk } from '@/core/piece/edited';
import { countIn, lineIn, linesIn } from '@/core/piece/treeLines';
import type { Cut } from '@/core/wire/cutting';
import { MATERIALS, type Material } from '@/core/piece/materials';
import { mayBeOf, withMaterial } from '@/core/piece/ofMaterial';
import type { Part } from '@/core/piece/part';
import { spokenMm } from '@/core/piece/said';
import type { ComesOf } from '@/core/plan/comesOf';
import type { Typing } from '@/core/words/typed/typing';
import { NumberField } from '../../fields/NumberField';
import { Pick } from '../../fields/Pick';
import { useWords } from '../../speech/useWords';
import { lineName } from './names';
import type { Described } from './useDescribed';

interface Props {
  described: Described;
  typing: Typing;
  comes: ComesOf;
  lineId: string;
  onChoose(lineId: string): void;
}

const GAUGES = [16, 18, 20, 22, 24, 26, 28, 30, 33] as const;
const CUTS = ['what fits', 'to length', 2, 3, 4, 5, 6] as const;

/** The tree as a table: how many of each line, how large, on which wire, how it is cut, and where. */
export function Lines(props: Props) {
  const words = useWords();
  const { described } = props;
  return (
    <div className="max-w-full overflow-x-auto" tabIndex={0} role="group" aria-label={words.label('describe.lines')}>
      <table className="text-[15px]" aria-label={words.label('describe.lines')}>
        <thead>
          <tr className="small text-left">
            <th scope="col">{words.label('describe.part')}</th>
            <th scope="col">{words.label('describe.many')}</th>
            <th scope="col">{words.label('describe.size')}</th>
            <th scope="col">{words.label('describe.material')}</th>
            <th scope="col">{words.label('describe.wire')}</th>
            <th scope="col">{words.label('describe.cut')}</th>
            <th scope="col">{words.label('describe.stalk')}</th>
            <th scope="col">{words.label('describe.apart')}</th>
          </tr>
        </thead>
        <tbody>
          {linesIn(described.tree).map((part) => (
            <Row key={part.id} part={part} {...props} />
          ))}
        </tbody>
      </table>
    </div>
  );
}

const CELL = 'py-1 pr-3 align-middle';

function Row({ part, described, typing, comes, lineId, onChoose }: Props & { part: Part }) {
  const words = useWords();
  const { tree, change } = described;
  const root = part === tree;
  const name = lineName(words, typing, { tree, part });
  const made = comes.lines.find((l) => l.id === part.id);
  return (
    <tr className={`border-t border-[var(--line)] ${part.id === lineId && !root ? 'bg-[var(--leafwash)]' : ''}`}>
      <th scope="row" className={`${CELL} text-left font-semibold`} style={{ paddingLeft: 8 + depthOf(tree, part.id) * 16 }}>
        {root ? (
          name
        ) : (
          <button
            className="min-h-[44px] text-left underline-offset-4 hover:underline"
            aria-pressed={part.id === lineId}
            onClick={() => onChoose(part.id)}
          >
            {name}
          </button>
        )}
      </th>
      <td className={CELL}>
        {!root && (
          <NumberField
            label={words.label('describe.how-many', { part: name })}
            hideLabel
            value={countIn(part)}
            unit=""
            least={0}
            most={300}
            width={72}
            onChange={(n) => change(withCount(tree, part.id, Math.round(n)), 'describe.do-count')}
          />
        )}
      </td>
      <td className={CELL}>
        <SizeCell part={part} name={name} described={described} />
      </td>
      <td className={CELL}>
        <MaterialCell part={part} name={name} described={described} />
      </td>
      <td className={CELL}>
        <GaugeCell part={part} name={name} described={described} />
      </td>
      <td className={CELL}>
        {part.on.by === 'wire' && (
          <span className="flex items-center gap-2">
            {!root && (
              <Pick<Cut>
                label={words.label('describe.cut-of', { part: name })}
                hideLabel
                value={part.on.cut}
                options={CUTS.map((cut) => ({
                  value: cut,
                  name: words.label('describe.cut-part', {
                    parts: cut === 'to length' ? 'length' : cut === 'what fits' ? 'fits' : cut,
                  }),
                }))}
                onChange={(cut) => change(withCut(tree, part.id, cut), 'describe.do-cut')}
              />
            )}
            {made?.wire && (
              <b className="whitespace-nowrap">{words.units.length(made.wire.cutMm, made.wire.cutMm % 1 === 0 ? 0 : 1)}</b>
            )}
          </span>
        )}
      </td>
      <td className={CELL}>
        {part.on.by === 'wire' && !root && (
          <Mm
            label={words.label('describe.stalk-of', { part: name })}
            value={part.on.stalkMm}
            onChange={(n) => change(withStalk(tree, part.id, n), 'describe.do-stalk')}
          />
        )}
      </td>
      <td className={CELL}>
        <GapCell part={part} name={name} described={described} />
      </td>
    </tr>
  );
}

/** A length of a line, in a cell. */
function Mm({ label, value, least = 0, onChange }: { label: string; value: number; least?: number; onChange(mm: number): void }) {
  return (
    <NumberField
      label={label}
      hideLabel
      mm
      value={spokenMm(value)}
      unit=""
      least={least}
      most={MOST_MM}
      width={92}
      onChange={onChange}
    />
  );
}
const MOST_MM = 200;

interface Cell {
  part: Part;
  name: string;
  described: Described;
}

function SizeCell({ part, name, described: { tree, change } }: Cell) {
  const words = useWords();
  const { many } = part;
  const sizes = many.by === 'run' ? [many.fromMm, many.toMm] : many.by === 'share' ? [many.sizeMm] : many.of.map((s) => s.sizeMm);
  if (part === tree || sizes.every((mm) => mm === 0)) return null;
  const [least, most] = [Math.min(...sizes), Math.max(...sizes)];
  if (many.by === 'sizes' && many.of.length > 1) return <span>{words.units.between(least, most)}</span>;
  const field = (label: string, value: number, take: (n: number) => Part) => (
    <Mm label={label} value={value} least={1} onChange={(n) => change(take(n), 'describe.do-sizes')} />
  );
  const to = field(words.label('describe.to', { part: name }), most, (n) => withSizes(tree, part.id, many.by === 'run' ? many.fromMm : n, n)); // prettier-ignore
  if (many.by !== 'run') return to;
  return (
    <span className="flex items-center gap-1">
      {field(words.label('describe.from', { part: name }), many.fromMm, (n) => withSizes(tree, part.id, n, many.toMm))}–{to}
    </span>
  );
}

function MaterialCell({ part, name, described: { tree, first, change } }: Cell) {
  const words = useWords();
  if (!part.form) return null;
  return (
    <Pick<Material>
      label={words.label('describe.material-of', { part: name })}
      hideLabel
      value={part.form.material}
      options={MATERIALS.filter((m) => mayBeOf(part, m)).map((m) => ({ value: m, name: words.material(m) }))}
      onChange={(material) => change(withMaterial(tree, part.id, material, first), 'describe.do-material')}
    />
  );
}

function GaugeCell({ part, name, described: { tree, first, change } }: Cell) {
  const words = useWords();
  const { on } = part;
  // what nobody puts on a wire of its own has none to choose
  const had = lineIn(first, part.id)?.on ?? on;
  if (on.by === 'fine wires') return <span>{words.gauge(on.swg)}</span>;
  if (on.by === 'nothing' && had.by === 'nothing' && !WIREABLE.includes(part.kind))
    return <span className="small">{words.label('describe.no-wire')}</span>;
  const now = on.by === 'wire' ? on.swg : null;
  const gauges = [...new Set([...GAUGES, ...(now === null ? [] : [now])])].sort((a, b) => a - b);
  return (
    <Pick<number | null>
      label={words.label('describe.gauge-of', { part: name })}
      hideLabel
      value={now}
      options={[
        ...(part === tree ? [] : [{ value: null, name: words.label('describe.no-wire') }]),
        ...gauges.map((swg) => ({ value: swg, name: words.gauge(swg) })),
      ]}
      onChange={(swg) => change(swg === null ? withoutWire(tree, part.id) : withGauge(tree, part.id, swg), 'describe.do-gauge')}
    />
  );
}

const WIREABLE: readonly Part['kind'][] = ['leaf', 'petal', 'berry', 'bud', 'floret'];

function GapCell({ part, name, described: { tree, change } }: Cell) {
  const words = useWords();
  const { habit } = part;
  if (!('gapMm' in habit) || countIn(part) < 2) return null;
  const [tip, foot] = typeof habit.gapMm === 'number' ? [habit.gapMm, habit.gapMm] : habit.gapMm;
  const field = (label: string, value: number, take: (n: number) => readonly [number, number]) => (
    <Mm label={label} value={value} onChange={(n) => change(withGap(tree, part.id, take(n)), 'describe.do-gap')} />
  );
  return (
    <span className="flex items-center gap-1">
      {field(words.label('describe.apart-tip', { part: name }), tip, (n) => [n, foot])}–
      {field(words.label('describe.apart-foot', { part: name }), foot, (n) => [tip, n])}
    </span>
  );
}

const depthOf = (tree: Part, id: string): number => {
  const within = tree.parts.find((p) => linesIn(p).some((q) => q.id === id));
  return within ? 1 + depthOf(within, id) : 0;
};
