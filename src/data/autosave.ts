import type { FileRefusal } from '@/core/boundary/refusals';
import { asLabel, type Label } from '@/core/words/asLabel';
import type { StoreApi } from 'zustand/vanilla';
import { checkProject, type Project } from '@/core/plan/project';
import { wallFromText, wallToText } from '@/core/days/clock';
import type { OtherWork } from '@/core/plan/daysOf';
import type { DerivedPlan } from '@/core/plan/derivePlan';
import type { Stock } from '@/core/make/stock';
import { keptSteps, stepsFrom } from './history';
import { keepLastPlan } from './lastPlan';
import { withOwnPhotographs } from './ownPhotographs';
import { PACKET_TOLD } from './logActions';
import { isFull } from './reporting';
import { OFFCUTS, readStock, TIN } from './stockShelf';
import type { Studio, StudioPorts, StudioState } from './studio';

/** What tabs tell each other beside ids of jobs. */
const STOCK_TOLD = 'the stock';
const ONLY_LOOK = asLabel('studio.only-look');
const SAVE_AFTER_MS = 200;
const KEEP_PLAN_AFTER_MS = 2000;
const PROVE_AFTER_MS = 300;
const TAKEN_AWAY = asLabel('studio.taken-away');
const SHUT = asLabel('studio.storage-shut');
const NEWER_ELSEWHERE = asLabel('studio.newer-elsewhere');
const DELETED_ELSEWHERE = asLabel('studio.deleted-elsewhere');

/** Why a job could not be stored, by its label. */
const whyNotStored = (cause: unknown): Label => asLabel(isFull(cause) ? 'studio.no-room' : 'studio.not-stored');

/** Jobs that leave so many weeks before, the nearest so many of them, share the days. */
const WEEKS_SHARED = 8;
const MOST_SHARED = 12;

/** A job as it stands on the shelf. */
interface Stored {
  project: Project;
  revision: number;
}

interface StepOptions {
  /** what the step did to the stock of all jobs */
  stock?: { before: Stock; after: Stock };
  /** it changes much at once: the job before it is kept as a version */
  large?: boolean;
}

/** Puts every shown change on the shelf and asks for its plan; late answers are ignored. */
export class Autosave {
  store!: StoreApi<Studio>;
  private dropTimer: (() => void) | null = null;
  private dropPlanTimer: (() => void) | null = null;
  private dropProofTimer: (() => void) | null = null;
  private asked: Project | null = null;
  private busy = false;
  private base: Project | null = null;
  /** the job whose first step of this sitting was done */
  private begun: string | null = null;
  private lastStep = 0;
  /** the open job as this tab last read or stored it, and its revision then */
  private stored: Stored | null = null;

  constructor(private readonly ports: StudioPorts) {}

  show(project: Project, patch: Partial<StudioState> = {}): void {
    const last = Math.max(0, project.arrangements.length - 1);
    const arrangementIndex = Math.min(patch.arrangementIndex ?? this.store.getState().arrangementIndex, last);
    // what was said of a deleted job is said of no other
    const other = this.isDeleted() && project.id !== this.store.getState().project?.id;
    this.store.setState({ project, ...(other && { saveFault: null }), ...patch, arrangementIndex });
    this.askPlan();
  }

  /** Shows a job as it was read from the shelf: work on it comes from there. */
  takeUp(stored: Stored, patch: Partial<StudioState> = {}): void {
    this.stored = stored;
    this.show(stored.project, patch);
  }

