import { bodyOf, kindMesh, speciesById, type Catalogue, type Kind } from '../botany/catalogue';
import { stageOf } from '../botany/species';
import { IDENTITY } from '../geometry/affine';
import { degToRad } from '../geometry/numbers';
import { Raster, sightFrom, type Picture } from './raster';

/** A picture of one piece for trays, maps and sheets: heads looked at from above their face, sprigs lying tip up. Square, `pixels` a side. */
export function portrait(kind: Kind, pixels: number, catalogue: Catalogue, over = 2): Picture {
  const species = speciesById(kind.species, catalogue);
  const stage = stageOf(species, kind.stage);
  const mesh = kindMesh(kind, 'close', catalogue);
  const sizeMm = kind.sizeMm * stage.sizeShare;
  const closed = stage.open < 0.3;
  if (species.habit === 'sprig') {
    const raster = new Raster(
      sightFrom({
        azimuthRad: -Math.PI / 2,
        elevationRad: degToRad(8),
        centre: [0, 0, sizeMm * 0.52],
        pixelsPerMm: pixels / (sizeMm * 1.12),
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
