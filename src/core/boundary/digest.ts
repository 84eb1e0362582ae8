import { createHash } from 'node:crypto';

const rounded = (value: unknown): unknown =>
  typeof value === 'number'
    ? Number.isFinite(value)
      ? Math.round(value * 1e5) / 1e5 || 0
      : String(value)
    : Array.isArray(value)
      ? value.map(rounded)
      : typeof value === 'object' && value !== null
        ? Object.fromEntries(Object.entries(value).map(([key, part]) => [key, rounded(part)]))
        : value;

/** Figures to a hundred-thousandth, told by sixteen letters. */
export const digest = (value: unknown): string =>
  createHash('sha256')
    .update(JSON.stringify(rounded(value)))
    .digest('hex')
    .slice(0, 16);
