'use client';

import type { Drawing, Mark } from '@/core/formats/drawing';
import { useWidth } from './useWidth';

/** Words are not smaller than this on the screen, pixels. */
const LEAST_WORDS_PX = 13;
/** Of a letter's width to its height, on the average of the typeface. */
const LETTER = 0.56;

/** Words as long as this say something of the whole drawing. */
const SENTENCE = 24;

type Words = Extract<Mark, { kind: 'text' }>;

/** The room that words take, mm; those that are turned take it to either side. */
function roomOf({ at: [x, y], words, anchor, turnDeg }: Words, sizeMm: number) {
  const long = words.length * LETTER * sizeMm;
  const left = anchor === 'start' ? 0 : anchor === 'middle' ? -long / 2 : -long;
  if (turnDeg) return { x0: x - sizeMm, x1: x + sizeMm, y0: y - long, y1: y + long };
  return { x0: x + left, x1: x + left + long, y0: y - sizeMm, y1: y + sizeMm * 0.3 };
}

/**
 * The words of a drawing as the screen can show them: none smaller than can be read, and where larger ones would then lie on each other
 * only the first, the largest before the rest; `left` has the others. On paper all stand.
 */
function readable(marks: readonly Mark[], leastMm: number): { shown: Words[]; left: Words[] } {
  const taken: ReturnType<typeof roomOf>[] = [];
  const shown: Words[] = [];
  const left: Words[] = [];
  const texts = marks.filter((m): m is Words => m.kind === 'text');
  for (const text of [...texts].sort((a, b) => b.sizeMm - a.sizeMm)) {
    const sizeMm = Math.max(text.sizeMm, leastMm);
    const room = roomOf(text, sizeMm);
    if (taken.some((t) => t.x0 < room.x1 && room.x0 < t.x1 && t.y0 < room.y1 && room.y0 < t.y1)) left.push(text);
    else {
      taken.push(room);
      shown.push({ ...text, sizeMm });
    }
  }
  return { shown, left };
}

/** A drawing as it will be on paper, as wide as there is room. */
export function DrawingView({ drawing, label }: { drawing: Drawing; label: string }) {
  const [box, width] = useWidth<SVGSVGElement>(640);
  // it is as high as the window allows: then it is narrower than its room
  const mmPerPx = Math.max(drawing.widthMm / width, drawing.heightMm / (0.64 * (globalThis.innerHeight ?? 800)));
  const { shown, left } = readable(drawing.marks, LEAST_WORDS_PX * mmPerPx);
  return (
    <>
      <svg
        ref={box}
        viewBox={`0 0 ${drawing.widthMm} ${drawing.heightMm}`}
        className="max-h-[64vh] w-full rounded-lg bg-white"
        role="img"
        aria-label={label}
        fontFamily="inherit"
      >
        {[...drawing.marks.filter((m) => m.kind !== 'text'), ...shown].map((m, i) => (
          <MarkView key={i} mark={m} />
        ))}
      </svg>
      {/* a sentence that found no room in the drawing stands under it; what belongs to one point is only on paper */}
      {left
        .filter((text) => text.words.length >= SENTENCE)
        .map((text, i) => (
          <p key={i} className="small pt-1">
            {text.words}
          </p>
        ))}
    </>
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
