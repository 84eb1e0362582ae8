'use client';
export function PlaceStation() {
  return null;
}
