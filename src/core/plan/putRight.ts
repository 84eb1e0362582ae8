import { visible } from '../boundary/parts';
import type { Issue } from '../boundary/refusal';
import type { ValueRefusal } from '../boundary/refusals';
import { withKnownStages } from './knownStages';
import type { Project } from './project';

/** Air holds no more water than this and still dries anything, as a share. */
const MOST_HUMIDITY_SHARE = 0.99;

/**
 * A job without what passes its schema and cannot be so: stages and colours that a species does not have, hours that run backwards, air
 * that is wet through, names that nobody can see. With what was put right, each with its path.
 */
export function putRight(project: Project): { project: Project; repaired: Issue[] } {
  const stages = withKnownStages(project);
  const repaired = [...stages.repaired];
  const put = structuredClone(stages.project);
  const note = (path: string, why: ValueRefusal, expected: string, received: string) =>
    repaired.push({ path, expected, received, why });

  const turn = <T extends string | number>(path: string, from: T, to: T, swap: () => void) => {
    if (from <= to) return;
    const met = `${from} – ${to}`;
    note(path, { code: 'refusal.backwards', values: { met } }, `${to} – ${from}`, met);
    swap();
  };
  const hours = (week: Project['brief']['hours'], path: string) =>
    week.forEach((h, i) => {
      if (h) turn(`${path}.${i}`, h.fromMinute, h.toMinute, () => ([h.fromMinute, h.toMinute] = [h.toMinute, h.fromMinute]));
    });
  hours(put.brief.hours, 'brief.hours');
  put.days.makers.forEach((m, i) => hours(m.hours, `days.makers.${i}.hours`));
  const stretches = (all: { from: string; to: string }[], path: string) =>
    all.forEach((s, i) => turn(`${path}.${i}`, s.from, s.to, () => ([s.from, s.to] = [s.to, s.from])));
  stretches(put.brief.busy, 'brief.busy');
  stretches(put.days.done, 'days.done');

  const dry = (air: { humidityShare: number }, path: string) => {
    const met = `${air.humidityShare}`;
    if (air.humidityShare <= MOST_HUMIDITY_SHARE) return;
    const limit = `${MOST_HUMIDITY_SHARE}`;
    note(`${path}.humidityShare`, { code: 'refusal.more', values: { met, limit } }, `<= ${limit}`, met);
    air.humidityShare = MOST_HUMIDITY_SHARE;
  };
  dry(put.brief.room, 'brief.room');
  put.notes.forEach((n, i) => n.what === 'air' && dry(n, `notes.${i}`));

  if (!visible(put.name)) {
    note('name', { code: 'refusal.empty', values: {} }, put.id, put.name);
    put.name = put.id;
  }
  return repaired.length ? { project: put, repaired } : { project, repaired };
}
