import { must } from '../geometry/must';
import { degToRad, TAU } from '../geometry/numbers';
import type { Instance } from '../piece/expand';
import { isCarrier } from '../piece/part';
import type { PartName } from '../wire/facts';
import { partName } from '../piece/named';
import type { StepTitle } from './stepFacts';

/** One joint of a branch made by itself: how many of what, how far below the last, from the tip down. */
export interface BranchStep {
  does: Extract<
    StepTitle,
    {
      code:
        | 'do.tape-together'
        | 'do.make-arm'
        | 'do.leaf-group'
        | 'do.lay-in'
        | 'do.first-carries'
        | 'do.tape-once'
        | 'do.branch-tip'
        | 'do.branch-join'
        | 'do.slot-in'
        | 'do.glue-on';
    }
  >;
  /** what is joined */
  parts: readonly PartCount[];
  belowMm: number | null;
  /** turned round the carrier against the last joint; null for the first, and where it is not turned */
  turnRad: number | null;
  /** single parts that are there already, and that come now, by their ids */
  have: readonly string[];
  add: readonly string[];
  /** it is made by itself, before it is joined to the piece */
  apart?: true;
}

/** A part and all that it carries. */
const withAll = (at: Instance): string[] => [at.id, ...at.carries.flatMap(withAll)];
const idsOf = (parts: readonly Instance[]): string[] => parts.flatMap(withAll);

/** Joints nearer than this share one winding, up to so many pieces (the project's own study). */
const TOGETHER_MM = 6;
const MOST_TOGETHER = 3;

/** Parts of a carrier that are made things or carriers of some; what is wrapped, threaded or dotted on is no joint. */
const joined = (at: Instance): Instance[] =>
  at.carries.filter(
    (c) => ['taped', 'gathered', 'in hand', 'pushed in', 'glued'].includes(c.part.join) && c.part.kind !== 'centre',
  );

interface Row {
  atMm: number;
  parts: Instance[];
}

/** What joins at one place stays together, and what joins close below it shares its winding. */
function rowsOf(carrier: Instance): Row[] {
  const rows: Row[] = [];
  for (const c of [...joined(carrier)].sort((a, b) => a.atMm - b.atMm)) {
    const last = rows.at(-1);
    // what is slotted in by hand goes in line by line, each a little lower
    const inHand = c.part.join === 'in hand';
    if (last && inHand && last.parts[0]?.part === c.part) {
      last.parts.push(c);
      continue;
    }
    const near =
      last && !inHand && c.atMm - last.atMm < TOGETHER_MM && (c.atMm === last.atMm || last.parts.length < MOST_TOGETHER);
    if (near) last.parts.push(c);
    else rows.push({ atMm: c.atMm, parts: [c] });
  }
  return rows;
}

/** Less is no turn that a hand makes. */
const LEAST_TURN_RAD = degToRad(10);

/** Pairs and leaves on either side in turn are set so; what is loose, or goes round by eye, nobody measures. */
const inOrder = ({ part: { habit } }: Instance): boolean =>
  habit.by === 'pairs' || (habit.by === 'singly' && Math.abs(habit.turnRad - Math.PI) < LEAST_TURN_RAD);

/** How far a joint is turned against the one above: of a pair either of its two counts. */
function turnedBetween(above: Row, row: Row): number | null {
  if (![...above.parts, ...row.parts].every(inOrder)) return null;
  const whole = TAU / Math.max(above.parts.length, row.parts.length);
  const rad = (must(row.parts[0]).turnRad - must(above.parts[0]).turnRad + 2 * TAU) % whole;
  const least = Math.min(rad, whole - rad);
  return least < LEAST_TURN_RAD ? null : row.parts.length > 1 ? least : Math.min(rad, TAU - rad);
}

/** How a carrier within a branch is made: gathered at one height, along an arm, or small leaves against a large one. */
function makes(carrier: Instance, parts: PartCount[], times: number): BranchStep['does'] {
  if (!isCarrier(carrier.part)) return { code: 'do.leaf-group', values: { count: carrier.carries.length, times } };
  if (carrier.carries.every((c) => c.atMm === must(carrier.carries[0]).atMm))
    return { code: 'do.tape-together', values: { parts, times } };
  return { code: 'do.make-arm', values: { part: partName(carrier.part), parts, times } };
}

