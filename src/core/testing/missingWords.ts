import type { Method } from '../botany/methods';
import type { Species } from '../botany/species';
import type { Barrier } from '../place/barrier';
import type { Messages } from '../words/messages';

/** What ships and is named by its id: the compiler cannot ask for these names. */
export interface Shipped {
  species: readonly Pick<Species, 'id' | 'colourways'>[];
  methods: readonly Pick<Method, 'id' | 'steps'>[];
  barriers: readonly Pick<Barrier, 'id' | 'ways' | 'stepCount'>[];
}

/** What a language does not say of what ships, as the place where it belongs. */
export function missingWords({ species, methods, barriers }: Shipped, messages: Messages): string[] {
  const { names } = messages;
  const missing = (is: boolean, place: string): string[] => (is ? [] : [place]);
  return [
    ...species.flatMap((s) => [
      ...missing(Object.hasOwn(names.species, s.id), `names.ts species ${s.id}`),
      ...s.colourways.flatMap((c) => missing(Object.hasOwn(names.colours, c.id), `names.ts colours ${c.id}`)),
    ]),
    ...methods.flatMap((m) => {
      const own = messages.methods[m.id];
      if (!own) return [`methods.ts ${m.id}`];
      return m.steps.flatMap((step) => [
        ...missing(Object.hasOwn(own.steps, step.id), `methods.ts ${m.id} steps ${step.id}`),
        ...missing(!step.noted || Object.hasOwn(own.drying, step.id), `methods.ts ${m.id} drying ${step.id}`),
      ]);
    }),
    ...barriers.flatMap((b) => [
      ...missing(Object.hasOwn(names.barriers, b.id), `names.ts barriers ${b.id}`),
      ...missing(messages.barriers[b.ways].steps.length === b.stepCount, `barriers.ts ${b.ways} steps`),
    ]),
  ];
}
