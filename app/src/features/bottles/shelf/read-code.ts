import jsQR from 'jsqr';

/** Longest side of what is looked at, px: a code in the hand is large enough at this. */
const MOST_px = 1000;

/** A picture, scaled down, as its pixels. */
function pixelsOf(picture: CanvasImageSource, width: number, height: number): ImageData | null {
  const scale = Math.min(1, MOST_px / Math.max(width, height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(width * scale));
  canvas.height = Math.max(1, Math.round(height * scale));
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return null;
  context.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return context.getImageData(0, 0, canvas.width, canvas.height);
}

/** What the code in a picture says; null where there is none in it. */
export function readCode(picture: CanvasImageSource, width: number, height: number): string | null {
  const pixels = pixelsOf(picture, width, height);
  return pixels ? (jsQR(pixels.data, pixels.width, pixels.height)?.data ?? null) : null;
}

/** What the code in a file says. */
export async function readCodeOf(file: Blob): Promise<string | null> {
  const picture = await createImageBitmap(file);
  try {
    return readCode(picture, picture.width, picture.height);
  } finally {
    picture.close();
  }
}

const BOTTLE = /\/bottles\/([0-9a-f]{8}-[0-9a-f-]{27})\b/;
/** The bottle whose page a code leads to; null for any other code. */
export const bottleOfCode = (code: string): string | null => BOTTLE.exec(code)?.[1] ?? null;
