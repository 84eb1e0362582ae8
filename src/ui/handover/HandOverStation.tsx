'use client';
export function HandOverStation() {
  return null;
}
