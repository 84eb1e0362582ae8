'use client';

import type { Drawing, Mark } from '@/core/formats/drawing';

/** A drawing as it will be on paper, as wide as there is room. */
export function DrawingView({ drawing, label }: { drawing: Drawing; label: string }) {
  return (
    <svg
      viewBox={`0 0 ${drawing.widthMm} ${drawing.heightMm}`}
      className="max-h-[64vh] w-full rounded-lg bg-white"
      role="img"
      aria-label={label}
      fontFamily="inherit"
    >
      {drawing.marks.map((m, i) => (
        <MarkView key={i} mark={m} />
      ))}
    </svg>
  );
}

function MarkView({ mark }: { mark: Mark }) {
  if (mark.kind === 'text')
    return (
      <text
        x={mark.at[0]}
        y={mark.at[1]}
        fontSize={mark.sizeMm}
        textAnchor={mark.anchor}
        fontWeight={mark.bold ? 700 : 400}
        fill={mark.colour ?? '#3b152d'}
        transform={mark.turnDeg ? `rotate(${mark.turnDeg} ${mark.at[0]} ${mark.at[1]})` : undefined}
      >
        {mark.words}
      </text>
    );
  const stroke = { stroke: mark.colour, strokeWidth: mark.widthMm, strokeDasharray: mark.dashMm?.join(' ') };
  if (mark.kind === 'line') return <line x1={mark.from[0]} y1={mark.from[1]} x2={mark.to[0]} y2={mark.to[1]} {...stroke} />;
  if (mark.kind === 'path')
    return (
      <path
        d={mark.points.map((p, i) => `${i ? 'L' : 'M'}${p[0]} ${p[1]}`).join('') + (mark.closed ? 'Z' : '')}
        fill={mark.fill ?? 'none'}
        {...stroke}
      />
    );
  return (
    <ellipse
      cx={mark.at[0]}
      cy={mark.at[1]}
      rx={mark.rxMm}
      ry={mark.ryMm}
      transform={`rotate(${mark.turnDeg} ${mark.at[0]} ${mark.at[1]})`}
      fill={mark.fill ?? 'none'}
      {...stroke}
    />
  );
}
