import type { SideMark } from '@/core/piece/sideView';

/** How a part is drawn: chosen; or at the bench, come just now or there already. */
interface Look {
  on?: boolean;
  step?: 'comes' | 'there';
}

interface MarkProps {
  mark: SideMark;
  at: [x: (mm: number) => number, y: (mm: number) => number];
  px: number;
  hue: string;
  look: Look;
  onChoose?(lineId: string): void;
}

/** A leaf as a blade with its vein, anything else as a ball of its width; its stalk from where it joins. */
export function Mark({ mark, at: [x, y], px, hue, look: { on = false, step }, onChoose }: MarkProps) {
  const { joins, at, end, wideMm, kind, behind } = mark;
  const [[jx, jy], [ax, ay], [ex, ey]] = [joins, at, end].map(([u, v]) => [x(u), y(v)] as const) as [Px, Px, Px];
  const added = step === 'comes';
  const look = {
    stroke: added ? 'var(--nexttext)' : on ? 'var(--ink)' : 'var(--leaf)',
    strokeWidth: added ? 4 : on ? 1.6 : 1.1,
    opacity: step ? (added ? 1 : 0.5) : behind ? 0.6 : 1,
  };
  return (
    <g {...(onChoose ? { onClick: () => onChoose(mark.partId), className: 'cursor-pointer' } : {})}>
      <path
        d={`M${jx} ${jy}L${ax} ${ay}`}
        stroke={added ? 'var(--nexttext)' : 'var(--leaf)'}
        strokeWidth={added ? 2.6 : 1.6}
        opacity={look.opacity}
      />
      {kind === 'leaf' ? (
        <>
          <path d={blade([ax, ay], [ex, ey], wideMm * px)} fill={hue} {...look} />
          <path d={`M${ax} ${ay}L${ex} ${ey}`} stroke="var(--leaf)" strokeWidth={0.8} opacity={0.7} />
        </>
      ) : wideMm > 0 ? (
        <circle cx={(ax + ex) / 2} cy={(ay + ey) / 2} r={Math.max(2.5, (wideMm * px) / 2)} fill={kind === 'bud' ? 'var(--leafwash)' : hue} {...look} /> // prettier-ignore
      ) : (
        <path d={`M${ax} ${ay}L${ex} ${ey}`} stroke="var(--leaf)" strokeWidth={2.2} />
      )}
    </g>
  );
}

type Px = readonly [x: number, y: number];

/** From its base to its tip, widest a little below the middle. */
function blade([ax, ay]: Px, [ex, ey]: Px, widePx: number): string {
  const [dx, dy] = [ex - ax, ey - ay];
  const long = Math.hypot(dx, dy) || 1;
  const [nx, ny] = [(-dy / long) * widePx * 0.66, (dx / long) * widePx * 0.66];
  const point = (along: number, side: number) => `${ax + dx * along + nx * side} ${ay + dy * along + ny * side}`;
  return `M${ax} ${ay}C${point(0.15, 1)} ${point(0.75, 1)} ${ex} ${ey}C${point(0.75, -1)} ${point(0.15, -1)} ${ax} ${ay}Z`;
}
