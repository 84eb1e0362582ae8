'use client';

import { Button } from 'react-aria-components/Button';
import { Label } from 'react-aria-components/Label';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import { Popover } from 'react-aria-components/Popover';
import { Select, SelectValue } from 'react-aria-components/Select';
import { labelClass } from './labelClass';
import { Opens, type Picked, type PickProps } from './PickClosed';

/** One of a list that opens at a press; letters jump to what begins with them. The values may be text, numbers or nothing. */
export function PickList<T extends Picked>({ label, hideLabel, value, options, className = 'fld', onChange }: PickProps<T>) {
  const keyOf = (one: T) => `${options.findIndex((o) => o.value === one)}`;
  return (
    <Select
      className="inline-block max-w-full align-top"
      value={keyOf(value)}
      onChange={(key) => {
        const picked = options[Number(key)];
        if (picked && picked.value !== value) onChange(picked.value);
      }}
    >
      <Label className={labelClass(hideLabel)}>{label}</Label>
      <Button className={`${className} pick max-w-full`}>
        <SelectValue className="truncate">{({ selectedText }) => selectedText}</SelectValue>
        <Opens />
      </Button>
      <Popover className="picklist">
        <ListBox items={options.map((o, i) => ({ id: `${i}`, name: o.name }))}>
          {({ id, name }) => (
            <ListBoxItem id={id} textValue={name} className="pickitem">
              {name}
            </ListBoxItem>
          )}
        </ListBox>
      </Popover>
    </Select>
  );
}
