'use client';
export function BriefStation() {
  return null;
}
