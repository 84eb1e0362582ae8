'use client';

import type { ReactNode } from 'react';
import { Tab, TabList, TabPanel, Tabs as Leaves } from 'react-aria-components/Tabs';

/** One of several leaves of the same thing, by the names on their edges. */
export function Tabs({
  label,
  names,
  at,
  beside,
  onChange,
  children,
}: {
  label: string;
  names: readonly string[];
  at: number;
  /** stands in the row of the names */
  beside?: ReactNode;
  onChange(at: number): void;
  /** the leaf that is open */
  children: ReactNode;
}) {
  return (
    <Leaves selectedKey={`${at}`} onSelectionChange={(key) => onChange(Number(key))}>
      <div className="flex flex-wrap items-start justify-end gap-3 pb-2 pt-1">
        {names.length > 1 && (
          <TabList aria-label={label} className="flex min-w-0 basis-full flex-wrap gap-2 lg:flex-1 lg:basis-0">
            {names.map((name, i) => (
              <Tab key={name} id={`${i}`} className={`key ${i === at ? 'on' : ''}`}>
                {name}
              </Tab>
            ))}
          </TabList>
        )}
        {beside}
      </div>
      <TabPanel id={`${at}`}>{children}</TabPanel>
    </Leaves>
  );
}
