import { mmToInches } from '../geometry/units';

/** How a person reads: language, lengths in millimetres or inches, a clock of 24 or 12 hours. */
export interface Reading {
  lengths: 'mm' | 'in';
  clock: 24 | 12;
  /** between a figure and its unit: plain unless said; on screen and paper one that does not break (U+00A0) */
  space?: string;
}

/** From here on inches are told as fractions of a sixteenth, as a ruler shows them; below, as decimals. */
const FRACTIONS_FROM_MM = 12;
const SIXTEENTHS = 16;

const greatestCommon = (a: number, b: number): number => (b === 0 ? a : greatestCommon(b, a % b));

/** A length in inches as it is read off a ruler: 25.4 → 1, 38 → 1 1/2; small ones in decimals: 0.46 → 0.018. No unit. */
export function mmToInchWords(mm: number, decimal: (value: number, digits: number) => string = fixed): string {
  const size = Math.abs(mm);
  const sign = mm < 0 ? '−' : '';
  if (size === 0) return '0';
  if (size < FRACTIONS_FROM_MM) return sign + decimal(mmToInches(size), size < 1 ? 3 : 2);
  const parts = Math.round(mmToInches(size) * SIXTEENTHS);
  const [whole, rest] = [Math.floor(parts / SIXTEENTHS), parts % SIXTEENTHS];
  if (rest === 0) return `${sign}${whole}`;
  const g = greatestCommon(rest, SIXTEENTHS);
  return `${sign}${whole ? `${whole} ` : ''}${rest / g}/${SIXTEENTHS / g}`;
}

/** Signs of units (ISO 80000; min and h of the SI brochure, table 8) after a figure. */
const FIGURE_WITH_UNIT = /(\d) (mm|cm|m|kg|g|ml|min|h|kPa|in|°C)(?![\p{L}\d])/gu;

/** A true minus (U+2212); Intl writes a hyphen in some languages. */
const withMinus = (figure: string): string => figure.replace('-', '−');
const fixed = (value: number, digits: number): string => value.toFixed(digits);

/** The one formatter of figures with units: everything measured passes through here. Not a number is told as a dash. */
export class Units {
  private readonly decimals: Intl.NumberFormat[];
  private readonly per: Intl.NumberFormat;
  private readonly plain: Intl.NumberFormat;

  constructor(
    readonly locale: string,
    readonly reading: Reading,
  ) {
    this.decimals = [0, 1, 2, 3].map(
      (digits) =>
        new Intl.NumberFormat(locale, {
          minimumFractionDigits: digits,
          maximumFractionDigits: digits,
          useGrouping: false,
        }),
    );
    this.per = new Intl.NumberFormat(locale, { style: 'percent', maximumFractionDigits: 0 });
    this.plain = new Intl.NumberFormat(locale, { maximumFractionDigits: 2, useGrouping: false });
  }

  /** A number with so many digits after its mark; −0 is 0. */
  number(value: number, digits = 0): string {
    if (!Number.isFinite(value)) return '–';
    return withMinus((this.decimals[digits] ?? this.decimals[0])?.format(value || 0) ?? '');
  }

  /** A number as it is, to two digits after its mark: 12, 12.5. */
  asIs = (value: number): string => (Number.isFinite(value) ? withMinus(this.plain.format(value || 0)) : '–');

  /** A length as a figure alone, where a drawing or a column has no room for its unit. */
  figure(mm: number, digits = 0): string {
    if (!Number.isFinite(mm)) return '–';
    return this.reading.lengths === 'in' ? mmToInchWords(mm, (v, d) => this.number(v, d)) : this.number(mm, digits);
  }

  /** The sign of the unit that lengths are read in. */
  get sign(): 'mm' | 'in' {
    return this.reading.lengths;
  }

  /** A figure with its unit. */
  private with(figure: string, unit: string): string {
    return `${figure}${this.reading.space ?? ' '}${unit}`;
  }

