import type { LineForm } from '@/core/compose/arrangement';

export const FORM_NAMES: Record<LineForm, string> = { crescent: 'crescent', cascade: 'cascade', ring: 'ring', posy: 'posy' };

const LINES: Record<LineForm, { d: string; dots: [number, number][] }> = {
  crescent: { d: 'M10 20C14 8 30 6 40 12C44 16 44 22 44 30', dots: [[26, 8]] },
  cascade: { d: 'M34 4C40 12 22 16 20 24C18 30 12 32 8 38', dots: [[22, 20]] },
  ring: { d: 'M8 16C8 9 44 9 44 16C44 23 8 23 8 16Z', dots: [[26, 21]] },
  posy: {
    d: 'M18 12C18 2 34 2 34 12Z',
    dots: [
      [21, 8],
      [26, 4],
      [31, 8],
    ],
  },
};

/** A small line drawing of a form on a cake. */
export function FormIcon({ form }: { form: LineForm }) {
  const tall = form === 'cascade';
  return (
    <svg width="52" height="44" viewBox="0 0 52 44" aria-hidden="true">
      <path d={tall ? 'M4 42V27H16V14H36V27H48V42Z' : 'M8 42V16H44V42Z'} fill="var(--glaze)" stroke="var(--edge)" />
      <path d={LINES[form].d} fill="none" stroke="var(--leaf)" strokeWidth="3" strokeLinecap="round" />
      {LINES[form].dots.map(([x, y]) => (
        <circle key={`${x}-${y}`} cx={x} cy={y} r="3.4" fill="var(--leaf)" />
      ))}
    </svg>
  );
}
