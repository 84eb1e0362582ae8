'use client';

import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/** For a drawing `viewWidth` units wide that fills its room: units to a pixel, so that marks and words keep their size on the screen. */
export function useUnitsPerPixel(viewWidth: number): [RefObject<SVGSVGElement | null>, number] {
  const [box, width] = useWidth<SVGSVGElement>(viewWidth);
  return [box, viewWidth / width];
}

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
