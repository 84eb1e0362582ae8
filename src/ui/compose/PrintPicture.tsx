import { useThree } from '@react-three/fiber';
import { useImperativeHandle, type RefObject } from 'react';
import { dotsFor, withPrintSize } from '@/core/formats/pngPrint';

/** The longer side of the picture on paper, mm: that of A4. */
const LONG_SIDE_MM = 297;
/** Marks in the picture that are not of the cake carry this name and are left out. */
export const MARKS = 'marks';

export interface PrintHandle {
  /** what the turntable shows, without its marks, as a PNG of print size on white */
  picture(): Promise<Uint8Array<ArrayBuffer>>;
}

/** Draws once at the size of a print, as large as the graphics allow, and puts everything back as it was. */
export function PrintPicture({ handle }: { handle: RefObject<PrintHandle | null> }) {
  const { gl, scene, size, advance, invalidate } = useThree();
  useImperativeHandle(handle, () => ({
    async picture() {
      const before = gl.getPixelRatio();
      const long = Math.max(size.width, size.height);
      const ratio = Math.min(dotsFor(LONG_SIDE_MM), gl.capabilities.maxTextureSize) / long;
      const marks = scene.getObjectByName(MARKS);
      if (marks) marks.visible = false;
      gl.setPixelRatio(ratio);
      advance(performance.now());
      const sheet = document.createElement('canvas');
      [sheet.width, sheet.height] = [gl.domElement.width, gl.domElement.height];
      const pen = sheet.getContext('2d')!;
      pen.fillStyle = '#ffffff';
      pen.fillRect(0, 0, sheet.width, sheet.height);
      pen.drawImage(gl.domElement, 0, 0);
      if (marks) marks.visible = true;
      gl.setPixelRatio(before);
      invalidate();
      const png = await new Promise<Blob>((done, fail) =>
        sheet.toBlob((blob) => (blob ? done(blob) : fail(new Error('The picture could not be written.'))), 'image/png'),
      );
      return withPrintSize(new Uint8Array(await png.arrayBuffer()), (Math.max(sheet.width, sheet.height) / LONG_SIDE_MM) * 25.4);
    },
  }));
  return null;
}
