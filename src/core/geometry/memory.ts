/** Gives what `make` gave for the same `name` and equal `of` (as JSON) before. `make` may depend on nothing else; what it gave is never changed. */
export type Recall = <T>(name: string, of: unknown, make: () => T) => T;

/** Remembers nothing. */
export const afresh: Recall = (_name, _of, make) => make();

/**
 * What was worked out last time, under what it was worked out from: after a small change only what it touched is worked out
 * anew. What one turn does not ask for is let go, so it holds no more than one turn needs.
 */
export class Memory {
  private last = new Map<string, unknown>();
  private now = new Map<string, unknown>();
  private grounds = 0;
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

  readonly recall: Recall = <T>(name: string, of: unknown, make: () => T): T => {
    const key = `${name} ${JSON.stringify(of)}`;
    if (this.now.has(key)) return this.now.get(key) as T;
    const value = this.last.has(key) ? (this.last.get(key) as T) : make();
    this.now.set(key, value);
    return value;
  };

  /** The same for what depends on this too, which is long: it is compared once. */
  under(ground: unknown): Recall {
    const number = this.recall('ground', ground, () => ++this.grounds);
    return (name, of, make) => this.recall(`${number} ${name}`, of, make);
  }
}
