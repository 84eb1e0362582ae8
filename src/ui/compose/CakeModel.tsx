'use client';

import { useMemo } from 'react';
import { LatheGeometry, Vector2 } from 'three';
import { stackTiers, type Cake } from '@/core/cake/cake';
import { TAU } from '@/core/geometry/numbers';
import { tierMesh } from '@/core/picture/cakeParts';
import { toGeometry } from './kindGeometry';
import { useShadowsOf } from './shadows';

/** Tiers, board and the turntable under them, with the hours marked round it. Core's frame: z up. */
export function CakeModel({ cake }: { cake: Cake }) {
  const tiers = useMemo(
    () => stackTiers(cake).map((t) => ({ id: t.tier.id, colour: t.tier.covering.colour, geometry: toGeometry(tierMesh(t)) })),
    [cake],
  );
  useShadowsOf(tiers);
  const board = cake.board.diameterMm / 2;
  const plate = board + 34;
  const under = -cake.board.thicknessMm;
  const plateGeometry = useMemo(
    () =>
      lathe([
        [0, under - 18],
        [plate - 2, under - 18],
        [plate, under - 16],
        [plate, under - 3],
        [plate - 3, under],
        [0, under],
      ]),
    [plate, under],
  );
  return (
    <>
      {tiers.map((t) => (
        <mesh key={t.id} geometry={t.geometry} castShadow receiveShadow>
          <meshPhysicalMaterial color={t.colour} roughness={0.62} sheen={0.25} sheenRoughness={0.6} />
        </mesh>
      ))}
      <mesh rotation={[Math.PI / 2, 0, 0]} position={[0, 0, under / 2]} castShadow receiveShadow>
        <cylinderGeometry args={[board, board, cake.board.thicknessMm, 72]} />
        <meshStandardMaterial color="#e2d8ce" roughness={0.7} />
      </mesh>
      <mesh geometry={plateGeometry} receiveShadow>
        <meshStandardMaterial color="#f4f7f7" roughness={0.42} />
      </mesh>
      {Array.from({ length: 12 }, (_, i) => {
        const a = (i / 12) * TAU;
        const front = i === 9;
        return (
          <mesh key={i} position={[Math.cos(a) * (plate - 12), Math.sin(a) * (plate - 12), under + 0.3]} rotation={[0, 0, a]}>
            <boxGeometry args={[front ? 14 : 9, front ? 3.4 : 1.6, 0.6]} />
            <meshStandardMaterial color={front ? '#8f4d05' : '#746370'} />
          </mesh>
        );
      })}
    </>
  );
}

/** Lathe geometry turns about y; tiers stand along z. */
function lathe(profile: readonly (readonly [number, number])[]): LatheGeometry {
  const geometry = new LatheGeometry(
    profile.map(([r, z]) => new Vector2(r, z)),
    96,
  );
  geometry.rotateX(Math.PI / 2);
  return geometry;
}
