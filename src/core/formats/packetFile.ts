import * as v from 'valibot';
import { methodSchema } from '../botany/methods';
import { ownSpeciesSchema } from '../botany/ownSpecies';
import { wallFromText, wallToText } from '../days/clock';
import { conflictsOf, mergeEvents } from '../log/events';
import type { PacketDoubt } from '../log/facts';
import { countedLog, logEntrySchema, type LogEntry } from '../log/entries';
import type { DerivedPlan } from '../plan/derivePlan';
import type { Project } from '../plan/project';
import { isNewer, wallTime } from '../boundary/parts';
import { refusalOf } from '../boundary/refusal';
import type { FileRefusal } from '../boundary/refusals';
import type { Words } from '../words/words';
import { must } from '../geometry/must';

export const PACKET_KIND = 'ofrenda.packet';
const PACKET_VERSION = 1;
const MOST_CHARACTERS = 2_000_000;

const words = (most: number) => v.pipe(v.string(), v.maxLength(most));

/** What one helper needs of a job, and what came of it: tasks with counts and steps, kinds to draw pictures of, entries made. */
export const packetSchema = v.strictObject({
  kind: v.literal(PACKET_KIND),
  version: v.literal(PACKET_VERSION),
  projectId: v.pipe(words(80), v.minLength(1)),
  job: words(120),
  leavesAt: wallTime,
  helper: v.pipe(words(40), v.minLength(1)),
  /** who writes entries here; a new one each time a packet is opened, so that a copied file never writes the same id */
  actor: words(80),
  catalogue: v.strictObject({
    species: v.pipe(v.array(ownSpeciesSchema), v.maxLength(200)),
    methods: v.pipe(v.array(methodSchema), v.maxLength(60)),
  }),
  kinds: v.pipe(
    v.array(
      v.strictObject({
        key: words(200),
        species: words(80),
        stage: words(40),
        colourway: words(80),
        sizeMm: v.pipe(v.number(), v.minValue(1), v.maxValue(1000)),
        name: words(120),
        wanted: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(10_000)),
      }),
    ),
    v.maxLength(300),
  ),
  tasks: v.pipe(
    v.array(
      v.strictObject({
        id: words(200),
        name: words(200),
        kind: words(200),
        from: wallTime,
        to: wallTime,
        pieces: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(10_000)),
        how: v.pipe(v.array(words(200)), v.maxLength(40)),
        dry: words(120),
      }),
    ),
    v.maxLength(1000),
  ),
  log: v.pipe(v.array(logEntrySchema), v.maxLength(5000)),
});
export type Packet = v.InferOutput<typeof packetSchema>;

/** The packet for one helper, with what is in the log so far of the kinds they make. */
export function packetFor(project: Project, plan: DerivedPlan, makerId: string, words: Words): Packet | null {
  const at = project.days.makers.findIndex((m) => m.id === makerId);
  const maker = project.days.makers[at];
  if (!maker) return null;
  const tasks = new Map(plan.tasks.map((t) => [t.id, t]));
  const own = plan.schedule.filter((p) => p.maker === at + 1 && !p.done);
  const kinds = new Set(own.flatMap((p) => must(tasks.get(p.id)).kind || []));
  const species = new Set([...kinds].map((k) => must(k.split('|')[0])));
  const based = project.catalogue.species.filter((s) => species.has(s.id));
  const methods = new Set(plan.tray.filter((k) => kinds.has(k.key)).map((k) => k.method));
  return {
    kind: PACKET_KIND,
    version: PACKET_VERSION,
    projectId: project.id,
    job: project.name,
    leavesAt: project.brief.leavesAt,
    helper: maker.name,
    actor: '',
    catalogue: {
      species: based,
      methods: project.catalogue.methods.filter((m) => methods.has(m.id) || based.some((s) => s.method === m.id)),
    },
    kinds: plan.tray
      .filter((k) => kinds.has(k.key))
      .map((k) => ({
        key: k.key,
        species: k.species,
        stage: k.stage,
        colourway: k.colourway,
        sizeMm: k.sizeMm,
        name: words.pieceTitle(k),
        wanted: k.toMake,
      })),
    tasks: own.map((p) => {
      const task = must(tasks.get(p.id));
      const method = plan.tray.find((k) => k.key === task.kind)?.method;
      const craft = method ? words.craft(method) : null;
      return {
        id: p.id,
        name: words.say(task.name),
        kind: task.kind,
        from: wallToText(p.from),
        to: wallToText(p.to),
        pieces: task.pieces,
        how: craft ? [...(task.step === 'dust' ? craft.dusting : craft.tools), ...craft.checks].slice(0, 40) : [],
        dry: task.dryHours > 0 ? [task.detail, task.dryNote].flatMap((f) => (f ? [words.say(f)] : [])).join(', ') : '',
      };
    }),
    log: project.log.filter((e) => kinds.has(e.kind)),
  };
}

