import type { Photograph } from '@/core/formats/projectFile';
import type { Project } from '@/core/plan/project';
import type { KeptStep } from './history';
import { summaryOf, type JobShelf } from './jobs';
import { dueVersion, type JobVersion } from './versions';

/** A shelf that lives as long as the page: where a browser gives no storage, and in tests. */
export function memoryShelf(now: () => number = Date.now): JobShelf & { rows: Map<string, { project: Project; at: number }> } {
  const rows = new Map<string, { project: Project; at: number }>();
  const settings = new Map<string, unknown>();
  const photos = new Map<string, Photograph & { jobId: string }>();
  const versions = new Map<string, JobVersion[]>();
  const steps = new Map<string, readonly KeptStep[]>();
  let clock = 0;
  const putVersion = (project: Project, wanted: boolean) => {
    const kept = versions.get(project.id) ?? [];
    if (wanted && JSON.stringify(kept[kept.length - 1]?.project) === JSON.stringify(project)) return;
    const { at, drop } = dueVersion(kept, now(), wanted);
    if (at === null) return;
    versions.set(project.id, [...kept.filter((v) => !drop.includes(v.at)), { at, seenAt: now(), project }]);
  };
  return {
    rows,
    list() {
      const all = [...rows.values()].sort((a, b) => b.at - a.at);
      return Promise.resolve(all.map(({ project, at }) => summaryOf(project, at)));
    },
    load: (id) => Promise.resolve(rows.get(id)?.project ?? null),
    save(project, ofIt) {
      rows.set(project.id, { project, at: ++clock });
      if (ofIt) steps.set(project.id, ofIt);
      putVersion(project, false);
      return Promise.resolve();
    },
    keepVersion(project) {
      putVersion(project, true);
      return Promise.resolve();
    },
    steps: (jobId) => Promise.resolve([...(steps.get(jobId) ?? [])]),
    remove(id) {
      rows.delete(id);
      steps.delete(id);
      return Promise.resolve();
    },
    getSetting: (key) => Promise.resolve(settings.get(key)),
    setSetting(key, value) {
      settings.set(key, value);
      return Promise.resolve();
    },
    versions: (jobId) => Promise.resolve([...(versions.get(jobId) ?? [])].reverse()),
    photos: (jobId) =>
      Promise.resolve([...photos.values()].filter((p) => p.jobId === jobId).map(({ jobId: _, ...photo }) => photo)),
    putPhoto(jobId, photo) {
      photos.set(photo.id, { ...photo, jobId });
      return Promise.resolve();
    },
  };
}
