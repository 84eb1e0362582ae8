import { produce, type Draft } from 'immer';
import { createStore, type StoreApi } from 'zustand/vanilla';
import type { Piece } from '@/core/compose/arrangement';
import type { ComposeProgress, ComposeRequest, Proposal } from '@/core/compose/composer';
import type { Remedy } from '@/core/compose/reading';
import { readProjectFile } from '@/core/formats/projectFile';
import { composeRequestOf } from '@/core/plan/composeRequest';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import { newProject } from '@/core/plan/newProject';
import type { Project } from '@/core/plan/project';
import { seedDemos, type JobShelf, type JobSummary } from './jobs';

/** What the store is handed: storage, clock, workers. None of it is known to it otherwise. */
export interface StudioPorts {
  shelf: JobShelf;
  now(): Date;
  newId(): string;
  derive(project: Project): Promise<DerivedPlan>;
  composer: {
    start(
      request: ComposeRequest,
      handlers: { progress(p: ComposeProgress): void; done(p: Proposal[]): void; fault(s: string): void },
    ): void;
    cancel(): void;
  };
  later(run: () => void, ms: number): () => void;
}

interface Step {
  label: string;
  project: Project;
}

export interface StudioState {
  ready: boolean;
  project: Project | null;
  jobs: JobSummary[];
  past: Step[];
  future: Step[];
  /** what was last deleted, for as long as it can be brought back */
  deleted: { project: Project } | null;
  saved: 'saved' | 'saving' | 'failed';
  plan: DerivedPlan | null;
  /** the project that `plan` was derived from */
  planOf: Project | null;
  planFault: string | null;
  selection: string[];
  arrangementIndex: number;
  search: { progress: ComposeProgress | null; running: boolean; fault: string | null; proposals: Proposal[]; seed: number };
  /** a sentence at the top: a file that was refused, a job that was brought back */
  message: { text: string; kind: 'tell' | 'fault' } | null;
  evening: boolean;
  showList: boolean;
  /** the line itself is in hand: its points on the turntable, its figures beside it */
  lineInHand: boolean;
}

export type Recipe = (draft: Draft<Project>) => void;

export interface StudioActions {
  start(): Promise<void>;
  edit(label: string, recipe: Recipe): void;
  /** shows a change while the hand moves; `settle` makes one step of it, `giveUp` takes it back */
  preview(recipe: Recipe): void;
  settle(label: string): void;
  giveUp(): void;
  undo(): void;
  redo(): void;
  open(id: string): Promise<void>;
  create(): Promise<void>;
  copy(id: string): Promise<void>;
  remove(id: string): Promise<void>;
  bringBack(): Promise<void>;
  importText(text: string): Promise<void>;
  select(ids: string[]): void;
  applyRemedy(remedy: Remedy, name: string): void;
  compose(proposals: number): void;
  /** adds what is missing, or moves what is there; the result is kept as one step */
  improve(task: 'finish' | 're-balance'): void;
  stopComposing(): void;
  keep(proposal: Proposal): void;
  flush(): Promise<void>;
  setEvening(evening: boolean): void;
  set(patch: Partial<StudioState>): void;
}

export type Studio = StudioState & StudioActions;

const SAVE_AFTER_MS = 200;

const EMPTY: StudioState = {
  ready: false,
  project: null,
  jobs: [],
  past: [],
  future: [],
  deleted: null,
  saved: 'saved',
  plan: null,
  planOf: null,
  planFault: null,
  selection: [],
  arrangementIndex: 0,
  search: { progress: null, running: false, fault: null, proposals: [], seed: 1 },
  message: null,
  evening: false,
  showList: false,
  lineInHand: false,
};

/** The studio's state without React: one open job, its history without limit, autosave, and the plan derived beside it. */
export function createStudio(ports: StudioPorts): StoreApi<Studio> {
  const keeper = new Keeper(ports);
  const store = createStore<Studio>()((set, get) => ({
    ...EMPTY,
    ...jobActions(ports, keeper, get),
    ...editActions(keeper, get),
    ...composeActions(ports, keeper, get),
    set: (patch) => set(patch),
  }));
  keeper.store = store;
  return store;
}

/** Puts every shown change on the shelf and asks for its plan; late answers are ignored. */
class Keeper {
  store!: StoreApi<Studio>;
  private dropTimer: (() => void) | null = null;
  private asked: Project | null = null;
  private busy = false;
  private base: Project | null = null;

  constructor(private readonly ports: StudioPorts) {}

  show(project: Project, patch: Partial<StudioState> = {}): void {
    const last = Math.max(0, project.arrangements.length - 1);
    const arrangementIndex = Math.min(patch.arrangementIndex ?? this.store.getState().arrangementIndex, last);
    this.store.setState({ project, ...patch, arrangementIndex });
    this.askPlan();
  }

  /** A step that can be undone. */
  step(label: string, before: Project, after: Project): void {
    if (before === after) return;
    this.show(after, { past: [...this.store.getState().past, { label, project: before }], future: [], saved: 'saving' });
    this.saveSoon();
  }