export const writePacket = (packet: Packet): string => `${JSON.stringify(packet, null, 1)}\n`;

export type ReadPacket = { packet: Packet } | { refused: FileRefusal };

/** Reads a packet: all of it, or why not and where. */
export function readPacket(text: string): ReadPacket {
  const what = 'packet' as const;
  if (text.length > MOST_CHARACTERS) return { refused: { code: 'file.too-large', values: { what } } };
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { refused: { code: 'file.no-json', values: { what } } };
  }
  if ((value as { kind?: unknown } | null)?.kind !== PACKET_KIND)
    return { refused: { code: 'file.other-kind', values: { what } } };
  const version = (value as { version?: unknown }).version;
  if (isNewer(version, PACKET_VERSION))
    return { refused: { code: 'file.newer', values: { what, version, most: PACKET_VERSION } } };
  const result = v.safeParse(packetSchema, value);
  if (result.success) return { packet: result.output };
  const [issue] = result.issues;
  const at = v.getDotPath(issue) ?? '';
  return { refused: { code: 'file.unreadable', values: { what, why: refusalOf(issue), at, placed: at !== '' } } };
}

/** What taking a packet back would do to a log. */
export interface Merged {
  log: LogEntry[];
  added: number;
  /** entries of which only one can be right, side by side */
  conflicts: LogEntry[][];
  /** what no id can tell, to look into */
  doubts: PacketDoubt[];
}

/** A packet's entries in a job's log, or why not. Nothing is counted twice, in whatever order packets come back. */
export function mergePacket(
  project: Project,
  packet: Packet,
  tray: readonly { key: string; toMake: number }[],
): Merged | { refused: FileRefusal } {
  if (packet.projectId !== project.id) return { refused: { code: 'packet.other-job', values: { job: packet.job } } };
  const log = mergeEvents(project.log, packet.log);
  return { log, added: log.length - mergeEvents(project.log).length, conflicts: conflictsOf(log), doubts: doubtsOf(log, tray) };
}

/** Trays logged by two at the same time, and more made than was asked for: ids cannot see that one tray was told twice. */
export function doubtsOf(log: readonly LogEntry[], tray: readonly { key: string; toMake: number }[]): PacketDoubt[] {
  const own = countedLog(log);
  const doubts: PacketDoubt[] = [];
  for (const { key, toMake } of tray) {
    const entries = own.filter((e) => e.kind === key && e.made > 0);
    const made = entries.reduce((a, e) => a + e.made, 0);
    const [species = '', stage = ''] = key.split('|');
    const piece = { species, stage };
    if (made > toMake) doubts.push({ code: 'packet.twice', values: { made, piece, wanted: toMake } });
    const timed = entries.filter((e) => e.minutes !== null && e.minutes > 0);
    const span = (e: LogEntry) => [wallFromText(e.at) - must(e.minutes), wallFromText(e.at)] as const;
    const twice = timed.some((a, i) =>
      timed.slice(i + 1).some((b) => (a.by ?? '') !== (b.by ?? '') && span(a)[0] < span(b)[1] && span(b)[0] < span(a)[1]),
    );
    if (twice) doubts.push({ code: 'packet.together', values: { piece } });
  }
  return doubts;
}
