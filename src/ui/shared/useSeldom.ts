'use client';

import { useEffect, useRef, useState } from 'react';

/** A value that changes often, given on at most once in so long; the last one always comes. */
export function useSeldom<T>(value: T, eachMs: number): T {
  const [given, setGiven] = useState(value);
  const at = useRef(0);
  useEffect(() => {
    if (Object.is(value, given)) return;
    const wait = Math.max(0, at.current + eachMs - Date.now());
    const timer = setTimeout(() => {
      at.current = Date.now();
      setGiven(value);
    }, wait);
    return () => clearTimeout(timer);
  }, [value, given, eachMs]);
  return given;
}
