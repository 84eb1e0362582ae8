'use client';

import { ChevronDown } from 'lucide-react';
import { labelClass } from './labelClass';

/** What may be picked: text, a number, or nothing. */
export type Picked = string | number | null;

export interface PickProps<T extends Picked> {
  label: string;
  /** the label is only for readers: what is picked says enough where it stands */
  hideLabel?: boolean;
  value: T;
  options: readonly { value: T; name: string }[];
  /** how the key looks that opens the list */
  className?: string;
  onChange(value: T): void;
}

/** The sign that a key opens a list. */
export const Opens = () => <ChevronDown size={18} aria-hidden="true" className="shrink-0" />;

/** The key of a list as it looks while it cannot be pressed yet. */
export const PickClosed = <T extends Picked>({ label, hideLabel, value, options, className = 'fld' }: PickProps<T>) => (
  <span className="inline-block max-w-full align-top" aria-hidden="true">
    <span className={labelClass(hideLabel)}>{label}</span>
    <span className={`${className} pick max-w-full`}>
      <span className="truncate">{options.find((o) => o.value === value)?.name}</span>
      <Opens />
    </span>
  </span>
);
