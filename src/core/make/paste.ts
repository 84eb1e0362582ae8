import { builtOf } from '../botany/built';
import { speciesById, type Catalogue } from '../botany/catalogue';
import { RIPE, ripeHue } from '../botany/families/berrySprig';
import { shade } from '../botany/shape/paint';
import { colourwayOf, stageOf, type Species } from '../botany/species';
import { colourDifference } from '../compose/colourDifference';
import { sharedOut } from '../piece/edited';
import { MATERIAL, USUAL_MATERIAL, type Material } from '../piece/materials';
import { colourOf, gramsOf } from '../piece/paste';
import type { Form } from '../piece/part';
import type { PasteFact } from './facts';
import { PLAQUE_LOSS_SHARE, type PlaqueToMake } from './plaque';
import type { TrayKind } from './tray';
import { must } from '../geometry/must';

/** One value of a ball: petals are deeper at the centre and paler outwards (docs/trade.md P5). */
interface PasteTone {
  name: 'centre' | 'middle' | 'edge';
  colour: string;
  grams: number;
}

/** So many balls of a diameter, before they are shaped. */
interface RolledBalls {
  count: number;
  ballMm: number;
}

export interface PasteBall {
  name: PasteFact;
  material: Material;
  colour: string;
  grams: number;
  /** before rounding and without what is lost */
  netGrams: number;
  /** what is made of it */
  kinds: PasteFact[];
  /** separate balls from centre to edge, where layers lie deep enough and there is enough paste to part; else none */
  tones: PasteTone[];
  /** of a small amount: the balls that are rolled of it, the largest first; a scale tells less than they do */
  balls: RolledBalls[];
  /** the base that it is coloured from together with others of its family; null where it stands alone */
  base: string | null;
}

/** One base for a family of leaves, kneaded in one go and darkened ball by ball. */
export interface PasteBase {
  colour: string;
  grams: number;
  /** colours of the balls it makes */
  balls: string[];
}

/** Paste is weighed in steps of 5 g, less of it than 20 g in steps of half a gram. Own study. */
export const PASTE_STEP_GRAMS = 5;
export const SMALL = { underGrams: 20, stepGrams: 0.5 } as const;
/** Less than this is not parted into values: a ball smaller than a walnut dries while one kneads. Assumed. */
const TONED_FROM_GRAMS = 30;
/** Deeper and paler than the ball's own colour by these shares of lightness; the picture leans as far. */
const TONE_SHADES = { centre: [-0.14, 1.1], middle: [0, 1], edge: [0.12, 0.9] } as const;
/** Leaves whose colours differ by no more than this (CIEDE2000) are kneaded from one base. Assumed. */
const FAMILY_DIFFERENCE = 24;

function upToStep(grams: number): number {
  const step = grams < SMALL.underGrams ? SMALL.stepGrams : PASTE_STEP_GRAMS;
  return Math.ceil(grams / step - 1e-9) * step;
}

interface Kneading {
  name: PasteFact;
  material: Material;
  colour: string;
  net: number;
  gross: number;
  /** species that are made of it, and plaques */
  species: Set<string>;
  plaques: boolean;
  toned: [number, number, number];
  leaf: boolean;
  /** balls by their diameter, mm */
  rolled: Map<number, number>;
}

const PLAQUE: PasteFact = { code: 'paste.plaque', values: {} };

/** Mass of paste per colour, what the method loses counted in, rounded up; layered flowers in three values, leaves by family. */
export function pasteByColour(
  tray: readonly TrayKind[],
  catalogue: Catalogue,
  plaques: readonly PlaqueToMake[] = [],
): PasteBall[] {
  const balls = kneaded(tray, catalogue, plaques);
  const bases = leafBases(balls);
  return balls.map((b) => pasteBall(b, bases)).sort((a, b) => b.grams - a.grams);
}

