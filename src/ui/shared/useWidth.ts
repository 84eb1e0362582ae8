'use client';

import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/** The width of an element in pixels, kept up to date; `first` until it is measured. */
export function useWidth<T extends Element>(first: number): [RefObject<T | null>, number] {
  const box = useRef<T>(null);
  const [width, setWidth] = useState(first);
  useLayoutEffect(() => {
    const el = box.current;
    if (!el) return;
    const measure = () => setWidth(el.clientWidth || first);
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(el);
    return () => observer.disconnect();
  }, [first]);
  return [box, width];
}
