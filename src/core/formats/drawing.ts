import { must } from '../geometry/must';

/** A place on the sheet in mm, x to the right and y down from the upper left corner. */
export type At = readonly [xMm: number, yMm: number];

interface Stroke {
  widthMm: number;
  colour: string;
  dashMm?: readonly number[];
}

/** One mark of a drawing. `id` names it for whoever reads the file. */
export type Mark =
  | ({ kind: 'line'; from: At; to: At; id?: string } & Stroke)
  | ({ kind: 'path'; points: readonly At[]; closed: boolean; fill?: string; id?: string } & Stroke)
  | ({ kind: 'ellipse'; at: At; rxMm: number; ryMm: number; turnDeg: number; fill?: string; id?: string } & Stroke)
  | {
      kind: 'text';
      at: At;
      words: string;
      sizeMm: number;
      anchor: 'start' | 'middle' | 'end';
      colour?: string;
      bold?: boolean;
      /** clockwise, round `at` */
      turnDeg?: number;
    };

/** Something drawn at true size: a millimetre in it is a millimetre on paper. */
export interface Drawing {
  title: string;
  widthMm: number;
  heightMm: number;
  marks: readonly Mark[];
}

export const INK = '#3b152d';
/** Paper is checked by a bar of this length. */
export const CHECK_BAR_MM = 100;

interface LineOptions {
  from: At;
  to: At;
  widthMm: number;
  colour?: string;
  id?: string;
}

export const line = ({ from, to, widthMm, colour = INK, id }: LineOptions): Mark => ({
  kind: 'line',
  from,
  to,
  widthMm,
  colour,
  ...(id ? { id } : {}),
});

interface CircleOptions {
  at: At;
  radiusMm: number;
  widthMm: number;
  colour?: string;
  fill?: string;
  id?: string;
}

export const circle = ({ at, radiusMm, widthMm, colour = INK, fill, id }: CircleOptions): Mark => ({
  kind: 'ellipse',
  at,
  rxMm: radiusMm,
  ryMm: radiusMm,
  turnDeg: 0,
  widthMm,
  colour,
  ...(fill ? { fill } : {}),
  ...(id ? { id } : {}),
});

export const text = (at: At, words: string, sizeMm: number, anchor: 'start' | 'middle' | 'end' = 'start'): Mark => ({
  kind: 'text',
  at,
  words,
  sizeMm,
  anchor,
});

const round = (mm: number): string => String(Math.round(mm * 100) / 100);
const escaped = (words: string): string =>
  words.replace(/[&<>"]/g, (c) => must({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' }[c]));

const strokeOf = ({ colour, widthMm, dashMm }: Stroke): string =>
  ` stroke="${colour}" stroke-width="${round(widthMm)}"${dashMm ? ` stroke-dasharray="${dashMm.join(' ')}"` : ''}`;

/** The drawing as an SVG whose units are millimetres. */
export function drawingSvg({ title, widthMm, heightMm, marks }: Drawing): string {
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${round(widthMm)}mm" height="${round(heightMm)}mm" viewBox="0 0 ${round(widthMm)} ${round(heightMm)}" font-family="sans-serif" fill="${INK}">\n` +
    `<title>${escaped(title)}</title>\n${marks.map(markSvg).join('\n')}\n</svg>\n`
  );
}

function markSvg(mark: Mark): string {
  if (mark.kind === 'text') {
    const [x, y] = mark.at.map(round);
    const turn = mark.turnDeg ? ` transform="rotate(${round(mark.turnDeg)} ${x} ${y})"` : '';
    return `<text x="${x}" y="${y}" font-size="${round(mark.sizeMm)}" text-anchor="${mark.anchor}"${mark.bold ? ' font-weight="bold"' : ''}${mark.colour ? ` fill="${mark.colour}"` : ''}${turn}>${escaped(mark.words)}</text>`;
  }
  const id = mark.id ? ` id="${mark.id}"` : '';
  if (mark.kind === 'line') {
    const [[x1, y1], [x2, y2]] = [mark.from.map(round), mark.to.map(round)];
    return `<line${id} x1="${x1}" y1="${y1}" x2="${x2}" y2="${y2}"${strokeOf(mark)}/>`;
  }
  const fill = ` fill="${mark.fill ?? 'none'}"`;
  if (mark.kind === 'path') {
    const d = mark.points.map((p, i) => `${i ? 'L' : 'M'}${round(p[0])} ${round(p[1])}`).join('') + (mark.closed ? 'Z' : '');
    return `<path${id} d="${d}"${fill}${strokeOf(mark)}/>`;
  }
  const [x, y] = mark.at.map(round);
  if (mark.rxMm === mark.ryMm) return `<circle${id} cx="${x}" cy="${y}" r="${round(mark.rxMm)}"${fill}${strokeOf(mark)}/>`;
  return `<ellipse${id} cx="${x}" cy="${y}" rx="${round(mark.rxMm)}" ry="${round(mark.ryMm)}" transform="rotate(${round(mark.turnDeg)} ${x} ${y})"${fill}${strokeOf(mark)}/>`;
}