function pasteBall(b: Kneading, bases: readonly Pick<PasteBase, 'colour' | 'balls'>[]): PasteBall {
  const tones = tonesOf(b);
  return {
    name: b.name,
    material: b.material,
    colour: b.colour,
    grams: tones.length ? tones.reduce((a, t) => a + t.grams, 0) : upToStep(b.gross),
    netGrams: b.net,
    kinds: [
      ...(b.plaques ? [PLAQUE] : []),
      ...[...b.species].map((species): PasteFact => ({ code: 'paste.for-species', values: { species } })),
    ],
    tones,
    balls:
      b.gross < SMALL.underGrams
        ? [...b.rolled].map(([ballMm, count]) => ({ ballMm, count })).sort((x, y) => y.ballMm - x.ballMm)
        : [],
    base: (b.leaf ? bases.find((base) => base.balls.includes(b.colour))?.colour : null) ?? null,
  };
}

/** What is kneaded in each colour, for plaques and for the pieces that are still to make. */
function kneaded(tray: readonly TrayKind[], catalogue: Catalogue, plaques: readonly PlaqueToMake[]): Kneading[] {
  const balls = new Map<string, Kneading>();
  const ballOf = ({ colour, name, leaf, material }: Pick<Kneading, 'colour' | 'name' | 'leaf' | 'material'>): Kneading => {
    const key = `${material}|${colour}`;
    const known: Kneading = balls.get(key) ?? {
      ...{ name, material, colour, leaf, net: 0, gross: 0, plaques: false },
      species: new Set<string>(),
      toned: [0, 0, 0],
      rolled: new Map<number, number>(),
    };
    balls.set(key, known);
    return known;
  };
  for (const plaque of plaques) {
    const ball = ballOf({ colour: plaque.colour, name: PLAQUE, leaf: false, material: USUAL_MATERIAL });
    ball.net += plaque.gramsEach * plaque.count;
    ball.gross += (plaque.gramsEach * plaque.count) / (1 - PLAQUE_LOSS_SHARE);
    ball.plaques = true;
  }
  for (const kind of tray) {
    if (kind.toMake === 0) continue;
    const species = speciesById(kind.species, catalogue);
    for (const { role, material, net, balls: rolled } of rolesOf(kind, species)) {
      const { hue, name } = pasteColour(kind, species, role);
      const leaf = name.code === 'paste.green' || (kind.role === 'foliage' && name.code === 'paste.colour');
      // bases are kneaded of the usual paste alone
      const ball = ballOf({ colour: hue, name, leaf: leaf && material === USUAL_MATERIAL, material });
      const gross = net / (1 - kind.loss.share);
      ball.net += net;
      ball.gross += gross;
      ball.species.add(species.id);
      const tones = (role === 'main' && species.shape?.tones?.(stageOf(species, kind.stage).open)) || [0, 1, 0];
      for (const { ballMm, count } of rolled) ball.rolled.set(ballMm, (ball.rolled.get(ballMm) ?? 0) + count);
      tones.forEach((part, k) => (ball.toned[k] = must(ball.toned[k]) + part * gross));
    }
  }
  return [...balls.values()];
}

/** Balls that a part is rolled from, to half a millimetre. */
function ballsOf(form: Form, sizeMm: number, times: number): RolledBalls[] {
  const half = (mm: number) => Math.round(mm * 2) / 2;
  if (form.as === 'sheet') return [];
  return [form.as === 'ball' ? { ballMm: half(sizeMm), count: times } : { ballMm: half(form.ballMm), count: form.count * times }];
}

interface OfRole {
  role: string;
  material: Material;
  net: number;
  balls: RolledBalls[];
}

