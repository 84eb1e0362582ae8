'use client';

import { useEffect, useMemo, useState } from 'react';
import { wallFromText, wallToText, weekdayOf } from '@/core/days/clock';
import { DROPOUT_MINUTES, dryAt, dryingFactor, sameDryingAir, type Air } from '@/core/days/drying';
import { airsOf } from '@/core/log/entries';
import { READ_EVERY_MINUTES, readBetween, simulatedRoomSensor } from '@/core/log/devices/roomSensor';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { NumberField } from '../fields/NumberField';
import { useWidth } from '../shared/useWidth';
import { getStudio, useStudio } from '../useStudio';
import { addNotes, textNow } from './addEntry';
import { useWords } from '../speech/useWords';
import { asLabel } from '@/core/words/asLabel';

const SENSOR = simulatedRoomSensor(7);
const DAYS_SHOWN = 3;
/** Damper than this paste dries slowly. */
const SLOW_SHARE = 0.6;

/** The air of the room over three days, by hand or from the simulated sensor; and what it does to drying. */
export function RoomAir({ plan }: { plan: DerivedPlan }) {
  const words = useWords();
  const notes = useStudio((s) => s.project!.notes);
  const room = useStudio((s) => s.project!.brief.room);
  const sensor = useStudio((s) => s.devices.sensor);
  const [now, setNow] = useState<number | null>(null);
  useEffect(() => {
    const tick = () => setNow(wallFromText(textNow()));
    tick();
    const timer = setInterval(tick, 60_000);
    return () => clearInterval(timer);
  }, []);
  const written = useMemo(() => airsOf(notes).map((a): Air & { from: string } => ({ ...a, at: wallFromText(a.at) })), [notes]);
  const from = (now ?? 0) - DAYS_SHOWN * 1440;
  const told = useMemo(() => (sensor && now !== null ? readBetween(SENSOR, now - DAYS_SHOWN * 1440, now) : []), [sensor, now]);
  const known = new Set(written.map((a) => a.at));
  const fresh = told.filter((a) => !known.has(a.at));
  const readings: Air[] = [...written.filter((a) => a.at >= from), ...fresh].sort((a, b) => a.at - b.at);
  const last = readings.at(-1);
  const stopped = sensor && now !== null && last !== undefined && now - last.at > 2 * READ_EVERY_MINUTES;
  const same = sameDryingAir(readings);
  const slower = same ? dryingFactor(same.celsius, same.humidityShare) / dryingFactor(room.celsius, room.humidityShare) : 1;
  const petals = plan.tasks.find((t) => t.dryHours >= 8);
  const standardHours = petals && Number.isFinite(plan.dryFactor) ? petals.dryHours / plan.dryFactor : 12;
  const dry = now !== null && last ? dryAt(last.at - 8 * 60, standardHours, readings, room) : null;
  return (
    <section aria-label={words.label('log.the-air-room')} className="pt-5">
      <h1>{words.label('log.the-air-room')}</h1>
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2">
        {last && (
          <p className="leading-tight">
            <b className="fig text-[2.4rem]">{Math.round(last.humidityShare * 100)}</b> {words.label('log.humidity')}
            <b className="fig block text-[1.4rem]">{words.units.number(last.celsius, 1)} °C</b>
            {sensor && (
              <span className="small rounded-md border border-dashed border-[var(--edge)] px-2">
                {words.label('log.simulated-sensor')}
              </span>
            )}
          </p>
        )}
        {readings.length > 1 && now !== null && <AirLine readings={readings} from={from} to={now} />}
      </div>
      {stopped && last && (
        <p role="alert" className="mt-2 rounded-xl bg-[var(--nextwash)] px-3 py-2 text-[15px]">
          {words.label('log.the-sensor-has-not-answered', {
            since: words.units.time(last.at),
            hours: DROPOUT_MINUTES / 60,
          })}
        </p>
      )}
      {same && (
        <p className="say pt-2">
          {Number.isFinite(slower)
            ? Math.abs(slower - 1) < 0.05
              ? words.label('log.it-dries-as-days-reckons')
              : words.label('log.it-dries-slower-than-days', {
                  how: slower > 1 ? 'slower' : 'faster',
                  share: words.units.percent(Math.abs(slower - 1)),
                })
            : words.label('log.in-this-air-paste-may')}
          {dry &&
            ` ${words.label('log.petals-set-out-dry-about', { unread: dry.unread > 0.3 ? 'yes' : 'no', out: words.units.time(last!.at - 8 * 60), dry: `${words.units.weekday(weekdayOf(dry.at), 'short')} ${words.units.time(dry.at)}` })}`}
        </p>
      )}
      <div className="flex flex-wrap items-end gap-3 pt-2">
        <ByHand />
        {fresh.length > 0 && (
          <button
            className="key"
            onClick={() =>
              addNotes(
                asLabel('log.do-readings-of-the-air', { fresh: fresh.length }),
                fresh.map((a) => ({
                  what: 'air' as const,
                  at: wallToText(a.at),
                  celsius: a.celsius,
                  humidityShare: a.humidityShare,
                  from: 'simulated sensor' as const,
                })),
              )
            }
          >
            {words.label('log.write-down-readings', { fresh: fresh.length })}
          </button>
        )}
        {same && Math.abs(slower - 1) >= 0.05 && (
          <button
            className="key"
            onClick={() =>
              getStudio().edit(asLabel('log.do-the-air-room-into-days'), (d) => {
                d.brief.room = {
                  celsius: Math.round(same.celsius * 10) / 10,
                  humidityShare: Math.round(same.humidityShare * 1000) / 1000,
                };
              })
            }
          >
            {words.label('log.put-it-in-days')}
          </button>
        )}
      </div>
      {!last && <p className="small pt-1">{words.label('log.no-reading-yet-write-one')}</p>}
    </section>
  );
}

