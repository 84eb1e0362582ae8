import { kindMesh, kindKey, type Catalogue, type Detail, type Kind } from '../botany/catalogue';
import { modelOf, pieceMap } from '../compose/modelled';
import { MeshBuilder, type Mesh } from '../botany/shape/mesh';
import { addLathe, three } from '../botany/shape/solids';
import { cakeHeightMm, stackTiers, type Cake } from '../cake/cake';
import type { Scene } from '../compose/scene';
import { IDENTITY } from '../geometry/affine';
import { addTier, holderMesh } from './cakeParts';
import { Raster, sightFrom, type Picture, type Sight } from './raster';

export function cakeMesh(cake: Cake): Mesh {
  const b = new MeshBuilder(false);
  addBoard(b, cake);
  for (const tier of stackTiers(cake)) addTier(b, tier);
  return b.finish();
}

export function boardMesh(cake: Cake): Mesh {
  const b = new MeshBuilder(false);
  addBoard(b, cake);
  return b.finish();
}

function addBoard(b: MeshBuilder, cake: Cake): void {
  const board = cake.board.diameterMm / 2;
  const grey = three('#d8cfc6', '#e6dfd8', '#efe9e3');
  addLathe({
    b,
    map: IDENTITY,
    profile: [
      [0, -cake.board.thicknessMm],
      [board, -cake.board.thicknessMm],
      [board, -1],
      [board - 1, 0],
      [0, 0],
    ],
    segments: 64,
    colours: grey,
  });
}

const meshes = new Map<string, Mesh>();

function cachedMesh(kind: Kind, detail: Detail, catalogue: Catalogue): Mesh {
  const key = `${kindKey(kind, catalogue)}|${detail}`;
  let mesh = meshes.get(key);
  if (!mesh) {
    mesh = kindMesh(kind, detail, catalogue);
    meshes.set(key, mesh);
    if (meshes.size > 400) meshes.clear();
  }
  return mesh;
}

interface CakeSightOptions {
  cake: Cake;
  azimuthRad: number;
  elevationRad: number;
  width: number;
  height: number;
  highestMm?: number;
}

/** Straight sight at a whole cake and what stands on it, up to `highestMm`, from an azimuth and a height, fitted into a sheet. */
export function cakeSight({ cake, azimuthRad, elevationRad, width, height, highestMm = 0 }: CakeSightOptions): Sight {
  const tall = Math.max(cakeHeightMm(cake) + 60, highestMm + 10);
  const wide = Math.max(cake.board.diameterMm + 12, 80);
  const seen = tall * Math.cos(elevationRad) + wide * Math.sin(elevationRad);
  const scale = Math.min(width / wide, height / Math.max(60, seen));
  return sightFrom({ azimuthRad, elevationRad, centre: [0, 0, (tall - 40) / 2], pixelsPerMm: scale, width, height });
}

interface CakePictureOptions {
  cake: Cake;
  scenes: readonly Pick<Scene, 'heads' | 'line' | 'catalogue'>[];
  sight: Sight;
  over?: number;
  detail?: Detail;
}

/** A still picture of the whole cake with its flowers. */
export function cakePicture({ cake, scenes, sight, over = 2, detail = 'near' }: CakePictureOptions): Picture {
  const raster = new Raster(sight, over);
  raster.add(cakeMesh(cake), IDENTITY);
  for (const { line } of scenes) {
    const holder = holderMesh(line.stand, line.plate);
    if (holder) raster.add(holder, IDENTITY);
  }
  for (const { heads, catalogue } of scenes)
    for (const p of heads) raster.add(cachedMesh(modelOf(p), detail, catalogue), pieceMap(p));
  return raster.finish();
}
