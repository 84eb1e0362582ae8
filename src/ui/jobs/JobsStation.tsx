'use client';
export function JobsStation() {
  return null;
}
