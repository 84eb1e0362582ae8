import type { Draft } from 'immer';
import type { FileRefusal } from '@/core/boundary/refusals';
import type { Fact } from '@/core/facts/fact';
import { createStore, type StoreApi } from 'zustand/vanilla';
import type { ComposeProgress, ComposeRequest, Proposal } from '@/core/compose/proposal';
import type { Remedy } from '@/core/compose/reading';
import type { OtherWork } from '@/core/plan/daysOf';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { CutDemand, CutPlan } from '@/core/wire/cutList';
import type { Packet } from '@/core/formats/packetFile';
import type { Photograph } from '@/core/formats/projectFile';
import type { LogEntry } from '@/core/log/entries';
import type { Stock } from '@/core/make/stock';
import type { Offcut } from '@/core/wire/offcuts';
import type { TinPiece } from '@/core/compose/tin';
import type { Project } from '@/core/plan/project';
import type { Backup } from '@/core/formats/backup';
import { backupActions } from './backupActions';
import { composeActions } from './composeActions';
import { editActions } from './editActions';
import { jobActions } from './jobActions';
import { logActions } from './logActions';
import type { Step } from './history';
import type { JobVersion } from './versions';
import { reporting } from './reporting';
import type { Tabs } from './tabs';
import { NO_DEVICES, NO_SEARCH } from './fresh';
import { tinActions } from './tinActions';
import type { JobShelf, JobSummary, DeletedJob } from './jobs';
import type { Storage } from './storageFallback';
import { PLAIN_HABITS, type Habits } from './habits';
import { Autosave } from './autosave';
import type { ComposeFault } from '@/core/compose/facts';
import type { Label } from '@/core/words/asLabel';

/** What the store is handed: storage, clock, workers. None of it is known to it otherwise. */
export interface StudioPorts {
  /** tells one build of the program from every other */
  build: string;
  shelf: JobShelf;
  storage: Storage;
  now(): Date;
  newId(): string;
  /** tells this page from every other that holds the same shelf */
  tab: string;
  /** what a job is called that has no name yet, in the person’s language */
  names: { newJob(): string; copyOf(name: string): string; restored(name: string): string; beside(name: string): string };
  derive(project: Project, others: readonly OtherWork[]): Promise<DerivedPlan>;
  /** the fewest wires for each list of lengths */
  leastWire(lists: readonly (readonly CutDemand[])[], stockMm: number): Promise<CutPlan[]>;
  /** what another job takes of the days, beside those before it */
  otherWork(project: Project, before: readonly OtherWork[]): Promise<OtherWork>;
  composer: {
    start(
      request: ComposeRequest,
      handlers: { progress(p: ComposeProgress): void; done(p: Proposal[]): void; fault(why: ComposeFault): void },
    ): void;
    cancel(): void;
  };
  later(run: () => void, ms: number): () => void;
  tabs: Tabs;
}

/** What a backup holds and what it would change. */
interface LookedAt {
  backup: Backup;
  madeAt: string;
  changes: { added: number; same: number; other: number };
  /** what was put right in it as it was read */
  putRight: FileRefusal | null;
}

export interface Devices {
  sensor: boolean;
  scale: boolean;
  printer: boolean;
}

export interface StudioState {
  ready: boolean;
  project: Project | null;
  jobs: JobSummary[];
  past: Step[];
  future: Step[];
  /** what was last deleted, for as long as it can be brought back */
  deleted: { project: Project } | null;
  /** tin and ends of wire before something was taken out of them by hand, for as long as it can be brought back */
  takenOut: Stock | null;
  saved: 'saved' | 'saving' | 'failed';
  /** why nothing could be stored */
  saveFault: Label | null;
  /** jobs are kept on disk, or only as long as the page is open */
  keeps: 'disk' | 'page' | 'held';
  /** a backup that was read and is not restored yet */
  looked: LookedAt | null;
  /** a large file that is being read, and how much of it */
  reading: { name: string; share: number } | null;
  /** another tab writes this job: here one can only look */
  onlyLook: boolean;
  /** pieces made before and kept, of all jobs together */
  tin: readonly TinPiece[];
  /** ends of wire that were kept, of all jobs together */
  offcuts: readonly Offcut[];
  plan: DerivedPlan | null;
  /** the project that `plan` was derived from */
  planOf: Project | null;
  planFault: Label | null;
  /** what jobs that leave before this one take of its days */
  others: readonly OtherWork[];
  selection: string[];
  arrangementIndex: number;
  search: { progress: ComposeProgress | null; running: boolean; fault: ComposeFault | null; proposals: Proposal[]; seed: number };
  /** a sentence at the top: a file that was refused, a job that was brought back */
  message: { text: Label | Fact | string; kind: 'tell' | 'fault' } | null;
  evening: boolean;
  /** how this person reads: language, lengths, clock, week */
  habits: Habits;
  /** the tour was not taken here yet */
  firstVisit: boolean;
  /** simulated stand-ins that are switched on */
  devices: Devices;
  /** photographs of the open job */
  photos: readonly Photograph[];
  /** the packet that is worked from as a helper */
  packet: Packet | null;
  showList: boolean;
  /** the line itself is in hand: its points on the turntable, its figures beside it */
  lineInHand: boolean;
}

