import { SHIPPED } from '../botany/catalogue';
import { validateBytes } from 'gltf-validator';
import { buildScene } from '../compose/scene';
import { cakeOf, type FORMS, proposalFor } from '../testing/samples';
import { cakeGlb } from './glb';

interface Gltf {
  nodes: { name: string; mesh?: number; matrix?: number[]; children?: number[] }[];
  meshes: { name: string; primitives: { attributes: Record<string, number>; material: number }[] }[];
  materials: { name: string }[];
  accessors: { min?: number[]; max?: number[]; count: number }[];
}
const CAKE = cakeOf([220, 110], [150, 100]);
const glbOf = (form: (typeof FORMS)[number]) => {
  const scene = buildScene(CAKE, proposalFor({ form, cake: CAKE, seed: 2, effort: 0.05 }).arrangement, SHIPPED)!;
  return { scene, glb: cakeGlb('Cake', CAKE, [scene], 'far') };
};
const jsonOf = (glb: Uint8Array): Gltf => {
  const view = new DataView(glb.buffer);
  return JSON.parse(new TextDecoder().decode(glb.subarray(20, 20 + view.getUint32(12, true)))) as Gltf;
};

// the Khronos Group's own validator of glTF 2.0
test.each(['crescent', 'cluster', 'plaque', 'ring'] as const)(
  'a %s passes the public validator without an error',
  async (form) => {
    const report = await validateBytes(glbOf(form).glb);
    expect(report.issues.messages.filter((m) => m.severity <= 1)).toEqual([]);
    expect(report.issues.numErrors).toBe(0);
    expect(report.info.version).toBe('2.0');
  },
);

test('true scale: in metres with y up the cake is as wide and high as it is', () => {
  const { nodes, meshes, accessors } = jsonOf(glbOf('crescent').glb);
  const root = nodes.at(-1)!;
  expect(root.children).toHaveLength(nodes.length - 1);
  const bounds = (name: string) =>
    accessors[meshes[nodes.find((n) => n.name === name)!.mesh!]!.primitives[0]!.attributes.POSITION!]!;
  const [low, high] = [bounds('Tier 1'), bounds('Tier 2')];
  const m = root.matrix!;
  // x, y up and z of a point in mm, by the root's matrix
  const world = ([x, y, z]: number[]) => [0, 1, 2].map((r) => m[r]! * x! + m[4 + r]! * y! + m[8 + r]! * z!);
  expect(world(low.max!)[0]! - world(low.min!)[0]!).toBeCloseTo(0.22, 3);
  expect(world(high.max!)[1]!).toBeCloseTo(0.21, 3);
});

test('every piece is a node with its name, every kind one mesh with a material of its own', () => {
  const { scene, glb } = glbOf('crescent');
  const { nodes, meshes, materials } = jsonOf(glb);
  const pieces = nodes.filter((n) => n.matrix && !n.children);
  expect(pieces).toHaveLength(scene.heads.length);
  expect(new Set(nodes.map((n) => n.name)).size).toBe(nodes.length);
  expect(materials.map((x) => x.name)).toEqual(meshes.map((x) => x.name));
  expect(new Set(meshes.map((x) => x.name)).size).toBe(meshes.length);
  expect(meshes.length).toBeLessThan(nodes.length);
});
