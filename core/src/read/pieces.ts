import { actionIn } from './action-words';
import { ADJECTIVES, BREAK_WORDS, CORRECTIONS, PARTICLES, PREPOSITIONS } from './en/connectives';
import { LOOSE_MEASURES, PIECE_GRAMS, PIECE_WORDS, SIZE_WORDS } from './en/measures';
import { COURTESY, CUTS, FORM_WORDS, HEAPS, TRIMMED } from './en/noise';
import { ABOUT } from './en/numbers';
import { FILLED, FULL, HOLDS, VESSELS } from './en/vessels';
import { phraseMemo } from './phrase-memo';
import { preparedIn } from './prepared';
import { normaliseName } from '../catalogue';
import { rowOf } from '../lookup';
import { nameIn } from './names';
import { isUnit } from './units';
import { signToken, wordToken, type Token } from './tokens';

/** A phrase of a line: what stands between two connectives. */
export interface Piece {
  readonly tokens: readonly Token[];
  /** It takes back the thing named before it: "no, wait". */
  readonly corrects: boolean;
  /** It is another way to do what was said before: "or". */
  readonly instead: boolean;
}

const BREAKS = new Set([',', ';', '.', '...', '(', ')', '!', '?', ':', '+', '&']);
const NOT_SPLIT_BEFORE = new Set(['another', 'fresh', 'lid', 'a', 'the']);

const wordsOf = (tokens: readonly Token[]) => tokens.filter(({ kind }) => kind === 'word').map(({ text }) => text);
const ANY_STATE = ['fresh', 'dried', 'ground'];
/** The date of a label is no fruit. */
const LABEL_WORD = 'date';
const hasName = phraseMemo((tokens): boolean => {
  const words = wordsOf(tokens).filter((word) => word !== LABEL_WORD);
  return nameIn(words, ANY_STATE) !== undefined;
});
const hasAmount = (tokens: readonly Token[]): boolean =>
  tokens.some(({ kind, article }) => kind === 'number' && !article);

const ENDS = new Set(['and', 'then', ',', ';', '.', '(']);

/** "lift the pods out", "drop the cloves in": the small word is brought to its verb. */
function withParticles(tokens: readonly Token[]): readonly Token[] {
  const at = tokens.findIndex(({ text }) => Object.hasOwn(PARTICLES, text));
  if (at < 0) return tokens;
  const particle = PARTICLES[tokens[at]!.text]!;
  const out = tokens.findIndex(
    ({ text }, index) =>
      index > at + 1 && text === particle && (particle === 'out' || ENDS.has(tokens[index + 1]?.text ?? ',')),
  );
  if (out < 0) return tokens;
  const moved = tokens.filter((_, index) => index !== out);
  return [...moved.slice(0, at + 1), tokens[out]!, ...moved.slice(at + 1)];
}

interface Raw {
  readonly tokens: Token[];
  readonly instead: boolean;
  /** It stands in brackets. */
  readonly aside: boolean;
}

/** Whether a word between two things parts them: "a pinch of salt in a litre of water". */
function partsThings(before: readonly Token[], after: readonly Token[], bare = false): boolean {
  if (!bare && !before.some(({ kind }) => kind === 'number')) return false;
  const next = after.slice(0, 6);
  // What costs least is asked first: most phrases hold no second number.
  if (!next.some(({ kind }) => kind === 'number')) return false;
  return (hasName(before) || preparedIn(before) !== undefined) && (bare ? countsName(next) : hasName(next));
}

/** "The juice of the 2 oranges": a number that stands before a thing. */
function countsName(tokens: readonly Token[]): boolean {
  const at = tokens.findIndex(({ kind, article }) => kind === 'number' && !article);
  return at >= 0 && !hasName(tokens.slice(0, at)) && hasName(tokens.slice(at));
}

/** "A clean, heat-safe jar": the comma parts no phrases. */
const isAdjective = (token: Token | undefined): boolean => token !== undefined && ADJECTIVES.has(token.text);

/** Whether what follows is only where it goes: a vessel, with its size. */
function isVessel(before: readonly Token[], after: readonly Token[]): boolean {
  const next = after.slice(0, 7);
  const vessel = next.findIndex(({ text }) => VESSELS.has(text));
  return vessel >= 0 && hasName(before) && !actsOnly(before) && hasAmount(next.slice(0, vessel));
}
const actsOnly = (tokens: readonly Token[]): boolean =>
  actionIn(tokens)?.row.adds === undefined && actionIn(tokens) !== undefined;