/** Paste of a kind by the roles of its colours, pieces and spare parts; what is paper is none. */
function rolesOf(kind: TrayKind, species: Species): OfRole[] {
  const roles = new Map<string, OfRole>();
  const add = (role: string, form: Form, { sizeMm, times, grams }: { sizeMm: number; times: number; grams: number }): void => {
    const { material } = form;
    if (!MATERIAL[material].paste) return;
    const own = roles.get(`${material}|${role}`) ?? { role, material, net: 0, balls: [] };
    roles.set(`${material}|${role}`, { ...own, net: own.net + grams, balls: [...own.balls, ...ballsOf(form, sizeMm, times)] });
  };
  // as many of each size as it has of those that are placed
  const times = sharedOut(kind.sizes.map((s) => s.count), kind.toMake); // prettier-ignore
  const made = kind.sizes.flatMap(({ sizeMm: ofSizeMm }, i) =>
    builtOf(species, kind.stage, ofSizeMm).instances.flatMap(({ part, sizeMm, stage }) =>
      part.form ? [{ part, form: part.form, sizeMm, stage, times: must(times[i]) }] : [],
    ),
  );
  const inAll = made.reduce((a, m) => a + (MATERIAL[m.form.material].paste ? gramsOf(m.form, m.sizeMm) * m.times : 0), 0);
  // what is left to make is taken to be of the usual sizes: their mean weighs a little otherwise than whole pieces
  const share = inAll > 0 ? (kind.pasteGramsEach * kind.toMake) / inAll : 0;
  for (const { part, form, sizeMm, stage, times: n } of made)
    add(colourOf(part, form, stage), form, { sizeMm, times: n, grams: gramsOf(form, sizeMm) * share * n });
  for (const { part, sizeMm, count } of kind.spareParts)
    if (part.form) add(part.form.colour, part.form, { sizeMm, times: count, grams: gramsOf(part.form, sizeMm) * count });
  return [...roles.values()];
}

/** Calyces, sepals, soft bases, and leaves that go with berries. */
const LEAF_GREEN = '#7f9a62';
/** Centres of flowers that name no colour for them. */
const GOLDEN = '#d9a93c';

/** The colour of a role in a kind, and what its paste is called. */
function pasteColour(kind: TrayKind, species: Species, role: string): { hue: string; name: PasteFact } {
  const way = colourwayOf(species, kind.colourway);
  const own: PasteFact = { code: 'paste.colour', values: { colour: { species: kind.species, colourway: kind.colourway } } };
  if (role === 'green' && kind.role !== 'foliage') return { hue: LEAF_GREEN, name: { code: 'paste.green', values: {} } };
  const berries = kind.role === 'foliage';
  if (role === 'second')
    return {
      hue: way.second ?? species.secondHue ?? GOLDEN,
      name: { code: berries ? 'paste.berries' : 'paste.second', values: { species: species.id } },
    };
  return { hue: role === 'turning' ? ripeHue(way.hue, RIPE.turning ?? 1) : way.hue, name: own };
}

function tonesOf({ colour, gross, toned }: Kneading): PasteTone[] {
  if (gross < TONED_FROM_GRAMS || toned[0] + toned[2] < gross * 0.2) return [];
  // what is not parted, such as single-ringed flowers of the same colour, belongs to the middle value
  const parts = [toned[0], gross - toned[0] - toned[2], toned[2]];
  return (['centre', 'middle', 'edge'] as const)
    .map((name, k) => ({
      name,
      colour: shade(colour, TONE_SHADES[name][0], TONE_SHADES[name][1]),
      grams: upToStep(must(parts[k])),
    }))
    .filter((t) => t.grams > 0);
}

/** Families of leaf colours, each gathered about its palest, which is the base. */
function leafBases(balls: readonly Kneading[]): { colour: string; balls: string[] }[] {
  const leaves = balls.filter((b) => b.leaf && b.gross > 0).sort((a, b) => lightness(b.colour) - lightness(a.colour));
  const families: { colour: string; balls: string[] }[] = [];
  for (const leaf of leaves) {
    const family = families.find((f) => colourDifference(f.colour, leaf.colour) <= FAMILY_DIFFERENCE);
    if (family) family.balls.push(leaf.colour);
    else families.push({ colour: leaf.colour, balls: [leaf.colour] });
  }
  return families.filter((f) => f.balls.length > 1);
}

const lightness = (hex: string): number => colourDifference(hex, '#000000');

/** The bases to knead first, with what all their balls take together. */
export const basesOf = (balls: readonly PasteBall[]): PasteBase[] =>
  [...new Set(balls.flatMap((b) => b.base ?? []))].map((colour) => {
    const own = balls.filter((b) => b.base === colour);
    return { colour, grams: own.reduce((a, b) => a + b.grams, 0), balls: own.map((b) => b.colour) };
  });
