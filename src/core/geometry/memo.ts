/** What a value is worked out from: figures and names by what they are, objects by which they are. */
export type Ground = readonly (string | number | boolean | null | undefined | object)[];

/**
 * Gives what `make` gave for the same `name` and `of` before. `make` may depend on nothing else; what it gave is never
 * changed. An object in `of` has to be one that stays the same while nothing in it changes (`Memo.same`, or one that was
 * recalled itself): a new one is a new ground.
 */
export type Memoise = <T>(name: string, of: Ground, make: () => T) => T;

/** Remembers nothing. */
export const unmemoised: Memoise = (_name, _of, make) => make();

type Plain = Readonly<Record<string, unknown>>;
const isPlain = (value: unknown): value is Plain => typeof value === 'object' && value !== null;
const idOf = (value: unknown): unknown => (isPlain(value) ? value.id : undefined);

/** For each of a list the one it is to be compared with: of the same id where they have ids, else in the same place. */
function partners(before: readonly unknown[], now: readonly unknown[]): readonly unknown[] {
  if (before.length === now.length || idOf(now[0]) === undefined) return before;
  const byId = new Map(before.map((b) => [idOf(b), b]));
  return now.map((n) => byId.get(idOf(n)));
}

/** `now`, with every part that equals its counterpart in `before` replaced by that counterpart. Plain data without cycles. */
export function sameParts<T>(before: unknown, now: T): T {
  if (Object.is(before, now) || !isPlain(before) || !isPlain(now)) return now;
  if (Array.isArray(now)) {
    if (!Array.isArray(before)) return now;
    const counterparts = partners(before, now);
    const parts = now.map((part: unknown, i) => sameParts(counterparts[i], part));
    const whole = before.length === parts.length && parts.every((part, i) => Object.is(part, before[i]));
    return (whole ? before : parts) as T;
  }
  if (Array.isArray(before)) return now;
  const parts: Record<string, unknown> = {};
  let whole = Object.keys(before).length === Object.keys(now).length;
  for (const [key, part] of Object.entries(now)) {
    parts[key] = sameParts(before[key], part);
    whole &&= Object.hasOwn(before, key) && Object.is(parts[key], before[key]);
  }
  return (whole ? before : parts) as T;
}

/**
 * What was worked out last time, under what it was worked out from: after a small change only what it touched is worked out
 * anew. What one turn does not ask for is let go, so it holds no more than one turn needs.
 */
export class Memo {
  private last = new Map<string, unknown>();
  private now = new Map<string, unknown>();
  private readonly numbers = new WeakMap<object, number>();
  private numbered = 0;
  private owner: object | null = null;

  /** A new turn begins. */
  turn(): void {
    this.last = this.now;
    this.now = new Map();
  }

  /** What was kept for another is let go. */
  belongsTo(owner: object): void {
    if (this.owner !== owner) this.forget();
    this.owner = owner;
  }

  forget(): void {
    this.last.clear();
    this.now.clear();
  }

  /** Data from outside: every part that is as it was in the last turn is the object it was then. */
  same<T>(name: string, value: T): T {
    const key = `same ${name}`;
    const shared = sameParts(this.last.get(key), value);
    this.now.set(key, shared);
    return shared;
  }

  private readonly keyOf = (name: string, of: Ground): string => {
    let key = name;
    for (const part of of) {
      if (typeof part === 'object' && part !== null) key += `|#${this.numberOf(part)}`;
      else if (typeof part === 'string') key += `|${part.length}:${part}`;
      else key += `|${part}`;
    }
    return key;
  };

  private numberOf(object: object): number {
    let number = this.numbers.get(object);
    if (number === undefined) this.numbers.set(object, (number = ++this.numbered));
    return number;
  }

  readonly memoise: Memoise = <T>(name: string, of: Ground, make: () => T): T => {
    const key = this.keyOf(name, of);
    if (this.now.has(key)) return this.now.get(key) as T;
    const value = this.last.has(key) ? (this.last.get(key) as T) : make();
    this.now.set(key, value);
    return value;
  };

  /** The same for what depends on all of this too. */
  under(ground: Ground): Memoise {
    const under = this.keyOf('', ground);
    return (name, of, make) => this.memoise(`${name} under${under}`, of, make);
  }
}
