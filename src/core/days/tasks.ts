import { methodById, type Catalogue } from '../botany/catalogue';
import type { Method } from '../botany/methods';
import { clamp } from '../geometry/numbers';
import { ownMinutes } from '../log/own';
import { PLAQUE_DRY_HOURS, PLAQUE_MINUTES } from '../make/plaque';
import { stepMinutesFor, type KindStep } from '../make/kindWork';
import type { TrayKind } from '../make/tray';
import { cut, type Batch, type Cutting } from './batches';
import type { SittingFact, TaskDetail, TaskName } from './facts';
import type { Work } from './schedule';
import { must } from '../geometry/must';

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

/** What a task waits for, and how many minutes of drying after it. */
type Link = Task['after'][number];

/** What there is to do beside the methods' own steps, and what decides how long all of it takes. */
interface BenchWork {
  catalogue: Catalogue;
  /** colours of paste to mix */
  colours: number;
  /** how many times as long as in a plain room everything dries; what is not a number counts as 3 */
  dryFactor: number;
  joints: number;
  /** what goes in or is set down, on all equal cakes together */
  entries: number;
  barriers: number;
  barrierMinutes: number;
  /** equal cakes that are made */
  cakes: number;
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

/** Into which lot of paste each task that rolls some falls, by its id, from 0; those that are not named into the first. */
export type Lots = ReadonlyMap<string, number>;
export const ONE_LOT: Lots = new Map();

/** Minutes at the bench that are not in a method: starting values made up for the product. */
export const BENCH_MINUTES = { mixEach: 6, jointEach: 3, entryEach: 4, boxing: 15, lookRound: 10, eachMore: 2 } as const;

/** Minutes timed at the bench are logged under this kind, steps done as pieces made. */
export const TAPING = 'taping';
/** Farther from the starting minutes than so many times is a slip of the timer, not a pace. */
const MOST_PACE = 4;

/** Minutes for a joint: the starting value, drawn to what this person was timed at. */
export function ownJointMinutes(log: readonly { kind: string; made: number; minutes: number | null }[]): number {
  const timed = log.filter((e) => e.kind === TAPING && e.minutes !== null && e.minutes > 0 && e.made > 0);
  const { minutes } = ownMinutes(
    BENCH_MINUTES.jointEach,
    timed.map((e) => must(e.minutes) / e.made),
  );
  return clamp(minutes, BENCH_MINUTES.jointEach / MOST_PACE, BENCH_MINUTES.jointEach * MOST_PACE);
}

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
  cutting: Cutting = { dryingMargin: 1.5, most: () => Infinity, places: Infinity },
  lots: Lots = ONE_LOT,
): Task[] {
  if (tray.length === 0) return [];
  const list = new TaskList(cutting, { ...work, dryFactor: Number.isFinite(work.dryFactor) ? work.dryFactor : 3 }, lots);
  const mixed = list.addMixing(tray);
  const made = tray.filter((kind) => kind.toMake > 0).flatMap((kind) => list.addSteps(kind, mixed));
  const rolled = work.plaques > 0 ? list.add(list.plaques(mixed)) : [];
  const taped = list.add(taping(tray, list.work, [...made, ...rolled]));
  const fitted = work.barriers > 0 ? list.add(fittingBarriers(work, taped)) : taped;
  list.addInTurn(placing(work, list.add(boxing(work, fitted))));
  return list.tasks;
}

/** A batch of a step that waits for the one before it, and what is waited for afterwards. */
type Made = Batch & { link: Link };

class TaskList {
  readonly tasks: Task[] = [];

  constructor(
    private readonly cutting: Cutting,
    readonly work: BenchWork,
    private readonly lots: Lots = ONE_LOT,
  ) {}

  /** what each lot of paste is waited for by; one where all of it is mixed at once */
  private mixed: (readonly Link[])[] = [];

  /** Every colour at once, or lot by lot the colours that are rolled out of it; gives what the first is waited for by. */
  addMixing(tray: readonly TrayKind[]): Link[] {
    const lots = 1 + Math.max(0, ...this.lots.values());
    this.mixed = Array.from({ length: lots }, (_, i) => {
      const colours = lots === 1 ? this.work.colours : this.coloursOf(i, tray);
      return this.add(mixing(colours, { lot: i + 1, lots }));
    });
    return [...must(this.mixed[0])];
  }

  /** How many colours are rolled out of a lot; a plaque's own paste is one where nothing else is. */
  private coloursOf(lot: number, tray: readonly TrayKind[]): number {
    const rolled = [...this.lots].filter(([, of]) => of === lot).map(([id]) => id);
    const kinds = tray.filter((k) => rolled.some((id) => id.startsWith(`${k.key}|`)));
    return Math.max(1, new Set(kinds.map((k) => `${k.species}|${k.colourway}`)).size);
  }