function ByHand() {
  const words = useWords();
  const [celsius, setCelsius] = useState(20);
  const [humidity, setHumidity] = useState(50);
  return (
    <>
      <NumberField
        label={words.label('log.temperature-read')}
        value={celsius}
        unit="°C"
        width={92}
        least={-10}
        most={60}
        onChange={setCelsius}
      />
      <NumberField
        label={words.label('log.humidity-read')}
        value={humidity}
        unit="%"
        width={92}
        least={0}
        most={100}
        onChange={setHumidity}
      />
      <button
        className="key"
        onClick={() =>
          addNotes(asLabel('log.do-air-of-the-room'), [{ what: 'air', celsius, humidityShare: humidity / 100, from: 'hand' }])
        }
      >
        {words.label('shared.write-it-down')}
      </button>
    </>
  );
}

const HIGH = 110;

/** Humidity over the last days; above the dashes it dries slowly. A drop-out is a gap. */
function AirLine({ readings, from, to }: { readings: readonly Air[]; from: number; to: number }) {
  const words = useWords();
  const [box, width] = useWidth<SVGSVGElement>(320);
  const x = (at: number) => ((at - from) / (to - from)) * (width - 8) + 4;
  const y = (share: number) => 86 - ((Math.min(0.9, Math.max(0.3, share)) - 0.3) / 0.6) * 80;
  const runs: Air[][] = [];
  for (const r of readings) {
    const run = runs.at(-1);
    if (run && r.at - run.at(-1)!.at <= DROPOUT_MINUTES) run.push(r);
    else runs.push([r]);
  }
  const days = Array.from({ length: DAYS_SHOWN + 1 }, (_, i) => Math.ceil(from / 1440) * 1440 + i * 1440).filter((d) => d < to);
  return (
    <svg
      ref={box}
      viewBox={`0 0 ${width} ${HIGH}`}
      className="h-[110px] min-w-56 grow"
      role="img"
      aria-label={words.label('log.humidity-over-days-between', {
        days: DAYS_SHOWN,
        least: words.units.percent(Math.min(...readings.map((r) => r.humidityShare))),
        most: words.units.percent(Math.max(...readings.map((r) => r.humidityShare))),
      })}
    >
      <path d={`M4 ${y(SLOW_SHARE)}H${width - 4}`} stroke="var(--dryedge)" strokeDasharray="5 4" />
      <text x="4" y={y(SLOW_SHARE) - 5} fontSize="13" fill="var(--ink2)">
        {words.label('log.above-60-slow')}
      </text>
      {runs.map((run) => {
        const line = run.map((r, i) => `${i ? 'L' : 'M'}${x(r.at).toFixed(1)} ${y(r.humidityShare).toFixed(1)}`).join('');
        const damp = `M${x(run[0]!.at)} ${y(SLOW_SHARE)}${run.map((r) => `L${x(r.at).toFixed(1)} ${Math.min(y(r.humidityShare), y(SLOW_SHARE)).toFixed(1)}`).join('')}L${x(run.at(-1)!.at)} ${y(SLOW_SHARE)}Z`;
        return (
          <g key={run[0]!.at}>
            <path d={damp} fill="var(--dry)" />
            <path d={line} fill="none" stroke="var(--ink)" strokeWidth="2" />
          </g>
        );
      })}
      <circle cx={x(readings.at(-1)!.at)} cy={y(readings.at(-1)!.humidityShare)} r="4.5" fill="var(--ink)" />
      <path d={`M4 90H${width - 4}`} stroke="var(--line)" />
      {days.map((d) => (
        <text key={d} x={x(d)} y="106" fontSize="13" fill="var(--ink2)">
          {words.units.shortDay(d)}
        </text>
      ))}
    </svg>
  );
}
