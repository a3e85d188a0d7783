import { PHOTO_LIMITS } from '@wellhydra/contract/field-limits';

export type ShrinkAnswer = { readonly picture: string } | { readonly trouble: 'unreadable' };

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

/** So many bytes are turned into signs at once: more are too many arguments. */
const AT_ONCE = 8192;

/** A picture as text, `data:image/jpeg;base64,…`: so it waits to be sent like everything else. */
async function asText(blob: Blob): Promise<string> {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let signs = '';
  for (let at = 0; at < bytes.length; at += AT_ONCE) signs += String.fromCharCode(...bytes.subarray(at, at + AT_ONCE));
  return `data:${blob.type};base64,${btoa(signs)}`;
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
  return { picture: await asText(await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY })) };
}
