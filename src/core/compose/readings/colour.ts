import { toLch65 } from '../../botany/shape/colourSpaces';
import { colourwayOf } from '../../botany/species';
import { band, clamp, mean } from '../../geometry/numbers';
import type { PlacedPiece } from '../placement';
import type { ReadingMaker, Remedy } from '../reading';
import { noFlower } from '../facts';
import type { ColourRef } from '../../facts/fact';
import { colourDifference } from '../colourDifference';
import type { Measured } from '../measures';
import { coveringAt } from '../scene';
import { must } from '../../geometry/must';

/** Colours nearer than this (CIEDE2000) read as one. */
const SAME_COLOUR = 11;

const hueOf = (p: PlacedPiece): string => colourwayOf(p.body.species, p.piece.colourway).hue;

export interface ColourGroup {
  hue: string;
  colour: ColourRef;
  members: number[];
  share: number;
}

/** The colours in use, which of them each head has, and the squared difference of two heads' colours. */
interface Hues {
  list: readonly string[];
  of: readonly number[];
  /** of every two colours in use, row by row */
  table: Float64Array;
  d2(i: number, j: number): number;
}

function huesOf(faces: readonly PlacedPiece[]): Hues {
  const index = new Map<string, number>();
  const of = faces.map((p) => {
    const hue = hueOf(p);
    const known = index.get(hue) ?? index.size;
    index.set(hue, known);
    return known;
  });
  const list = [...index.keys()];
  const table = Float64Array.from(list.flatMap((a) => list.map((b) => colourDifference(a, b) ** 2)));
  return { list, of, table, d2: (i, j) => must(table[must(of[i]) * list.length + must(of[j])]) };
}

/** The heads by colour, the largest area first. Colours that a person would not tell apart count as one. */
export function colourGroups(faces: readonly PlacedPiece[], { list, of } = huesOf(faces)): ColourGroup[] {
  const groups: ColourGroup[] = [];
  const groupOf: (ColourGroup | undefined)[] = [];
  const area = (p: PlacedPiece) => p.body.radialMm ** 2;
  const total = faces.reduce((a, p) => a + area(p), 0) || 1;
  faces.forEach((p, i) => {
    const hue = must(list[must(of[i])]);
    let group = (groupOf[must(of[i])] ??= groups.find((g) => colourDifference(g.hue, hue) < SAME_COLOUR));
    if (!group) {
      group = groupOf[must(of[i])] = {
        hue,
        colour: { species: p.body.species.id, colourway: p.piece.colourway },
        members: [],
        share: 0,
      };
      groups.push(group);
    }
    group.members.push(i);
    group.share += area(p) / total;
  });
  return groups.sort((a, b) => b.share - a.share);
}

/** Two heads that stand side by side; the smaller diameter says how much it is seen. */
interface Pair {
  i: number;
  j: number;
  weight: number;
}

function pairsOf({ faces, nearest }: Measured): Pair[] {
  const pairs: Pair[] = [];
  for (let i = 0; i < nearest.length; i++)
    for (const { j } of must(nearest[i]))
      pairs.push({ i, j, weight: Math.min(must(faces[i]).body.radialMm, must(faces[j]).body.radialMm) });
  return pairs;
}

/**
 * Mean squared difference of all pairs, weighted by the smaller diameter. Taken from the largest head down, each is the smaller
 * of its pairs with those before it, so that counting these by colour is enough.
 */
function allPairs(faces: readonly PlacedPiece[], { list, of, d2 }: Hues): number {
  const order = faces.map((_, i) => i).sort((i, j) => must(faces[j]).body.radialMm - must(faces[i]).body.radialMm);
  const before = list.map((_, hue) => ({ first: of.indexOf(hue), count: 0 }));
  let sum = 0;
  let weight = 0;
  order.forEach((i, rank) => {
    const r = must(faces[i]).body.radialMm;
    for (const { first, count } of before) sum += r * count * d2(i, first);
    weight += r * rank;
    must(before[must(of[i])]).count++;
  });
  return weight > 0 ? sum / weight : 0;
}

/**
 * Whether colours lie in lumps: the mean squared difference of neighbours over that of all pairs, weighted by the smaller
 * diameter (R. C. Geary, "The contiguity ratio and statistical mapping", 1954, with CIEDE2000 for the difference). 1 when strewn
 * by chance, less when like lies beside like.
 */
