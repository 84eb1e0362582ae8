import type { ComposeRequest } from '../compose/composer';
import { catalogueOf, type Project } from './project';

/** What the composer is asked for one arrangement of a project; null when the project has no such arrangement. */
export function composeRequestOf(project: Project, index: number, seed: number, proposals: number): ComposeRequest | null {
  const arrangement = project.arrangements[index];
  if (!arrangement) return null;
  const { choices, style } = project.brief;
  return {
    cake: project.cake,
    arrangement,
    choices,
    style,
    catalogue: catalogueOf(project),
    counts: null,
    seed,
    proposals,
    effort: 1,
  };
}
