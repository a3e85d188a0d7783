import { actionIn } from './action-words';
import type { LineOptions } from '../quantity';
import { chanceOf, type Doubt } from './chance';
import { NEGATIONS } from './en/actions';
import { NOTE_PIECES, NOTE_WORDS, TELLING_WORDS } from './en/noise';
import { LineFrames } from './line-frames';
import { piecesOf } from './pieces';
import type { OpenQuestion, Question, Reading } from './reading';
import { slotsOf } from './slots';
import { spelled } from './spelling';
import { tokensOf, type Token } from './tokens';
import { inVessels } from './vessels';

/** Spells every word as it is known. */
function corrected(tokens: readonly Token[]): { readonly tokens: readonly Token[]; readonly slips: number } {
  let slips = 0;
  const right = tokens.map((token) => {
    if (token.kind !== 'word') return token;
    const text = spelled(token.text);
    if (text === token.text) return token;
    slips += 1;
    return { ...token, text };
  });
  return { tokens: right, slips };
}

/** Words with which some saying begins that makes a note: a line without any of them is none. */
const firstWords = (sayings: readonly string[]): ReadonlySet<string> =>
  new Set(sayings.map((each) => each.split(' ')[0]!));
const NOTE_BEGINS = firstWords(NOTE_WORDS);
const ASIDE_BEGINS = firstWords(NOTE_PIECES);
const EQUATION = /^\s*\d+\s*[a-z]+\s*=/i;

/** Whether a line tells something that is no step. */
function isNote(line: string): boolean {
  if (EQUATION.test(line)) return true;
  const words = line.toLowerCase().match(/[a-z0-9']+/g) ?? [];
  if (!words.some((word) => NOTE_BEGINS.has(word))) return false;
  const plain = ` ${words.join(' ')} `;
  return NOTE_WORDS.some((each) => plain.includes(` ${each} `));
}

const NOT_SAID = new Set(['the', 'on', 'it', 'and']);

/** Whether a part of a line tells something that is no step: what is written on a label, when it is drunk. */
function isAside(tokens: readonly Token[]): boolean {
  const words = tokens.filter(({ kind }) => kind === 'word').map(({ text }) => text);
  const counts = tokens.some(({ kind, article }) => kind === 'number' && !article);
  const first = words.find((word) => !NOT_SAID.has(word));
  if (first !== undefined && TELLING_WORDS.has(first) && !counts) return true;
  if (!words.some((word) => ASIDE_BEGINS.has(word) || word === 'date')) return false;
  const plain = ` ${words.join(' ')} `;
  const bare = ` ${words.filter((word) => word !== 'the' && word !== 'its').join(' ')} `;
  const action = actionIn(tokens);
  // What is dictated goes on without a stop: "funnel it into bottles write the date on it".
  const acts = action !== undefined && !action.negated && !action.row.vague && !words.includes('before');
  if (!acts && NOTE_PIECES.some((said) => plain.includes(` ${said} `) || bare.includes(` ${said} `))) return true;
  return words.includes('date') && !counts && !acts;
}

/** The one question of a line: how many bottles it takes follows from what is made, so anything else is asked first. */
function questionOf({ frames }: LineFrames, open: readonly OpenQuestion[], text: string): Question | null {
  if (frames.length === 0) return { ask: `What is meant by “${text.trim()}”?`, choices: [] };
  const first = open.find(({ about }) => about !== 'bottles') ?? open[0];
  return first ? { ask: first.ask, choices: first.choices } : null;
}

/** A line of a kind that is no step is known by its words. */
const SURE_NOTE = 0.9;
/** Nobody writes a line as long as that: it is text of another kind. */
const LONGEST_LINE = 2000;

/** A line as it was read, and what speaks against it. */
export interface Understood {
  readonly reading: Reading;
  readonly doubt: Doubt;
}

const NO_DOUBT: Doubt = { steps: 0, unread: 0, slips: 0, asked: false, bare: false };
const note = (text: string, confidence: number, question: Question | null = null): Understood => ({
  reading: { text, steps: [], reads: [], confidence, question, open: [], note: true },
  doubt: NO_DOUBT,
});

/**
 * Reads a line as people write it: amounts, actions, times and places in free order, several in one line.
 *
 * @param text as typed
 * @param options spoons and the maker's own ingredients
 * @returns the steps it says, in figures; what must be asked; and how sure that is. A line that says nothing of a drink
 *   is a note. It never fails.
 */
export const readLine = (text: string, options: LineOptions = {}): Reading => understand(text, options).reading;

/** The same, with what speaks against it. */
export function understand(text: string, options: LineOptions = {}): Understood {
  if (text.trim() === '') {
    const { reading, doubt } = note(text, 1);
    return { reading: { ...reading, note: false }, doubt };
  }
  if (text.length > LONGEST_LINE)
    return note(text, 0, { ask: 'That is too long for a line. Say it in shorter ones.', choices: [] });
  if (isNote(text)) return note(text, SURE_NOTE);
  const { tokens: said, slips } = corrected(tokensOf(text));
  const { tokens, ask } = inVessels(said);
  const found = new LineFrames(options);
  const pieces = piecesOf(tokens);
  const told = pieces.filter((piece) => !isAside(piece.tokens));
  if (pieces.length > 0 && told.length === 0) return note(text, SURE_NOTE);
  for (const piece of told) {
    const [first] = piece.tokens;
    if (first && NEGATIONS.has(first.text)) {
      // "not over 60 degrees" is a limit of what is done; "don't squeeze" is nothing done.
      const { celsius } = slotsOf(piece.tokens);
      if (celsius !== undefined) found.limit(celsius);
      continue;
    }
    if (piece.corrects) found.takeBack();
    if (piece.instead) found.instead(piece.tokens);
    else found.read(piece.tokens);
  }
  found.settle();
  if (ask) found.ask(ask);
  const open = found.open();
  const question = questionOf(found, open, text);
  const doubt: Doubt = {
    steps: found.frames.length,
    unread: found.unread.length,
    slips,
    asked: question !== null,
    bare: found.bare,
  };
  const reading: Reading = {
    text,
    steps: found.steps(),
    reads: found.reads(),
    confidence: Number(chanceOf(doubt).toFixed(3)),
    question,
    open,
    note: found.frames.length === 0,
  };
  return { reading, doubt };
}
