'use client';

import { Download } from 'lucide-react';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { catalogueWith } from '@/core/botany/catalogue';
import { countedLog } from '@/core/log/entries';
import { writePacket, type Packet } from '@/core/formats/packetFile';
import { PACKET_FILE_ENDING } from '@/core/formats/endings';
import { saveFile } from '../shared/fileAccess';
import { TrayFields } from '../log/TrayFields';
import { Portrait } from '../shared/Portrait';
import { wallFromText } from '@/core/days/clock';
import { leavesWords } from '../shared/words';
import { getStudio, useStudio } from '../useStudio';
import { BARRIERS } from '@/core/place/barrier';
import { OtherCatalogue } from '../useCatalogue';
import { useWords } from '../speech/useWords';

/** A helper's own bench: the steps, counts and pictures of a packet; what is done goes back in it. */
export function HelperStation() {
  const words = useWords();
  const packet = useStudio((s) => s.packet);
  if (!packet) {
    return (
      <div className="px-6 pt-6">
        <h1>{words.label('helper.no-packet-is-open')}</h1>
        <p className="say mt-2">{words.label('helper.open-file-you-were-given')}</p>
        <Link href="/jobs" className="next mt-4">
          {words.label('shared.jobs')}
        </Link>
      </div>
    );
  }
  return <Bench key={packet.actor} packet={packet} />;
}

function Bench({ packet }: { packet: Packet }) {
  const words = useWords();
  const catalogue = useMemo(
    () => ({ ...catalogueWith({ ...packet.catalogue, cutters: [], madeBy: [] }), barriers: BARRIERS }),
    [packet.catalogue],
  );
  const log = countedLog(packet.log);
  const days = [...new Set(packet.tasks.map((t) => t.from.slice(0, 10)))];
  return (
    <OtherCatalogue value={catalogue}>
      <div className="px-6 pb-6">
        <div className="flex flex-wrap items-end gap-3 pb-3">
          <div className="grow">
            <h1>{words.label('helper.for', { helper: packet.helper, job: packet.job })}</h1>
            <p className="sub">{leavesWords(packet.leavesAt, words)}</p>
          </div>
          <button
            className="next"
            onClick={() =>
              void saveFile(
                `${packet.helper.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-back${PACKET_FILE_ENDING}`,
                writePacket(packet),
              )
            }
          >
            <Download size={20} /> {words.label('helper.send-it-back')}
          </button>
          <button className="key" onClick={() => getStudio().closePacket()}>
            {words.label('helper.close-the-packet')}
          </button>
        </div>
        <ul className="grid gap-3 md:grid-cols-2 xl:grid-cols-3" aria-label={words.label('helper.what-to-make')}>
          {packet.kinds.map((k) => {
            const own = log.filter((e) => e.kind === k.key);
            const made = own.reduce((a, e) => a + e.made, 0);
            return (
              <li key={k.key} className="well flex items-start gap-4 px-4 py-3">
                <Portrait kind={k} px={84} className="size-[84px] shrink-0 self-start" />
                <div className="grow">
                  <b className="block text-lg">{k.name}</b>
                  <span className="block text-[15px]">{words.label('helper.of-made', { made, wanted: k.wanted })}</span>
                  <Count kindKey={k.key} name={k.name} />
                </div>
              </li>
            );
          })}
        </ul>
        {days.map((day) => (
          <section key={day} aria-label={words.units.longDay(wallFromText(`${day}T00:00`))} className="pt-5">
            <h2>{words.units.longDay(wallFromText(`${day}T00:00`))}</h2>
            <ul>
              {packet.tasks
                .filter((t) => t.from.startsWith(day))
                .map((t) => (
                  <li key={t.id} className="border-t border-[var(--line)] py-2">
                    <b>
                      {words.label('helper.step-time', {
                        from: words.units.time(wallFromText(t.from)),
                        to: words.units.time(wallFromText(t.to)),
                        pieces: t.pieces,
                        t: t.name,
                      })}
                    </b>
                    <ul className="list-disc pl-6 text-[15px]">
                      {t.how.map((h) => (
                        <li key={h}>{h}</li>
                      ))}
                      {t.dry && <li>{t.dry}</li>}
                    </ul>
                  </li>
                ))}
            </ul>
          </section>
        ))}
      </div>
    </OtherCatalogue>
  );
}

/** So many made and broken, and in how many minutes if one looked at the clock. */
function Count({ kindKey, name }: { kindKey: string; name: string }) {
  const words = useWords();
  const [counted, setCounted] = useState({ made: 1, broken: 0, minutes: 0 });
  const { made, broken, minutes } = counted;
  return (
    <div className="flex flex-wrap items-end gap-2 pt-2">
      <TrayFields counted={counted} onChange={setCounted} />
      <button
        className="key"
        disabled={made + broken === 0}
        aria-label={words.label('helper.write-down', { name })}
        onClick={() => getStudio().packetEntry({ kind: kindKey, made, broken, minutes: minutes > 0 ? minutes : null })}
      >
        {words.label('shared.write-it-down')}
      </button>
    </div>
  );
}
