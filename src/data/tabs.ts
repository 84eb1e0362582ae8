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

interface Claim {
  jobId: string;
  /** whether this tab may write the job */
  own: Promise<boolean>;
  open: boolean;
  end(): void;
}

/** The browser's own locks (Web Locks API) and channel between tabs (BroadcastChannel); a lock is let go when its tab is closed or dies. */
export function browserTabs(): Tabs {
  if (typeof navigator === 'undefined' || !('locks' in navigator) || typeof BroadcastChannel === 'undefined') return oneTab();
  return tabsWith(navigator.locks, new BroadcastChannel('ofrenda'));
}

/** The same with the two handed in. What this tab itself still holds is never taken for another tab. */
export function tabsWith(locks: LockManager, channel: Pick<BroadcastChannel, 'postMessage' | 'onmessage'>): Tabs {
  let claim: Claim | null = null;
  // a lock is free a moment after it was let go
  let freed: Promise<unknown> = Promise.resolve();
  const release = () => {
    if (claim) claim.open = false;
    claim?.end();
    claim = null;
  };
  return {
    claim(jobId, mine) {
      if (claim?.jobId === jobId) return claim.own;
      release();
      const name = `ofrenda job ${jobId}`;
      const before = freed;
      const asked: Claim = { jobId, own: Promise.resolve(false), open: true, end: () => undefined };
      const held = new Promise<void>((done) => (asked.end = done));
      asked.own = new Promise((answer) => {
        const request = () =>
          locks.request(name, { ifAvailable: true }, (lock) => {
            answer(lock !== null);
            if (lock) return held;
            // another tab has it: wait until it lets go
            void locks.request(name, () => {
              if (asked.open) mine();
              asked.own = Promise.resolve(true);
              return held;
            });
            return undefined;
          });
        freed = before.then(request);
      });
      claim = asked;
      return asked.own;
    },
    release,
    tell: (what) => channel.postMessage(what),
    follow(told) {
      channel.onmessage = (e: MessageEvent<unknown>) => {
        if (typeof e.data === 'string') told(e.data);
      };
    },
  };
}
