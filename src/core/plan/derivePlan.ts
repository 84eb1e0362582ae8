import { botanicalObjections } from '../botany/botanical';
import { openCatalogue } from '../botany/catalogue';
import { monthOf } from '../botany/season';
import { cakeFaults } from '../cake/cake';
import { cakeSolid } from '../cake/solid';
import type { Arrangement } from '../compose/arrangement';
import { nameOf } from '../compose/names';
import { lineLimits, pieceLimits } from '../compose/lineLimits';
import { readBalance, overallScore, type Reading } from '../compose/reading';
import { buildScene, type Scene } from '../compose/scene';
import { dryingFactor } from '../days/drying';
import { planBackward, wallFromText, type PlannedTask } from '../days/backwardPlan';
import { criticalPath } from '../days/network';
import { careOf, tasksOf, type Task } from '../days/tasks';
import type { Vec3 } from '../geometry/vec3';
import { pasteByColour, type PasteBall } from '../make/paste';
import { trayOf, type TrayKind } from '../make/tray';
import { foodOf } from '../make/mixing';
import { plateGrams, type PlaqueToMake } from '../make/plaque';
import type { Supply } from '../make/recipes';
import { barrierById } from '../place/barrier';
import { contactWarnings } from '../place/contact';
import { mayBeEatenWarning } from '../place/eaten';
import type { Entry, Warning } from '../place/entry';
import type { Spray } from '../tape/tree';
import type { WireCut } from '../wire/wireLength';
import { buildPlaque, buildSoft, buildSprays, buildStemByStem } from './build';
import { EMPTY_BUILT, type Built } from './built';
import { handOverOf, type HandOver } from './handOver';
import { catalogueOf, type Project } from './project';
import type { Stem } from './stems';
import { barriersNeeded, cutLists, suppliesOf, tapeNeeded, tooLongWarnings, type GaugeCuts } from './usedUp';

/** A head in the world, as the plan reports it. mm, grams, unit vectors. */
export interface PlannedHead {
  arrangementId: string;
  pieceId: string;
  name: string;
  role: string;
  centreMm: Vec3;
  baseMm: Vec3;
  axis: Vec3;
  radialMm: number;
  axialMm: number;
  massGrams: number;
}

/** Pieces are called by ids that are their own only within one arrangement. */
export type OfArrangement<T> = T & { arrangementId: string };
export type PlannedEntry = OfArrangement<Entry>;

export interface PlannedArrangement {
  id: string;
  method: Arrangement['method'];
  lineLengthMm: number;
  lineForm: string;
  readings: Reading[];
  score: number;
  sprays: Spray[];
  /** null when the line could not be drawn */
  fault: string | null;
}

export interface DerivedPlan {
  projectId: string;
  arrangements: PlannedArrangement[];
  heads: PlannedHead[];
  stems: OfArrangement<Stem>[];
  wires: OfArrangement<WireCut>[];
  cuts: GaugeCuts[];
  entries: PlannedEntry[];
  tray: TrayKind[];
  paste: PasteBall[];
  tapeMm: number;
  /** glue, glaze, starch and fat to have ready */
  supplies: Supply[];
  /** barriers of every arrangement as often as it is made */
  barriers: { id: string; count: number }[];
  tasks: Task[];
  schedule: PlannedTask[];
  critical: string[];
  dryFactor: number;
  handOver: HandOver;
  warnings: Warning[];
  /** stop while anything not made for food would touch what is eaten, or something cannot be built */
  verdict: 'go' | 'stop' | 'empty';
}

const WARN_ORDER: Record<Warning['level'], number> = { stop: 0, 'look again': 1, note: 2 };

function buildArrangement(project: Project, arrangement: Arrangement, scene: Scene): Built {
  if (scene.heads.length === 0) return EMPTY_BUILT;
  const { plate, stand } = scene.line;
  if (plate) return buildPlaque(project, arrangement, scene, plate);
  if (stand || arrangement.method === 'taped spray') return buildSprays(project, arrangement, scene);
  if (arrangement.method === 'dummy') return buildSoft(project, arrangement, scene);
  return buildStemByStem(project, arrangement, scene);
}

/**
 * The whole derived plan of a project: one pure function, from the composition to the hand-over sheet. Same project, same
 * plan. An empty cake or arrangement gives an empty plan with the sentence that says what is missing; it never throws for a
 * project that passed `checkProject`.
 */
