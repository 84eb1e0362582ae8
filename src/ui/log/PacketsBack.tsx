'use client';

import { FolderInput } from 'lucide-react';
import { useState } from 'react';
import { doubtsOf, mergePacket, readPacket, type Merged } from '@/core/formats/packetFile';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { textOfFile } from '../shared/fileAccess';
import { OpenFile } from '../shared/OpenFile';
import { getStudio, useStudio } from '../useStudio';
import { useWords } from '../speech/useWords';
import type { Fact } from '@/core/facts/fact';
import { asLabel } from '@/core/words/asLabel';

/** Packets come back: what they bring is said first; nothing is counted twice, and what cannot be told is left to the person. */
export function PacketsBack({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const project = useStudio((s) => s.project!);
  const [waiting, setWaiting] = useState<{ helper: string; merged: Merged } | null>(null);
  const [fault, setFault] = useState<Fact | null>(null);
  const doubts = doubtsOf(project.log, plan.tray);
  const open = (text: string) => {
    setWaiting(null);
    const read = readPacket(text);
    if ('refused' in read) return setFault(read.refused);
    const merged = mergePacket(project, read.packet, plan.tray);
    if ('refused' in merged) return setFault(merged.refused);
    setFault(null);
    setWaiting({ helper: read.packet.helper, merged });
  };
  return (
    <section aria-label={words.label('log.packets-from-helpers')} className="min-w-0">
      <h2>{words.label('log.packets-from-helpers')}</h2>
      <div className="flex flex-wrap items-center gap-3 pt-2">
        <OpenFile
          name={words.label('log.packet-file')}
          accept={{ 'application/json': ['.json'] }}
          onFile={(f) => void textOfFile(f).then((read) => ('text' in read ? open(read.text) : setFault(read.why)))}
        >
          <FolderInput size={20} /> {words.label('log.a-packet-comes-back')}
        </OpenFile>
        {waiting && (
          <span role="status" className="well flex flex-wrap items-center gap-3 px-3 py-2 text-[15px]">
            {waiting.helper}:{' '}
            {waiting.merged.added === 1
              ? words.label('log.1-new-entry')
              : words.label('log.new-entries', { added: waiting.merged.added })}
            {waiting.merged.conflicts.length > 0 &&
              words.label('log.things-which-only-one-can', { conflicts: waiting.merged.conflicts.length })}
            .
            <button
              className="key"
              onClick={() => {
                getStudio().edit(
                  asLabel('log.do-packet-of', { helper: waiting.helper }),
                  (d) => void (d.log = [...waiting.merged.log]),
                );
                setWaiting(null);
              }}
            >
              {words.label('shared.take-it-in')}
            </button>
            <button className="key" onClick={() => setWaiting(null)}>
              {words.label('shared.leave-it')}
            </button>
          </span>
        )}
      </div>
      {fault && (
        <p role="alert" className="pt-2 text-[15px] text-[var(--stop)]">
          {words.say(fault)}
        </p>
      )}
      {doubts.map((d) => (
        <p key={JSON.stringify(d)} className="mt-2 rounded-xl bg-[var(--nextwash)] px-3 py-2 text-[15px]">
          {words.say(d)}
        </p>
      ))}
    </section>
  );
}
