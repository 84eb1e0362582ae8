'use client';

import { useThree } from '@react-three/fiber';
import { useLayoutEffect, useMemo, useRef } from 'react';
import { Matrix4, type InstancedMesh } from 'three';
import { kindKey, type Detail } from '@/core/botany/catalogue';
import type { PlacedPiece } from '@/core/compose/placement';
import { modelOf, pieceMap } from '@/core/compose/modelled';
import { detailOf, WITH_CARD, WITHOUT_CARD } from '@/core/picture/detail';
import { hasGraphicsCard } from './graphicsCard';
import { useKindGeometry } from './kindGeometry';
import { pasteMaterial } from './paste';
import { useShadowsOf } from './shadows';
import { useCatalogue } from '../useCatalogue';

interface KindGroup {
  detail: Detail;
  own: PlacedPiece[];
}

/** All pieces, one instanced mesh a kind; the chosen ones of a full table in their own, with the thickness of their paste. */
export function Flowers({ heads, chosen }: { heads: readonly PlacedPiece[]; chosen: ReadonlySet<string> }) {
  const catalogue = useCatalogue();
  const gl = useThree((t) => t.gl);
  const budget = useMemo(() => (hasGraphicsCard(gl) ? WITH_CARD : WITHOUT_CARD), [gl]);
  const kinds = useMemo(() => {
    const table = { pieces: heads.length, chosen: chosen.size };
    const groups = new Map<string, KindGroup>();
    for (const p of heads) {
      const detail = detailOf({ role: p.body.role, chosen: chosen.has(p.piece.id) }, table, budget);
      const key = `${kindKey(modelOf(p), catalogue)}|${detail}`;
      const group = groups.get(key);
      if (group) group.own.push(p);
      else groups.set(key, { detail, own: [p] });
    }
    return [...groups];
  }, [heads, chosen, budget, catalogue]);
  useShadowsOf(heads);
  const material = useMemo(() => pasteMaterial(), []);
  return (
    <>
      {kinds.map(([key, { own, detail }]) => (
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
