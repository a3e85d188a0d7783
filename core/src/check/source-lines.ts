import {
  CLAIMS,
  FURNITURE,
  INGREDIENT_HEADS,
  KEEPS,
  METHOD_HEADS,
  OTHER_HEADS,
  SERVES,
  STORY,
  readLine,
  type Reading,
} from '../read';

export type LineRole = 'title' | 'ingredient' | 'step' | 'serves' | 'keeps' | 'claim' | 'heading' | 'chatter';

/** A line or a sentence of the source, and what it is. */
export interface SourceLine {
  readonly text: string;
  /** Offsets into the source, in UTF-16 units. */
  readonly start: number;
  readonly end: number;
  readonly role: LineRole;
  readonly reading: Reading | null;
}

/** A line that is longer is prose, and read sentence by sentence. */
const PROSE_FROM = 90;
/** An ingredient is told in so many letters at most. */
const LONGEST_INGREDIENT = 80;
/** So short a line that begins with an amount is one, whatever is done to it beforehand. */
const SHORT_INGREDIENT = 60;
const LONGEST_HEADING = 40;
const BULLET = /^\s*(?:[-*•·>#]+|\(?\d{1,2}[.)]|step \d+[:.]?)\s+/i;
const SENTENCE_END = /[.!?](?=\s+[A-Z"“(]|\s*$)/g;

interface Raw {
  readonly text: string;
  readonly start: number;
  readonly end: number;
}

/** Sentences of a line of prose, with their offsets. */
function sentencesOf({ text, start }: Raw): readonly Raw[] {
  if (text.length < PROSE_FROM && !/[.!?]\s+[A-Z]/.test(text)) return [{ text, start, end: start + text.length }];
  const found: Raw[] = [];
  let from = 0;
  for (const { index } of text.matchAll(SENTENCE_END)) {
    // The number of a step ends no sentence.
    if (/^\s*\(?\d{1,2}\.$/.test(text.slice(from, index + 1))) continue;
    found.push({ text: text.slice(from, index + 1), start: start + from, end: start + index + 1 });
    from = index + 1;
  }
  if (from < text.length) found.push({ text: text.slice(from), start: start + from, end: start + text.length });
  return found.filter((each) => each.text.trim() !== '');
}

/** The source as lines and sentences. */
function rawLines(source: string): readonly Raw[] {
  const lines: Raw[] = [];
  let at = 0;
  for (const text of source.split('\n')) {
    if (text.trim() !== '') lines.push(...sentencesOf({ text, start: at, end: at + text.length }));
    at += text.length + 1;
  }
  return lines;
}

type Section = 'none' | 'ingredients' | 'method' | 'other';

const startsWithOne = (text: string, heads: readonly string[]): boolean => {
  const plain = text
    .toLowerCase()
    .replace(/[^a-z ]/g, '')
    .trim();
  return heads.some((head) => plain === head || plain.startsWith(`${head} `));
};

/** The part of a recipe that a heading opens; nothing where the line is none. */
function sectionOf(text: string): Section | undefined {
  if (text.length > LONGEST_HEADING) return undefined;
  if (startsWithOne(text, OTHER_HEADS)) return 'other';
  if (startsWithOne(text, METHOD_HEADS)) return 'method';
  if (startsWithOne(text, INGREDIENT_HEADS)) return 'ingredients';
  return undefined;
}

const isStory = (text: string): boolean =>
  text
    .toLowerCase()
    .split(/[^a-z']+/)
    .some((word) => STORY.has(word));

/** Additions with an amount, and nothing done: a line of a list. */
function isListed({ reads }: Reading, text: string): boolean {
  const begins = /^(?:[\d½¼¾⅓⅔⅛]|(?:a|an|half|one|two|three|juice|peel|zest)\b)/i.test(text);
  if (begins && text.length <= SHORT_INGREDIENT && reads[0]?.verb === 'add' && reads[0].grams !== null) return true;
  const measured = reads.filter(({ grams, relative }) => grams !== null || relative !== null);
  if (reads.length === 0 || measured.length === 0 || reads.some(({ verb }) => verb !== 'add')) return false;
  return text.length <= LONGEST_INGREDIENT || measured.length > 1;
}

/** What a step begins with. */
const IMPERATIVE =
  /^(?:then |now |next |first,? )?(?:put|add|pour|mix|combine|stir|place|tip|drop|throw|set|bring|take)\b/i;

/** What is said of a drink that stands: how long it keeps, if the words are those. */
const KEPT = new Set(['store', 'infuse', 'rest', 'chill']);

/** What a line is, by its words and by where it stands. */
function roleOf(text: string, reading: Reading, section: Section): LineRole {
  if (section === 'other') return 'chatter';
  if (/\b(?:serves|makes) (?:about )?\d/i.test(text) && reading.steps.length === 0) return 'serves';
  if (FURNITURE.test(text)) return 'chatter';
  const listed = isListed(reading, text);
  if (listed && section !== 'method') return 'ingredient';
  if (SERVES.test(text) && /\d|\b(?:two|three|four|five|six|eight|ten|twelve)\b/i.test(text) && !listed)
    return 'serves';
  if (CLAIMS.test(text)) return 'claim';
  const acts = reading.reads.some(({ verb }) => verb !== 'add' && verb !== 'store');
  const stands = reading.reads.every(({ verb }) => KEPT.has(verb));
  if (KEEPS.test(text) && (!acts || stands)) return 'keeps';
  if (isStory(text) && !acts && !reading.reads.some(({ grams }) => grams !== null)) return 'chatter';
  if (reading.steps.length === 0) return 'chatter';
  if (acts || section === 'method' || IMPERATIVE.test(text)) return 'step';
  return section === 'ingredients' ? 'ingredient' : reading.confidence > 0.5 ? 'step' : 'chatter';
}

/**
 * A recipe as lines and sentences, each with what it is.
 *
 * @param source in plain text
 */
export function sourceLines(source: string): readonly SourceLine[] {
  let section: Section = 'none';
  let titled = false;
  return rawLines(source).map(({ text, start, end }): SourceLine => {
    const plain = text.replace(BULLET, '').trim();
    const head = sectionOf(plain);
    if (head !== undefined) {
      section = head;
      titled = true;
      return { text: plain, start, end, role: 'heading', reading: null };
    }
    const reading = readLine(plain);
    if (!titled && !FURNITURE.test(plain)) {
      // A title stands before everything else, and tells nobody to do anything.
      titled = true;
      if (!isListed(reading, plain) && !IMPERATIVE.test(plain) && plain.length < PROSE_FROM)
        return { text: plain, start, end, role: 'title', reading: null };
    }
    const role = roleOf(plain, reading, section);
    return { text: plain, start, end, role, reading: role === 'ingredient' || role === 'step' ? reading : null };
  });
}
