import { stageOf, wiredParts } from '../botany/species';
import { pieceRef } from '../compose/names';
import type { PlacedPiece } from '../compose/placement';
import { must } from '../geometry/must';
import { gaugeToMm, mmToGauge, type WireSystem } from '../wire/gauge';
import { sumTerms, TO_TRIM, TRIM_ALLOWANCE_MM, type WireCut } from '../wire/wireLength';
import type { Project } from './project';

export interface WireContext {
  system: WireSystem;
  colour: 'white' | 'green';
  /** gauges that a person has chosen, by kind */
  gauges: Project['gauges'];
}

/** Wire that the trade names by an SWG number, as the job's own system has it: the nearest in thickness. */
export function inSystem(system: WireSystem, swg: number): { gauge: number; diameterMm: number } {
  const gauge = system === 'SWG' ? swg : mmToGauge(system, gaugeToMm('SWG', swg));
  return { gauge, diameterMm: gaugeToMm(system, gauge) };
}

/** Wires of the piece's parts: separately wired petals, leaves, stamens. They end at the foot of the head. */
export function partWires(p: PlacedPiece, context: WireContext): WireCut[] {
  const { wiring, sizesMm } = p.body.species;
  const scaleBy = p.piece.sizeMm / must(sizesMm[0]);
  const cuts: WireCut[] = [];
  const add = (
    use: 'part' | 'stamen',
    name: string,
    part: { count: number; swg: number; lengthMm: number; inBase?: boolean },
  ) => {
    const long = part.lengthMm * Math.max(0.6, scaleBy) - TRIM_ALLOWANCE_MM;
    const { terms, lengthMm } = sumTerms([
      { term: 'inside', mm: long * 0.55, why: { code: 'term.two-thirds', values: { part: name } } },
      part.inBase
        ? { term: 'in-base', mm: long * 0.45, why: { code: 'term.into-base', values: {} } }
        : { term: 'along-stem', mm: long * 0.45, why: { code: 'term.taped-to-stem', values: {} } },
      TO_TRIM,
    ]);
    cuts.push({
      id: `${p.piece.id}-${use === 'part' ? name.replace(' ', '-') : use}`,
      pieceId: p.piece.id,
      use,
      piece: pieceRef(p),
      part: name,
      ...inSystem(context.system, part.swg),
      colour: wiring.white ? 'white' : context.colour,
      terms,
      lengthMm,
      count: part.count,
    });
  };
  for (const part of wiredParts(p.body.species, p.piece.stage)) add('part', part.name, part);
  if (wiring.stamens) add('stamen', 'stamen', wiring.stamens);
  return cuts;
}

/** A wire of a piece's part that runs on below the foot of the piece, mm. */
export interface FootWire {
  diameterMm: number;
  belowMm: number;
}

/** What was found last for a piece, for as long as it is the same. */
const lastFeet = new WeakMap<PlacedPiece, { system: WireSystem; wires: readonly FootWire[] }>();

const alongStemMm = (wire: WireCut): number => wire.terms.find((t) => t.term === 'along-stem')?.mm ?? 0;

/**
 * The wires of a piece's parts as far as they run on below its foot: those of a head begin there, those of a sprig where each part joins.
 * What ends above, in a base or on a side branch, is not among them.
 */
export function footWires(p: PlacedPiece, context: WireContext): readonly FootWire[] {
  const last = lastFeet.get(p);
  if (last?.system === context.system) return last.wires;
  const wires = runningOn(p, partWires(p, context));
  lastFeet.set(p, { system: context.system, wires });
  return wires;
}

function runningOn(p: PlacedPiece, wires: readonly WireCut[]): FootWire[] {
  const { species, axialMm } = p.body;
  const below = wires
    .filter((w) => w.use === 'part' || w.use === 'stamen')
    .map((w) => ({ ...w, belowMm: alongStemMm(w) }))
    .filter((w) => w.belowMm > 0);
  const built = species.shape.parts?.(stageOf(species, p.piece.stage).open);
  if (!built || p.spine.length === 0) return below.flatMap((w) => Array.from({ length: w.count }, () => w));
  // a floret that is still closed is wired as the others
  return built.flatMap(({ name, level, joins }) => {
    const wire = level === 0 && below.find((w) => w.part === (name === 'bud' ? 'floret' : name));
    return wire && wire.belowMm > joins[2] * 2 * axialMm
      ? [{ diameterMm: wire.diameterMm, belowMm: wire.belowMm - joins[2] * 2 * axialMm }]
      : [];
  });
}

/** Bare diameters of those that run on farther than `mm`. */
export const reaching = (wires: readonly FootWire[], mm: number): number[] =>
  wires.flatMap((w) => (w.belowMm > mm ? [w.diameterMm] : []));
