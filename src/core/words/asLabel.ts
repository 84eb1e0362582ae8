import type { LabelArgs } from './labelArgs';
import type { LabelKey } from './words';

/** A label that is told later, in the language of whoever reads it then: its key and what it is filled with. */
export interface Label {
  key: LabelKey;
  args: Readonly<Record<string, string | number>>;
}

export const asLabel = <Key extends LabelKey>(key: Key, ...args: Key extends keyof LabelArgs ? [LabelArgs[Key]] : []): Label => ({
  key,
  args: (args[0] as Label['args'] | undefined) ?? {},
});
