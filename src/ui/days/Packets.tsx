'use client';

import { PackageOpen } from 'lucide-react';
import { packetFor, writePacket } from '@/core/formats/packetFile';
import { PACKET_FILE_ENDING } from '@/core/formats/endings';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { saveFile } from '../shared/fileAccess';
import { useStudio } from '../useStudio';
import { currentWords, useWords } from '../speech/useWords';

/** Each helper's part as a file that opens in this application; it comes back in Log. */
export function Packets({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const project = useStudio((s) => s.project!);
  if (project.days.makers.length === 0) return null;
  return (
    <section aria-label={words.label('days.packets-for-helpers')} className="mt-4 border-t border-[var(--line)] pt-3">
      <h2>{words.label('days.packets-for-helpers')}</h2>
      <p className="small">{words.label('days.each-carries-one-persons-steps')}</p>
      <ul className="flex flex-wrap gap-3 pt-2">
        {project.days.makers.map((m, i) => {
          const tasks = plan.schedule.filter((p) => p.maker === i + 1).length;
          return (
            <li key={m.id}>
              <button
                className="key"
                disabled={tasks === 0}
                onClick={() => {
                  const packet = packetFor(project, plan, m.id, currentWords());
                  if (packet)
                    void saveFile(
                      `${m.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}${PACKET_FILE_ENDING}`,
                      writePacket(packet),
                    );
                }}
              >
                <PackageOpen size={20} /> {words.label('days.tasks', { tasks, m: m.name })}
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
