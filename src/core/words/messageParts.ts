/** An element of a parsed message (Unicode CLDR, MessageFormat 1); what its number says: 0 text, 1 a bare argument, 2 number, 3 date, 4 time, 5 select, 6 plural. */
export interface MessagePart {
  type: number;
  value?: unknown;
  options?: Readonly<Record<string, { value: readonly MessagePart[] }>>;
}

const branches = (part: MessagePart): readonly (readonly MessagePart[])[] =>
  Object.values(part.options ?? {}).map((o) => o.value);

/** Names of arguments that a message counts, chooses by or writes as a date: they have to stay what they are. */
export function countedIn(parts: readonly MessagePart[]): Set<string> {
  const own = parts.filter((p) => p.type >= 2 && p.type <= 6).map((p) => String(p.value));
  return new Set([...own, ...parts.flatMap((p) => branches(p).flatMap((b) => [...countedIn(b)]))]);
}

/** Letters of a message’s own text, by the branches that have most. */
export const mostLetters = (parts: readonly MessagePart[]): number =>
  parts.reduce((sum, p) => {
    const own = p.type === 0 ? (String(p.value).match(/\p{L}/gu)?.length ?? 0) : 0;
    return sum + own + Math.max(0, ...branches(p).map(mostLetters));
  }, 0);
