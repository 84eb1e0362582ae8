import type { Photograph } from '@/core/formats/projectFile';
import type { Project } from '@/core/plan/project';
import { summaryOf, type JobShelf } from './jobs';

/** A shelf that lives as long as the page: where a browser gives no storage, and in tests. */
export function memoryShelf(): JobShelf & { rows: Map<string, { project: Project; at: number }> } {
  const rows = new Map<string, { project: Project; at: number }>();
  const settings = new Map<string, unknown>();
  const photos = new Map<string, Photograph & { jobId: string }>();
  let clock = 0;
  return {
    rows,
    list() {
      const all = [...rows.values()].sort((a, b) => b.at - a.at);
      return Promise.resolve(all.map(({ project, at }) => summaryOf(project, at)));
    },
    load: (id) => Promise.resolve(rows.get(id)?.project ?? null),
    save(project) {
      rows.set(project.id, { project, at: ++clock });
      return Promise.resolve();
    },
    remove(id) {
      rows.delete(id);
      return Promise.resolve();
    },
    getSetting: (key) => Promise.resolve(settings.get(key)),
    setSetting(key, value) {
      settings.set(key, value);
      return Promise.resolve();
    },
    versions(jobId) {
      const row = rows.get(jobId);
      return Promise.resolve(row ? [{ at: row.at, project: row.project }] : []);
    },
    photos: (jobId) =>
      Promise.resolve([...photos.values()].filter((p) => p.jobId === jobId).map(({ jobId: _, ...photo }) => photo)),
    putPhoto(jobId, photo) {
      photos.set(photo.id, { ...photo, jobId });
      return Promise.resolve();
    },
  };
}
