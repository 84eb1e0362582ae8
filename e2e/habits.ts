import type { Page } from '@playwright/test';

/** Keeps a habit in the browser's own database, as the application does. */
export const keepHabits = (page: Page, habits: object) =>
  page.evaluate(
    (value) =>
      new Promise<void>((done, fail) => {
        const asked = indexedDB.open('ofrenda');
        asked.onerror = () => fail(asked.error ?? new Error('no database'));
        asked.onsuccess = () => {
          const write = asked.result.transaction('settings', 'readwrite');
          write.objectStore('settings').put({ key: 'habits', value });
          write.oncomplete = () => (asked.result.close(), done());
        };
      }),
    habits,
  );
