import { kindMesh, type Detail } from '../botany/catalogue';
import type { Mesh } from '../botany/shape/mesh';
import { stackTiers, type Cake } from '../cake/cake';
import type { Scene } from '../compose/scene';
import type { Affine } from '../geometry/affine';
import { modelOf, pieceMap } from '../compose/modelled';
import { boardMesh } from './cakePicture';
import { holderMesh, tierMesh } from './cakeParts';
import { must } from '../geometry/must';

const GLB_MAGIC = 0x46546c67;
const JSON_CHUNK = 0x4e4f534a;
const BIN_CHUNK = 0x004e4942;
const [FLOAT, UNSIGNED_INT] = [5126, 5125];
const [VERTICES, ELEMENTS] = [34962, 34963];

/** Millimetres with z up into metres with y up (glTF 2.0, 3.4), by columns. */
const INTO_METRES = [0.001, 0, 0, 0, 0, 0, -0.001, 0, 0, 0.001, 0, 0, 0, 0, 0, 1];

const matrixOf = (m: Affine): number[] => [
  must(m[0]),
  must(m[1]),
  must(m[2]),
  0,
  must(m[3]),
  must(m[4]),
  must(m[5]),
  0,
  must(m[6]),
  must(m[7]),
  must(m[8]),
  0,
  must(m[9]),
  must(m[10]),
  must(m[11]),
  1,
];

/** Gathers meshes into one binary buffer with its accessors; every mesh once, however often it is placed. */
class Gltf {
  readonly nodes: Record<string, unknown>[] = [];
  readonly meshes: Record<string, unknown>[] = [];
  readonly materials: Record<string, unknown>[] = [];
  readonly accessors: Record<string, unknown>[] = [];
  readonly views: Record<string, unknown>[] = [];
  private readonly parts: Uint8Array[] = [];
  private bytes = 0;

  private view(data: Float32Array | Uint32Array, target: number): number {
    const bytes = new Uint8Array(data.buffer, data.byteOffset, data.byteLength);
    this.views.push({ buffer: 0, byteOffset: this.bytes, byteLength: bytes.length, target });
    this.parts.push(bytes);
    this.bytes += bytes.length;
    return this.views.length - 1;
  }

  private vectors(data: Float32Array, bounds: boolean): number {
    const least = [Infinity, Infinity, Infinity];
    const most = [-Infinity, -Infinity, -Infinity];
    if (bounds)
      data.forEach((x, i) => {
        least[i % 3] = Math.min(must(least[i % 3]), x);
        most[i % 3] = Math.max(must(most[i % 3]), x);
      });
    const accessor = { bufferView: this.view(data, VERTICES), componentType: FLOAT, count: data.length / 3, type: 'VEC3' };
    this.accessors.push(bounds ? { ...accessor, min: least, max: most } : accessor);
    return this.accessors.length - 1;
  }

  /** A mesh with its colours; the number to place it by. */
  mesh(name: string, mesh: Mesh): number {
    const attributes = {
      POSITION: this.vectors(Float32Array.from(mesh.positions), true),
      NORMAL: this.vectors(unitNormals(mesh.normals), false),
      COLOR_0: this.vectors(
        Float32Array.from(mesh.colours, (c) => Math.min(1, Math.max(0, c))),
        false,
      ),
    };
    const indices = Uint32Array.from(mesh.indices);
    this.accessors.push({
      bufferView: this.view(indices, ELEMENTS),
      componentType: UNSIGNED_INT,
      count: indices.length,
      type: 'SCALAR',
    });
    this.materials.push({ name, doubleSided: true, pbrMetallicRoughness: { metallicFactor: 0, roughnessFactor: 0.85 } });
    this.meshes.push({
      name,
      primitives: [{ attributes, indices: this.accessors.length - 1, material: this.materials.length - 1 }],
    });
    return this.meshes.length - 1;
  }

  node(name: string, mesh: number, map?: Affine): void {
    this.nodes.push(map ? { name, mesh, matrix: matrixOf(map) } : { name, mesh });
  }

  finish(title: string): Uint8Array {
    const children = this.nodes.map((_, i) => i);
    const json = {
      asset: { version: '2.0', generator: 'Ofrenda' },
      scene: 0,
      scenes: [{ name: title, nodes: [this.nodes.length] }],
      nodes: [...this.nodes, { name: title, matrix: INTO_METRES, children }],
      meshes: this.meshes,
      materials: this.materials,
      accessors: this.accessors,
      bufferViews: this.views,
      buffers: [{ byteLength: this.bytes }],
    };
    const text = new TextEncoder().encode(JSON.stringify(json));
    const [jsonBytes, binBytes] = [Math.ceil(text.length / 4) * 4, Math.ceil(this.bytes / 4) * 4];
    const glb = new Uint8Array(12 + 8 + jsonBytes + 8 + binBytes);
    const header = new DataView(glb.buffer);
    [GLB_MAGIC, 2, glb.length, jsonBytes, JSON_CHUNK].forEach((n, i) => header.setUint32(i * 4, n, true));
    glb.fill(0x20, 20, 20 + jsonBytes);
    glb.set(text, 20);
    header.setUint32(20 + jsonBytes, binBytes, true);
    header.setUint32(24 + jsonBytes, BIN_CHUNK, true);
    let at = 28 + jsonBytes;
    for (const part of this.parts) {
      glb.set(part, at);
      at += part.length;
    }
    return glb;
  }
}

/** Normals of unit length; where there is none, straight up. */
function unitNormals(normals: ArrayLike<number>): Float32Array {
  const out = new Float32Array(normals.length);
  for (let i = 0; i < normals.length; i += 3) {
    const [x, y, z] = [must(normals[i]), must(normals[i + 1]), must(normals[i + 2])];
    const long = Math.hypot(x, y, z);
    out.set(long > 1e-6 ? [x / long, y / long, z / long] : [0, 0, 1], i);
  }
  return out;
}

/**
 * The whole cake with its flowers as binary glTF 2.0 (Khronos Group), in metres, y up: tiers, holders and every piece a node with
 * its name, every kind one mesh with a material of its own name.
 */
export function cakeGlb(
  title: string,
  cake: Cake,
  scenes: readonly Pick<Scene, 'heads' | 'line' | 'catalogue'>[],
  detail: Detail = 'near',
): Uint8Array {
  const gltf = new Gltf();
  gltf.node('Board', gltf.mesh('Board', boardMesh(cake)));
  stackTiers(cake).forEach((tier, i) => gltf.node(`Tier ${i + 1}`, gltf.mesh(`Tier ${i + 1}`, tierMesh(tier))));
  scenes.forEach(({ line }, i) => {
    const holder = holderMesh(line.stand, line.plate);
    if (holder) gltf.node(`Holder ${i + 1}`, gltf.mesh(`Holder ${i + 1}`, holder));
  });
  const known = new Map<string, number>();
  const counts = new Map<string, number>();
  for (const { p, catalogue } of scenes.flatMap((s) => s.heads.map((p) => ({ p, catalogue: s.catalogue })))) {
    const kind = modelOf(p);
    const key = `${kind.species}|${kind.stage}|${kind.colourway}`;
    const name = `${kind.species} ${kind.stage}`;
    const mesh = known.get(key) ?? gltf.mesh(`${name}, ${kind.colourway}`, kindMesh(kind, detail, catalogue));
    known.set(key, mesh);
    counts.set(name, (counts.get(name) ?? 0) + 1);
    gltf.node(`${name} ${counts.get(name)}`, mesh, pieceMap(p));
  }
  return gltf.finish(title);
}
