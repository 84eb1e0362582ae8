import { deflateSync } from 'node:zlib';
import { crc32 } from 'node:zlib';
import { dotsFor, PRINT_DPI, withPrintSize } from './pngPrint';

/** A grey PNG of one pixel, written chunk by chunk after ISO/IEC 15948. */
function onePixel(): Uint8Array {
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type, 'latin1'), data]);
    const length = Buffer.alloc(4);
    length.writeUInt32BE(data.length);
    const sum = Buffer.alloc(4);
    sum.writeUInt32BE(crc32(body));
    return Buffer.concat([length, body, sum]);
  };
  const header = Buffer.from([0, 0, 0, 1, 0, 0, 0, 1, 8, 0, 0, 0, 0]);
  const signature = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
  return Buffer.concat([
    signature,
    chunk('IHDR', header),
    chunk('IDAT', deflateSync(Buffer.from([0, 128]))),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

test('A4 at 300 dots to the inch is 2480 × 3508 dots (ISO 216; the figures that printers give)', () => {
  expect([dotsFor(210), dotsFor(297)]).toEqual([2480, 3508]);
});

test('the size chunk stands after the header, in dots to the metre, with a checksum that zlib agrees with', () => {
  const png = onePixel();
  const out = Buffer.from(withPrintSize(png));
  expect(out.subarray(0, 33)).toEqual(Buffer.from(png.subarray(0, 33)));
  expect(out.readUInt32BE(33)).toBe(9);
  expect(out.subarray(37, 41).toString('latin1')).toBe('pHYs');
  // 300 / 0.0254 m
  expect([out.readUInt32BE(41), out.readUInt32BE(45), out[49]]).toEqual([11811, 11811, 1]);
  expect(out.readUInt32BE(50)).toBe(crc32(out.subarray(37, 50)));
  expect(out.subarray(54)).toEqual(Buffer.from(png.subarray(33)));
  expect(PRINT_DPI).toBe(300);
});

test('what is no PNG comes back as it was', () => {
  const bytes = new Uint8Array(60).fill(7);
  expect(withPrintSize(bytes)).toEqual(bytes);
});
