import type { PlacedPiece } from '../compose/placement';
import { must } from '../geometry/must';
import { spanMm, type Instance } from '../piece/expand';
import { partName } from '../piece/named';
import { isCarrier } from '../piece/part';
import { byInstance, passingAtFoot } from '../piece/thickness';
import { wiresOf, type PieceWire } from '../piece/wires';
import { addTo, type CutDemand } from '../wire/cutList';
import { CUTTINGS, USUAL_CUTTING, type Cutting } from '../wire/cutting';
import { gaugeToMm, mmToGauge, type WireSystem } from '../wire/gauge';
import { sumTerms, type LengthTerm, type WireCut } from '../wire/wireLength';
import type { Project } from './project';

export interface WireContext {
  system: WireSystem;
  colour: 'white' | 'green';
  /** gauges that a person has chosen, by kind */
  gauges: Project['gauges'];
  /** a length of wire as it is bought, and how it is cut */
  stockMm: number;
  cutting: Cutting;
}

/** Wire that the trade names by an SWG number, as the job's own system has it: the nearest in thickness. */
export function inSystem(system: WireSystem, swg: number): { gauge: number; diameterMm: number } {
  const gauge = system === 'SWG' ? swg : mmToGauge(system, gaugeToMm('SWG', swg));
  return { gauge, diameterMm: gaugeToMm(system, gauge) };
}

/** Bare stem below a piece that its parts' wires may run along: a hand holds it by so much. Assumed. */
export const FOOT_MM = 60;

/** Wires of a piece, its own first, for as long as the piece is the same. */
const kept = new WeakMap<readonly Instance[], Map<string, readonly PieceWire[]>>();
export function wiresOfPiece(
  instances: readonly Instance[],
  stockMm: number,
  cutting: Cutting = USUAL_CUTTING,
): readonly PieceWire[] {
  const own = kept.get(instances) ?? new Map<string, readonly PieceWire[]>();
  kept.set(instances, own);
  const key = `${stockMm} ${cutting}`;
  const known = own.get(key) ?? wiresOf(instances, { footMm: FOOT_MM, stockMm, cutting });
  own.set(key, known);
  return known;
}

/** Whether a piece has a wire at all: what has none is laid or glued, and nothing of it goes into a cake. */
export const isWired = ({ body }: Pick<PlacedPiece, 'body'>): boolean => body.built.root.part.on.by !== 'nothing';

/** Why a part's wire is as long as it is; what an equal part of a length, or the longest of its line, leaves over is said last. */
function termsOf({ need, needMm, cutMm, parts }: PieceWire, at: Instance): LengthTerm[] {
  const name = partName(at.part);
  const inBase = at.part.join === 'pushed in';
  // of a head's upper rings the first millimetres are still within the head
  const head = at.within && !isCarrier(at.within.part) && !inBase ? at.within : null;
  const withinMm = head ? Math.min(need.runMm, spanMm(head) - at.atMm) : 0;
  const over = cutMm - needMm;
  const terms: LengthTerm[] = [
    { term: 'hook', mm: need.hookMm, why: { code: 'term.holds', values: {} } },
    { term: 'inside', mm: need.insideMm, why: { code: 'term.into-part', values: { part: name } } },
    { term: 'inside', mm: need.spanMm, why: { code: 'term.past-its-parts', values: {} } },
    { term: 'free', mm: need.stalkMm + withinMm, why: { code: 'term.free-stalk', values: {} } },
    inBase
      ? { term: 'in-base', mm: need.runMm, why: { code: 'term.into-base', values: {} } }
      : { term: 'along-stem', mm: need.runMm - withinMm, why: { code: 'term.taped-to-stem', values: {} } },
    { term: 'trim', mm: need.trimMm + Math.min(0, over), why: { code: 'term.spare', values: {} } },
  ];
  const why: LengthTerm['why'] = parts
    ? { code: 'term.equal-part', values: { parts } }
    : { code: 'term.cut-alike', values: { part: name } };
  return over > 0.5 ? [...terms, { term: 'rest', mm: over, why }] : terms;
}

/** Whose wires are asked for. */
interface OfPiece {
  body: PlacedPiece['body'];
  piece: { species: string; stage: string };
}

