'use client';

import { useFrame, useThree } from '@react-three/fiber';
import { useEffect, useMemo } from 'react';
import { OrthographicCamera, Vector3 } from 'three';
import { cakeHeightMm, type Cake } from '@/core/cake/cake';
import { FRONT_RAD, viewsFrom } from '@/core/compose/scene';
import { CELLS } from './ViewNames';

const AWAY_MM = 3000;

/** Four sides and above in one picture, in the same light; straight sight, so that sizes compare. */
export function FiveViews({ cake, tallMm }: { cake: Cake; tallMm: number }) {
  const { gl, scene, size, invalidate } = useThree();
  const height = Math.max(cakeHeightMm(cake), tallMm - 44);
  const wide = cake.board.diameterMm + 60;
  const cameras = useMemo(
    () =>
      viewsFrom(FRONT_RAD).map(({ name, toEye }) => {
        const cell = CELLS[name];
        const aspect = (size.width * cell.w) / Math.max(1, size.height * cell.h);
        const half = Math.max((height + 90) * 0.56 + wide * 0.2, (wide * 0.5) / aspect);
        const camera = new OrthographicCamera(-half * aspect, half * aspect, half, -half, 10, AWAY_MM * 2);
        const target = new Vector3(0, height / 2, 0);
        camera.position.set(toEye[0], toEye[2], -toEye[1]).multiplyScalar(AWAY_MM).add(target);
        if (name === 'above') camera.up.set(0, 0, -1);
        camera.lookAt(target);
        return { name, camera };
      }),
    [height, wide, size],
  );
  useEffect(() => {
    invalidate();
    return () => {
      gl.setScissorTest(false);
      gl.setViewport(0, 0, size.width, size.height);
    };
  }, [gl, size, invalidate, cameras]);
  useFrame(() => {
    gl.setScissorTest(true);
    for (const { name, camera } of cameras) {
      const cell = CELLS[name];
      const [w, h] = [size.width * cell.w, size.height * cell.h];
      gl.setViewport(size.width * cell.x, size.height * cell.y, w, h);
      gl.setScissor(size.width * cell.x, size.height * cell.y, w, h);
      gl.render(scene, camera);
    }
  }, 1);
  return null;
}
