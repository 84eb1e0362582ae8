import jscad from '@jscad/modeling';
import { IDENTITY } from '../../geometry/affine';
import { allSpecies, kindMesh, SHIPPED } from '../catalogue';
import { meshArea, meshVolume, MeshBuilder, type Mesh } from './mesh';
import { petalPaint } from './paint';
import { petal } from './petal';
import { addSheet } from './sheet';
import { addBall, addLathe, three } from './solids';
import { thickenSheets } from './thickness';

/** The same triangles as polygons of a solid-modelling library, which measures them in its own way. */
function asSolid({ positions, indices }: Mesh) {
  const corner = (i: number): [number, number, number] => [positions[i * 3]!, positions[i * 3 + 1]!, positions[i * 3 + 2]!];
  const polygons = Array.from({ length: indices.length / 3 }, (_, t) =>
    jscad.geometries.poly3.create([corner(indices[t * 3]!), corner(indices[t * 3 + 1]!), corner(indices[t * 3 + 2]!)]),
  );
  return jscad.geometries.geom3.create(polygons);
}
const { measureVolume, measureArea } = jscad.measurements;

const WHITE = three('#ffffff');
const built = (make: (b: MeshBuilder) => void): Mesh => {
  const b = new MeshBuilder(false);
  make(b);
  return b.finish();
};

describe('volume and area as another library measures them (@jscad/modeling)', () => {
  test.each<[string, Mesh]>([
    [
      'a ball',
      built((b) => addBall({ b, map: IDENTITY, radius: 9, detail: [24, 16], colours: WHITE, squash: 0.8, whole: true })),
    ],
    [
      'a cone',
      built((b) =>
        addLathe({
          b,
          map: IDENTITY,
          profile: [
            [0, 0],
            [10, 0],
            [0, 30],
          ],
          segments: 48,
          colours: WHITE,
        }),
      ),
    ],
    [
      'a petal with the thickness of its paste',
      built((b) => {
        addSheet({
          builder: b,
          map: IDENTITY,
          azimuthRad: 0.4,
          shape: petal({}),
          grid: [10, 12],
          look: { paint: petalPaint('#ff8800'), ring: 1, phase: 0, jitter: 0 },
        });
        thickenSheets(b, 0.03);
      }),
    ],
  ])('%s', (_, mesh) => {
    const solid = asSolid(mesh);
    expect(meshVolume(mesh) / Math.abs(measureVolume(solid))).toBeCloseTo(1, 4);
    expect(meshArea(mesh) / measureArea(solid)).toBeCloseTo(1, 4);
  });

  test('its own ball and box, measured by us', () => {
    for (const shape of [jscad.primitives.sphere({ radius: 7, segments: 48 }), jscad.primitives.cuboid({ size: [3, 4, 5] })]) {
      const corners: number[] = [];
      for (const { vertices } of jscad.geometries.geom3.toPolygons(shape))
        for (let k = 1; k + 1 < vertices.length; k++) corners.push(...vertices[0]!, ...vertices[k]!, ...vertices[k + 1]!);
      const mesh = {
        positions: new Float32Array(corners),
        normals: new Float32Array(corners.length),
        colours: new Float32Array(corners.length),
        indices: Uint32Array.from({ length: corners.length / 3 }, (_, i) => i),
      };
      expect(meshVolume(mesh) / measureVolume(shape)).toBeCloseTo(1, 4);
    }
  });

  test.each(allSpecies(SHIPPED).map((s) => s.id))('%s, whole: its area as the library measures it', (id) => {
    const species = allSpecies(SHIPPED).find((s) => s.id === id)!;
    const mesh = kindMesh(
      { species: id, stage: species.stages.at(-1)!.id, sizeMm: species.sizesMm[0]!, colourway: '' },
      'near',
      SHIPPED,
    );
    expect(meshArea(mesh) / measureArea(asSolid(mesh))).toBeCloseTo(1, 3);
  });
});
