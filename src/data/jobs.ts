import { checkProject, type Project } from '@/core/plan/project';
import type { Photograph } from '@/core/formats/projectFile';
import type { Taken } from '@/core/make/takings';
import Dexie, { type Table } from 'dexie';
import type { DeletedRow, JobRow, StudioDb } from './db';
import type { KeptStep } from './history';
import { dueVersion, type JobVersion } from './versions';

export interface JobSummary {
  id: string;
  name: string;
  updatedAt: number;
  pieces: number;
  leavesAt: string;
  /** what it has set aside from the tin */
  taken: readonly Taken[];
}

export const summaryOf = (project: Project, updatedAt: number): JobSummary => ({
  id: project.id,
  name: project.name,
  updatedAt,
  leavesAt: project.brief.leavesAt,
  taken: project.taken ?? [],
  pieces: project.arrangements.reduce((a, b) => a + b.pieces.length, 0),
});

/** A deleted job as it is listed, with the room that it and what belongs to it take, in characters as stored. */
export interface DeletedJob {
  id: string;
  name: string;
  deletedAt: number;
  room: number;
}

/** So many deletions can be taken back; the oldest goes for good when there is one more. */
export const MOST_DELETED = 20;

/** A write of an open job: the tab that writes, and the revision its work came from. */
export interface Writing {
  tab: string;
  from: number;
}

/** A row that another tab wrote since `from` is not written over. What one tab writes, it writes in its order. */
export const isNewer = (row: { revision?: number; writer?: string }, writing: Writing): boolean =>
  row.writer !== writing.tab && (row.revision ?? 0) !== writing.from;

/** Where jobs live; the store is handed one and does not know the database. */
export interface JobShelf {
  list(): Promise<JobSummary[]>;
  load(id: string): Promise<Project | null>;
  /** the job to work on, with the revision that work comes from */
  read(id: string): Promise<{ project: Project; revision: number } | null>;
  /**
   * With the steps that lead to it, where they are to be kept as well. Where another tab has stored newer work than what `writing` came
   * from, nothing is written. Gives the job’s revision.
   */
  save(project: Project, steps?: readonly KeptStep[], writing?: Writing): Promise<number | 'newer elsewhere'>;
  /** keeps the job as it is for going back to, unless the last version is the same */
  keepVersion(project: Project): Promise<void>;
  /** the steps kept with it, the oldest first */
  steps(jobId: string): Promise<KeptStep[]>;
  /** puts a job that is not there on the shelf with its photographs: all of it or nothing */
  add(project: Project, photographs: readonly Photograph[]): Promise<void>;
  /** takes a job off the shelf; it can be brought back until `MOST_DELETED` more have gone */
  remove(id: string): Promise<void>;
  /** what can be brought back, the last first */
  deleted(): Promise<DeletedJob[]>;
  loadDeleted(id: string): Promise<Project | null>;
  /** for good, with its photographs, versions and steps, unless a job of that id is on the shelf */
  forget(id: string): Promise<void>;
  getSetting(key: string): Promise<unknown>;
  setSetting(key: string, value: unknown): Promise<void>;
  /** reads and writes a setting as one: what another tab wrote in between is not lost */
  changeSetting(key: string, change: (was: unknown) => unknown): Promise<void>;
  /** the job as it was, latest first */
  versions(jobId: string): Promise<JobVersion[]>;
  photos(jobId: string): Promise<Photograph[]>;
  putPhoto(jobId: string, photo: Photograph): Promise<void>;
}

/** Rows of one job, in their order. */
const ofJob = <Row>(table: Table<Row, [string, number]>, jobId: string, order: 'at' | 'n') =>
  table.where(`[jobId+${order}]`).between([jobId, Dexie.minKey], [jobId, Dexie.maxKey]);

