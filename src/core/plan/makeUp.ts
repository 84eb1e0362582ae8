import { builtOf } from '../botany/built';
import { speciesById, type Catalogue, type Kind as WholeKind } from '../botany/catalogue';
import type { Species } from '../botany/species';
import { degToRad, TAU } from '../geometry/numbers';
import type { Instance } from '../piece/expand';
import type { PartName } from '../wire/facts';
import type { WireCut } from '../wire/wireLength';
import { branchSteps, countParts, type BranchStep } from './branchSteps';
import { partName } from '../piece/named';
import { isCarrier } from '../piece/part';
import type { Figure, How, StepTitle, Why } from './stepFacts';

type Kind = Pick<WholeKind, 'species' | 'stage' | 'sizeMm'>;

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
  /** parts of a branch that are there already, and that come now, by their ids */
  seen?: Pick<BranchStep, 'have' | 'add' | 'apart'>;
}

/** Each ring is bound this much below the last (the project's own study). */
const RING_STEP_MM = 2;

const degOf = (rad: number): number => (rad * 180) / Math.PI;

/** Petals on wires of their own, ring by ring as the tree has them: each stands in the gaps of the one before (docs/trade.md T10). */
export function ringsOf(instances: readonly Instance[]): Ring[] {
  const lines = new Map<string, Instance[]>();
  for (const at of instances)
    if (at.part.join === 'ring' && at.part.kind === 'petal') lines.set(at.part.id, [...(lines.get(at.part.id) ?? []), at]);
  let fromRad = 0;
  return [...lines.values()].map((petals, k, all) => {
    const before = all[k - 1];
    if (before) fromRad += Math.PI / before.length;
    return {
      turnsDeg: petals.map((_, i) => degOf(fromRad + (i * TAU) / petals.length) % 360),
      belowMm: k * RING_STEP_MM,
    };
  });
}

/**
 * How one piece is made up before it is taped into anything: stamens, petals ring by ring, or leaves, berries and florets by
 * level and from the tip down. Empty for a piece on a single wire. `wires` are those of one such piece.
 */
export function makeUpSteps(
  kind: Kind,
  wires: readonly Pick<WireCut, 'use' | 'part' | 'gauge' | 'colour' | 'lengthMm'>[],
  { finish, catalogue }: { finish: 'everyday' | 'showpiece'; catalogue: Catalogue },
): MakeUpStep[] {
  const species = speciesById(kind.species, catalogue);
  const { instances, tree } = builtOf(species, kind.stage, kind.sizeMm);
  const wireFigure: WireFigure = (part) => {
    const own = wires.filter((x) => (part === null ? x.use === 'stem' : x.use !== 'stem' && x.part === part));
    return own.slice(0, 1).map(({ gauge, colour, lengthMm }) =>
      // a piece's own wire is as long as its place wants
      part === null
        ? { code: 'figure.own-wire', values: { gauge, colour } }
        : { code: 'figure.part-wire', values: { gauge, colour, lengthMm, part } },
    );
  };
  const stamens = tree.parts.find((p) => p.on.by === 'fine wires');
  if (instances.some((i) => i.part.join === 'pushed in')) return intoBase(instances, wireFigure);
  return [
    ...(stamens?.on.by === 'fine wires' ? [stamenStep(stamens.on.count, wireFigure)] : []),
    ...petalSteps(ringsOf(instances), wireFigure),
    ...composite({ species, instances, wireFigure, finish }),
  ];
}

const stamenStep = (count: number, wireFigure: WireFigure): MakeUpStep => ({
  title: { code: 'do.stamens', values: { count } },
  figures: [{ code: 'figure.stamens', values: { count } }, ...wireFigure('stamen')],
  how: plain('how.stamens-level', 'how.bind-down'),
  why: plain('why.stamens'),
  rings: [],
});

/** The wire of a part; of the piece itself for null. */
type WireFigure = (part: PartName | null) => Figure[];

/** Sentences that carry no value. */
const plain = <Code extends string>(...codes: Code[]): { code: Code; values: Record<never, never> }[] =>
  codes.map((code) => ({ code, values: {} }));

