'use client';

import type { LabelKey } from '@/core/words/words';
import { Printer } from 'lucide-react';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { NotPrinted } from '../shared/NotPrinted';
import { paperFonts } from '../shared/paperFonts';
import { saveFile } from '../shared/fileAccess';
import { getStudio, useStudio } from '../useStudio';
import type { Devices as Switched } from '@/data/studio';
import { currentWords, useWords } from '../speech/useWords';

const DEVICES = [
  { id: 'sensor', name: 'log.room-sensor' },
  { id: 'scale', name: 'log.kitchen-scale' },
  { id: 'printer', name: 'log.label-printer' },
] as const satisfies readonly { id: keyof Switched; name: LabelKey }[];

/** Stand-ins for devices: simulated, and called so wherever they speak. */
export function Devices({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const devices = useStudio((s) => s.devices);
  const { name, brief } = useStudio((s) => s.project!);
  const print = async () => {
    const { boxLabels, simulatedLabelPrinter } = await import('@/core/formats/labelsPdf');
    const printer = simulatedLabelPrinter(await paperFonts(), currentWords().messages.locale);
    const labels = boxLabels(plan.tray, { name, leavesAt: brief.leavesAt }, currentWords());
    void saveFile('labels.pdf', new Uint8Array(await printer.print(labels)), 'application/pdf');
  };
  return (
    <section aria-label={words.label('log.devices')} className="min-w-0">
      <h2>{words.label('log.devices-simulated')}</h2>
      <p className="small">{words.label('log.none-these-real-device-each')}</p>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2 pt-2">
        {DEVICES.map(({ id, name: device }) => (
          <label key={id} className="flex min-h-[44px] items-center gap-2 text-[15px]">
            <input
              type="checkbox"
              className="size-5"
              checked={devices[id]}
              onChange={(e) => getStudio().setDevices({ ...devices, [id]: e.target.checked })}
            />
            {words.label('log.simulated', { words: words.label(device) })}
          </label>
        ))}
        {devices.printer && (
          <button className="key" onClick={() => void print()}>
            <Printer size={20} /> {words.label('log.labels-for-the-boxes')}
          </button>
        )}
        {devices.printer && <NotPrinted />}
      </div>
    </section>
  );
}
