'use client';

import { useState } from 'react';
import { NumberParser } from '@internationalized/number';
import { FieldError } from 'react-aria-components/FieldError';
import { Group } from 'react-aria-components/Group';
import { Input } from 'react-aria-components/Input';
import { Label } from 'react-aria-components/Label';
import { NumberField as FigureField } from 'react-aria-components/NumberField';
import { MM_PER_INCH } from '@/core/geometry/units';
import { useWords } from '../speech/useWords';
import { labelClass } from './labelClass';
import { faultOf } from './faultOf';
import { INCH_STEP, inchFieldToMm, mmToInchField } from './inches';

interface NumberFieldProps {
  label: string;
  value: number;
  /** what stands behind the figure; of a length, what stands behind its mm or in */
  unit: string;
  /** it is a length, kept in millimetres; unsaid where there is no room for the sign */
  mm?: boolean | 'unsaid';
  least: number;
  most: number;
  /** by how much the arrows change it */
  step?: number;
  width?: number;
  hideLabel?: boolean;
  /** how what it stands in looks, where it is no plain field */
  look?: string;
  onChange(value: number): void;
}

/** Figures without signs of thousands, so that nothing moves under the hand while they are typed. */
const AS_TYPED: Intl.NumberFormatOptions = { useGrouping: false, maximumFractionDigits: 4 };

/**
 * A figure in the person's own decimal sign, typed or stepped with the arrows; taken at every stroke that leaves it within its
 * bounds. What is out of bounds is said under it, stays to be mended, and changes nothing.
 */
export function NumberField(props: NumberFieldProps) {
  const { sign } = useWords().units;
  if (!props.mm) return <Figure {...props} />;
  if (sign === 'in') return <Figure {...inInchesOf(props)} />;
  return <Figure {...props} unit={props.mm === 'unsaid' ? props.unit : `mm ${props.unit}`.trim()} />;
}

/** A field for millimetres as one for inches; what is stored stays millimetres. */
const inInchesOf = (mm: NumberFieldProps): NumberFieldProps => ({
  ...mm,
  value: mmToInchField(mm.value),
  unit: `in ${mm.unit}`.trim(),
  least: Math.ceil((mm.least / MM_PER_INCH) * 1000) / 1000,
  most: Math.floor((mm.most / MM_PER_INCH) * 1000) / 1000,
  step: INCH_STEP,
  onChange: (value) => mm.onChange(inchFieldToMm(value)),
});

function Figure({ label, value, unit, least, most, step = 1, width, hideLabel, look, onChange }: NumberFieldProps) {
  const words = useWords();
  /** what stands in the field while a hand is at it, or what is to be mended; NaN is an empty field */
  const [typed, setTyped] = useState<number | null>(null);
  const fault = typed === null ? null : faultOf(typed, least, most);
  const take = (figure: number) => {
    setTyped(figure);
    if (!faultOf(figure, least, most) && figure !== value) onChange(figure);
  };
  /** half a figure, as a sign or a decimal point alone, is waited for */
  const read = (text: string) => {
    const figure = new NumberParser(words.units.locale, AS_TYPED).parse(text);
    if (text === '' || !Number.isNaN(figure)) take(figure);
  };
  return (
    <FigureField
      className="inline-block align-top"
      value={typed ?? value}
      minValue={least}
      maxValue={most}
      step={step}
      commitBehavior="validate"
      validationBehavior="aria"
      isInvalid={fault !== null}
      isWheelDisabled
      formatOptions={AS_TYPED}
      onChange={take}
      onBlur={() => setTyped(fault ? typed : null)}
    >
      <Label className={labelClass(hideLabel)}>{label}</Label>
      <Group className={`${look ?? 'fld'} ${fault ? 'bad' : ''}`} style={look ? undefined : { width: width ?? 118 }}>
        <Input
          className={look ? 'h-[44px] w-full text-center outline-none' : 'w-full'}
          onInput={(e) => read(e.currentTarget.value)}
        />
        {unit && <span className="small">{unit}</span>}
      </Group>
      {fault && (
        <FieldError className="block max-w-56 pt-1 text-[13px] leading-tight text-[var(--stop)]">
          <span role="alert">
            {words.label(`shared.field-${fault}`, { label, unit, bound: fault === 'least' ? least : most })}
          </span>
        </FieldError>
      )}
    </FigureField>
  );
}
