import { speciesById, type Catalogue } from '../botany/catalogue';
import { stageOf, wiredParts, type Species } from '../botany/species';
import { degToRad } from '../geometry/numbers';
import type { WireCut } from '../wire/wireLength';
import { branchSteps } from './branchSteps';
import type { Figure, How, StepTitle, Why } from './stepFacts';

/** Petals of one ring, each on its own wire: where they stand round the stem, clockwise from the front, and how far below the centre they are bound. */
export interface Ring {
  turnsDeg: number[];
  belowMm: number;
}

/** One thing to do while a piece is made up of parts that have wires of their own. */
export interface MakeUpStep {
  title: StepTitle;
  figures: Figure[];
  how: How[];
  why: Why[];
  /** rings bound so far, the new one last; none for what is not built in rings */
  rings: Ring[];
}

/** Each ring is bound this much below the last (the project's own study). */
const RING_STEP_MM = 2;

/** Petals ring by ring: as the flower has them, else in threes where that comes out even, else in two rings (docs/trade.md T10). */
export function ringCounts(petals: number, own: readonly number[] = []): number[] {
  if (own.length && own.reduce((a, n) => a + n, 0) === petals) return [...own];
  if (petals <= 3 || petals === 5) return petals > 0 ? [petals] : [];
  if (petals % 3 === 0 && petals <= 9) return Array.from({ length: petals / 3 }, () => 3);
  return [Math.ceil(petals / 2), Math.floor(petals / 2)];
}

/** Every ring stands in the gaps of the one before: its first petal in the middle of a gap. */
export function ringsOf(counts: readonly number[]): Ring[] {
  const rings: Ring[] = [];
  let fromDeg = 0;
  counts.forEach((count, k) => {
    const before = counts[k - 1];
    if (before) fromDeg += 180 / before;
    rings.push({
      turnsDeg: Array.from({ length: count }, (_, i) => (fromDeg + (i * 360) / count) % 360),
      belowMm: k * RING_STEP_MM,
    });
  });
  return rings;
}

/**
 * How one piece is made up before it is taped into anything: stamens, petals ring by ring, or leaves, berries and florets by
 * level and from the tip down. Empty for a piece on a single wire. `wires` are those of one such piece.
 */
export function makeUpSteps(
  kind: { species: string; stage: string },
  longMm: number,
  wires: readonly Pick<WireCut, 'use' | 'part' | 'gauge' | 'colour' | 'lengthMm'>[],
  { finish, catalogue }: { finish: 'everyday' | 'showpiece'; catalogue: Catalogue },
): MakeUpStep[] {
  const species = speciesById(kind.species, catalogue);
  const parts = wiredParts(species, kind.stage).filter((p) => p.count > 0);
  const built = species.shape.parts?.(stageOf(species, kind.stage).open) ?? [];
  const wireFigure: WireFigure = (part) => {
    const w = wires.find((x) => x.use !== 'stem' && x.part === part);
    return w ? [{ code: 'figure.each-wire', values: { gauge: w.gauge, colour: w.colour, lengthMm: w.lengthMm } }] : [];
  };
  const steps: MakeUpStep[] = [];
  const stamens = species.wiring.stamens;
  if (stamens) {
    const { count } = stamens;
    steps.push({
      title: { code: 'do.stamens', values: { count } },
      figures: [{ code: 'figure.stamens', values: { count } }, ...wireFigure('stamen')],
      how: plain('how.stamens-level', 'how.bind-down'),
      why: plain('why.stamens'),
      rings: [],
    });
  }
  if (parts.length === 0) return steps;
  const inBase = parts.some((p) => p.inBase);
  if (inBase) return [...steps, ...intoBase(species, kind.stage, parts, wireFigure)];
  if (built.length > 0) return [...steps, ...composite({ species, built, longMm, parts, wireFigure, finish })];
  for (const part of parts) steps.push(...petalSteps(species, part, wireFigure));
  return steps;
}

type WireFigure = (part: string) => Figure[];

/** Sentences that carry no value. */
const plain = <Code extends string>(...codes: Code[]): { code: Code; values: Record<never, never> }[] =>
  codes.map((code) => ({ code, values: {} }));

