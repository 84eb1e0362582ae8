'use client';
export function WireStation() {
  return null;
}
