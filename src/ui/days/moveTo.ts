import { dayText, wallToText } from '@/core/days/clock';
import type { PlannedTask } from '@/core/plan/daysOf';
import { currentWords } from '../speech/useWords';
import { getStudio } from '../useStudio';
import { asLabel } from '@/core/words/asLabel';

/** Wants tasks on a day: the rest follows; what cannot be is said beside the task. */
export function moveTo(ids: readonly string[], day: number): void {
  const text = dayText(day);
  getStudio().edit(asLabel('days.do-work-to', { day: currentWords().units.longDay(day) }), (d) => {
    d.days.pins = d.days.pins.filter((p) => !ids.includes(p.task));
    for (const task of ids) d.days.pins.push({ task, day: text });
  });
}

/** Ticks tasks as done when they were planned, or takes the ticks away. */
export function setDone(planned: readonly PlannedTask[], done: boolean, schedule: readonly PlannedTask[]): void {
  getStudio().edit(done ? asLabel('days.do-work-done') : asLabel('days.do-work-not-done'), (d) => {
    const ids = planned.map((p) => p.id);
    // from the first tick on one goes by the plan, so that what is left stays where it is
    if (done && d.days.kept.length === 0)
      d.days.kept = schedule.map((p) => ({ task: p.id, maker: p.maker, from: wallToText(p.from) }));
    d.days.done = d.days.done.filter((x) => !ids.includes(x.task));
    if (done) for (const p of planned) d.days.done.push({ task: p.id, from: wallToText(p.from), to: wallToText(p.to) });
  });
}

/** Leaves tasks to the rule again. */
export function setFree(ids: readonly string[]): void {
  getStudio().edit(asLabel('days.do-work-where-fits-best'), (d) => {
    d.days.pins = d.days.pins.filter((p) => !ids.includes(p.task));
  });
}
