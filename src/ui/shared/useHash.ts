'use client';

import { useSyncExternalStore } from 'react';

/** Whether something is open stands in the address, so that it is there again after a reload. */
export function useHash(hash: string): [boolean, (open: boolean) => void] {
  const open = useSyncExternalStore(
    (changed) => {
      window.addEventListener('hashchange', changed);
      return () => window.removeEventListener('hashchange', changed);
    },
    () => window.location.hash === hash,
    () => false,
  );
  return [
    open,
    (on) => {
      window.history.replaceState(null, '', on ? hash : window.location.pathname);
      window.dispatchEvent(new HashChangeEvent('hashchange'));
    },
  ];
}
