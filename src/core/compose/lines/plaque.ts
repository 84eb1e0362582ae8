import * as v from 'valibot';
import { angleRad, between, hue } from '../../boundary/parts';
import type { Cake } from '../../cake/cake';
import { clamp, TAU } from '../../geometry/numbers';
import { add, scale, type Vec3 } from '../../geometry/vec3';
import { standOn } from '../dome';
import type { DrawnLine, LineFrame, Plate } from '../line';
import { armShareFrom, taper } from '../taper';
import { degrees, focalField, mm, placeFields, standField } from './fields';
import { begins, ends, facesGrip, focalGrip, placeGrip, standGrip } from './grips';
import type { LineKind } from './kind';
import { envelope, focal, FRONT_RAD, onTop, onTopLimits, standMm, STEM_FOOT_MM } from './parts';

/** A plaque stands on two skewers at this share of its half-width to either side, so that it cannot turn. */
export const SKEWER_SHARE = 0.5;

export const PLAQUE_OUTLINES = ['round', 'oval', 'scalloped', 'banner'] as const;

const schema = v.strictObject({
  form: v.literal('plaque'),
  ...onTop,
  outline: v.picklist(PLAQUE_OUTLINES),
  plateWidthMm: between(20, 400),
  plateHeightMm: between(15, 300),
  /** upright on two skewers, facing front, or lying flat */
  upright: v.boolean(),
  standMm,
  lettering: v.pipe(v.string(), v.maxLength(60)),
  colour: hue,
  /** where on the rim the flowers begin (0 right, counter-clockwise as one reads it) and how far round they go */
  fromRad: angleRad,
  sweepRad: between(0.4, Math.PI * 2),
  focal,
  ...envelope,
});
type PlaqueSpec = v.InferOutput<typeof schema>;

/** Paste rolled for a plaque, mm. Common practice, no source. */
const PLATE_THICKNESS_MM = 3;
const STEPS = 96;
/** The lettering moves away from the flowers by this share of their half-width, where they are on one side. */
const LETTERING_GIVES_WAY = 1.3;
const SCALLOPS = 12;

/** Half of a plaque's outline along a direction from its middle, mm; angles counter-clockwise as one reads it. */
export function plateReachMm(spec: Pick<PlaqueSpec, 'outline' | 'plateWidthMm' | 'plateHeightMm'>, angleRad: number): number {
  const a = spec.plateWidthMm / 2;
  const b = (spec.outline === 'round' ? spec.plateWidthMm : spec.plateHeightMm) / 2;
  const c = Math.cos(angleRad);
  const s = Math.sin(angleRad);
  if (spec.outline === 'banner') {
    const box = Math.min(Math.abs(c) > 1e-9 ? a / Math.abs(c) : Infinity, Math.abs(s) > 1e-9 ? b / Math.abs(s) : Infinity);
    const notch = Math.abs(c) > 0.9 && Math.abs(s * (a / b)) < 0.5 ? 1 - 0.12 * (1 - Math.abs(s * (a / b)) / 0.5) : 1;
    return box * notch;
  }
  const oval = (a * b) / Math.hypot(b * c, a * s);
  return spec.outline === 'scalloped' ? oval * (0.94 + 0.06 * Math.abs(Math.cos((SCALLOPS * angleRad) / 2))) : oval;
}

/** The plaque itself on its cake, and the box that its lettering needs: what the flowers' band leaves free in the middle. */
function plateOf(spec: PlaqueSpec, stand: { topMm: Vec3 }): Plate {
  const height = spec.outline === 'round' ? spec.plateWidthMm : spec.plateHeightMm;
  const up: Vec3 = spec.upright ? [0, 0, 1] : [0, 1, 0];
  const normal: Vec3 = spec.upright ? [0, -1, 0] : [0, 0, 1];
  const lift = spec.upright ? height / 2 : PLATE_THICKNESS_MM;
  const outlineMm = Array.from({ length: STEPS }, (_, i) => {
    const angle = (i / STEPS) * TAU;
    const r = plateReachMm(spec, angle);
    return [Math.cos(angle) * r, Math.sin(angle) * r] as const;
  });
  const centreMm = add(stand.topMm, [0, 0, lift]);
  // the flowers' arc has its middle at this angle; what it takes there the lettering gives way to
  const middle = spec.fromRad + spec.sweepRad / 2;
  const one = Math.sin(spec.sweepRad / 2) / (spec.sweepRad / 2);
  const away = -one * Math.min(height * 0.18, spec.widthMm * LETTERING_GIVES_WAY);
  const letteringMm = add(centreMm, add([Math.cos(middle) * away, 0, 0], scale(up, Math.sin(middle) * away)));
  return {
    centreMm,
    letteringMm,
    across: [1, 0, 0],
    up,
    normal,
    thicknessMm: PLATE_THICKNESS_MM,
    outlineMm,
    letteringHalfMm: spec.lettering.trim() ? [spec.plateWidthMm * 0.27, height * 0.13] : [0, 0],
    lettering: spec.lettering,
    upright: spec.upright,
    colour: spec.colour,
  };
}

