import type { Method, OwnMethod } from '../botany/methods';
import type { Words } from './words';

/** A copy of a method to change, its words in this language: a person's own from then on. */
export function ownMethodOf({ from, id, name, words }: { from: Method; id: string; name: string; words: Words }): OwnMethod {
  const { tools, dusting, checks } = words.craft(from.id);
  return {
    id,
    name: name.slice(0, 60),
    batch: from.batch,
    lossShare: from.lossShare,
    tools: [...tools],
    dusting: [...dusting],
    checks: [...checks],
    steps: from.steps.map(({ noted: _noted, ...s }) => {
      const told = words.step({ method: from.id, step: s.id });
      return { ...s, name: told.name, ...(told.drying && { dryNote: told.drying }) };
    }),
  };
}
