import { asLabel } from '@/core/words/asLabel';
import type { Issue } from '@/core/boundary/refusal';
import type { FileRefusal } from '@/core/boundary/refusals';
import { offcutsWith } from '@/core/wire/offcuts';
import { readProjectFile, type Photograph } from '@/core/formats/projectFile';
import { newProject } from '@/core/plan/newProject';
import type { Project } from '@/core/plan/project';
import { habitsFrom } from './habits';
import { seedDemos } from './jobs';
import type { Autosave } from './autosave';
import { readLastPlan } from './lastPlan';
import { withOwnPhotographs } from './ownPhotographs';
import { kept } from './reporting';
import { readStock } from './stockShelf';
import { NO_SEARCH } from './fresh';
import type { Studio, StudioPorts, StudioState } from './studio';

const CLEARED = asLabel('studio.cleared-since');
const FRESH = { past: [], future: [], selection: [], arrangementIndex: 0, plan: null, planOf: null, saved: 'saved' as const };

/** What is said of a file in which something was put right. */
const putRightIn = (name: string, repaired: readonly Issue[]): FileRefusal | null =>
  repaired[0]
    ? { code: 'file.put-right', values: { name, count: repaired.length, why: repaired[0].why, at: repaired[0].path } }
    : null;

/** Opening, making, copying, removing and reading in jobs. */
export function jobActions(
  ports: StudioPorts,
  autosave: Autosave,
  get: () => Studio,
): Pick<
  Studio,
  | 'start'
  | 'open'
  | 'create'
  | 'copy'
  | 'remove'
  | 'bringBack'
  | 'deletedJobs'
  | 'forget'
  | 'importText'
  | 'versions'
  | 'goBackTo'
  | 'shareDays'
  | 'flush'
  | 'setEvening'
  | 'setHabits'
  | 'endTour'
