import type { LineSpec } from './arrangement';
import { lineKind } from './lineKinds';
import { envelopeFields, type LineField } from './lines/fields';

/** What of a line is typed, in the order one would say it. */
export function lineFields(spec: LineSpec): LineField[] {
  const { fields, flat } = lineKind(spec.form);
  return [...fields(spec), ...envelopeFields.filter((f) => !(flat && f.key === 'riseMm'))];
}

/** A figure of a line as it is kept; NaN for one that the form has not. */
export function fieldValue(spec: LineSpec, key: string): number {
  const value: unknown = Object.entries(spec).find(([own]) => own === key)?.[1];
  return typeof value === 'number' ? value : NaN;
}

/** The line with one figure changed, as shown; out of bounds it is held at the bound. A figure the form has not changes nothing. */
export function withField(spec: LineSpec, key: string, shown: number): LineSpec {
  const field = lineFields(spec).find((f) => f.key === key);
  if (!field || !Number.isFinite(shown)) return spec;
  return { ...spec, [key]: field.kept(Math.max(field.least, Math.min(field.most, shown))) };
}

/** The same with the figure as it is kept. */
export function withKept(spec: LineSpec, key: string, kept: number): LineSpec {
  const field = lineFields(spec).find((f) => f.key === key);
  if (!field || !Number.isFinite(kept)) return spec;
  if (field.unit === 'o’clock') return { ...spec, [key]: Math.atan2(Math.sin(kept), Math.cos(kept)) };
  const [a, b] = [field.kept(field.least), field.kept(field.most)];
  return { ...spec, [key]: Math.max(Math.min(a, b), Math.min(Math.max(a, b), kept)) };
}
