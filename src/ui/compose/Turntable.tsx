'use client';

import { Line as DrawnLine, OrbitControls } from '@react-three/drei';
import { Canvas, useThree } from '@react-three/fiber';
import { useCallback, useEffect, useImperativeHandle, useMemo, useRef, type RefObject } from 'react';
import { type PerspectiveCamera, Vector2, Vector3 } from 'three';
import { OrbitControls as OrbitControlsImpl } from 'three-stdlib';
import { cakeHeightMm, type Cake } from '@/core/cake/cake';
import type { Reading } from '@/core/compose/reading';
import { TAU } from '@/core/geometry/numbers';
import { addScaled, anyPerpendicular, cross, type Vec3 } from '@/core/geometry/vec3';
import { CakeModel } from './CakeModel';
import { FiveViews } from './FiveViews';
import { Flowers } from './Flowers';
import { gripAt, handleAt, startDrag, startGripDrag, startLineDrag } from './dragging';
import { Holders } from './Holders';
import { LineInHand } from './LineInHand';
import { PieceGrips } from './PieceGrips';
import { pickPiece } from '@/core/compose/pick';
import type { LiveScene } from './useScene';
import { MARKS, PrintPicture, type PrintHandle } from './PrintPicture';
import { EDGE_PX, MARK_COLOURS, type MarkColours } from './marks';
import { getStudio, useStudio } from '../useStudio';

export type View = 'front' | 'left' | 'back' | 'right' | 'above';

/** Azimuth of the controls about the vertical, 0 in front. Radians. */
const VIEW_TURNS: Record<View, number> = { front: 0, right: Math.PI / 2, back: Math.PI, left: -Math.PI / 2, above: 0 };

/** How far down from straight above one looks: a low cake is looked into, a tall one looked at, a flat plaque read. Radians. */
const fromAboveFor = (view: View, heightMm: number, wideMm: number, flat: boolean): number =>
  view === 'above' ? 0.03 : flat ? 0.72 : heightMm > wideMm * 0.6 ? 1.36 : 1.14;

export interface TurntableHandle {
  look(view: View): void;
  turnBy(rad: number): void;
}

const DRAWN_UP = -Math.PI / 2;

/** three's y is up: core's (x, y, z) is drawn at (x, z, −y). */
const toCore = (v: Vector3): Vec3 => [v.x, -v.z, v.y];

export function Turntable({
  cake,
  scene,
  readings,
  evening,
  five,
  handle,
  print,
}: {
  cake: Cake;
  scene: LiveScene;
  readings: readonly Reading[];
  evening: boolean;
  /** four sides and above at once, instead of one that is turned */
  five: boolean;
  handle: RefObject<TurntableHandle | null>;
  print: RefObject<PrintHandle | null>;
}) {
  const selection = useStudio((s) => s.selection);
  const lineInHand = useStudio((s) => s.lineInHand);
  const chosen = scene.heads.filter((p) => selection.includes(p.piece.id));
  const held = useMemo(() => new Set(selection), [selection]);
  // in steps, so that the view stays while a piece is moved
  const tallMm = Math.ceil(Math.max(0, ...scene.all.map((p) => p.centre[2] + p.body.radialMm)) / 40) * 40;
  return (
    <Canvas
      frameloop="demand"
      shadows="percentage"
      dpr={[1, 2]}
      gl={{ antialias: true, alpha: true, preserveDrawingBuffer: false }}
      camera={{ fov: 26, near: 20, far: 6000, position: [0, 400, 1400] }}
    >
      <Lights evening={evening} reach={cake.board.diameterMm} />
      <group rotation={[DRAWN_UP, 0, 0]}>
        <CakeModel cake={cake} />
        <Holders lines={scene.lines} />
        <Flowers heads={scene.all} chosen={held} />
        <group name={MARKS}>
          {chosen.map((p) => (
            <Ring
              key={p.piece.id}
              at={p.centre}
              axis={p.axis}
              radius={Math.max(p.body.radialMm, p.spine.length ? p.body.axialMm * 0.7 : 0) * 1.12}
              colours={MARK_COLOURS.chosen}
              width={3}
            />
          ))}
          {!lineInHand && !five && chosen.length === 1 && scene.line && <PieceGrips piece={chosen[0]!} line={scene.line} />}
          {lineInHand ? (
            <LineInHand scene={scene} cake={cake} />
          ) : (
            !five && readings.map((r) => r.place && r.score < 80 && <Hole key={r.id} reading={r} scene={scene} />)
          )}
        </group>
      </group>
      <PrintPicture handle={print} />
      {five ? (
        <FiveViews cake={cake} tallMm={tallMm} />
      ) : (
        <>
          <Rig cake={cake} tallMm={tallMm} flat={scene.line?.plate?.upright === false} handle={handle} />
          <Hands scene={scene} />
        </>
      )}
    </Canvas>
  );
}

