import { clamp, smoothstep } from '../../geometry/numbers';
import { clampChroma, formatHex, toLinear, toOklch } from './colourSpaces';
import type { LinearColour } from './mesh';

/** Colours of a petal: base to middle to tip, a rim, and what the innermost and outermost petals lean to. sRGB hex. */
export interface PetalPaint {
  base: string;
  mid: string;
  tip: string;
  rim?: string;
  rimShare?: number;
  inner?: string;
  innerShare?: number;
  outer?: string;
  outerShare?: number;
  stripe?: string;
  stripeShare?: number;
  stripeSpread?: number;
  /** where along the petal the middle colour is reached */
  midAt?: number;
}

const cache = new Map<string, LinearColour>();

/** sRGB hex to linear light; mid grey for anything that is not a colour. */
export function hexToLinear(hex: string): LinearColour {
  let found = cache.get(hex);
  if (!found) {
    const c = toLinear(hex) ?? { r: 0.2, g: 0.2, b: 0.2 };
    found = [c.r, c.g, c.b];
    cache.set(hex, found);
  }
  return found;
}

/** A colour made lighter or darker (share of lightness) and more or less colourful, in a perceptual space (OKLCH, Ottosson 2020). */
export function shade(hex: string, lightness: number, chroma = 1, hueDeg = 0): string {
  const c = toOklch(hex);
  if (!c) return hex;
  const l = clamp(lightness > 0 ? c.l + (1 - c.l) * lightness : c.l * (1 + lightness));
  return formatHex(clampChroma({ mode: 'oklch', l, c: c.c * chroma, h: (c.h ?? 0) + hueDeg }, 'oklch')) ?? hex;
}

/** Three values of one hue from its middle: deeper at the base, the hue itself, paler at the tip, and a pale rim. */
export function petalPaint(hue: string, extra: Partial<PetalPaint> = {}): PetalPaint {
  return {
    base: shade(hue, -0.2, 1.15),
    mid: hue,
    tip: shade(hue, 0.3, 0.85),
    rim: shade(hue, 0.62, 0.5),
    rimShare: 0.5,
    inner: shade(hue, -0.26, 1.15),
    innerShare: 0.55,
    outer: shade(hue, 0.3, 0.8),
    outerShare: 0.35,
    ...extra,
  };
}

const mix3 = (a: LinearColour, b: LinearColour, t: number): LinearColour => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];

/** Colour of a petal at (u, v); `ring` is 0 for the innermost petal and 1 for the outermost; `jitter` a small share. */
export function paintAt(p: PetalPaint, u: number, v: number, ring: number, jitter: number): LinearColour {
  const midAt = p.midAt ?? 0.35;
  let c =
    v < midAt
      ? mix3(hexToLinear(p.base), hexToLinear(p.mid), smoothstep(0, midAt, v))
      : mix3(hexToLinear(p.mid), hexToLinear(p.tip), smoothstep(midAt, 1, v));
  if (p.outer) c = mix3(c, hexToLinear(p.outer), ring * (p.outerShare ?? 0.35));
  if (p.inner) c = mix3(c, hexToLinear(p.inner), (1 - ring) ** 2 * (p.innerShare ?? 0.55));
  if (p.rim) {
    const edge = Math.max(smoothstep(0.8, 1, v), smoothstep(0.78, 1, Math.abs(u)) * smoothstep(0.15, 0.5, v));
    c = mix3(c, hexToLinear(p.rim), edge * (p.rimShare ?? 0.5));
  }
  if (p.stripe) {
    const line = Math.exp(-((u / (p.stripeSpread ?? 0.15)) ** 2)) * (1 - 0.8 * smoothstep(0.6, 1, v));
    c = mix3(c, hexToLinear(p.stripe), line * (p.stripeShare ?? 0.5));
  }
  const k = 1 + jitter;
  return [c[0] * k, c[1] * k, c[2] * k];
}

export const mixColours = mix3;