  /** A sentence whose figures keep to their units. */
  kept(sentence: string): string {
    const { space = ' ' } = this.reading;
    return space === ' ' ? sentence : sentence.replaceAll(FIGURE_WITH_UNIT, `$1${space}$2`);
  }

  /** From one length to another, the unit said once: 16–38 mm. */
  between = (fromMm: number, toMm: number, digits = 0): string =>
    this.with(`${this.figure(fromMm, digits)}–${this.figure(toMm, digits)}`, this.sign);
  length = (mm: number, digits = 0): string => this.with(this.figure(mm, digits), this.sign);
  /** A length as it is written down, to two digits after its mark. */
  mm = (mm: number): string => (this.reading.lengths === 'in' ? this.length(mm) : this.with(this.asIs(mm), 'mm'));
  /** Grams as a figure alone. */
  gramFigure = (grams: number): string => this.number(grams, grams < 10 ? 1 : 0);
  grams = (grams: number): string => this.with(this.number(grams, grams < 9.95 ? 1 : 0).replace(/[.,]0$/, ''), 'g');
  minutes = (minutes: number): string => this.with(this.number(minutes), 'min');
  /** "2 h 35" or "40 min" */
  duration(minutes: number): string {
    const m = Math.round(minutes);
    if (m < 60) return this.minutes(m);
    return m % 60 === 0 ? this.hours(m / 60) : this.with(this.hours(Math.floor(m / 60)), String(m % 60).padStart(2, '0'));
  }
  hours = (hours: number): string => this.with(this.number(hours), 'h');
  degrees = (rad: number): string => `${this.number((rad * 180) / Math.PI)}°`;
  kPa = (kPa: number): string => this.with(this.number(kPa), 'kPa');
  percent = (share: number): string => (Number.isFinite(share) ? this.per.format(share) : '–');

  /** A day, "Sat 12 Jun"; with the year where it matters. */
  day(wallMinutes: number, options: Intl.DateTimeFormatOptions = { weekday: 'short', day: 'numeric', month: 'short' }): string {
    if (!Number.isFinite(wallMinutes)) return '–';
    return new Intl.DateTimeFormat(this.locale, { ...options, timeZone: 'UTC' }).format(wallMinutes * 60_000);
  }

  /** "Saturday 12 June" */
  longDay = (wallMinutes: number): string => this.day(wallMinutes, { weekday: 'long', day: 'numeric', month: 'long' });
  /** "Sat 12" */
  shortDay = (wallMinutes: number): string => this.day(wallMinutes, { weekday: 'short', day: 'numeric' });
  /** "Sat 12, 09:30" */
  shortMoment = (wallMinutes: number): string => `${this.shortDay(wallMinutes)}, ${this.time(wallMinutes)}`;
  /** "Sat 12 Jun, 09:30" */
  moment = (wallMinutes: number): string => `${this.day(wallMinutes)}, ${this.time(wallMinutes)}`;
  /** "Saturday 12 June, 09:30" */
  longMoment = (wallMinutes: number): string => `${this.longDay(wallMinutes)}, ${this.time(wallMinutes)}`;

  /** A time of day on the wall. */
  time(wallMinutes: number): string {
    if (!Number.isFinite(wallMinutes)) return '–';
    const hour12 = this.reading.clock === 12;
    const hour = hour12 ? 'numeric' : '2-digit';
    return new Intl.DateTimeFormat(this.locale, { hour, minute: '2-digit', hour12, timeZone: 'UTC' }).format(
      wallMinutes * 60_000,
    );
  }

  /** The name of a weekday, Sunday 0. */
  weekday = (day: number, width: 'long' | 'short' = 'long'): string =>
    // the 4th of January 1970 was a Sunday
    new Intl.DateTimeFormat(this.locale, { weekday: width, timeZone: 'UTC' }).format((3 + day) * 86_400_000);
}
