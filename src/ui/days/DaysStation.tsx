'use client';
export function DaysStation() {
  return null;
}
