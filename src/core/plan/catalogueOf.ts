import { catalogueWith, type Catalogue, type OwnCatalogue } from '../botany/catalogue';
import { barriersWith, type Barrier } from '../place/barrier';
import type { OwnBarrier } from '../place/ownBarrier';
import type { Project } from './project';

/** All that a job can name: species and methods, and the barriers that its stems may have. */
export interface JobCatalogue extends Catalogue {
  readonly barriers: readonly Barrier[];
}

/** Where a job says what it brings. */
export type Bringing = Pick<Project, 'catalogue' | 'barriers' | 'madeBy'> & { brief: Pick<Project['brief'], 'choices'> };

/** What the job brings to the catalogue: its own species and methods, and the cutters that were said. */
export const ownCatalogueOf = (project: Omit<Bringing, 'barriers'>): OwnCatalogue => ({
  ...project.catalogue,
  madeBy: project.madeBy,
  cutters: project.brief.choices.flatMap((c) =>
    typeof c.petalsCut === 'number' && c.petalsCut >= 2 ? [{ species: c.species, petals: c.petalsCut }] : [],
  ),
});

/** Kept by what they are made of, so that a job has the same one for as long as it brings the same. */
const kept = new WeakMap<Catalogue, Map<string, JobCatalogue>>();

/** The catalogue of a job: what ships with the product, and its own. The same value for as long as the job brings the same. */
export function catalogueOf(project: Bringing): JobCatalogue {
  const catalogue = catalogueWith(ownCatalogueOf(project));
  const own = kept.get(catalogue) ?? new Map<string, JobCatalogue>();
  kept.set(catalogue, own);
  const key = barriersKey(project.barriers);
  const known = own.get(key) ?? { ...catalogue, barriers: barriersWith(project.barriers) };
  if (own.size >= MOST_KEPT) own.clear();
  own.set(key, known);
  return known;
}

const MOST_KEPT = 16;
const barriersKey = (own: readonly OwnBarrier[]): string => (own.length ? JSON.stringify(own) : '');
