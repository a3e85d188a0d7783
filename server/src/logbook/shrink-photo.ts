import { PHOTO_LIMITS } from '@wellhydra/contract';
import sharp from 'sharp';
import { Problem } from '../problem';

/** A picture of more than this is refused before it is unpacked: a small file can be a wall of pixels. */
const MOST_PIXELS = 80_000_000;
const QUALITY = { picture: 82, thumbnail: 72 } as const;

export interface ShrunkPhoto {
  readonly width: number;
  readonly height: number;
  readonly picture: Buffer;
  readonly thumbnail: Buffer;
}

/**
 * A photo as it is kept: upright, no larger than is shown, JPEG, and without anything that a camera writes beside it
 * (place, time, device). It is unpacked and packed anew in threads of their own.
 *
 * @throws Problem for what is no picture
 */
export async function shrinkPhoto(bytes: Buffer): Promise<ShrunkPhoto> {
  const jpeg = (side: number, quality: number) =>
    sharp(bytes, { limitInputPixels: MOST_PIXELS, animated: false, failOn: 'error' })
      .rotate()
      .resize({ width: side, height: side, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#ffffff' })
      .jpeg({ quality, mozjpeg: true })
      .toBuffer({ resolveWithObject: true });
  try {
    const picture = await jpeg(PHOTO_LIMITS.side_px, QUALITY.picture);
    const thumbnail = await jpeg(PHOTO_LIMITS.thumbnail_px, QUALITY.thumbnail);
    const { width, height } = picture.info;
    return { width, height, picture: picture.data, thumbnail: thumbnail.data };
  } catch {
    throw new Problem('invalid-request', undefined, 'This is no picture that can be read. Take a JPEG, PNG or WebP.');
  }
}
