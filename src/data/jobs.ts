import { checkProject, type Project } from '@/core/plan/project';
import type { Photograph } from '@/core/formats/projectFile';
import type { Taken } from '@/core/make/takings';
import Dexie from 'dexie';
import type { StudioDb } from './db';
import { dueVersions, type JobVersion } from './versions';

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

/** Where jobs live; the store is handed one and does not know the database. */
export interface JobShelf {
  list(): Promise<JobSummary[]>;
  load(id: string): Promise<Project | null>;
  save(project: Project): Promise<void>;
  remove(id: string): Promise<void>;
  getSetting(key: string): Promise<unknown>;
  setSetting(key: string, value: unknown): Promise<void>;
  /** the job as it was, latest first */
  versions(jobId: string): Promise<JobVersion[]>;
  photos(jobId: string): Promise<Photograph[]>;
  putPhoto(jobId: string, photo: Photograph): Promise<void>;
}

const ofJob = (db: StudioDb, jobId: string) =>
  db.versions.where('[jobId+at]').between([jobId, Dexie.minKey], [jobId, Dexie.maxKey]);

export function jobShelf(db: StudioDb, now: () => number): JobShelf {
  return {
    async list() {
      const rows = await db.jobs.orderBy('updatedAt').reverse().toArray();
      return rows.map((row) => summaryOf(row.project, row.updatedAt));
    },
    async load(id) {
      const row = await db.jobs.get(id);
      if (!row) return null;
      const checked = checkProject(row.project);
      return 'project' in checked ? checked.project : null;
    },
    async save(project) {
      await db.transaction('rw', db.jobs, db.versions, async () => {
        const at = now();
        await db.jobs.put({ id: project.id, name: project.name, updatedAt: at, project });
        const kept = await ofJob(db, project.id).primaryKeys();
        const due = dueVersions(
          kept.map(([, when]) => when),
          at,
        );
        if (due.keep) await db.versions.put({ jobId: project.id, at, project });
        await db.versions.bulkDelete(due.drop.map((when): [string, number] => [project.id, when]));
      });
    },
    async versions(jobId) {
      const rows = await ofJob(db, jobId).toArray();
      return rows.reverse().flatMap(({ at, project }) => {
        const checked = checkProject(project);
        return 'project' in checked ? [{ at, project: checked.project }] : [];
      });
    },
    async remove(id) {
      await db.jobs.delete(id);
    },
    async getSetting(key) {
      return (await db.settings.get(key))?.value;
    },
    async setSetting(key, value) {
      await db.settings.put({ key, value });
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
