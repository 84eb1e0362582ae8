import { useCallback, useEffect, useState } from 'react';
import { getStudio } from '../useStudio';

/**
 * Keeps the application on the device. A newer build, once fetched, waits: `waiting` says so, and `take` saves what is open, lets
 * the newer one take over and loads the page anew. Nothing is registered while developing.
 */
export function useOffline(): { waiting: boolean; take: () => void } {
  const [next, setNext] = useState<ServiceWorker | null>(null);
  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    let gone = false;
    // on a first visit the worker only begins to serve: nothing is newer
    let served = navigator.serviceWorker.controller !== null;
    const tell = (worker: ServiceWorker | null) => worker && served && !gone && setNext(worker);
    void navigator.serviceWorker
      .register('/offline.js')
      .then((registration) => {
        tell(registration.waiting);
        registration.addEventListener('updatefound', () => {
          const fetched = registration.installing;
          fetched?.addEventListener('statechange', () => fetched.state === 'installed' && tell(fetched));
        });
      })
      // without it the application still works while there is a network
      .catch(() => undefined);
    const changed = () => {
      if (served) void getStudio().flush().then(() => window.location.reload()); // prettier-ignore
      served = true;
    };
    navigator.serviceWorker.addEventListener('controllerchange', changed);
    return () => {
      gone = true;
      navigator.serviceWorker.removeEventListener('controllerchange', changed);
    };
  }, []);
  const take = useCallback(() => {
    void getStudio()
      .flush()
      .then(() => next?.postMessage({ type: 'SKIP_WAITING' }));
  }, [next]);
  return { waiting: next !== null, take };
}