export type Recipe = (draft: Draft<Project>) => void;

interface StudioActions {
  start(): Promise<void>;
  edit(label: Label, recipe: Recipe): void;
  /** shows a change while the hand moves; `settle` makes one step of it, `giveUp` takes it back */
  preview(recipe: Recipe): void;
  settle(label: Label): void;
  giveUp(): void;
  undo(): void;
  redo(): void;
  open(id: string): Promise<void>;
  create(): Promise<void>;
  copy(id: string): Promise<void>;
  remove(id: string): Promise<void>;
  /** the last deletion taken back, or the one that is named */
  bringBack(id?: string): Promise<void>;
  /** deletions that can be taken back, the last first */
  deletedJobs(): Promise<DeletedJob[]>;
  /** a deleted job goes for good, with what belongs to it */
  forget(id: string): Promise<void>;
  importText(text: string): Promise<void>;
  select(ids: string[]): void;
  applyRemedy(remedy: Remedy, name: Label): void;
  compose(proposals: number): void;
  /** adds what is missing, or moves what is there; the result is kept as one step */
  improve(task: 'finish' | 're-balance'): void;
  stopComposing(): void;
  /** `step` is how the step is called */
  keep(proposal: Proposal, step?: Label): void;
  /** changes the tin itself; no step of the job, so it is not undone with it */
  setTin(tin: readonly TinPiece[]): Promise<void>;
  bringBackStock(): Promise<void>;
  /** sets aside from the tin what the job can use */
  takeFromTin(): void;
  /** the job is done: what it took is gone from the tin, what is left over goes in */
  putAway(leftOver: readonly TinPiece[]): Promise<void>;
  /** changes the ends of wire themselves, as `setTin` does the tin */
  setOffcuts(offcuts: readonly Offcut[]): Promise<void>;
  /** takes ends of wire for this job out of those that are kept, and gives back what it no longer cuts from */
  useOffcuts(wanted: readonly Offcut[]): void;
  /** the wires are cut: ends worth keeping go in */
  keepOffcuts(left: readonly Offcut[]): void;
  /** looks again at what other jobs take of the days */
  shareDays(): Promise<void>;
  flush(): Promise<void>;
  setEvening(evening: boolean): void;
  setHabits(habits: Habits): void;
  endTour(): void;
  startLog(): Promise<void>;
  setDevices(devices: Devices): void;
  addPhoto(photo: Photograph): Promise<void>;
  /** opens a packet as a helper; false, with a sentence shown, where it is none */
  openPacket(text: string): Promise<boolean>;
  packetEntry(entry: Pick<LogEntry, 'kind' | 'made' | 'broken' | 'minutes'> & Partial<LogEntry>): void;
  closePacket(): void;
  /** everything as one ZIP; what one would change, null with a sentence shown where it cannot be read; and back */
  backUp(): Promise<Uint8Array>;
  /** the open job as it was, latest first; and one of them back, as a step that can be undone */
  versions(): Promise<JobVersion[]>;
  goBackTo(version: JobVersion): void;
  lookAtBackup(zip: Uint8Array): Promise<void>;
  restore(backup: Backup, withStock: boolean): Promise<void>;
  set(patch: Partial<StudioState>): void;
}

export type Studio = StudioState & StudioActions;

const EMPTY: StudioState = {
  ready: false,
  project: null,
  jobs: [],
  past: [],
  future: [],
  deleted: null,
  takenOut: null,
  saved: 'saved',
  saveFault: null,
  keeps: 'disk',
  looked: null,
  reading: null,
  onlyLook: false,
  tin: [],
  offcuts: [],
  plan: null,
  planOf: null,
  planFault: null,
  others: [],
  selection: [],
  arrangementIndex: 0,
  search: NO_SEARCH,
  message: null,
  evening: false,
  habits: PLAIN_HABITS,
  firstVisit: false,
  devices: NO_DEVICES,
  photos: [],
  packet: null,
  showList: false,
  lineInHand: false,
};

/** The studio's state without React: one open job, its history (the latest steps also after a reload), autosave, and the plan derived beside it. */
export function createStudio(given: StudioPorts): StoreApi<Studio> {
  const ports: StudioPorts = {
    ...given,
    shelf: reporting(given.shelf, (text) => {
      // what only follows from the sign that stands already is not said beside it
      if (!store.getState().saveFault) store.setState({ message: { text, kind: 'fault' } });
    }),
  };
  const autosave = new Autosave(ports);
  const store: StoreApi<Studio> = createStore<Studio>()((set, get) => ({
    ...EMPTY,
    ...jobActions(ports, autosave, get),
    ...editActions(autosave, get),
    ...composeActions(ports, autosave, get),
    ...tinActions(autosave, get),
    ...logActions(ports, get),
    ...backupActions(ports, autosave, get),
    set: (patch) => set(patch),
  }));
  autosave.store = store;
  autosave.followTabs();
  autosave.watchStorage();
  return store;
}
