import type { Arrangement } from '../compose/arrangement';
import type { PlacedPiece } from '../compose/placement';
import type { Plate } from '../compose/line';
import { SKEWER_SHARE } from '../compose/lines/plaque';
import type { Scene } from '../compose/scene';
import type { Mend } from '../facts/fact';
import type { Memo } from '../geometry/memo';
import { add, addScaled, distance, dot, normalize, scale, sub, type Vec3 } from '../geometry/vec3';
import { plateGrams } from '../make/plaque';
import { gatherBunches, type Bunch } from '../place/bunch';
import type { Entry } from '../place/entry';
import { ABILITIES, barrierById, type Barrier } from '../place/barrier';
import { catalogueOf } from './catalogueOf';
import { pushTestKPa } from '../place/holding';
import { RIM_PROUD_MM, seatAll, seatsOf, type SeatAt, type SeatRequest } from '../place/seating';
import { inFoam, withWalls, type InFoam } from '../place/foam';
import type { InCake } from '../place/walls';
import { crowdingWarnings, holeWarnings } from '../place/seatWarnings';
import { bundleMm } from '../wire/bundle';
import { treeFaults } from '../tape/faults';
import { branchTrees, type Spray } from '../tape/tree';
import { ROLES } from '../botany/species';
import { countPieces, pieceRef } from '../compose/names';
import { tierRef } from '../cake/cake';
import { EMPTY_BUILT, type Built } from './built';
import { footWires, isWired, partWires, reaching, type WireContext } from './partWires';
import type { Project } from './project';
import { entryWire, gaugeFor, makeStem, stemToEntry, trimmedAtMm, wireSpray, type Stem } from './stems';
import type { WireCut } from '../wire/wireLength';
import type { Warning } from './warnings';
import { must } from '../geometry/must';

export const wireContextOf = (project: Project): WireContext => ({
  system: project.brief.wireSystem,
  colour: project.brief.wireColour,
  gauges: project.gauges,
  stockMm: project.brief.stockMm,
  cutting: project.brief.cutting,
});

/** The barriers of the job, and what a push test says of the crumb; nothing of it where nobody tried. */
const heldBy = (project: Project): { barriers: readonly Barrier[]; kPa?: number } => {
  const { pushTestGrams } = project.brief;
  const { barriers } = catalogueOf(project);
  return pushTestGrams === null ? { barriers } : { barriers, kPa: pushTestKPa(pushTestGrams) };
};

const wantedAt = (project: Project, entryId: string): { wanted?: string } => {
  const wanted = project.barrierFor.find((b) => b.entryId === entryId)?.barrier;
  return wanted && barrierById(wanted, catalogueOf(project).barriers) ? { wanted } : {};
};

const centreOfMass = (members: readonly PlacedPiece[]): Vec3 => {
  const mass = members.reduce((a, p) => a + p.body.massGrams + 1e-6, 0);
  return scale(
    members.reduce<Vec3>((a, p) => add(a, scale(p.centre, p.body.massGrams + 1e-6)), [0, 0, 0]),
    1 / mass,
  );
};

function requestFor(bunch: Bunch, id: string, bundle: number): SeatRequest {
  const axis = normalize(bunch.members.reduce<Vec3>((a, p) => add(a, p.axis), [0, 0, 0]));
  const normal = normalize(bunch.members.reduce<Vec3>((a, p) => add(a, p.frame.normal), [0, 0, 0]));
  return {
    id,
    pieceIds: bunch.members.map((p) => p.piece.id),
    base: bunch.base,
    axis,
    normal,
    leafy: must(bunch.members[0]).body.role === 'foliage',
    massGrams: bunch.massGrams,
    weightAt: centreOfMass(bunch.members),
    bundleMm: bundle,
    rank: Math.min(...bunch.members.map((p) => ROLES.indexOf(p.body.role))),
  };
}

/** What an arrangement is built from, and what the others before it have in the cake already. */
export interface Building {
  project: Project;
  arrangement: Arrangement;
  scene: Scene;
  memo: Memo;
  standing: readonly InCake[];
}

/** What has no wire is glued or laid. */
const laidOf = ({ heads }: Scene): string[] => heads.flatMap((p) => (isWired(p) ? [] : p.piece.id));

/** How long a stem is taken to be before it is seated. */
const ASSUMED_FREE_MM = 14;

