import {
  clampChroma,
  converter,
  differenceCiede2000,
  formatHex,
  modeLab65,
  modeLch65,
  modeLrgb,
  modeOklab,
  modeOklch,
  modeRgb,
  modeXyz65,
  toGamut,
  useMode as registerSpace,
} from 'culori/fn';

/** The colour spaces that are reckoned in, and no others of the library: what is not named here is not loaded. */
for (const space of [modeRgb, modeLrgb, modeXyz65, modeLab65, modeLch65, modeOklab, modeOklch])
  registerSpace(space as typeof modeRgb);

export { clampChroma, formatHex };
export const toLinear = converter('lrgb');
export const toOklch = converter('oklch');
export const toLch65 = converter('lch65');
/** CIEDE2000; the library reckons it in CIELAB under D65. */
export const deltaE2000 = differenceCiede2000();
export const inSrgb = toGamut('rgb', 'oklch');
