import { lineKind, type LineForm } from '@/core/compose/lineKinds';

/** A small line drawing of a form on a cake. */
export function FormIcon({ form }: { form: LineForm }) {
  const { d, dots, tall } = lineKind(form).picture;
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
