import { FURNITURE, SERVING_LEAD, readLine, type Reading, IMPERATIVE } from '../read';
import { headed, prefixed, type Place } from './headings';
import { wideRules, type WideRules } from './recipe-wide';
import { isListed, roleOf, type LineRole } from './roles';
import { sentencesOf } from './sentences';
import { readSource } from './source/read-source';
import type { SourceText } from './source/source-text';

/** A line or a sentence of the source, and what it is. */
export interface SourceLine extends SourceText {
  readonly role: LineRole;
  readonly reading: Reading | null;
  readonly place: Place;
}

/** A title is no longer than that. */
const LONGEST_TITLE = 90;
const BULLET = /^\s*(?:[-*•·>#]+|\(?\d{1,2}[.)]|\(?[a-h]\)|(?:step|day) \d+ ?[-:.–]?)\s+/i;

/** A sentence about the glass without the words that say so; an amount in them stays. */
const withoutLead = (text: string): string =>
  text.replace(SERVING_LEAD, (lead) => (/^(?:pour|adult|grown)|\d/i.test(lead) && !/^1 /.test(lead) ? lead : ''));

/** Walks through a recipe line by line, and keeps where it is. */
class Walk {
  readonly lines: SourceLine[] = [];
  private place: Place = { section: 'none', part: null };
  private titled = false;
  private readonly parts = new Set<string>();

  constructor(private readonly wide: WideRules) {}

  /** A line of the source, which may be several sentences; what follows it is blank or not. */
  line(line: SourceText, alone: boolean): void {
    if (!this.titled && alone && this.title(line)) return;
    const marked = /\*\*|__/.test(line.text) ? { ...line, text: line.text.replace(/\*\*|__/g, '') } : line;
    sentencesOf(marked).forEach((sentence) => this.sentence(sentence));
  }

  private push({ start, end }: SourceText, text: string, role: LineRole, reading: Reading | null): void {
    this.lines.push({ text, start, end, role, reading, place: this.place });
  }

  /** What stands alone at the top, begins with no amount and tells nobody to do anything. */
  private title(line: SourceText): boolean {
    const text = line.text.replace(/^[\s#*]+|[\s*]+$/g, '');
    if (text.length > LONGEST_TITLE || FURNITURE.test(text) || IMPERATIVE.test(text) || /^[\d½¼¾]/.test(text))
      return false;
    if (headed(text, this.place, this.parts)) return false;
    this.titled = true;
    this.push(line, text, 'title', null);
    return true;
  }

  private open(place: Place): void {
    this.place = place;
    this.titled = true;
    if (place.part !== null) this.parts.add(place.part);
  }

  private sentence(sentence: SourceText): void {
    let plain = sentence.text.replace(BULLET, '').trim();
    if (/^[\d.)( ]*$/.test(plain)) return;
    const head = headed(plain, this.place, this.parts);
    if (head) {
      this.open(head);
      return this.push(sentence, plain, 'heading', null);
    }
    const inLine = prefixed(plain, this.place, this.parts);
    if (inLine) {
      this.open(inLine.place);
      this.push(sentence, inLine.head, 'heading', null);
      plain = plain.slice(inLine.length).replace(BULLET, '').trim();
    }
    // Where it goes is said first: what is put there follows.
    const reading = readLine(this.wide.says(withoutLead(plain)));
    if (!this.titled && !FURNITURE.test(plain)) {
      this.titled = true;
      if (!isListed(reading, plain) && !IMPERATIVE.test(plain) && plain.length < LONGEST_TITLE)
        return this.push(sentence, plain, 'title', null);
    }
    const role = roleOf(plain, reading, this.place.section);
    const kept = role === 'ingredient' || role === 'step' || role === 'keeps';
    this.push(sentence, plain, role, kept ? reading : null);
  }
}

/**
 * A recipe as lines and sentences, each with what it is.
 *
 * @param source plain text, Markdown, a table, JSON-LD or a saved page
 */
export function sourceLines(source: string): readonly SourceLine[] {
  const texts = readSource(source);
  const wide = wideRules(texts.map(({ text }) => text));
  const walk = new Walk(wide);
  texts.forEach((line, at) => {
    if (line.text.trim() === '') return;
    walk.line(line, (texts[at + 1]?.text ?? 'x').trim() === '' || at === 0);
  });
  return walk.lines;
}