> {
  const { shelf } = ports;
  const openJob = async (id: string, patch: Partial<StudioState> = {}): Promise<boolean> => {
    await autosave.flush();
    const stored = await shelf.read(id);
    if (!stored) return false;
    const { project } = stored;
    ports.composer.cancel();
    autosave.takeUp(stored, {
      onlyLook: false,
      ...FRESH,
      search: NO_SEARCH,
      others: [],
      ...patch,
    });
    await shelf.setSetting('lastJob', project.id);
    await autosave.claim(project);
    await autosave.readSteps(project);
    await autosave.refreshJobs();
    get().set({ photos: await shelf.photos(project.id) });
    return true;
  };
  const addJob = async (project: Project, patch: Partial<StudioState> = {}, photographs: readonly Photograph[] = []) => {
    if (await kept(shelf.add(project, photographs))) await openJob(project.id, patch);
  };
  /** The job under an id of its own, with photographs of its own. */
  const addSecond = (project: Project, photographs: readonly Photograph[], patch: Partial<StudioState> = {}) => {
    const own = withOwnPhotographs({ ...project, id: ports.newId() }, photographs);
    return addJob(own.project, patch, own.photographs);
  };
  return {
    async start() {
      // all at once: a station waits for nothing else
      const lastOpen = shelf.getSetting('lastJob').then((id) => (typeof id === 'string' ? shelf.read(id) : null));
      const setting = (key: string) => shelf.getSetting(key);
      const asked = Promise.all([setting('evening'), setting('habits'), setting('toured'), get().startLog()]);
      const [there, seeded] = await Promise.all([shelf.list(), setting('seeded')]);
      const isNew = there.length === 0 && !seeded;
      const clearedSince = (await ports.storage.keptBefore()) && isNew;
      if (isNew) {
        await seedDemos(shelf);
        await shelf.setSetting('seeded', true);
      }
      const jobs = isNew ? await shelf.list() : there;
      const firstOpen = lastOpen.then((last) => last ?? (jobs[0] ? shelf.read(jobs[0].id) : null));
      const [first, stock, planOf, [evening, habits, toured]] = await Promise.all([
        firstOpen,
        readStock(shelf),
        readLastPlan(shelf, ports.build),
        asked,
      ]);
      const found = {
        jobs,
        evening: evening === true,
        habits: habitsFrom(habits),
        firstVisit: toured !== true,
        ...stock,
        ready: true,
        ...(clearedSince && { message: { text: CLEARED, kind: 'fault' as const } }),
      };
      if (!first) get().set(found);
      else {
        const { project } = first;
        const plan = planOf(project);
        autosave.takeUp(first, { ...FRESH, ...found, plan, planOf: plan && project });
        await autosave.claim(project);
        await autosave.readSteps(project);
        get().set({ photos: await shelf.photos(project.id) });
      }
    },
    async open(id) {
      if (!(await openJob(id))) get().set({ message: { text: asLabel('studio.job-unreadable'), kind: 'fault' } });
    },
    async create() {
      const day = new Date(ports.now().getTime() + 14 * 86_400_000).toISOString().slice(0, 10);
      const fresh = newProject(ports.newId(), ports.names.newJob(), `${day}T10:00`);
      const before = get().project;
      // a new job begins with the bench of the last one: its species and methods, colours, prices and spares
      const bench = before && {
        catalogue: before.catalogue,
        paints: before.paints,
        prices: before.prices,
        spares: before.spares,
        madeBy: before.madeBy,
      };
      await addJob({ ...fresh, ...bench });
    },
    async copy(id) {
      const project = id === get().project?.id ? get().project : await shelf.load(id);
      // ends of wire are there once
      if (!project) return;
      const name = ports.names.copyOf(project.name).slice(0, 120);
      await addSecond({ ...project, name, offcuts: [], wiresCut: false }, await shelf.photos(id));
    },
    async remove(id) {
      await autosave.flush();
      const project = await shelf.load(id);
      await shelf.remove(id);
      ports.tabs.tell(id);
      await autosave.refreshJobs();
      // ends of wire that it had set aside and not yet cut are free again
      if (project?.offcuts.length && !project.wiresCut) await get().setOffcuts(offcutsWith(get().offcuts, project.offcuts, 1));
      get().set({ deleted: project ? { project } : null });
      if (get().project?.id !== id) return;
      const next = get().jobs[0];
      if (next) await get().open(next.id);
      else get().set({ project: null, ...FRESH });
    },
    async bringBack(id) {
      const { deleted } = get();
      const project =
        deleted && (id === undefined || id === deleted.project.id) ? deleted.project : await shelf.loadDeleted(id ?? '');
      if (!project) return;
      // ends of wire that it had not yet cut went free with it
      const back = { ...project, offcuts: project.wiresCut ? project.offcuts : [] };
      // another tab may have stored it again since, and worked on: both are kept
      const isThere = (await shelf.list()).some((j) => j.id === project.id);
      const restored = { ...back, id: ports.newId(), name: ports.names.restored(project.name).slice(0, 120) };
      const own = isThere ? withOwnPhotographs(restored, await shelf.photos(project.id)) : { project: back, photographs: [] };
      if (!(await kept(shelf.add(own.project, own.photographs)))) return;
      await shelf.forget(project.id);
      await openJob(own.project.id, { deleted: null });
      ports.tabs.tell(own.project.id);
    },
    deletedJobs: () => shelf.deleted(),
    async forget(id) {
      await shelf.forget(id);
      if (get().deleted?.project.id === id) get().set({ deleted: null });
    },
    async importText(text) {
      if (await get().openPacket(text)) return;
      const read = readProjectFile(text);
      if ('refused' in read) {
        get().set({ message: { text: read.refused, kind: 'fault' } });
        return;
      }
      const taken = get().jobs.some((j) => j.id === read.project.id);
      const { project, photographs } = read;
      const told =
        putRightIn(project.name, read.repaired) ??
        asLabel('studio.job-is-open', { name: project.name, second: taken ? 'yes' : 'no' });
      const patch = { message: { text: told, kind: 'tell' as const } };
      // one of that id that was deleted can still be brought back, with what belongs to it
      if (taken || (await shelf.loadDeleted(project.id))) {
        await addSecond(project, photographs, patch);
        return;
      }
      // its photographs may have ids that others on the shelf have
      const own = withOwnPhotographs(project, photographs);
      await addJob(own.project, patch, own.photographs);
    },
    async versions() {
      const { project } = get();
      return project ? shelf.versions(project.id) : [];
    },
    goBackTo(version) {
      const { project } = get();
      if (project && version.project.id === project.id)
        autosave.step(asLabel('studio.do-earlier-version'), project, version.project, { large: true });
    },
    shareDays: () => autosave.shareDays(),
    flush: () => autosave.flush(),
    setEvening(evening) {
      get().set({ evening });
      void shelf.setSetting('evening', evening);
    },
    endTour() {
      get().set({ firstVisit: false });
      void shelf.setSetting('toured', true);
    },
    setHabits(habits) {
      get().set({ habits });
      void shelf.setSetting('habits', habits);
    },
  };
}
