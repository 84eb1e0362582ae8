import { speciesById } from '../botany/catalogue';
import { methodById, stepMinutes } from '../botany/methods';
import { pieceName } from '../botany/species';
import { kindName } from '../compose/names';
import { clamp } from '../geometry/numbers';
import { ownMinutes } from '../log/own';
import { PLAQUE_DRY_HOURS, PLAQUE_MINUTES } from '../make/plaque';
import type { TrayKind } from '../make/tray';
import type { NetworkTask } from './network';

/** A task with what the day list says of it. Minutes of work; drying after it in hours, in this room. */
export interface Task extends NetworkTask {
  name: string;
  /** a few words for the day list: "4 dahlia centres" */
  short: string;
  detail: string;
  strand: string;
  step: string;
  pieces: number;
  minutes: number;
  dryHours: number;
  dryNote: string;
}

/** Drying is planned longer than it should take. */
export const DRYING_MARGIN = 1.5;

/** What a step leaves on the rack, in a word. */
const STEP_WORDS: Readonly<Record<string, string>> = {
  centre: 'centres',
  core: 'cores',
  paper: 'paper leaves',
  petals: 'petals',
  leaves: 'leaves',
  berries: 'berries',
  florets: 'florets',
  drupelets: 'coverings',
  dust: 'to dust',
  steam: 'to steam',
  assemble: 'to tape',
};

interface BenchWork {
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

/** Every method step of every kind as a task, then taping, barriers, boxing and placing. Each strand in order, drying between. */
export function tasksOf(tray: readonly TrayKind[], work: BenchWork, colours: number, dryFactor: number): Task[] {
  if (tray.length === 0) return [];
  const factor = Number.isFinite(dryFactor) ? dryFactor : 3;
  const tasks: Task[] = [
    plain('mix', 'Mix the pastes', `${colours} colours, rest them wrapped`, Math.max(10, colours * BENCH_MINUTES.mixEach), []),
  ];
  const ends: { id: string; wait: number }[] = [];
  for (const kind of tray) {
    if (kind.toMake === 0) continue;
    const species = speciesById(kind.species);
    const method = methodById(kind.method);
    let before: { id: string; wait: number }[] = [{ id: 'mix', wait: 0 }];
    for (const step of method.steps) {
      const minutes = stepMinutes(step, method.batch, kind.toMake) * work.care * kind.pace.share;
      const dryHours = step.dryHours * factor;
      const id = `${kind.key}|${step.id}`;
      tasks.push({
        id,
        duration: minutes,
        after: before,
        name: `${kindName(species, kind.stage)}: ${step.name.toLowerCase()}`,
        short: `${kind.toMake} ${pieceName(species, kind.stage)} ${STEP_WORDS[step.id] ?? step.id}`,
        detail: step.dryHours ? `then ${Math.round(dryHours)} h to dry` : '',
        strand: species.id,
        step: step.id,
        pieces: kind.toMake,
        minutes,
        dryHours,
        dryNote: step.dryNote ?? '',
      });
      before = [{ id, wait: dryHours * 60 * DRYING_MARGIN }];
    }
    ends.push(...before);
  }
  if (work.plaques > 0) {
    const dryHours = PLAQUE_DRY_HOURS * factor;
    tasks.push({
      ...plain(
        'plaque',
        work.plaques === 1 ? 'Roll and cut the plaque' : `Roll and cut ${work.plaques} plaques`,
        `then ${Math.round(dryHours)} h to dry flat, turned once`,
        work.plaques * PLAQUE_MINUTES,
        [{ id: 'mix', wait: 0 }],
      ),
      dryHours,
      dryNote: 'flat on foam, turned once',
    });
    ends.push({ id: 'plaque', wait: dryHours * 60 * DRYING_MARGIN });
  }
  tasks.push(
    plain(
      'tape',
      !work.wired ? 'Glue the pieces' : work.joints > 0 ? 'Tape the sprays' : 'Tape the stems',
      !work.wired
        ? 'to the plaque, with little glue; leave it flat overnight'
        : work.joints > 0
          ? `${work.joints} joints`
          : 'every stem to its end',
      Math.max(15, Math.max(work.joints, tray.reduce((a, k) => a + k.placed, 0) * 0.5) * work.jointMinutes),
      ends,
    ),
  );
  tasks.push(
    plain('barriers', 'Fit the barriers', `${work.entries} to fit`, Math.max(10, work.barrierMinutes), [{ id: 'tape', wait: 0 }]),
  );
  tasks.push(plain('box', 'Box what is ready', 'dry, dark, not airtight', BENCH_MINUTES.boxing, [{ id: 'barriers', wait: 0 }]));
  tasks.push(
    plain(
      'place',
      'Place on the cake',
      `${work.entries} go in, in order`,
      work.entries * BENCH_MINUTES.entryEach + BENCH_MINUTES.lookRound,
      [{ id: 'box', wait: 0 }],
    ),
  );
  return tasks;
}

const plain = (id: string, name: string, detail: string, minutes: number, after: NetworkTask['after']): Task => ({
  id,
  name,
  short: name.toLowerCase(),
  detail,
  strand: 'all',
  step: id,
  pieces: 0,
  minutes,
  duration: minutes,
  dryHours: 0,
  dryNote: '',
  after,
});
