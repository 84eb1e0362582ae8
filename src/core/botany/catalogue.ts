import { degToRad } from '../geometry/numbers';
import { seededRandom } from '../geometry/random';
import { MeshBuilder, type Mesh } from './shape/mesh';
import { bakeOcclusion } from './shape/occlusion';
import { hexToLinear, shade } from './shape/paint';
import { thickenSheets } from './shape/thickness';
import { FLOWERS } from './species/flowers';
import { GREENS } from './species/greens';
import { METHODS, type Method } from './methods';
import { MATERIAL } from '../piece/materials';
import { pasteMm3, pasteOf } from '../piece/paste';
import { wireGrams } from '../piece/wires';
import { builtOf, type Built } from './built';
import { madeAs } from './otherWays';
import { speciesOf, withPetals, type OwnSpecies } from './ownSpecies';
import { colourwayOf, roleAt, stageOf, type Role, type Species, type Stage } from './species';
import { must } from '../geometry/must';

/** What ships with the product. */
export const SPECIES: readonly Species[] = [...FLOWERS, ...GREENS];

/** What a job brings to the catalogue: own species and methods, cutters of another number of petals, species made another way. */
export interface OwnCatalogue {
  species: readonly OwnSpecies[];
  methods: readonly Method[];
  cutters: readonly { species: string; petals: number }[];
  madeBy: readonly { species: string; method: string }[];
}

/** Species and methods of one job: a value that is handed on, never changed. */
export interface Catalogue {
  /** by id, the person's own last */
  readonly species: ReadonlyMap<string, Species>;
  readonly methods: ReadonlyMap<string, Method>;
  /** what it was gathered from: plain data, from which another thread gathers the same */
  readonly own: OwnCatalogue;
}

/** What ships with the product and nothing else. */
export const SHIPPED: Catalogue = {
  species: new Map(SPECIES.map((species) => [species.id, species])),
  methods: new Map(Object.entries(METHODS)),
  own: { species: [], methods: [], cutters: [], madeBy: [] },
};

function gather(own: OwnCatalogue): Catalogue {
  const species = new Map(SHIPPED.species);
  const methods = new Map([...SHIPPED.methods, ...own.methods.map((m) => [m.id, m] as const)]);
  for (const s of own.species) {
    const base = SHIPPED.species.get(s.basedOn);
    if (base) species.set(s.id, speciesOf(s, base, methods.get(s.method)));
  }
  for (const { species: id, petals } of own.cutters) {
    const base = species.get(id);
    if (base) species.set(id, withPetals(base, petals));
  }
  for (const { species: id, method: by } of own.madeBy) {
    const [base, method] = [species.get(id), methods.get(by)];
    if (base && method) species.set(id, madeAs(base, method));
  }
  return { species, methods, own };
}

/** Catalogues are kept by what they are made of: the same for the same, so that what is kept about a species is found again. */
const gathered = new Map<string, Catalogue>();
const MOST_GATHERED = 16;

/** The shipped catalogue with what a job brings to it. */
export function catalogueWith(own: OwnCatalogue): Catalogue {
  if (own.species.length + own.methods.length + own.cutters.length + own.madeBy.length === 0) return SHIPPED;
  const key = JSON.stringify(own);
  const known = gathered.get(key);
  if (known) return known;
  if (gathered.size >= MOST_GATHERED) gathered.clear();
  const catalogue = gather(own);
  gathered.set(key, catalogue);
  return catalogue;
}

export const allSpecies = (catalogue: Catalogue): readonly Species[] => [...catalogue.species.values()];
export const allMethods = (catalogue: Catalogue): readonly Method[] => [...catalogue.methods.values()];

/** The species with this id, or null: the caller says what is missing. */
export const findSpecies = (id: string, catalogue: Catalogue): Species | null => catalogue.species.get(id) ?? null;

/** The species with this id; throws for an id that no schema should have let through. */
export function speciesById(id: string, catalogue: Catalogue): Species {
  const species = catalogue.species.get(id);
  if (!species) throw new Error(`No species is called “${id}”.`);
  return species;
}

