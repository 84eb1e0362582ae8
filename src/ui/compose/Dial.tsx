'use client';

import { memo } from 'react';
import type { View } from './Turntable';
import { useWords } from '../speech/useWords';

const ARCS: { view: View; d: string; x: number; y: number }[] = [
  { view: 'back', d: 'M22 22A74 74 0 0 1 126 22L97 51A32 32 0 0 0 51 51Z', x: 74, y: 27 },
  { view: 'right', d: 'M126 22A74 74 0 0 1 126 126L97 97A32 32 0 0 0 97 51Z', x: 126, y: 78 },
  { view: 'front', d: 'M126 126A74 74 0 0 1 22 126L51 97A32 32 0 0 0 97 97Z', x: 74, y: 130 },
  { view: 'left', d: 'M22 126A74 74 0 0 1 22 22L51 51A32 32 0 0 0 51 97Z', x: 22, y: 78 },
];

/** Four sides and above. */
export const Dial = memo(function Dial({ view, onLook }: { view: View; onLook(view: View): void }) {
  const words = useWords();
  const part = (v: View) => ({
    role: 'button',
    tabIndex: 0,
    'aria-label': words.label('compose.look-from-above', { side: words.label(`side.${v}`) }),
    'aria-pressed': view === v,
    onClick: () => onLook(v),
    onKeyDown: (e: React.KeyboardEvent) => {
      if (e.key === 'Enter' || e.key === ' ') {
        e.preventDefault();
        onLook(v);
      }
    },
    style: { cursor: 'pointer' },
  });
  const fill = (v: View) => (view === v ? 'var(--ink)' : 'var(--glaze)');
  const text = (v: View) => (view === v ? 'var(--bench)' : 'var(--ink)');
  return (
    <svg width="148" height="148" viewBox="0 0 148 148" role="group" aria-label={words.label('compose.turn-the-cake')}>
      {ARCS.map((a) => (
        <g key={a.view} {...part(a.view)}>
          <path d={a.d} fill={fill(a.view)} stroke="var(--edge)" />
          <text x={a.x} y={a.y} textAnchor="middle" fontSize="13" fontWeight="600" fill={text(a.view)}>
            {words.label(`view.${a.view}`)}
          </text>
        </g>
      ))}
      <g {...part('above')}>
        <circle cx="74" cy="74" r="29" fill={fill('above')} stroke="var(--edge)" />
        <text x="74" y="79" textAnchor="middle" fontSize="13" fontWeight="600" fill={text('above')}>
          {words.label('compose.above')}
        </text>
      </g>
    </svg>
  );
});
