'use client';
export function MakeStation() {
  return null;
}
