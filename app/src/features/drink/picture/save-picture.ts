import { saveFile } from '../../../state/save-file';

/** Letters as they are on the page; a picture that is opened elsewhere brings them along. */
const FONTS = [
  ['Bricolage Grotesque', 700, '/fonts/bricolage-grotesque-700.woff2'],
  ['Atkinson Hyperlegible Next', 400, '/fonts/atkinson-hyperlegible-next-400.woff2'],
] as const;

async function dataAddress(blob: Blob): Promise<string> {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(String(reader.result));
    reader.onerror = () => reject(reader.error ?? new Error('The file cannot be read.'));
    reader.readAsDataURL(blob);
  });
}

/** The faces as rules; without a network and a stored copy the picture has the letters of whoever opens it. */
async function fontRules(): Promise<string> {
  const rules = FONTS.map(async ([family, weight, address]) => {
    const answer = await fetch(address).catch(() => null);
    if (!answer?.ok) return '';
    const source = await dataAddress(await answer.blob());
    return `@font-face{font-family:'${family}';font-weight:${weight};src:url(${source}) format('woff2')}`;
  });
  return (await Promise.all(rules)).join('');
}

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

/** A file name out of the name of a drink. */
export const fileName = (name: string, ending: 'svg' | 'png'): string =>
  `${
    name
      .normalize('NFKD')
      .replace(/\p{M}/gu, '')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 60) || 'drink'
  }.${ending}`;

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
