import type { LineForm } from '@/core/compose/arrangement';

interface Drawing {
  d: string;
  dots: [number, number][];
  tall?: boolean;
}

const LINES: Record<LineForm, Drawing> = {
  crescent: { d: 'M10 20C14 8 30 6 40 12C44 16 44 22 44 30', dots: [[26, 8]] },
  'lazy S': { d: 'M12 12C20 4 26 10 28 17C30 25 38 30 44 24', dots: [[28, 17]] },
  cascade: { d: 'M34 4C40 12 22 16 20 24C18 30 12 32 8 38', dots: [[22, 20]], tall: true },
  'side spray': { d: 'M13 32C20 38 32 32 39 23', dots: [[26, 33]] },
  'corner spray': { d: 'M30 12C22 12 14 12 11 17C9 22 9 28 11 36', dots: [[11, 17]] },
  ring: { d: 'M8 16C8 9 44 9 44 16C44 23 8 23 8 16Z', dots: [[26, 21]] },
  garland: { d: 'M8 20Q14 32 20 20Q26 32 32 20Q38 32 44 20', dots: [[20, 20]] },
  posy: {
    d: 'M18 12C18 2 34 2 34 12Z',
    dots: [
      [21, 8],
      [26, 4],
      [31, 8],
    ],
  },
  cluster: {
    d: 'M26 16V11M26 11L16 6M26 11L36 6',
    dots: [
      [16, 6],
      [26, 4],
      [36, 6],
    ],
  },
  plaque: { d: 'M16 8A10 6 0 1 0 36 8A10 6 0 1 0 16 8M21 14V18M31 14V18', dots: [[18, 11]] },
  pick: { d: 'M26 20V9', dots: [[26, 7]] },
};

/** A small line drawing of a form on a cake. */
export function FormIcon({ form }: { form: LineForm }) {
  const { d, dots, tall } = LINES[form];
  return (
    <svg width="52" height="44" viewBox="0 0 52 44" aria-hidden="true">
      <path d={tall ? 'M4 42V27H16V14H36V27H48V42Z' : 'M8 42V16H44V42Z'} fill="var(--glaze)" stroke="var(--edge)" />
      <path d={d} fill="none" stroke="var(--leaf)" strokeWidth="3" strokeLinecap="round" />
      {dots.map(([x, y]) => (
        <circle key={`${x}-${y}`} cx={x} cy={y} r="3.4" fill="var(--leaf)" />
      ))}
    </svg>
  );
}
