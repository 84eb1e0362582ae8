import { barrierById, type Barrier } from '../place/barrier';
import type { Entry } from '../place/entry';
import type { Joint, Spray } from '../tape/tree';
import type { WireCut } from '../wire/wireLength';
import type { TrayKind } from '../make/tray';
import type { DerivedPlan, PlannedEntry } from './derivePlan';
import type { JobCatalogue } from './catalogueOf';
import { armsStep, carrierStep, fromPick, jointStep } from './jointSteps';
import { must } from '../geometry/must';
import { sharedOut } from '../piece/edited';
import { makeUpSteps, type MakeUpStep } from './makeUp';
import { bunchOf, gaugeWhy, plainly, wireFigure, type BenchStep, type OwnPlan } from './step';
import type { Figure, How, StepPlace, Why } from './stepFacts';

type StepPlan = Pick<DerivedPlan, 'wires' | 'stems' | 'entries' | 'heads' | 'arrangements' | 'tray'>;

const of = (plan: StepPlan, arrangementId: string, { barriers }: JobCatalogue): OwnPlan => ({
  arrangementId,
  barriers,
  wires: plan.wires.filter((w) => w.arrangementId === arrangementId),
  stems: plan.stems.filter((s) => s.arrangementId === arrangementId),
  entries: plan.entries.filter((e) => e.arrangementId === arrangementId),
  heads: plan.heads.filter((h) => h.arrangementId === arrangementId),
  allEntries: plan.entries.length,
});

/**
 * Everything to tape, in an order in which nothing is taped before what it carries: pieces of many parts are made up first, then
 * sprays and single stems. Empty for what is glued.
 */
export function benchSteps(plan: StepPlan, finish: 'everyday' | 'showpiece', catalogue: JobCatalogue): BenchStep[] {
  const sprays = plan.arrangements.flatMap((a) => a.sprays.map((spray) => ({ spray, arrangementId: a.id })));
  const inSprays = new Set(sprays.map((s) => s.spray.id));
  return [
    ...plan.tray.flatMap((kind) => madeUpSteps(kind, plan, { finish, catalogue })),
    ...sprays.flatMap(({ spray, arrangementId }, i) =>
      spraySteps({ spray, index: i, count: sprays.length, plan: of(plan, arrangementId, catalogue) }),
    ),
    ...plan.entries
      .filter((e) => !inSprays.has(e.id))
      .flatMap((e) => {
        const own = of(plan, e.arrangementId, catalogue);
        return own.stems.some((s) => e.pieceIds.includes(s.pieceId)) ? [stemStep(e, own)] : [];
      }),
  ];
}

/** Pieces of a kind that are made up in the same steps. */
interface Round {
  steps: readonly MakeUpStep[];
  head: DerivedPlan['heads'][number];
  count: number;
}

/** The rounds of steps of a kind: one for all sizes that are made alike. */
function roundsOf(kind: TrayKind, plan: StepPlan, how: { finish: 'everyday' | 'showpiece'; catalogue: JobCatalogue }): Round[] {
  const rounds = new Map<string, Round>();
  const counts = sharedOut(kind.sizes.map((s) => s.count), kind.toMake); // prettier-ignore
  kind.sizes.forEach(({ sizeMm }, i) => {
    const count = must(counts[i]);
    const head = plan.heads.find((h) => h.species === kind.species && h.stage === kind.stage && h.sizeMm === sizeMm);
    if (!head || count === 0) return;
    const wires = plan.wires.filter((w) => w.arrangementId === head.arrangementId && w.pieceId === head.pieceId);
    if (wires.length === 0) return;
    const steps = makeUpSteps({ ...kind, sizeMm }, wires, how);
    const key = JSON.stringify(steps.map((s) => [s.title, s.figures]));
    const known = rounds.get(key);
    if (known) known.count += count;
    else rounds.set(key, { steps, head, count });
  });
  return [...rounds.values()];
}

/** A kind that is still to be made, of parts with wires of their own: a round of steps for all that are made alike. */
function madeUpSteps(
  kind: TrayKind,
  plan: StepPlan,
  how: { finish: 'everyday' | 'showpiece'; catalogue: JobCatalogue },
): BenchStep[] {
  if (kind.toMake === 0) return [];
  return roundsOf(kind, plan, how).flatMap(({ steps, head, count }, round) =>
    steps.map(({ title, figures, how: hows, why, rings, seen }, i): BenchStep => ({
      key: `made up:${kind.key}:${round === 0 ? '' : `${round}:`}${i}`,
      kind: 'made up',
      where: {
        code: 'at.made-up',
        values: {
          piece: { species: kind.species, stage: kind.stage },
          sizeMm: head.sizeMm,
          toMake: count,
          step: i + 1,
          of: steps.length,
        },
      },
      title,
      figures: count > 1 ? [...figures, { code: 'figure.same-for-each', values: { count } }] : figures,
      how: hows,
      why,
      pieceIds: [head.pieceId],
      spray: null,
      joint: null,
      entry: null,
      arrangementId: head.arrangementId,
      rings,
      ...(seen
        ? { grown: { species: kind.species, stage: kind.stage, sizeMm: head.sizeMm, colourway: kind.colourway, ...seen } }
        : {}),
    })),
  );
}

/** Which spray of how many. */
interface OfSprays {
  spray: number;
  sprays: number;
}

