import { methodById, speciesById, type Catalogue } from '../botany/catalogue';
import { stepMinutes } from '../botany/methods';
import { clamp } from '../geometry/numbers';
import { ownMinutes } from '../log/own';
import { PLAQUE_DRY_HOURS, PLAQUE_MINUTES } from '../make/plaque';
import type { TrayKind } from '../make/tray';
import { cut, type Batch, type Cutting } from './batches';
import { thicknessFactor } from './drying';
import type { SittingFact, TaskDetail, TaskName } from './facts';
import type { NetworkTask } from './network';
import type { Work } from './schedule';

/** A task with what the day list says of it. Minutes of work; drying after it in hours, in this room. */
export interface Task extends Work {
  name: TaskName;
  detail: TaskDetail | null;
  strand: string;
  /** key of the tray; empty for what is done for all together */
  kind: string;
  step: string;
  pieces: number;
  minutes: number;
  dryHours: number;
  /** what is written of its drying */
  dryNote: SittingFact | null;
}

interface BenchWork {
  catalogue: Catalogue;
  joints: number;
  entries: number;
  barrierMinutes: number;
  /** plaques to roll and cut */
  plaques: number;
  /** some pieces are wired; else everything is glued */
  wired: boolean;
  /** how much longer than everyday work every step takes */
  care: number;
  /** for one joint, as this person tapes */
  jointMinutes: number;
  /** nothing is placed before; not said where it does not matter */
  cakeReadyAt?: number;
}

/** Minutes at the bench that are not in a method: starting values made up for the product. */
export const BENCH_MINUTES = { mixEach: 6, jointEach: 3, entryEach: 4, boxing: 15, lookRound: 10 } as const;

/** Minutes timed at the bench are logged under this kind, steps done as pieces made. */
export const TAPING = 'taping';
/** Farther from the starting minutes than so many times is a slip of the timer, not a pace. */
const MOST_PACE = 4;

/** Minutes for a joint: the starting value, drawn to what this person was timed at. */
export function ownJointMinutes(log: readonly { kind: string; made: number; minutes: number | null }[]): number {
  const timed = log.filter((e) => e.kind === TAPING && e.minutes !== null && e.minutes > 0 && e.made > 0);
  const { minutes } = ownMinutes(
    BENCH_MINUTES.jointEach,
    timed.map((e) => e.minutes! / e.made),
  );
  return clamp(minutes, BENCH_MINUTES.jointEach / MOST_PACE, BENCH_MINUTES.jointEach * MOST_PACE);
}

/** True veiners, full dusting, a wire to each leaf: times as long. A starting value made up for the product. */
const SHOWPIECE_MINUTES = 1.5;
export const careOf = (finish: 'everyday' | 'showpiece'): number => (finish === 'showpiece' ? SHOWPIECE_MINUTES : 1);

/** A step's own word for who can do it. */
const skillOf = (step: string): Task['skill'] =>
  step === 'dust' || step === 'steam' ? 'dusting' : step === 'assemble' ? 'taping' : 'making';

/**
 * Every method step of every kind as tasks that fit into a sitting, then taping, barriers, boxing and placing. Each strand in
 * order, drying between; a batch waits for those of the step before that hold its pieces.
 */
