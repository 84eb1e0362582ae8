import { asLabel, type Label } from '@/core/words/asLabel';
import type { ComposeRequest } from '@/core/compose/proposal';
import { otherWorkOf } from '@/core/plan/daysOf';
import type { CutDemand, CutPlan } from '@/core/wire/cutList';
import { derivePlan, type DerivedPlan } from '@/core/plan/derivePlan';
import { newProject } from '@/core/plan/newProject';
import { checkProject, type Project } from '@/core/plan/project';
import { packetFor } from '@/core/formats/packetFile';
import { DEMO_JOBS } from '@/core/demo/jobs';
import { memoryShelf as shelfInMemory } from '../memoryShelf';
import { createStudio, type StudioPorts } from '../studio';
import { oneTab, type Tabs } from '../tabs';
import { ENGLISH } from '@/core/words/english';

/** A shelf in memory, with a switch that makes it fail. */
export function memoryShelf(): ReturnType<typeof shelfInMemory> & { broken: Error | null } {
  const shelf = shelfInMemory();
  const save = shelf.save;
  return Object.assign(shelf, {
    broken: null as Error | null,
    save(this: { broken: Error | null }, ...asked: Parameters<typeof save>) {
      return this.broken ? Promise.reject(this.broken) : save(...asked);
    },
  });
}

export interface Bench {
  keeps: 'disk' | 'page';
  /** jobs were stored here at another visit */
  keptBefore: boolean;
  /** the browser takes away what is stored */
  lose: (gone: boolean) => void;
  /** another tab lets nobody into the database */
  hold: () => void;
  /** another tab has changed the form of what is stored */
  outdate: () => void;
  tabs: Tabs;
  shelf: ReturnType<typeof memoryShelf>;
  timers: (() => void)[];
  plans: { project: Project; answer: (plan: DerivedPlan) => void; fail: (e: Error) => void }[];
  proofs: { lists: readonly (readonly CutDemand[])[]; answer: (plans: CutPlan[]) => void }[];
  compose: { request: ComposeRequest; handlers: Parameters<StudioPorts['composer']['start']>[1] } | null;
  cancelled: number;
}

/** Tabs that share one shelf, without a browser: the first that asks for a job has it until it lets go. */
export function tabsTogether() {
  const holds = new Map<string, { tab: number; waiting: { tab: number; mine: () => void }[] }>();
  const told: ((what: string) => void)[] = [];
  let tabs = 0;
  return (): Tabs => {
    const tab = tabs++;
    const release = () => {
      for (const [job, hold] of holds) {
        hold.waiting = hold.waiting.filter((w) => w.tab !== tab);
        if (hold.tab !== tab) continue;
        const next = hold.waiting.shift();
        if (next) {
          hold.tab = next.tab;
          next.mine();
        } else holds.delete(job);
      }
    };
    return {
      claim(jobId, mine) {
        release();
        const hold = holds.get(jobId);
        if (!hold) holds.set(jobId, { tab, waiting: [] });
        else hold.waiting.push({ tab, mine });
        return Promise.resolve(!hold);
      },
      release,
      tell: (what) => told.forEach((t, i) => i !== tab && t(what)),
      follow: (t) => void (told[tab] = t),
    };
  };
}

let studios = 0;
export function studioForTest(shelf = memoryShelf(), tabs: Tabs = oneTab(), build = 'one') {
  const bench: Bench = {
    keeps: 'disk',
    keptBefore: false,
    lose: () => undefined,
    hold: () => undefined,
    outdate: () => undefined,
    tabs,
    shelf,
    timers: [],
    plans: [],
    proofs: [],
    compose: null,
    cancelled: 0,
  };
  let ids = 0;
  const store = createStudio({
    build,
    shelf: bench.shelf,
    storage: {
      keeps: () => Promise.resolve(bench.keeps),
      lost: (tell) => void (bench.lose = tell),
      held: (tell) => void (bench.hold = tell),
      outdated: (tell) => void (bench.outdate = tell),
      keptBefore: () => Promise.resolve(bench.keptBefore),
    },
    now: () => new Date('2027-05-01T12:00:00Z'),
    newId: () => `id-${++ids}`,
    tab: `tab-${++studios}`,
    names: {
      newJob: () => 'New job',
      copyOf: (name) => `${name}, copy`,
      restored: (name) => `${name} (restored)`,
      beside: (name) => `${name} (beside)`,
    },
    derive: (project) => new Promise((answer, fail) => bench.plans.push({ project, answer, fail })),
    leastWire: (lists) => new Promise((answer) => bench.proofs.push({ lists, answer })),
    otherWork: (project, before) => Promise.resolve(otherWorkOf(project, derivePlan(project, undefined, before))),
    tabs: bench.tabs,
    composer: {
      start: (request, handlers) => void (bench.compose = { request, handlers }),
      cancel: () => void bench.cancelled++,
    },
    later(run) {
      bench.timers.push(run);
      return () => {
        const at = bench.timers.indexOf(run);
        if (at >= 0) bench.timers.splice(at, 1);
      };
    },
  });
  return { bench, store, studio: () => store.getState() };
}

const bare = derivePlan(newProject('bare', 'Bare', '2027-06-12T09:30'));
/** A plan of no pieces under a project's own id: what it holds does not matter here. */
export const planFor = (project: Project): DerivedPlan => ({ ...bare, projectId: project.id });

/** A step by any name. */
export const step = (text: string): Label => asLabel('shared.do-text', { text });

export const tick = () => new Promise<void>((resolve) => setImmediate(resolve));

export async function opened() {
  const t = studioForTest();
  await t.studio().start();
  await tick();
  return t;
}

/** Runs what was put off, as the clock would. */
export async function passTime(bench: Bench) {
  for (const run of bench.timers.splice(0)) run();
  await tick();
}

/** The first demo job's part for a helper. */
export const PACKET = (() => {
  const [demo] = DEMO_JOBS as Project[];
  const job = newProjectWithHelper(demo!);
  return packetFor(job, derivePlan(job), 'h', ENGLISH)!;
})();

export function newProjectWithHelper(demo: Project): Project {
  const checked = checkProject(demo);
  if ('issues' in checked) throw new Error(checked.issues[0]!.why.code);
  const { project } = checked;
  return {
    ...project,
    days: { ...project.days, makers: [{ id: 'h', name: 'Helper', hours: project.brief.hours, can: ['making', 'dusting'] }] },
  };
}
