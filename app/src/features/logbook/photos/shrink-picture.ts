import { PHOTO_LIMITS } from '@wellhydra/contract/field-limits';

export type ShrinkAnswer = { readonly blob: Blob } | { readonly trouble: 'unreadable' };

const QUALITY = 0.85;

/** How large a picture is drawn so that its longer side fits. */
export function fitted(
  width: number,
  height: number,
  side: number,
): { readonly width: number; readonly height: number } {
  const share = Math.min(1, side / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * share)), height: Math.max(1, Math.round(height * share)) };
}

/** A picture drawn anew, no larger than it is kept: nothing that the camera wrote beside it comes along. */
export async function shrinkPicture(file: Blob): Promise<ShrinkAnswer> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (!picture) return { trouble: 'unreadable' };
  const { width, height } = fitted(picture.width, picture.height, PHOTO_LIMITS.side_px);
  const canvas = new OffscreenCanvas(width, height);
  const pen = canvas.getContext('2d');
  if (!pen) return { trouble: 'unreadable' };
  pen.drawImage(picture, 0, 0, width, height);
  picture.close();
  return { blob: await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY }) };
}