/** Bare diameters of all that a piece brings into its bore: its own wire, and those of its parts that are not trimmed above it. */
const wiresInBore = (p: PlacedPiece, freeMm: number, context: WireContext, gauge = gaugeFor(p, freeMm, context)): number[] => [
  ...Array.from({ length: gauge.strands }, () => gauge.diameterMm),
  ...(trimmedAtMm(p, freeMm, context) === null ? reaching(footWires(p, context), freeMm) : []),
];

/** Every stem or small bunch has its own barrier and goes in on the cake, focal first. */
export function buildStemByStem({ project, arrangement, scene, memo, standing }: Building): Built {
  const context = wireContextOf(project);
  const memoise = memo.under([arrangement.id, project.cake]);
  const bunches = gatherBunches(scene.heads.filter(isWired));
  const ids = bunches.map((b) => `${arrangement.id}-${must(b.members[0]).piece.id}`);
  const bunchOf = new Map(ids.map((id, i) => [id, must(bunches[i])]));
  const stemOf = new Map<string, Stem>();
  const requests = () =>
    bunches.map((bunch, i) => {
      const wires = bunch.members.flatMap((p) => {
        const stem = stemOf.get(p.piece.id);
        return wiresInBore(p, stem?.lengthMm ?? ASSUMED_FREE_MM, context, stem?.gauge);
      });
      return { ...requestFor(bunch, must(ids[i]), bundleMm(wires, true)), ...wantedAt(project, must(ids[i])) };
    });
  const drawStems = (seats: readonly SeatAt[]) => {
    for (const seat of seats)
      for (const p of must(bunchOf.get(seat.id)).members)
        stemOf.set(p.piece.id, makeStem(p, stemToEntry(p, seat, scene.solid), context));
  };
  const options = { memoise, standing, ...heldBy(project) };
  // the gauge wants the free length and the seat wants the gauge: twice round settles it
  drawStems(seatsOf(requests(), project.cake, scene.solid, options));
  let seated = seatAll(requests(), project.cake, scene.solid, options);
  const wasTrimmed = new Map([...stemOf].map(([id, s]) => [id, s.trimmedMm !== null]));
  drawStems(seated.entries);
  // a stem that came out shorter brings the wires of its parts along after all
  if ([...stemOf].some(([id, s]) => wasTrimmed.get(id) && s.trimmedMm === null)) {
    seated = seatAll(requests(), project.cake, scene.solid, options);
    drawStems(seated.entries);
  }
  const stems: Stem[] = [];
  const wires: WireCut[] = [];
  for (const entry of seated.entries) {
    for (const p of must(bunchOf.get(entry.id)).members) {
      const stem = must(stemOf.get(p.piece.id));
      stems.push(stem);
      wires.push(entryWire(p, stem, entry, context), ...partWires(p, context));
    }
  }
  return {
    stems,
    wires,
    entries: seated.entries,
    sprays: [],
    laid: laidOf(scene),
    warnings: [...seated.warnings, ...plugNotes(seated.entries), ...yieldWarnings(stems, scene)],
  };
}

function plugNotes(entries: readonly Entry[]): Warning[] {
  const open = entries.filter((e) => e.kind && ABILITIES[e.kind].plugged);
  if (open.length === 0) return [];
  return [{ code: 'place.tubes-to-plug', values: { count: open.length }, level: 'note', station: 'place' }];
}

/** Stems that no wire carries freely, or that a person has given too thin a wire. */
function yieldWarnings(stems: readonly Stem[], scene: Scene): Warning[] {
  const heads = new Map(scene.heads.map((h) => [h.piece.id, h]));
  return stems.flatMap(({ gauge, pieceId, lengthMm }): Warning[] => {
    const none = gauge.decidedBy === 'none thick enough';
    const head = heads.get(pieceId);
    if (!head || (!none && !(gauge.decidedBy === 'chosen' && gauge.use > 1))) return [];
    const values = { piece: pieceRef(head), massGrams: head.body.massGrams, freeMm: lengthMm };
    const at = { station: 'wire', pieceId } as const;
    return none
      ? [{ code: 'wire.none-carries', values, level: 'stop', ...at }]
      : [{ code: 'wire.thin', values: { ...values, gauge: gauge.gauge, wanted: gauge.byStrength }, level: 'look again', ...at }];
  });
}