  /** A step that can be undone. What could not be read again from the shelf is refused with its sentence. */
  step(label: Label, before: Project, after: Project, { stock, large = false }: StepOptions = {}): void {
    if (before === after) return;
    if (this.store.getState().onlyLook) {
      this.show(before, { message: { text: ONLY_LOOK, kind: 'fault' } });
      return;
    }
    const checked = checkProject(after);
    if ('issues' in checked) {
      const text = { code: 'file.not-taken', values: { why: checked.issues[0]!.why } } satisfies FileRefusal;
      this.show(before, { message: { text, kind: 'fault' } });
      return;
    }
    // as it was when this sitting began, and before what changes much at once
    if (large || this.begun !== before.id) void this.keepVersion(before);
    this.begun = before.id;
    const { past } = this.store.getState();
    this.lastStep = Math.max(this.lastStep, past[past.length - 1]?.n ?? 0) + 1;
    this.show(after, {
      past: [...past, { n: this.lastStep, label, project: before, ...(stock && { stock }) }],
      future: [],
      saved: 'saving',
    });
    this.saveSoon();
  }

  private async keepVersion(project: Project): Promise<void> {
    try {
      await this.ports.shelf.keepVersion(project);
    } catch (cause) {
      this.store.setState({ saved: 'failed', saveFault: whyNotStored(cause) });
    }
  }

  /** Steps of an earlier sitting can be undone too: they are there once the job is open, unless something was done before. */
  async readSteps(project: Project): Promise<void> {
    const steps = stepsFrom(await this.ports.shelf.steps(project.id), project);
    const { project: now, past } = this.store.getState();
    if (now !== project || past.length > 0) return;
    // as far back as they can be read
    const unreadable = steps.findLastIndex((s) => 'issues' in checkProject(s.project));
    if (unreadable + 1 < steps.length) this.store.setState({ past: steps.slice(unreadable + 1) });
  }

  /** Asks for the open job: where another tab writes it, this one looks on, and takes over as it stands on the shelf when that lets go. */
  async claim(project: Project): Promise<void> {
    const mine = () => {
      void this.reload(project.id, {
        onlyLook: false,
        message: { text: asLabel('studio.tab-let-go'), kind: 'tell' },
      });
    };
    const own = await this.ports.tabs.claim(project.id, mine);
    if (this.store.getState().project?.id !== project.id) return;
    this.store.setState(own ? { onlyLook: false } : { onlyLook: true, message: { text: ONLY_LOOK, kind: 'tell' } });
  }

  /** Follows what other tabs put on the shelf. */
  followTabs(): void {
    this.ports.tabs.follow((what) => {
      if (what === STOCK_TOLD) void this.readStock();
      else if (what === PACKET_TOLD) void this.store.getState().startLog();
      else void this.followJob(what);
    });
  }

  /** Another tab stored a job, or deleted it: where it is open here, it is as it is there, or it is said that it is gone. */
  private async followJob(id: string): Promise<void> {
    await this.refreshJobs();
    const { project, onlyLook, jobs } = this.store.getState();
    if (project?.id !== id) return;
    if (!jobs.some((j) => j.id === id)) this.deletedElsewhere();
    else if (onlyLook) await this.reload(id, {});
    // what was brought back or stored by another tab is as it is there, unless there is work here that it would take away
    else if (project === this.stored?.project && (await this.ports.shelf.read(id))?.revision !== this.stored.revision)
      await this.reload(id, { saveFault: null });
  }

  /** The open job is on no shelf any more: what is shown can be kept as a file, or stored again, and is never lost in silence. */
  private deletedElsewhere(): void {
    this.dropTimer?.();
    this.dropTimer = null;
    this.store.setState({ saved: 'failed', saveFault: DELETED_ELSEWHERE });
  }

  /** Nothing brings a deleted job back but a hand: a step here, or “store it again”. */
  private readonly isDeleted = (): boolean => this.store.getState().saveFault === DELETED_ELSEWHERE;

  /** Says whether anything is kept at all; and when the browser took away what was stored, puts back what is still open here. */
  watchStorage(): void {
    const { storage } = this.ports;
    storage.held(() => this.store.setState({ keeps: 'held' }));
    void storage.keeps().then((keeps) => this.store.setState({ keeps }));
    storage.outdated(() => this.store.setState({ onlyLook: true, saved: 'failed', saveFault: NEWER_ELSEWHERE }));
    storage.lost((gone) => {
      this.store.setState({ saved: 'failed', saveFault: gone ? TAKEN_AWAY : SHUT });
      if (gone) void this.putBack();
    });
  }