function Lights({ evening, reach }: { evening: boolean; reach: number }) {
  const r = reach * 1.1;
  return (
    <>
      <hemisphereLight args={evening ? ['#ffdcb0', '#6a4a42', 1] : ['#ffffff', '#f6e6da', 1.5]} />
      <directionalLight
        position={[-reach * 1.3, reach * 2.4, reach * 1.7]}
        intensity={evening ? 2.1 : 2.2}
        color={evening ? '#ffcf96' : '#fff3e2'}
        castShadow
        shadow-mapSize={[1024, 1024]}
        shadow-bias={-0.0006}
        shadow-normalBias={1.2}
        shadow-camera-left={-r}
        shadow-camera-right={r}
        shadow-camera-top={r}
        shadow-camera-bottom={-r}
        shadow-camera-far={reach * 6}
      />
      <directionalLight position={[reach * 1.5, reach * 0.6, reach]} intensity={evening ? 0.45 : 0.9} color="#f4f6ff" />
      <directionalLight position={[reach * 0.4, reach, -reach * 1.6]} intensity={0.5} color="#fff2e4" />
    </>
  );
}

/** A ring about a place, square to a direction. */
function Ring({
  at,
  axis,
  radius,
  colours,
  width,
  dashed = false,
}: {
  at: Vec3;
  axis: Vec3;
  radius: number;
  colours: MarkColours;
  width: number;
  dashed?: boolean;
}) {
  const points = useMemo(() => {
    const x = anyPerpendicular(axis);
    const y = cross(axis, x);
    return Array.from({ length: 49 }, (_, i) => {
      const a = (i / 48) * TAU;
      return new Vector3(...addScaled(addScaled(at, x, Math.cos(a) * radius), y, Math.sin(a) * radius));
    });
  }, [at, axis, radius]);
  return (
    <>
      <DrawnLine points={points} color={colours.edge} lineWidth={width + EDGE_PX} depthTest={false} renderOrder={9} />
      <DrawnLine
        points={points}
        color={colours.line}
        lineWidth={width}
        dashed={dashed}
        dashSize={radius * 0.22}
        gapSize={radius * 0.14}
        depthTest={false}
        renderOrder={10}
      />
    </>
  );
}

function Hole({ reading, scene }: { reading: Reading; scene: LiveScene }) {
  const place = reading.place!;
  return (
    <Ring
      at={place.pointMm}
      axis={scene.solid.normalAt(place.pointMm)}
      radius={Math.max(8, place.acrossMm / 2)}
      colours={reading.id === 'crowding' ? MARK_COLOURS.crowded : MARK_COLOURS.open}
      width={2}
      dashed
    />
  );
}

/** Fits the cake into the picture and turns to the named views. Nothing moves by itself under reduced motion. */
function Rig({
  cake,
  tallMm,
  flat,
  handle,
}: {
  cake: Cake;
  /** to the highest piece */
  tallMm: number;
  flat: boolean;
  handle: RefObject<TurntableHandle | null>;
}) {
  const controls = useRef<OrbitControlsImpl>(null);
  const size = useThree((s) => s.size);
  const camera = useThree((s) => s.camera) as PerspectiveCamera;
  const invalidate = useThree((s) => s.invalidate);
  const height = Math.max(cakeHeightMm(cake), tallMm - 44);
  const wide = cake.board.diameterMm + 80;
  const aspect = size.width / Math.max(1, size.height);
  const far = (Math.max(height + 120, (wide / aspect) * 1.14) / 2 / Math.tan((26 * Math.PI) / 360)) * 1.05 + wide * 0.3;
  useEffect(() => {
    const c = controls.current;
    if (!c) return;
    c.target.set(0, height / 2 - 6, 0);
    const away = camera.position.clone().sub(c.target).normalize();
    camera.position.copy(c.target).addScaledVector(away, far);
    c.update();
    invalidate();
  }, [far, height, camera, invalidate]);
  const turnTo = useCallback(
    (turn: number, fromAbove: number) => {
      const c = controls.current;
      if (!c) return;
      c.setAzimuthalAngle(turn);
      c.setPolarAngle(fromAbove);
      c.update();
      invalidate();
    },
    [invalidate],
  );
  useImperativeHandle(
    handle,
    () => ({
      look: (view) => turnTo(VIEW_TURNS[view], fromAboveFor(view, height, wide, flat)),
      turnBy: (rad) => {
        const c = controls.current;
        if (c) turnTo(c.getAzimuthalAngle() + rad, c.getPolarAngle());
      },
    }),
    [turnTo, height, wide, flat],
  );
  useEffect(() => turnTo(VIEW_TURNS.front, fromAboveFor('front', height, wide, flat)), [turnTo, height, wide, flat]);
  return (
    <OrbitControls
      ref={controls}
      makeDefault
      enablePan={false}
      enableDamping={false}
      minPolarAngle={0.02}
      maxPolarAngle={1.62}
      minDistance={far * 0.35}
      maxDistance={far * 1.6}
    />
  );
}