/** Whole sprays taped off the cake, each on one pick. */
export function buildSprays({ project, arrangement, scene, memo, standing }: Building): Built {
  const context = wireContextOf(project);
  const heads = new Map(scene.heads.map((p) => [p.piece.id, p]));
  const onLine = memo.under([arrangement.id, project.cake, arrangement.line, context.system, context.colour, context.gauges]);
  const trees = branchTrees({
    heads: scene.heads.filter(isWired),
    line: scene.line,
    arrangementId: arrangement.id,
    edits: arrangement.joints,
    memoise: onLine,
  });
  const thickness = (bare: readonly number[]) => bundleMm(bare, false);
  const wire = (tree: Spray, insideMm: number) => {
    return onLine('wiring', [tree, insideMm], () =>
      wireSpray({ bare: tree, heads, context, solid: scene.solid, insideMm, thickness }),
    );
  };
  const first = trees.map((tree) => wire(tree, 50));
  const requests = trees.map((spray, i): SeatRequest => ({
    id: spray.id,
    pieceIds: spray.pieceIds,
    base: addScaled(spray.pickAt, spray.pickNormal, 2),
    axis: spray.pickNormal,
    normal: spray.pickNormal,
    leafy: false,
    massGrams: spray.massGrams,
    weightAt: centreOfMass(spray.pieceIds.map((id) => must(heads.get(id)))),
    bundleMm: bundleMm(must(first[i]).atPickMm, true, 2),
    rank: i,
    ...wantedAt(project, spray.id),
  }));
  const seated = seatAll(requests, project.cake, scene.solid, {
    memoise: memo.under([arrangement.id, project.cake]),
    standing,
    ...heldBy(project),
  });
  const wired = trees.map((tree) => {
    const entry = seated.entries.find((e) => e.id === tree.id);
    return wire(tree, entry ? entry.wireInsideMm + RIM_PROUD_MM : 30);
  });
  const sprays = wired.map((w) => w.spray);
  const stems = wired.flatMap((w) => w.stems);
  const faults = treeFaults(sprays, heads, arrangement.joints);
  return {
    stems,
    wires: wired.flatMap((w) => w.wires),
    entries: seated.entries,
    sprays,
    laid: laidOf(scene),
    warnings: [
      ...seated.warnings,
      ...plugNotes(seated.entries),
      ...faults.map((f): Warning => ({ level: 'look again', station: 'wire', ...f })),
      ...yieldWarnings(stems, scene),
    ],
  };
}

/** A skewer is glued to the back of its plaque so far up. Common practice, no source. */
const UP_PLAQUE_SHARE = 2 / 3;

/** How far the skewers of an upright plaque stand out of the icing: under it, and up its back. */
function skewerOutMm({ outlineMm, centreMm }: Plate, foot: Vec3): number {
  const [low, high] = [Math.min(...outlineMm.map(([, y]) => y)), Math.max(...outlineMm.map(([, y]) => y))];
  return centreMm[2] - foot[2] + low + (high - low) * UP_PLAQUE_SHARE;
}

/** Pieces glued to a plaque of paste, whatever they are made on: no wire of theirs goes in. An upright plaque stands on two bare skewers; a flat one lies on the icing. */
export function buildPlaque({ project, arrangement, scene, standing }: Building, plate: Plate): Built {
  const glued = scene.heads.map((p) => p.piece.id);
  const warnings = gluedOnWire(scene);
  if (!plate.upright) return { ...EMPTY_BUILT, laid: glued, warnings };
  const massGrams = plateGrams(plate) + scene.heads.reduce((a, p) => a + p.body.massGrams, 0);
  const apart = Math.max(...plate.outlineMm.map(([x]) => x)) * SKEWER_SHARE;
  const foot = must(scene.line.stand).footMm;
  const onRight = (p: PlacedPiece) => dot(sub(p.centre, plate.centreMm), plate.across) >= 0;
  const requests = [-1, 1].map((side, i): SeatRequest => {
    const at = addScaled(foot, plate.across, side * apart);
    return {
      id: `${arrangement.id}-skewer-${i + 1}`,
      pieceIds: scene.heads.filter((p) => onRight(p) === side > 0).map((p) => p.piece.id),
      base: addScaled(at, [0, 0, 1], 2),
      axis: [0, 0, 1],
      normal: [0, 0, 1],
      leafy: false,
      massGrams: massGrams / 2,
      weightAt: addScaled(plate.centreMm, plate.across, side * apart),
      bundleMm: 0.5,
      rank: i,
      only: 'stake',
      standsOutMm: skewerOutMm(plate, foot),
    };
  });
  const seated = seatAll(requests, project.cake, scene.solid, { standing, ...heldBy(project) });
  return { ...EMPTY_BUILT, ...seated, laid: glued, warnings: [...warnings, ...seated.warnings] };
}