  /** What a task waits for with its paste taken from its own lot: later lots are mixed for those that roll of them alone. */
  private ofItsLot(id: string, after: readonly Link[]): Link[] {
    const lot = this.lots.get(id) ?? 0;
    if (lot === 0) return [...after];
    const first = new Set(must(this.mixed[0]).map((l) => l.id));
    return [...after.filter((l) => !first.has(l.id)), ...must(this.mixed[lot])];
  }

  /** A task in parts of equal weight where a sitting cannot hold it; what comes next waits for all of them. */
  add(task: Task): Link[] {
    return this.parts(task).map((part) => this.push(part));
  }

  /** The same, each part after the one before; what comes next waits for the last. */
  addInTurn(task: Task): Link[] {
    let before = task.after;
    for (const part of this.parts(task)) before = [this.push({ ...part, after: before })];
    return [...before];
  }

  private push(task: Task): Link {
    this.tasks.push(task);
    return { id: task.id, wait: this.waitMinutes(task.dryHours) };
  }

  private parts(task: Task): Task[] {
    const parts = Math.max(1, Math.ceil(task.minutes / Math.max(5, this.cutting.most(task.skill)) - 1e-9));
    const minutes = task.minutes / parts;
    return Array.from({ length: parts }, (_, k) => ({
      ...task,
      id: parts === 1 ? task.id : `${task.id}|${k + 1}`,
      name: { ...task.name, values: { ...task.name.values, part: k + 1, parts } } as TaskName,
      minutes,
      duration: wholeFive(minutes),
    }));
  }

  /** In whole minutes, so that nothing begins a part of one too soon. */
  private readonly waitMinutes = (dryHours: number): number =>
    Math.max(0, Math.ceil(dryHours * 60 * this.cutting.dryingMargin - 1e-6));

  /** All steps of one kind; gives what its last step has to be waited for. */
  addSteps(kind: TrayKind, mixed: readonly Link[]): Link[] {
    const method = methodById(kind.method, this.work.catalogue);
    let before: Made[] = mixed.map((link) => ({ from: 0, to: Infinity, part: 1, parts: 1, link }));
    for (const step of kind.steps) before = this.addStep(kind, method, step, before);
    return before.filter((x) => x.part === x.parts).map((x) => x.link);
  }

  private addStep(kind: TrayKind, method: Method, own: KindStep, before: readonly Made[]): Made[] {
    const { step } = own;
    const skill = skillOf(step.id);
    const share = this.work.care * kind.pace.share;
    const minutesOf = (pieces: number) => stepMinutesFor(own, pieces) * share;
    const dryHours = this.dryHoursOf(kind, own);
    const batches = cut({
      pieces: kind.toMake,
      batch: method.batch,
      minutesOf,
      mostMinutes: this.cutting.most(skill),
      places: this.cutting.places,
    });
    const idOf = (i: number) => (batches.length > 1 ? `${kind.key}|${step.id}|${i + 1}` : `${kind.key}|${step.id}`);
    const stepRef = { method: method.id, step: step.id };
    return batches.map((batch, i) => {
      const pieces = batch.to - batch.from;
      const minutes = minutesOf(pieces) / batch.parts;
      const holdingThem = before.filter((x) => x.from < batch.to && batch.from < x.to && x.part === x.parts);
      const partBefore = batch.part > 1 ? [{ id: idOf(i - 1), wait: 0 }] : [];
      const link = this.push({
        id: idOf(i),
        duration: wholeFive(minutes),
        after: this.ofItsLot(idOf(i), [...holdingThem.map((x) => x.link), ...partBefore]),
        name: {
          code: 'task.step',
          values: { piece: { species: kind.species, stage: kind.stage }, step: stepRef, part: i + 1, parts: batches.length },
        },
        detail: own.dryHours ? { code: 'detail.drying', values: { hours: dryHours } } : null,
        strand: kind.species,
        kind: kind.key,
        step: step.id,
        pieces,
        minutes,
        dryHours,
        dryNote: (step.noted ?? step.dryNote) ? { code: 'dry.step', values: { drying: stepRef } } : null,
        skill,
        likeness: `${method.id}|${step.id}`,
        dries: dryHours > 0 ? { pool: step.dryOn ?? 'rack', places: pieces, minutes: this.waitMinutes(dryHours) } : null,
      });
      return { ...batch, link };
    });
  }

  /** Hours that a step dries in this room, by what is made in it, as this person found it. */
  private dryHoursOf(kind: TrayKind, own: KindStep): number {
    return own.dryHours * this.work.dryFactor * kind.drying.share;
  }

