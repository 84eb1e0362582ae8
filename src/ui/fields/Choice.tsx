'use client';

import type { ReactNode } from 'react';
import { ToggleButton } from 'react-aria-components/ToggleButton';
import { ToggleButtonGroup } from 'react-aria-components/ToggleButtonGroup';

/** Two or three ways, one chosen. Arrow keys go from one to the next and choose it, as radios do (WAI-ARIA Authoring Practices). */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: T;
  /** a picture stands in the place of the name, which readers are told */
  options: readonly { value: T; name: string; picture?: ReactNode }[];
  onChange(value: T): void;
}) {
  return (
    <ToggleButtonGroup
      className="two"
      aria-label={label}
      selectionMode="single"
      disallowEmptySelection
      selectedKeys={[value]}
      onSelectionChange={([key]) => {
        const chosen = options.find((o) => o.value === key);
        if (chosen) onChange(chosen.value);
      }}
    >
      {options.map((o) => (
        <ToggleButton
          key={o.value}
          id={o.value}
          aria-label={o.picture ? o.name : undefined}
          onFocus={({ currentTarget, relatedTarget }) => {
            const among = relatedTarget instanceof Node && currentTarget.parentElement?.contains(relatedTarget);
            if (among && o.value !== value) onChange(o.value);
          }}
        >
          {o.picture ?? o.name}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
