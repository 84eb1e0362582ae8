import { botanicalObjections, leavesInSeason } from '../botany/botanical';
import { monthOf } from '../botany/season';
import { cakeFaults, type Cake } from '../cake/cake';
import { cakeSolid } from '../cake/solid';
import { LiveBalance } from '../compose/liveBalance';
import { careOf } from '../days/settings';
import { countedLog } from '../log/entries';
import { LEVELS } from '../facts/fact';
import { Memo } from '../geometry/memo';
import { pasteByColour, type PasteBall } from '../make/paste';
import { trayOf, type TrayKind } from '../make/tray';
import { foodOf } from '../make/paints';
import type { Supply } from '../make/recipes';
import type { Entry } from '../place/entry';
import { withWalls } from '../place/foam';
import { betweenTwo } from '../place/oneCake';
import { inCakeOf } from '../place/walls';
import type { WireCut } from '../wire/wireLength';
import { wireContextOf } from './build';
import { daysOf, type DaysPlan, type OtherWork } from './daysOf';
import { handOverOf, type HandOver } from './handOver';
import { planArrangement, type ArrangementPlan, type PlannedArrangement, type PlannedHead } from './planArrangement';
import { catalogueOf, ownCatalogueOf, type JobCatalogue } from './catalogueOf';
import type { Project } from './project';
import { spareWires } from './spareWires';
import type { Stem } from './stems';
import type { Warning } from './warnings';
import {
  barriersNeeded,
  brushedOn,
  cutLists,
  paperSheetsFor,
  suppliesOf,
  tapeNeeded,
  tooLongWarnings,
  type GaugeCuts,
  type TapeUse,
} from './usedUp';

/** Pieces are called by ids that are their own only within one arrangement. */
type OfArrangement<T> = T & { arrangementId: string };
export type PlannedEntry = OfArrangement<Entry>;

export interface DerivedPlan extends DaysPlan {
  projectId: string;
  arrangements: PlannedArrangement[];
  heads: PlannedHead[];
  stems: OfArrangement<Stem>[];
  wires: OfArrangement<WireCut>[];
  cuts: GaugeCuts[];
  entries: PlannedEntry[];
  /** pieces on no wire, glued or laid on the cake */
  laid: { arrangementId: string; pieceId: string }[];
  /** of what is made to spare */
  spareWires: WireCut[];
  tray: TrayKind[];
  paste: PasteBall[];
  /** of wafer paper */
  paperSheets: number;
  /** tape by colour and width */
  tape: TapeUse[];
  /** glue, glaze, starch and fat to have ready */
  supplies: Supply[];
  /** dust on all that is made */
  dustGrams: number;
  /** barriers of every arrangement as often as it is made */
  barriers: { id: string; count: number }[];
  handOver: HandOver;
  warnings: Warning[];
  /** stop while anything not made for food would touch what is eaten, or something cannot be built */
  verdict: 'go' | 'stop' | 'empty';
}

/**
 * The whole derived plan of a project: one pure function, from the composition to the hand-over sheet. Same project, same
 * plan. An empty cake or arrangement gives an empty plan with the sentence that says what is missing; it never throws for a
 * project that passed `checkProject`. With the memo of the last plan only what was touched is worked out anew; the plan is
 * the same, but for the readings' remedies: they are looked for where the hand rests. `others` are jobs that leave before it.
 */
export function derivePlan(asked: Project, last?: Memo, others: readonly OtherWork[] = []): DerivedPlan {
  const memo = last ?? new Memo();
  const catalogue = catalogueOf(asked);
  memo.belongsTo(catalogue);
  memo.turn();
  const project = memo.same('project', asked);
  const warnings: Warning[] = faultsOfCake(project);
  const dust = foodOf(project.brief.dust, project.paints);
  const planned: ArrangementPlan[] = [];
  for (const arrangement of project.arrangements) {
    const before = planned.flatMap((p) => p.built.entries.map(inCakeOf));
    const standing = memo.same(`standing for ${arrangement.id}`, before);
    const live = memo.memoise('balance', [project.id, arrangement.id], () => new LiveBalance());
    const { cake, brief, gauges } = project;
    const of = [arrangement, cake, dust, gauges, project.paints, project.barrierFor, standing, ...contextOf(brief)];
    planned.push(
      memo.memoise('arrangement', of, () =>
        planArrangement(project, arrangement, { catalogue, dust, live, memo, standing, remedies: !last }),
      ),
    );
  }
  warnings.push(...planned.flatMap((p) => p.warnings), ...betweenArrangements(planned, project.cake, memo));
  const entries = onOneCake(planned);
  const wires = planned.flatMap((p) =>
    p.built.wires.map((w) => ({ ...w, arrangementId: p.arrangement.id, times: p.arrangement.quantity })),
  );
  const tray = memo.same('tray', trayOfJob(project, catalogue));
  const spares = spareWires(tray, wires, { context: wireContextOf(project), catalogue });
  const toCut = [...wires, ...spares.map((w) => ({ ...w, times: 1 }))];
  const cuts = cutLists(toCut, { stockMm: project.brief.stockMm, offcuts: project.offcuts }, memo.memoise);
  warnings.push(...tooLongWarnings(cuts, project.brief.stockMm));
  const plaques = memo.same(
    'plaques',
    planned.flatMap(({ plaque }) => plaque ?? []),
  );
  const paste = memo.memoise('paste', [tray, plaques], () => pasteByColour(tray, catalogue, plaques));
  const made = { tray, planned, colours: paste.length, plaques: plaques.reduce((a, p) => a + p.count, 0), others };
  const glued = planned.reduce((a, p) => a + p.built.laid.length * p.arrangement.quantity, 0);
  const brushed = memo.memoise('brushed', [tray, glued], () => brushedOn(tray, glued, catalogue));
  const days = daysOf(project, made, memo);
  warnings.push(...days.warnings, ...objectionsOf(project), ...withSmallChildren(project, entries));
  const handOver = handOverOf(project, entries, tray, wires.length > 0);
  warnings.push(...withAllergies(handOver));
  warnings.sort((a, b) => LEVELS.indexOf(a.level) - LEVELS.indexOf(b.level));
  const stops = warnings.filter((w) => w.level === 'stop').length;
  return {
    projectId: project.id,
    arrangements: planned.map(({ report }) => report),
    heads: planned.flatMap((p) => p.heads),
    stems: planned.flatMap((p) => p.built.stems.map((s) => ({ ...s, arrangementId: p.arrangement.id }))),
    wires: wires.map(({ times: _times, ...wire }) => wire),
    laid: planned.flatMap((p) => p.built.laid.map((pieceId) => ({ arrangementId: p.arrangement.id, pieceId }))),
    spareWires: spares,
    cuts,
    entries,
    tray,
    paste,
    paperSheets: memo.memoise('paper', [tray], () => paperSheetsFor(tray, catalogue)),
    tape: tapeNeeded(planned, project),
    barriers: barriersNeeded(planned),
    dustGrams: brushed.dustGrams,
    supplies: suppliesOf(project, brushed, paste),
    ...days.plan,
    handOver,
    warnings,
    verdict: stops > 0 ? 'stop' : tray.length === 0 ? 'empty' : 'go',
  };
}

