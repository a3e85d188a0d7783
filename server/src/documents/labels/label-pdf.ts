import type { LabelPages } from '@wellhydra/contract';
import PDFDocument from 'pdfkit';
import { FONT_FILES } from './label-type';

const INK = '#0E2A2B';

/** Draws pages of labels as a PDF: each font once, however many labels there are. */
export async function labelsPdf({ pages }: LabelPages, title: string): Promise<Buffer> {
  const document = new PDFDocument({ autoFirstPage: false, margin: 0, info: { Title: title } });
  const chunks: Buffer[] = [];
  document.on('data', (chunk: Buffer) => chunks.push(chunk));
  const finished = new Promise<void>((resolve) => document.on('end', resolve));
  for (const [name, file] of Object.entries(FONT_FILES)) document.registerFont(name, file);
  for (const { width, height, texts, squares } of pages) {
    document.addPage({ size: [width, height], margin: 0 });
    for (const { x, y, width: across, height: down } of squares) document.rect(x, y, across, down);
    document.fill(INK);
    for (const { font, size, x, y, text } of texts)
      document.font(font).fontSize(size).text(text, x, y, { lineBreak: false });
  }
  document.end();
  await finished;
  return Buffer.concat(chunks);
}
