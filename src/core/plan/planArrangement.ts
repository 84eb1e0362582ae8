import type { Arrangement } from '../compose/arrangement';
import type { LineLimit } from '../compose/facts';
import { lineLimits, pieceLimits } from '../compose/lineLimits';
import type { LiveBalance } from '../compose/liveBalance';
import { overallScore, readMeasured } from '../compose/readBalance';
import { type Reading } from '../compose/reading';
import { viewsFrom, type Scene } from '../compose/scene';
import { SightGrid } from '../compose/sightGrid';
import type { Memo } from '../geometry/memo';
import type { Vec3 } from '../geometry/vec3';
import { foodOf } from '../make/paints';
import { plateGrams, type PlaqueToMake } from '../make/plaque';
import { contactWarnings, type ContactInput } from '../place/contact';
import { mayBeEatenWarning } from '../place/eaten';
import { pressedWithin, stemsThroughHeads, type Standing } from '../place/oneCake';
import type { InCake } from '../place/walls';
import type { Entry } from '../place/entry';
import { insertionOrder } from '../place/order';
import { seenFrom } from '../place/seen';
import { ROLES } from '../botany/species';
import type { Spray } from '../tape/tree';
import { buildPlaque, buildSoft, buildSprays, buildStemByStem, type Building } from './build';
import { kindHoldsWire } from './handOver';
import { EMPTY_BUILT, type Built } from './built';
import type { JobCatalogue } from './catalogueOf';
import type { Project } from './project';
import type { Warning } from './warnings';
import { must } from '../geometry/must';

/** A head in the world, as the plan reports it. mm, grams, unit vectors. */
export interface PlannedHead {
  arrangementId: string;
  pieceId: string;
  species: string;
  stage: string;
  role: string;
  centreMm: Vec3;
  baseMm: Vec3;
  axis: Vec3;
  radialMm: number;
  axialMm: number;
  massGrams: number;
  sizeMm: number;
}

export interface PlannedArrangement {
  id: string;
  method: Arrangement['method'];
  lineLengthMm: number;
  lineForm: string;
  readings: Reading[];
  score: number;
  sprays: Spray[];
  /** the line could not be drawn */
  lost: boolean;
}

/** All that one arrangement brings to the plan. */
export interface ArrangementPlan {
  arrangement: Arrangement;
  built: Built;
  report: PlannedArrangement;
  heads: PlannedHead[];
  /** as they stand, for what the arrangements do to each other */
  placed: Standing;
  plaque: PlaqueToMake | null;
  warnings: Warning[];
}

function buildArrangement(of: Building): Built {
  const { plate, stand } = of.scene.line;
  if (of.scene.heads.length === 0) return EMPTY_BUILT;
  if (plate) return buildPlaque(of, plate);
  if (stand || of.arrangement.method === 'taped spray') return buildSprays(of);
  if (of.arrangement.method === 'dummy') return buildSoft(of);
  return buildStemByStem(of);
}

interface Judging {
  catalogue: JobCatalogue;
  dust: ReturnType<typeof foodOf>;
  live: LiveBalance;
  memo: Memo;
  /** what the arrangements before it have in the cake */
  standing: readonly InCake[];
  /** whether remedies of the readings are looked for, which may take longer than all the rest */
  remedies: boolean;
}

/** Builds one arrangement and judges it: what it is made of, where it touches, how it reads. */
export function planArrangement(
  project: Project,
  arrangement: Arrangement,
  { catalogue, dust, live, memo, standing, remedies }: Judging,
): ArrangementPlan {
  const measures = live.measure(project.cake, arrangement, catalogue);
  if (!measures) return lost(project, arrangement);
  const raw = buildArrangement({ project, arrangement, scene: measures, memo, standing });
  const built = { ...raw, ...putInOrder(raw, measures) };
  const heads = [...measures.heads];
  const on = { cake: project.cake, solid: measures.solid };
  const onStem = new Set(built.sprays.flatMap((s) => s.joints.flatMap((j) => (j.arm === 'heel' ? [] : j.pieceId))));
  const contacts = contactWarnings({
    catalogue,
    cake: project.cake,
    line: measures.line,
    solid: measures.solid,
    heads: measures.heads,
    dust,
    stems: [
      ...built.stems.map(({ pieceId, curve }) => ({ pieceId, curve, endsInEntry: !onStem.has(pieceId) })),
      ...mainStems(built),
    ],
    // on a plaque they lie on its paste
    laid: new Set(measures.line.plate ? [] : built.laid),
    underlaid: new Set(arrangement.pieces.filter((p) => p.underlaid).map((p) => p.id)),
    realPlants: project.brief.realPlants,
  });
  const eaten = mayBeEatenWarning({
    line: arrangement.line.form,
    wired: built.wires.length > 0 || arrangement.pieces.some((p) => kindHoldsWire(p.species, project)),
    pieces: arrangement.pieces.length,
    keepsake: project.brief.keepsake,
    dust,
  });
  const limits = [
    ...lineLimits(arrangement.line, project.cake),
    ...pieceLimits(arrangement, project.cake, measures.line, catalogue),
  ];
  const own = [
    ...built.warnings,
    ...contacts,
    ...pressedWithin(measures, on),
    ...stemsThroughHeads(built.stems, heads, heads, on),
  ];
  const first = own.find((w) => w.level === 'stop') ?? own.find((w) => w.level === 'look again');
  const faults = {
    stops: own.filter((w) => w.level === 'stop').length,
    looks: own.filter((w) => w.level === 'look again').length,
    first: first ?? null,
  };
  const readings = readMeasured(measures, faults, remedies);
  const { plate, lengthMm } = measures.line;
  return {
    arrangement,
    built,
    report: { ...reportOf(arrangement), lineLengthMm: lengthMm, readings, score: overallScore(readings), sprays: built.sprays },
    heads: measures.heads.map((h) => reportHead(arrangement.id, h)),
    placed: { heads, stems: built.stems },
    plaque: plate ? { count: arrangement.quantity, gramsEach: plateGrams(plate), colour: plate.colour } : null,
    warnings: [...own, ...(eaten ? [eaten] : []), ...limits.map(limitWarning)].map((w) => ({
      ...w,
      arrangementId: arrangement.id,
      // a recorded label that is not edible outweighs what the brief says
      ...(w.mends && foodOf('edible', project.paints) !== 'edible'
        ? { mends: w.mends.filter((m) => m.do !== 'edible dust') }
        : {}),
    })),
  };
}