export function derivePlan(project: Project): DerivedPlan {
  openCatalogue(catalogueOf(project));
  const warnings: Warning[] = cakeFaults(project.cake).map((f) => ({
    level: 'stop',
    station: 'Brief',
    what: f.message,
    where: 'the cake',
    why: 'Nothing can stand on it.',
    remedy: 'Mend it in Brief.',
  }));
  const solid = cakeSolid(project.cake);
  const dust = foodOf(project.brief.dust, project.paints);
  const planned: { arrangement: Arrangement; scene: Scene | null; built: Built; contacts: Warning[] }[] = [];
  for (const arrangement of project.arrangements) {
    const scene = buildScene(project.cake, arrangement);
    const built = scene ? buildArrangement(project, arrangement, scene) : EMPTY_BUILT;
    const contacts = scene
      ? contactWarnings({
          cake: project.cake,
          solid,
          heads: scene.heads,
          intoCake: scene.intoCake,
          dust,
          stems: built.stems.map((s) => ({ pieceId: s.pieceId, curve: s.curve, endsInEntry: true })),
        })
      : [];
    planned.push({ arrangement, scene, built, contacts });
    const eaten = mayBeEatenWarning({
      name: `The ${arrangement.line.form}`,
      wired: built.wires.length > 0,
      pieces: arrangement.pieces.length,
      keepsake: project.brief.keepsake,
      dust,
    });
    warnings.push(...built.warnings, ...contacts, ...(eaten ? [eaten] : []));
    if (!scene && project.cake.tiers.length > 0) warnings.push(lostLine(arrangement));
    if (scene)
      warnings.push(
        ...[...lineLimits(arrangement.line, project.cake), ...pieceLimits(arrangement, project.cake, scene.line)].map(
          limitWarning,
        ),
      );
  }
  const entries = renumber(planned.flatMap((p) => p.built.entries.map((e) => ({ ...e, arrangementId: p.arrangement.id }))));
  const wires = planned.flatMap((p) =>
    p.built.wires.map((w) => ({ ...w, arrangementId: p.arrangement.id, times: p.arrangement.quantity })),
  );
  const cuts = cutLists(wires, { stockMm: project.brief.stockMm, offcuts: project.offcuts });
  warnings.push(...tooLongWarnings(cuts, project.brief.stockMm));
  const tray = trayOf(project.arrangements, {
    rule: project.spares,
    taken: project.taken,
    log: project.log,
    madeBy: project.madeBy,
    care: careOf(project.brief.finish),
  });
  const plaques = planned.flatMap(({ arrangement, scene }): PlaqueToMake[] => {
    const plate = scene?.line.plate;
    return plate ? [{ count: arrangement.quantity, gramsEach: plateGrams(plate), colour: plate.colour }] : [];
  });
  const paste = pasteByColour(tray, plaques);
  const days = daysOf(
    project,
    tray,
    planned,
    entries,
    paste.length,
    plaques.reduce((a, p) => a + p.count, 0),
  );
  warnings.push(...days.warnings, ...objectionsOf(project));
  warnings.sort((a, b) => WARN_ORDER[a.level] - WARN_ORDER[b.level]);
  const stops = warnings.filter((w) => w.level === 'stop').length;
  return {
    projectId: project.id,
    arrangements: planned.map((p) => planArrangement(p)),
    heads: planned.flatMap((p) => p.scene?.heads.map((h) => reportHead(p.arrangement.id, h)) ?? []),
    stems: planned.flatMap((p) => p.built.stems.map((s) => ({ ...s, arrangementId: p.arrangement.id }))),
    wires: wires.map(({ times: _times, ...wire }) => wire),
    cuts,
    entries,
    tray,
    paste,
    tapeMm: tapeNeeded(planned),
    barriers: barriersNeeded(planned),
    supplies: suppliesOf(project, tray, paste),
    ...days.plan,
    handOver: handOverOf(project, entries, tray, wires.length > 0),
    warnings,
    verdict: stops > 0 ? 'stop' : tray.length === 0 ? 'empty' : 'go',
  };
}

/** In botanical mode what nature does not do, said at Compose; never a stop. */
function objectionsOf(project: Project): Warning[] {
  const month = monthOf(project.brief.leavesAt);
  if (!project.brief.botanical || month === null) return [];
  const petalsCut = new Map(catalogueOf(project).cutters.map((c) => [c.species, c.petals]));
  const kinds = project.arrangements.flatMap((a) => a.pieces);
  return botanicalObjections({ kinds, petalsCut, month, hemisphere: project.brief.hemisphere }).map((o) => ({
    level: 'look again',
    station: 'Compose',
    what: o.what,
    where: 'botanical mode',
    why: 'Nature does not grow it so.',
    remedy: o.why,
  }));
}

