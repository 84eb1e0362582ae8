import type { Entry } from '@/core/place/entry';

/** A barrier standing upright, as a path: a straw is cut on a slant, everything else comes to a point of `tip` pixels. */
export const barrierPath = (
  entry: Pick<Entry, 'kind'>,
  { x, rim, bottom, od, tip }: { x: number; rim: number; bottom: number; od: number; tip: number },
): string =>
  entry.kind === 'straw'
    ? `M${x - od / 2} ${rim}H${x + od / 2}V${bottom}L${x - od / 2} ${bottom - od}Z`
    : `M${x - od / 2} ${rim}H${x + od / 2}V${bottom - tip}L${x} ${bottom}L${x - od / 2} ${bottom - tip}Z`;