function petalSteps(rings: readonly Ring[], wireFigure: WireFigure): MakeUpStep[] {
  return rings.map((ring, k): MakeUpStep => {
    const values = { part: 'petal', count: ring.turnsDeg.length } as const;
    const before = rings[k - 1];
    return {
      title: { code: before ? 'do.petals-next' : 'do.petals-first', values },
      figures: [
        { code: 'figure.ring', values: { ...values, ring: k + 1, of: rings.length } },
        { code: 'figure.ring-below', values: { belowMm: ring.belowMm } },
        ...(before ? [{ code: 'figure.turned' as const, values: { rad: degToRad(180 / before.turnsDeg.length) } }] : []),
        ...wireFigure('petal'),
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
const FINEST: readonly PartName[] = ['floret', 'opening', 'open', 'bud'];

interface CompositeOptions {
  species: Species;
  instances: readonly Instance[];
  wireFigure: WireFigure;
  finish: 'everyday' | 'showpiece';
}

function composite({ species, instances, wireFigure, finish }: CompositeOptions): MakeUpStep[] {
  const names = new Set(instances.filter((i) => i.within && i.part.on.by === 'wire').map((i) => partName(i.part)));
  const fine = [...names].find((n) => FINEST.includes(n));
  const first = fine ? [fineStems(fine, wireFigure, finish)] : [];
  // what no carrier carries is not seen from the side
  const carried = instances[0] !== undefined && isCarrier(instances[0].part);
  const joined = branchSteps(instances).map((branch): MakeUpStep => ({
    ...branchStep(branch, { names, woody: species.bark === true, wireFigure }),
    ...(carried ? { seen: { have: branch.have, add: branch.add, ...(branch.apart ? { apart: true } : {}) } } : {}),
  }));
  return [...first, ...joined];
}

interface OfBranch {
  /** parts on wires of their own */
  names: ReadonlySet<PartName>;
  woody: boolean;
  wireFigure: WireFigure;
}

/** What begins, ends or makes up a branch, each with how and why; a joint is none of these. */
const PLAIN_STEPS = {
  'do.lay-in': { of: 'stem', how: 'how.lay-in', why: 'why.carrier-first' },
  'do.first-carries': { of: 'stem', how: 'how.first-carries', why: 'why.first-carries' },
  'do.tape-once': { of: null, how: 'how.tape-once', why: 'why.tape-once' },
  'do.glue-on': { of: 'stem', how: 'how.glue-on', why: 'why.glued-fine' },
  'do.leaf-group': { of: 'leaf', how: 'how.bend-stalk', why: 'why.leaf-group' },
} as const;

function branchStep({ does, parts, belowMm, turnRad }: BranchStep, { names, woody, wireFigure }: OfBranch): MakeUpStep {
  if (Object.hasOwn(PLAIN_STEPS, does.code)) {
    const { of, how, why } = PLAIN_STEPS[does.code as keyof typeof PLAIN_STEPS];
    const figures = of === null ? [] : wireFigure(of === 'stem' ? null : of);
    return { title: does, figures, how: plain(how), why: plain(why), rings: [] };
  }
  const inHand = does.code === 'do.slot-in';
  const below: Figure[] =
    belowMm === null ? [] : [{ code: inHand ? 'figure.each-lower' : 'figure.below-last', values: { lengthMm: belowMm } }];
  if (turnRad !== null) below.push({ code: 'figure.turned-last', values: { rad: turnRad } });
  return {
    title: does,
    figures: [...below, ...parts.filter((p) => names.has(p.part)).flatMap((p) => wireFigure(p.part))],
    how: [
      ...plain(inHand ? 'how.slot-in' : belowMm === null ? 'how.even-out' : 'how.bend-stalk'),
      ...(woody && !inHand ? plain('how.woody') : []),
    ],
    why: plain(belowMm === null ? 'why.finest-first' : 'why.from-tip'),
    rings: [],
  };
}

/** Stems of the finest parts, painted or taped before anything is joined. */
const fineStems = (part: PartName, wireFigure: WireFigure, finish: 'everyday' | 'showpiece'): MakeUpStep => {
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
const intoBase = (instances: readonly Instance[], wireFigure: WireFigure): MakeUpStep[] => [
  {
    title: { code: 'do.shape-base', values: {} },
    figures: [{ code: 'figure.base-firms', values: {} }, ...wireFigure(null)],
    how: plain('how.roll-base'),
    why: plain('why.base-firm'),
    rings: [],
  },
  ...countParts(instances.filter((i) => i.part.join === 'pushed in')).map(({ part, count }): MakeUpStep => ({
    title: { code: 'do.push-in', values: { part, count } },
    figures: [{ code: 'figure.pushed-in', values: { part, count } }, ...wireFigure(part)],
    how: plain('how.push-in'),
    why: plain('why.dome'),
    rings: [],
  })),
];