const waysOf = ({ ways, count }: PieceWire): Record<Cutting, CutDemand[]> => ({
  fractions: [{ lengthMm: ways.fractions.cutMm, count }],
  length: [{ lengthMm: ways.length.cutMm, count }],
  sizes: [{ lengthMm: ways.sizes.cutMm, count }],
});

/** The wires of the lines of a piece, alike ones of a line together, each with the line that it is of. */
export function namedWires({ body, piece }: OfPiece, context: WireContext): { partId: string; cut: Omit<WireCut, 'pieceId'> }[] {
  const { built, species } = body;
  const byId = new Map(built.instances.map((i) => [i.id, i]));
  const cuts = new Map<string, { partId: string; cut: Omit<WireCut, 'pieceId'>; ways: Record<Cutting, CutDemand[]> }>();
  for (const wire of wiresOfPiece(built.instances, context.stockMm, context.cutting)) {
    if (wire.instanceId === built.root.id) continue;
    const at = must(byId.get(wire.instanceId));
    const key = `${wire.partId}-${wire.cutMm}`;
    const known = cuts.get(key);
    if (known) {
      known.cut.count += wire.count;
      for (const way of CUTTINGS) addTo(known.ways[way], wire.ways[way].cutMm, wire.count);
      continue;
    }
    const ways = waysOf(wire);
    const name = partName(at.part);
    const cut: Omit<WireCut, 'pieceId'> = {
      id: key,
      use: name === 'stamen' ? 'stamen' : 'part',
      piece: { species: piece.species, stage: piece.stage },
      part: name,
      ...inSystem(context.system, wire.swg),
      colour: species.white ? 'white' : context.colour,
      terms: sumTerms(termsOf(wire, at)).terms,
      // an equal part of a length is exact
      lengthMm: wire.cutMm,
      count: wire.count,
      ways,
    };
    cuts.set(key, { partId: wire.partId, cut, ways });
  }
  return [...cuts.values()];
}

/** Wires of the piece's parts, alike ones together: petals, leaves, florets, stamens, and what carries them within the piece. */
export const partWires = (p: PlacedPiece, context: WireContext): WireCut[] =>
  namedWires(p, context).map(({ cut }) => ({ ...cut, id: `${p.piece.id}-${cut.id}`, pieceId: p.piece.id }));

/** A wire of a piece's part that runs on below the foot of the piece, mm. */
export interface FootWire {
  diameterMm: number;
  belowMm: number;
}

/** What was found last for a piece, for as long as it is the same; how long wire is bought changes its cut, not how far it runs. */
const lastFeet = new WeakMap<readonly Instance[], { system: WireSystem; wires: readonly FootWire[] }>();

/** The wires of a piece's parts as far as they run on below its foot, with all that is tied in with each. */
export function footWires(p: PlacedPiece, { system, stockMm }: WireContext): readonly FootWire[] {
  const { root, instances } = p.body.built;
  const last = lastFeet.get(instances);
  if (last?.system === system) return last.wires;
  const own = byInstance(wiresOfPiece(instances, stockMm));
  const wires = root.carries.flatMap((c) => {
    const runMm = own.get(c.id)?.need.runMm ?? 0;
    const belowMm = c.part.join === 'pushed in' ? 0 : runMm - (spanMm(root) - c.atMm);
    return belowMm > 0 ? passingAtFoot(c, own).map((swg) => ({ diameterMm: inSystem(system, swg).diameterMm, belowMm })) : [];
  });
  lastFeet.set(instances, { system, wires });
  return wires;
}

/** Bare diameters of those that run on farther than `mm`. */
export const reaching = (wires: readonly FootWire[], mm: number): number[] =>
  wires.flatMap((w) => (w.belowMm > mm ? [w.diameterMm] : []));

/** What a piece's own wire is long for above its foot; nothing of a piece that has none. */
export function ownNeed(p: Pick<PlacedPiece, 'body'>, stockMm: number): PieceWire['need'] | null {
  const { root, instances } = p.body.built;
  return wiresOfPiece(instances, stockMm).find((w) => w.instanceId === root.id)?.need ?? null;
}