export const contiguity = (faces: readonly PlacedPiece[], pairs: readonly Pair[], hues = huesOf(faces)): number =>
  ratioOf(pairs, hues, allPairs(faces, hues));

function ratioOf(pairs: readonly Pair[], hues: Hues, all: number): number {
  let near = 0;
  let nearWeight = 0;
  for (const p of pairs) {
    near += p.weight * hues.d2(p.i, p.j);
    nearWeight += p.weight;
  }
  return nearWeight > 0 && all > 1e-9 ? near / nearWeight / all : 1;
}

/** The same ratio straight from the neighbours, for every reading while the hand moves. */
function ratioNow({ nearest, faceStanding }: Measured, { of, table, list }: Hues, all: number): number {
  let near = 0;
  let nearWeight = 0;
  for (let i = 0; i < nearest.length; i++)
    for (const { j } of must(nearest[i])) {
      const weight = Math.min(must(faceStanding[i]).acrossMm, must(faceStanding[j]).acrossMm) / 2;
      near += weight * must(table[must(of[i]) * list.length + must(of[j])]);
      nearWeight += weight;
    }
  return nearWeight > 0 && all > 1e-9 ? near / nearWeight / all : 1;
}

/** What depends on the makes and colours of the heads alone, worked out once for them. */
function huesKept({ make, faces }: Measured): { hues: Hues; groups: ColourGroup[]; all: number } {
  const known = kept.get(make);
  if (known) return known;
  const hues = huesOf(faces);
  const own = { hues, groups: colourGroups(faces, hues), all: allPairs(faces, hues) };
  kept.set(make, own);
  return own;
}

const kept = new WeakMap<object, ReturnType<typeof huesKept>>();

/** Ratios that read as one lump, and as well strewn. */
const LUMP = 0.42;
const STREWN = 0.9;

/** How far along the line a colour runs: a colour used three times or more should be met again in another part of it. */
function strungOf(scene: Measured, faces: readonly PlacedPiece[], groups: readonly ColourGroup[]): number {
  const judged = groups.filter((g) => g.members.length >= 3);
  if (judged.length === 0) return 1;
  return mean(
    judged.map((g) => {
      const places = Float64Array.from(g.members, (i) => must(faces[i]).piece.s);
      return clamp((scene.line.closed ? 1 - widestGap(places.sort()) : places.reduce(larger) - places.reduce(smaller)) / 0.6);
    }),
  );
}

const larger = (a: number, b: number): number => (a > b ? a : b);
const smaller = (a: number, b: number): number => (a < b ? a : b);

/** Of places round a ring, in order. */
const widestGap = (s: Float64Array): number =>
  s.reduce((worst, v, i) => larger(worst, i ? v - must(s[i - 1]) : v + 1 - must(s[s.length - 1])), 0);

/** Two heads of like size and unlike colour change places, when that leaves fewer of one colour side by side. */
function changeColours(scene: Measured): Remedy | null {
  const { faces } = scene;
  const { d2 } = huesOf(faces);
  const pairs = pairsOf(scene);
  const touching: Pair[][] = faces.map(() => []);
  for (const p of pairs) {
    must(touching[p.i]).push(p);
    must(touching[p.j]).push(p);
  }
  const order = faces.map((_, i) => i);
  const total = pairs.reduce((a, p) => a + p.weight * d2(p.i, p.j), 0) || 1;
  const swaps: [number, number][] = [];
  const taken = new Set<number>();
  /** what changing the colours of two heads adds to the difference of neighbours */
  const gain = (i: number, j: number): number => {
    const after = (k: number) => (k === i ? must(order[j]) : k === j ? must(order[i]) : must(order[k]));
    let won = 0;
    for (const p of new Set([...must(touching[i]), ...must(touching[j])]))
      won += p.weight * (d2(after(p.i), after(p.j)) - d2(must(order[p.i]), must(order[p.j])));
    return won / total;
  };
  for (let round = 0; round < 4; round++) {
    let best = { i: -1, j: -1, won: 0.01 };
    for (let i = 0; i < faces.length; i++) {
      if (taken.has(i) || must(faces[i]).piece.pinned) continue;
      for (let j = i + 1; j < faces.length; j++) {
        if (d2(must(order[i]), must(order[j])) < 25 || taken.has(j) || must(faces[j]).piece.pinned) continue;
        const ratio = must(faces[i]).body.radialMm / must(faces[j]).body.radialMm;
        if (ratio > 1.45 || ratio < 0.69) continue;
        const won = gain(i, j);
        if (won > best.won) best = { i, j, won };
      }
    }
    if (best.i < 0) break;
    swaps.push([best.i, best.j]);
    taken.add(best.i).add(best.j);
    [order[best.i], order[best.j]] = [must(order[best.j]), must(order[best.i])];
  }
  if (swaps.length === 0) return null;
  const place = (p: PlacedPiece) => ({
    s: p.piece.s,
    side: p.piece.side,
    lift: p.piece.lift,
    tiltRad: p.piece.tiltRad,
    headingRad: p.piece.headingRad,
  });
  return {
    label: { code: 'remedy.swap-colours', values: { pairs: swaps.length } },
    change: swaps.flatMap(([i, j]) => [
      { id: must(faces[i]).piece.id, to: place(must(faces[j])) },
      { id: must(faces[j]).piece.id, to: place(must(faces[i])) },
    ]),
    add: [],
    remove: [],
  };
}

