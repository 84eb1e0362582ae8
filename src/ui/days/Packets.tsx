'use client';

import { PackageOpen } from 'lucide-react';
import { packetFor, writePacket } from '@/core/formats/packetFile';
import { PACKET_FILE_ENDING } from '@/core/formats/endings';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { saveFile } from '../shared/fileAccess';
import { plural } from '../shared/words';
import { useStudio } from '../useStudio';
import { currentWords } from '../speech/useWords';

/** Each helper's part as a file that opens in this application; it comes back in Log. */
export function Packets({ plan }: { plan: DerivedPlan }) {
  const project = useStudio((s) => s.project!);
  if (project.days.makers.length === 0) return null;
  return (
    <section aria-label="Packets for helpers" className="mt-4 border-t border-[var(--line)] pt-3">
      <h2>Packets for helpers</h2>
      <p className="small">Each carries one person’s steps, counts and pictures. It opens under Helper, and comes back in Log.</p>
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
                <PackageOpen size={20} /> {m.name}: {plural(tasks, 'task')}
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