/** Whether a number begins another thing: "2 lemons 1 L water". */
function beginsThing(before: readonly Token[], tokens: readonly Token[], at: number): boolean {
  const token = tokens[at]!;
  const next = tokens[at + 1];
  const measured = token.article && next !== undefined && isUnit(next.text) && tokens[at + 2]?.text === 'of';
  if (token.kind !== 'number' || (token.article && !measured) || !next || next.kind !== 'word') return false;
  if (!hasAmount(before) || !hasName(before) || actionIn(before)) return false;
  return hasName(tokens.slice(at + 1, at + 4)) && before.at(-1)!.text !== '×';
}

function split(tokens: readonly Token[]): readonly Raw[] {
  let aside = false;
  const raw: Raw[] = [{ tokens: [], instead: false, aside }];
  const open = (instead = false, first?: Token) => raw.push({ tokens: first ? [first] : [], instead, aside });
  tokens.forEach((token, at) => {
    const before = raw.at(-1)!.tokens;
    const after = tokens.slice(at + 1);
    if (token.text === '(' || token.text === ')') aside = token.text === '(';
    if (token.text === ',' && isAdjective(before.at(-1)) && after[0]?.kind === 'word' && !actionIn(after.slice(0, 1)))
      return;
    if (token.kind === 'sign' && BREAKS.has(token.text)) return void open();
    if (token.kind === 'word') {
      if (token.text === 'or') return void open(true);
      if (token.text === 'with' && after[0] && NOT_SPLIT_BEFORE.has(after[0].text) && !partsThings(before, after, true))
        return void before.push(token);
      if (BREAK_WORDS.has(token.text))
        return void open(false, token.text === 'after' || token.text === 'while' ? token : undefined);
      if (PREPOSITIONS.has(token.text) && !before.some(({ text }) => text === 'soak')) {
        if (partsThings(before, after)) return void open();
        // "the salt in the 5 litre jug": what is measured there is not the salt.
        if (isVessel(before, after)) return void open(false, token);
      }
    }
    if (beginsThing(before, tokens, at)) return void open(false, token);
    before.push(token);
  });
  return raw;
}

const OF = wordToken('of');
const PREFIX = new Set(['zest', 'peel', 'rind', 'juice', 'skin']);

/** "2 lemons, zest and juice": the parts of the thing before them, which itself does not go in. */
function partsOfOne(pieces: readonly Raw[]): readonly Raw[] {
  let whole: readonly Token[] | undefined;
  return pieces.flatMap((piece, index): readonly Raw[] => {
    const part = partAlone(piece);
    if (part && whole) return [{ ...piece, tokens: [...piece.tokens, OF, ...whole] }];
    whole = undefined;
    const next = pieces[index + 1];
    if (!next || !partAlone(next)) return [piece];
    if (!hasAmount(piece.tokens) || !hasName(piece.tokens) || actionIn(piece.tokens)) return [piece];
    whole = piece.tokens;
    return [];
  });
}
const partAlone = ({ tokens }: Raw): boolean => tokens.length === 1 && PREFIX.has(tokens[0]!.text);

/** "zest and juice of 2 limes": the first part is of the same thing. */
function sharedTail(all: readonly Raw[]): readonly Raw[] {
  const pieces = partsOfOne(all);
  return pieces.map((piece, index) => {
    const [only] = piece.tokens;
    const next = pieces[index + 1]?.tokens ?? [];
    if (!only || next[1]?.text !== 'of') return piece;
    const words = wordsOf(piece.tokens);
    if (words.length !== 1 || !PREFIX.has(words[0]!)) return piece;
    return { ...piece, tokens: [...piece.tokens, ...next.slice(1)] };
  });
}

/** Whether a phrase names a thing of its own, though nobody knows it: "2 tablespoons of syrup". */
const namesSomething = (tokens: readonly Token[]): boolean =>
  preparedIn(tokens) !== undefined ||
  tokens.some(
    ({ text }, at) => text === 'of' && tokens[at + 1]?.kind === 'word' && !COURTESY.has(tokens[at + 1]!.text),
  );
const MASSES = new Set(['g', 'kg', 'mg', 'grams', 'gram', 'oz', 'lb']);

/** Whether two phrases name one thing: "120 mL lime juice (about 4 limes)". */
function namesOne(before: readonly Token[], piece: readonly Token[]): boolean {
  const singular = (word: string) => normaliseName(word);
  const words = new Set(wordsOf(before).map(singular));
  const name = nameIn(wordsOf(piece), ANY_STATE);
  return (
    name !== undefined &&
    wordsOf(piece)
      .slice(name.from, name.to)
      .some((word) => words.has(singular(word)))
  );
}

