'use client';

import { useEffect, useState } from 'react';
import { BufferAttribute, BufferGeometry } from 'three';
import { kindKey, type Catalogue, type Detail, type Kind } from '@/core/botany/catalogue';
import type { Mesh } from '@/core/botany/shape/mesh';
import { pictureBench } from '@/workers/clients';
import { useCatalogue } from '../useCatalogue';

export function toGeometry(mesh: Mesh): BufferGeometry {
  const geometry = new BufferGeometry();
  geometry.setAttribute('position', new BufferAttribute(mesh.positions, 3));
  geometry.setAttribute('normal', new BufferAttribute(mesh.normals, 3));
  geometry.setAttribute('color', new BufferAttribute(mesh.colours, 3));
  geometry.setIndex(new BufferAttribute(mesh.indices, 1));
  geometry.computeBoundingSphere();
  return geometry;
}

const made = new Map<string, Promise<BufferGeometry>>();
const ready = new Map<string, BufferGeometry>();
const DETAILS: readonly Detail[] = ['close', 'near', 'far'];

/** What can be drawn of a kind at once: the detail asked for, or until it is made another. */
const readyNow = (key: string, detail: Detail): BufferGeometry | null =>
  [detail, ...DETAILS].map((d) => ready.get(`${key}|${d}`)).find((geometry) => geometry !== undefined) ?? null;

function geometryOf(kind: Kind, detail: Detail, catalogue: Catalogue): Promise<BufferGeometry> {
  const key = `${kindKey(kind, catalogue)}|${detail}`;
  let geometry = made.get(key);
  if (!geometry) {
    geometry = pictureBench.mesh(kind, detail, 0, catalogue.own).then(toGeometry);
    geometry.then(
      (g) => ready.set(key, g),
      () => undefined,
    );
    // asked for again by the next that needs it
    geometry.catch(() => made.delete(key));
    made.set(key, geometry);
  }
  return geometry;
}

/** The triangles of a kind, made off the page once; null until they are there. */
export function useKindGeometry(kind: Kind, detail: Detail): BufferGeometry | null {
  const catalogue = useCatalogue();
  const { species, stage, sizeMm, colourway } = kind;
  const key = kindKey(kind, catalogue);
  const [geometry, setGeometry] = useState(() => readyNow(key, detail));
  useEffect(() => {
    let live = true;
    geometryOf({ species, stage, sizeMm, colourway }, detail, catalogue).then(
      (g) => live && setGeometry(g),
      () => undefined,
    );
    return () => {
      live = false;
    };
    // the key says what of the catalogue this kind takes
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, species, stage, sizeMm, colourway, detail]);
  return geometry;
}