export function jobShelf(db: StudioDb, now: () => number): JobShelf {
  /** Within a transaction: a version where one is due, or `wanted` and other than the last. */
  const putVersion = async (project: Project, wanted: boolean): Promise<void> => {
    const keys = await ofJob(db.versions, project.id, 'at').primaryKeys();
    const last = keys.length ? await db.versions.get(keys[keys.length - 1]!) : undefined;
    if (wanted && last && JSON.stringify(last.project) === JSON.stringify(project)) return;
    const kept = keys.map(([, at]) => ({ at, seenAt: at === last?.at ? (last.seenAt ?? at) : at }));
    const { at, drop } = dueVersion(kept, now(), wanted);
    if (at !== null) await db.versions.put({ jobId: project.id, at, seenAt: now(), project });
    await db.versions.bulkDelete(drop.map((old): [string, number] => [project.id, old]));
  };
  /** Within a transaction: the steps that are not there yet, the last one anew, and no others. */
  const putSteps = async (jobId: string, steps: readonly KeptStep[]): Promise<void> => {
    const there = new Set((await ofJob(db.steps, jobId, 'n').primaryKeys()).map(([, n]) => n));
    const wanted = new Set(steps.map((s) => s.n));
    const last = steps[steps.length - 1]?.n;
    await db.steps.bulkDelete([...there].filter((n) => !wanted.has(n)).map((n): [string, number] => [jobId, n]));
    await db.steps.bulkPut(steps.filter((s) => !there.has(s.n) || s.n === last).map((s) => ({ ...s, jobId })));
  };
  /** Within a transaction: what belongs to jobs that are on no shelf and can not be brought back. */
  const dropBelongings = async (ids: readonly string[]): Promise<void> => {
    for (const id of ids) {
      if (await db.jobs.get(id)) continue;
      await db.photos.where('jobId').equals(id).delete();
      await ofJob(db.versions, id, 'at').delete();
      await ofJob(db.steps, id, 'n').delete();
    }
  };
  /** Within a transaction: the job under its next revision, above that of one of its id that was deleted. */
  const putJob = async (project: Project, was: JobRow | undefined, writer?: string): Promise<number> => {
    const buried = (await db.deleted.get(project.id))?.revision ?? 0;
    const revision = Math.max(was?.revision ?? 0, buried) + 1;
    await db.jobs.put({ id: project.id, name: project.name, updatedAt: now(), project, revision, ...(writer && { writer }) });
    return revision;
  };
  const roomOf = async ({ id, project }: DeletedRow): Promise<number> => {
    let room = JSON.stringify(project).length;
    await db.photos.where('jobId').equals(id).each((p) => void (room += p.base64.length)); // prettier-ignore
    await ofJob(db.versions, id, 'at').each((v) => void (room += JSON.stringify(v.project).length));
    await ofJob(db.steps, id, 'n').each((s) => void (room += JSON.stringify(s).length));
    return room;
  };
  const read: JobShelf['read'] = async (id) => {
    const row = await db.jobs.get(id);
    const checked = row && checkProject(row.project);
    return checked && 'project' in checked ? { project: checked.project, revision: row.revision ?? 0 } : null;
  };
  return {
    async list() {
      const rows = await db.jobs.orderBy('updatedAt').reverse().toArray();
      return rows.map((row) => summaryOf(row.project, row.updatedAt));
    },
    load: async (id) => (await read(id))?.project ?? null,
    read,
    async save(project, steps, writing) {
      return db.transaction('rw', db.jobs, db.versions, db.steps, db.deleted, async () => {
        const was = await db.jobs.get(project.id);
        if (was && writing && isNewer(was, writing)) return 'newer elsewhere' as const;
        const revision = await putJob(project, was, writing?.tab);
        await db.deleted.delete(project.id);
        await putVersion(project, false);
        if (steps) await putSteps(project.id, steps);
        return revision;
      });
    },
    async add(project, photographs) {
      await db.transaction('rw', db.jobs, db.versions, db.photos, db.deleted, async () => {
        if (await db.jobs.get(project.id)) throw new Error('a job of this id is on the shelf');
        await putJob(project, undefined);
        const there = await db.photos.bulkGet(photographs.map((photo) => photo.id));
        // no file writes over a photograph of another job
        const own = photographs.filter((_, i) => !there[i] || there[i].jobId === project.id);
        await db.photos.bulkPut(own.map((photo) => ({ ...photo, jobId: project.id })));
        await putVersion(project, false);
      });
    },
    async keepVersion(project) {
      await db.transaction('rw', db.versions, () => putVersion(project, true));
    },
    async steps(jobId) {
      const rows = await ofJob(db.steps, jobId, 'n').toArray();
      return rows.map(({ jobId: _, ...step }) => step);
    },
    async versions(jobId) {
      const rows = await ofJob(db.versions, jobId, 'at').toArray();
      return rows.reverse().flatMap(({ at, seenAt = at, project }) => {
        const checked = checkProject(project);
        return 'project' in checked ? [{ at, seenAt, project: checked.project }] : [];
      });
    },
    async remove(id) {
      await db.transaction('rw', [db.jobs, db.photos, db.versions, db.steps, db.deleted], async () => {
        const row = await db.jobs.get(id);
        if (!row) return;
        await db.jobs.delete(id);
        // after the last one, whatever the clock says
        const last = (await db.deleted.orderBy('deletedAt').last())?.deletedAt ?? 0;
        const { name, project, revision } = row;
        await db.deleted.put({ id, name, deletedAt: Math.max(now(), last + 1), project, ...(revision && { revision }) });
        const late = (await db.deleted.orderBy('deletedAt').reverse().primaryKeys()).slice(MOST_DELETED);
        await db.deleted.bulkDelete(late);
        await dropBelongings(late);
      });
    },
    async deleted() {
      const rows = await db.deleted.orderBy('deletedAt').reverse().toArray();
      return Promise.all(
        rows.map(async (row) => ({ id: row.id, name: row.name, deletedAt: row.deletedAt, room: await roomOf(row) })),
      );
    },
    async loadDeleted(id) {
      const row = await db.deleted.get(id);
      const checked = row && checkProject(row.project);
      return checked && 'project' in checked ? checked.project : null;
    },
    async forget(id) {
      await db.transaction('rw', [db.jobs, db.photos, db.versions, db.steps, db.deleted], async () => {
        await db.deleted.delete(id);
        await dropBelongings([id]);
      });
    },
    async getSetting(key) {
      return (await db.settings.get(key))?.value;
    },
    async setSetting(key, value) {
      await db.settings.put({ key, value });
    },
    async changeSetting(key, change) {
      await db.transaction('rw', db.settings, async () => {
        const was = (await db.settings.get(key))?.value;
        await db.settings.put({ key, value: change(was) });
      });
    },
    async photos(jobId) {
      return (await db.photos.where('jobId').equals(jobId).toArray()).map(({ jobId: _, ...photo }) => photo);
    },
    async putPhoto(jobId, photo) {
      await db.photos.put({ ...photo, jobId });
    },
  };
}

/** On a first start the demo jobs are put on the shelf, the default one last so that it is opened. */
export async function seedDemos(shelf: JobShelf): Promise<void> {
  const { DEMO_JOBS, DEMO_TIN } = await import('@/core/demo/jobs');
  for (const demo of [...DEMO_JOBS].reverse()) {
    const checked = checkProject(demo);
    if ('project' in checked) await shelf.save(checked.project);
  }
  await shelf.setSetting('tin', DEMO_TIN);
}
