import type { Photograph } from '@/core/formats/projectFile';
import type { Project } from '@/core/plan/project';

/**
 * A job under another id with photographs of its own: they lie on one shelf by their ids, and the log of the second job means its own.
 */
export function withOwnPhotographs(
  project: Project,
  photographs: readonly Photograph[],
): { project: Project; photographs: Photograph[] } {
  const ids = new Map(photographs.map((photo, n) => [photo.id, `${project.id.slice(0, 60)}-photo-${n + 1}`]));
  return {
    project: {
      ...project,
      log: project.log.map((e) => (e.photo === undefined ? e : { ...e, photo: ids.get(e.photo) ?? e.photo })),
    },
    photographs: photographs.map((photo) => ({ ...photo, id: ids.get(photo.id) ?? photo.id })),
  };
}
