import { dayText } from '@/core/days/clock';
import { getStudio } from '../useStudio';

/** Wants tasks on a day: the rest follows; what cannot be is said beside the task. */
export function moveTo(ids: readonly string[], day: number): void {
  const text = dayText(day);
  getStudio().edit(`work to ${text}`, (d) => {
    d.days.pins = d.days.pins.filter((p) => !ids.includes(p.task));
    for (const task of ids) d.days.pins.push({ task, day: text });
  });
}

/** Leaves tasks to the rule again. */
export function setFree(ids: readonly string[]): void {
  getStudio().edit('work where it fits best', (d) => {
    d.days.pins = d.days.pins.filter((p) => !ids.includes(p.task));
  });
}
