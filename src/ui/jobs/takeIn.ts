import { BACKUP_FILE_ENDING, fileName, PROJECT_FILE_ENDING } from '@/core/formats/endings';
import { NoText, textOf } from '@/core/formats/textOf';
import { writeProjectFile, type Photograph } from '@/core/formats/projectFile';
import type { Project } from '@/core/plan/project';
import { readBytes, saveFile, writeInto } from '../shared/fileAccess';
import { getStudio } from '../useStudio';
import { asLabel } from '@/core/words/asLabel';

/** The file that the open job was opened from or saved under, so that it can be saved there again. */
let kept: { jobId: string; handle: FileSystemFileHandle } | null = null;

/** Saves a job as a file: into the one it came from or was saved under before, where the browser allows it, else under a new name. */
export async function exportJob(project: Project, photographs: readonly Photograph[] = []): Promise<void> {
  const text = writeProjectFile(project, photographs);
  const tell = (name: string) => getStudio().set({ message: { text: asLabel('jobs.saved-into', { name }), kind: 'tell' } });
  if (kept?.jobId === project.id) {
    const written = await writeInto(kept.handle, text).then(
      () => true,
      () => false,
    );
    if (written) return tell(kept.handle.name);
  }
  const handle = await saveFile(fileName(project.name, PROJECT_FILE_ENDING), text);
  if (!handle) return;
  kept = { jobId: project.id, handle };
  tell(handle.name);
}

/** Where a file that was taken in is looked at. */
export type TakenIn = 'job' | 'packet' | 'backup' | 'nothing';

/** Reads a job, a packet or a backup in, whichever it is; how much of a large one is shown, and a bad one says its sentence. */
export async function takeIn(file: File, handle: FileSystemFileHandle | null = null): Promise<TakenIn> {
  const { set } = getStudio();
  const bytes = await readBytes(file, (share) => set({ reading: share === null ? null : { name: file.name, share } }));
  // ZIP begins with PK (APPNOTE 4.3.7)
  if ((bytes[0] === 0x50 && bytes[1] === 0x4b) || /zip$/i.test(file.name)) {
    await getStudio().lookAtBackup(bytes);
    return getStudio().looked ? 'backup' : 'nothing';
  }
  if (!/json$/i.test(file.name)) {
    const text = asLabel('jobs.is-no-job-packet-or', {
      file: file.name,
      projectEnding: PROJECT_FILE_ENDING,
      backupEnding: BACKUP_FILE_ENDING,
    });
    set({ message: { text, kind: 'fault' } });
    return 'nothing';
  }
  const before = getStudio();
  try {
    await before.importText(textOf(bytes));
  } catch (cause) {
    if (!(cause instanceof NoText)) throw cause;
    set({ message: { text: { code: 'file.no-text', values: {} }, kind: 'fault' } });
  }
  const { project, packet } = getStudio();
  if (packet !== before.packet) return 'packet';
  if (!project || project.id === before.project?.id) return 'nothing';
  if (handle) kept = { jobId: project.id, handle };
  return 'job';
}