/** The method with this id; throws where the catalogue names one that is not there. */
export function methodById(id: string, catalogue: Catalogue): Method {
  const method = catalogue.methods.get(id);
  if (!method) throw new Error(`No method is called “${id}”.`);
  return method;
}

/** What a made thing is, apart from where it is. */
export interface Kind {
  species: string;
  stage: string;
  sizeMm: number;
  colourway: string;
}

/** The same for all that look and weigh the same, as the catalogue has them. */
export const kindKey = (kind: Kind, catalogue: Catalogue): string =>
  `${kind.species}${findSpecies(kind.species, catalogue)?.revision ?? ''}|${kind.stage}|${kind.sizeMm}|${kind.colourway}`;

/** The body of a piece for contacts, weight and wire: a spheroid about the axis. */
export interface Body {
  species: Species;
  role: Role;
  /** half the width across the axis, half the depth along it */
  radialMm: number;
  axialMm: number;
  /** what it weighs with the wires in it */
  massGrams: number;
  pasteGrams: number;
  /** all its pastes and papers are made for food */
  ofFood: boolean;
  solidity: number;
  built: Built;
}

const bodies = new WeakMap<Species, Map<string, Body>>();

/** What a shape really measures in its own unit: the sizes that a person reads are true to these. */
interface Extent {
  /** heads: radius; sprigs: half the width */
  radial: number;
  low: number;
  high: number;
}

const extents = new WeakMap<Species, Map<string, Extent>>();
const MOST_EXTENTS = 200;

/** What is kept about a species goes with it. */
function keptOf<T>(kept: WeakMap<Species, Map<string, T>>, species: Species): Map<string, T> {
  const own = kept.get(species) ?? new Map<string, T>();
  kept.set(species, own);
  return own;
}

const percentile = (sorted: Float64Array, share: number): number =>
  sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;

/** Measured on the coarse shape; a few stray petal tips are left out. */
function extentOf(species: Species, stage: Stage, sizeMm: number): Extent {
  const kept = keptOf(extents, species);
  // a head is of one form at all sizes; a smaller sprig has fewer parts
  const key = species.shape ? stage.id : `${stage.id}|${sizeMm}`;
  const known = kept.get(key);
  if (known) return known;
  if (kept.size >= MOST_EXTENTS) kept.clear();
  const b = new MeshBuilder(true, true);
  builtOf(species, stage.id, sizeMm).shape.build(b, stage.open, { hue: '#808080' }, seededRandom(1));
  const n = b.vertexCount;
  const sprig = species.habit === 'sprig';
  const wide = Float64Array.from({ length: n }, (_, i) =>
    sprig ? Math.abs(must(b.positions[i * 3])) : Math.hypot(must(b.positions[i * 3]), must(b.positions[i * 3 + 1])),
  ).sort();
  const high = Float64Array.from({ length: n }, (_, i) => must(b.positions[i * 3 + 2])).sort();
  const extent = {
    radial: percentile(wide, 0.96) || 1,
    low: sprig ? 0 : percentile(high, 0.05),
    high: percentile(high, sprig ? 0.995 : 0.98) || 1,
  };
  kept.set(key, extent);
  return extent;
}

/** From this stage on a flower has all its petals and no cone of a bud inside. Assumed. */
const OPEN_FROM = 0.4;

/** A closed flower is so full of paste, the rest is air between its petals. Assumed. */
const BUD_FILL = 0.7;

/** Millimetres to one unit of the shape: open heads by their diameter, closed ones by the paste in them, sprigs by their length. */
function unitMm(kind: Kind, species: Species, at: Stage): number {
  const closed = species.habit === 'head' && at.open < OPEN_FROM;
  const own = extentOf(species, at, kind.sizeMm);
  if (closed) {
    const mm3 = pasteMm3(builtOf(species, at.id, kind.sizeMm).instances) / BUD_FILL;
    const depth = (own.high - own.low) / 2;
    return Math.cbrt(mm3 / ((4 / 3) * Math.PI * own.radial ** 2 * depth));
  }
  // petals come from one cutter, however far the flower has opened: it is as wide as they then reach; so does a leaf, however it dries
  const oneCutter = species.habit === 'head' || builtOf(species, at.id, kind.sizeMm).root.part.kind === 'leaf';
  const stage = oneCutter ? must(species.stages[species.stages.length - 1]) : at;
  const extent = extentOf(species, stage, kind.sizeMm);
  const sizeMm = kind.sizeMm * stage.sizeShare;
  return species.habit === 'sprig' ? sizeMm / extent.high : sizeMm / 2 / extent.radial;
}