/** L* of a hex colour (CIE LCh, D65); each is worked out once. */
function lightnessOf(hue: string): number {
  const known = lightnesses.get(hue);
  if (known !== undefined) return known;
  const light = toLch65(hue)?.l ?? 50;
  if (lightnesses.size > 1000) lightnesses.clear();
  lightnesses.set(hue, light);
  return light;
}

const lightnesses = new Map<string, number>();

/** How far a head stands off the covering where it is, 0…1; kept with the placed piece, which is another when it moves. */
function contrastOf({ cake, solid }: Measured, p: PlacedPiece): number {
  const known = contrasts.get(p);
  if (known !== undefined) return known;
  const contrast = clamp(colourDifference(hueOf(p), coveringAt(cake, solid, p.frame.pointMm)) / 14);
  contrasts.set(p, contrast);
  return contrast;
}

const contrasts = new WeakMap<PlacedPiece, number>();

/**
 * Colours by CIEDE2000: one leads without swallowing the rest, none lies in a lump, each is met again along the line, light
 * and dark differ, and the flowers stand off the covering. One colour alone is a choice and not judged for proportion.
 */
export const colour: ReadingMaker = (scene) => {
  const { faces } = scene;
  const { hues, groups, all } = huesKept(scene);
  const ratio = ratioNow(scene, hues, all);
  const strewn = clamp((ratio - LUMP) / (STREWN - LUMP));
  const strung = strungOf(scene, faces, groups);
  const top = groups[0]?.share ?? 0;
  const proportion = groups.length < 2 ? 1 : band(top, 0.3, 0.68, 0.25);
  const light = hues.list.map(lightnessOf);
  const lightness = groups.length < 2 ? 1 : clamp((Math.max(...light, 0) - Math.min(...light, 100)) / 18);
  const contrast = faces.reduce((a, p) => a + contrastOf(scene, p), 0) / Math.max(1, faces.length);
  const few = groups.length < 2 || faces.length < 5;
  const score = few
    ? 0.88 + 0.12 * contrast
    : 0.14 * proportion + 0.5 * strewn + 0.2 * strung + 0.06 * lightness + 0.1 * contrast;
  return {
    id: 'colour',
    score: faces.length ? 100 * score : 0,
    lean: clamp((STREWN - ratio) * 1.8, -1, 1),
    numbers: { colours: groups.length, neighboursDifferShare: ratio, leadingShare: top },
    why: !faces.length
      ? noFlower(scene.heads.length)
      : few
        ? { code: 'reading.colour.one', values: {} }
        : strewn < 0.75
          ? { code: 'reading.colour.lumps', values: { share: ratio } }
          : proportion < 0.7
            ? { code: 'reading.colour.leads', values: { colour: must(groups[0]).colour, share: top } }
            : { code: 'reading.colour.level', values: {} },
    remedy: score < 0.92 && !few ? () => changeColours(scene) : null,
    place: null,
  };
};