/** Carriers of one line that carry the same, told once with how often. */
function alike(carriers: readonly Instance[]): BranchStep[] {
  const groups = new Map<string, { carrier: Instance; parts: PartCount[]; times: number }>();
  for (const carrier of carriers) {
    const parts = countParts(joined(carrier));
    const key = `${carrier.part.id} ${JSON.stringify(parts)}`;
    const known = groups.get(key);
    if (known) known.times++;
    else groups.set(key, { carrier, parts, times: 1 });
  }
  return [...groups.values()].map(({ carrier, parts, times }) => ({
    does: makes(carrier, parts, times),
    parts,
    belowMm: null,
    turnRad: null,
    have: isCarrier(carrier.part) ? [] : [carrier.id],
    add: isCarrier(carrier.part) ? withAll(carrier) : idsOf(carrier.carries),
    ...(carrier.within ? { apart: true } : {}),
  }));
}

/** What is taped to a cluster or arm first, then those to what carries them, then along the carrier from the tip down. */
export function branchSteps(instances: readonly Instance[]): BranchStep[] {
  const root = must(instances[0]);
  // a leaf that carries small ones against it is a piece of its own
  if (!isCarrier(root.part)) return root.part.kind === 'leaf' && joined(root).length > 0 ? alike([root]) : [];
  const carriers = instances.filter((i) => i !== root && joined(i).length > 0 && (isCarrier(i.part) || i.part.parts.length > 0));
  const deepest = (at: Instance): number => (at.within ? 1 + deepest(at.within) : 0);
  const levels = [...new Set(carriers.map(deepest))].sort((a, b) => b - a);
  const fine = levels.flatMap((level) => alike(carriers.filter((c) => deepest(c) === level)));
  if (root.carries.every((c) => c.part.join === 'glued')) {
    const parts = countParts(joined(root));
    return [
      {
        does: { code: 'do.glue-on', values: { parts } },
        parts,
        belowMm: null,
        turnRad: null,
        have: [],
        add: idsOf(root.carries),
      },
    ];
  }
  const first = root.part.firstCarries ? root.carries[0] : undefined;
  const rows = rowsOf(root).map((row, i, all): BranchStep => {
    const parts = countParts(row.parts);
    const before = all[i - 1] ?? (first && { atMm: first.atMm, parts: [first] });
    const [one, next] = row.parts;
    const inHand = must(one).part.join === 'in hand';
    // what is slotted in goes each so far below the one before
    const gapMm = inHand && next ? next.atMm - must(one).atMm : null;
    const belowMm = gapMm ?? (before ? row.atMm - must(before.parts.at(-1)).atMm : null);
    const turnRad = before ? turnedBetween(before, row) : null;
    const have = idsOf([...(first ? [first] : []), ...all.slice(0, i).flatMap((r) => r.parts)]);
    const does = { code: inHand ? 'do.slot-in' : before ? 'do.branch-join' : 'do.branch-tip', values: { parts } } as const;
    return { does, parts, belowMm, turnRad, have, add: idsOf(row.parts) };
  });
  const once = first ? plain({ code: 'do.tape-once', values: {} }, { have: idsOf(root.carries), add: [] }) : [];
  return [...fine, ...begins(root, first), ...rows, ...once];
}

/** What the rest is taped to: a wire that is laid in, or the first part on its own. */
function begins({ part }: Instance, first: Instance | undefined): BranchStep[] {
  if (first)
    return plain(
      { code: 'do.first-carries', values: { part: partName(first.part), count: 1 } },
      { have: [], add: withAll(first) },
    );
  return part.on.by === 'wire' ? plain({ code: 'do.lay-in', values: {} }, { have: [], add: [] }) : [];
}

/** A step that joins nothing at a joint of its own. */
const plain = (does: BranchStep['does'], seen: Pick<BranchStep, 'have' | 'add'>): BranchStep[] => [
  { does, parts: [], belowMm: null, turnRad: null, ...seen },
];

export interface PartCount {
  part: PartName;
  count: number;
}

/** Parts by kind, each with how many. */
export function countParts(parts: readonly Instance[]): PartCount[] {
  const counts = new Map<PartName, number>();
  for (const { part } of parts) counts.set(partName(part), (counts.get(partName(part)) ?? 0) + 1);
  return [...counts].map(([part, count]) => ({ part, count }));
}
