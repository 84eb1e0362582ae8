import { applyDirection, applyPoint, type Affine } from '../../geometry/affine';
import { cross, dot, normalize, sub, type Vec3 } from '../../geometry/vec3';
import { must } from '../../geometry/must';

/** Linear-light red, green, blue, 0…1. */
export type LinearColour = readonly [number, number, number];

/** Triangles as typed arrays, three numbers a vertex; colours in linear light. Lengths in the unit the maker used. */
export interface Mesh {
  positions: Float32Array;
  normals: Float32Array;
  colours: Float32Array;
  indices: Uint32Array;
}

/** How a surface takes shade: none, lit through from both sides (petals), or from outside only (solids). */
export type ShadeSides = 0 | 1 | 2;

/** The vertices of one petal or leaf: a grid in rows from base to tip. */
export interface SheetRange {
  first: number;
  across: number;
  along: number;
}

/** Collects vertices and triangles; `coarse` asks makers for the far level of detail. */
export class MeshBuilder {
  readonly positions: number[] = [];
  readonly normals: number[] = [];
  readonly colours: number[] = [];
  readonly shadeSides: ShadeSides[] = [];
  readonly indices: number[] = [];
  readonly sheets: SheetRange[] = [];

  /** `bare`: only where the vertices are will be asked, so neither light nor colour is worked out */
  constructor(
    readonly coarse: boolean,
    readonly bare = false,
  ) {}

  get vertexCount(): number {
    return this.shadeSides.length;
  }

  vertex(map: Affine, point: Vec3, normal: Vec3, colour: LinearColour, sides: ShadeSides): number {
    const p = applyPoint(map, point);
    const n = normalize(applyDirection(map, normal));
    this.positions.push(p[0], p[1], p[2]);
    this.normals.push(n[0], n[1], n[2]);
    this.colours.push(colour[0], colour[1], colour[2]);
    this.shadeSides.push(sides);
    return this.shadeSides.length - 1;
  }

  triangle(a: number, b: number, c: number): void {
    this.indices.push(a, b, c);
  }

  /** A grid of one petal: rows `across` + 1 vertices wide, first vertex `first`. It is remembered as a sheet. */
  sheet(range: SheetRange): void {
    this.sheets.push(range);
    for (const [a, b, c] of this.sheetTriangles(range)) this.triangle(a, b, c);
  }

  /** Two triangles between rows, their diagonals mirrored about the midrib. */
  sheetTriangles({ first, across, along }: SheetRange): [number, number, number][] {
    const found: [number, number, number][] = [];
    for (let j = 0; j < along; j++) {
      for (let i = 0; i < across; i++) {
        const a = first + j * (across + 1) + i;
        const d = a + across + 1;
        if (i < across / 2) found.push([a, d + 1, a + 1], [a, d, d + 1]);
        else found.push([a, d, a + 1], [a + 1, d, d + 1]);
      }
    }
    return found;
  }

  /** Moves a vertex along its normal and adds its twin as far behind, looking the other way. */
  splitVertex(index: number, half: number): void {
    const k = index * 3;
    for (let c = k; c < k + 3; c++) {
      const [at, n] = [must(this.positions[c]), must(this.normals[c])];
      this.positions[c] = at + n * half;
      this.positions.push(at - n * half);
      this.normals.push(-n);
      this.colours.push(must(this.colours[c]));
    }
    this.shadeSides.push(must(this.shadeSides[index]));
  }

  finish(): Mesh {
    return {
      positions: new Float32Array(this.positions),
      normals: new Float32Array(this.normals),
      colours: new Float32Array(this.colours),
      indices: new Uint32Array(this.indices),
    };
  }
}

/** Where a vertex of a mesh is. */
export const vertexAt = (positions: ArrayLike<number>, vertex: number): Vec3 => [
  must(positions[vertex * 3]),
  must(positions[vertex * 3 + 1]),
  must(positions[vertex * 3 + 2]),
];

/** The corners of each triangle in turn. */
function* triangles({ positions, indices }: Mesh): Generator<readonly [Vec3, Vec3, Vec3]> {
  const corner = (i: number) => vertexAt(positions, must(indices[i]));
  for (let i = 0; i < indices.length; i += 3) yield [corner(i), corner(i + 1), corner(i + 2)];
}

/** Volume enclosed by a closed mesh (divergence theorem), in the cube of its unit; meaningless for open sheets. */
export function meshVolume(mesh: Mesh): number {
  let six = 0;
  for (const [a, b, c] of triangles(mesh)) six += dot(a, cross(b, c));
  return Math.abs(six) / 6;
}

export function meshArea(mesh: Mesh): number {
  let area = 0;
  for (const [a, b, c] of triangles(mesh)) area += Math.hypot(...cross(sub(b, a), sub(c, a))) / 2;
  return area;
}
