import { ACTIONS, FILLERS, NEGATIONS, type ActionRow } from './en/actions';
import { phraseMemo } from './phrase-memo';
import type { Token } from './tokens';
import { isUnit } from './units';

/** An action found in a phrase. */
export interface FoundAction {
  readonly row: ActionRow;
  /** Tokens that are not part of its words. */
  readonly rest: readonly Token[];
  /** What stands before its words. */
  readonly before: readonly Token[];
  /** What stands behind the last of them. */
  readonly after: readonly Token[];
  /** Something is said not to be done. */
  readonly negated: boolean;
}

interface Pattern {
  readonly row: ActionRow;
  readonly words: readonly string[];
  readonly score: number;
}

const PATTERNS = new Map<string, Pattern[]>();
for (const row of ACTIONS) {
  const words = row.words.split(' ').filter((word) => word.startsWith('*') || !FILLERS.has(word));
  const [first] = words as [string];
  PATTERNS.set(first, [
    ...(PATTERNS.get(first) ?? []),
    { row, words, score: row.vague ? 0.5 : words.filter((each) => !each.startsWith('*')).length },
  ]);
}
for (const patterns of PATTERNS.values()) patterns.sort((a, b) => b.score - a.score);

/** Most words that a gap in an action may hold, by how it is written. */
const GAPS: Readonly<Record<string, number>> = { '*': 4, '**': 9 };

/** What a verb looks like in its other forms. */
const STEMS: readonly (readonly [RegExp, string])[] = [
  [/ing$/, ''],
  [/ing$/, 'e'],
  [/s$/, ''],
];
const stems = new Map<string, string>();

/** The plain form of a verb that begins an action: "simmering", "simmered", "simmers". */
export function stemOf(word: string): string {
  let stem = stems.get(word);
  if (stem === undefined) {
    stem = word;
    // Leaves, slices and presses are things as well.
    if (!PATTERNS.has(word) && word.length > 4 && !STATE_WORDS.has(word) && !isUnit(word))
      for (const [ending, other] of STEMS) {
        const plain = word.replace(ending, other);
        if (plain !== word && PATTERNS.has(plain)) {
          stem = plain;
          break;
        }
      }
    if (stems.size > 5000) stems.clear();
    stems.set(word, stem);
  }
  return stem;
}

/** Forms of a verb that say how a thing is: boiling water, cooling rack. */
const STATE_WORDS = new Set(['boiling', 'sparkling', 'cooking', 'drinking', 'soaking', 'rolling', 'mixing', 'storing']);

interface Place {
  readonly token: Token;
  readonly word: string;
  readonly at: number;
}

/** A thing of an action may be one or several. */
const isWord = (said: string, word: string): boolean => said === word || said === `${word}s`;

/** Matches a pattern from a place on; the places it takes, or nothing. */
function matchFrom(places: readonly Place[], from: number, words: readonly string[]): readonly number[] | undefined {
  const taken: number[] = [from];
  let at = from + 1;
  for (let index = 1; index < words.length; index += 1) {
    const word = words[index]!;
    if (word.startsWith('*')) continue;
    const gap = GAPS[words[index - 1]!] ?? 0;
    let found = -1;
    for (let skipped = 0; skipped <= gap && at + skipped < places.length; skipped += 1)
      if (isWord(places[at + skipped]!.word, word)) {
        found = at + skipped;
        break;
      }
    if (found < 0) return undefined;
    taken.push(found);
    at = found + 1;
  }
  return taken;
}

/** A part of a vessel. */
function isShare(tokens: readonly Token[], at: number): boolean {
  const { kind, low, text } = tokens[at]!;
  const next = tokens[at + 1];
  if (text === 'full') return tokens[at - 1]?.kind === 'number';
  return kind === 'number' && low < 1 && low > 0 && (next === undefined || !isUnit(next.text));
}

/** Whether an action is on its own: "keeps", which needs a time. */
const hasTime = (tokens: readonly Token[]): boolean => tokens.some(({ kind }) => kind === 'number');

/** Whether any word begins an action: most phrases tell none. */
const mayAct = (tokens: readonly Token[]): boolean =>
  tokens.some(({ text }) => PATTERNS.has(text) || PATTERNS.has(stemOf(text)));

function findAction(tokens: readonly Token[]): FoundAction | undefined {
  if (!mayAct(tokens)) return undefined;
  const places: Place[] = [];
  tokens.forEach((token, at) => {
    if (token.kind === 'number' && !token.article) return void places.push({ token, word: '#', at });
    if (token.article || FILLERS.has(token.text)) return;
    places.push({ token, word: token.text, at });
  });
  let best: { readonly row: ActionRow; readonly taken: readonly number[]; readonly score: number } | undefined;
  for (let from = 0; from < places.length; from += 1) {
    const { word } = places[from]!;
    const plain = PATTERNS.has(word) ? word : stemOf(word);
    for (const { row, words, score } of PATTERNS.get(plain) ?? []) {
      if (best && score <= best.score) break;
      if (row.timed && !hasTime(tokens)) continue;
      // "fill a jar half full with balm" says how much goes in.
      if (row.verb === 'bottle' && tokens.some((_, at) => isShare(tokens, at))) continue;
      const taken = matchFrom(places, from, words);
      if (taken) {
        best = { row, taken, score };
        break;
      }
    }
  }
  if (!best) return undefined;
  const gone = new Set(best.taken.map((index) => places[index]!.at));
  const first = Math.min(...gone);
  const before = tokens.slice(0, first);
  const negated = before.some(({ text }) => NEGATIONS.has(text));
  const after = tokens.slice(Math.max(...gone) + 1);
  return { row: best.row, rest: tokens.filter((_, at) => !gone.has(at)), before, after, negated };
}

/**
 * The action that a phrase tells: of several the one with most words, then the one that comes first.
 *
 * @param tokens of one phrase
 */
export const actionIn = phraseMemo(findAction);
