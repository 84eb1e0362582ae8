'use client';

import { lazy, Suspense } from 'react';
import { PickClosed, type Picked, type PickProps } from './PickClosed';

// typed as itself: `lazy` forgets that what is picked is one of the options
const PickList = lazy(async () => ({ default: (await import('./PickList')).PickList as typeof PickClosed }));

/** One of a list that opens at a press; until the list's script is there, the key as it will be, not yet to be pressed. */
export const Pick = <T extends Picked>(props: PickProps<T>) => (
  <Suspense fallback={<PickClosed {...props} />}>
    <PickList {...props} />
  </Suspense>
);