/** What is made on wire and then glued: its wire is of no use, and must not be eaten. */
function gluedOnWire({ heads }: Scene): Warning[] {
  const wired = heads.filter(isWired);
  if (wired.length === 0) return [];
  return [{ code: 'place.wire-glued', values: { pieces: countPieces(wired) }, level: 'look again', station: 'make' }];
}

/** What a bunch that is pushed into foam asks of it. */
function bunchInFoam(bunch: Bunch, id: string, at: Vec3, context: WireContext): InFoam {
  return {
    id,
    pieceIds: bunch.members.map((p) => p.piece.id),
    massGrams: bunch.massGrams,
    weightAt: centreOfMass(bunch.members),
    bundleMm: bundleMm(
      bunch.members.flatMap((p) => wiresInBore(p, distance(p.base, at), context)),
      true,
    ),
  };
}

/** What is wrong with one bunch that is pushed in. */
interface SoftFault {
  code: 'place.no-barrier' | 'place.through-icing' | 'place.foam-thin';
  tierIndex: number | null;
  members: readonly PlacedPiece[];
  mends: Mend[];
  depth: { foamMm: number; wantMm: number } | null;
}

/** Each fault once a tier, with all that has it; of thin foam what is thinnest and what is wanted most. */
function softWarnings(faults: readonly SoftFault[], cake: Project['cake']): Warning[] {
  const groups = new Map<string, SoftFault[]>();
  for (const fault of faults) {
    const key = `${fault.code} ${fault.tierIndex}`;
    groups.set(key, [...(groups.get(key) ?? []), fault]);
  }
  return [...groups.values()].map((own): Warning => {
    const { code, tierIndex, mends } = must(own[0]);
    const all = own.flatMap((f) => f.members);
    const at = {
      level: 'stop',
      station: 'place',
      ...(tierIndex === null ? {} : { tier: tierRef(cake, tierIndex) }),
      pieceId: must(all[0]).piece.id,
      mends,
    } as const;
    const pieces = countPieces(all);
    if (code !== 'place.foam-thin') return { code, values: { pieces }, ...at };
    const depths = own.flatMap((f) => f.depth ?? []);
    const foamMm = Math.min(...depths.map((d) => d.foamMm));
    return { code, values: { pieces, foamMm, wantMm: Math.max(...depths.map((d) => d.wantMm)) }, ...at };
  });
}

/** Stems pushed into foam that nobody eats: no barrier. Where the tier is not a dummy, that is a stop. */
export function buildSoft({ project, arrangement, scene, standing }: Building): Built {
  const context = wireContextOf(project);
  const stems: Stem[] = [];
  const wires: WireCut[] = [];
  const entries: Entry[] = [];
  const faults: SoftFault[] = [];
  for (const { members, ...bunch } of gatherBunches(scene.heads.filter(isWired))) {
    const normal = must(members[0]).frame.normal;
    const direction = scale(normal, -1);
    const ray = scene.solid.rayInto(addScaled(bunch.base, normal, 1), direction);
    const id = `${arrangement.id}-${must(members[0]).piece.id}`;
    const at = { tierIndex: ray?.tier.index ?? null, members, depth: null };
    if (!ray || ray.tier.tier.kind !== 'dummy') {
      const mends: Mend[] = ray ? [{ do: 'dummy tier', tierIndex: ray.tier.index }] : [];
      faults.push({ code: 'place.no-barrier', ...at, mends });
      continue;
    }
    if (ray.tier.tier.covering.eaten) {
      const mends: Mend[] = [{ do: 'covering not eaten', tierIndex: ray.tier.index }];
      faults.push({ code: 'place.through-icing', ...at, mends });
    }
    const { entry, depth } = inFoam(bunchInFoam({ members, ...bunch }, id, ray.entry, context), ray, direction);
    if (depth) faults.push({ code: 'place.foam-thin', ...at, mends: [], depth });
    entries.push(entry);
    for (const p of members) {
      const stem = makeStem(p, stemToEntry(p, entry, scene.solid), context);
      stems.push(stem);
      wires.push(entryWire(p, stem, entry, context), ...partWires(p, context));
    }
  }
  const walled = withWalls(entries, standing);
  const crowded = [...crowdingWarnings(walled, project.cake), ...holeWarnings(walled, project.cake, standing)];
  const warnings = [...softWarnings(faults, project.cake), ...crowded, ...yieldWarnings(stems, scene)];
  return { stems, wires, entries: walled, sprays: [], laid: laidOf(scene), warnings };
}
