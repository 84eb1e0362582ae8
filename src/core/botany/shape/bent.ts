import type { MeshBuilder } from './mesh';
import { must } from '../../geometry/must';

/** What lies along z with its face to −y is bent over an edge behind it: flat to `fromZ`, round to `toZ`, flat again. */
export interface Bend {
  fromZ: number;
  toZ: number;
  angleRad: number;
}

/** Bends all vertices from `first` on. Lengths along the sheet stay; what stands off its face does so still. */
export function bendMesh({ positions, normals, vertexCount }: MeshBuilder, first: number, { fromZ, toZ, angleRad }: Bend): void {
  const radius = (toZ - fromZ) / angleRad;
  for (let v = first; v < vertexCount; v++) {
    const [iy, iz] = [v * 3 + 1, v * 3 + 2];
    const z = must(positions[iz]);
    if (z <= fromZ) continue;
    const turn = Math.min(1, (z - fromZ) / (toZ - fromZ)) * angleRad;
    const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
    const past = Math.max(0, z - toZ);
    const off = -must(positions[iy]);
    positions[iy] = radius * (1 - cos) + past * sin - off * cos;
    positions[iz] = fromZ + radius * sin + past * cos + off * sin;
    const [ny, nz] = [must(normals[iy]), must(normals[iz])];
    normals[iy] = ny * cos + nz * sin;
    normals[iz] = nz * cos - ny * sin;
  }
}
