import { barrierOf } from '../place/ownBarrier';
import type { Project } from '../plan/project';
import type { Naming } from './words';

type Named = Pick<Project, 'catalogue' | 'barriers' | 'prices'>;

/** What a job calls its own species, barriers and methods, and the numbers of its entries. */
export function namingOf(project: Named, entries: readonly { id: string; number: number }[] = []): Naming {
  const species = new Map(project.catalogue.species.map((s) => [s.id, s]));
  const methods = new Map(project.catalogue.methods.map((m) => [m.id, m]));
  const barriers = new Map(project.barriers.map((b) => [b.id, { name: b.name, ways: barrierOf(b).ways }]));
  const numbers = new Map(entries.map((e) => [e.id, e.number]));
  return {
    species: (id) => {
      const own = species.get(id);
      return own ? [own.name.toLowerCase(), own.plural] : null;
    },
    colour: ({ species: id, colourway }) => species.get(id)?.colourways.find((c) => c.id === colourway)?.name ?? null,
    barrier: (id) => barriers.get(id) ?? null,
    method: (id) => methods.get(id)?.name ?? null,
    craft: (id) => methods.get(id) ?? null,
    step: ({ method, step }) => {
      const own = methods.get(method)?.steps.find((s) => s.id === step);
      return own ? { name: own.name, drying: own.dryNote ?? '' } : null;
    },
    entry: (id) => numbers.get(id) ?? null,
    currency: project.prices.currency,
  };
}
