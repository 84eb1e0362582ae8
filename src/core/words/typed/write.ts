import type { Mention } from '../../piece/mention';
import type { Typed, Typing } from './typing';

const oneOrMany = ([one, many]: Typed, count: number): string => (count === 1 ? one : many);

/** One mention as it is typed. `figure` writes a number with the person’s decimal sign. */
function written(m: Mention, t: Typing, figure: (n: number) => string): string {
  switch (m.say) {
    case 'count':
      return `${m.count} ${oneOrMany(t.names[m.name], m.count)}${m.each ? ` ${t.each[0]}` : ''}`;
    case 'pairs':
      return `${m.count} ${t.pairs[1]}`;
    case 'per':
      return `${m.count} ${t.per[0]} ${t.names[m.name][0]}`;
    case 'ripe':
      return `${m.count} ${oneOrMany(t.ripeness[m.stage], m.count)}`;
    case 'well':
      return `${m.count} ${t.of[0]} ${figure(m.sizeMm)}`;
    case 'sizes':
      return m.fromMm === m.toMm ? figure(m.fromMm) : `${figure(m.fromMm)} ${t.to[0]} ${figure(m.toMm)}`;
    case 'gauge':
      return `${m.swg} ${t.gauge[0]}`;
    case 'carrier':
      return `${t.on[0]} ${m.swg} ${t.gauge[0]}`;
    case 'in hand':
      return t.inTheHand[0];
    case 'cut':
      if (m.cut === 'what fits') return t.fits[0];
      return m.cut === 'to length' ? t.toLength[0] : t.parts[m.cut][1];
    case 'material':
      return t.materials[m.material][0];
    case 'no wire':
      return t.noWire[0];
    case 'gap':
      return m.tipMm === m.footMm
        ? `${figure(m.tipMm)} ${t.apart[0]}`
        : `${figure(m.tipMm)} ${t.to[0]} ${figure(m.footMm)} ${t.apart[0]}`;
    case 'stalk':
      return `${t.stalk[0]} ${figure(m.mm)}`;
    case 'start':
      return `${t.start[0]} ${figure(m.mm)}`;
  }
}

/** A piece as a person would type it: figures of a line after its name, lines parted by semicolons. */
export const writeTyped = (lines: readonly (readonly Mention[])[], typing: Typing, figure: (n: number) => string): string =>
  lines
    .map((line) =>
      line
        .map((m, i) => {
          const text = written(m, typing, figure);
          const size = m.say === 'sizes' || m.say === 'well' || m.say === 'ripe';
          return i === 0 ? text : `${i === 1 && size ? ' ' : ', '}${text}`;
        })
        .join(''),
    )
    .join('; ');
