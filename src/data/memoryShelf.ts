import type { Photograph } from '@/core/formats/projectFile';
import type { Project } from '@/core/plan/project';
import type { KeptStep } from './history';
import { isNewer, MOST_DELETED, summaryOf, type JobShelf } from './jobs';
import { dueVersion, type JobVersion } from './versions';

interface Row {
  project: Project;
  at: number;
  revision: number;
  writer?: string;
}

/** A shelf that lives as long as the page: where a browser gives no storage, and in tests. */
export function memoryShelf(now: () => number = Date.now): JobShelf & { rows: Map<string, Row> } {
  const rows = new Map<string, Row>();
  const settings = new Map<string, unknown>();
  const photos = new Map<string, Photograph & { jobId: string }>();
  const versions = new Map<string, JobVersion[]>();
  const steps = new Map<string, readonly KeptStep[]>();
  /** the oldest first */
  const deleted = new Map<string, { project: Project; deletedAt: number; revision: number }>();
  let clock = 0;
  const put = (project: Project, writer?: string): number => {
    const revision = Math.max(rows.get(project.id)?.revision ?? 0, deleted.get(project.id)?.revision ?? 0) + 1;
    rows.set(project.id, { project, at: ++clock, revision, ...(writer && { writer }) });
    return revision;
  };
  const putVersion = (project: Project, wanted: boolean) => {
    const kept = versions.get(project.id) ?? [];
    if (wanted && JSON.stringify(kept[kept.length - 1]?.project) === JSON.stringify(project)) return;
    const { at, drop } = dueVersion(kept, now(), wanted);
    if (at === null) return;
    versions.set(project.id, [...kept.filter((v) => !drop.includes(v.at)), { at, seenAt: now(), project }]);
  };
  const photosOf = (jobId: string) => [...photos.values()].filter((p) => p.jobId === jobId);
  const forget = (id: string) => {
    deleted.delete(id);
    if (rows.has(id)) return;
    for (const photo of photosOf(id)) photos.delete(photo.id);
    versions.delete(id);
    steps.delete(id);
  };
  const roomOf = (id: string, project: Project) =>
    JSON.stringify([project, (versions.get(id) ?? []).map((v) => v.project), steps.get(id) ?? []]).length +
    photosOf(id).reduce((a, p) => a + p.base64.length, 0);
  return {
    rows,
    list() {
      const all = [...rows.values()].sort((a, b) => b.at - a.at);
      return Promise.resolve(all.map(({ project, at }) => summaryOf(project, at)));
    },
    load: (id) => Promise.resolve(rows.get(id)?.project ?? null),
    read: (id) => Promise.resolve(rows.get(id) ?? null),
    save(project, ofIt, writing) {
      const was = rows.get(project.id);
      if (was && writing && isNewer(was, writing)) return Promise.resolve('newer elsewhere');
      const revision = put(project, writing?.tab);
      deleted.delete(project.id);
      if (ofIt) steps.set(project.id, ofIt);
      putVersion(project, false);
      return Promise.resolve(revision);
    },
    keepVersion(project) {
      putVersion(project, true);
      return Promise.resolve();
    },
    steps: (jobId) => Promise.resolve([...(steps.get(jobId) ?? [])]),
    add(project, photographs) {
      if (rows.has(project.id)) return Promise.reject(new Error('a job of this id is on the shelf'));
      put(project);
      // no file writes over a photograph of another job
      for (const photo of photographs)
        if ((photos.get(photo.id)?.jobId ?? project.id) === project.id) photos.set(photo.id, { ...photo, jobId: project.id });
      putVersion(project, false);
      return Promise.resolve();
    },
    remove(id) {
      const row = rows.get(id);
      if (!row) return Promise.resolve();
      rows.delete(id);
      deleted.set(id, { project: row.project, deletedAt: now(), revision: row.revision });
      for (const late of [...deleted.keys()].slice(0, -MOST_DELETED)) forget(late);
      return Promise.resolve();
    },
    deleted: () =>
      Promise.resolve(
        [...deleted]
          .map(([id, { project, deletedAt }]) => ({ id, name: project.name, deletedAt, room: roomOf(id, project) }))
          .reverse(),
      ),
    loadDeleted: (id) => Promise.resolve(deleted.get(id)?.project ?? null),
    forget: (id) => Promise.resolve(forget(id)),
    getSetting: (key) => Promise.resolve(settings.get(key)),
    setSetting(key, value) {
      settings.set(key, value);
      return Promise.resolve();
    },
    changeSetting(key, change) {
      settings.set(key, change(settings.get(key)));
      return Promise.resolve();
    },
    versions: (jobId) => Promise.resolve([...(versions.get(jobId) ?? [])].reverse()),
    photos: (jobId) => Promise.resolve(photosOf(jobId).map(({ jobId: _, ...photo }) => photo)),
    putPhoto(jobId, photo) {
      photos.set(photo.id, { ...photo, jobId });
      return Promise.resolve();
    },
  };
}
