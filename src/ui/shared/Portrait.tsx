'use client';

import { useEffect, useState } from 'react';
import { findSpecies, kindKey, type Catalogue, type Kind } from '@/core/botany/catalogue';
import type { Picture } from '@/core/picture/raster';
import { pictureBench } from '@/workers/clients';
import { useCatalogue } from '../useCatalogue';

const cache = new Map<string, Promise<string>>();

function canvasOf({ width, height, rgba }: Picture): HTMLCanvasElement {
  const canvas = Object.assign(document.createElement('canvas'), { width, height });
  canvas.getContext('2d')!.putImageData(new ImageData(new Uint8ClampedArray(rgba), width, height), 0, 0);
  return canvas;
}

/** A picture as an address that an image can show. */
export const pictureToUrl = (picture: Picture): string => canvasOf(picture).toDataURL();

const PRINT_QUALITY = 0.95;

/** A picture on white paper, as JPEG. */
export async function pictureToPaper(picture: Picture): Promise<Uint8Array> {
  const canvas = canvasOf(picture);
  const pen = canvas.getContext('2d')!;
  pen.globalCompositeOperation = 'destination-over';
  pen.fillStyle = '#ffffff';
  pen.fillRect(0, 0, canvas.width, canvas.height);
  const file = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', PRINT_QUALITY));
  return new Uint8Array((await file?.arrayBuffer()) ?? []);
}

const RENDER_PX = 192;
/** A head is of one form at all sizes; a sprig has other parts at another length. */
const HEAD_MM = 60;
const drawn = (kind: Kind, catalogue: Catalogue): Kind => ({
  ...kind,
  sizeMm: findSpecies(kind.species, catalogue)?.habit === 'sprig' ? kind.sizeMm : HEAD_MM,
});

/** The made picture of a kind, once for all its uses; sizes only scale it. */
function portraitUrl(kind: Kind, catalogue: Catalogue): Promise<string> {
  const { species, stage, sizeMm, colourway } = drawn(kind, catalogue);
  const key = kindKey({ species, stage, sizeMm, colourway }, catalogue);
  let url = cache.get(key);
  if (!url) {
    url = pictureBench.portrait({ species, stage, sizeMm, colourway }, RENDER_PX, catalogue.own).then(pictureToUrl);
    cache.set(key, url);
    // asked for again by the next that needs it
    url.catch(() => cache.delete(key));
  }
  return url;
}

function usePortrait(kind: Kind): string | null {
  const catalogue = useCatalogue();
  const { species, stage, sizeMm, colourway } = drawn(kind, catalogue);
  const key = kindKey({ species, stage, sizeMm, colourway }, catalogue);
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    let live = true;
    portraitUrl({ species, stage, sizeMm, colourway }, catalogue).then(
      (made) => live && setUrl(made),
      () => undefined,
    );
    return () => {
      live = false;
    };
    // the key says what of the catalogue this kind takes
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, species, stage, sizeMm, colourway]);
  return url;
}

/** A piece drawn at `px` pixels; `alt` is empty where its name stands beside it. */
export function Portrait({ kind, px, alt = '', className = '' }: { kind: Kind; px: number; alt?: string; className?: string }) {
  const url = usePortrait(kind);
  if (!url) return <span className={`inline-block ${className}`} style={{ width: px, height: px }} />;
  // eslint-disable-next-line @next/next/no-img-element -- a picture made in this page; there is nothing to optimise
  return <img src={url} width={px} height={px} alt={alt} className={className} draggable={false} />;
}

/** The same inside an SVG drawing, about a middle. */
export function SvgPortrait({
  kind,
  x,
  y,
  size,
  rotateDeg = 0,
}: {
  kind: Kind;
  x: number;
  y: number;
  size: number;
  rotateDeg?: number;
}) {
  const url = usePortrait(kind);
  return url ? (
    <image
      href={url}
      x={x - size / 2}
      y={y - size / 2}
      width={size}
      height={size}
      transform={rotateDeg ? `rotate(${rotateDeg} ${x} ${y})` : undefined}
    />
  ) : null;
}
