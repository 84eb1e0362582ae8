import { bodyOf, findSpecies, speciesById, type Catalogue } from '../botany/catalogue';
import type { Species } from '../botany/species';
import { clamp } from '../geometry/numbers';
import type { Random } from '../geometry/random';
import { distance, type Vec3 } from '../geometry/vec3';
import { must } from '../geometry/must';
import type { Piece } from './arrangement';
import { alongLine, leanWithin, offLine } from './bounds';
import { envelopeAreaMm2 } from './envelope';
import { taper } from './taper';
import type { Line } from './line';
import type { Choice, KindCount } from './shareOut';

/**
 * Loose pieces strewn over a stretch of a cake: as many as its area asks for, no two on one place, fewer toward its outline; leaves that
 * lie over the edge are those that dried bent. Common practice, no source; figures assumed.
 */

/** Of so many small flowers the area is worth so much of that of leaves. */
const FLOWERS_SHARE = 0.4;
/** A leaf fills so much of its length times its width. */
const LEAF_FILLS = 0.68;

const fills = (species: Species, sizeMm: number, colourway: string, catalogue: Catalogue): number => {
  const stage = must(species.stages.at(-1)).id;
  const body = bodyOf({ species: species.id, stage, sizeMm, colourway }, catalogue);
  return species.habit === 'sprig' ? LEAF_FILLS * 4 * body.axialMm * body.radialMm : Math.PI * body.radialMm ** 2;
};

/** How many of each choice, of all its sizes in turn, so that the share of the area that was asked for is covered. */
export function strewnCounts(
  line: Line,
  choices: readonly Choice[],
  { density, catalogue }: { density: number; catalogue: Catalogue },
): KindCount[] {
  const { coverShare } = must(line.strewn);
  const mm2 = envelopeAreaMm2(line) * meanDensity(line) * coverShare * density;
  const own = choices.map((choice) => ({ choice, species: speciesById(choice.species, catalogue) }));
  const worth = (species: Species): number => (species.habit === 'sprig' ? 1 : FLOWERS_SHARE);
  const all = own.reduce((a, { species }) => a + worth(species), 0);
  return own
    .flatMap(({ choice, species }) => {
      const one =
        species.sizesMm.reduce((a, mm) => a + fills(species, mm, choice.colourway, catalogue), 0) / species.sizesMm.length;
      const wanted = Math.round((mm2 * worth(species)) / all / one);
      const count = Math.min(Math.max(wanted, choice.least ?? 1), choice.most ?? Infinity);
      return species.sizesMm.map((sizeMm, i): KindCount => ({
        species: species.id,
        stage: must(species.stages.at(-1)).id,
        colourway: choice.colourway,
        sizeMm,
        role: species.role,
        count: Math.floor((count + species.sizesMm.length - 1 - i) / species.sizesMm.length),
      }));
    })
    .filter((k) => k.count > 0);
}

/** So many places are tried for each; the one farthest from its neighbours is taken. */
const TRIES = 14;
/** At its outline it is so much thinner than in its middle. */
const THIN_SHARE = 0.75;
/** On a side leaves hang: they point down, this far off at the most, radians. */
const HANGS_RAD = 1;
/** Over an edge a leaf lies square, within this. */
const SQUARE_RAD = 0.16;
/** A leaf is bent in its middle, a little beyond the edge: it stands off there by as much. */
const MIDDLE = 0.5;
const BEYOND_EDGE = 0.03;
const DOWN_RAD = Math.PI / 2;

/** Where the middle of a piece lies, and which way a leaf points: from along the line toward its lower side. */
interface Spot {
  s: number;
  sideMm: number;
  headingRad: number;
  at: Vec3;
}

/** How thickly pieces lie, 1 in the middle of the stretch. */
const densityAt = (line: Line, s: number, share: number): number =>
  (line.closed ? 1 : taper(1, line.armShare(s))) * (1 - THIN_SHARE * Math.abs(share) ** 1.5);

const STEPS = 20;
function meanDensity(line: Line): number {
  let sum = 0;
  for (let i = 0; i < STEPS; i++)
    for (let k = 0; k < STEPS; k++) sum += densityAt(line, (i + 0.5) / STEPS, (2 * (k + 0.5)) / STEPS - 1);
  return sum / STEPS ** 2;
}

function spotOn(line: Line, random: Random): Spot {
  const { edgeSideMm } = must(line.strewn);
  let [s, share] = [0, 0];
  do [s, share] = [random(), 2 * random() - 1];
  while (random() > densityAt(line, s, share));
  const sideMm = share * line.halfWidthMm(s);
  const hangs = sideMm > edgeSideMm;
  const headingRad = hangs ? DOWN_RAD + (2 * random() - 1) * HANGS_RAD : 2 * Math.PI * random();
  return { s, sideMm, headingRad, at: line.at(s, sideMm).pointMm };
}