export function bodyOf(kind: Kind, catalogue: Catalogue): Body {
  const species = speciesById(kind.species, catalogue);
  const kept = keptOf(bodies, species);
  const key = `${kind.stage}|${kind.sizeMm}`;
  const known = kept.get(key);
  if (known) return known;
  const stage = stageOf(species, kind.stage);
  const extent = extentOf(species, stage, kind.sizeMm);
  const unit = unitMm(kind, species, stage);
  const radialMm = extent.radial * unit;
  const axialMm = ((extent.high - extent.low) / 2) * unit;
  const built = builtOf(species, stage.id, kind.sizeMm);
  const pasted = pasteOf(built.instances);
  const gramsOf = (parts: typeof pasted) => parts.reduce((a, p) => a + p.grams, 0);
  const pasteGrams = gramsOf(pasted.filter((p) => MATERIAL[p.material].paste));
  const body: Body = {
    species,
    role: roleAt(species, kind.stage),
    radialMm,
    axialMm,
    massGrams: gramsOf(pasted) + wireGrams(built.instances),
    pasteGrams,
    ofFood: pasted.every((p) => MATERIAL[p.material].food),
    built,
    solidity: stage.id === 'bud' ? Math.max(0.85, species.solidity) : species.solidity,
  };
  kept.set(key, body);
  return body;
}

/** far: few triangles; near: every petal; close: petals with the thickness of their paste, for what fills a picture. */
export type Detail = 'close' | 'near' | 'far';

/** A kind as it is drawn, before it is shaded and brought to its size. */
function built(kind: Kind, b: MeshBuilder, catalogue: Catalogue, variant = 0) {
  const species = speciesById(kind.species, catalogue);
  const stage = stageOf(species, kind.stage);
  const way = colourwayOf(species, kind.colourway);
  const random = seededRandom(species.id.length * 131 + species.id.charCodeAt(0) + variant * 977);
  builtOf(species, stage.id, kind.sizeMm).shape.build(b, stage.open, { hue: way.hue, second: way.second }, random);
  const extent = extentOf(species, stage, kind.sizeMm);
  const middle = species.habit === 'sprig' ? 0 : (extent.low + extent.high) / 2;
  const unit = unitMm(kind, species, stage);
  const toSize = (mesh: Mesh): Mesh => {
    for (let i = 0; i < mesh.positions.length; i++)
      mesh.positions[i] = (must(mesh.positions[i]) - (i % 3 === 2 ? middle : 0)) * unit;
    return mesh;
  };
  return { species, way, unit, toSize };
}

/**
 * The picture of a kind as triangles, in mm, axis along z: a head with its middle at the origin, a sprig with its foot
 * there. `variant` gives the few different individuals of a kind.
 */
export function kindMesh(kind: Kind, detail: Detail, catalogue: Catalogue, variant = 0): Mesh {
  const b = new MeshBuilder(detail === 'far');
  const { species, way, unit, toSize } = built(kind, b, catalogue, variant);
  bakeOcclusion(b, species.occlusion ?? 0.9, hexToLinear(shade(way.hue, -0.15, 1.25)));
  if (detail === 'close') thickenSheets(b, species.pasteMm / unit);
  return toSize(b.finish());
}

/** The corners of a kind as it is seen near, in mm, as `kindMesh` has them: for what asks where it is, not how it looks. */
export function kindCorners(kind: Kind, catalogue: Catalogue): Float32Array {
  const b = new MeshBuilder(false, true);
  return built(kind, b, catalogue).toSize(b.finish()).positions;
}

/** How far a face may turn from the cake's normal before it is seen from behind. */
export const MOST_TILT_RAD: Record<Role, number> = {
  focal: 0.55,
  secondary: 0.7,
  spray: 0.85,
  filler: 0.85,
  bud: 0.95,
  berry: 0.95,
  foliage: degToRad(86),
};
