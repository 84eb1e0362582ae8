'use client';

import { useThree } from '@react-three/fiber';
import { useLayoutEffect, useMemo, useRef } from 'react';
import { Matrix4, type InstancedMesh } from 'three';
import { kindKey, type Detail } from '@/core/botany/catalogue';
import type { PlacedPiece } from '@/core/compose/placement';
import { modelOf, pieceMap } from '@/core/picture/cakePicture';
import { useKindGeometry } from './kindGeometry';
import { pasteMaterial } from './paste';
import { useShadowsOf } from './shadows';

/** So many pieces are drawn with paste thickness, so many with every petal; more with fewer triangles. */
const UP_TO: readonly [pieces: number, detail: Detail][] = [
  [24, 'close'],
  [120, 'near'],
  [Infinity, 'far'],
];

/** All pieces, one instanced mesh a kind. */
export function Flowers({ heads }: { heads: readonly PlacedPiece[] }) {
  const kinds = useMemo(() => {
    const groups = new Map<string, PlacedPiece[]>();
    for (const p of heads) {
      const key = kindKey(modelOf(p));
      const own = groups.get(key);
      if (own) own.push(p);
      else groups.set(key, [p]);
    }
    return [...groups];
  }, [heads]);
  useShadowsOf(heads);
  const detail = UP_TO.find(([pieces]) => heads.length <= pieces)![1];
  const material = useMemo(() => pasteMaterial(), []);
  return (
    <>
      {kinds.map(([key, own]) => (
        <KindInstances key={key} own={own} detail={detail} material={material} />
      ))}
    </>
  );
}

function KindInstances({
  own,
  detail,
  material,
}: {
  own: readonly PlacedPiece[];
  detail: Detail;
  material: ReturnType<typeof pasteMaterial>;
}) {
  const geometry = useKindGeometry(modelOf(own[0]!), detail);
  useShadowsOf(geometry);
  const mesh = useRef<InstancedMesh>(null);
  const invalidate = useThree((s) => s.invalidate);
  const capacity = Math.max(8, 2 ** Math.ceil(Math.log2(own.length)));
  useLayoutEffect(() => {
    const m = mesh.current;
    if (!m) return;
    const matrix = new Matrix4();
    own.forEach((p, i) => {
      const a = pieceMap(p);
      matrix.set(a[0]!, a[3]!, a[6]!, a[9]!, a[1]!, a[4]!, a[7]!, a[10]!, a[2]!, a[5]!, a[8]!, a[11]!, 0, 0, 0, 1);
      m.setMatrixAt(i, matrix);
    });
    m.count = own.length;
    m.instanceMatrix.needsUpdate = true;
    m.computeBoundingSphere();
    invalidate();
  }, [own, geometry, capacity, invalidate]);
  if (!geometry) return null;
  return <instancedMesh key={capacity} ref={mesh} args={[geometry, material, capacity]} castShadow receiveShadow />;
}