  beginPreview(project: Project): void {
    this.base ??= project;
  }
  endPreview(): Project | null {
    const base = this.base;
    this.base = null;
    return base;
  }

  saveSoon(): void {
    this.dropTimer?.();
    this.store.setState({ saved: 'saving' });
    this.dropTimer = this.ports.later(() => void this.flush(), SAVE_AFTER_MS);
  }

  async flush(): Promise<void> {
    this.dropTimer?.();
    this.dropTimer = null;
    const { project, saved } = this.store.getState();
    if (!project || saved === 'saved') return;
    try {
      await this.ports.shelf.save(project);
      if (this.store.getState().project === project) this.store.setState({ saved: 'saved' });
      await this.refreshJobs();
    } catch {
      this.store.setState({
        saved: 'failed',
        message: {
          text: 'This browser could not store the job. Export it as a file now so that nothing is lost.',
          kind: 'fault',
        },
      });
    }
  }

  askPlan(): void {
    const { project } = this.store.getState();
    if (!project || this.busy) return;
    if (this.asked === project) return;
    this.asked = project;
    this.busy = true;
    this.ports
      .derive(project)
      .then((plan) => {
        if (this.store.getState().project?.id === project.id) this.store.setState({ plan, planOf: project, planFault: null });
      })
      .catch((cause: unknown) =>
        this.store.setState({ planFault: cause instanceof Error ? cause.message : 'The plan could not be made.' }),
      )
      .finally(() => {
        this.busy = false;
        if (this.store.getState().project !== project) this.askPlan();
      });
  }

  async refreshJobs(): Promise<void> {
    this.store.setState({ jobs: await this.ports.shelf.list() });
  }
}

const FRESH = { past: [], future: [], selection: [], arrangementIndex: 0, plan: null, planOf: null, saved: 'saved' as const };

function jobActions(
  ports: StudioPorts,
  keeper: Keeper,
  get: () => Studio,
): Pick<Studio, 'start' | 'open' | 'create' | 'copy' | 'remove' | 'bringBack' | 'importText' | 'flush' | 'setEvening'> {
  const { shelf } = ports;
  const openProject = async (project: Project, patch: Partial<StudioState> = {}) => {
    await keeper.flush();
    ports.composer.cancel();
    keeper.show(project, { ...FRESH, search: EMPTY.search, ...patch });
    await shelf.setSetting('lastJob', project.id);
    await keeper.refreshJobs();
  };
  const addJob = async (project: Project, patch: Partial<StudioState> = {}) => {
    await shelf.save(project);
    await openProject(project, patch);
  };
  return {
    async start() {
      if ((await shelf.list()).length === 0 && !(await shelf.getSetting('seeded'))) {
        await seedDemos(shelf);
        await shelf.setSetting('seeded', true);
      }
      const jobs = await shelf.list();
      const last = await shelf.getSetting('lastJob');
      const evening = (await shelf.getSetting('evening')) === true;
      const first = (typeof last === 'string' && (await shelf.load(last))) || (jobs[0] && (await shelf.load(jobs[0].id))) || null;
      get().set({ jobs, evening, ready: true });
      if (first) keeper.show(first, FRESH);
    },
    async open(id) {
      const project = await shelf.load(id);
      if (project) await openProject(project);
      else get().set({ message: { text: 'That job cannot be read any more; the others are untouched.', kind: 'fault' } });
    },
    async create() {
      const day = new Date(ports.now().getTime() + 14 * 86_400_000).toISOString().slice(0, 10);
      await addJob(newProject(ports.newId(), 'New job', `${day}T10:00`));
    },
    async copy(id) {
      const project = id === get().project?.id ? get().project : await shelf.load(id);
      if (project) await addJob({ ...project, id: ports.newId(), name: `${project.name}, copy`.slice(0, 120) });
    },
    async remove(id) {
      await keeper.flush();
      const project = await shelf.load(id);
      await shelf.remove(id);
      await keeper.refreshJobs();
      get().set({ deleted: project ? { project } : null });
      if (get().project?.id !== id) return;
      const next = get().jobs[0];
      if (next) await get().open(next.id);
      else get().set({ project: null, ...FRESH });
    },
    async bringBack() {
      const { deleted } = get();
      if (deleted) await addJob(deleted.project, { deleted: null });
    },
    async importText(text) {
      const read = readProjectFile(text);
      if ('sentence' in read) {
        get().set({ message: { text: read.sentence, kind: 'fault' } });
        return;
      }
      const taken = get().jobs.some((j) => j.id === read.project.id);
      const project = taken ? { ...read.project, id: ports.newId() } : read.project;
      await addJob(project, {
        message: { text: `“${project.name}” is open${taken ? ', as a second copy beside the one you have' : ''}.`, kind: 'tell' },
      });
    },
    flush: () => keeper.flush(),
    setEvening(evening) {
      get().set({ evening });
      void shelf.setSetting('evening', evening);
    },
  };
}

