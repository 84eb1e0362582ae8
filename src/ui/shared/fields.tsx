'use client';

import { useId, useState, type KeyboardEvent } from 'react';
import { MM_PER_INCH } from '@/core/geometry/units';
import { useWords } from '../speech/useWords';
import { INCH_STEP, inchFieldToMm, mmToInchField } from './inches';
import { faultOf } from './numbers';

interface NumberFieldProps {
  label: string;
  value: number;
  /** what stands behind the figure; of a length, what stands behind its mm or in */
  unit: string;
  /** it is a length, kept in millimetres; unsaid where there is no room for the sign */
  mm?: boolean | 'unsaid';
  least: number;
  most: number;
  step?: number;
  width?: number;
  hideLabel?: boolean;
  onChange(value: number): void;
}

/** A figure that is typed or stepped. What is out of bounds is said in a sentence under it and changes nothing. */
export function NumberField(props: NumberFieldProps) {
  const { sign } = useWords().units;
  if (!props.mm) return <FigureField {...props} />;
  if (sign === 'in') return <FigureField {...inInchesOf(props)} />;
  return <FigureField {...props} unit={props.mm === 'unsaid' ? props.unit : `mm ${props.unit}`.trim()} />;
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

function FigureField({ label, value, unit, least, most, step = 1, width = 118, hideLabel, onChange }: NumberFieldProps) {
  const words = useWords();
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const fault = typed === null ? null : faultOf(typed, least, most);
  const commit = (text: string) => {
    if (!faultOf(text, least, most) && Number(text) !== value) onChange(Number(text));
  };
  return (
    <span className="inline-block align-top">
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'block pb-1 text-[15px] font-semibold'}>
        {label}
      </label>
      <span className={`fld ${fault ? 'bad' : ''}`} style={{ width }}>
        <input
          id={id}
          type="number"
          inputMode="decimal"
          className="w-full"
          min={least}
          max={most}
          step={step === INCH_STEP ? 'any' : step}
          value={typed ?? value}
          aria-invalid={fault ? true : undefined}
          aria-describedby={fault ? `${id}-fault` : undefined}
          onChange={(e) => {
            setTyped(e.target.value);
            commit(e.target.value);
          }}
          onBlur={() => setTyped(fault ? typed : null)}
        />
        <span className="small">{unit}</span>
      </span>
      {fault && (
        <span id={`${id}-fault`} role="alert" className="block max-w-56 pt-1 text-[13px] leading-tight text-[var(--stop)]">
          {words.label(`shared.field-${fault}`, { label, unit, bound: fault === 'least' ? least : most })}
        </span>
      )}
    </span>
  );
}

/** Two or three ways, one chosen. Arrow keys move between them. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: T;
  options: readonly { value: T; name: string }[];
  onChange(value: T): void;
}) {
  const onKey = (e: KeyboardEvent<HTMLButtonElement>) => {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[e.key];
    if (!by) return;
    e.preventDefault();
    const next = (options.findIndex((o) => o.value === value) + by + options.length) % options.length;
    onChange(options[next]!.value);
    e.currentTarget.parentElement?.querySelectorAll('button')[next]?.focus();
  };
  return (
    <div className="two" role="radiogroup" aria-label={label}>
      {options.map((o) => (
        <button
          key={o.value}
          type="button"
          role="radio"
          aria-checked={o.value === value}
          tabIndex={o.value === value ? 0 : -1}
          onClick={() => onChange(o.value)}
          onKeyDown={onKey}
        >
          {o.name}
        </button>
      ))}
    </div>
  );
}

/** A level vial: the side of the bubble says which way it leans, its distance how much; between the marks is level. */
export function Vial({
  score,
  lean,
  tone,
  width = 220,
  height = 26,
}: {
  score: number;
  lean: number;
  tone: 'level' | 'off' | 'worst';
  width?: number;
  height?: number;
}) {
  const middle = width / 2;
  const half = width * 0.11;
  const away = Math.min(1, (100 - score) / 60);
  const side = lean < 0 ? -1 : 1;
  const bubble = middle + side * away * (middle - height);
  return (
    <svg className={`vial ${tone === 'level' ? '' : tone}`} width={width} height={height} aria-hidden="true">
      <rect className="glass" x="4" y="1" width={width - 8} height={height - 2} rx={height / 2 - 1} />
      <rect className="cap" x="0" y={height * 0.2} width="5" height={height * 0.6} rx="2" />
      <rect className="cap" x={width - 5} y={height * 0.2} width="5" height={height * 0.6} rx="2" />
      <path className="tick" d={`M${middle - half} 1V${height - 1}M${middle + half} 1V${height - 1}`} />
      <ellipse className="bub" cx={bubble} cy={height * 0.44} rx={height * 0.56} ry={height * 0.3} />
    </svg>
  );
}
