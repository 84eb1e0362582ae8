import { must } from '../geometry/must';

/** Anything that is only ever added: `over` names what it takes the place of. */
export interface Event {
  id: string;
  at: string;
  over?: readonly string[] | undefined;
}

const bodyOf = (event: Event): string => canonical(event);

function canonical(value: unknown): string {
  if (value === null || typeof value !== 'object') return JSON.stringify(value) ?? 'null';
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`;
  const fields = Object.entries(value as Record<string, unknown>).filter(([, v]) => v !== undefined);
  return `{${fields
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([k, v]) => `${JSON.stringify(k)}:${canonical(v)}`)
    .join(',')}}`;
}

/**
 * All events of several lists, each once, by time. A set that only grows (M. Shapiro et al., "Conflict-free replicated data types",
 * 2011; from memory): in whatever order, grouping and how often lists are merged, the result is the same. One id with two
 * different bodies is kept twice: `conflictsOf` shows them side by side.
 */
export function mergeEvents<T extends Event>(...lists: readonly (readonly T[])[]): T[] {
  const all = new Map<string, T>();
  for (const list of lists) for (const e of list) all.set(bodyOf(e), e);
  return [...all.entries()]
    .sort(([a, x], [b, y]) => (x.at !== y.at ? (x.at < y.at ? -1 : 1) : x.id !== y.id ? (x.id < y.id ? -1 : 1) : a < b ? -1 : 1))
    .map(([, e]) => e);
}

/** What nothing took the place of. */
export function standing<T extends Event>(events: readonly T[]): T[] {
  const gone = new Set(events.flatMap((e) => e.over ?? []));
  return gone.size === 0 ? [...events] : events.filter((e) => !gone.has(e.id));
}

/** Standing events of which only one can be right: one id with two bodies, or two that take the place of the same. */
export function conflictsOf<T extends Event>(events: readonly T[]): T[][] {
  const own = standing(events);
  const groups: T[][] = [];
  const groupOf = new Map<T, T[]>();
  const join = (a: T, b: T) => {
    const [x, y] = [groupOf.get(a), groupOf.get(b)];
    if (x && x === y) return;
    const group = [...new Set([...(x ?? [a]), ...(y ?? [b])])];
    for (const e of group) groupOf.set(e, group);
    for (const old of [x, y]) if (old) groups.splice(groups.indexOf(old), 1);
    groups.push(group);
  };
  for (let i = 0; i < own.length; i++)
    for (let k = i + 1; k < own.length; k++) {
      const [a, b] = [must(own[i]), must(own[k])];
      if (a.id === b.id || (a.over?.length && a.over.some((id) => b.over?.includes(id)))) join(a, b);
    }
  return groups;
}

/** What counts: everything that stands, and of each conflict one alone, the first by its text, until a person decides. */
export function counted<T extends Event>(events: readonly T[], cautious: (a: T, b: T) => number): T[] {
  const groups = conflictsOf(events);
  if (groups.length === 0) return standing(events);
  const out = new Set(groups.flatMap((g) => [...g].sort((a, b) => cautious(a, b) || (bodyOf(a) < bodyOf(b) ? -1 : 1)).slice(1)));
  return standing(events).filter((e) => !out.has(e));
}
