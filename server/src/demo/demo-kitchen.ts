import { createHash } from 'node:crypto';

/** The galley of an invented bird-ringing station; nobody and nothing in it is real. */
export const DEMO_KITCHEN = 'Skerry Light';
export const DEMO_MEMBERS = [
  { name: 'Ines', email: 'ines@skerry-light.example' },
  { name: 'Wilf', email: 'wilf@skerry-light.example' },
] as const;

/** An id that is the same at every start, so that the demo data can be told from what people add. */
export function demoId(name: string): string {
  const hex = createHash('sha256').update(`skerry-light/${name}`).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}
