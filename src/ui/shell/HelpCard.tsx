'use client';

import { Dialog } from './Dialog';
import { useWords } from '../speech/useWords';
import { HELP } from './help';
import { STATIONS, type StationId } from './stations';

/** Why the station one stands at works as it does. */
export function HelpCard({ here, onClose }: { here: StationId | null; onClose(): void }) {
  const { why, lines } = HELP[here ?? 'jobs'];
  const words = useWords();
  const name = words.label(STATIONS.find((s) => s.id === here)?.name ?? 'shared.jobs');
  return (
    <Dialog title={name} wide={620} onClose={onClose}>
      <p className="text-[19px]">{words.label(why)}</p>
      <ul className="flex flex-col gap-2 pt-3">
        {lines.map((line) => (
          <li key={line} className="border-l-4 border-[var(--leaf)] pl-3">
            {words.label(line)}
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
