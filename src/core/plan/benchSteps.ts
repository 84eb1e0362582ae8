import { barrierById } from '../place/barrier';
import type { Entry } from '../place/entry';
import { tapePitchMm, tapeWidthWords } from '../tape/bundle';
import type { Joint, Spray } from '../tape/tree';
import { wireName } from '../wire/gauge';
import type { GaugeChoice } from '../wire/mechanics';
import type { WireCut } from '../wire/wireLength';
import type { TrayKind } from '../make/tray';
import type { DerivedPlan, PlannedEntry } from './derivePlan';
import { makeUpSteps, type Ring } from './makeUp';

/** One thing to do, read from an arm's length. `key` is remembered in the job once it is done. */
export interface Step {
  key: string;
  /** "Joint 7 of 11" */
  where: string;
  title: string;
  /** what is measured, large, with what it is */
  figures: { figure: string; words: string }[];
  /** what the hands do, in order */
  how: string[];
  /** for a learner who asks */
  why: string[];
}

export interface BenchStep extends Step {
  kind: 'made up' | 'joint' | 'carrier' | 'arms' | 'trim' | 'stem';
  pieceIds: string[];
  spray: Spray | null;
  joint: Joint | null;
  entry: Entry | null;
  arrangementId: string;
  /** petals bound so far while a flower is made up, the new ring last */
  rings?: readonly Ring[];
}

/** Tape is wound at least so far past a joint before the next piece is laid in. */
const LEAST_WOUND_MM = 6;
const MOST_WOUND_MM = 25;
/** Turns that bind a joint before the tape runs on. */
const BINDING_TURNS = 3;
/** At the pick the last stretch of each arm is bent down and laid heel to heel. */
const HEEL_MM = 15;

/** By its piece, not its number: numbers change when the tree is edited. */
export const jointKey = (spray: Pick<Spray, 'id'>, joint: Pick<Joint, 'pieceId'>): string => `${spray.id}:${joint.pieceId}`;

type StepPlan = Pick<DerivedPlan, 'wires' | 'stems' | 'entries' | 'heads' | 'arrangements' | 'tray'>;

/** What of a plan belongs to one arrangement: pieces are called by ids of their own only there. */
interface OwnPlan extends Pick<DerivedPlan, 'wires' | 'stems' | 'entries' | 'heads'> {
  arrangementId: string;
  /** barriers of all arrangements */
  allEntries: number;
}

