import type { Photograph } from '@/core/formats/projectFile';
import { currentWords } from '../speech/useWords';
import { newId } from '../shared/newId';

/** Photographs are kept no larger than this. */
const MOST_PX = 1280;
const QUALITY = 0.8;

/** A picture file made small enough to keep, or why it cannot be. */
export async function photographOf(file: Blob): Promise<Photograph | { sentence: string }> {
  let picture: ImageBitmap;
  try {
    picture = await createImageBitmap(file);
  } catch {
    return { sentence: currentWords().label('log.this-file-no-picture-browser') };
  }
  const share = Math.min(1, MOST_PX / Math.max(picture.width, picture.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(picture.width * share));
  canvas.height = Math.max(1, Math.round(picture.height * share));
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height);
  const [, base64 = ''] = canvas.toDataURL('image/jpeg', QUALITY).split(',');
  return { id: newId(), type: 'image/jpeg', base64 };
}