function draw(spec: PlaqueSpec, cake: Cake): DrawnLine {
  const stand = standOn(cake, { ...spec, standMm: spec.upright ? spec.standMm : 0 });
  const plate = plateOf(spec, stand);
  const share = armShareFrom(spec.focal);
  const inset = Math.min(spec.widthMm * 0.8, Math.min(spec.plateWidthMm, spec.plateHeightMm) * 0.25);
  const angleAt = (s: number) => spec.fromRad + spec.sweepRad * clamp(s);
  const middle = (s: number): readonly [number, number] => {
    const r = plateReachMm(spec.outline === 'scalloped' ? { ...spec, outline: 'oval' } : spec, angleAt(s)) - inset;
    return [Math.cos(angleAt(s)) * r, Math.sin(angleAt(s)) * r];
  };
  const onPlate = (x: number, y: number): Vec3 => add(plate.centreMm, add(scale(plate.across, x), scale(plate.up, y)));
  const at = (s: number, sideMm: number): LineFrame => {
    const [x, y] = middle(s);
    const [px, py] = middle(s - 0.01);
    const [qx, qy] = middle(s + 0.01);
    const size = Math.hypot(qx - px, qy - py) || 1;
    const [ax, ay] = [(qx - px) / size, (qy - py) / size];
    const along = add(scale(plate.across, ax), scale(plate.up, ay));
    const toSide = add(scale(plate.across, -ay), scale(plate.up, ax));
    return { pointMm: onPlate(x - ay * sideMm, y + ax * sideMm), normal: plate.normal, along, toSide };
  };
  let lengthMm = 0;
  for (let i = 0; i < STEPS; i++) {
    const [px, py] = middle(i / STEPS);
    const [qx, qy] = middle((i + 1) / STEPS);
    lengthMm += Math.hypot(qx - px, qy - py);
  }
  return {
    kind: 'own',
    shape: 'open',
    stand,
    plate,
    lengthMm,
    halfWidthMm: (s) => taper(spec.widthMm, share(clamp(s))),
    riseMm: (s) => taper(spec.riseMm, share(clamp(s))),
    at,
  };
}

/** Where a plaque touches what bears it, from its place: its whole half when flat, its skewers when upright. */
const footMm = ({ plateWidthMm, upright }: PlaqueSpec): number =>
  upright ? (plateWidthMm / 2) * SKEWER_SHARE + STEM_FOOT_MM : plateWidthMm / 2;

/** Flowers lie along the plaque's rim and leave its lettering free; they are glued, not wired. */
export const plaque: LineKind<typeof schema> = {
  schema,
  plain: ({ top, topRadiusMm }) => ({
    form: 'plaque',
    tier: top,
    xMm: 0,
    yMm: 0,
    facesRad: FRONT_RAD,
    outline: 'oval',
    plateWidthMm: Math.min(150, topRadiusMm * 1.3),
    plateHeightMm: Math.min(100, topRadiusMm * 0.85),
    upright: true,
    standMm: 12,
    lettering: '',
    colour: '#f7f1e6',
    fromRad: Math.PI,
    sweepRad: Math.PI * 0.9,
    focal: 0.35,
    widthMm: Math.min(18, topRadiusMm * 0.16),
    riseMm: 10,
  }),
  draw: (spec, _skin, cake) => draw(spec, cake),
  // a round one has one measure, one that lies flat no stem
  fields: ({ outline, upright }) => [
    ...placeFields,
    mm({ key: 'plateWidthMm', name: 'plaque-wide', least: 20, most: 400 }),
    ...(outline === 'round' ? [] : [mm({ key: 'plateHeightMm', name: 'plaque-high', least: 15, most: 300 })]),
    ...(upright ? [standField] : []),
    degrees({ key: 'fromRad', name: 'flowers-begin', least: -180, most: 360 }),
    degrees({ key: 'sweepRad', name: 'flowers-round', least: 23, most: 360 }),
    focalField,
  ],
  grips: [placeGrip, facesGrip, standGrip, begins(['fromRad'], ['fromRad', 'sweepRad']), ends(['sweepRad']), focalGrip],
  limits: (spec, around) => onTopLimits(spec, footMm(spec), around),
  onTop: true,
  hold: 'glued',
  picture: { d: 'M16 8A10 6 0 1 0 36 8A10 6 0 1 0 16 8M21 14V18M31 14V18', dots: [[18, 11]] },
};