  /** What is still open here is stored again; the sign stays until a person has seen it. */
  private async putBack(): Promise<void> {
    const { project, onlyLook, tin, offcuts } = this.store.getState();
    void this.setStock({ tin, offcuts }).catch(() => undefined);
    if (project && !onlyLook) await this.write(project).then(() => this.refreshJobs(), () => undefined); // prettier-ignore
  }

  private async readStock(): Promise<void> {
    this.store.setState(await readStock(this.ports.shelf));
  }

  private async reload(id: string, patch: Partial<StudioState>): Promise<void> {
    const stored = await this.ports.shelf.read(id);
    if (this.store.getState().project?.id !== id) return;
    if (!stored) {
      this.store.setState({ onlyLook: false });
      this.deletedElsewhere();
      return;
    }
    this.takeUp(stored, { past: [], future: [], saved: 'saved', ...patch });
  }

  beginPreview(project: Project): void {
    this.base ??= project;
  }
  endPreview(): Project | null {
    const base = this.base;
    this.base = null;
    return base;
  }

  /** Shows another state of the stock and puts it on the shelf. */
  async setStock({ tin, offcuts }: Stock): Promise<void> {
    this.store.setState({ tin, offcuts });
    await this.ports.shelf.setSetting(TIN, tin);
    await this.ports.shelf.setSetting(OFFCUTS, offcuts);
    this.ports.tabs.tell(STOCK_TOLD);
  }

  saveSoon(): void {
    this.dropTimer?.();
    this.store.setState({ saved: 'saving', ...(this.isDeleted() && { saveFault: null }) });
    this.dropTimer = this.ports.later(() => void this.flush(), SAVE_AFTER_MS);
  }

  async flush(): Promise<void> {
    this.dropTimer?.();
    this.dropTimer = null;
    const { project, saved } = this.store.getState();
    if (!project || saved === 'saved' || this.store.getState().onlyLook || this.isDeleted()) return;
    try {
      if (!(await this.write(project))) await this.keepBoth(project.id);
      else {
        this.ports.tabs.tell(project.id);
        if (this.store.getState().project === project) this.store.setState({ saved: 'saved', saveFault: null });
      }
      await this.refreshJobs();
    } catch (cause) {
      this.store.setState({ saved: 'failed', saveFault: whyNotStored(cause) });
    }
  }

  /** Writes the open job with its steps, as this tab’s work on what it last read; false where another tab has stored newer work. */
  private async write(project: Project): Promise<boolean> {
    const { shelf, tab } = this.ports;
    const from = this.stored?.project.id === project.id ? this.stored.revision : 0;
    const revision = await shelf.save(project, keptSteps(this.store.getState().past, project), { tab, from });
    if (revision === 'newer elsewhere') return false;
    if (this.store.getState().project?.id === project.id) this.stored = { project, revision };
    return true;
  }

  /** Another tab has stored newer work on the open job: it stays as it is there, and what is shown goes on as a job of its own. */
  private async keepBoth(id: string): Promise<void> {
    const { project, photos } = this.store.getState();
    if (project?.id !== id) return;
    const { newId, names, shelf } = this.ports;
    const own = withOwnPhotographs({ ...project, id: newId(), name: names.beside(project.name).slice(0, 120) }, photos);
    const told = asLabel('studio.kept-beside', { name: project.name, own: own.project.name });
    this.takeUp(
      { project: own.project, revision: 0 },
      { past: [], future: [], photos: own.photographs, saved: 'saving', message: { text: told, kind: 'fault' } },
    );
    await shelf.add(own.project, own.photographs);
    await shelf.setSetting('lastJob', own.project.id);
    await this.claim(own.project);
    // it was added without the name of a tab, and may have been worked on meanwhile
    this.stored = await shelf.read(own.project.id);
    const now = this.store.getState().project;
    if (now === own.project) this.store.setState({ saved: 'saved', saveFault: null });
    else if (now?.id === own.project.id) this.saveSoon();
  }

