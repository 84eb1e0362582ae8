'use client';

import { parseDate, parseDateTime, parseTime, type CalendarDate, type CalendarDateTime } from '@internationalized/date';
import { CalendarDays, ChevronLeft, ChevronRight } from 'lucide-react';
import { useState } from 'react';
import { Button } from 'react-aria-components/Button';
import { Calendar, CalendarCell, CalendarGrid } from 'react-aria-components/Calendar';
import { DateInput, DateSegment } from 'react-aria-components/DateField';
import { DatePicker, type DateValue } from 'react-aria-components/DatePicker';
import { Dialog } from 'react-aria-components/Dialog';
import { Group } from 'react-aria-components/Group';
import { Heading } from 'react-aria-components/Heading';
import { Label } from 'react-aria-components/Label';
import { Popover } from 'react-aria-components/Popover';
import { TimeField } from 'react-aria-components/TimeField';
import { labelClass } from './labelClass';
import { useStudio } from '../useStudio';

interface Labelled {
  label: string;
  hideLabel?: boolean;
}

const hourCycleOf = (clock: 24 | 12) => (clock === 12 ? 12 : 24);

/** The parts of a day or hour, each typed or stepped by itself. */
const Segments = () => (
  <DateInput className="flex items-center whitespace-pre">
    {(segment) => <DateSegment segment={segment} className="segment" />}
  </DateInput>
);

/** A year as it is typed begins with one figure; what is taken is of our time. */
const FIRST_YEAR = 2000;

/** What is typed stands in the field until the hand leaves it; only whole years are passed on. */
function useTyped<T extends { year: number }>(value: T | null, onChange: (next: T | null) => void) {
  const [typed, setTyped] = useState<T | null | undefined>(undefined);
  return {
    value: typed === undefined ? value : typed,
    onChange: (next: T | null) => {
      setTyped(next);
      if (!next || next.year >= FIRST_YEAR) onChange(next);
    },
    onBlur: () => setTyped(undefined),
  };
}

/** A day, typed part by part or taken from a calendar; null while there is none. */
export function DayField({
  label,
  hideLabel,
  value,
  onChange,
}: Labelled & { value: string | null; onChange(day: string | null): void }) {
  const typed = useTyped<CalendarDate>(value ? parseDate(value) : null, (day) => onChange(day?.toString() ?? null));
  return (
    <DatePicker<CalendarDate> className="inline-block align-top" {...typed}>
      <DayParts label={label} hideLabel={hideLabel} />
    </DatePicker>
  );
}

/** A day and an hour on the kitchen's clock, "2027-06-12T09:30"; null while there is none. */
export function MomentField({
  label,
  hideLabel,
  value,
  onChange,
}: Labelled & { value: string | null; onChange(moment: string | null): void }) {
  const clock = useStudio((s) => s.habits.clock);
  const typed = useTyped<CalendarDateTime>(value ? parseDateTime(value) : null, (moment) =>
    onChange(moment?.toString().slice(0, 16) ?? null),
  );
  return (
    <DatePicker<CalendarDateTime>
      className="inline-block align-top"
      granularity="minute"
      shouldForceLeadingZeros
      hourCycle={hourCycleOf(clock)}
      {...typed}
    >
      <DayParts label={label} hideLabel={hideLabel} />
    </DatePicker>
  );
}

function DayParts({ label, hideLabel }: Labelled) {
  return (
    <>
      <Label className={labelClass(hideLabel)}>{label}</Label>
      <Group className="fld date">
        <Segments />
        <Button className="bareicon">
          <CalendarDays size={20} aria-hidden="true" />
        </Button>
      </Group>
      <Popover className="picklist p-3">
        <Dialog className="outline-none">
          <Calendar<DateValue>>
            <header className="flex items-center gap-2 pb-2">
              <Button slot="previous" className="key px-2.5">
                <ChevronLeft size={20} aria-hidden="true" />
              </Button>
              <Heading className="grow text-center text-[17px] font-semibold" />
              <Button slot="next" className="key px-2.5">
                <ChevronRight size={20} aria-hidden="true" />
              </Button>
            </header>
            <CalendarGrid className="days">{(date) => <CalendarCell date={date} className="dayofmonth" />}</CalendarGrid>
          </Calendar>
        </Dialog>
      </Popover>
    </>
  );
}

/** An hour on the kitchen's clock, "09:30"; what is half typed changes nothing. */
export function HourField({ label, hideLabel, value, onChange }: Labelled & { value: string; onChange(hour: string): void }) {
  const clock = useStudio((s) => s.habits.clock);
  return (
    <TimeField
      shouldForceLeadingZeros
      className="inline-block align-top"
      hourCycle={hourCycleOf(clock)}
      value={parseTime(value)}
      onChange={(hour) => hour && onChange(hour.toString().slice(0, 5))}
    >
      <Label className={labelClass(hideLabel)}>{label}</Label>
      <Group className="fld date">
        <Segments />
      </Group>
    </TimeField>
  );
}
