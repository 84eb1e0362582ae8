import { bodyOf, kindMesh, speciesById, type Catalogue, type Kind } from '../botany/catalogue';
import { stageOf } from '../botany/species';
import { IDENTITY } from '../geometry/affine';
import { must } from '../geometry/must';
import { degToRad } from '../geometry/numbers';
import { Raster, sightFrom, type Picture } from './raster';

/** How far a sprig reaches to its sides, and from the lowest to the highest of it. */
function reachOf(positions: Float32Array): { aside: number; low: number; high: number } {
  let [aside, low, high] = [0, 0, 0];
  for (let i = 0; i + 2 < positions.length; i += 3) {
    aside = Math.max(aside, Math.abs(must(positions[i])));
    low = Math.min(low, must(positions[i + 2]));
    high = Math.max(high, must(positions[i + 2]));
  }
  return { aside, low, high };
}

/** A picture of one piece for trays, maps and sheets: heads looked at from above their face, sprigs lying tip up. Square, `pixels` a side. */
export function portrait(kind: Kind, pixels: number, catalogue: Catalogue, over = 2): Picture {
  const species = speciesById(kind.species, catalogue);
  const stage = stageOf(species, kind.stage);
  const mesh = kindMesh(kind, 'close', catalogue);
  const sizeMm = kind.sizeMm * stage.sizeShare;
  const closed = stage.open < 0.3;
  if (species.habit === 'sprig') {
    const { aside, low, high } = reachOf(mesh.positions);
    const raster = new Raster(
      sightFrom({
        azimuthRad: -Math.PI / 2,
        elevationRad: degToRad(8),
        centre: [0, 0, (low + high) / 2],
        pixelsPerMm: pixels / Math.max(sizeMm * 1.12, 2.1 * aside, 1.05 * (high - low)),
        width: pixels,
        height: pixels,
      }),
      over,
    );
    raster.add(mesh, IDENTITY);
    return raster.finish();
  }
  const elevation = closed ? 12 : species.id === 'sweetpea' ? 78 : 66;
  // a deep head, a bell, a tulip or a bud, is taller in the picture than it is wide
  const { radialMm, axialMm } = bodyOf(kind, catalogue);
  const turn = degToRad(elevation);
  const deepMm = 2.2 * (radialMm * Math.sin(turn) + axialMm * Math.cos(turn));
  const raster = new Raster(
    sightFrom({
      azimuthRad: -Math.PI / 2,
      elevationRad: turn,
      centre: [0, 0, 0],
      pixelsPerMm: pixels / Math.max(sizeMm * (closed ? 1.7 : 1.24), deepMm),
      width: pixels,
      height: pixels,
    }),
    over,
  );
  raster.add(mesh, IDENTITY);
  return raster.finish();
}
