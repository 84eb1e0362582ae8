'use client';

import { Button } from 'react-aria-components/Button';
import { Label } from 'react-aria-components/Label';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import { Popover } from 'react-aria-components/Popover';
import { Select, SelectValue } from 'react-aria-components/Select';
import { labelClass } from './labelClass';
import { keyOf, Opens, placeOf, type Picked, type PickProps } from './PickClosed';

/** One of a list that opens at a press; letters jump to what begins with them. The values may be text, numbers or nothing. */
export function PickList<T extends Picked>(props: PickProps<T>) {
  const { label, hideLabel, wide, value, options, className = 'fld', onChange } = props;
  const pictured = options.some((o) => o.picture);
  const at = options.findIndex((o) => o.value === value);
  return (
    <Select
      className={placeOf(wide)}
      value={`${at}`}
      onChange={(key) => {
        const picked = options[Number(key)];
        if (picked && picked.value !== value) onChange(picked.value);
      }}
    >
      <Label className={labelClass(hideLabel)}>{label}</Label>
      <Button className={keyOf(className, wide)}>
        {options[at]?.picture}
        <SelectValue className="truncate">{({ selectedText }) => selectedText}</SelectValue>
        <Opens />
      </Button>
      <Popover className="picklist">
        <ListBox
          items={options.map(({ name, picture }, i) => ({ id: `${i}`, name, picture }))}
          layout={pictured ? 'grid' : 'stack'}
          className={pictured ? 'grid grid-cols-4 gap-1' : ''}
        >
          {({ id, name, picture }) => (
            <ListBoxItem id={id} textValue={name} className={picture ? 'pickitem pictured' : 'pickitem'}>
              {picture}
              {name}
            </ListBoxItem>
          )}
        </ListBox>
      </Popover>
    </Select>
  );
}
