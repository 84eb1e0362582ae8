/** Dots to the inch of a good print (common practice, no source). */
export const PRINT_DPI = 300;
const MM_PER_INCH = 25.4;

/** How many dots a side of a print has. */
export const dotsFor = (mm: number, dpi = PRINT_DPI): number => Math.round((mm / MM_PER_INCH) * dpi);

/** CRC-32 as PNG wants it (ISO/IEC 15948, annex D). */
function crc32(bytes: Uint8Array): number {
  let crc = 0xffffffff;
  for (const byte of bytes) {
    crc ^= byte;
    for (let bit = 0; bit < 8; bit++) crc = crc & 1 ? (crc >>> 1) ^ 0xedb88320 : crc >>> 1;
  }
  return (crc ^ 0xffffffff) >>> 0;
}

const SIGNATURE_AND_HEADER = 8 + 25;

/**
 * A PNG that says how large it is to be printed: a pHYs chunk, in dots to the metre, right after the header (ISO/IEC 15948,
 * 11.3.5.3). The picture itself is left as it is; bytes that are no PNG come back untouched.
 */
export function withPrintSize(png: Uint8Array, dpi = PRINT_DPI): Uint8Array<ArrayBuffer> {
  const isPng = png.length > SIGNATURE_AND_HEADER && png[0] === 0x89 && png[1] === 0x50;
  if (!isPng) return new Uint8Array(png);
  const chunk = new Uint8Array(21);
  const view = new DataView(chunk.buffer);
  const perMetre = Math.round((dpi / MM_PER_INCH) * 1000);
  view.setUint32(0, 9);
  chunk.set([0x70, 0x48, 0x59, 0x73], 4);
  view.setUint32(8, perMetre);
  view.setUint32(12, perMetre);
  chunk[16] = 1;
  view.setUint32(17, crc32(chunk.subarray(4, 17)));
  const out = new Uint8Array(png.length + chunk.length);
  out.set(png.subarray(0, SIGNATURE_AND_HEADER));
  out.set(chunk, SIGNATURE_AND_HEADER);
  out.set(png.subarray(SIGNATURE_AND_HEADER), SIGNATURE_AND_HEADER + chunk.length);
  return out;
}