function spraySteps({ spray, index, count, plan }: { spray: Spray; index: number; count: number; plan: OwnPlan }): BenchStep[] {
  const own: OfSprays = { spray: index + 1, sprays: count };
  const steps: BenchStep[] = [];
  const carriers = plan.wires.filter((w) => w.use === 'carrier' && w.id.startsWith(`${spray.id}-carrier`));
  const laid = new Set<string>();
  const armsLeft = (['first', 'second'] as const).filter((arm) => spray.joints.some((j) => j.arm === arm));
  const bothArms = armsLeft.length === 2;
  const begun = new Set<Joint['arm']>();
  spray.joints.forEach((joint, i) => {
    const where: StepPlace = { code: 'at.joint', values: { ...own, joint: joint.order, of: spray.joints.length } };
    if (joint.arm !== 'heel' && !joint.onto)
      for (const c of carriers.filter((x) => x.arm === joint.arm && !laid.has(x.id) && fromPick(x) >= joint.toPickMm)) {
        laid.add(c.id);
        steps.push(carrierStep({ spray, joint, wire: c, where, plan }));
      }
    if (joint.arm === 'heel' && bothArms && !begun.has('heel')) steps.push(armsStep(spray, where, plan));
    begun.add(joint.arm);
    steps.push(jointStep({ spray, joint, i, where, plan }));
  });
  if (bothArms && !begun.has('heel')) steps.push(armsStep(spray, { code: 'at.pick', values: own }, plan));
  const entry = plan.entries.find((e) => e.id === spray.id) ?? null;
  steps.push(trimStep(spray, entry, { code: 'at.end', values: own }, plan));
  return steps;
}

/** What is done to fit a barrier, and its caution. */
const fitting = (barrier: Barrier | null): { how: How[]; why: Why[] } =>
  barrier
    ? {
        how: Array.from({ length: barrier.stepCount }, (_, i) => ({
          code: 'how.barrier',
          values: { barrier: barrier.id, step: i + 1 },
        })),
        why: [{ code: 'why.barrier', values: { barrier: barrier.id } }],
      }
    : { how: [], why: [] };

function trimStep(spray: Spray, entry: Entry | null, where: StepPlace, { arrangementId, barriers }: OwnPlan): BenchStep {
  const barrier = entry?.barrier ? barrierById(entry.barrier, barriers) : null;
  const { how, why } = fitting(barrier);
  return {
    key: `${spray.id}:trim`,
    kind: 'trim',
    where,
    title: barrier ? { code: 'do.trim-and-fit', values: { barrier: barrier.id } } : { code: 'do.trim', values: {} },
    figures: entry
      ? [
          { code: 'figure.thick-at-end', values: { thickMm: entry.bundleMm } },
          { code: 'figure.stem-inside', values: { lengthMm: entry.wireInsideMm } },
          ...cutFigure(entry),
        ]
      : [],
    how: [...plainly('how.cut-ends', 'how.ends-fly'), ...how],
    why: [{ code: 'why.staggered', values: {} }, ...why],
    pieceIds: [],
    spray,
    joint: null,
    entry,
    arrangementId,
  };
}

const cutFigure = ({ barrier, cutMm }: Entry): Figure[] =>
  barrier ? [{ code: 'figure.barrier-cut', values: { lengthMm: cutMm, barrier } }] : [];

/** One barrier with the stems that go into it. */
/** Where the wires of petals and leaves are cut off before the tape goes on, so that the stem passes its barrier. */
function trimming(stems: readonly { trimmedMm: number | null }[]): How[] {
  const at = stems.flatMap((s) => s.trimmedMm ?? []);
  return at.length > 0 ? [{ code: 'how.trim-parts', values: { lengthMm: Math.min(...at) } }] : [];
}

function stemStep(entry: PlannedEntry, plan: OwnPlan): BenchStep {
  const { how, why } = fitting(entry.barrier ? barrierById(entry.barrier, plan.barriers) : null);
  const wires = entry.pieceIds.flatMap((id) => plan.wires.find((w) => w.pieceId === id && w.use === 'stem') ?? []);
  const stems = entry.pieceIds.flatMap((id) => plan.stems.find((s) => s.pieceId === id) ?? []);
  const alike: { wire: WireCut; count: number }[] = [];
  for (const wire of wires) {
    const known = alike.find(
      (a) => a.wire.gauge === wire.gauge && a.wire.colour === wire.colour && a.wire.lengthMm === wire.lengthMm,
    );
    if (known) known.count++;
    else alike.push({ wire, count: 1 });
  }
  const more = entry.pieceIds.length - 1;
  return {
    key: `stem:${entry.id}`,
    kind: 'stem',
    where: { code: 'at.stem', values: { number: entry.number, of: plan.allEntries } },
    title: { code: 'do.tape', values: bunchOf(plan, entry.pieceIds) },
    figures: [
      ...alike.map(({ wire, count }) => wireFigure(wire, count)),
      ...stems.slice(0, 1).map((s): Figure => ({ code: 'figure.free-above', values: { lengthMm: s.lengthMm } })),
      { code: 'figure.thick-at-entry', values: { thickMm: entry.bundleMm } },
      ...cutFigure(entry),
    ],
    how: [...plainly('how.start-tape-to-end'), ...trimming(stems), ...(more > 0 ? plainly('how.lay-lighter') : []), ...how],
    why: [gaugeWhy(stems[0]?.gauge), entry.reason, ...why],
    pieceIds: entry.pieceIds,
    spray: null,
    joint: null,
    entry,
    arrangementId: plan.arrangementId,
  };
}
