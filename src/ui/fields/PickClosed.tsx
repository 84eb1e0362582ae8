'use client';

import { ChevronDown } from 'lucide-react';
import type { ReactNode } from 'react';
import { labelClass } from './labelClass';

/** What may be picked: text, a number, or nothing. */
export type Picked = string | number | null;

export interface PickProps<T extends Picked> {
  label: string;
  /** the label is only for readers: what is picked says enough where it stands */
  hideLabel?: boolean;
  value: T;
  /** a picture stands before the name on the key, and over it in the list, which is a grid then */
  options: readonly { value: T; name: string; picture?: ReactNode }[];
  /** as wide as what it stands in */
  wide?: boolean;
  /** how the key looks that opens the list */
  className?: string;
  onChange(value: T): void;
}

/** How a list stands among others, and its key. */
export const placeOf = (wide?: boolean): string => (wide ? 'block w-full min-w-0' : 'inline-block max-w-full align-top');
export const keyOf = (look: string, wide?: boolean): string => `${look} pick ${wide ? 'w-full' : 'max-w-full'}`;

/** The sign that a key opens a list. */
export const Opens = () => <ChevronDown size={18} aria-hidden="true" className="ml-auto shrink-0" />;

/** The key of a list as it looks while it cannot be pressed yet. */
export const PickClosed = <T extends Picked>({ label, hideLabel, wide, value, options, className = 'fld' }: PickProps<T>) => {
  const picked = options.find((o) => o.value === value);
  return (
    <span className={placeOf(wide)} aria-hidden="true">
      <span className={labelClass(hideLabel)}>{label}</span>
      <span className={keyOf(className, wide)}>
        {picked?.picture}
        <span className="truncate">{picked?.name}</span>
        <Opens />
      </span>
    </span>
  );
};