/** Choosing and dragging pieces in the picture. What is grabbed stays under the finger; nothing jumps when let go. */
function Hands({ scene }: { scene: LiveScene }) {
  const { gl, camera, controls } = useThree();
  const live = useRef(scene);
  useEffect(() => {
    live.current = scene;
  }, [scene]);
  useEffect(() => {
    const canvas = gl.domElement;
    const orbit = controls instanceof OrbitControlsImpl ? controls : null;
    const sight = (e: PointerEvent): { origin: Vec3; direction: Vec3 } => {
      const box = canvas.getBoundingClientRect();
      const at = new Vector2(((e.clientX - box.left) / box.width) * 2 - 1, 1 - ((e.clientY - box.top) / box.height) * 2);
      const through = new Vector3(at.x, at.y, 0.5).unproject(camera).sub(camera.position).normalize();
      return { origin: toCore(camera.position), direction: toCore(through) };
    };
    /** How far a place on the cake is seen from the pointer, in pixels. */
    const seenAt = (e: PointerEvent) => (at: Vec3) => {
      const box = canvas.getBoundingClientRect();
      const seen = new Vector3(at[0], at[2], -at[1]).project(camera);
      return Math.hypot(
        box.left + ((seen.x + 1) / 2) * box.width - e.clientX,
        box.top + ((1 - seen.y) / 2) * box.height - e.clientY,
      );
    };
    const down = (e: PointerEvent) => {
      const { origin, direction } = sight(e);
      const studio = getStudio();
      const held = studio.lineInHand ? handleAt(seenAt(e)) : null;
      if (held) {
        follow(e, startLineDrag(live.current, held));
        return;
      }
      const grip = studio.lineInHand ? null : gripAt(live.current, seenAt(e));
      if (grip) {
        follow(e, startGripDrag(live.current, grip));
        return;
      }
      const hit = pickPiece(live.current.heads, origin, direction);
      if (!hit) {
        studio.select([]);
        return;
      }
      const piece = live.current.heads[hit.index]!;
      const id = piece.piece.id;
      studio.select(e.shiftKey ? [...new Set([...studio.selection, id])] : [id]);
      follow(e, startDrag(live.current, piece, addScaled(origin, direction, hit.alongMm), e.altKey));
    };
    /** A drag from here on, until the pointer is let go. */
    const follow = (e: PointerEvent, drag: { to(origin: Vec3, direction: Vec3): void; end(): void }) => {
      e.stopPropagation();
      if (orbit) orbit.enabled = false;
      canvas.setPointerCapture(e.pointerId);
      const move = (m: PointerEvent) => {
        const s = sight(m);
        drag.to(s.origin, s.direction);
      };
      const up = () => {
        canvas.removeEventListener('pointermove', move);
        canvas.removeEventListener('pointerup', up);
        canvas.removeEventListener('pointercancel', up);
        if (orbit) orbit.enabled = true;
        drag.end();
      };
      canvas.addEventListener('pointermove', move);
      canvas.addEventListener('pointerup', up);
      canvas.addEventListener('pointercancel', up);
    };
    canvas.addEventListener('pointerdown', down, { capture: true });
    return () => canvas.removeEventListener('pointerdown', down, { capture: true });
  }, [gl, camera, controls]);
  return null;
}
