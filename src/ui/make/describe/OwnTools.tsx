'use client';

import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { nearestTool, sizesIn, veinerFor, withTools } from '@/core/piece/cutters';
import { CUT_OUTLINES, TOOL_KINDS, type OwnTool } from '@/core/piece/tools';
import { lineIn } from '@/core/piece/treeLines';
import { NumberField } from '../../fields/NumberField';
import { Pick } from '../../fields/Pick';
import { newId } from '../../shared/newId';
import { useWords } from '../../speech/useWords';
import { getStudio, useStudio } from '../../useStudio';
import type { Described } from './useDescribed';

const keep = (tools: OwnTool[]) => getStudio().setHabits({ ...getStudio().habits, tools });

/** The cutters, moulds and veiners that this person has: what the chosen line is cut with, and the list. */
export function OwnTools({ described, lineId }: { described: Described; lineId: string }) {
  const words = useWords();
  const tools = useStudio((s) => s.habits.tools);
  return (
    <details className="border-t border-[var(--line)] pt-1">
      <summary className="min-h-[44px] cursor-pointer py-2.5 font-semibold">
        {words.label('describe.tools', { count: tools.length })}
      </summary>
      <CutWith described={described} lineId={lineId} tools={tools} />
      <ul>
        {tools.map((tool) => (
          <li key={tool.id} className="flex flex-wrap items-center gap-3 py-1 text-[15px]">
            <b>{tool.name}</b> {words.label('describe.tool', toldOf(tool, words))}
            <button
              className="key px-2.5"
              aria-label={words.label('make.take-out', { c: tool.name })}
              onClick={() => keep(tools.filter((t) => t.id !== tool.id))}
            >
              <Trash2 size={18} />
            </button>
          </li>
        ))}
      </ul>
      <NewTool tools={tools} />
    </details>
  );
}

const toldOf = (
  { kind, outline, longMm, wideMm }: Pick<OwnTool, 'kind' | 'outline' | 'longMm' | 'wideMm'>,
  words: ReturnType<typeof useWords>,
) => ({
  kind,
  outline: words.label(`outline.${outline}`),
  long: words.units.length(longMm, longMm % 1 === 0 ? 0 : 1),
  wide: words.units.length(wideMm, wideMm % 1 === 0 ? 0 : 1),
});

/** What each size of a line is cut with, the nearest there is, and one press that takes those sizes. */
function CutWith({
  described: { tree, change },
  lineId,
  tools,
}: {
  described: Described;
  lineId: string;
  tools: readonly OwnTool[];
}) {
  const words = useWords();
  const part = lineIn(tree, lineId);
  if (!part || part.form?.as !== 'sheet' || tools.length === 0) return null;
  const { form } = part;
  const sizes = sizesIn(part);
  const rows = sizes.map((sizeMm) => ({
    sizeMm,
    given: nearestTool(form, sizeMm, tools),
    veiner: veinerFor(form, sizeMm, tools),
  }));
  if (rows.every((r) => !r.given && !r.veiner)) return <p className="small pb-2">{words.label('describe.tool-none')}</p>;
  const next = withTools(tree, lineId, tools);
  return (
    <div className="pb-2">
      <ul className="text-[15px]">
        {rows.map(({ sizeMm, given, veiner }) => (
          <li key={sizeMm}>
            {words.label('describe.tool-for', {
              size: words.units.length(sizeMm, 1),
              cut: given ? 'yes' : 'no',
              name: given?.tool.name ?? '',
              gives: given ? words.units.length(given.longMm, 1) : '',
              cuts: given?.cuts ?? 1,
              vein: veiner ? 'yes' : 'no',
              veiner: veiner?.name ?? '',
            })}
          </li>
        ))}
      </ul>
      {next !== tree && rows.some((r) => r.given && Math.abs(r.given.longMm - r.sizeMm) > 0.05) && (
        <button className="key mt-2" onClick={() => change(next, 'describe.do-sizes')}>
          {words.label('describe.tool-take')}
        </button>
      )}
    </div>
  );
}

/** A further one, as it is measured. */
function NewTool({ tools }: { tools: OwnTool[] }) {
  const words = useWords();
  const [draft, setDraft] = useState<Omit<OwnTool, 'id'>>({ kind: 'cutter', name: '', outline: 'ovate', longMm: 30, wideMm: 18 });
  const set = (change: Partial<typeof draft>) => setDraft((d) => ({ ...d, ...change }));
  const name = draft.name.trim();
  return (
    <div className="flex flex-wrap items-end gap-3 py-2">
      <label className="text-[15px] font-semibold">
        {words.label('shared.name')}
        <input
          className="fld mt-1 block font-normal"
          maxLength={40}
          value={draft.name}
          onChange={(e) => set({ name: e.target.value })}
        />
      </label>
      <Pick<OwnTool['kind']>
        label={words.label('describe.tool-kind')}
        value={draft.kind}
        options={TOOL_KINDS.map((kind) => ({ value: kind, name: words.label(`tool.${kind}`) }))}
        onChange={(kind) => set({ kind })}
      />
      <Pick<OwnTool['outline']>
        label={words.label('describe.tool-outline')}
        value={draft.outline}
        options={CUT_OUTLINES.map((outline) => ({ value: outline, name: words.label(`outline.${outline}`) }))}
        onChange={(outline) => set({ outline })}
      />
      <NumberField
        label={words.label('describe.tool-long')}
        mm
        value={draft.longMm}
        unit=""
        least={2}
        most={200}
        width={110}
        onChange={(longMm) => set({ longMm })}
      />
      <NumberField
        label={words.label('describe.tool-wide')}
        mm
        value={draft.wideMm}
        unit=""
        least={1}
        most={200}
        width={110}
        onChange={(wideMm) => set({ wideMm })}
      />
      <button
        className="key"
        disabled={!name || tools.length >= 200}
        onClick={() => {
          keep([...tools, { ...draft, name, id: newId() }]);
          set({ name: '' });
        }}
      >
        <Plus size={20} /> {words.label('describe.tool-add')}
      </button>
    </div>
  );
}