/** A phrase with another amount in the place of its own; how many times it is taken stays. */
function withAmount(before: readonly Token[], amount: readonly Token[]): Token[] {
  const times = before.findIndex(({ text }) => text === '×');
  const rest = before
    .slice(times + 1)
    .filter(
      ({ kind, text }) =>
        kind !== 'number' && !isUnit(text) && !Object.hasOwn(PIECE_GRAMS, text) && !Object.hasOwn(SIZE_WORDS, text),
    );
  return [...before.slice(0, times + 1), ...amount, ...rest];
}

/** Whether a word is none of those that say how much, how large or how it is cut. */
const isStrange = ({ kind, text }: Token): boolean =>
  kind === 'word' &&
  !isUnit(text) &&
  !COURTESY.has(text) &&
  !ABOUT.has(text) &&
  !TRIMMED.has(text) &&
  !FORM_WORDS.has(rowOf(CUTS, text) ?? text) &&
  !HEAPS.has(text) &&
  !PREPOSITIONS.has(text) &&
  !VESSELS.has(text) &&
  !HOLDS.has(text) &&
  !FULL.has(text) &&
  ![PIECE_GRAMS, SIZE_WORDS, LOOSE_MEASURES].some((words) => Object.hasOwn(words, text));

/** Whether a phrase says something of the thing before it: its amount, its cut, what it weighs. */
function joins(before: readonly Token[], { tokens: piece, aside }: Raw): 'joined' | 'dropped' | 'replaces' | 'apart' {
  if (aside && hasAmount(before) && hasName(before) && hasName(piece) && namesOne(before, piece)) return 'dropped';
  if (aside && !hasName(before) && hasAmount(before) && hasAmount(piece) && !hasName(piece)) return 'replaces';
  if (actionIn(piece)) return 'apart';
  const action = actionIn(before);
  if (action && !action.row.adds) return 'apart';
  // "2 tablespoons" belongs to the thing behind it; "2 tablespoons of syrup" has one already, whatever it is.
  if (!hasName(before))
    return hasAmount(before) && !namesSomething(before) && hasName(piece) && !hasAmount(piece) ? 'joined' : 'apart';
  if (hasName(piece)) return 'apart';
  if (piece[0] && PREPOSITIONS.has(piece[0].text) && piece.some(({ text }) => VESSELS.has(text))) return 'dropped';
  const filled = before.some(({ text }) => FILLED.test(text));
  if (!filled && piece.some(({ text }) => text === 'each' || text === 'if')) return 'apart';
  // "3 g of something else", whatever that is: it is no second amount of the thing before it.
  if (hasAmount(piece) && !filled && piece.some(isStrange)) return 'apart';
  if (!hasAmount(before) || !hasAmount(piece) || filled) return 'joined';
  // Two amounts of one thing: the second is what the first comes to, and says more where pieces are counted.
  if (!piece.some(({ text }) => isUnit(text))) return 'apart';
  const weighs = piece.some(({ text }) => MASSES.has(text));
  return weighs && !before.some(({ text }) => isUnit(text) && !PIECE_WORDS.test(text)) ? 'replaces' : 'dropped';
}

const correctsBefore = (tokens: readonly Token[]): number =>
  CORRECTIONS.find((words) => words.every((word, index) => tokens[index]?.text === word))?.length ?? 0;

/** Stands between phrases that are one: no name goes across it. */
const COMMA = signToken(',');

/** Splits a line at its connectives, and joins again what says something of the phrase before. */
export function piecesOf(tokens: readonly Token[]): readonly Piece[] {
  const pieces: { tokens: Token[]; corrects: boolean; instead: boolean }[] = [];
  for (const raw of sharedTail(split(withParticles(tokens)))) {
    const { tokens: piece, instead } = raw;
    if (piece.length === 0) continue;
    const corrected = correctsBefore(piece);
    if (corrected > 0) {
      pieces.push({ tokens: piece.slice(corrected), corrects: true, instead: false });
      continue;
    }
    const before = pieces.at(-1);
    const how = before && !instead ? joins(before.tokens, raw) : 'apart';
    if (how === 'joined') before!.tokens.push(COMMA, ...piece);
    else if (how === 'replaces') before!.tokens = withAmount(before!.tokens, piece);
    else if (how === 'apart') pieces.push({ tokens: [...piece], corrects: false, instead });
  }
  return pieces;
}
