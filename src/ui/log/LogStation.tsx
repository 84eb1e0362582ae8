'use client';
export function LogStation() {
  return null;
}
