import {
  INGREDIENT_HEADS,
  METHOD_HEADS,
  OTHER_HEADS,
  PART_HEAD,
  SERVING_HEADS,
  SERVING_LEAD,
  WHOLE_PARTS,
} from '../read';

/** Which part of a recipe lines stand in. */
export type Section = 'none' | 'ingredients' | 'method' | 'serving' | 'other';

/** Where a reader is in a recipe. */
export interface Place {
  readonly section: Section;
  /** A part that is made by itself, such as "gel"; null in the drink. */
  readonly part: string | null;
}

const LONGEST_HEADING = 40;

const plainOf = (text: string): string =>
  text
    .toLowerCase()
    .replace(/\([^)]*\)/g, ' ')
    .replace(/[^a-z ]/g, '')
    .replace(/\s+/g, ' ')
    .trim();

const SECTIONS: readonly (readonly [Section, readonly string[]])[] = [
  ['other', OTHER_HEADS],
  ['method', METHOD_HEADS],
  ['serving', SERVING_HEADS],
  ['ingredients', INGREDIENT_HEADS],
];

/** The part of a recipe that some words open, if they are a heading. */
export function headed(text: string, at: Place, parts: ReadonlySet<string>): Place | undefined {
  if (text.length > LONGEST_HEADING || /[.!?]\s*$/.test(text) || /^\s*\d/.test(text)) return undefined;
  const plain = plainOf(text);
  for (const [section, heads] of SECTIONS)
    if (heads.includes(plain) || (section === 'other' && heads.some((head) => plain.startsWith(`${head} `))))
      return { section, part: section === 'other' || section === 'serving' ? null : at.part };
  if (SERVING_LEAD.test(text.trim())) return { section: 'serving', part: null };
  const named = PART_HEAD.exec(text.trim())?.[1]?.trim().toLowerCase();
  if (named !== undefined) return { section: 'ingredients', part: WHOLE_PARTS.has(named) ? null : named };
  if (parts.has(plain)) return { section: 'method', part: plain };
  if (WHOLE_PARTS.has(plain) && /:\s*$/.test(text)) return { section: 'method', part: null };
  return undefined;
}

/** Words before a colon that may open a part of a recipe in the line itself. */
const PREFIX = /^\s*([A-Za-z][A-Za-z' ]{1,24}):\s+(?=\S)/;

/** "Gel: wash the moss": what stands before the colon, where it is a heading, and how long it is. */
export function prefixed(
  text: string,
  at: Place,
  parts: ReadonlySet<string>,
): { readonly place: Place; readonly head: string; readonly length: number } | undefined {
  const match = PREFIX.exec(text);
  if (!match) return undefined;
  const place = headed(`${match[1]!}:`, at, parts);
  return place && { place, head: match[1]!, length: match[0].length };
}
