import { useWords } from '../speech/useWords';

/** Where each view stands in the picture, as shares from the left and the bottom. */
export const CELLS = {
  front: { x: 0, y: 0, w: 0.5, h: 1 },
  left: { x: 0.5, y: 0.5, w: 0.25, h: 0.5 },
  right: { x: 0.75, y: 0.5, w: 0.25, h: 0.5 },
  back: { x: 0.5, y: 0, w: 0.25, h: 0.5 },
  above: { x: 0.75, y: 0, w: 0.25, h: 0.5 },
} as const;

const VIEWS = Object.entries(CELLS) as [keyof typeof CELLS, (typeof CELLS)[keyof typeof CELLS]][];

/** The names of the views, each at the head of its own: at the foot stand the keys. */
export function ViewNames() {
  const words = useWords();
  return (
    <div className="pointer-events-none absolute inset-0" aria-hidden="true">
      {VIEWS.map(([name, cell]) => (
        <span
          key={name}
          className="small absolute -translate-x-1/2"
          style={{ left: `${(cell.x + cell.w / 2) * 100}%`, top: `calc(${(1 - cell.y - cell.h) * 100}% + 6px)` }}
        >
          {words.label(`view.${name}`)}
        </span>
      ))}
    </div>
  );
}
