/** Tabs of one browser that hold the same shelf: only one may write a job, the others follow it. */
export interface Tabs {
  /** Asks for a job. True where this tab may write it; else `mine` is called when it may, once the other has let go. */
  claim(jobId: string, mine: () => void): Promise<boolean>;
  /** Lets go of the job that is held or waited for. */
  release(): void;
  /** Tells the other tabs that something was put on the shelf. */
  tell(what: string): void;
  /** What other tabs told. */
  follow(told: (what: string) => void): void;
}

/** One tab alone: where the browser knows nothing of locks, and in tests. */
export const oneTab = (): Tabs => ({
  claim: () => Promise.resolve(true),
  release: () => undefined,
  tell: () => undefined,
  follow: () => undefined,
});

/** The browser's own locks (Web Locks API) and channel between tabs (BroadcastChannel); a lock is let go when its tab is closed or dies. */
export function browserTabs(): Tabs {
  if (typeof navigator === 'undefined' || !('locks' in navigator) || typeof BroadcastChannel === 'undefined') return oneTab();
  const channel = new BroadcastChannel('ofrenda');
  let letGo: () => void = () => undefined;
  return {
    claim(jobId, mine) {
      letGo();
      const name = `ofrenda job ${jobId}`;
      let open = true;
      const held = new Promise<void>((done) => {
        letGo = () => {
          open = false;
          done();
        };
      });
      return new Promise((answer) => {
        void navigator.locks.request(name, { ifAvailable: true }, (lock) => {
          answer(lock !== null);
          if (lock) return held;
          // another tab has it: wait until it lets go
          void navigator.locks.request(name, () => {
            if (open) mine();
            return held;
          });
          return undefined;
        });
      });
    },
    release: () => letGo(),
    tell: (what) => channel.postMessage(what),
    follow(told) {
      channel.onmessage = (e: MessageEvent<unknown>) => {
        if (typeof e.data === 'string') told(e.data);
      };
    },
  };
}
