import type { ComposeRequest } from '../compose/proposal';
import type { TinPiece } from '../compose/tin';
import { catalogueOf } from './catalogueOf';
import type { Project } from './project';

interface ComposeRequestOfOptions {
  project: Project;
  index: number;
  seed: number;
  proposals: number;
  tin?: readonly TinPiece[];
}

/**
 * What the composer is asked for one arrangement of a project, `tin` what is free for it there; null when the project has no
 * such arrangement.
 */
export function composeRequestOf({ project, index, seed, proposals, tin = [] }: ComposeRequestOfOptions): ComposeRequest | null {
  const arrangement = project.arrangements[index];
  if (!arrangement) return null;
  const { choices, style, useTin } = project.brief;
  return {
    cake: project.cake,
    arrangement,
    choices,
    style,
    catalogue: catalogueOf(project),
    tin: useTin ? tin : [],
    counts: null,
    seed,
    proposals,
    effort: 1,
  };
}