function editActions(
  keeper: Keeper,
  get: () => Studio,
): Pick<Studio, 'edit' | 'preview' | 'settle' | 'giveUp' | 'undo' | 'redo' | 'select' | 'applyRemedy'> {
  const edit = (label: string, recipe: Recipe) => {
    const before = get().project;
    if (before) keeper.step(label, before, produce(before, recipe));
  };
  return {
    edit,
    preview(recipe) {
      const { project } = get();
      if (!project) return;
      keeper.beginPreview(project);
      keeper.show(produce(project, recipe));
    },
    settle(label) {
      const before = keeper.endPreview();
      const after = get().project;
      if (before && after) keeper.step(label, before, after);
    },
    giveUp() {
      const before = keeper.endPreview();
      if (before) keeper.show(before);
    },
    undo() {
      const { past, future, project } = get();
      const last = past[past.length - 1];
      if (!last || !project) return;
      keeper.show(last.project, { past: past.slice(0, -1), future: [{ label: last.label, project }, ...future] });
      keeper.saveSoon();
    },
    redo() {
      const { past, future, project } = get();
      const next = future[0];
      if (!next || !project) return;
      keeper.show(next.project, { future: future.slice(1), past: [...past, { label: next.label, project }] });
      keeper.saveSoon();
    },
    select: (ids) => get().set({ selection: ids }),
    applyRemedy(remedy, name) {
      const { arrangementIndex } = get();
      edit(name, (draft) => {
        const pieces = draft.arrangements[arrangementIndex]?.pieces;
        if (!pieces) return;
        for (const { id, to } of remedy.change) {
          const piece = pieces.find((p) => p.id === id);
          if (piece) Object.assign(piece, to);
        }
        for (const id of remedy.remove) {
          const at = pieces.findIndex((p) => p.id === id);
          if (at >= 0) pieces.splice(at, 1);
        }
        for (const piece of remedy.add) pieces.push({ ...piece, id: freshId(pieces) });
      });
    },
  };
}

/** The next free piece id of an arrangement. */
export function freshId(pieces: readonly Pick<Piece, 'id'>[]): string {
  const taken = new Set(pieces.map((p) => p.id));
  let n = pieces.length + 1;
  while (taken.has(`p${n}`)) n++;
  return `p${n}`;
}

function composeActions(
  ports: StudioPorts,
  keeper: Keeper,
  get: () => Studio,
): Pick<Studio, 'compose' | 'improve' | 'stopComposing' | 'keep'> {
  const search = (patch: Partial<StudioState['search']>) => get().set({ search: { ...get().search, ...patch } });
  return {
    compose(proposals) {
      const { project, arrangementIndex } = get();
      const seed = get().search.seed;
      const request = project && composeRequestOf(project, arrangementIndex, seed, proposals);
      if (!request) return;
      search({ running: true, fault: null, progress: null, proposals: [], seed: seed + 1 });
      ports.composer.start(request, {
        progress: (progress) => search({ progress }),
        done: (found) => search({ running: false, progress: null, proposals: found }),
        fault: (fault) => search({ running: false, progress: null, fault }),
      });
    },
    improve(task) {
      const { project, arrangementIndex } = get();
      const seed = get().search.seed;
      const request = project && composeRequestOf(project, arrangementIndex, seed, 1);
      if (!request) return;
      search({ running: true, fault: null, progress: null, proposals: [], seed: seed + 1 });
      ports.composer.start(
        { ...request, task },
        {
          progress: (progress) => search({ progress }),
          done: ([found]) => {
            search({ running: false, progress: null });
            const now = get().project;
            if (!found || !now || now.id !== project.id) return;
            const { pieces } = found.arrangement;
            keeper.step(
              task === 'finish' ? 'finish it' : 're-balance',
              now,
              produce(now, (draft) => void (draft.arrangements[arrangementIndex]!.pieces = pieces)),
            );
          },
          fault: (fault) => search({ running: false, progress: null, fault }),
        },
      );
    },
    /** Stops at once; the best found so far is kept as one step that can be undone. */
    stopComposing() {
      const { progress } = get().search;
      const { project, arrangementIndex } = get();
      ports.composer.cancel();
      search({ running: false, progress: null });
      if (!progress || !project) return;
      const pieces = progress.pieces.map((p) => ({ ...p }));
      keeper.step(
        'keep the best so far',
        project,
        produce(project, (draft) => void (draft.arrangements[arrangementIndex]!.pieces = pieces)),
      );
    },
    keep(proposal) {
      const { arrangementIndex, project } = get();
      if (!project) return;
      keeper.step(
        `keep “${proposal.name}”`,
        project,
        produce(project, (draft) => {
          const own = draft.arrangements[arrangementIndex];
          if (own) Object.assign(own, { line: proposal.arrangement.line, pieces: proposal.arrangement.pieces });
        }),
      );
      get().set({ selection: [] });
    },
  };
}
