import { asLabel } from '@/core/words/asLabel';
import { lightFormat } from 'date-fns';
import type { Backup } from '@/core/formats/backup';
import type { Photograph } from '@/core/formats/projectFile';
import type { Project } from '@/core/plan/project';
import type { Autosave } from './autosave';
import { withOwnPhotographs } from './ownPhotographs';
import { kept } from './reporting';
import type { Studio, StudioPorts } from './studio';

/** Zipping is fetched when it is asked for. */
const zip = () => import('@/core/formats/backup');

/** The whole shelf out as one file, and back. Restoring never overwrites: a job that is other than its namesake stands beside it. */
export function backupActions(
  ports: StudioPorts,
  autosave: Autosave,
  get: () => Studio,
): Pick<Studio, 'backUp' | 'lookAtBackup' | 'restore'> {
  const { shelf } = ports;
  const everyJob = async (): Promise<{ project: Project; photographs: Photograph[] }[]> => {
    const jobs = [];
    for (const { id } of await shelf.list()) {
      const project = await shelf.load(id);
      if (project) jobs.push({ project, photographs: await shelf.photos(id) });
    }
    return jobs;
  };
  return {
    async backUp() {
      await autosave.flush();
      const { tin, offcuts } = get();
      const { writeBackup } = await zip();
      return writeBackup({ jobs: await everyJob(), stock: { tin, offcuts } }, lightFormat(ports.now(), "yyyy-MM-dd'T'HH:mm"));
    },
    async lookAtBackup(bytes) {
      const { readBackup, restoreChanges } = await zip();
      const read = readBackup(bytes);
      if ('refused' in read) {
        get().set({ looked: null, message: { text: read.refused, kind: 'fault' } });
        return;
      }
      const there = (await everyJob()).map((j) => j.project);
      get().set({ looked: { ...read, changes: restoreChanges(read.backup, there) } });
    },
    async restore(backup: Backup, withStock: boolean) {
      const { restoring } = await zip();
      const there = (await everyJob()).map((j) => j.project);
      const buried = new Set<string>();
      for (const { project } of backup.jobs) if (await shelf.loadDeleted(project.id)) buried.add(project.id);
      const jobs = restoring(backup, there, buried);
      for (const { kind, id, project, photographs } of jobs) {
        const name = kind === 'other' ? ports.names.restored(project.name.slice(0, 100)) : project.name;
        const named = { ...project, id, name };
        const own = id === project.id ? { project: named, photographs } : withOwnPhotographs(named, photographs);
        if (!(await kept(shelf.add(own.project, own.photographs)))) return autosave.refreshJobs();
      }
      if (withStock) await autosave.setStock(backup.stock);
      await autosave.refreshJobs();
      get().set({
        message: {
          text: asLabel('studio.restored', {
            jobs: jobs.length,
            there: backup.jobs.length - jobs.length,
            stock: withStock ? 'yes' : 'no',
          }),
          kind: 'tell',
        },
      });
    },
  };
}
