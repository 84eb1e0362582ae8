import { clamp, degToRad, lerp, smoothstep, TAU } from '../../geometry/numbers';
import type { Vec3 } from '../../geometry/vec3';

/**
 * One petal, sepal or leaf blade as a sheet: across u −1…1, along v 0 (base) …1 (tip). Lengths in head radii, angles in
 * degrees from the head's axis. The study of shapes behind it is the project's own.
 */
export interface PetalShape {
  length: number;
  halfWidth: number;
  /** distance of the base from the axis, and its height along it */
  offset: number;
  rise: number;
  /** angle of the midrib to the axis at the base, what it gains to the tip, and a roll in the last stretch */
  open: number;
  curl: number;
  rimRoll: number;
  rimAt: number;
  /** transverse cup at base and tip; wrap 1 follows a circle round the axis, which nests petals into a bud */
  cup: number;
  cupTip: number;
  wrap: number;
  /** one edge in, one edge out, so that neighbours overlap; sides rolled back */
  skew: number;
  sideRoll: number;
  /** outline: where it is fullest, width of base and tip, how round the tip */
  fullest: number;
  baseWidth: number;
  tipWidth: number;
  tipPower: number;
  tipDrop: number;
  notch: number;
  notchSpread: number;
  point: number;
  /** lobes along each side, and how deep the bays between them cut in, as a share of the half-width */
  lobes: number;
  lobeDepth: number;
  teeth: number;
  toothCount: number;
  /** relief */
  ruffle: number;
  ruffleCycles: number;
  ruffleFrom: number;
  crease: number;
  creaseSpread: number;
  twist: number;
  bend: number;
  serration: number;
  serrationCount: number;
}

export const PLAIN_PETAL: PetalShape = {
  length: 1,
  halfWidth: 0.5,
  offset: 0,
  rise: 0,
  open: 60,
  curl: 0,
  rimRoll: 0,
  rimAt: 0.7,
  cup: 20,
  cupTip: NaN,
  wrap: 0,
  skew: 0,
  sideRoll: 0,
  fullest: 0.62,
  baseWidth: 0.25,
  tipWidth: 0.7,
  tipPower: 2,
  tipDrop: 0.22,
  notch: 0,
  notchSpread: 0.22,
  point: 0,
  lobes: 0,
  lobeDepth: 0,
  teeth: 0,
  toothCount: 3,
  ruffle: 0,
  ruffleCycles: 3,
  ruffleFrom: 0.55,
  crease: 0,
  creaseSpread: 0.16,
  twist: 0,
  bend: 0,
  serration: 0,
  serrationCount: 0,
};

export const petal = (shape: Partial<PetalShape>): PetalShape => {
  const whole = { ...PLAIN_PETAL, ...shape };
  return Number.isNaN(whole.cupTip) ? { ...whole, cupTip: whole.cup } : whole;
};

/** Half-width at v as a share of the fullest, 0…1. */
export function outlineShare(p: PetalShape, v: number): number {
  const full = clamp(p.fullest, 0.02, 0.98);
  const bay = p.lobes ? 1 - p.lobeDepth * ((1 - Math.cos(TAU * p.lobes * v)) / 2) ** 2 : 1;
  if (v < full) return bay * (p.baseWidth + (1 - p.baseWidth) * Math.sin((Math.PI / 2) * (v / full)));
  const t = (v - full) / (1 - full);
  const pointed = p.tipWidth < 0.05;
  return bay * (p.tipWidth + (1 - p.tipWidth) * Math.pow(Math.max(0, 1 - Math.pow(t, p.tipPower)), pointed ? 0.85 : 0.5));
}

/** How far the tip edge stands back at u: round, notched, pointed or toothed, as a share of the length. */
function tipEdge(p: PetalShape, u: number): number {
  const a = Math.abs(u);
  let edge = 1 - p.tipDrop * Math.pow(a, 2.2) - p.notch * Math.exp(-((u / p.notchSpread) ** 2)) + p.point * Math.exp(-a / 0.2);
  if (p.teeth) {
    const phase = p.toothCount % 2 ? 0 : Math.PI / 2;
    edge += p.teeth * (Math.abs(Math.cos(p.toothCount * Math.PI * 0.5 * u + phase)) - 0.5);
  }
  return edge;
}

const midribRad = (p: PetalShape, s: number): number => degToRad(p.open + p.curl * s + p.rimRoll * smoothstep(p.rimAt, 1.08, s));

