'use client';

import { useEffect, useMemo } from 'react';
import { CanvasTexture, Matrix4, SRGBColorSpace, Vector3 } from 'three';
import type { Line, Plate } from '@/core/compose/line';
import { addScaled } from '@/core/geometry/vec3';
import { holderMesh } from '@/core/picture/cakeParts';
import { toGeometry } from './kindGeometry';
import { useShadowsOf } from './shadows';

/** Plaques, their skewers and lettering, and the stems of standing clusters. */
export function Holders({ lines }: { lines: readonly Line[] }) {
  return (
    <>
      {lines.map((line, i) => (
        <Holder key={i} line={line} />
      ))}
    </>
  );
}

function Holder({ line }: { line: Line }) {
  const geometry = useMemo(() => {
    const mesh = holderMesh(line.stand, line.plate);
    return mesh ? toGeometry(mesh) : null;
  }, [line]);
  useShadowsOf(geometry);
  useEffect(() => () => geometry?.dispose(), [geometry]);
  return (
    <>
      {geometry && (
        <mesh geometry={geometry} castShadow receiveShadow>
          <meshStandardMaterial vertexColors roughness={0.7} />
        </mesh>
      )}
      {line.plate?.lettering.trim() && <Lettering plate={line.plate} />}
    </>
  );
}

const PX_PER_MM = 8;

/** The lettering, as large as its box allows, standing a little off the plaque. */
function Lettering({ plate }: { plate: Plate }) {
  const [halfX, halfY] = plate.letteringHalfMm;
  const texture = useMemo(() => {
    const canvas = document.createElement('canvas');
    canvas.width = Math.max(8, Math.round(halfX * 2 * PX_PER_MM));
    canvas.height = Math.max(8, Math.round(halfY * 2 * PX_PER_MM));
    const pen = canvas.getContext('2d')!;
    const family = getComputedStyle(document.documentElement).getPropertyValue('--say') || 'serif';
    let px = canvas.height * 0.8;
    pen.font = `500 ${px}px ${family}`;
    px *= Math.min(1, (canvas.width * 0.96) / Math.max(1, pen.measureText(plate.lettering).width));
    pen.font = `500 ${px}px ${family}`;
    pen.textAlign = 'center';
    pen.textBaseline = 'middle';
    pen.fillStyle = '#4a2338';
    pen.fillText(plate.lettering, canvas.width / 2, canvas.height / 2);
    const made = new CanvasTexture(canvas);
    made.colorSpace = SRGBColorSpace;
    made.anisotropy = 4;
    return made;
  }, [plate.lettering, halfX, halfY]);
  useEffect(() => () => texture.dispose(), [texture]);
  const matrix = useMemo(() => {
    const at = addScaled(plate.letteringMm, plate.normal, 0.5);
    return new Matrix4()
      .makeBasis(new Vector3(...plate.across), new Vector3(...plate.up), new Vector3(...plate.normal))
      .setPosition(...(at as [number, number, number]));
  }, [plate]);
  return (
    <mesh matrix={matrix} matrixAutoUpdate={false}>
      <planeGeometry args={[halfX * 2, halfY * 2]} />
      <meshBasicMaterial map={texture} transparent depthWrite={false} />
    </mesh>
  );
}
