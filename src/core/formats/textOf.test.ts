import { NoText, textOf } from './textOf';

// Unicode 15, 23.8: the byte order mark; what the platform's own encoder writes is the other side
describe('the text of a file', () => {
  const TEXT = 'name,count\r\nrosé “ruby”,1 ✿';
  const utf16 = (little: boolean, mark: boolean) => {
    const units = Array.from(`${mark ? '\ufeff' : ''}${TEXT}`, (c) => c.charCodeAt(0));
    const view = new DataView(new ArrayBuffer(units.length * 2));
    units.forEach((u, i) => view.setUint16(i * 2, u, little));
    return new Uint8Array(view.buffer);
  };
  test.each([
    ['UTF-8', new TextEncoder().encode(TEXT)],
    ['UTF-8 with its mark', new TextEncoder().encode(`\ufeff${TEXT}`)],
    ['UTF-16, the low byte first', utf16(true, true)],
    ['UTF-16, the high byte first', utf16(false, true)],
    ['UTF-16 without a mark', utf16(true, false)],
    ['UTF-16 without a mark, the high byte first', utf16(false, false)],
  ])('%s', (_, bytes) => expect(textOf(bytes)).toBe(TEXT));

  test('anything else is no text', () => {
    // “rosé” as one byte a letter, and a picture
    expect(() => textOf(new Uint8Array([0x72, 0x6f, 0x73, 0xe9]))).toThrow(NoText);
    expect(() => textOf(new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]))).toThrow(NoText);
    expect(textOf(new Uint8Array())).toBe('');
  });
});
