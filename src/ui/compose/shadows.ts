'use client';

import { useThree } from '@react-three/fiber';
import { useLayoutEffect } from 'react';

/** Shadows are drawn again only when what throws them has changed, not while the table turns. */
export function useShadowsOf(casts: unknown): void {
  const get = useThree((s) => s.get);
  useLayoutEffect(() => {
    const { gl, invalidate } = get();
    gl.shadowMap.autoUpdate = false;
    gl.shadowMap.needsUpdate = true;
    invalidate();
  }, [get, casts]);
}
