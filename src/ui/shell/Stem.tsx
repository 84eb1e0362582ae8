'use client';

import Link from 'next/link';
import { memo, useMemo } from 'react';
import { useWidth } from '../shared/useWidth';
import { useStudio } from '../useStudio';
import { budsOf, STATIONS, type Bud, type BudState, type StationId } from './stations';
import { useWords } from '../speech/useWords';

const HEIGHT = 118;

/** The growing stem: eight stations, each a bud that opens when it has what it needs and says what holds it closed. */
export const Stem = memo(function Stem({ here }: { here: StationId | null }) {
  const words = useWords();
  // as text, so that the stem is drawn anew only when a bud changes and not with every move of a piece
  const said = useStudio((s) => JSON.stringify(budsOf(s.project, s.plan, words)));
  const buds = useMemo(() => JSON.parse(said) as Record<StationId, Bud>, [said]);
  const [box, width] = useWidth<HTMLElement>(1280);
  const narrow = width <= 900;
  const step = width / STATIONS.length;
  const x = (i: number) => step * i + (narrow ? step / 2 : 46);
  const y = (i: number) => 52 + 4 * Math.sin(i * 1.7 + 0.6);
  const grown = STATIONS.reduce((last, s, i) => (buds[s.id].state === 'settled' || s.id === here ? i : last), 0);
  const nodes: [number, number][] = [[-10, 58], ...STATIONS.map((_, i): [number, number] => [x(i) - 12, y(i)]), [width - 24, 36]];
  return (
    <nav className="stem" aria-label={words.label('shell.stations')} ref={box}>
      <svg aria-hidden="true" viewBox={`0 0 ${width} ${HEIGHT}`} preserveAspectRatio="none">
        {nodes.slice(0, -1).map((a, i) => (
          <Stretch key={i} from={a} to={nodes[i + 1]!} i={i} grown={i <= grown} last={i === nodes.length - 2} />
        ))}
        {STATIONS.map((s, i) => (
          <g key={s.id} transform={`translate(${x(i)} ${y(i) - 24})`}>
            {s.id === here ? <Bloom /> : <BudShape state={buds[s.id].state} />}
          </g>
        ))}
      </svg>
      <ol>
        {STATIONS.map((s) => (
          <Way key={s.id} path={s.path} name={words.label(s.name)} here={s.id === here} narrow={narrow} {...buds[s.id]} />
        ))}
      </ol>
    </nav>
  );
});

/** The way to one station, drawn anew only when its own bud changes. */
const Way = memo(function Way(station: Bud & { path: string; name: string; here: boolean; narrow: boolean }) {
  return (
    <li style={{ paddingLeft: station.narrow ? 0 : 24 }}>
      <Link
        href={station.path}
        aria-current={station.here ? 'page' : undefined}
        className={station.state === 'stop' ? 'stopped' : ''}
      >
        <b>{station.name}</b>
        <span>{station.note || '\u00a0'}</span>
      </Link>
    </li>
  );
});

function Stretch({
  from: [ax, ay],
  to: [bx, by],
  i,
  grown,
  last,
}: {
  from: [number, number];
  to: [number, number];
  i: number;
  grown: boolean;
  last: boolean;
}) {
  const m = (bx - ax) * 0.45;
  const bow = i % 2 ? 7 : -7;
  const d = last
    ? `M${ax} ${ay}C${ax + m} ${ay + 9} ${bx - 6} ${by + 26} ${bx + 4} ${by + 6}C${bx + 12} ${by - 14} ${bx - 12} ${by - 16} ${bx - 8} ${by - 4}`
    : `M${ax} ${ay}C${ax + m} ${ay + bow} ${bx - m} ${by + bow} ${bx} ${by}`;
  return (
    <path
      d={d}
      fill="none"
      stroke="var(--leaf)"
      strokeWidth={grown ? Math.max(2.6, 7.4 - 0.62 * i) : 2.4}
      strokeLinecap="round"
      strokeDasharray={grown ? undefined : '1 7'}
    />
  );
}

const STALK = 'M0 4C0 14 -3 20 -12 26';

function BudShape({ state }: { state: BudState }) {
  const sepals = (
    <path
      d="M-8.500 0C-9 7 -4 10.500 0 10.500C4 10.500 9 7 8.500 0C6.500 -3 5 -3 3.800 2C3 -4 -3 -4 -3.800 2C-5 -3 -6.500 -3 -8.500 0Z"
      fill="var(--leaf)"
    />
  );
  return (
    <>
      <path d={STALK} stroke="var(--leaf)" strokeWidth="2.6" fill="none" strokeLinecap="round" />
      {state === 'settled' && (
        <>
          <g fill="var(--leaf)">
            {Array.from({ length: 7 }, (_, i) => (
              <path key={i} d="M0 -2C-6 -6 -6 -14 0 -15C6 -14 6 -6 0 -2Z" transform={`rotate(${(i * 360) / 7})`} />
            ))}
          </g>
          <circle r="4" fill="var(--glaze)" />
        </>
      )}
      {state === 'ready' && (
        <>
          <path
            d="M-9 1C-13 -8 -7 -14 -4 -15C-3 -13 -1 -14 0 -17C1 -14 3 -13 4 -15C7 -14 13 -8 9 1Z"
            fill="var(--nextwash)"
            stroke="var(--leaf)"
            strokeWidth="1.6"
          />
          {sepals}
        </>
      )}
      {state === 'stop' && (
        <>
          <path d="M-7 1C-8 -7 -4 -12 0 -14C4 -12 8 -7 7 1Z" fill="var(--stop)" />
          {sepals}
        </>
      )}
      {state === 'shut' && (
        <>
          <path d="M-6 1C-7 -6 -3 -10 0 -12C3 -10 7 -6 6 1Z" fill="var(--bench)" stroke="var(--leaf)" strokeWidth="1.6" />
          {sepals}
        </>
      )}
    </>
  );
}

/** Three rings of frilled petals: the station one stands at. */
function Bloom() {
  const rings: [number, number, string][] = [
    [21, 13, '#ffb52e'],
    [16, 11, '#f58a12'],
    [10, 8, '#d96a0c'],
  ];
  return (
    <>
      <path d="M0 6C0 16 -3 20 -12 26" stroke="var(--leaf)" strokeWidth="3.4" fill="none" />
      <g transform="translate(0 -5)">
        {rings.map(([r, n, fill]) =>
          Array.from({ length: n }, (_, i) => (
            <path
              key={`${r}-${i}`}
              d={`M0 0L${-r * 0.28} ${-r * 0.86}Q${-r * 0.14} ${-r * 1.04} 0 ${-r * 0.93}Q${r * 0.14} ${-r * 1.04} ${r * 0.28} ${-r * 0.86}Z`}
              transform={`rotate(${(i * 360) / n + r})`}
              fill={fill}
              stroke="#c9560a"
              strokeWidth="0.5"
            />
          )),
        )}
        <circle r="3.4" fill="#a84306" />
      </g>
    </>
  );
}
