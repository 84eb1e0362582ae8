'use client';

import { Dialog } from './Dialog';
import { HELP } from './help';
import { STATIONS, type StationId } from './stations';

/** Why the station one stands at works as it does. */
export function HelpCard({ here, onClose }: { here: StationId | null; onClose(): void }) {
  const { why, lines } = HELP[here ?? 'jobs'];
  const name = STATIONS.find((s) => s.id === here)?.name ?? 'Jobs';
  return (
    <Dialog title={name} wide={620} onClose={onClose}>
      <p className="text-[19px]">{why}</p>
      <ul className="flex flex-col gap-2 pt-3">
        {lines.map((line) => (
          <li key={line} className="border-l-4 border-[var(--leaf)] pl-3">
            {line}
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