export function tasksOf(
  tray: readonly TrayKind[],
  work: BenchWork,
  colours: number,
  dryFactor: number,
  cutting: Cutting = { dryingMargin: 1.5, most: () => Infinity, places: Infinity },
): Task[] {
  if (tray.length === 0) return [];
  const factor = Number.isFinite(dryFactor) ? dryFactor : 3;
  const tasks: Task[] = [];
  /** tasks of equal weight, in parts where a sitting cannot hold them; what comes next waits for all of them */
  const add = (task: Task, inTurn = false): Task['after'] => {
    const parts = Math.max(1, Math.ceil(task.minutes / Math.max(5, cutting.most(task.skill)) - 1e-9));
    let before = task.after;
    const ids: { id: string; wait: number }[] = [];
    for (let k = 1; k <= parts; k++) {
      const id = parts === 1 ? task.id : `${task.id}|${k}`;
      const name = { ...task.name, values: { ...task.name.values, part: k, parts } } as TaskName;
      const minutes = task.minutes / parts;
      tasks.push({ ...task, id, name, minutes, duration: wholeFive(minutes), after: before });
      const link = { id, wait: task.dryHours * 60 * cutting.dryingMargin };
      if (inTurn) before = [link];
      ids.push(link);
    }
    return inTurn ? before : ids;
  };
  const mixed = add(
    plain(
      'mix',
      { code: 'task.mix', values: WHOLE },
      { code: 'detail.colours', values: { count: colours } },
      Math.max(10, colours * BENCH_MINUTES.mixEach),
      [],
      'mixing',
    ),
  );
  const ends: { id: string; wait: number }[] = [];
  for (const kind of tray) {
    if (kind.toMake === 0) continue;
    const species = speciesById(kind.species, work.catalogue);
    const method = methodById(kind.method, work.catalogue);
    let before: (Batch & { link: { id: string; wait: number } })[] = mixed.map((link) => ({
      from: 0,
      to: Infinity,
      part: 1,
      parts: 1,
      link,
    }));
    for (const step of method.steps) {
      const skill = skillOf(step.id);
      const share = work.care * kind.pace.share;
      const minutesOf = (pieces: number) => stepMinutes(step, method.batch, pieces) * share;
      const dryHours =
        step.dryHours * factor * kind.drying.share * thicknessFactor(species.pasteMm, species.practicePasteMm ?? species.pasteMm);
      const batches = cut(kind.toMake, method.batch, minutesOf, cutting.most(skill), cutting.places);
      const several = batches.length > 1;
      before = batches.map((b, i) => {
        const id = several ? `${kind.key}|${step.id}|${i + 1}` : `${kind.key}|${step.id}`;
        const pieces = b.to - b.from;
        const minutes = minutesOf(pieces) / b.parts;
        const earlier = b.part > 1 ? [{ id: `${kind.key}|${step.id}|${i}`, wait: 0 }] : [];
        tasks.push({
          id,
          duration: wholeFive(minutes),
          after: [...before.filter((x) => x.from < b.to && b.from < x.to && x.part === x.parts).map((x) => x.link), ...earlier],
          name: {
            code: 'task.step',
            values: {
              piece: { species: kind.species, stage: kind.stage },
              step: { method: method.id, step: step.id },
              part: i + 1,
              parts: batches.length,
            },
          },
          detail: step.dryHours ? { code: 'detail.drying', values: { hours: dryHours } } : null,
          strand: species.id,
          kind: kind.key,
          step: step.id,
          pieces,
          minutes,
          dryHours,
          dryNote:
            (step.noted ?? step.dryNote) ? { code: 'dry.step', values: { drying: { method: method.id, step: step.id } } } : null,
          skill,
          likeness: `${method.id}|${step.id}`,
          dries:
            dryHours > 0 ? { pool: step.dryOn ?? 'rack', places: pieces, minutes: dryHours * 60 * cutting.dryingMargin } : null,
        });
        return { ...b, link: { id, wait: dryHours * 60 * cutting.dryingMargin } };
      });
    }
    ends.push(...before.filter((x) => x.part === x.parts).map((x) => x.link));
  }
  if (work.plaques > 0) {
    const dryHours = PLAQUE_DRY_HOURS * factor;
    ends.push(
      ...add({
        ...plain(
          'plaque',
          { code: 'task.plaque', values: { count: work.plaques, ...WHOLE } },
          { code: 'detail.plaque-drying', values: { hours: dryHours } },
          work.plaques * PLAQUE_MINUTES,
          mixed,
          'making',
        ),
        dryHours,
        dryNote: { code: 'dry.plaque', values: {} },
      }),
    );
  }
  const taped = add(
    plain(
      'tape',
      { code: !work.wired ? 'task.glue' : work.joints > 0 ? 'task.tape-sprays' : 'task.tape-stems', values: WHOLE },
      !work.wired
        ? { code: 'detail.glue', values: {} }
        : work.joints > 0
          ? { code: 'detail.joints', values: { count: work.joints } }
          : { code: 'detail.stems', values: {} },
      Math.max(15, Math.max(work.joints, tray.reduce((a, k) => a + k.placed, 0) * 0.5) * work.jointMinutes),
      ends,
      'taping',
    ),
  );
  const goIn = { count: work.entries };
  const fitted = add(
    plain(
      'barriers',
      { code: 'task.barriers', values: WHOLE },
      { code: 'detail.barriers', values: goIn },
      Math.max(10, work.barrierMinutes),
      taped,
      'taping',
    ),
  );
  const boxed = add(
    plain(
      'box',
      { code: 'task.box', values: WHOLE },
      { code: 'detail.box', values: {} },
      BENCH_MINUTES.boxing,
      fitted,
      'placing',
    ),
  );
  const place = plain(
    'place',
    { code: 'task.place', values: WHOLE },
    { code: 'detail.place', values: goIn },
    work.entries * BENCH_MINUTES.entryEach + BENCH_MINUTES.lookRound,
    boxed,
    'placing',
  );
  add(work.cakeReadyAt === undefined ? place : { ...place, notBefore: work.cakeReadyAt }, true);
  return tasks;
}

/** Sittings are laid out in steps of five minutes. */
const wholeFive = (minutes: number): number => Math.max(5, Math.ceil(minutes / 5 - 1e-9) * 5);

/** A task that is not parted. */
const WHOLE = { part: 1, parts: 1 } as const;

const plain = (
  id: string,
  name: TaskName,
  detail: TaskDetail,
  minutes: number,
  after: NetworkTask['after'],
  skill: Task['skill'],
): Task => ({
  id,
  name,
  detail,
  strand: 'all',
  kind: '',
  step: id,
  pieces: 0,
  minutes,
  duration: wholeFive(minutes),
  dryHours: 0,
  dryNote: null,
  after,
  skill,
  likeness: id,
  dries: null,
});
