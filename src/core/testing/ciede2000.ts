/**
 * CIEDE2000 written out step by step, with k_L = k_C = k_H = 1: G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 color-difference
 * formula: implementation notes, supplementary test data, and mathematical observations", 2005. For tests, beside the library.
 */
export function ciede2000(hexA: string, hexB: string): number {
  return deltaE00(labOf(hexA), labOf(hexB));
}

type Lab = readonly [l: number, a: number, b: number];

/** sRGB (IEC 61966-2-1) to CIE L*a*b* with the D65 white of that standard. */
function labOf(hex: string): Lab {
  const [r, g, b] = [1, 3, 5].map((i) => {
    const c = parseInt(hex.slice(i, i + 2), 16) / 255;
    return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  const x = (0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047;
  const y = 0.2126729 * r + 0.7151522 * g + 0.072175 * b;
  const z = (0.0193339 * r + 0.119192 * g + 0.9503041 * b) / 1.08883;
  const f = (t: number) => (t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116);
  return [116 * f(y) - 16, 500 * (f(x) - f(y)), 200 * (f(y) - f(z))];
}

export function deltaE00([l1, a1, b1]: Lab, [l2, a2, b2]: Lab): number {
  const rad = Math.PI / 180;
  const c7 = (((Math.hypot(a1, b1) + Math.hypot(a2, b2)) / 2) ** 7) as number;
  const g = 0.5 * (1 - Math.sqrt(c7 / (c7 + 25 ** 7)));
  const [p1, p2] = [(1 + g) * a1, (1 + g) * a2];
  const [c1, c2] = [Math.hypot(p1, b1), Math.hypot(p2, b2)];
  const angle = (b: number, a: number) => (a === 0 && b === 0 ? 0 : (Math.atan2(b, a) / rad + 360) % 360);
  const [h1, h2] = [angle(b1, p1), angle(b2, p2)];
  let dh = h2 - h1;
  if (c1 * c2 === 0) dh = 0;
  else if (dh > 180) dh -= 360;
  else if (dh < -180) dh += 360;
  const dH = 2 * Math.sqrt(c1 * c2) * Math.sin((dh / 2) * rad);
  const [l, c] = [(l1 + l2) / 2, (c1 + c2) / 2];
  let h = h1 + h2;
  if (c1 * c2 !== 0) {
    if (Math.abs(h1 - h2) > 180) h += h1 + h2 < 360 ? 360 : -360;
    h /= 2;
  }
  const t =
    1 -
    0.17 * Math.cos((h - 30) * rad) +
    0.24 * Math.cos(2 * h * rad) +
    0.32 * Math.cos((3 * h + 6) * rad) -
    0.2 * Math.cos((4 * h - 63) * rad);
  const sl = 1 + (0.015 * (l - 50) ** 2) / Math.sqrt(20 + (l - 50) ** 2);
  const sc = 1 + 0.045 * c;
  const sh = 1 + 0.015 * c * t;
  const rc = 2 * Math.sqrt(c ** 7 / (c ** 7 + 25 ** 7));
  const rt = -rc * Math.sin(60 * Math.exp(-(((h - 275) / 25) ** 2)) * rad);
  const [dl, dc, dhh] = [(l2 - l1) / sl, (c2 - c1) / sc, dH / sh];
  return Math.sqrt(dl * dl + dc * dc + dhh * dhh + rt * dc * dhh);
}
