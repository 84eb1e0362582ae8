import { minutesForOne } from '../make/kindWork';
import type { TrayKind } from '../make/tray';
import { countedLog, type LogEntry } from '../log/entries';
import { must } from '../geometry/must';

/** What was planned of a kind and what really happened. */
export interface LookBackRow {
  key: string;
  wanted: number;
  made: number;
  broken: number;
  /** by the starting values, for as many as were made and broken */
  plannedMinutes: number;
  /** logged, untimed pieces counted like the timed ones; null where nothing was timed */
  realMinutes: number | null;
  /** pieces whose minutes were taken */
  timed: number;
}

/** Planned against real of every kind that was logged. */
export function lookBack(tray: readonly TrayKind[], log: readonly LogEntry[], care: number): LookBackRow[] {
  const own = countedLog(log);
  return tray.flatMap((kind) => {
    const entries = own.filter((e) => e.kind === kind.key);
    const made = entries.reduce((a, e) => a + e.made, 0);
    const broken = entries.reduce((a, e) => a + e.broken, 0);
    if (made + broken === 0) return [];
    const withTime = entries.filter((e) => e.minutes !== null && e.minutes > 0 && e.made + e.broken > 0);
    const timed = withTime.reduce((a, e) => a + e.made + e.broken, 0);
    const minutes = withTime.reduce((a, e) => a + must(e.minutes), 0);
    return [
      {
        key: kind.key,
        wanted: kind.toMake,
        made,
        broken,
        plannedMinutes: minutesForOne(kind.steps) * care * (made + broken),
        realMinutes: timed > 0 ? (minutes / timed) * (made + broken) : null,
        timed,
      },
    ];
  });
}

/**
 * Minutes of the whole job as it really went: where a kind was timed, its real minutes take the place of the planned ones for
 * the pieces that were made. `plannedMinutes` are those of the whole plan at this person's pace.
 */
export function realMinutes(
  rows: readonly LookBackRow[],
  tray: readonly TrayKind[],
  plannedMinutes: number,
  care: number,
): number {
  return rows.reduce((all, row) => {
    const kind = tray.find((k) => k.key === row.key);
    if (!kind || row.realMinutes === null) return all;
    const planned = minutesForOne(kind.steps) * care * kind.pace.share * kind.toMake;
    const real = (row.realMinutes / (row.made + row.broken)) * Math.max(kind.toMake, row.made + row.broken);
    return all - planned + real;
  }, plannedMinutes);
}
