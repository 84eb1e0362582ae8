import type { Entry } from '@/core/place/entry';
import { tapeWidthShare } from '@/core/wire/bundle';
import type { Joint } from '@/core/tape/tree';
import { useWords } from '../speech/useWords';

export function Ruler({
  heel,
  leads,
  x,
  endX,
  scale,
  long,
  left,
}: {
  heel: boolean;
  leads: readonly Joint[];
  x(j: Joint, i: number): number;
  endX: number;
  scale: number;
  long: number;
  /** where the tip stands */
  left: number;
}) {
  const words = useWords();
  const y = 254;
  return (
    <g fontSize="13" fill="var(--ink)">
      {!heel && (
        <path
          d={`M${left} ${y - 14}H${endX}${Array.from({ length: Math.floor(long / 5) + 1 }, (_, i) => `M${left + i * 5 * scale} ${y - 14}v${i % 10 === 0 ? 9 : i % 2 === 0 ? 6 : 3}`).join('')}`}
          stroke="var(--wire)"
          fill="none"
        />
      )}
      <text x="0" y={y + 10} fill="var(--ink2)">
        {heel ? '' : words.label('wire.from-tip', { sign: words.units.sign })}
      </text>
      <text x="0" y={y + 30} fill="var(--ink2)">
        {words.label('wire.thick', { sign: words.units.sign })}
      </text>
      {leads.map((j, i) => (
        <g key={j.order} textAnchor="middle">
          <text x={x(j, i)} y={y + 10}>
            {heel ? '' : words.units.figure(j.fromTipMm)}
          </text>
          <text x={x(j, i)} y={y + 30} fill="var(--ink2)">
            {words.units.figure(j.thicknessMm, 1)}
          </text>
        </g>
      ))}
    </g>
  );
}

/** The stem's end drawn inside its barrier. */
export function InBarrier({ entry, x, y }: { entry: Entry; x: number; y: number }) {
  const od = Math.max(10, entry.outsideMm * 2.2);
  const long = 110;
  const words = useWords();
  const straw = entry.kind === 'straw';
  return (
    <g>
      <path
        d={
          straw
            ? `M${x} ${y - od / 2}H${x + long}L${x + long - od} ${y + od / 2}H${x}Z`
            : `M${x} ${y - od / 2}H${x + long - 14}L${x + long} ${y}L${x + long - 14} ${y + od / 2}H${x}Z`
        }
        fill="var(--nextwash)"
        stroke="var(--ink)"
      />
      <path
        d={`M${x} ${y}H${x + long - 26}`}
        stroke="var(--leaf)"
        strokeWidth={Math.max(2, entry.bundleMm * 1.9)}
        strokeDasharray="7 5"
      />
      <text x={x} y={y - od / 2 - 26} fontSize="15" fontWeight="600" fill="var(--ink)">
        {words.label('wire.stem', { bundleMm: words.units.figure(entry.bundleMm, 1), barrier: words.barrier(entry.barrier)[0] })}
      </text>
      <text x={x} y={y - od / 2 - 9} fontSize="13" fill="var(--leaf)">
        {words.label('wire.bore-deep', {
          boreMm: entry.boreMm ? 'yes' : 'no',
          boreMm2: words.units.mm(entry.boreMm ?? 0),
          outsideMm: words.units.length(entry.outsideMm, 1),
          insideMm: words.units.length(entry.insideMm),
        })}
      </text>
      <text x={x} y={y + od / 2 + 20} fontSize="13" fill="var(--leaf)">
        {words.label('wire.tape-half-width', { full: tapeWidthShare(entry.bundleMm) === 1 ? 'yes' : 'no' })}
      </text>
    </g>
  );
}