const limitWarning = (said: { what: string; remedy: string }): Warning => ({
  level: 'look again',
  station: 'Compose',
  what: said.what,
  where: 'the line',
  why: 'It is drawn as far as the cake allows.',
  remedy: said.remedy,
});

const lostLine = (arrangement: Arrangement): Warning => ({
  level: 'stop',
  station: 'Compose',
  what: 'The line lies on a tier that is no longer there',
  where: arrangement.line.form,
  why: 'Its pieces have no place on this cake.',
  remedy: 'Choose a line again in Compose; the pieces are kept.',
});

function reportHead(arrangementId: string, h: Scene['heads'][number]): PlannedHead {
  return {
    arrangementId,
    pieceId: h.piece.id,
    name: nameOf(h),
    role: h.body.role,
    centreMm: h.centre,
    baseMm: h.base,
    axis: h.axis,
    radialMm: h.body.radialMm,
    axialMm: h.body.axialMm,
    massGrams: h.body.massGrams,
  };
}

function planArrangement({
  arrangement,
  scene,
  built,
  contacts,
}: {
  arrangement: Arrangement;
  scene: Scene | null;
  built: Built;
  contacts: Warning[];
}): PlannedArrangement {
  const own = [...built.warnings, ...contacts];
  const first = own.find((w) => w.level === 'stop') ?? own.find((w) => w.level === 'look again');
  const readings = scene
    ? readBalance(scene, {
        stops: own.filter((w) => w.level === 'stop').length,
        looks: own.filter((w) => w.level === 'look again').length,
        first: first ? `${first.what}, ${first.where}.` : null,
      })
    : [];
  return {
    id: arrangement.id,
    method: arrangement.method,
    lineLengthMm: scene?.line.lengthMm ?? 0,
    lineForm: arrangement.line.form,
    readings,
    score: overallScore(readings),
    sprays: built.sprays,
    fault: scene ? null : 'The line cannot be drawn on this cake.',
  };
}

const renumber = (entries: readonly PlannedEntry[]): PlannedEntry[] => entries.map((e, i) => ({ ...e, number: i + 1 }));

function daysOf(
  project: Project,
  tray: readonly TrayKind[],
  planned: readonly { built: Built; arrangement: Arrangement }[],
  entries: readonly Entry[],
  colours: number,
  plaques: number,
) {
  const { brief } = project;
  const dryFactor = dryingFactor(brief.room.celsius, brief.room.humidityShare);
  const joints = planned.reduce(
    (a, p) => a + p.arrangement.quantity * p.built.sprays.reduce((b, s) => b + s.joints.length, 0),
    0,
  );
  const barrierMinutes = entries.reduce((a, e) => a + (e.barrier ? barrierById(e.barrier)!.minutes : 0.5), 0);
  const wired = planned.some((p) => p.built.wires.length > 0);
  const tasks = tasksOf(
    tray,
    { joints, entries: entries.length, barrierMinutes, plaques, wired, care: careOf(brief.finish) },
    colours,
    dryFactor,
  );
  const leavesAt = wallFromText(brief.leavesAt);
  const result =
    tasks.length && Number.isFinite(leavesAt)
      ? planBackward(tasks, {
          hours: brief.hours,
          leavesAt,
          bufferMinutes: 45,
          fillShare: 0.75,
          lastMorningFrom: brief.lastMorningFrom,
        })
      : [];
  const schedule = Array.isArray(result) ? result : [];
  const path = criticalPath(tasks);
  const warnings: Warning[] = [];
  if (!Number.isFinite(dryFactor)) {
    warnings.push({
      level: 'look again',
      station: 'Days',
      what: 'In this air paste may not dry',
      where: `${Math.round(brief.room.humidityShare * 100)} % humidity`,
      why: 'Above 75 % it takes up as much water as it gives off; the plan counts three times the usual.',
      remedy: 'Dry the room, or use a drying cabinet.',
    });
  }
  if (tasks.length && brief.hours.every((h) => h === null)) {
    warnings.push({
      level: 'stop',
      station: 'Days',
      what: 'No day of the week has working hours',
      where: 'Brief',
      why: 'Nothing can be made.',
      remedy: 'Give at least one evening.',
    });
  }
  return { plan: { tasks, schedule, critical: 'critical' in path ? path.critical : [], dryFactor }, warnings };
}