  /** Plaques rolled and cut; they dry flat. */
  plaques(mixed: readonly Link[]): Task {
    const count = this.work.plaques;
    const dryHours = PLAQUE_DRY_HOURS * this.work.dryFactor;
    return {
      ...plain({
        id: 'plaque',
        name: { code: 'task.plaque', values: { count, ...WHOLE } },
        detail: { code: 'detail.plaque-drying', values: { hours: dryHours } },
        minutes: count * PLAQUE_MINUTES.each + Math.ceil(count / PLAQUE_MINUTES.onBoard) * PLAQUE_MINUTES.board,
        after: mixed,
        skill: 'making',
      }),
      dryHours,
      dryNote: { code: 'dry.plaque', values: {} },
    };
  }
}

/** The first lot is `mix`, the further ones `mix-2` and on. */
const mixing = (colours: number, { lot, lots }: { lot: number; lots: number }): Task =>
  plain({
    id: lot === 1 ? 'mix' : `mix-${lot}`,
    name: lots === 1 ? { code: 'task.mix', values: WHOLE } : { code: 'task.mix-lot', values: { ...WHOLE, lot, lots } },
    detail: { code: 'detail.colours', values: { count: colours } },
    minutes: Math.max(10, colours * BENCH_MINUTES.mixEach),
    after: [],
    skill: 'mixing',
  });

/** What is glued lies flat overnight before it is moved. Common practice, no source. */
const GLUED_DRY_HOURS = 10;

/** Laid out dry, then glued on, one piece. Starting value of the own study. */
const GLUED_MINUTES = 0.6;

/** Sprays, or single stems, are taped; what has no wire is glued. */
function taping(tray: readonly TrayKind[], { wired, joints, jointMinutes, dryFactor }: BenchWork, after: readonly Link[]): Task {
  const words = (): Pick<Task, 'name' | 'detail'> => {
    if (!wired) return { name: { code: 'task.glue', values: WHOLE }, detail: { code: 'detail.glue', values: {} } };
    return joints > 0
      ? { name: { code: 'task.tape-sprays', values: WHOLE }, detail: { code: 'detail.joints', values: { count: joints } } }
      : { name: { code: 'task.tape-stems', values: WHOLE }, detail: { code: 'detail.stems', values: {} } };
  };
  const stems = tray.reduce((a, k) => a + k.placed, 0);
  const minutes = Math.max(15, wired ? Math.max(joints, stems * 0.5) * jointMinutes : stems * GLUED_MINUTES);
  const task = plain({ id: 'tape', ...words(), minutes, after, skill: 'taping' });
  return wired ? task : { ...task, dryHours: GLUED_DRY_HOURS * dryFactor };
}

const fittingBarriers = ({ barriers, barrierMinutes }: BenchWork, after: readonly Link[]): Task =>
  plain({
    id: 'barriers',
    name: { code: 'task.barriers', values: WHOLE },
    detail: { code: 'detail.barriers', values: { count: barriers } },
    minutes: Math.max(10, barrierMinutes),
    after,
    skill: 'taping',
  });

/** One cake takes so long, each further equal one a little more: the first decides how. */
const forCakes = (minutes: number, cakes: number): number => minutes + Math.max(0, cakes - 1) * BENCH_MINUTES.eachMore;

const boxing = ({ cakes }: BenchWork, after: readonly Link[]): Task =>
  plain({
    id: 'box',
    name: { code: 'task.box', values: WHOLE },
    detail: { code: 'detail.box', values: {} },
    minutes: forCakes(BENCH_MINUTES.boxing, cakes),
    after,
    skill: 'placing',
  });

function placing({ entries, cakes, cakeReadyAt }: BenchWork, after: readonly Link[]): Task {
  const task = plain({
    id: 'place',
    name: { code: 'task.place', values: WHOLE },
    detail: entries > 0 ? { code: 'detail.place', values: { count: entries } } : null,
    minutes: entries * BENCH_MINUTES.entryEach + forCakes(BENCH_MINUTES.lookRound, cakes),
    after,
    skill: 'placing',
  });
  return cakeReadyAt === undefined ? task : { ...task, notBefore: cakeReadyAt };
}

/** Sittings are laid out in steps of five minutes. */
const wholeFive = (minutes: number): number => Math.max(5, Math.ceil(minutes / 5 - 1e-9) * 5);

/** A task that is not parted. */
const WHOLE = { part: 1, parts: 1 } as const;

/** A task of the whole job that dries nothing. */
const plain = (task: Pick<Task, 'id' | 'name' | 'detail' | 'minutes' | 'after' | 'skill'>): Task => ({
  ...task,
  strand: 'all',
  kind: '',
  step: task.id,
  pieces: 0,
  duration: wholeFive(task.minutes),
  dryHours: 0,
  dryNote: null,
  likeness: task.id,
  dries: null,
});