  askPlan(): void {
    const { project } = this.store.getState();
    if (!project || this.busy) return;
    if (this.asked === project) return;
    this.asked = project;
    this.busy = true;
    this.ports
      .derive(project, this.store.getState().others)
      .then((plan) => {
        if (this.store.getState().project?.id !== project.id) return;
        this.store.setState({ plan, planOf: project, planFault: null });
        this.keepPlanSoon(project, plan);
        this.proveSoon(project, plan);
      })
      .catch((cause: unknown) =>
        this.store.setState({
          planFault: asLabel(cause instanceof Error && cause.name === 'WorkerDied' ? 'studio.plan-stopped' : 'studio.no-plan'),
        }),
      )
      .finally(() => {
        this.busy = false;
        if (this.store.getState().project !== project) this.askPlan();
      });
  }

  /** A plan that nothing has changed for a while is kept for the next start. One that minds other jobs depends on more than its own. */
  private keepPlanSoon(project: Project, plan: DerivedPlan): void {
    this.dropPlanTimer?.();
    this.dropPlanTimer = this.ports.later(() => {
      const { planOf, onlyLook, others, saved } = this.store.getState();
      if (planOf !== project || onlyLook || others.length > 0 || saved !== 'saved') return;
      // it is only there for speed: where it does not fit, nothing is lost
      void keepLastPlan(this.ports.shelf, this.ports.build, project, plan).catch(() => undefined);
    }, KEEP_PLAN_AFTER_MS);
  }

  /** Where nothing changes for a moment, cut lists that the plan could not prove are: needs, price and papers count the best that is known. */
  private proveSoon(project: Project, plan: DerivedPlan): void {
    this.dropProofTimer?.();
    this.dropProofTimer = null;
    const open = plan.cuts.filter((c) => !c.least.proven);
    if (open.length === 0) return;
    const prove = async () => {
      const lists = open.map((c) => c.demands);
      const plans = await this.ports.leastWire(lists, project.brief.stockMm).catch(() => null);
      if (!plans || this.store.getState().plan !== plan) return;
      const cuts = plan.cuts.map((c) => ({ ...c, least: plans[open.indexOf(c)] ?? c.least }));
      const best = { ...plan, cuts };
      this.store.setState({ plan: best });
      this.keepPlanSoon(project, best);
    };
    this.dropProofTimer = this.ports.later(() => void prove(), PROVE_AFTER_MS);
  }

  /** Jobs that leave in the weeks before the open one are planned first, each round those before it; then the open one again. */
  async shareDays(): Promise<void> {
    const { project } = this.store.getState();
    if (!project) return;
    const others: OtherWork[] = [];
    if (project.days.withOthers) {
      const until = project.brief.leavesAt;
      const since = wallToText((wallFromText(until) || 0) - WEEKS_SHARED * 7 * 1440);
      const before = (await this.ports.shelf.list())
        .filter(
          (j) =>
            j.id !== project.id && j.leavesAt >= since && (j.leavesAt < until || (j.leavesAt === until && j.id < project.id)),
        )
        .sort((a, b) => (a.leavesAt !== b.leavesAt ? (a.leavesAt < b.leavesAt ? -1 : 1) : a.id < b.id ? -1 : 1));
      for (const job of before.slice(-MOST_SHARED)) {
        const other = await this.ports.shelf.load(job.id);
        if (other) others.push(await this.ports.otherWork(other, others));
      }
    }
    const now = this.store.getState();
    if (now.project?.id !== project.id || JSON.stringify(now.others) === JSON.stringify(others)) return;
    this.store.setState({ others });
    this.asked = null;
    this.askPlan();
  }

  async refreshJobs(): Promise<void> {
    this.store.setState({ jobs: await this.ports.shelf.list() });
  }
}