function petalSteps(species: Species, part: { name: string; count: number }, wireFigure: WireFigure): MakeUpStep[] {
  const rings = ringsOf(ringCounts(part.count, species.shape.rings));
  return rings.map((ring, k): MakeUpStep => {
    const values = { part: part.name, count: ring.turnsDeg.length };
    const before = rings[k - 1];
    return {
      title: { code: before ? 'do.petals-next' : 'do.petals-first', values },
      figures: [
        { code: 'figure.ring', values: { ...values, ring: k + 1, of: rings.length } },
        { code: 'figure.ring-below', values: { belowMm: ring.belowMm } },
        ...(before ? [{ code: 'figure.turned' as const, values: { rad: degToRad(180 / before.turnsDeg.length) } }] : []),
        ...wireFigure(part.name),
      ],
      how: plain('how.bend-petal', 'how.bind-petal'),
      why: [
        { code: before ? 'why.ring-gaps' : 'why.first-ring', values: {} },
        { code: 'why.ring-lower', values: { stepMm: RING_STEP_MM } },
      ],
      rings: rings.slice(0, k + 1),
    };
  });
}

/** Stems of the finest parts are painted for everyday work and taped to their ends for a showpiece (docs/trade.md T3). */
const FINEST = ['floret', 'bud'];

interface CompositeOptions {
  species: Species;
  built: Parameters<typeof branchSteps>[0];
  longMm: number;
  parts: readonly { name: string }[];
  wireFigure: WireFigure;
  finish: 'everyday' | 'showpiece';
}

function composite({ species, built, longMm, parts, wireFigure, finish }: CompositeOptions): MakeUpStep[] {
  const fine = parts.find((p) => FINEST.includes(p.name));
  const first = fine ? [fineStems(fine.name, wireFigure, finish)] : [];
  const joined = branchSteps(built, longMm).map(({ does, belowMm }): MakeUpStep => {
    const wired = does.values.parts.find((p) => parts.some((q) => q.name === p.part))?.part ?? '';
    const below: Figure[] = belowMm === null ? [] : [{ code: 'figure.below-last', values: { lengthMm: belowMm } }];
    return {
      title: does,
      figures: [...below, ...wireFigure(wired)],
      how: [...plain(belowMm === null ? 'how.even-out' : 'how.bend-stalk'), ...(species.wiring.bark ? plain('how.woody') : [])],
      why: plain(belowMm === null ? 'why.finest-first' : 'why.from-tip'),
      rings: [],
    };
  });
  return [...first, ...joined];
}

/** Stems of the finest parts, painted or taped before anything is joined. */
const fineStems = (part: string, wireFigure: WireFigure, finish: 'everyday' | 'showpiece'): MakeUpStep => {
  const taped = finish === 'showpiece';
  return {
    title: { code: taped ? 'do.tape-fine' : 'do.paint-fine', values: { part } },
    figures: wireFigure(part),
    how: plain(taped ? 'how.tape-fine' : 'how.paint-fine'),
    why: plain(taped ? 'why.taped-fine' : 'why.painted-fine'),
    rings: [],
  };
};

/** Florets on short wires go into a base that is still soft (docs/trade.md T13). */
const intoBase = (
  species: Species,
  stage: string,
  parts: readonly { name: string; count: number; inBase?: boolean }[],
  wireFigure: WireFigure,
): MakeUpStep[] => [
  {
    title: { code: 'do.shape-base', values: { piece: { species: species.id, stage } } },
    figures: [{ code: 'figure.base-firms', values: {} }],
    how: plain('how.roll-base'),
    why: plain('why.base-firm'),
    rings: [],
  },
  ...parts
    .filter((p) => p.inBase)
    .map(({ name: part, count }): MakeUpStep => ({
      title: { code: 'do.push-in', values: { part, count } },
      figures: [{ code: 'figure.pushed-in', values: { part, count } }, ...wireFigure(part)],
      how: plain('how.push-in'),
      why: plain('why.dome'),
      rings: [],
    })),
];
