import { fileName, saveFile } from '../../../state/save-file';
import { fontRules } from '../../../ui/paper/own-letters';

/** The picture on the page as a file of its own, with its letters in it. */
async function svgText(svg: SVGSVGElement, width: number, height: number): Promise<string> {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  for (const each of ['style', 'class', 'id']) copy.removeAttribute(each);
  const style = document.createElementNS('http://www.w3.org/2000/svg', 'style');
  style.textContent = await fontRules();
  copy.prepend(style);
  return new XMLSerializer().serializeToString(copy);
}

/** Dots of a saved picture for each px, so that it is sharp on paper. */
const SHARPNESS = 2;

interface Saved {
  readonly svg: SVGSVGElement;
  readonly name: string;
  readonly width: number;
  readonly height: number;
}

/** Hands the picture over as SVG. */
export async function saveAsSvg({ svg, name, width, height }: Saved): Promise<void> {
  const text = await svgText(svg, width, height);
  saveFile(new Blob([text], { type: 'image/svg+xml' }), fileName(name, 'svg'));
}

/** Hands the picture over as PNG. @throws Error where the browser cannot draw it */
export async function saveAsPng({ svg, name, width, height }: Saved): Promise<void> {
  const drawn = new Image();
  drawn.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(await svgText(svg, width, height))}`;
  await drawn.decode();
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(width * SHARPNESS);
  canvas.height = Math.round(height * SHARPNESS);
  canvas.getContext('2d')!.drawImage(drawn, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (!blob) throw new Error('This browser cannot make a picture of it.');
  saveFile(blob, fileName(name, 'png'));
}