const of = (plan: StepPlan, arrangementId: string): OwnPlan => ({
  arrangementId,
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
export function benchSteps(plan: StepPlan, finish: 'everyday' | 'showpiece'): BenchStep[] {
  const sprays = plan.arrangements.flatMap((a) => a.sprays.map((spray) => ({ spray, arrangementId: a.id })));
  const inSprays = new Set(sprays.map((s) => s.spray.id));
  return [
    ...plan.tray.flatMap((kind) => madeUpSteps(kind, plan, finish)),
    ...sprays.flatMap(({ spray, arrangementId }, i) => spraySteps(spray, i, sprays.length, of(plan, arrangementId))),
    ...plan.entries
      .filter((e) => !inSprays.has(e.id))
      .flatMap((e) => {
        const own = of(plan, e.arrangementId);
        return own.stems.some((s) => e.pieceIds.includes(s.pieceId)) ? [stemStep(e, own)] : [];
      }),
  ];
}

/** A kind that is still to be made, of parts with wires of their own: one round of steps for all of it. */
function madeUpSteps(kind: TrayKind, plan: StepPlan, finish: 'everyday' | 'showpiece'): BenchStep[] {
  const head = plan.heads.find((h) => h.species === kind.species && h.stage === kind.stage);
  if (!head || kind.toMake === 0) return [];
  const wires = plan.wires.filter((w) => w.arrangementId === head.arrangementId && w.pieceId === head.pieceId);
  if (wires.length === 0) return [];
  return makeUpSteps(kind, head.axialMm * 2, wires, finish).map(({ title, figures, how, why, rings }, i, all) => ({
    key: `made up:${kind.key}:${i}`,
    kind: 'made up',
    where: `${sentence(head.name.toLowerCase())}, ${kind.toMake === 1 ? 'one' : kind.toMake} to make up, ${i + 1} of ${all.length}`,
    title,
    figures: kind.toMake > 1 ? [...figures, { figure: `${kind.toMake} ×`, words: 'the same for each' }] : figures,
    how,
    why,
    pieceIds: [head.pieceId],
    spray: null,
    joint: null,
    entry: null,
    arrangementId: head.arrangementId,
    rings,
  }));
}

function spraySteps(spray: Spray, index: number, count: number, plan: OwnPlan): BenchStep[] {
  const own = count > 1 ? `Spray ${index + 1} of ${count}, ` : '';
  const steps: BenchStep[] = [];
  const carriers = plan.wires.filter((w) => w.use === 'carrier' && w.id.startsWith(`${spray.id}-carrier`));
  const laid = new Set<string>();
  const armsLeft = (['first', 'second'] as const).filter((arm) => spray.joints.some((j) => j.arm === arm));
  const bothArms = armsLeft.length === 2;
  let begun: Joint['arm'][] = [];
  spray.joints.forEach((joint, i) => {
    const where = `${own}joint ${joint.order} of ${spray.joints.length}`;
    if (joint.arm !== 'heel' && !joint.onto)
      for (const c of carriers.filter((x) => x.arm === joint.arm && !laid.has(x.id) && fromPick(x) >= joint.toPickMm)) {
        laid.add(c.id);
        steps.push(carrierStep(spray, joint, c, where, plan));
      }
    if (joint.arm === 'heel' && bothArms && !begun.includes('heel')) steps.push(armsStep(spray, where, plan));
    begun = [...begun, joint.arm];
    steps.push(jointStep(spray, joint, i, where, plan));
  });
  if (bothArms && !begun.includes('heel')) steps.push(armsStep(spray, `${own}at the pick`, plan));
  const entry = plan.entries.find((e) => e.id === spray.id) ?? null;
  steps.push(trimStep(spray, entry, `${own}at the end`, plan));
  return steps;
}

const fromPick = (carrier: WireCut): number => carrier.terms.find((t) => t.name === 'along the stem')?.mm ?? 0;

/** Everything on one stem, from the middle down: a standing cluster or a pick. */
const stands = ({ joints }: Spray): boolean => joints.every((j) => j.arm === 'heel') && joints.some((j) => j.toPickMm > 0);

function jointStep(spray: Spray, joint: Joint, i: number, where: string, plan: OwnPlan): BenchStep {
  const wire = plan.wires.find((w) => w.pieceId === joint.pieceId && w.use === 'stem');
  const stem = plan.stems.find((s) => s.pieceId === joint.pieceId);
  const name = nameIn(plan, joint.pieceId);
  const before =
    spray.joints
      .slice(0, i)
      .filter((j) => j.arm === joint.arm && j.onto === joint.onto)
      .at(-1) ?? null;
  const standing = stands(spray);
  const below = !before ? 0 : standing ? before.toPickMm - joint.toPickMm : Math.abs(joint.fromTipMm - before.fromTipMm);
  const wound = woundMm(spray, joint);
  const turns = BINDING_TURNS + Math.round(wound / tapePitchMm(joint.thicknessMm || 1));
  const onto = joint.onto ? nameIn(plan, joint.onto) : null;
  return {
    key: jointKey(spray, joint),
    kind: 'joint',
    where: sentence(where),
    title:
      joint.tip || (standing && !before)
        ? `Begin with the ${name}`
        : standing
          ? `Bind in the ${name}`
          : onto
            ? `Tape the ${name} to the ${onto}`
            : joint.arm === 'heel'
              ? `Set the ${name} at the heel`
              : `Lay the ${name} beside the stem`,
    figures: [
      ...(wire
        ? [{ figure: wireName(wire.gauge), words: `${wire.colour}, Ø ${wire.diameterMm.toFixed(2)}, cut ${wire.lengthMm} mm` }]
        : []),
      { figure: `${Math.round(joint.stalkMm)} mm`, words: 'free, from the head to the joint' },
      ...(joint.tip
        ? []
        : joint.onto
          ? [{ figure: `${Math.round(joint.fromTipMm)} mm`, words: `below the ${onto}’s head` }]
          : before && (standing || joint.arm !== 'heel')
            ? [{ figure: `${Math.round(below)} mm`, words: `below joint ${before.order}, to the ${joint.side}` }]
            : []),
      { figure: `${turns} turns`, words: `tape ${tapeWidthWords(joint.thicknessMm)}, ${Math.round(wound)} mm down` },
      {
        figure: `${joint.thicknessMm.toFixed(1)} mm`,
        words: `thick below it, ${joint.wires} ${joint.wires === 1 ? 'wire' : 'wires'}`,
      },
    ],
    how: joint.tip
      ? ['Start the tape 5 mm below the head, work up to it, then down.', 'Stretch the tape: only stretched tape sticks.']
      : [
          joint.arm === 'heel'
            ? 'Bend its wire so that the head looks its own way, and lay the rest along the bundle.'
            : `Bend the wire ${Math.round(joint.angleDeg)}° where the joint comes, and lay it along the stem, to the ${joint.side}.`,
          'Bind three turns tight, then wind on down, stretched, half over the last turn.',
        ],
    why: [
      gaugeWhy(stem?.gauge),
      ...(joint.tip || joint.arm === 'heel' ? [] : [angleWhy(joint.angleDeg)]),
      ...(joint.arm !== 'heel'
        ? []
        : standing
          ? ['From the middle outward and down, each at a place of its own: bound at one height they would swell to a ball.']
          : ['Heavy heads go in last, close to what holds them: light ones first, the focal flower at the very end.']),
      `${joint.wires === 1 ? 'One wire passes' : `${joint.wires} wires pass`} here; packed tightly with paper and tape they are ${joint.thicknessMm.toFixed(1)} mm. Each is trimmed a little past its joint, so that the stem tapers.`,
    ],
    pieceIds: [joint.pieceId],
    spray,
    joint,
    entry: null,
    arrangementId: plan.arrangementId,
  };
}

/** As far as the next joint on the same stem, within what a hand winds at once. */
function woundMm(spray: Spray, joint: Joint): number {
  const next = spray.joints.find((j) => j.order > joint.order && j.arm === joint.arm && j.onto === joint.onto);
  const to = next && joint.arm !== 'heel' ? Math.abs(next.fromTipMm - joint.fromTipMm) : HEEL_MM;
  return Math.min(MOST_WOUND_MM, Math.max(LEAST_WOUND_MM, to));
}

function carrierStep(spray: Spray, joint: Joint, wire: WireCut, where: string, { arrangementId }: OwnPlan): BenchStep {
  return {
    key: `${spray.id}:${wire.id}`,
    kind: 'carrier',
    where: sentence(where),
    title: 'Lay in a carrier',
    figures: [
      { figure: wireName(wire.gauge), words: `${wire.colour}, Ø ${wire.diameterMm.toFixed(2)}, cut ${wire.lengthMm} mm` },
      { figure: `${Math.round(fromPick(wire))} mm`, words: 'from the pick, its upper end' },
    ],
    how: ['Lay it along the stem, its end 20 mm above the next joint, and wind it in.'],
    why: [
      'From here on the stem’s own wires would bend under what they carry; one more lets the arm keep its line. A stem is a bundle: several thin wires do what one thick wire would do worse.',
    ],
    pieceIds: [],
    spray,
    joint,
    entry: null,
    arrangementId,
  };
}

const armsStep = (spray: Spray, where: string, { arrangementId }: OwnPlan): BenchStep => ({
  key: `${spray.id}:arms`,
  kind: 'arms',
  where: sentence(where),
  title: 'Join the two arms',
  figures: [
    { figure: `${HEEL_MM} mm`, words: 'of each arm bent down' },
    { figure: `${Math.round(spray.armsMm.first)} and ${Math.round(spray.armsMm.second)} mm`, words: 'from the tips to the bend' },
  ],
  how: ['Bend the end of each arm down, lay them heel to heel, the heavier arm first.', `Tape ${HEEL_MM} mm together, tight.`],
  why: ['Bent ends laid side by side cannot turn against each other; taped end to end they would.'],
  pieceIds: [],
  spray,
  joint: null,
  entry: null,
  arrangementId,
});

function trimStep(spray: Spray, entry: Entry | null, where: string, { arrangementId }: OwnPlan): BenchStep {
  const barrier = entry?.barrier ? barrierById(entry.barrier) : null;
  return {
    key: `${spray.id}:trim`,
    kind: 'trim',
    where: sentence(where),
    title: entry ? `Trim it, and fit the ${entry.barrierName}` : 'Trim the stem',
    figures: entry
      ? [
          { figure: `${entry.bundleMm.toFixed(1)} mm`, words: 'thick at the end' },
          { figure: `${Math.round(entry.wireInsideMm)} mm`, words: 'of stem into it' },
          { figure: `${Math.round(entry.cutMm)} mm`, words: `${entry.barrierName} cut long` },
        ]
      : [],
    how: ['Cut the wires at different lengths, none long and none level with another.', ...(barrier?.steps ?? [])],
    why: [
      'Ends cut level make a step that shows and tears the tape; staggered they taper.',
      ...(barrier?.caution ? [barrier.caution] : []),
    ],
    pieceIds: [],
    spray,
    joint: null,
    entry,
    arrangementId,
  };
}

/** One barrier with the stems that go into it. */
function stemStep(entry: PlannedEntry, plan: OwnPlan): BenchStep {
  const barrier = entry.barrier ? barrierById(entry.barrier) : null;
  const names = entry.pieceIds.map((id) => nameIn(plan, id));
  const wires = entry.pieceIds.flatMap((id) => plan.wires.find((w) => w.pieceId === id && w.use === 'stem') ?? []);
  const stems = entry.pieceIds.flatMap((id) => plan.stems.find((s) => s.pieceId === id) ?? []);
  const alike = new Map<string, number>();
  for (const w of wires) {
    const words = `${wireName(w.gauge)}|${w.colour}, Ø ${w.diameterMm.toFixed(2)}, cut ${w.lengthMm} mm`;
    alike.set(words, (alike.get(words) ?? 0) + 1);
  }
  return {
    key: `stem:${entry.id}`,
    kind: 'stem',
    where: `Stem ${entry.number} of ${plan.allEntries}`,
    title: names.length === 1 ? `Tape the ${names[0]!}` : `Tape the ${names[0]!} and ${names.length - 1} more into one`,
    figures: [
      ...[...alike].map(([words, n]) => {
        const [figure, rest] = words.split('|') as [string, string];
        return { figure: n > 1 ? `${n} × ${figure}` : figure, words: rest };
      }),
      ...stems.slice(0, 1).map((s) => ({ figure: `${Math.round(s.lengthMm)} mm`, words: 'free above the barrier' })),
      { figure: `${entry.bundleMm.toFixed(1)} mm`, words: 'thick where it goes in' },
      ...(entry.barrier ? [{ figure: `${Math.round(entry.cutMm)} mm`, words: `${entry.barrierName} cut long` }] : []),
    ],
    how: [
      'Start the tape 5 mm below the head, work up to it, then down to the very end.',
      ...(names.length > 1 ? ['Lay the lighter ones to the lead, each a little lower, and wind them in.'] : []),
      ...(barrier?.steps ?? []),
    ],
    why: [gaugeWhy(stems[0]?.gauge), entry.reason, ...(barrier?.caution ? [barrier.caution] : [])],
    pieceIds: entry.pieceIds,
    spray: null,
    joint: null,
    entry,
    arrangementId: plan.arrangementId,
  };
}

const nameIn = (plan: OwnPlan, pieceId: string): string =>
  (plan.heads.find((h) => h.pieceId === pieceId)?.name ?? 'piece').toLowerCase();

const sentence = (words: string): string => words[0]!.toUpperCase() + words.slice(1);

/** Stalks leave the stem at about 45° (trade.md; common practice, no source); where one does not, this is why. */
function angleWhy(deg: number): string {
  if (deg < 35) return `It leaves at ${Math.round(deg)}° only: the head stands close over the stem, flatter than the usual 45°.`;
  if (deg > 60) return `It leaves at ${Math.round(deg)}°, steeper than the usual 45°: the head stands far off the stem.`;
  return 'About 45° leaves room for the fingers and lets the head come forward.';
}

/** Why this wire and no thinner. */
export function gaugeWhy(gauge: GaugeChoice | undefined): string {
  if (!gauge) return 'Its wire is that of the head.';
  const use = Math.round(gauge.use * 100);
  return {
    floor: `Strength alone would allow thinner wire (this one is used to ${use} in 100): the trade takes no thinner here, so that the hook holds and the hand can hold it.`,
    yield: `The head, handled twice as hard as it hangs, would bend a thinner wire for good; this one is used to ${use} in 100.`,
    droop: `A thinner wire would let the head sink by more than six in a hundred of its length; this one is used to ${use} in 100.`,
    'none thick enough': 'No wire sold carries it freely: set it closer, or tape a skewer to it.',
    chosen: `Taken by hand; it is used to ${use} in 100.`,
  }[gauge.decidedBy];
}