/** A point of the sheet as [across, outward from the axis, along the axis]. `phase` shifts the ruffle. */
export function petalPoint(p: PetalShape, u: number, v: number, phase: number): Vec3 {
  const vv = clamp(v);
  const s = Math.max(0, v * lerp(1, tipEdge(p, u), vv * vv));
  let outward = 0;
  let axial = 0;
  for (let i = 0; i < 8; i++) {
    const phi = midribRad(p, (s * (i + 0.5)) / 8);
    outward += Math.sin(phi) / 8;
    axial += Math.cos(phi) / 8;
  }
  outward *= p.length * s;
  axial *= p.length * s;
  const phi = midribRad(p, s);
  const halfWidth = Math.max(p.halfWidth * outlineShare(p, vv) * serrationShare(p, u, vv), p.halfWidth * 0.012);
  const bow = bowAngle(p, vv, halfWidth, phi, outward);
  const straight = Math.abs(bow) < 1e-3;
  let across = straight ? halfWidth * u : (halfWidth * Math.sin(bow * u)) / bow;
  let height = straight ? 0 : (halfWidth * (1 - Math.cos(bow * u))) / bow;
  height += relief(p, u, v, vv, halfWidth, phase);
  if (p.twist) {
    const a = degToRad(p.twist) * vv;
    [across, height] = [across * Math.cos(a) - height * Math.sin(a), across * Math.sin(a) + height * Math.cos(a)];
  }
  across += p.bend * p.length * vv * vv;
  return [across, p.offset + outward - height * Math.cos(phi), p.rise + axial + height * Math.sin(phi)];
}

function serrationShare(p: PetalShape, u: number, v: number): number {
  if (!p.serrationCount) return 1;
  const x = v * p.serrationCount;
  return 1 - p.serration * (1 - (x - Math.floor(x))) * u * u * smoothstep(0, 0.12, v);
}

/** The half angle that the cross-section turns through; arc length across stays the same. */
function bowAngle(p: PetalShape, v: number, halfWidth: number, phi: number, outward: number): number {
  const cup = degToRad(lerp(p.cup, p.cupTip, v));
  if (!p.wrap) return cup;
  const fromAxis = Math.max(0.05, p.offset + outward);
  const curvature = lerp(cup / halfWidth, Math.max(0, Math.cos(phi)) / fromAxis, p.wrap);
  return clamp(curvature * halfWidth, -2.9, 2.9);
}

/** Height along the inner normal from ruffle, side roll, skew and the midrib's crease. */
function relief(p: PetalShape, u: number, v: number, vv: number, halfWidth: number, phase: number): number {
  const a = Math.abs(u);
  let height = 0;
  if (p.ruffle) {
    const margin = Math.max(smoothstep(p.ruffleFrom, 1, v), smoothstep(0.55, 1, a) * smoothstep(0.25, 0.7, v));
    const q = u * Math.PI * p.ruffleCycles + phase;
    const drift = (v - 1) * 5;
    height += p.ruffle * p.length * margin * (Math.sin(q + drift) * 0.7 + 0.3 * Math.sin(q * 1.9 + phase * 3.1 + drift * 1.4));
  }
  if (p.sideRoll) height -= p.sideRoll * halfWidth * Math.pow(smoothstep(0.55, 1, a), 1.4) * smoothstep(0.3, 0.85, v);
  if (p.skew) height += p.skew * halfWidth * u * smoothstep(0, 0.4, v);
  if (p.crease) {
    height -= p.crease * p.length * Math.exp(-((u / p.creaseSpread) ** 2)) * Math.sin(Math.PI * Math.min(1, vv * 0.9 + 0.1));
  }
  return height;
}

/** Area of one face of the sheet in head radii squared, by quadrature of its outline. */
export function petalArea(p: PetalShape): number {
  let area = 0;
  const n = 60;
  for (let i = 0; i < n; i++) area += (2 * p.halfWidth * outlineShare(p, (i + 0.5) / n) * p.length) / n;
  return area * (1 - 0.35 * p.tipDrop);
}

const NUMBERS = Object.keys(PLAIN_PETAL) as (keyof PetalShape)[];

/** Every measure of a and b mixed. */
export function mixPetals(a: PetalShape, b: PetalShape, t: number): PetalShape {
  const mixed = { ...a };
  for (const key of NUMBERS) mixed[key] = lerp(a[key], b[key], t);
  return mixed;
}
