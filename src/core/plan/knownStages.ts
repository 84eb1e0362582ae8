import { findSpecies } from '../botany/catalogue';
import { colourwayOf, stageOf, type Species } from '../botany/species';
import type { Issue } from '../boundary/refusal';
import type { ValueRefusal } from '../boundary/refusals';
import { catalogueOf } from './catalogueOf';
import type { Project } from './project';

interface Kind {
  species: string;
  stage?: string;
  colourway?: string;
}

/**
 * A job whose pieces, choices, wires and tin name only stages and colourways that their species has: what it has not, as after another
 * catalogue, becomes the open flower and the first colour, as it is drawn and counted. With what was put right, each with its path.
 */
export function withKnownStages(project: Project): { project: Project; repaired: Issue[] } {
  const catalogue = catalogueOf(project);
  const repaired: Issue[] = [];
  const note = (path: string, met: string, taken: string, code: 'refusal.stage' | 'refusal.colourway') => {
    const why = { code, values: { met } } satisfies ValueRefusal;
    repaired.push({ path, expected: taken, received: met, why });
    return taken;
  };
  const stageIn = (species: Species, id: string, path: string): string => {
    const taken = stageOf(species, id).id;
    return taken === id ? id : note(`${path}.stage`, id, taken, 'refusal.stage');
  };
  const colourIn = (species: Species, id: string, path: string): string => {
    const taken = colourwayOf(species, id).id;
    return taken === id ? id : note(`${path}.colourway`, id, taken, 'refusal.colourway');
  };
  const known = <K extends Kind>(kind: K, path: string): K => {
    const species = findSpecies(kind.species, catalogue);
    if (!species) return kind;
    return {
      ...kind,
      ...(kind.stage !== undefined && { stage: stageIn(species, kind.stage, path) }),
      ...(kind.colourway !== undefined && { colourway: colourIn(species, kind.colourway, path) }),
    };
  };
  const all = <K extends Kind>(kinds: readonly K[], path: string): K[] => kinds.map((kind, i) => known(kind, `${path}.${i}`));
  const put: Project = {
    ...project,
    brief: { ...project.brief, choices: all(project.brief.choices, 'brief.choices') },
    arrangements: project.arrangements.map((a, i) => ({ ...a, pieces: all(a.pieces, `arrangements.${i}.pieces`) })),
    gauges: all(project.gauges, 'gauges'),
  };
  return repaired.length ? { project: put, repaired } : { project, repaired };
}