/** The best of a few spots: farthest from all that lie there already. */
function freeSpot(line: Line, taken: readonly Vec3[], random: Random): Spot {
  let best = { spot: spotOn(line, random), mm: -1 };
  for (let k = 0; k < TRIES; k++) {
    const spot = spotOn(line, random);
    const mm = taken.reduce((near, at) => Math.min(near, distance(at, spot.at)), Infinity);
    if (mm > best.mm) best = { spot, mm };
  }
  return best.spot;
}

const stagesOf = (species: Species) => ({
  bent: species.stages.find((s) => s.id === 'bent')?.id ?? null,
  cupped: species.stages.find((s) => s.id === 'cupped')?.id ?? null,
});

/** How far a piece reaches from its middle across the line, mm. */
function reachMm(kind: KindCount, headingRad: number, catalogue: Catalogue): number {
  const { radialMm, axialMm, species } = bodyOf(kind, catalogue);
  if (species.habit !== 'sprig') return radialMm;
  return axialMm * Math.abs(Math.sin(headingRad)) + radialMm * Math.abs(Math.cos(headingRad));
}

interface Lying {
  stage: string;
  spot: Spot;
}

/** How a piece lies at its spot: over the edge bent, or where it cannot be bent beside the edge; else flat, every third cupped. */
function lying(
  kind: KindCount,
  spot: Spot,
  { line, nth, random, catalogue }: { line: Line; nth: number; random: Random; catalogue: Catalogue },
): Lying {
  const { edgeSideMm } = must(line.strewn);
  const species = speciesById(kind.species, catalogue);
  const { bent, cupped } = stagesOf(species);
  const stage = cupped !== null && nth % 3 === 2 ? cupped : kind.stage;
  const fromEdgeMm = spot.sideMm - edgeSideMm;
  const reach = reachMm(kind, spot.headingRad, catalogue);
  if (Math.abs(fromEdgeMm) >= reach) return { stage, spot };
  if (bent !== null)
    return {
      stage: bent,
      spot: { ...spot, sideMm: edgeSideMm + kind.sizeMm * BEYOND_EDGE, headingRad: DOWN_RAD + (2 * random() - 1) * SQUARE_RAD },
    };
  return { stage, spot: { ...spot, sideMm: edgeSideMm + (fromEdgeMm < 0 ? -reach : reach) } };
}

/** From its middle to the foot of a leaf. */
function footOf({ s, sideMm, headingRad }: Spot, backMm: number, line: Line): { s: number; side: number } {
  const foot = alongLine(line, s - (Math.cos(headingRad) * backMm) / line.lengthMm);
  return { s: foot, side: offLine((sideMm - Math.sin(headingRad) * backMm) / Math.max(1, line.halfWidthMm(foot))) };
}

/** A leaf's tip stands off by this. Assumed. */
const STANDS_OFF_RAD = 0.05;

/** How far a leaf leans to lie on the face under its foot: near an edge the line's own normal leans out already. */
function lyingRad(line: Line, { s, side }: { s: number; side: number }): number {
  const { normal } = line.at(s, side * line.halfWidthMm(s));
  const offFaceRad = Math.acos(clamp(Math.max(normal[2], Math.hypot(normal[0], normal[1]))));
  return DOWN_RAD - STANDS_OFF_RAD - offFaceRad;
}

/** A flower looks up, within this. */
const FLOWER_LEAN_RAD = 0.12;

/** The pieces of these counts, strewn: the largest are laid first. The same random numbers give the same pieces. */
export function strewn(
  line: Line,
  kinds: readonly KindCount[],
  {
    random,
    nextId,
    catalogue,
    standing = [],
  }: { random: Random; nextId: () => string; catalogue: Catalogue; standing?: readonly Piece[] },
): Piece[] {
  const known = kinds.filter((k) => findSpecies(k.species, catalogue));
  const order = known.flatMap((k) => Array.from({ length: k.count }, () => k)).sort((a, b) => b.sizeMm - a.sizeMm);
  const taken = standing.map((p) => line.at(p.s, p.side * line.halfWidthMm(p.s)).pointMm);
  return order.map((kind, nth): Piece => {
    const found = freeSpot(line, taken, random);
    taken.push(found.at);
    const { stage, spot } = lying(kind, found, { line, nth, random, catalogue });
    const sprig = speciesById(kind.species, catalogue).habit === 'sprig';
    const place = footOf(spot, sprig ? kind.sizeMm * MIDDLE : 0, line);
    return {
      id: nextId(),
      species: kind.species,
      stage,
      sizeMm: kind.sizeMm,
      colourway: kind.colourway,
      ...place,
      lift: 0,
      tiltRad: leanWithin(sprig ? lyingRad(line, place) : FLOWER_LEAN_RAD * random(), kind.role),
      headingRad: spot.headingRad,
      rollRad: sprig ? 0 : 2 * Math.PI * random(),
      pinned: false,
    };
  });
}
