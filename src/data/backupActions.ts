import { asLabel } from '@/core/words/asLabel';
import { format } from 'date-fns';
import type { Backup } from '@/core/formats/backup';
import type { Photograph } from '@/core/formats/projectFile';
import type { Project } from '@/core/plan/project';
import type { Autosave } from './autosave';
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
      return writeBackup({ jobs: await everyJob(), stock: { tin, offcuts } }, format(ports.now(), "yyyy-MM-dd'T'HH:mm"));
    },
    async lookAtBackup(bytes) {
      const { readBackup, restoreChanges } = await zip();
      const read = await readBackup(bytes);
      if ('refused' in read) {
        get().set({ looked: null, message: { text: read.refused, kind: 'fault' } });
        return;
      }
      const there = (await everyJob()).map((j) => j.project);
      get().set({ looked: { backup: read.backup, madeAt: read.madeAt, changes: restoreChanges(read.backup, there) } });
    },
    async restore(backup: Backup, withStock: boolean) {
      const there = new Map((await everyJob()).map((j) => [j.project.id, JSON.stringify(j.project)]));
      let taken = 0;
      for (const { project, photographs } of backup.jobs) {
        const known = there.get(project.id);
        if (known === JSON.stringify(project)) continue;
        const own = known ? { ...project, id: ports.newId(), name: ports.names.restored(project.name.slice(0, 100)) } : project;
        await shelf.save(own);
        for (const photo of photographs)
          await shelf.putPhoto(own.id, known ? { ...photo, id: `${photo.id}@${own.id}`.slice(0, 80) } : photo);
        taken++;
      }
      if (withStock) await autosave.setStock(backup.stock);
      await autosave.refreshJobs();
      get().set({
        message: {
          text: asLabel('studio.restored', { jobs: taken, stock: withStock ? 'yes' : 'no' }),
          kind: 'tell',
        },
      });
    },
  };
}