/** The main stem of each spray as thick as it is taped, from joint to joint. */
const mainStems = ({ sprays }: Built): ContactInput['stems'] =>
  sprays.flatMap(({ joints }) =>
    joints
      .filter((j) => j.onto === null && j.arm !== 'heel')
      .map((j) => ({ pieceId: j.pieceId, curve: j.course, endsInEntry: false, radiusMm: j.thicknessMm / 2 })),
  );

/** Entries in the order in which they go in, each with the sides from which it is seen; what blocks itself both ways is said. */
function putInOrder({ entries, warnings, sprays }: Built, scene: Scene): Pick<Built, 'entries' | 'warnings'> {
  if (entries.length === 0) return { entries, warnings };
  const heads = new Map(scene.heads.map((p) => [p.piece.id, p]));
  const rankOf = (e: Entry) => Math.min(...e.pieceIds.map((id) => ROLES.indexOf(heads.get(id)?.body.role ?? 'foliage')));
  const lead = must([...scene.heads].sort((a, b) => b.body.massGrams - a.body.massGrams)[0]);
  const { ids, together } = insertionOrder({ entries, heads, rankOf, focal: lead.centre, whole: sprays.length > 0 });
  const byId = new Map(entries.map((e) => [e.id, e]));
  const sight = new SightGrid(
    scene.heads,
    viewsFrom(scene.frontRad).map((v) => v.toEye),
  );
  const ordered = ids.map((id): Entry => {
    const entry = must(byId.get(id));
    return { ...entry, seenFrom: seenFrom(entry, sight, scene.solid, scene.frontRad) };
  });
  return { entries: ordered, warnings: [...warnings, ...together.map(inOneMove), ...toCover(ordered)] };
}

/** Rims that show are covered at the very end (docs/trade.md C11; common practice, no source). */
function toCover(entries: readonly Entry[]): Warning[] {
  const seen = entries.filter((e) => e.barrier !== null && e.seenFrom.length > 0);
  const [first] = seen;
  if (!first) return [];
  const values = { entries: seen.map((e) => e.id), count: seen.length, sides: first.seenFrom };
  return [{ code: 'place.rims-seen', values, level: 'note', station: 'place', entryId: first.id }];
}

const inOneMove = (ids: readonly string[]): Warning => ({
  code: 'place.in-together',
  values: { entries: ids },
  level: 'note',
  station: 'place',
  entryId: ids[0],
});

const reportOf = ({ id, method, line }: Arrangement): PlannedArrangement => ({
  id,
  method,
  lineLengthMm: 0,
  lineForm: line.form,
  readings: [],
  score: 0,
  sprays: [],
  lost: false,
});

/** Nothing can be built where the line has no place; a cake without tiers is said elsewhere. */
const lost = (project: Project, arrangement: Arrangement): ArrangementPlan => ({
  arrangement,
  built: EMPTY_BUILT,
  report: { ...reportOf(arrangement), lost: true },
  heads: [],
  placed: { heads: [], stems: [] },
  plaque: null,
  warnings: project.cake.tiers.length > 0 ? [lostLine(arrangement)] : [],
});

const limitWarning = (limit: LineLimit): Warning => ({ ...limit, level: 'look again', station: 'compose' });

const lostLine = ({ line }: Arrangement): Warning => ({
  code: 'compose.line-lost',
  values: { line: line.form },
  level: 'stop',
  station: 'compose',
});

function reportHead(arrangementId: string, h: Scene['heads'][number]): PlannedHead {
  return {
    arrangementId,
    pieceId: h.piece.id,
    species: h.piece.species,
    stage: h.piece.stage,
    role: h.body.role,
    centreMm: h.centre,
    baseMm: h.base,
    axis: h.axis,
    radialMm: h.body.radialMm,
    axialMm: h.body.axialMm,
    massGrams: h.body.massGrams,
    sizeMm: h.piece.sizeMm,
  };
}