const faultsOfCake = ({ cake }: Project): Warning[] =>
  cakeFaults(cake).map(({ path: _path, ...fault }) => ({ ...fault, level: 'stop', station: 'brief' }));

/** What is to make, by what is taken from the tin, what the log has learned, and who makes it. */
const trayOfJob = ({ arrangements, spares, taken, log, notes, brief }: Project, catalogue: JobCatalogue) =>
  trayOf(arrangements, {
    catalogue,
    rule: spares,
    taken,
    log: countedLog(log),
    notes,
    care: careOf(brief.finish),
  });

/** What of the brief an arrangement's building and judging depends on. */
const contextOf = ({ wireSystem, wireColour, stockMm, cutting, keepsake, pushTestGrams, realPlants }: Project['brief']) =>
  [wireSystem, wireColour, stockMm, cutting, keepsake, pushTestGrams, realPlants] as const;

/** In botanical mode what nature does not do, said at Compose; never a stop. */
function objectionsOf(project: Project): Warning[] {
  const month = monthOf(project.brief.leavesAt);
  if (!project.brief.botanical || month === null) return [];
  const petalsCut = new Map(ownCatalogueOf(project).cutters.map((c) => [c.species, c.petals]));
  const kinds = project.arrangements.flatMap((a) => a.pieces);
  const when = { catalogue: catalogueOf(project), month, hemisphere: project.brief.hemisphere };
  return botanicalObjections({ ...when, kinds, petalsCut }).map((objection) => {
    const said: Warning = { ...objection, level: 'look again', station: 'compose' };
    if (objection.code !== 'botany.out-of-season' || objection.values.grows === 'leaf') return said;
    const { species } = objection.values;
    const leaves = leavesInSeason(species, when);
    return leaves === null ? said : { ...said, mends: [{ do: 'its leaves', species, leaves }] };
  });
}

/** What is short, pale and easily missed, where small children sit. */
function withSmallChildren({ brief }: Project, entries: readonly PlannedEntry[]): Warning[] {
  const own = entries.filter((e) => e.barrier === 'toothpick');
  const [first] = own;
  if (!brief.smallChildren || !first) return [];
  const values = { count: own.length, entry: first.id };
  return [{ code: 'place.toothpicks', values, level: 'look again', station: 'place', entryId: first.id }];
}

/** Where somebody with allergies eats, what nobody has stated is asked for. */
function withAllergies({ eaters, allergens: { notStated } }: HandOver): Warning[] {
  if (!eaters.includes('allergic') || notStated.length === 0) return [];
  const values = { cake: notStated.includes('cake'), flowers: notStated.includes('flowers') };
  return [{ code: 'place.allergens-not-stated', values, level: 'look again', station: 'brief' }];
}

/** All entries of a cake, numbered through, each with the thinnest wall to any other. */
function onOneCake(planned: readonly ArrangementPlan[]): PlannedEntry[] {
  const entries = planned.flatMap((p) => p.built.entries.map((e) => ({ ...e, arrangementId: p.arrangement.id })));
  const walled = planned.length > 1 ? withWalls(entries) : entries;
  return walled.map((e, i) => ({ ...e, number: i + 1 }));
}

/** What arrangements on one cake do to each other, said of the later one. */
const betweenArrangements = (planned: readonly ArrangementPlan[], cake: Cake, memo: Memo): Warning[] =>
  planned.flatMap((b, i) =>
    planned.slice(0, i).flatMap((a) =>
      memo
        .memoise('between', [a, b, cake], () => betweenTwo(a.placed, b.placed, { cake, solid: cakeSolid(cake) }))
        .map((w) => ({
          ...w,
          arrangementId: b.placed.heads.some((h) => h.piece.id === w.pieceId) ? b.arrangement.id : a.arrangement.id,
        })),
    ),
  );
